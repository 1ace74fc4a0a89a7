package hausaufgabe.server.submission;

/** Said once somebody has changed what was made of a submission, for pages that show it. */
public record Marked(long exercise, long submission, long student) {}
