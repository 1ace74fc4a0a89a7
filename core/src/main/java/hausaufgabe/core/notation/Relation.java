package hausaufgabe.core.notation;

import static hausaufgabe.core.notation.Relation.Subject.FIELD;
import static hausaufgabe.core.notation.Relation.Subject.OPERATION;
import static hausaufgabe.core.notation.Relation.Subject.TYPE;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The vocabulary: what can be said of a type, a field or an operation, each with its words. Words in capitals stand for
 * names the pattern has declared, {@code NUMBER} for a number. What can be said of an operation can also be said of a type:
 * some operation of it does so.
 */
public enum Relation {
    // types
    PLAYS("plays ROLE", "is one of the types that play the role", TYPE),
    SEALED("is sealed", "only types it names can realise it", TYPE),
    REALISED_BY("is realised by ROLE", "one of them realises or extends it", TYPE),
    HELD_BY("is held by ROLE", "one of them has a field for one of it", TYPE),
    TAKEN_BY("is taken by ROLE", "an operation of one of them has a parameter of it", TYPE),
    REALISES("realises ROLE", "realises or extends it, also through others", TYPE),
    EXTENDS("extends ROLE", "inherits from it as a class, also through others", TYPE),
    PRIVATE_CONSTRUCTORS("has only private constructors", "nobody else can make an object of it", TYPE),
    DEPENDS_ON("depends on ROLE", "mentions it in any way, the start of the program left out", TYPE),
    DEPENDS_ON_WORKING(
            "depends on ROLE that do something",
            "mentions one whose own operations have an effect or work something out",
            TYPE),
    HOLDS("holds ROLE", "has a field of it, of one of its realisations, or that contains such", TYPE),
    HOLDS_SEVERAL("holds several ROLE", "has two or more fields that hold one each", TYPE),
    CALLS_INTO("calls into ROLE", "calls some operation of it, on anything", TYPE),
    DECLARES("declares OPERATION", "has it, or what it overrides", TYPE),
    TAKES_EACH("takes each of ROLE", "for every one of them there is an operation that takes it", TYPE),
    MIRRORS("mirrors ROLE", "without realising it, has an operation of the same form that calls its on each", TYPE),
    WRAPS("wraps ROLE", "holds one, and hands on to it what it is asked itself", TYPE),
    ASKED_BY("is asked for work by ROLE in OPERATION", "one of them, in one of those, has it do something", TYPE),
    GIVEN_AS_NULL("is given out as null", "an operation whose result it is gives back null on some path", TYPE),
    PICKS("picks among ROLE", "makes or names two or more of them to choose from, in its own operations", TYPE),
    ASKS_TYPE("asks for the type of ROLE", "asks an object which of them it is, or casts to one", TYPE),
    WORKS_BY_TAG(
            "works by a tag beside OPERATION",
            "decides by a tag with two or more alternatives that work something out themselves, none of which calls it",
            TYPE),
    CHOOSES_BY_KEY_OF(
            "decides by what ROLE decides by", "branches on the same key, enum or texts as the role's types do", TYPE),
    STARTS_ONLY(
            "is only there to start the program",
            "is there for its main operation and has nothing but static ones",
            TYPE),
    ANSWERS_INERTLY("does nothing in OPERATION", "has no effect and works nothing out in any of them", TYPE),
    ANSWERS_EMPTILY(
            "has only empty answers in OPERATION", "nothing, zero, false, an empty text or what it was given", TYPE),
    ANSWERS_NULL("gives null in OPERATION", "one of them, as this type has it, gives back null", TYPE),
    REFUSES_IN("throws in OPERATION", "one of them, as this type has it, throws", TYPE),
    PASSES_ON("passes OPERATION on to each of FIELD", "one of them, as this type has it, calls itself on each", TYPE),
    FORWARDS("forwards OPERATION to FIELD", "one of them, as this type has it, calls the same on the field", TYPE),
    MISFORWARDS(
            "forwards OPERATION wrongly to FIELD",
            "one of them hands everything it was given to another operation of the same shape, or asks an object made just then"
                    + " instead of what the field holds",
            TYPE),
    ACCEPTS(
            "hands itself in OPERATION to the OPERATION that no other ROLE calls",
            "has the first, which hands this very object to the second that takes just its type",
            TYPE),
    TELLS_CHANGES(
            "tells through OPERATION of every change",
            "every operation that changes what is told also reaches one of them",
            TYPE),
    OPEN_STATE("lets others change what OPERATION tells", "what is told can be changed past the type", TYPE),
    ALONE_IN_CHOOSING(
            "is not alone in telling ROLE apart", "another type asks for their kind or for the same key", TYPE),
    KEEPS_CALLED("keeps what it calls OPERATION on", "puts it into a field, in the same operation", TYPE),
    IGNORES("ignores one of OPERATION", "as this type has it, nothing is left behind for what is built", TYPE),
    COPIES("shares a block of NUMBER statements with ROLE", "the same statements stand in both", TYPE),
    DISPATCHES("hands each ROLE to its own OPERATION", "asks for each kind and calls what takes that kind", OPERATION),
    LEAVES_WORK("leaves its work to OPERATION", "does no more in each of its operations than call one of them", TYPE),
    GIVES_ITSELF("gives out an object of its own", "by an operation or a constant of the class", TYPE),
    KEEPS_ITSELF("keeps one object of its own", "in one constant, static field or holder", TYPE),
    GIVES_KEPT("gives out the same one each time", "what it gives out is what it keeps, made at most once", TYPE),
    MAKES_ITSELF_ONCE("makes its object in one place", "no other place makes or copies one", TYPE),
    REPLACEABLE("lets others replace its object", "what keeps it can be assigned from outside", TYPE),
    UNGUARDED("may make two when two ask at once", "it is made when asked for, and nothing keeps threads apart", TYPE),
    UNCALLED("declares something abstract that nobody calls", "an abstract operation of it is called nowhere", TYPE),
    UNUSED("is made without OPERATION", "objects of it are made elsewhere, and none of them is ever called", TYPE),
    BUILDS("builds ROLE", "has an operation that gives one back and other ones that it is prepared by", TYPE),
    STAGE("is a stage of ROLE", "is an abstraction that declares parts of how they are prepared", TYPE),
    DIRECTS(
            "prepares by OPERATION what it was given",
            "calls two or more of them on a field, a parameter or the like",
            TYPE),
    SHARES_RESULT("gives the same ROLE twice", "what it gives back is made once and given back each time", TYPE),
    CREATES_SEVERAL("creates several ROLE", "makes objects of two or more of its types", TYPE, OPERATION),

