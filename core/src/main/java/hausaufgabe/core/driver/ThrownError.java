package hausaufgabe.core.driver;

/**
 * What a call ended by.
 *
 * @param type token of the error's type
 * @param message empty where it has none
 * @param at the line of the program that threw, as {@code File.java:12}; empty where none did
 * @param cause who brought it about
 */
public record ThrownError(String type, String message, String at, Cause cause) {

    /** Who brought an error about. */
    public enum Cause {
        /** The program threw it, or a library that it called. */
        PROGRAM,
        /** The program tripped over what it did not mean to: it called nothing, or reached past an end. */
        ACCIDENT,
        /** The driver could not do what it was asked for. */
        DRIVER,
        /** The program called itself without end. */
        RECURSION,
        /** The program used up its memory. */
        MEMORY,
        /** The program started more threads than it may. */
        THREADS
    }

    /** The type's name without what it stands in. */
    public String simpleName() {
        return TypeToken.simpleName(type);
    }

    /** Whether the program refused what it was asked for, on purpose. */
    public boolean isRefusal() {
        return cause == Cause.PROGRAM;
    }

    /** Whether it is an error of the runtime itself, which refuses nothing: only the program can have brought it about. */
    public boolean isCollapse() {
        return cause == Cause.RECURSION || cause == Cause.MEMORY || cause == Cause.THREADS;
    }
}
