package hausaufgabe.core.notation;

import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds what no submission could satisfy: asked for and forbidden at once, or more than at most. */
final class Contradictions {

    private static final int FEW = 20;

    private Contradictions() {}

    private record Demand(String by, boolean forbidden, Condition condition) {}

    /** @throws NotationException where some form asks for two things that exclude each other */
    static void refuse(DesignPattern pattern) {
        for (Form form : pattern.forms()) {
            List<Demand> all = new ArrayList<>();
            for (Requirement r : pattern.requirementsOf(form)) {
                r.conditions().forEach(c -> all.add(new Demand(r.id(), r.forbidden(), c)));
            }
            Map<Object, List<Demand>> alike = new LinkedHashMap<>();
            for (Demand a : all) {
                Object what = List.of(a.condition.subject(), a.condition.predicate());
                List<Demand> before = alike.computeIfAbsent(what, k -> new ArrayList<>());
                // of many that say the same the first few stand for all
                before.stream().limit(FEW).forEach(b -> check(form, b, a));
                before.add(a);
            }
        }
    }

    private static void check(Form form, Demand a, Demand b) {
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
