package hausaufgabe.core.matching;

import hausaufgabe.core.notation.Pattern;
import java.util.Locale;

/** How like a binding's names are to the pattern's. Breaks ties and decides nothing else. */
final class Likeness {

    private Likeness() {}

    /** From 0, nothing alike, to the number of roles. */
    static double of(Pattern pattern, Binding binding) {
        double sum = 0;
        for (Pattern.Role role : pattern.roles()) {
            String word = role.name().toLowerCase(Locale.ROOT);
            sum += binding.types(role.name()).stream()
                    .mapToDouble(t -> t.name().toLowerCase(Locale.ROOT).contains(word) ? 1 : 0)
                    .max()
                    .orElse(0);
        }
        return sum;
    }
}
