package hausaufgabe.core.scenario.expectation;

import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.driver.ThrownError;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Comparison;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.execution.CallExecutor;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StateDifference;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.Referent;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What was given back, kept, thrown and printed. */
public final class ValueExpectations {

    private final ScenarioContext context;
    private final CallExecutor calls;
    private final Expectation expectation;
    private final Equality equality;
    private final Map<String, Map<String, String>> remembered = new HashMap<>();

    public ValueExpectations(ScenarioContext context, CallExecutor calls) {
        this.context = context;
        this.calls = calls;
        this.expectation = new Expectation(context.transcript());
        this.equality = new Equality(context);
    }

    public StepResult compare(Step.Compare step) throws DriverLost {
        Referent referent = context.environment().get(step.variable());
        Optional<StepResult> refused = calls.refusalOf(step.variable());
        if (refused.isPresent()) {
            return refused.get();
        }
        if (step.how() == Comparison.UNCHANGED) {
            return unchanged(step.variable(), referent);
        }
        if (step.how() == Comparison.CHANGED) {
            return changed(step.variable(), referent);
        }
        if (referent.object() == null
                && referent.value() == null
                && referent.type() == null
                && referent.several().isEmpty()) {
            // of an operation that gives nothing back there is nothing to compare
            return StepResult.HELD;
        }
        if (step.how() == Comparison.BETWEEN) {
            return between(referent, step);
        }
        return each(referent, step, v -> holds(v, step));
    }

    /** Asks something of a value that came back. */
    private interface Holds {
        boolean holds(Observed value) throws DriverLost;
    }

    private static List<Observed> valuesOf(Referent referent) {
        return referent.several().isEmpty() ? List.of(Equality.valueOf(referent)) : referent.several();
    }

    private StepResult each(Referent referent, Step.Compare step, Holds check) throws DriverLost {
        List<Observed> values = valuesOf(referent);
        Sentence expected =
                Transcript.say(Code.of(step.variable()), " " + step.how().words() + " " + Equality.words(step.with()));
        String several = values.size() > 1 ? "one of " + values.size() + " is " : "it is ";
        for (Observed v : values) {
            if (!check.holds(v)) {
                String is = step.how() == Comparison.SAME
                        ? "another object"
                        : context.wording().shown(v);
                return expectation.hold(false, expected, several + is);
            }
        }
        return expectation.hold(true, expected, "");
    }

    private boolean holds(Observed v, Step.Compare step) throws DriverLost {
        List<Argument> with = step.with();
        return switch (step.how()) {
            case SAME -> equality.areEqual(v, with.get(0), true);
            case NOT_SAME -> !equality.areEqual(v, with.get(0), true);
            case IS -> equality.areEqual(v, with.get(0), false);
            case IS_NOT -> !equality.areEqual(v, with.get(0), false);
            case ONE_OF -> {
                boolean any = false;
                for (Argument a : with) {
                    any |= equality.areEqual(v, a, false);
                }
                yield any;
            }
            case BETWEEN, UNCHANGED, CHANGED -> throw new IllegalArgumentException(step.toString());
        };
    }

    private StepResult between(Referent referent, Step.Compare step) throws DriverLost {
        Optional<BigDecimal> low = equality.value(step.with().get(0)).worth();
        Optional<BigDecimal> high = equality.value(step.with().get(1)).worth();
        for (Observed v : valuesOf(referent)) {
            if (v.worth().isEmpty() || low.isEmpty() || high.isEmpty()) {
                return StepResult.blocked("Only numbers lie between others; this is " + v.text() + ".");
            }
        }
        return each(
                referent,
                step,
                v -> low.get().compareTo(v.worth().get()) <= 0
                        && v.worth().get().compareTo(high.get()) <= 0);
    }

    // state

    public void remember(String variable) throws DriverLost {
        remembered.put(variable, state(context.environment().get(variable)));
    }

    private Map<String, String> state(Referent referent) throws DriverLost {
        return referent.object() == null
                ? Map.of()
                : context.session()
                        .ask(new Request.State(referent.object(), List.of()))
                        .named();
    }

    private StepResult unchanged(String variable, Referent referent) throws DriverLost {
        Map<String, String> then = remembered.get(variable);
        if (then == null) {
            return StepResult.blocked(
                    "It was not said with ", Code.of("remember " + variable), " what to compare with.");
        }
        String difference = StateDifference.between(then, state(referent));
        return expectation.hold(difference.isEmpty(), Transcript.say(Code.of(variable), " unchanged"), difference);
    }

    private StepResult changed(String variable, Referent referent) throws DriverLost {
        Map<String, String> then = remembered.get(variable);
        if (then == null) {
            return StepResult.blocked(
                    "It was not said with ", Code.of("remember " + variable), " what to compare with.");
        }
        boolean differs = !StateDifference.between(then, state(referent)).isEmpty();
        return expectation.hold(
                differs,
                Transcript.say(Code.of(variable), " to keep what it was told"),
                "all of it is as it was before");
    }

    // errors and output

    public StepResult error(Step.ExpectError step) throws DriverLost {
        StepResult called =
                calls.callOnce(new Step.Call(null, step.variable(), step.member(), step.with(), false, null));
        if (!called.isHeld()) {
            return called;
        }
        ThrownError thrown = calls.answer() == null ? null : calls.answer().thrown();
        String simple = thrown == null ? "" : thrown.simpleName();
        boolean holds = thrown != null && (step.error().isEmpty() || simple.equals(step.error()));
        return expectation.hold(
                holds,
                Transcript.say(
                        Code.of(step.variable() + "." + step.member() + "()"),
                        " to throw" + (step.error().isEmpty() ? "" : " " + step.error())),
                thrown == null ? "it came back" : "it threw " + simple);
    }

    public StepResult noError() {
        ThrownError thrown = calls.answer() == null ? null : calls.answer().thrown();
        return expectation.hold(
                thrown == null, Transcript.say("no error"), thrown == null ? "" : "it threw " + ErrorText.of(thrown));
    }

    public StepResult output(Step.ExpectOutput step) {
        String printed = context.session().captured();
        if (step.text() == null) {
            return expectation.hold(
                    printed.isEmpty(), Transcript.say("nothing printed"), "it printed " + ErrorText.shortened(printed));
        }
        return expectation.hold(
                printed.contains(step.text()),
                Transcript.say("printed ", Code.of(step.text())),
                printed.isEmpty() ? "nothing was printed" : "it printed " + ErrorText.shortened(printed));
    }
}
