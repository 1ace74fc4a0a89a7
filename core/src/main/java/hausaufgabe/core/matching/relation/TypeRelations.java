package hausaufgabe.core.matching.relation;

import static hausaufgabe.core.matching.relation.JudgedRelation.relation;

import hausaufgabe.core.matching.relation.JudgedRelation.Holders;
import hausaufgabe.core.matching.relation.JudgedRelation.Scope;
import java.util.List;

/** What can be said of a type. In the messages and the book each is one line; {@code a} stands for the analyses it is judged by. */
public final class TypeRelations {

    public static final JudgedRelation PLAYS = relation("plays ROLE", "is one of the types that play the role")
            .ofType((a, t, q) -> a.types().plays(t, q))
            .heldBy(Holders.NAMED);

    public static final JudgedRelation SEALED = relation("is sealed", "only types it names can realise it")
            .ofType((a, t, q) -> a.types().isSealed(t, q));

    public static final JudgedRelation OF_LIBRARY = relation(
                    "comes with the language", "is of its library, so that there may be more that realise it")
            .ofType((a, t, q) -> a.types().isOfLibrary(t, q));

    public static final JudgedRelation REALISED_BY = relation(
                    "is realised by ROLE", "one of them realises or extends it")
            .ofType((a, t, q) -> a.types().isRealised(t, q))
            .hangsOn(Scope.SUPERTYPES)
            .ofWhatPlaysTheRole()
            .heldBy(Holders.ABOVE);

    public static final JudgedRelation HELD_BY = relation("is held by ROLE", "one of them has a field for one of it")
            .ofType((a, t, q) -> a.types().isHeld(t, q))
            .hangsOn(Scope.DECLARATION)
            .ofWhatPlaysTheRole()
            .heldBy(Holders.MENTIONED);

    public static final JudgedRelation TAKEN_BY = relation(
                    "is taken by ROLE", "an operation of one of them has a parameter of it")
            .ofType((a, t, q) -> a.types().isTaken(t, q))
            .hangsOn(Scope.DECLARATION)
            .ofWhatPlaysTheRole()
            .heldBy(Holders.MENTIONED);

    public static final JudgedRelation REALISES = relation(
                    "realises ROLE", "realises or extends it, also through others")
            .ofType((a, t, q) -> a.types().realises(t, q))
            .hangsOn(Scope.SUPERTYPES)
            .heldBy(Holders.BELOW);

    public static final JudgedRelation EXTENDS = relation(
                    "extends ROLE", "inherits from it as a class, also through others")
            .ofType((a, t, q) -> a.types().inherits(t, q))
            .hangsOn(Scope.SUPERTYPES)
            .heldBy(Holders.BELOW);

    public static final JudgedRelation PRIVATE_CONSTRUCTORS = relation(
                    "has only private constructors", "nobody else can make an object of it")
            .ofType((a, t, q) -> a.types().privateConstructors(t, q));

