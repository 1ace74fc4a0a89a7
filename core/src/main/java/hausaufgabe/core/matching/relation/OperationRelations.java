package hausaufgabe.core.matching.relation;

import static hausaufgabe.core.matching.relation.JudgedRelation.relation;

import hausaufgabe.core.matching.analysis.CallTarget;
import hausaufgabe.core.matching.relation.JudgedRelation.Holders;
import hausaufgabe.core.matching.relation.JudgedRelation.Scope;
import java.util.List;

/** What can be said of an operation, and so of a type: some operation of it does so. In the messages and the book each is one line; {@code a} stands for the analyses it is judged by. */
public final class OperationRelations {

    public static final JudgedRelation CREATES_SEVERAL = relation(
                    "creates several ROLE", "makes objects of two or more of its types")
            .ofType((a, t, q) -> a.bodies().created(a.types().everythingIn(t), q, 2, t))
            .ofOperation((a, o, q) -> a.bodies().creates(o, q, 2))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation IS_ABSTRACT = relation("is abstract", "it has no body")
            .ofOperation((a, o, q) -> a.operations().isAbstract(o, q));

    public static final JudgedRelation OVERRIDABLE = relation("is overridable", "a subtype may give it another body")
            .ofOperation((a, o, q) -> a.operations().isOverridable(o, q));

    public static final JudgedRelation VARIED = relation("is varied", "it is abstract, or some type overrides it")
            .ofOperation((a, o, q) -> a.operations().isVaried(o, q));

    public static final JudgedRelation OPEN_STEP = relation(
                    "is open to variation", "it is abstract, overridden, or overridable with next to nothing in it")
            .ofOperation((a, o, q) -> a.operations().isOpenStep(o, q));

    public static final JudgedRelation OVERRIDES = relation("overrides OPERATION", "it is another body for it")
            .ofOperation((a, o, q) -> a.operations().overrides(o, q));

    public static final JudgedRelation REPLACED = relation(
                    "is replaced in ROLE", "one of them overrides it and does not call it")
            .ofOperation((a, o, q) -> a.operations().replaced(o, q));

    public static final JudgedRelation OF_OBJECT = relation(
                    "answers for any object", "it is one that every object has, such as its text or its equality")
            .ofOperation((a, o, q) -> a.operations().isUniversal(o, q));

