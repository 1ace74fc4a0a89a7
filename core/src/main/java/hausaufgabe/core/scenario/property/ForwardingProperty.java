package hausaufgabe.core.scenario.property;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.session.HeardCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One operation hands on to another what it is asked with, and gives back what that answers. Either may be worked on along
 * the way; what is a fault is that it makes no difference, or that two are exchanged.
 */
public final class ForwardingProperty {

    private static final int PROBES = 4;

    private final ScenarioContext context;

    public ForwardingProperty(ScenarioContext context) {
        this.context = context;
    }

    /**
     * One call of the first, and what the second was called with.
     *
     * @param answered what the second was told to answer; null where it answers nothing
     */
    private record Probe(
            List<Input> asked,
            List<Observed> heard,
            int times,
            @Nullable Input answered,
            Observed result) {}

    /** @throws NoValueFound where nothing can be made to call the first with */
    public StepResult expect(Step.ExpectBond step) throws DriverLost, NoValueFound {
        Referent front = context.environment().get(step.first().variable());
        Referent back = context.environment().get(step.second().variable());
        for (Operation o : context.binding().operations(step.first().member())) {
            List<Probe> probes = new ArrayList<>();
            for (int round = 0; round < PROBES; round++) {
                Probe p = probe(step, front, back, o, round);
                if (p != null) {
                    probes.add(p);
                }
            }
            if (probes.size() < 2) {
                return StepResult.nothingToShow("It was not heard often enough to compare.");
            }
            if (probes.stream().allMatch(p -> p.times() > 1) && hasEffect(back, step)) {
                return fail(
                        "it is asked once each time",
                        "it was asked for the same " + probes.get(0).times() + " times");
            }
            StepResult judged = judge(o, probes);
            if (!judged.isHeld()) {
                return judged;
            }
        }
        return StepResult.HELD;
    }

    private @Nullable Probe probe(Step.ExpectBond step, Referent front, Referent back, Operation o, int round)
            throws DriverLost, NoValueFound {
        Map<Operation, List<Input>> answers = back.isDouble()
                ? context.doubles().answer(back.knownObject(), back.knownType(), Map.of(), round, 0)
                : Map.of();
        context.session().forgetCalls();
        List<Input> asked = context.arguments(o, front.knownType(), round);
        Answer a = context.callOn(front.object(), front.knownType(), o, asked);
        List<HeardCall> heard = context.session()
                .heardBy(
                        back.object(),
                        context.binding().operations(step.second().member()));
        if (a.thrown() != null || heard.isEmpty()) {
            return null;
        }
        HeardCall first = heard.get(0);
        Input answered = answers.entrySet().stream()
                .filter(e -> context.session().isCallOf(first.called(), e.getKey()))
                .map(e -> e.getValue().get(0))
                .findFirst()
                .orElse(null);
        context.transcript()
                .called(
                        Code.of(context.wording().call(step.first().variable(), front, o, asked)),
                        "; heard ",
                        Code.of(first.called().name() + "("
                                + String.join(", ", texts(first.arguments(), context.wording()::shown)) + ")"),
                        o.result() == null ? "" : ", gave back ",
                        o.result() == null ? "" : Code.of(context.wording().shown(a.value())));
        int times = (int) heard.stream()
                .filter(h -> h.called().equals(first.called()) && h.arguments().equals(first.arguments()))
                .count();
        return new Probe(asked, first.arguments(), times, answered, a.value());
    }

    private static <T> List<String> texts(List<T> all, Function<T, String> shown) {
        return all.stream().map(shown).toList();
    }

    private StepResult judge(Operation o, List<Probe> probes) {
        int count = o.parameters().size();
        boolean sameShape = probes.stream().allMatch(p -> p.heard().size() == count);
        for (int i = 0; i < count; i++) {
            int at = i;
            if (sameShape && isVaried(probes, p -> text(p.asked().get(at)))) {
                if (!isVaried(probes, p -> text(p.heard().get(at)))) {
                    return fail(
                            "what " + o.name() + "() is asked with is handed on",
                            "whatever it was asked with, it handed on "
                                    + text(probes.get(0).heard().get(at)));
                }
                for (int j = 0; j < count; j++) {
                    if (areExchanged(probes, at, j)) {
                        return fail(
                                "what " + o.name() + "() is asked with keeps its order",
                                "two arguments were exchanged");
                    }
                }
            }
        }
        boolean answersVary = isVaried(probes, p -> text(p.answered()));
        if (o.result() != null && answersVary && !isVaried(probes, p -> text(p.result()))) {
            return fail(
                    "what is answered is given back by " + o.name() + "()",
                    "whatever was answered, it gave back " + text(probes.get(0).result()));
        }
        context.transcript().expected(true, o.name() + "() passes on what it is asked and what is answered");
        return StepResult.HELD;
    }

    /** Asking twice does no harm where all that is done is to look. */
    private boolean hasEffect(Referent back, Step.ExpectBond step) {
        return context.design().realisationsOf(back.knownType()).stream()
                .flatMap(t -> context.design().operationsOf(t).stream())
                .filter(o -> context.binding().operations(step.second().member()).stream()
                        .anyMatch(m -> o.overrides().contains(m.id())))
                .flatMap(o -> context.design().bodies().reachedFrom(o).stream())
                .anyMatch(s -> s.fact() instanceof Fact.Write
                        || s.fact() instanceof Fact.Put
                        || s.fact() instanceof Fact.Remove);
    }

    private StepResult fail(String expected, String instead) {
        context.transcript().expected(false, expected, "; " + instead);
        return StepResult.failed("Expected that " + expected + "; " + instead + ".");
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

    private static String text(@Nullable Input g) {
        if (g instanceof Input.Simple s) {
            return number(s.text());
        }
        return g instanceof ObjectRef r ? "#" + r.id() : g instanceof Input.Parsed p ? p.text() : "";
    }

    private static String text(Observed v) {
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
