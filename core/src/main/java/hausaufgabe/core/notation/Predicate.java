package hausaufgabe.core.notation;

import java.util.List;

/** What the notation says of a role or member. The words of each relation are in {@code docs/notation.md}. */
public sealed interface Predicate {

    /** A type is of a sort. */
    record IsA(DesignPattern.TypeSort sort) implements Predicate {}

    /**
     * A relation holds.
     *
     * @param names what stands for the capitals in the relation's words, in order
     */
    record Says(Relation relation, List<String> names) implements Predicate {

        public static Says of(Relation relation, String... names) {
            return new Says(relation, List.of(names));
        }

        public String name(int index) {
            return names.get(index);
        }
    }

    /** Something does not hold. */
    record Not(Predicate of) implements Predicate {}

    /** All of several hold. */
    record All(List<Predicate> parts) implements Predicate {}

    /** The names of roles and members that it mentions. */
    default List<String> mentions() {
        if (this instanceof Says s) {
            return s.names();
        }
        if (this instanceof Not n) {
            return n.of().mentions();
        }
        return this instanceof All a
                ? a.parts().stream().flatMap(p -> p.mentions().stream()).toList()
                : List.of();
    }
}