    // fields
    OF_TYPE("is of type ROLE", "its declared type is the role's, or contains the role's", FIELD),
    LEADS_TO("leads to ROLE", "its type is the role's, one of its realisations, or contains such", FIELD),
    HOLDS_ONE("holds one ROLE", "holds one, or none", FIELD),
    HOLDS_MANY("holds many ROLE", "can hold more than one", FIELD, TYPE),
    FROM_PARAMETER(
            "is assigned from a parameter", "some value it is given comes from a parameter that others fill", FIELD),
    FROM_NEW("is assigned from a new object", "some value it is given is made right there", FIELD),
    LAZY("is assigned lazily", "it is given its first value by an operation that finds it empty", FIELD),
    STARTS_AS_NULL("starts as null", "it has no value to begin with", FIELD),
    STARTS_AS("starts as a ROLE", "its first value is an object of the role", FIELD),

    // fields, operations and types
    IS_FINAL("is final", "it cannot be assigned again, overridden or extended", FIELD, OPERATION, TYPE),
    IS_STATIC("is static", "it belongs to the type and not to its objects", FIELD, OPERATION),
    IS_PRIVATE("is private", "only its own type can see it", FIELD, OPERATION),

    // operations
    IS_ABSTRACT("is abstract", "it has no body", OPERATION),
    OVERRIDABLE("is overridable", "a subtype may give it another body", OPERATION),
    VARIED("is varied", "it is abstract, or some type overrides it", OPERATION),
    OPEN_STEP(
            "is open to variation", "it is abstract, overridden, or overridable with next to nothing in it", OPERATION),
    OVERRIDES("overrides OPERATION", "it is another body for it", OPERATION),
    REPLACED("is replaced in ROLE", "one of them overrides it and does not call it", OPERATION),
    OF_OBJECT("answers for any object", "it is one that every object has, such as its text or its equality", OPERATION),
    WORKS_OUT(
            "works something out",
            "it, or some override of it, does more than give back a constant or a field",
            OPERATION),
    CALLED_IN("is called in ROLE", "it is called, or handed to a library, somewhere in the role's types", OPERATION),
    CALLED_BACK_IN(
            "is called back in ROLE",
            "it is only called there on what was kept when another operation was called on it",
            OPERATION),
    ONE_OF("is one of OPERATION", "the other member means it too", OPERATION),
    PASSED_ON_BY(
            "is passed on by ROLE to FIELD", "one of them answers it by calling it on what the field holds", OPERATION),
    FORWARDED_BY("is forwarded by ROLE to FIELD", "one of them answers it by calling it on the field", OPERATION),
    GIVES_OUT("gives out the one of ROLE", "is static and gives back an object of it", OPERATION),
    PREPARES(
            "prepares for OPERATION",
            "changes what is being built, and gives back nothing, itself or the next stage",
            OPERATION),
    STEP_OF("is called on itself by OPERATION", "one of them calls it on its own object", OPERATION),
    TAKES("takes ROLE", "a parameter is of the role's type, or contains it", OPERATION),
    TAKES_ANY("takes any of ROLE", "a parameter is of one of them, or of what they have in common", OPERATION),
    RETURNS("returns ROLE", "its result is of the role's type", OPERATION),
    RETURNS_SOMETHING("returns something", "it gives something back", OPERATION),
    EXCHANGES("takes or returns something", "it has a parameter or a result", OPERATION),
    TAKES_SOMETHING("takes something", "it has a parameter", OPERATION),
    CALLS_EACH("calls OPERATION on each of FIELD", "on each in turn, by a loop, stream or iterator", OPERATION),
    CALLS_ONE_OF("calls OPERATION on one of FIELD", "on one that is picked", OPERATION),
    CALLS_PARAMETER("calls OPERATION on a parameter", "on something it was handed", OPERATION),
    CALLS_FETCHED("calls OPERATION on something fetched", "on what another type has given out", OPERATION),
    CALLS_ITSELF("calls OPERATION on itself", "on its own object", OPERATION),
    CALLS_SUPER("calls OPERATION on super", "past its own override", OPERATION),
    CALLS_ON("calls OPERATION on FIELD", "on what the field holds", OPERATION),
    CALLS("calls OPERATION", "on anything", OPERATION),
    CALLS_DIRECTLY("itself calls OPERATION", "in its own text, not through others", OPERATION),
    CALLS_STEPS("calls at least NUMBER steps on itself", "operations of its own that are open to variation", OPERATION),
    REACHES("reaches OPERATION", "calls it, directly or through its own operations", OPERATION),
    PASSES_ITSELF("passes itself to OPERATION", "its own object is among the arguments", OPERATION),
    CREATES("creates ROLE", "makes an object of it", OPERATION),
    RETURNS_FIELD("returns FIELD", "gives back what the field holds", OPERATION),
    RETURNS_NEW("returns a new ROLE", "gives back one made for the occasion", OPERATION),
    RETURNS_ITSELF("returns itself", "gives back its own object", OPERATION),
    RETURNS_NO_NULL("never returns null", "no path gives back null", OPERATION),
    ADDS("adds to FIELD", "puts something into it, or one of its parameters in its place", OPERATION),
    REMOVES("removes from FIELD", "takes something out of it, or clears it", OPERATION),
    READS("reads FIELD", "uses its value", OPERATION),
    WRITES("writes FIELD", "assigns it or changes what it contains", OPERATION),
    ASSIGNS("assigns FIELD from a parameter", "or puts the parameter into it", OPERATION),
    BRANCHES_ON_TYPE("branches on the type of ROLE", "tests or casts an object to one of them", OPERATION),
    BRANCHES_ON_TAG("branches on a tag", "on an enum, a number or a text, with two or more alternatives", OPERATION),
    BRANCHES_ON_NULL(
            "branches on null of ROLE", "asks whether there is one, other than to refuse or to fill in", OPERATION),
    INERT("does nothing", "has no effect and works nothing out", OPERATION),
    REFUSES("throws", "it ends by an error whatever happens", OPERATION),
    SETS_SOMETHING("leaves something behind", "what it writes is read elsewhere", OPERATION),

