package hausaufgabe.core.matching.judgement;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Predicate;
import java.util.List;

/** A relation asked about something, with what a binding says its names stand for. */
public record Query(Predicate.Says says, Binding binding, Wording words) {

    /** The types that play the role named at the place {@code index} of the relation's words. */
    public List<Type> role(int index) {
        return binding.types(says.name(index));
    }

    public List<Operation> operations(int index) {
        return binding.operations(says.name(index));
    }

    public List<Field> fields(int index) {
        return binding.fields(says.name(index));
    }

    public int number(int index) {
        return Integer.parseInt(says.name(index));
    }
}