    public static final JudgedRelation WORKS_OUT = relation(
                    "works something out", "it, or some override of it, does more than give back a constant or a field")
            .ofOperation((a, o, q) -> a.operations().worksOut(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLED_IN = relation(
                    "is called in ROLE", "it is called, or handed to a library, somewhere in the role's types")
            .ofOperation((a, o, q) -> a.operations().calledIn(o, q))
            .hangsOn(Scope.TEXT)
            .ofWhatPlaysTheRole();

    public static final JudgedRelation CALLED_BACK_IN = relation(
                    "is called back in ROLE",
                    "it is only called there on what was kept when another operation was called on it")
            .ofOperation((a, o, q) -> a.calls().calledBack(o, q))
            .hangsOn(Scope.TEXT)
            .ofWhatPlaysTheRole();

    public static final JudgedRelation ONE_OF = relation("is one of OPERATION", "the other member means it too")
            .ofOperation((a, o, q) -> a.operations().isOneOf(o, q));

    public static final JudgedRelation PASSED_ON_BY = relation(
                    "is passed on by ROLE to FIELD", "one of them answers it by calling it on what the field holds")
            .ofOperation((a, o, q) -> a.forwarding().isPassedOn(o, q))
            .hangsOn(Scope.TEXT)
            .ofWhatPlaysTheRole();

    public static final JudgedRelation FORWARDED_BY = relation(
                    "is forwarded by ROLE to FIELD", "one of them answers it by calling it on the field")
            .ofOperation((a, o, q) -> a.forwarding().isForwarded(o, q))
            .hangsOn(Scope.TEXT)
            .ofWhatPlaysTheRole();

    public static final JudgedRelation STEP_OF = relation(
                    "is called on itself by OPERATION", "one of them calls it on its own object")
            .ofOperation((a, o, q) -> a.operations().stepOf(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation TAKES = relation(
                    "takes ROLE", "a parameter is of the role's type, or contains it")
            .ofOperation((a, o, q) -> a.operations().takes(o, q))
            .hangsOn(Scope.DECLARATION)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation TAKES_ANY = relation(
                    "takes any of ROLE", "a parameter is of one of them, or of what they have in common")
            .ofOperation((a, o, q) -> a.operations().takesAny(o, q))
            .hangsOn(Scope.DECLARATION)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation RETURNS = relation("returns ROLE", "its result is of the role's type")
            .ofOperation((a, o, q) -> a.operations().returns(o, q))
            .hangsOn(Scope.DECLARATION)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation RETURNS_SOMETHING = relation("returns something", "it gives something back")
            .ofOperation((a, o, q) -> a.operations().returnsSomething(o, q));

    public static final JudgedRelation EXCHANGES = relation(
                    "takes or returns something", "it has a parameter or a result")
            .ofOperation((a, o, q) -> a.operations().exchanges(o, q));

    public static final JudgedRelation TAKES_SOMETHING = relation("takes something", "it has a parameter")
            .ofOperation((a, o, q) -> a.operations().takesSomething(o, q));

    public static final JudgedRelation CALLS_EACH = relation(
                    "calls OPERATION on each of FIELD", "on each in turn, by a loop, stream or iterator")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.EACH, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_ONE_OF = relation(
                    "calls OPERATION on one of FIELD", "on one that is picked")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.ONE_OF, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_PARAMETER = relation(
                    "calls OPERATION on a parameter", "on something it was handed")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.PARAMETER, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_FETCHED = relation(
                    "calls OPERATION on something fetched", "on what another type has given out")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.FETCHED, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_ITSELF = relation("calls OPERATION on itself", "on its own object")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.ITSELF, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_SUPER = relation("calls OPERATION on super", "past its own override")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.SUPER, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_ON = relation("calls OPERATION on FIELD", "on what the field holds")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.FIELD, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS = relation("calls OPERATION", "on anything")
            .ofOperation((a, o, q) -> a.calls().calls(o, CallTarget.ANYTHING, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING_OWNERS);

    public static final JudgedRelation CALLS_DIRECTLY = relation(
                    "itself calls OPERATION", "in its own text, not through others")
            .ofOperation((a, o, q) -> a.operations().callsDirectly(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CALLS_STEPS = relation(
                    "calls at least NUMBER steps on itself", "operations of its own that are open to variation")
            .ofOperation((a, o, q) -> a.operations().callsSteps(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation REACHES = relation(
                    "reaches OPERATION", "calls it, directly or through its own operations")
            .ofOperation((a, o, q) -> a.operations().reaches(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation PASSES_ITSELF = relation(
                    "passes itself to OPERATION", "its own object is among the arguments")
            .ofOperation((a, o, q) -> a.bodies().passesItself(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation CREATES = relation("creates ROLE", "makes an object of it")
            .ofOperation((a, o, q) -> a.bodies().creates(o, q, 1))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation RETURNS_FIELD = relation("returns FIELD", "gives back what the field holds")
            .ofOperation((a, o, q) -> a.bodies().returnsField(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation RETURNS_NEW = relation(
                    "returns a new ROLE", "gives back one made for the occasion")
            .ofOperation((a, o, q) -> a.bodies().returnsNew(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation RETURNS_ITSELF = relation("returns itself", "gives back its own object")
            .ofOperation((a, o, q) -> a.bodies().returnsItself(o, q));

    public static final JudgedRelation RETURNS_NO_NULL = relation("never returns null", "no path gives back null")
            .ofOperation((a, o, q) -> a.bodies().neverNull(o, q));

    public static final JudgedRelation ADDS = relation(
                    "adds to FIELD", "puts something into it, or one of its parameters in its place")
            .ofOperation((a, o, q) -> a.bodies().adds(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation REMOVES = relation(
                    "removes from FIELD", "takes something out of it, or clears it")
            .ofOperation((a, o, q) -> a.bodies().removes(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation READS = relation("reads FIELD", "uses its value")
            .ofOperation((a, o, q) -> a.bodies().reads(o, q));

    public static final JudgedRelation WRITES = relation("writes FIELD", "assigns it or changes what it contains")
            .ofOperation((a, o, q) -> a.bodies().writes(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation ASSIGNS = relation(
                    "assigns FIELD from a parameter", "or puts the parameter into it")
            .ofOperation((a, o, q) -> a.bodies().assigns(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation BRANCHES_ON_TYPE = relation(
                    "branches on the type of ROLE", "tests or casts an object to one of them")
            .ofOperation((a, o, q) -> a.bodies().branchesOnType(o, q));

    public static final JudgedRelation BRANCHES_ON_TAG = relation(
                    "branches on a tag", "on an enum, a number or a text, with two or more alternatives")
            .ofOperation((a, o, q) -> a.bodies().branchesOnTag(o, q));

    public static final JudgedRelation BRANCHES_ON_NULL = relation(
                    "branches on null of ROLE", "asks whether there is one, other than to refuse or to fill in")
            .ofOperation((a, o, q) -> a.bodies().asksForNull(o, q));

    public static final JudgedRelation INERT = relation("does nothing", "has no effect and works nothing out")
            .ofOperation((a, o, q) -> a.bodies().inert(o, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation REFUSES = relation("throws", "it ends by an error whatever happens")
            .ofOperation((a, o, q) -> a.bodies().refuses(o, q));

    public static final JudgedRelation SETS_SOMETHING = relation(
                    "leaves something behind", "what it writes is read elsewhere")
            .ofOperation((a, o, q) -> a.bodies().setsSomething(o, q))
            .hangsOn(Scope.TEXT);

    private OperationRelations() {}

    static final List<JudgedRelation> ALL = List.of(
            CREATES_SEVERAL,
            IS_ABSTRACT,
            OVERRIDABLE,
            VARIED,
            OPEN_STEP,
            OVERRIDES,
            REPLACED,
            OF_OBJECT,
            WORKS_OUT,
            CALLED_IN,
            CALLED_BACK_IN,
            ONE_OF,
            PASSED_ON_BY,
            FORWARDED_BY,
            STEP_OF,
            TAKES,
            TAKES_ANY,
            RETURNS,
            RETURNS_SOMETHING,
            EXCHANGES,
            TAKES_SOMETHING,
            CALLS_EACH,
            CALLS_ONE_OF,
            CALLS_PARAMETER,
            CALLS_FETCHED,
            CALLS_ITSELF,
            CALLS_SUPER,
            CALLS_ON,
            CALLS,
            CALLS_DIRECTLY,
            CALLS_STEPS,
            REACHES,
            PASSES_ITSELF,
            CREATES,
            RETURNS_FIELD,
            RETURNS_NEW,
            RETURNS_ITSELF,
            RETURNS_NO_NULL,
            ADDS,
            REMOVES,
            READS,
            WRITES,
            ASSIGNS,
            BRANCHES_ON_TYPE,
            BRANCHES_ON_TAG,
            BRANCHES_ON_NULL,
            INERT,
            REFUSES,
            SETS_SOMETHING);
}
