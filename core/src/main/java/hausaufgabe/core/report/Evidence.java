package hausaufgabe.core.report;

/**
 * Lines on which a verdict rests.
 *
 * @param line from 1
 * @param endLine inclusive
 * @param note what stands there, in a few words
 */
public record Evidence(String file, int line, int endLine, String note) {}
