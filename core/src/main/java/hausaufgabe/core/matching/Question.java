package hausaufgabe.core.matching;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation;
import java.util.List;

/** A relation asked about something, with what a binding says its names stand for. */
record Question(Predicate.Says says, Binding binding, Wording words) {

    Relation relation() {
        return says.relation();
    }

    /** The types that play the role named at the place {@code index} of the relation's words. */
    List<Type> role(int index) {
        return binding.types(says.name(index));
    }

    List<Operation> operations(int index) {
        return binding.operations(says.name(index));
    }

    List<Field> fields(int index) {
        return binding.fields(says.name(index));
    }

    int number(int index) {
        return Integer.parseInt(says.name(index));
    }
}
