package hausaufgabe.core.notation;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How long texts of a regular expression can become when they are made from it. */
public final class ExpressionSize {

    /** Characters that a text made from an expression may have. */
    public static final int MOST = 10_000;

    /** How often is repeated what may be repeated without end. */
    public static final int OPEN = 4;

    private static final Pattern REPEATED = Pattern.compile("\\{(\\d+)(,(\\d*))?}|[*+]");

    private ExpressionSize() {}

    /** Whether no text made from it can be longer than {@link #MOST}, counted as if all its repetitions were nested. */
    public static boolean isSmall(String expression) {
        long characters = Math.max(1, expression.length());
        Matcher m = REPEATED.matcher(expression);
        while (m.find() && characters <= MOST) {
            String most = m.group(3) == null || m.group(3).isEmpty() ? m.group(1) : m.group(3);
            characters *= most == null ? OPEN : most.length() > 5 ? MOST + 1 : Math.max(1, Integer.parseInt(most));
        }
        return characters <= MOST;
    }
}
