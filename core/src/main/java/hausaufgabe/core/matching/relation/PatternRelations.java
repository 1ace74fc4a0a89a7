package hausaufgabe.core.matching.relation;

import static hausaufgabe.core.matching.relation.JudgedRelation.relation;

import hausaufgabe.core.matching.relation.JudgedRelation.Holders;
import hausaufgabe.core.matching.relation.JudgedRelation.Scope;
import java.util.List;

/** Relations that serve one pattern: what singletons, builders, visitors, subjects and contexts are told by. In the messages and the book each is one line; {@code a} stands for the analyses it is judged by. */
public final class PatternRelations {

    public static final JudgedRelation PICKS = relation(
                    "picks among ROLE", "makes or names two or more of them to choose from, in its own operations")
            .ofType((a, t, q) -> a.selection().picksAmong(t, q));

    public static final JudgedRelation ASKS_TYPE = relation(
                    "asks for the type of ROLE", "asks an object which of them it is, or casts to one")
            .ofType((a, t, q) -> a.selection().asksTypeOf(t, q));

    public static final JudgedRelation WORKS_BY_TAG = relation(
                    "works by a tag beside OPERATION",
                    "decides by a tag with two or more alternatives that work something out themselves, none of which calls it")
            .ofType((a, t, q) -> a.selection().worksByTag(t, q));

    public static final JudgedRelation CHOOSES_BY_KEY_OF = relation(
                    "decides by what ROLE decides by", "branches on the same key, enum or texts as the role's types do")
            .ofType((a, t, q) -> a.selection().choosesByKeyOf(t, q));

    public static final JudgedRelation ACCEPTS = relation(
                    "hands itself in OPERATION to the OPERATION that no other ROLE calls",
                    "has the first, which hands this very object to the second that takes just its type")
            .ofType((a, t, q) -> a.doubleDispatch().accepts(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation TELLS_CHANGES = relation(
                    "tells through OPERATION of every change",
                    "every operation that changes what is told also reaches one of them")
            .ofType((a, t, q) -> a.changes().tellsChanges(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation OPEN_STATE = relation(
                    "lets others change what OPERATION tells", "what is told can be changed past the type")
            .ofType((a, t, q) -> a.changes().openState(t, q));

    public static final JudgedRelation ALONE_IN_CHOOSING = relation(
                    "is not alone in telling ROLE apart", "another type asks for their kind or for the same key")
            .ofType((a, t, q) -> a.selection().othersTellApart(t, q));

    public static final JudgedRelation IGNORES = relation(
                    "ignores one of OPERATION", "as this type has it, nothing is left behind for what is built")
            .ofType((a, t, q) -> a.builder().ignores(t, q));

    public static final JudgedRelation DISPATCHES = relation(
                    "hands each ROLE to its own OPERATION", "asks for each kind and calls what takes that kind")
            .ofType((a, t, q) -> a.bodies().dispatches(t, q))
            .ofOperation((a, o, q) -> a.bodies().dispatches(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation LEAVES_WORK = relation(
                    "leaves its work to OPERATION", "does no more in each of its operations than call one of them")
            .ofType((a, t, q) -> a.doubleDispatch().leavesWork(t, q));

    public static final JudgedRelation GIVES_ITSELF = relation(
                    "gives out an object of its own", "by an operation or a constant of the class")
            .ofType((a, t, q) -> a.singleton().givesItself(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation KEEPS_ITSELF = relation(
                    "keeps one object of its own", "in one constant, static field or holder")
            .ofType((a, t, q) -> a.singleton().keeps(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation GIVES_KEPT = relation(
                    "gives out the same one each time", "what it gives out is what it keeps, made at most once")
            .ofType((a, t, q) -> a.singleton().givesKept(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation MAKES_ITSELF_ONCE = relation(
                    "makes its object in one place", "no other place makes or copies one")
            .ofType((a, t, q) -> a.singleton().makesOnce(t, q));

    public static final JudgedRelation REPLACEABLE = relation(
                    "lets others replace its object", "what keeps it can be assigned from outside")
            .ofType((a, t, q) -> a.singleton().replaceable(t, q));

    public static final JudgedRelation UNGUARDED = relation(
                    "may make two when two ask at once", "it is made when asked for, and nothing keeps threads apart")
            .ofType((a, t, q) -> a.singleton().unguarded(t, q));

    public static final JudgedRelation UNUSED = relation(
                    "is made without OPERATION", "objects of it are made elsewhere, and none of them is ever called")
            .ofType((a, t, q) -> a.builder().unused(t, q));

    public static final JudgedRelation BUILDS = relation(
                    "builds ROLE", "has an operation that gives one back and other ones that it is prepared by")
            .ofType((a, t, q) -> a.builder().builds(t, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation STAGE = relation(
                    "is a stage of ROLE", "is an abstraction that declares parts of how they are prepared")
            .ofType((a, t, q) -> a.builder().stage(t, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.ABOVE);

    public static final JudgedRelation DIRECTS = relation(
                    "prepares by OPERATION what it was given",
                    "calls two or more of them on a field, a parameter or the like")
            .ofType((a, t, q) -> a.builder().directs(t, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING_OWNERS);

    public static final JudgedRelation SHARES_RESULT = relation(
                    "gives the same ROLE twice", "what it gives back is made once and given back each time")
            .ofType((a, t, q) -> a.builder().sharesResult(t, q));

    public static final JudgedRelation FILLS_BESIDE = relation(
                    "fills ROLE beside OPERATION",
                    "changes what was given back as finished, by what the steps change it by")
            .ofType((a, t, q) -> a.builder().fillsBeside(t, q));

    public static final JudgedRelation GIVES_OUT = relation(
                    "gives out the one of ROLE", "is static and gives back an object of it")
            .ofOperation((a, o, q) -> a.singleton().givesOut(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation PREPARES = relation(
                    "prepares for OPERATION",
                    "changes what is being built, and gives back nothing, itself or the next stage")
            .ofOperation((a, o, q) -> a.builder().prepares(o, q))
            .hangsOn(Scope.TEXT);

    private PatternRelations() {}

    static final List<JudgedRelation> ALL = List.of(
            PICKS,
            ASKS_TYPE,
            WORKS_BY_TAG,
            CHOOSES_BY_KEY_OF,
            ACCEPTS,
            TELLS_CHANGES,
            OPEN_STATE,
            ALONE_IN_CHOOSING,
            IGNORES,
            DISPATCHES,
            LEAVES_WORK,
            GIVES_ITSELF,
            KEEPS_ITSELF,
            GIVES_KEPT,
            MAKES_ITSELF_ONCE,
            REPLACEABLE,
            UNGUARDED,
            UNUSED,
            BUILDS,
            STAGE,
            DIRECTS,
            SHARES_RESULT,
            FILLS_BESIDE,
            GIVES_OUT,
            PREPARES);
}
