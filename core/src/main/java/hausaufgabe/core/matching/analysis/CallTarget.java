package hausaufgabe.core.matching.analysis;

/** What a call must be on. */
public enum CallTarget {
    ANYTHING,
    /** What a field holds. */
    FIELD,
    /** Each of what a field holds. */
    EACH,
    /** Those of what a field holds that a loop comes to which leaves some out. */
    NOT_ALL,
    /** One that is picked of what a field holds. */
    ONE_OF,
    PARAMETER,
    /** Something that another type has given out. */
    FETCHED,
    ITSELF,
    SUPER
}
