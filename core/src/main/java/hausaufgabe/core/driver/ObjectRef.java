package hausaufgabe.core.driver;

/**
 * An object that a driver holds.
 *
 * @param id its number, the same for the same object as long as the program is not forgotten
 * @param type token of its type
 */
public record ObjectRef(int id, String type) implements Input {}
