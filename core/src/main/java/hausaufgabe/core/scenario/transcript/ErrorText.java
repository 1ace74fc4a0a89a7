package hausaufgabe.core.scenario.transcript;

import hausaufgabe.core.driver.ThrownError;

/** Errors and printed text in words short enough for a line. */
public final class ErrorText {

    private static final int PRINTED = 300;

    private ErrorText() {}

    /** What was thrown, with its message and the line that threw. */
    public static String of(ThrownError thrown) {
        if (thrown.isCollapse()) {
            return thrown.simpleName() + ", it " + collapse(thrown);
        }
        String message = thrown.message().isBlank() ? "" : ": " + shortened(thrown.message());
        return thrown.simpleName() + message + (thrown.at().isEmpty() ? "" : " at " + thrown.at());
    }

    /** What the program did to bring its runtime down, in plain words. */
    public static String collapse(ThrownError thrown) {
        String what = switch (thrown.cause()) {
            case RECURSION -> "called itself again and again without end";
            case THREADS -> "started more threads than it may";
            case MEMORY -> "used up all the memory it may";
            case PROGRAM, ACCIDENT, DRIVER -> throw new IllegalArgumentException("no collapse: " + thrown);
        };
        return what + (thrown.at().isEmpty() ? "" : " (" + thrown.at() + ")");
    }

    /** Text on one line, cut to {@value #PRINTED} characters. */
    public static String shortened(String text) {
        String line = text.strip().replace("\r", "").replace("\n", " ⏎ ");
        return line.length() <= PRINTED ? line : line.substring(0, PRINTED) + " …";
    }
}
