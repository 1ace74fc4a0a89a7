package hausaufgabe.core.notation;

/** Puts a relation's words, which stand in the third person, into the plural and the negative, and back. */
final class Verbs {

    private Verbs() {}

    /** {@code calls x} as {@code call x}; {@code is x} as {@code are x}. */
    static String plural(String words) {
        if (words.startsWith("itself ")) {
            return "itself " + plural(words.substring("itself ".length()));
        }
        int space = (words + " ").indexOf(' ');
        return pluralVerb(words.substring(0, space)) + words.substring(space);
    }

    /** {@code calls x} as {@code does not call x}; {@code never returns x} is left to say {@code does not}. */
    static String negative(String words) {
        if (words.startsWith("is ")) {
            return "is not " + words.substring(3);
        }
        return "does not " + plural(words);
    }

    static String pluralVerb(String verb) {
        switch (verb) {
            case "is":
                return "are";
            case "has":
                return "have";
            case "does":
                return "do";
            case "never":
                return verb;
            default:
                boolean sibilant = verb.endsWith("ches") || verb.endsWith("sses");
                return sibilant
                        ? verb.substring(0, verb.length() - 2)
                        : verb.endsWith("s") ? verb.substring(0, verb.length() - 1) : verb;
        }
    }
}
