package hausaufgabe.core.design;

/** What is known of a statement about a program. What a reader could not resolve is not known, which is no "no". */
public enum Truth {
    YES,
    NO,
    UNKNOWN;

    public static Truth of(boolean holds) {
        return holds ? YES : NO;
    }

    /** Known to hold if either does; not known if that hangs on what is not known. */
    public Truth or(Truth other) {
        if (this == YES || other == YES) {
            return YES;
        }
        return this == UNKNOWN || other == UNKNOWN ? UNKNOWN : NO;
    }

    public boolean isYes() {
        return this == YES;
    }
}
