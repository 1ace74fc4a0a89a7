package hausaufgabe.language.values;

import hausaufgabe.core.driver.Input;
import hausaufgabe.core.language.MentionedValues;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Numbers and texts that are tried: a fixed list, the most ordinary first, and then what the program's own code mentions,
 * for numbers also what is next to it.
 */
public final class UsualValues {

    private static final List<String> WHOLE = List.of("3", "1", "12", "0", "100");
    private static final List<String> WHOLE_FAR = List.of("1000", "-7");
    private static final List<String> BROKEN = List.of("12.5", "1.0", "120.0", "0.0", "3.75");
    private static final List<String> BROKEN_FAR = List.of("1500.0", "-7.5");
    private static final List<String> TEXTS = List.of("Seeschwalbe", "A", "12", "Nordhafen 7", "berth", "");

    private UsualValues() {}

    /** Whole numbers, with nothing of a program. */
    public static List<String> plainWhole() {
        return WHOLE;
    }

    /** Numbers that need not be whole, with nothing of a program. */
    public static List<String> plainBroken() {
        return BROKEN;
    }

    /** Whole numbers. */
    public static Set<String> whole(MentionedValues mentioned) {
        Set<String> all = new LinkedHashSet<>();
        mix(all, WHOLE, numbers(mentioned, true), WHOLE_FAR);
        return all;
    }

    /** Numbers that need not be whole. */
    public static Set<String> broken(MentionedValues mentioned) {
        Set<String> all = new LinkedHashSet<>();
        mix(all, BROKEN, numbers(mentioned, false), BROKEN_FAR);
        return all;
    }

    /** Texts: first those in a shape that the program asks for. */
    public static Set<String> texts(MentionedValues mentioned) {
        Set<String> all = new LinkedHashSet<>(mentioned.shaped());
        mix(all, TEXTS, mentioned.texts(), List.of());
        return all;
    }

    /** Two ordinary ones first, then what is mentioned between the others. */
    private static void mix(Set<String> into, List<String> usual, List<String> mentioned, List<String> far) {
        into.addAll(usual.subList(0, 2));
        List<String> rest = new ArrayList<>(usual.subList(2, usual.size()));
        rest.addAll(far);
        for (int i = 0; i < Math.max(rest.size(), mentioned.size()); i++) {
            if (i < mentioned.size()) {
                into.add(mentioned.get(i));
            }
            if (i < rest.size()) {
                into.add(rest.get(i));
            }
        }
    }

    private static List<String> numbers(MentionedValues mentioned, boolean whole) {
        List<String> all = new ArrayList<>();
        for (String n : mentioned.numbers()) {
            try {
                BigDecimal exact = new BigDecimal(n);
                boolean small = exact.abs().compareTo(BigDecimal.valueOf(1_000_000)) < 0;
                boolean isWhole = exact.stripTrailingZeros().scale() <= 0;
                if (small && (isWhole || !whole)) {
                    for (BigDecimal near : List.of(exact.add(BigDecimal.ONE), exact, exact.subtract(BigDecimal.ONE))) {
                        all.add(whole ? near.toBigInteger().toString() : String.valueOf(near.doubleValue()));
                    }
                }
            } catch (NumberFormatException notOne) {
                // infinity, or no number
            }
        }
        return all;
    }

    /**
     * A value of the same make as one that a program takes: digits for digits, letters for letters.
     *
     * @param turn which of those that are alike, from 1
     */
    public static Input alike(Input like, int turn) {
        if (!(like instanceof Input.Simple s)) {
            return like;
        }
        return switch (s.kind()) {
            case TEXT -> new Input.Simple(s.kind(), s.type(), alike(s.text(), turn));
            case NUMBER -> new Input.Simple(s.kind(), s.type(), next(s.text(), turn));
            default -> s;
        };
    }

    private static String next(String number, int turn) {
        try {
            return new BigDecimal(number).add(BigDecimal.valueOf(turn)).toPlainString();
        } catch (NumberFormatException infinite) {
            return number;
        }
    }

    /** The last run of digits counted on within its length; without one, the last letter. */
    private static String alike(String text, int turn) {
        char[] all = text.toCharArray();
        int at = all.length - 1;
        while (at >= 0 && !Character.isDigit(all[at])) {
            at--;
        }
        if (at >= 0) {
            all[at] = (char) ('0' + (all[at] - '0' + turn) % 10);
            return new String(all);
        }
        for (at = all.length - 1; at >= 0; at--) {
            char first = Character.isUpperCase(all[at]) ? 'A' : 'a';
            if (all[at] >= first && all[at] <= first + 25) {
                all[at] = (char) (first + (all[at] - first + turn) % 26);
                return new String(all);
            }
        }
        return text;
    }
}
