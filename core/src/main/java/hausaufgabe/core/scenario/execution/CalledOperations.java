package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.MemberCall;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.value.Referent;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which operations of an object a step means to call. */
final class CalledOperations {

    private final Design design;
    private final Binding binding;

    CalledOperations(ScenarioContext context) {
        this.design = context.design();
        this.binding = context.binding();
    }

    /** Of a member those that the object has; where none is known to do the work, all are tried: that none does is then seen. */
    List<Operation> of(Step.Call step, Referent on) {
        if (step.member().equals(Scenario.ANYTHING)) {
            return anything(on, step.awaited());
        }
        List<Operation> bound = binding.operations(step.member());
        if (bound.isEmpty() && step.until() != null) {
            return open(on);
        }
        if (on.type() == null) {
            return bound;
        }
        List<Operation> own = bound.stream()
                .map(o -> asOf(o, on.type()))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
        return own.isEmpty() ? bound : own;
    }

    /** The operation as a type has it: its own version of it where it has one. */
    private Optional<Operation> asOf(Operation o, Type type) {
        List<Operation> all = design.methodsOf(type);
        if (all.contains(o) || o.isStatic()) {
            return Optional.of(o);
        }
        return all.stream().filter(m -> m.overrides().contains(o.id())).findFirst();
    }

    /**
     * What leads to what is to be heard, as far as the code tells; where nothing does, everything. What takes another of its
     * sort comes last, since it may put that in its place.
     */
    private List<Operation> anything(Referent on, MemberCall until) {
        List<Operation> wanted = binding.operations(until.member());
        List<Operation> all = open(on).stream()
                .sorted(Comparator.comparing(o -> takesOwnerOf(o, wanted)))
                .toList();
        List<Operation> leading = all.stream().filter(o -> leadsTo(o, wanted)).toList();
        return leading.isEmpty() ? all : leading;
    }

    private boolean takesOwnerOf(Operation o, List<Operation> wanted) {
        return o.parameters().stream()
                .map(p -> p.type().type())
                .anyMatch(t -> wanted.stream().anyMatch(w -> t.equals(w.owner()) || design.realises(t, w.owner())));
    }

    private boolean leadsTo(Operation o, List<Operation> wanted) {
        return design.bodies().reachedFrom(o).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Call c
                        && c.operation() != null
                        && wanted.stream().anyMatch(w -> design.isSameCall(c.operation(), w)));
    }

    /** Everything that others may call. */
    List<Operation> open(Referent on) {
        return design.methodsOf(on.knownType()).stream()
                .filter(o -> o.isMethod() && !o.isAbstract() && design.bodies().isOpen(o))
                .filter(o -> o.isStatic() || on.object() != null)
                .toList();
    }

    /** What else an object can be told to do without being given anything, such as to open. */
    List<Operation> starters(Referent on) {
        return on.object() == null
                ? List.of()
                : open(on).stream()
                        .filter(o -> !o.isStatic() && o.parameters().isEmpty() && o.result() == null)
                        .toList();
    }
}
