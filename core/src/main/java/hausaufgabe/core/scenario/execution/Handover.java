package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Gives an object that is there already something to keep, by whatever operation it has for that. */
final class Handover {

    private final ScenarioContext context;
    private final Design design;

    Handover(ScenarioContext context) {
        this.context = context;
        this.design = context.design();
    }

    /**
     * Gives an object all that it lacks.
     *
     * @param problems takes the reasons where something could not be done
     * @return the object that has it all: the same, or of what never changes the last one that was given back; null where
     *     it could not be given everything
     */
    @Nullable
    ObjectRef giveAll(ObjectRef object, Type type, List<Referent> lacking, int round, List<String> problems)
            throws DriverLost {
        ObjectRef on = object;
        for (int i = 0; i < lacking.size(); i++) {
            Optional<Given> given = give(on, type, lacking.get(i), round + i, problems);
            if (given.isEmpty()) {
                return null;
            }
            on = given.get().after();
        }
        return on;
    }

    /**
     * A call that gave an object something.
     *
     * @param after the object that has it
     */
    record Given(MadeCall call, ObjectRef after) {}

    /** The call that gave the object something; nothing where it has no operation that keeps it. */
    Optional<Given> give(ObjectRef on, Type type, Referent lacking, int round, List<String> problems)
            throws DriverLost {
        ArgumentPool one = context.poolOf(List.of(lacking));
        List<Operation> keeping = design.methodsOf(type).stream()
                .filter(o -> !o.isStatic() && design.bodies().isOpen(o))
                .filter(one::fitsAny)
                .filter(this::keeps)
                .sorted((a, b) -> Boolean.compare(setsAMember(b), setsAMember(a)))
                .toList();
        for (Operation keeper : keeping) {
            try {
                List<Input> arguments = context.values().arguments(keeper, one.anew(), round);
                Answer a = context.callOn(on, type, keeper, arguments);
                if (a.thrown() == null) {
                    return Optional.of(new Given(new MadeCall(keeper, arguments), context.after(on, type, keeper, a)));
                }
                problems.add(ErrorText.of(a.thrown()));
            } catch (NoValueFound e) {
                problems.add(e.getMessage());
            }
        }
        return Optional.empty();
    }

    private boolean keeps(Operation o) {
        return design.bodies().reachedFrom(o).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Write || s.fact() instanceof Fact.Put);
    }

    private boolean setsAMember(Operation o) {
        return context.binding().fields().values().stream()
                .flatMap(List::stream)
                .anyMatch(f -> isSetBy(f, o));
    }

    private boolean isSetBy(Field field, Operation operation) {
        return design.bodies().reachedFrom(operation).stream()
                .anyMatch(s -> design.bodies().writesTo(field).stream()
                        .anyMatch(w -> w.fact().equals(s.fact())));
    }
}
