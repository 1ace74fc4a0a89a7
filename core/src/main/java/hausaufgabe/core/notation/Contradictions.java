package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Form;
import hausaufgabe.core.notation.Pattern.Quantity;
import hausaufgabe.core.notation.Pattern.Requirement;
import java.util.ArrayList;
import java.util.List;

/** Finds what no submission could satisfy: asked for and forbidden at once, or more than at most. */
final class Contradictions {

    private Contradictions() {}

    private record Asked(String by, boolean forbidden, Condition condition) {}

    /** @throws NotationException where some form asks for two things that exclude each other */
    static void refuse(Pattern pattern) {
        for (Form form : pattern.forms()) {
            List<Asked> all = new ArrayList<>();
            for (Requirement r : pattern.requirementsOf(form)) {
                r.conditions().forEach(c -> all.add(new Asked(r.id(), r.forbidden(), c)));
            }
            for (int i = 0; i < all.size(); i++) {
                for (int j = i + 1; j < all.size(); j++) {
                    check(form, all.get(i), all.get(j));
                }
            }
        }
    }

    private static void check(Form form, Asked a, Asked b) {
        boolean same = a.condition.subject().equals(b.condition.subject())
                && a.condition.predicate().equals(b.condition.predicate());
        if (!same) {
            return;
        }
        String both = "'" + a.by + "' and '" + b.by + "' contradict each other in the form \"" + form.name() + "\": ";
        String what = PatternPrinter.condition(a.condition);
        if (a.condition.equals(b.condition) && a.forbidden != b.forbidden) {
            throw new NotationException(1, 1, both + "'" + what + "' is asked for and forbidden");
        }
        if (a.forbidden || b.forbidden) {
            return;
        }
        Condition low = a.condition.quantity() == Quantity.AT_LEAST ? a.condition : b.condition;
        Condition high = low == a.condition ? b.condition : a.condition;
        boolean moreThanMost = low.quantity() == Quantity.AT_LEAST
                && (high.quantity() == Quantity.AT_MOST || high.quantity() == Quantity.EXACTLY)
                && low.count() > high.count();
        boolean noneAndSome = high.quantity() == Quantity.NO
                && (low.quantity() == Quantity.SOME || (low.quantity() == Quantity.AT_LEAST && low.count() > 0));
        if (moreThanMost || noneAndSome) {
            throw new NotationException(
                    1, 1, both + "'" + what + "' and '" + PatternPrinter.condition(b.condition) + "'");
        }
    }
}
