package hausaufgabe.server.account;

/** What somebody does in one course; what it allows stands in {@link Right}. */
public enum Duty {
    LEAD,
    TUTOR,
    /** Sees everything and changes nothing. */
    READER,
    /** Hands in, and sees what is one's own. Comes from the roster. */
    STUDENT
}