    // against the starter code
    UNCHANGED("is unchanged", "says what it said in the starter code", TYPE),
    FEWER_BRANCHES("has fewer branches", "than in the starter code", TYPE),
    FEWER_NULL_CHECKS("has fewer null checks", "than in the starter code", TYPE),
    NO_MORE_LINES("has no more lines", "than in the starter code", TYPE);

    /** What a relation can be said of. */
    public enum Subject {
        TYPE,
        FIELD,
        OPERATION
    }

    private final String words;
    private final String meaning;
    private final Set<Subject> subjects;

    Relation(String words, String meaning, Subject... subjects) {
        this.words = words;
        this.meaning = meaning;
        this.subjects = EnumSet.copyOf(Arrays.asList(subjects));
    }

    /** Its words, names to be filled in by capitals. */
    public String words() {
        return words;
    }

    /** What it means, in a few words. */
    public String meaning() {
        return meaning;
    }

    /** Whether it can be said of the subject as it stands. */
    public boolean isSaidOf(Subject subject) {
        return subjects.contains(subject);
    }

    /** The capitals in its words, in order. */
    public List<String> slots() {
        return Arrays.stream(words.split(" ")).filter(Relation::isSlot).toList();
    }

    static boolean isSlot(String word) {
        return word.equals("ROLE") || word.equals("OPERATION") || word.equals("FIELD") || word.equals("NUMBER");
    }

    /** Relations whose words begin alike, longest first, so that the first that fits is the one meant. */
    static List<Relation> longestFirst() {
        return LONGEST_FIRST;
    }

    private static final List<Relation> LONGEST_FIRST = Arrays.stream(values())
            .sorted((a, b) -> Integer.compare(b.words.split(" ").length, a.words.split(" ").length))
            .toList();
}