    public static final JudgedRelation DEPENDS_ON = relation(
                    "depends on ROLE", "mentions it in any way, the start of the program left out")
            .ofType((a, t, q) -> a.types().dependsOn(t, q))
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation DEPENDS_ON_WORKING = relation(
                    "depends on ROLE that do something",
                    "mentions one whose own operations have an effect or work something out")
            .ofType((a, t, q) -> a.types().dependsOnWorking(t, q))
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation HOLDS = relation(
                    "holds ROLE", "has a field of it, of one of its realisations, or that contains such")
            .ofType((a, t, q) -> a.types().holds(t, q, false, 1))
            .hangsOn(Scope.DECLARATION)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation HOLDS_SEVERAL = relation(
                    "holds several ROLE", "has two or more fields that hold one each")
            .ofType((a, t, q) -> a.types().holds(t, q, false, 2))
            .hangsOn(Scope.DECLARATION)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation CALLS_INTO = relation(
                    "calls into ROLE", "calls some operation of it, on anything")
            .ofType((a, t, q) -> a.usage().callsInto(t, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation DECLARES = relation("declares OPERATION", "has it, or what it overrides")
            .ofType((a, t, q) -> a.usage().declares(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation TAKES_EACH = relation(
                    "takes each of ROLE", "for every one of them there is an operation that takes it")
            .ofType((a, t, q) -> a.usage().takesEach(t, q))
            .hangsOn(Scope.DECLARATION);

    public static final JudgedRelation MIRRORS = relation(
                    "mirrors ROLE", "without realising it, has an operation of the same form that calls its on each")
            .ofType((a, t, q) -> a.usage().mirrors(t, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation WRAPS = relation(
                    "wraps ROLE", "holds one, and hands on to it what it is asked itself")
            .ofType((a, t, q) -> a.usage().wraps(t, q))
            .hangsOn(Scope.TEXT)
            .heldBy(Holders.MENTIONING);

    public static final JudgedRelation ASKED_BY = relation(
                    "is asked for work by ROLE in OPERATION", "one of them, in one of those, has it do something")
            .ofType((a, t, q) -> a.usage().askedBy(t, q))
            .hangsOn(Scope.TEXT)
            .ofWhatPlaysTheRole()
            .heldBy(Holders.MENTIONED);

    public static final JudgedRelation GIVEN_AS_NULL = relation(
                    "is given out as null", "an operation whose result it is gives back null on some path")
            .ofType((a, t, q) -> a.usage().givenAsNull(t, q));

    public static final JudgedRelation STARTS_ONLY = relation(
                    "is only there to start the program",
                    "is there for its main operation and has nothing but static ones")
            .ofType((a, t, q) -> a.types().onlyStarts(t, q));

    public static final JudgedRelation ANSWERS_INERTLY = relation(
                    "does nothing in OPERATION", "has no effect and works nothing out in any of them")
            .ofType((a, t, q) -> a.types().answersInertly(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation WORKS_WHEN_MADE = relation(
                    "works when it is made and not in OPERATION",
                    "its constructor has others change something, and none of the operations does anything")
            .ofType((a, t, q) -> a.types().worksWhenMade(t, q));

    public static final JudgedRelation ANSWERS_EMPTILY = relation(
                    "has only empty answers in OPERATION", "nothing, zero, false, an empty text or what it was given")
            .ofType((a, t, q) -> a.types().answersEmptily(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation ANSWERS_NULL = relation(
                    "gives null in OPERATION", "one of them, as this type has it, gives back null")
            .ofType((a, t, q) -> a.types().answersNull(t, q));

    public static final JudgedRelation REFUSES_IN = relation(
                    "throws in OPERATION", "one of them, as this type has it, throws")
            .ofType((a, t, q) -> a.types().refusesIn(t, q));

    public static final JudgedRelation PASSES_ON = relation(
                    "passes OPERATION on to each of FIELD", "one of them, as this type has it, calls itself on each")
            .ofType((a, t, q) -> a.forwarding().passesOn(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation FORWARDS = relation(
                    "forwards OPERATION to FIELD", "one of them, as this type has it, calls the same on the field")
            .ofType((a, t, q) -> a.forwarding().forwards(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation MISFORWARDS = relation(
                    "forwards OPERATION wrongly to FIELD",
                    "one of them hands everything it was given to another operation of the same shape, or asks an object made just then instead of what the field holds")
            .ofType((a, t, q) -> a.forwarding().misforwards(t, q));

    public static final JudgedRelation KEEPS_CALLED = relation(
                    "keeps what it calls OPERATION on", "puts it into a field, in the same operation")
            .ofType((a, t, q) -> a.usage().keepsCalled(t, q))
            .hangsOn(Scope.TEXT);

    public static final JudgedRelation COPIES = relation(
                    "shares a block of NUMBER statements with ROLE", "the same statements stand in both")
            .ofType((a, t, q) -> a.texts().copies(t, q));

    public static final JudgedRelation UNCALLED = relation(
                    "declares something abstract that nobody calls",
                    "an operation that it leaves to others, abstract or protected and overridden, is called nowhere")
            .ofType((a, t, q) -> a.types().uncalled(t, q));

    public static final JudgedRelation OVERLOADS = relation(
                    "overloads one of OPERATION in vain",
                    "declares an operation of its name that is no version of it and that nobody calls")
            .ofType((a, t, q) -> a.types().overloadsInVain(t, q));

    public static final JudgedRelation UNCHANGED = relation("is unchanged", "says what it said in the starter code")
            .ofType((a, t, q) -> a.texts().unchanged(t, q));

    public static final JudgedRelation FEWER_BRANCHES = relation("has fewer branches", "than in the starter code")
            .ofType((a, t, q) -> a.texts().fewerBranches(t, q));

    public static final JudgedRelation FEWER_NULL_CHECKS = relation("has fewer null checks", "than in the starter code")
            .ofType((a, t, q) -> a.texts().fewerNullChecks(t, q));

    public static final JudgedRelation NO_MORE_LINES = relation("has no more lines", "than in the starter code")
            .ofType((a, t, q) -> a.texts().noMoreLines(t, q));

    private TypeRelations() {}

    static final List<JudgedRelation> ALL = List.of(
            PLAYS,
            SEALED,
            OF_LIBRARY,
            REALISED_BY,
            HELD_BY,
            TAKEN_BY,
            REALISES,
            EXTENDS,
            PRIVATE_CONSTRUCTORS,
            DEPENDS_ON,
            DEPENDS_ON_WORKING,
            HOLDS,
            HOLDS_SEVERAL,
            CALLS_INTO,
            DECLARES,
            TAKES_EACH,
            MIRRORS,
            WRAPS,
            ASKED_BY,
            GIVEN_AS_NULL,
            STARTS_ONLY,
            ANSWERS_INERTLY,
            WORKS_WHEN_MADE,
            ANSWERS_EMPTILY,
            ANSWERS_NULL,
            REFUSES_IN,
            PASSES_ON,
            FORWARDS,
            MISFORWARDS,
            KEEPS_CALLED,
            COPIES,
            UNCALLED,
            OVERLOADS,
            UNCHANGED,
            FEWER_BRANCHES,
            FEWER_NULL_CHECKS,
            NO_MORE_LINES);
}
