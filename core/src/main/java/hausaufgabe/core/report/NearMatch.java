package hausaufgabe.core.report;

/**
 * A type that might have played a role and was not taken.
 *
 * @param type what a person calls it
 * @param id by which a person says that it plays the role
 * @param why what speaks against it: what would not hold then
 */
public record NearMatch(String role, String type, String id, Sentence why) {}
