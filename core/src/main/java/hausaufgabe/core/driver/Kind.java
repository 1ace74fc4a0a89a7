package hausaufgabe.core.driver;

/** What sort of thing a value is, whatever its type is called. */
public enum Kind {
    /** No object: null, none, undefined. */
    NOTHING,
    NUMBER,
    TEXT,
    /** A single character, where the language tells it from a text. */
    LETTER,
    TRUTH,
    OBJECT
}
