package hausaufgabe.core.scenario.expectation;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.MemberCall;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.session.HeardCall;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Which calls were heard, how often, with what and in which order. */
public final class CallExpectations {

    private final ScenarioContext context;
    private final Expectation expectation;
    private final Equality equality;

    public CallExpectations(ScenarioContext context) {
        this.context = context;
        this.expectation = new Expectation(context.transcript());
        this.equality = new Equality(context);
    }

    private Sentence words(MemberCall heard, String words) {
        List<Operation> operations = context.binding().operations(heard.member());
        String member =
                operations.isEmpty() ? heard.member() : operations.get(0).name();
        return Transcript.say(Code.of(heard.variable() + "." + member + "()"), " " + words);
    }

    /** What was asked of it from outside: what it then asks of itself, such as a fallback for what nobody overrides, is its own. */
    private List<HeardCall> heard(MemberCall heard) {
        List<Operation> operations = context.binding().operations(heard.member());
        return context
                .session()
                .heardBy(context.environment().get(heard.variable()).object(), operations)
                .stream()
                .filter(h -> !isWithinItsOwn(h, operations))
                .toList();
    }

    private boolean isWithinItsOwn(HeardCall call, List<Operation> operations) {
        for (HeardCall outer = call.outer(); outer != null; outer = outer.outer()) {
            HeardCall o = outer;
            boolean own = o.object() == call.object()
                    && operations.stream().anyMatch(x -> context.session().isCallOf(o.called(), x));
            if (own) {
                return true;
            }
        }
        return false;
    }

    public StepResult called(Step.Expect step) {
        int count = heard(step.heard()).size();
        return expectation.hold(
                step.times().holds(count), words(step.heard(), step.times().words()), "it was called " + times(count));
    }

    public StepResult called(Step.ExpectCall step) throws DriverLost {
        List<HeardCall> all = heard(step.heard());
        Map<String, Integer> byName = new LinkedHashMap<>();
        Set<List<String>> kinds = new LinkedHashSet<>();
        for (HeardCall h : all) {
            if (areEqual(h.arguments(), step.with())) {
                byName.merge(h.called().name(), 1, Integer::sum);
                kinds.add(h.called().parameters());
            }
        }
        // several operations for just the same, such as one at the start and one at the end, count each for itself
        int count = byName.values().stream().reduce(0, kinds.size() <= 1 ? Math::max : Integer::sum);
        String with = step.with().isEmpty() ? "" : " with " + Equality.words(step.with());
        String instead = all.isEmpty() || step.with().isEmpty()
                ? "it was called " + times(count)
                : "it was called with "
                        + all.get(all.size() - 1).arguments().stream()
                                .map(context.wording()::shown)
                                .toList();
        boolean holds = step.times() < 0 ? count > 0 : count == step.times();
        String how = step.times() < 0 ? "called" : "called " + times(step.times());
        return expectation.hold(holds, words(step.heard(), how + with), instead);
    }

    /** Each that is expected is among what was handed over, at its own place. */
    private boolean areEqual(List<Observed> arguments, List<Argument> expected) throws DriverLost {
        int from = 0;
        for (Argument e : expected) {
            boolean found = false;
            while (from < arguments.size() && !found) {
                found = e instanceof Argument.Any || equality.areEqual(arguments.get(from), e, true);
                from++;
            }
            if (!found) {
                return false;
            }
        }
        return true;
    }

    private static String times(int count) {
        return count == 0 ? "never" : count == 1 ? "once" : count + " times";
    }

    public StepResult inOrder(Step.ExpectOrder step) {
        List<HeardCall> all = new ArrayList<>();
        for (MemberCall h : step.heard()) {
            List<HeardCall> one = heard(h);
            if (one.isEmpty()) {
                return expectation.hold(false, words(h, "called"), "it was never called");
            }
            all.add(one.get(0));
        }
        boolean inOrder = true;
        List<Integer> places = context.session().places(all);
        for (int i = 1; i < places.size(); i++) {
            inOrder &= places.get(i - 1) < places.get(i);
        }
        List<Object> words = new ArrayList<>();
        for (MemberCall h : step.heard()) {
            words.add(Code.of(h.variable() + "." + h.member()));
            words.add(" ");
        }
        words.add("called in this order");
        return expectation.hold(inOrder, Transcript.say(words.toArray()), "they were called in another");
    }

    public StepResult notBefore(Step.ExpectNotBefore step) {
        List<HeardCall> first = heard(step.first());
        List<HeardCall> second = heard(step.second());
        boolean before = false;
        if (!first.isEmpty() && second.isEmpty()) {
            before = true;
        } else if (!first.isEmpty()) {
            List<Integer> places = context.session().places(List.of(first.get(0), second.get(0)));
            before = places.get(0) < places.get(1);
        }
        return expectation.hold(
                !before,
                words(step.first(), "not called before " + step.second().variable()),
                "it was called first");
    }

    public StepResult alike(Step.ExpectAlike step) {
        List<String> first = told(context.environment().get(step.first()));
        List<String> second = told(context.environment().get(step.second()));
        if (first.isEmpty() && second.isEmpty()) {
            return StepResult.blocked("Neither of the two was called.");
        }
        return expectation.hold(
                first.equals(second),
                Transcript.say(Code.of(step.first()), " and ", Code.of(step.second()), " called alike"),
                "the first heard " + shortList(first) + ", the second " + shortList(second));
    }

    private List<String> told(Referent on) {
        return context.session().heardBy(on.object()).stream()
                .map(h -> h.called().name()
                        + h.arguments().stream()
                                .map(v -> v.ref() == null ? context.wording().shown(v) : "…")
                                .collect(Collectors.joining(", ", "(", ")")))
                .toList();
    }

    private static String shortList(List<String> all) {
        return all.isEmpty() ? "nothing" : ErrorText.shortened(String.join(", ", all));
    }
}
