package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A way to say a step of a scenario, for those who choose one instead of writing it.
 *
 * @param words with a word in capitals for each thing to be chosen: {@code NEW} a name that is not there yet,
 *     {@code VARIABLE} one that is, {@code ROLE}, {@code OPERATION} and {@code FIELD} names of the pattern, {@code ARGUMENT}
 *     or {@code ARGUMENTS} what is handed over or compared with, {@code NUMBER}, {@code TEXT} in quotes
 * @param meaning one line
 */
public record StepShape(String words, String meaning) {

    private static final List<StepShape> EXPECTED = expected();

    /** Every shape; a step that another one is said of stands with that one's words in front of it. */
    public static final List<StepShape> ALL = all();

    private static StepShape shape(String words, String meaning) {
        return new StepShape(words, meaning);
    }

    private static List<StepShape> expected() {
        List<StepShape> all = new ArrayList<>();
        for (Scenario.Times t : Scenario.Times.values()) {
            all.add(shape("expect VARIABLE . OPERATION " + t.words(), "the object heard the call so often"));
        }
        all.add(shape("expect VARIABLE . OPERATION called NUMBER times", "the object heard the call so often"));
        all.add(shape(
                "expect VARIABLE . OPERATION called NUMBER times with ARGUMENTS",
                "the object heard the call so often, with these"));
        all.add(shape("expect VARIABLE . OPERATION called with ARGUMENTS", "the object heard the call with these"));
        all.add(shape(
                "expect VARIABLE . OPERATION , VARIABLE . OPERATION called in this order",
                "the first was heard before the second"));
        all.add(shape(
                "expect VARIABLE . OPERATION not called before VARIABLE . OPERATION",
                "the first was not heard before the second"));
        for (Scenario.Comparison c : Scenario.Comparison.values()) {
            all.add(
                    switch (c) {
                        case UNCHANGED ->
                            shape("expect VARIABLE is unchanged", "nothing it keeps has changed since 'remember'");
                        case CHANGED ->
                            shape("expect VARIABLE is changed", "something it keeps has changed since 'remember'");
                        case BETWEEN ->
                            shape(
                                    "expect VARIABLE is between ARGUMENT and ARGUMENT",
                                    "it lies there, both ends taken in");
                        case ONE_OF -> shape("expect VARIABLE is one of ARGUMENTS", "it is equal to one of them");
                        case SAME -> shape("expect VARIABLE is the same as ARGUMENT", "it is that very object");
                        case NOT_SAME -> shape("expect VARIABLE is not the same as ARGUMENT", "it is another object");
                        case IS -> shape("expect VARIABLE is ARGUMENT", "it is equal to it");
                        case IS_NOT -> shape("expect VARIABLE is not ARGUMENT", "it is not equal to it");
                    });
        }
        all.add(shape("expect no error", "the last call threw nothing"));
        all.add(shape("expect output TEXT", "this was printed since 'capture output'"));
        all.add(shape("expect no output", "nothing was printed since 'capture output'"));
        all.add(shape("expect call VARIABLE . OPERATION to throw TEXT", "the call is refused with such an exception"));
        all.add(shape(
                "expect call VARIABLE . OPERATION with ARGUMENTS to throw TEXT",
                "the call with these is refused with such an exception"));
        all.add(shape("expect call VARIABLE . OPERATION to throw", "the call is refused"));
        all.add(shape("expect call VARIABLE . OPERATION with ARGUMENTS to throw", "the call with these is refused"));
        all.add(
                shape(
                        "expect VARIABLE . OPERATION passes on to VARIABLE . OPERATION",
                        "what one is asked with makes a difference to what the other hears, and its answer to what comes back"));
        all.add(shape(
                "expect VARIABLE . OPERATION takes back VARIABLE . OPERATION", "what the second changed is as before"));
        all.add(shape(
                "expect VARIABLE . OPERATION shows in VARIABLE . OPERATION",
                "what the first is told makes a difference to what the second gives"));
        all.add(shape(
                "expect VARIABLE . OPERATION depends on VARIABLE . OPERATION",
                "told another answer of the second, the first comes to something else"));
        all.add(shape("expect VARIABLE . OPERATION gives every ROLE", "it gives out each kind that the role has"));
        all.add(shape("expect VARIABLE heard the same as VARIABLE", "the same calls in the same order"));
        all.add(shape("expect VARIABLE has the news of VARIABLE", "what it was told is true after the change"));
        all.add(shape(
                "expect every ROLE to call OPERATION in OPERATION in the same order",
                "no two of them call the steps the other way round"));
        return List.copyOf(all);
    }

