package hausaufgabe.core.report;

/** How a requirement stands. */
public enum Status {
    MET("met"),
    PARTLY("partly"),
    UNMET("unmet"),
    /** The code does not settle it; a person decides. */
    UNCLEAR("unclear"),
    NOT_APPLICABLE("not-applicable");

    private final String word;

    Status(String word) {
        this.word = word;
    }

    /** The word the check command prints. */
    public String word() {
        return word;
    }
}
