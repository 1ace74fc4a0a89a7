package hausaufgabe.core.notation;

/**
 * What the notation can say of a role or member. {@code role}, {@code field} and {@code operation} components are names
 * of the pattern's roles and members. The words of each are in {@code docs/notation.md}.
 */
public sealed interface Predicate {

    /** A type is of a sort. */
    record IsA(Pattern.TypeSort sort) implements Predicate {}

    /** A type realises or extends another, also through others. */
    record Realises(String role) implements Predicate {}

    /** A type makes or names two or more of the role's types to choose from, in its own operations. */
    record PicksAmong(String role) implements Predicate {}

    /** A type asks an object which of the role's types it is, or casts to one. */
    record AsksTypeOf(String role) implements Predicate {}

    /** A type decides by a tag, with two or more alternatives that work out a value themselves, none of which calls. */
    record WorksByTagBeside(String operation) implements Predicate {}

    /** A field's type is the role's, one of its realisations, or contains such. */
    record LeadsTo(String role) implements Predicate {}

    /** A field's declared type is the role's, or contains the role's. */
    record IsOfType(String role) implements Predicate {}

    /** A field holds one, or none. */
    record HoldsOne(String role) implements Predicate {}

    /** A field can hold more than one. */
    record HoldsMany(String role) implements Predicate {}

    /** Some value a field is given comes from a parameter that others fill. */
    record AssignedFromParameter() implements Predicate {}

    record IsAbstract() implements Predicate {}

    /** An operation is abstract, or some type overrides it. */
    record IsVaried() implements Predicate {}

    /** An operation, or some override of it, does more than give back a constant or a field. */
    record WorksSomethingOut() implements Predicate {}

    /** All of several hold. */
    record All(java.util.List<Predicate> parts) implements Predicate {}

    /** An operation is called, or handed to a library, somewhere in the role's types. */
    record CalledIn(String role) implements Predicate {}

    /** An operation gives back something. */
    record HasResult() implements Predicate {}

    /** Something does not hold. */
    record Not(Predicate of) implements Predicate {}

    /** An operation takes or gives back something. */
    record HasParametersOrResult() implements Predicate {}

    /** An operation has a parameter of the role's type. */
    record Takes(String role) implements Predicate {}

    /** An operation, directly or through own ones, calls another on what {@code on} says. */
    record Calls(String operation, Target on, String field) implements Predicate {}

    /** An operation assigns a field from one of its parameters, or puts the parameter into it. */
    record AssignsFromParameter(String field) implements Predicate {}

    /**
     * On what an operation is called. {@code FIELD} and {@code ONE_OF_FIELD} name a field; the others do not.
     * {@code FETCHED} is what another type has given out: whether that counts as given is for a person to say.
     */
    enum Target {
        ANYTHING,
        FIELD,
        ONE_OF_FIELD,
        PARAMETER,
        FETCHED
    }
}