    private static List<StepShape> calls() {
        List<StepShape> all = new ArrayList<>();
        for (String result : List.of("", "NEW := ")) {
            String given = result.isEmpty() ? "a call" : "a call whose result has a name";
            for (String with : List.of("", " with ARGUMENTS", " with other values")) {
                String values = with.isEmpty()
                        ? ", with whatever values fit"
                        : with.endsWith("ARGUMENTS") ? ", which hands these over" : ", with others than the one before";
                String call = result + "call VARIABLE . OPERATION" + with;
                all.add(shape(call, given + values));
                all.add(shape(
                        call + " until VARIABLE . OPERATION is called",
                        given + values + "; other values and operations are tried until that is heard"));
            }
        }
        all.add(shape(
                "call VARIABLE . anything until VARIABLE . OPERATION is called",
                "calls whatever leads to what is to be heard"));
        all.add(shape("NEW := call ROLE . OPERATION", "a static call whose result has a name"));
        all.add(shape("NEW := call ROLE . OPERATION with ARGUMENTS", "the same, and hands these over"));
        return all;
    }

    private static List<StepShape> all() {
        List<StepShape> all = new ArrayList<>(List.of(
                shape(
                        "NEW := double of ROLE",
                        "an object that the program has never seen, which writes down its calls"),
                shape("NEW := double of ROLE answering OPERATION with ARGUMENT", "one that answers as is said"),
                shape("NEW := new ROLE", "an object of the program"),
                shape("NEW := new ROLE with ARGUMENTS", "an object that has these, by whatever way it takes them"),
                shape("NEW := new ROLE with ARGUMENTS where possible", "one whose constructor takes these if it can"),
                shape("NEW := do again what gave VARIABLE", "the call that gave it, once more with the same values"),
                shape("do the same to VARIABLE", "the calls of the step before, on another object"),
                shape("VARIABLE looks at VARIABLE", "when it is called, it asks the other what is true"),
                shape("set VARIABLE . FIELD to ARGUMENT", "writes a field"),
                shape("remember VARIABLE", "so that 'is unchanged' can be expected"),
                shape("forget calls", "what was heard so far no longer counts"),
                shape("capture output", "what is printed from here on")));
        all.addAll(calls());
        all.add(shape(
                "only where call VARIABLE . OPERATION", "calls it; where that is refused there is nothing to show"));
        all.addAll(EXPECTED);
        EXPECTED.forEach(e -> all.add(shape(
                e.words().replaceFirst("^expect", "only where"), "taken for granted: else there is nothing to show")));
        return List.copyOf(all);
    }

    /** Words that may stand before another step. */
    public static final List<StepShape> BEFORE = List.of(
            shape("repeat NUMBER times", "several times"),
            shape("in parallel by NUMBER threads", "by all of them at once"),
            shape("for each ROLE as NEW", "for each type that plays the role"),
            shape("for some ROLE as NEW", "for types that play the role, until it holds for one"));

    /** Whether a word of a shape stands for something to be chosen. */
    public static boolean isSlot(String word) {
        return Arrays.asList("NEW", "VARIABLE", "ROLE", "OPERATION", "FIELD", "ARGUMENT", "ARGUMENTS", "NUMBER", "TEXT")
                .contains(word);
    }
}
