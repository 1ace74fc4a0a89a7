package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Bonds.Scene;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * One operation hands on to another what it is asked with, and gives back what that answers. Either may be worked on along
 * the way; what is a fault is that it makes no difference, or that two are exchanged.
 */
final class PassingOn {

    private static final int PROBES = 4;

    private final Scene scene;

    PassingOn(Scene scene) {
        this.scene = scene;
    }

    /**
     * One call of the first, and what the second was called with.
     *
     * @param answered what the second was told to answer; null where it answers nothing
     */
    private record Probe(List<Given> asked, List<Value> heard, Given answered, Value result) {}

    void expect(Step.ExpectBond step) throws Ended, DriverLost, Maker.Unmakeable {
        Cast front = scene.casting().named(step.first().variable());
        Cast back = scene.casting().named(step.second().variable());
        for (Operation o : scene.binding().operations(step.first().member())) {
            List<Probe> probes = new ArrayList<>();
            for (int round = 0; round < PROBES; round++) {
                Probe p = probe(step, front, back, o, round);
                if (p != null) {
                    probes.add(p);
                }
            }
            if (probes.size() < 2) {
                throw new Ended(null, Sentence.words("It was not heard often enough to compare."));
            }
            judge(o, probes);
        }
    }

    private Probe probe(Step.ExpectBond step, Cast front, Cast back, Operation o, int round)
            throws DriverLost, Maker.Unmakeable {
        Map<Operation, List<Given>> answers = back.isDouble()
                ? scene.casting().maker().standIns().answer(back.object(), back.type(), Map.of(), round, 0)
                : Map.of();
        scene.stage().forgetCalls();
        List<Given> asked = scene.casting().maker().arguments(o, scene.casting().offers(), round);
        Answer a = scene.casting().callOn(front.object(), front.type(), o, asked);
        List<Stage.Heard> heard = scene.stage()
                .heardBy(back.object(), scene.binding().operations(step.second().member()));
        if (a.thrown() != null || heard.isEmpty()) {
            return null;
        }
        Stage.Heard first = heard.get(0);
        Given answered = answers.entrySet().stream()
                .filter(e -> scene.stage().isCallOf(first.called(), e.getKey()))
                .map(e -> e.getValue().get(0))
                .findFirst()
                .orElse(null);
        scene.account()
                .add(
                        LineKind.CALLED,
                        0,
                        null,
                        Code.of(scene.calling().callText(step.first().variable(), front, o, asked)),
                        "; heard ",
                        Code.of(first.called().name() + "("
                                + String.join(", ", texts(first.arguments(), scene.calling()::shown)) + ")"),
                        o.result() == null ? "" : ", gave back ",
                        o.result() == null ? "" : Code.of(scene.calling().shown(a.value())));
        return new Probe(asked, first.arguments(), answered, a.value());
    }

    private static <T> List<String> texts(List<T> all, Function<T, String> shown) {
        return all.stream().map(shown).toList();
    }

    private void judge(Operation o, List<Probe> probes) throws Ended {
        int count = o.parameters().size();
        for (int i = 0; i < count; i++) {
            int at = i;
            boolean varied = isVaried(probes, p -> text(p.asked().get(at)));
            boolean sameShape = probes.stream().allMatch(p -> p.heard().size() == count);
            if (varied && sameShape) {
                hold(
                        isVaried(probes, p -> text(p.heard().get(at))),
                        "what " + o.name() + "() is asked with is handed on",
                        "whatever it was asked with, it handed on "
                                + text(probes.get(0).heard().get(at)));
                for (int j = 0; j < count; j++) {
                    hold(
                            !areExchanged(probes, at, j),
                            "what " + o.name() + "() is asked with keeps its order",
                            "two arguments were exchanged");
                }
            }
        }
        boolean answersVary = isVaried(probes, p -> text(p.answered()));
        if (o.result() != null && answersVary) {
            hold(
                    isVaried(probes, p -> text(p.result())),
                    "what is answered is given back by " + o.name() + "()",
                    "whatever was answered, it gave back " + text(probes.get(0).result()));
        }
        hold(true, o.name() + "() passes on what it is asked and what is answered", "");
    }

    private void hold(boolean holds, String expected, String instead) throws Ended {
        if (!holds || instead.isEmpty()) {
            scene.account().add(LineKind.EXPECTED, 0, holds, expected, holds ? "" : "; " + instead);
        }
        if (!holds) {
            throw new Ended(Outcome.FAILED, Sentence.words("Expected that " + expected + "; " + instead + "."));
        }
    }

    private static boolean areExchanged(List<Probe> probes, int i, int j) {
        return i != j
                && probes.stream().allMatch(p -> {
                    String a = text(p.asked().get(i));
                    String b = text(p.asked().get(j));
                    return !a.isEmpty()
                            && !a.equals(b)
                            && a.equals(text(p.heard().get(j)))
                            && b.equals(text(p.heard().get(i)));
                });
    }

    /** Only what can be compared counts: simple values, and objects by which one they are. */
    private static boolean isVaried(List<Probe> probes, Function<Probe, String> of) {
        List<String> all = probes.stream().map(of).distinct().toList();
        return all.size() > 1 && !all.contains("");
    }

    private static String text(Given g) {
        if (g instanceof Given.Simple s) {
            return number(s.text());
        }
        return g instanceof Given.Ref r ? "#" + r.id() : g instanceof Given.Parsed p ? p.text() : "";
    }

    private static String text(Value v) {
        return v.isNothing() ? "nothing" : v.ref() != null ? "#" + v.ref().id() : number(v.text());
    }

    private static String number(String text) {
        try {
            return String.valueOf(Double.parseDouble(text));
        } catch (NumberFormatException e) {
            return text.isEmpty() ? "\"\"" : text;
        }
    }
}
