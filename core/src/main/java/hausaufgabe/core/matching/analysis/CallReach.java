package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Remembers, for one search, what operations reach. Not for use by several threads. */
public final class CallReach {

    private final Design design;
    private @Nullable Set<String> handedOver;
    private long lookedAt;

    public CallReach(Design design) {
        this.design = design;
    }

    /** How many facts were looked at so far. */
    public long lookedAt() {
        return lookedAt;
    }

    public List<Bodies.ReachedFact> from(Operation operation) {
        return design.bodies().reachedFrom(operation);
    }

    /**
     * A call of one of some operations, or their being handed to a library that calls them.
     *
     * @param receivers where the object called on may come from
     */
    public record ReachedCall(Bodies.ReachedFact step, Set<Value> receivers) {}

    /** Every call of one of {@code wanted} among the steps. */
    public List<ReachedCall> callsOf(List<Operation> wanted, List<Bodies.ReachedFact> steps) {
        lookedAt += steps.size() + wanted.size();
        List<ReachedCall> found = new ArrayList<>();
        Predicate<String> isWanted = design.sameCallAsOneOf(wanted);
        for (Bodies.ReachedFact step : steps) {
            if (step.fact() instanceof Fact.Call call) {
                if (isWanted.test(call.operation())) {
                    found.add(new ReachedCall(step, design.bodies().origins(call.receiver(), step)));
                }
            } else if (step.fact() instanceof Fact.HandOver handOver) {
                Set<Value> given = new LinkedHashSet<>();
                handOver.functions().forEach(f -> given.addAll(design.bodies().origins(f, step)));
                given.removeIf(v -> wanted.stream().noneMatch(o -> isFunction(o) && mayBe(v, o.owner())));
                if (!given.isEmpty()) {
                    found.add(new ReachedCall(step, given));
                }
            }
        }
        return found;
    }

    /** Every place in the program that calls the operation, an override of it, or what it overrides, or hands it over. */
    public List<Fact> everywhere(Operation operation) {
        List<Operation> family = new ArrayList<>(List.of(operation));
        family.addAll(design.overridersOf(operation));
        operation.overrides().forEach(id -> design.operation(id).ifPresent(family::add));
        List<Fact> found = new ArrayList<>();
        family.forEach(o -> design.bodies().callersOf(o).forEach(s -> found.add(s.fact())));
        if (found.isEmpty() && isFunction(operation)) {
            design.bodies().handOvers().stream()
                    .filter(s -> ((Fact.HandOver) s.fact())
                            .functions().stream()
                                    .flatMap(v -> design.bodies().origins(v, s).stream())
                                    .anyMatch(v -> mayBe(v, operation.owner())))
                    .forEach(s -> found.add(s.fact()));
        }
        return found;
    }

    private boolean isFunction(Operation operation) {
        return design.type(operation.owner())
                .map(t -> t.kind() == Type.Kind.FUNCTION_TYPE)
                .orElse(false);
    }

    /** Whether a value may be an object of the type, by what its place was declared to hold. */
    private boolean mayBe(Value value, String type) {
        if (value instanceof Value.ElementOf element) {
            return mayBe(element.container(), type);
        }
        if (value instanceof Value.OfField f) {
            return design.field(f.field())
                    .map(Field::type)
                    .filter(t -> leadsTo(t, type))
                    .isPresent();
        }
        if (value instanceof Value.OfParameter p) {
            return design.operation(p.operation())
                    .filter(o -> p.index() < o.parameters().size())
                    .map(o -> o.parameters().get(p.index()).type())
                    .filter(t -> leadsTo(t, type))
                    .isPresent();
        }
        return false;
    }

    private boolean leadsTo(TypeRef ref, String type) {
        return design.type(type)
                .filter(t -> design.names(ref, List.of(t)).isYes())
                .isPresent();
    }

    /** Ids of the nameless functions that are given straight to a library to call, and so play no part of their own. */
    public Set<String> handedOver() {
        if (handedOver == null) {
            handedOver = new LinkedHashSet<>();
            for (Bodies.ReachedFact s : design.bodies().handOvers()) {
                ((Fact.HandOver) s.fact()).functions().forEach(v -> {
                    if (v instanceof Value.New made) {
                        handedOver.add(made.type());
                    }
                });
            }
        }
        return handedOver;
    }
}
