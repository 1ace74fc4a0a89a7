package hausaufgabe.core.matching;

import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.DesignPattern;
import java.util.List;
import java.util.Locale;

/** How like a binding's names are to the pattern's. Breaks ties and decides nothing else. */
final class NameLikeness {

    private NameLikeness() {}

    /** From 0, nothing alike, to the number of roles. */
    static double of(DesignPattern pattern, Binding binding) {
        double sum = 0;
        for (DesignPattern.Role role : pattern.roles()) {
            sum += binding.types(role.name()).stream().anyMatch(t -> isLike(role, t)) ? 1 : 0;
        }
        return sum;
    }

    /** Whether the type's name contains the role's, or one of the words it is often named by. */
    static boolean isLike(DesignPattern.Role role, Type type) {
        String name = type.name().toLowerCase(Locale.ROOT);
        return name.contains(role.name().toLowerCase(Locale.ROOT)) || isLike(role.like(), name);
    }

    /** Whether a name contains one of the words. */
    static boolean isLike(List<String> words, String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return words.stream().anyMatch(w -> lower.contains(w.toLowerCase(Locale.ROOT)));
    }
}
