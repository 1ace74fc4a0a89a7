package hausaufgabe.core.notation;

/**
 * What can be said of a type, a field or an operation. Words in capitals stand for names the pattern has declared,
 * {@code NUMBER} for a number. What can be said of an operation can also be said of a type: some operation of it does so.
 */
public interface Relation {

    /** What a relation can be said of. */
    enum Subject {
        TYPE,
        FIELD,
        OPERATION
    }

    /** Its words, names to be filled in by capitals. */
    String words();

    /** What it means, in a few words. */
    String meaning();

    /** Whether it can be said of the subject as it stands. */
    boolean isSaidOf(Subject subject);

    /** Whether a word stands for a name or a number. */
    static boolean isSlot(String word) {
        return word.equals("ROLE") || word.equals("OPERATION") || word.equals("FIELD") || word.equals("NUMBER");
    }
}
