package hausaufgabe.core.matching.relation;

import static hausaufgabe.core.matching.relation.JudgedRelation.relation;

import hausaufgabe.core.matching.relation.JudgedRelation.Holders;
import hausaufgabe.core.matching.relation.JudgedRelation.Scope;
import java.util.List;

/** What can be said of a field; some of it of operations and types too. In the messages and the book each is one line; {@code a} stands for the analyses it is judged by. */
public final class FieldRelations {

    public static final JudgedRelation OF_TYPE = relation(
                    "is of type ROLE", "its declared type is the role's, or contains the role's")
            .ofField((a, f, q) -> a.fields().isOfType(f, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation LEADS_TO = relation(
                    "leads to ROLE", "its type is the role's, one of its realisations, or contains such")
            .ofField((a, f, q) -> a.fields().leadsTo(f, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation HOLDS_ONE = relation("holds one ROLE", "holds one, or none")
            .ofField((a, f, q) -> a.fields().holds(f, false, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation HOLDS_MANY = relation("holds many ROLE", "can hold more than one")
            .ofField((a, f, q) -> a.fields().holds(f, true, q))
            .ofType((a, t, q) -> a.types().holds(t, q, true, 1))
            .hangsOn(Scope.DECLARATION)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation FROM_PARAMETER = relation(
                    "is assigned from a parameter", "some value it is given comes from a parameter that others fill")
            .ofField((a, f, q) -> a.fields().assignedFromParameter(f, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation FROM_NEW = relation(
                    "is assigned from a new object", "some value it is given is made right there")
            .ofField((a, f, q) -> a.fields().fromNew(f, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation LAZY = relation(
                    "is assigned lazily", "it is given its first value by an operation that finds it empty")
            .ofField((a, f, q) -> a.fields().lazily(f, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation STARTS_AS_NULL = relation("starts as null", "it has no value to begin with")
            .ofField((a, f, q) -> a.fields().startsAsNull(f, q));

    public static final JudgedRelation STARTS_AS = relation(
                    "starts as a ROLE", "its first value is an object of the role")
            .ofField((a, f, q) -> a.fields().startsAs(f, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation IS_FINAL = relation(
                    "is final", "it cannot be assigned again, overridden or extended")
            .ofField((a, f, q) -> a.fields().isFinal(f, q))
            .ofOperation((a, o, q) -> a.operations().isFinal(o, q))
            .ofType((a, t, q) -> a.types().isFinal(t, q));

    public static final JudgedRelation IS_STATIC = relation(
                    "is static", "it belongs to the type and not to its objects")
            .ofField((a, f, q) -> a.fields().isStatic(f, q))
            .ofOperation((a, o, q) -> a.operations().isStatic(o, q));

    public static final JudgedRelation IS_PRIVATE = relation("is private", "only its own type can see it")
            .ofField((a, f, q) -> a.fields().isPrivate(f, q))
            .ofOperation((a, o, q) -> a.operations().isPrivate(o, q));

    private FieldRelations() {}

    static final List<JudgedRelation> ALL = List.of(
            OF_TYPE,
            LEADS_TO,
            HOLDS_ONE,
            HOLDS_MANY,
            FROM_PARAMETER,
            FROM_NEW,
            LAZY,
            STARTS_AS_NULL,
            STARTS_AS,
            IS_FINAL,
            IS_STATIC,
            IS_PRIVATE);
}
