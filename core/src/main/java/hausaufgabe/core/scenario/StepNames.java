package hausaufgabe.core.scenario;

import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.MemberCall;
import hausaufgabe.core.notation.Scenario.Step;
import java.util.ArrayList;
import java.util.List;

/** Names that must stand for something before a step can be taken. */
final class StepNames {

    private StepNames() {}

    static List<String> of(Step step) {
        if (step instanceof Step.New s) {
            return in(s.with());
        } else if (step instanceof Step.Call s) {
            return call(s);
        } else if (step instanceof Step.DoTheSame s) {
            return List.of(s.variable());
        } else if (step instanceof Step.DoAgain s) {
            return List.of(s.first());
        } else if (step instanceof Step.OnlyWhere s) {
            return of(s.expectation());
        } else if (step instanceof Step.Look s) {
            return List.of(s.variable(), s.at());
        } else if (step instanceof Step.Remember s) {
            return List.of(s.variable());
        } else if (step instanceof Step.Assign s) {
            return and(s.variable(), List.of(s.value()));
        } else if (step instanceof Step.Repeat s) {
            // each turn asks for itself, but what threads do at once is one step
            return s.parallel() ? of(s.step()) : List.of();
        } else if (step instanceof Step.Expect s) {
            return List.of(s.heard().variable());
        } else if (step instanceof Step.Compare s) {
            return and(s.variable(), s.with());
        } else if (step instanceof Step.ExpectCall s) {
            return and(s.heard().variable(), s.with());
        } else if (step instanceof Step.ExpectOrder s) {
            return s.heard().stream().map(MemberCall::variable).toList();
        } else if (step instanceof Step.ExpectNotBefore s) {
            return List.of(s.first().variable(), s.second().variable());
        } else if (step instanceof Step.ExpectError s) {
            return and(s.variable(), s.with());
        } else if (step instanceof Step.ExpectBond s) {
            return List.of(s.first().variable(), s.second().variable());
        } else if (step instanceof Step.ExpectEvery s) {
            return List.of(s.heard().variable());
        } else if (step instanceof Step.ExpectAlike s) {
            return List.of(s.first(), s.second());
        } else if (step instanceof Step.ExpectNews s) {
            return List.of(s.variable());
        }
        return List.of();
    }

    private static List<String> call(Step.Call call) {
        List<String> names = and(call.on(), call.with());
        if (call.until() != null) {
            names.add(call.until().variable());
        }
        return names;
    }

    private static List<String> and(String variable, List<Argument> with) {
        List<String> names = new ArrayList<>(List.of(variable));
        names.addAll(in(with));
        return names;
    }

    private static List<String> in(List<Argument> with) {
        return with.stream()
                .filter(Argument.Variable.class::isInstance)
                .map(a -> ((Argument.Variable) a).name())
                .toList();
    }
}
