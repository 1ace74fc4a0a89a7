package hausaufgabe.language.values;

import com.github.curiousoddman.rgxgen.RgxGen;
import com.github.curiousoddman.rgxgen.config.RgxGenOption;
import com.github.curiousoddman.rgxgen.config.RgxGenProperties;
import hausaufgabe.core.notation.ExpressionSize;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Makes texts of a shape that code asks for: by a regular expression, or by what it compares parts and lengths with. */
public final class ShapedTexts {

    /** How many are made from one expression. */
    private static final int SEVERAL = 4;

    private static final int TRIES = 12;

    /** Of prefixes, suffixes and lengths so many are put together. */
    private static final int MOST = 6;

    private static final int LONGEST = 200;

    /** A length that is not asked for. */
    private static final int ANY = -1;

    private static final String LETTERS = "Seeschwalbe";
    private static final String DIGITS = "1172036548";

    private ShapedTexts() {}

    /** The same ones each time; none where the expression is none, or would make too long ones. */
    public static List<String> matching(String expression) {
        if (!ExpressionSize.isSmall(expression)) {
            return List.of();
        }
        RgxGenProperties properties = new RgxGenProperties();
        RgxGenOption.INFINITE_PATTERN_REPETITION.setInProperties(properties, ExpressionSize.OPEN);
        Set<String> all = new LinkedHashSet<>();
        try {
            RgxGen maker = RgxGen.parse(properties, expression);
            Random same = new Random(expression.hashCode());
            for (int i = 0; i < TRIES && all.size() < SEVERAL; i++) {
                all.add(maker.generate(same));
            }
        } catch (RuntimeException | StackOverflowError notUnderstood) {
            // an expression that says more than the library can make
            return List.of();
        }
        return new ArrayList<>(all);
    }

    /** Texts that begin, end, are as long and have as many parts as is asked for, together and each alone. */
    public static List<String> of(Asked asked) {
        Set<String> all = new LinkedHashSet<>();
        List<Integer> anyLength = List.of(ANY);
        List<Integer> lengths = asked.lengths().isEmpty() ? anyLength : asked.lengths();
        fill(all, orNone(asked.prefixes()), orNone(asked.suffixes()), lengths);
        if (!asked.lengths().isEmpty()) {
            fill(all, List.of(""), List.of(""), lengths);
        }
        if (!asked.prefixes().isEmpty() || !asked.suffixes().isEmpty()) {
            fill(all, orNone(asked.prefixes()), List.of(""), anyLength);
            fill(all, List.of(""), orNone(asked.suffixes()), anyLength);
        }
        for (String between : asked.separators()) {
            for (int parts : asked.partCounts().isEmpty() ? List.of(2) : asked.partCounts()) {
                all.add(joined(between, parts, "3", "12", "1"));
                all.add(joined(between, parts, "A", "berth", "B"));
                all.add(joined(between, parts, "A", "12", "3"));
            }
        }
        all.remove("");
        return new ArrayList<>(all);
    }

    private static void fill(Set<String> into, List<String> before, List<String> after, List<Integer> lengths) {
        for (String b : before) {
            for (String a : after) {
                for (int length : lengths) {
                    if (length != ANY || !b.isEmpty() || !a.isEmpty()) {
                        add(into, b, DIGITS, a, length);
                        add(into, b, LETTERS, a, length);
                    }
                }
            }
        }
    }

    /**
     * What code compares texts with.
     *
     * @param lengths how long a text is to be
     * @param separators at what texts are taken apart
     * @param partCounts into how many parts
     */
    public record Asked(
            List<String> prefixes,
            List<String> suffixes,
            List<Integer> lengths,
            List<String> separators,
            List<Integer> partCounts) {}

    private static List<String> orNone(List<String> all) {
        return all.isEmpty() ? List.of("") : all.subList(0, Math.min(MOST, all.size()));
    }

    private static void add(Set<String> into, String before, String filling, String after, int length) {
        int left = length == ANY ? 3 : length - before.length() - after.length();
        if (left >= 0 && left <= LONGEST) {
            into.add(before + filling.repeat(left / filling.length() + 1).substring(0, left) + after);
        }
    }

    private static String joined(String between, int parts, String first, String second, String rest) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < Math.min(parts, MOST); i++) {
            all.add(i == 0 ? first : i == 1 ? second : rest);
        }
        return String.join(between, all);
    }
}
