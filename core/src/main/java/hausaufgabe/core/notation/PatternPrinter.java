package hausaufgabe.core.notation;

import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Member;
import hausaufgabe.core.notation.DesignPattern.Pitfall;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import hausaufgabe.core.notation.DesignPattern.Role;
import hausaufgabe.core.notation.DesignPattern.Sign;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Writes a pattern as text, in one layout. Reading the text gives the same pattern, and writing that the same text. Comments
 * stand where they stood: each is kept with what follows it, or with the line it ends.
 */
public final class PatternPrinter {
    /** Ends the key of a comment that stands behind a line. */
    static final String BEHIND = "\u0000behind";

    private final DesignPattern pattern;
    private final StringBuilder out = new StringBuilder();

    private PatternPrinter(DesignPattern pattern) {
        this.pattern = pattern;
    }

    public static String print(DesignPattern pattern) {
        return new PatternPrinter(pattern).all();
    }

    private String all() {
        line(0, "pattern", "pattern " + pattern.id() + " " + quoted(pattern.title()));
        line(1, "intent", quoted(pattern.intent()));
        for (int i = 0; i < pattern.order().size(); i++) {
            String name = pattern.order().get(i);
            boolean role = pattern.role(name).isPresent();
            boolean before = i > 0 && pattern.role(pattern.order().get(i - 1)).isPresent();
            if (i == 0 || role != before) {
                out.append('\n');
            }
            pattern.role(name).ifPresent(this::role);
            pattern.member(name).ifPresent(this::member);
        }
        gapIf(!pattern.same().isEmpty());
        for (int i = 0; i < pattern.same().size(); i++) {
            line(
                    1,
                    "same " + i,
                    "same " + pattern.same().get(i).role() + " as "
                            + pattern.same().get(i).as());
        }
        gapIf(!pattern.signs().isEmpty());
        for (int i = 0; i < pattern.signs().size(); i++) {
            Sign s = pattern.signs().get(i);
            line(
                    1,
                    "sign " + i,
                    "sign " + (s.weight() < 0 ? "against " : "") + number(Math.abs(s.weight())) + " "
                            + condition(s.condition()));
        }
        gapIf(!pattern.requirements().isEmpty());
        pattern.requirements().forEach(r -> requirement(1, "", r.forbidden() ? "forbid" : "require", r));
        pattern.remarks().forEach(r -> requirement(1, "", "remark", r));
        if (!isImplied(pattern.forms())) {
            pattern.forms().forEach(this::form);
        }
        gapIf(!pattern.pitfalls().isEmpty());
        for (int i = 0; i < pattern.pitfalls().size(); i++) {
            line(1, "pitfall " + i, block(pattern.pitfalls().get(i)).strip());
        }
        pattern.scenarios().forEach(this::scenario);
        pattern.runs().forEach(this::run);
        gapIf(pattern.testPoints() > 0);
        if (pattern.testPoints() > 0) {
            line(1, "tests", "tests " + number(pattern.testPoints()));
        }
        gapIf(!pattern.values().isEmpty());
        for (int i = 0; i < pattern.values().size(); i++) {
            line(1, "values " + (i + 1), ValuesPrinter.print(pattern.values().get(i)));
        }
        List<String> limits = RunPrinter.limits(pattern.limits());
        gapIf(!limits.isEmpty());
        for (int i = 0; i < limits.size(); i++) {
            line(1, i == 0 ? "limit" : "", limits.get(i));
        }
        comments(0, "end");
        return out.toString();
    }

    /** A pattern that names no form has one that bears its own name. */
    private boolean isImplied(List<Form> forms) {
        return forms.size() == 1 && forms.get(0).equals(new Form(pattern.title(), "", List.of(), List.of(), List.of()));
    }

    private void gapIf(boolean any) {
        if (any) {
            out.append('\n');
        }
    }

    private void comments(int depth, String anchor) {
        pattern.comments().getOrDefault(anchor, List.of()).forEach(c -> indent(depth, ("-- " + c).strip()));
    }

    private void indent(int depth, String text) {
        out.append("  ".repeat(depth)).append(text).append('\n');
    }

    private void line(int depth, String anchor, String text) {
        comments(depth, anchor);
        List<String> behind = pattern.comments().getOrDefault(anchor + BEHIND, List.of());
        indent(depth, behind.isEmpty() ? text : text + "  -- " + behind.get(0));
    }

    private void role(Role r) {
        StringBuilder said = new StringBuilder("role " + r.name());
        said.append(r.optional() ? " optional" : "");
        said.append(r.many() ? " every " + r.sort().words() : " " + r.sort().oneOfIt());
        List<String> lines = alternatives(said, r.that());
        addLike(lines, r.like());
        several(1, "role " + r.name(), lines);
        if (!r.doc().isEmpty()) {
            indent(2, quoted(r.doc()));
        }
    }

    private void member(Member m) {
        StringBuilder said = new StringBuilder("member " + m.name());
        said.append(m.optional() ? " optional" : "");
        said.append(m.listed() ? "" : " unlisted");
        said.append(m.many() ? " every" : "");
        said.append(m.isField() ? " field of " : " operation of ").append(m.owner());
        said.append(m.orOf() == null ? "" : " or " + m.orOf());
        said.append(m.closed() ? m.that().isEmpty() ? ", private or not" : ", private or not," : "");
        List<String> lines = alternatives(said, m.that());
        addLike(lines, m.like());
        if (m.orElse() != null) {
            int last = lines.size() - 1;
            lines.set(last, lines.get(last) + ",");
            lines.add("  or else field " + m.orElse());
        }
        several(1, "member " + m.name(), lines);
        if (!m.doc().isEmpty()) {
            indent(2, quoted(m.doc()));
        }
    }

    private static void addLike(List<String> lines, List<String> like) {
        if (!like.isEmpty()) {
            lines.add("named like " + like.stream().map(PatternPrinter::quoted).collect(Collectors.joining(", ")));
        }
    }

    private static List<String> alternatives(StringBuilder opening, List<Predicate> that) {
        List<String> lines = new java.util.ArrayList<>();
        if (that.isEmpty()) {
            lines.add(opening.toString());
        }
        for (int i = 0; i < that.size(); i++) {
            String start = i == 0 ? opening + " that " : "  or else that ";
            lines.add(start + predicate(that.get(i), false) + (i + 1 < that.size() ? "," : ""));
        }
        return lines;
    }

    private void several(int depth, String anchor, List<String> lines) {
        line(depth, anchor, lines.get(0));
        lines.stream().skip(1).forEach(l -> indent(depth + 1, l.strip()));
    }

    private void requirement(int depth, String within, String opener, Requirement r) {
        String anchor = within + "require " + r.id();
        String worth = opener.equals("remark") ? "" : (r.essential() ? " essential " : " ") + number(r.points());
        line(depth, anchor, opener + " " + r.id() + worth + " " + quoted(r.text()));
        if (!r.hint().isEmpty()) {
            line(depth + 1, anchor + " hint", "hint " + quoted(r.hint()));
        }
        when(depth + 1, anchor, r.when());
        for (int i = 0; i < r.conditions().size(); i++) {
            line(depth + 1, anchor + " " + (i + 1), condition(r.conditions().get(i)));
        }
    }

    private void when(int depth, String anchor, List<Condition> when) {
        for (int i = 0; i < when.size(); i++) {
            line(depth, anchor + " when " + (i + 1), "when " + condition(when.get(i)));
        }
    }

    private void form(Form f) {
        out.append('\n');
        String anchor = "form " + f.name();
        String instead = f.insteadOf().isEmpty() ? "" : " instead of " + String.join(", ", f.insteadOf());
        line(1, anchor, "form " + quoted(f.name()) + instead);
        if (!f.doc().isEmpty()) {
            line(2, anchor + " doc", quoted(f.doc()));
        }
        when(2, anchor, f.when());
        f.requirements().forEach(r -> requirement(2, anchor + " ", r.forbidden() ? "forbid" : "require", r));
    }

    private void scenario(Scenario s) {
        out.append('\n');
        String in = s.forms().isEmpty()
                ? ""
                : " in " + s.forms().stream().map(PatternPrinter::quoted).collect(Collectors.joining(", "));
        String anchor = "scenario " + s.name();
        line(1, anchor, "scenario " + quoted(s.name()) + " " + number(s.points()) + in);
        if (!s.every().isEmpty()) {
            line(2, anchor + " every", "for every " + String.join(", ", s.every()));
        }
        if (!s.shows().isEmpty()) {
            line(2, anchor + " shows", "shows " + String.join(", ", s.shows()));
        }
        if (!s.settles().isEmpty()) {
            line(2, anchor + " settles", "settles " + String.join(", ", s.settles()));
        }
        when(2, anchor, s.when());
        for (int i = 0; i < s.steps().size(); i++) {
            line(2, anchor + " " + (i + 1), StepPrinter.print(s.steps().get(i)));
        }
    }

    private void run(Run r) {
        out.append('\n');
        String anchor = "run " + r.name();
        line(1, anchor, "run " + quoted(r.name()) + " " + number(r.points()));
        List<String> lines = RunPrinter.lines(r);
        for (int i = 0; i < lines.size(); i++) {
            line(2, anchor + " " + (i + 1), lines.get(i));
        }
    }

    /** A requirement with its lines, as it stands in a pattern's text. */
    public static String block(DesignPattern pattern, Requirement r) {
        PatternPrinter printer = new PatternPrinter(pattern);
        printer.requirement(1, "", r.forbidden() ? "forbid" : "require", r);
        return printer.out.toString();
    }

    /** A scenario with its lines, as it stands in a pattern's text. */
    public static String block(DesignPattern pattern, Scenario s) {
        PatternPrinter printer = new PatternPrinter(pattern);
        printer.scenario(s);
        return printer.out.toString().stripLeading().indent(2);
    }

    /** A form with what it asks for, as it stands in a pattern's text. */
    public static String block(DesignPattern pattern, Form f) {
        PatternPrinter printer = new PatternPrinter(pattern);
        printer.form(f);
        return printer.out.substring(1);
    }

    /** A pitfall, as it stands in a pattern's text. */
    public static String block(Pitfall p) {
        String by = p.caughtBy().isEmpty() ? "" : " caught by " + String.join(", ", p.caughtBy());
        return "  pitfall " + quoted(p.text()) + by + "\n";
    }

    /** The lines of a run, as the notation writes them. */
    public static List<String> lines(Run run) {
        return RunPrinter.lines(run);
    }

    /** A line of values, as the notation writes it. */
    public static String line(ValidValues values) {
        return ValuesPrinter.print(values);
    }

    /** A step of a scenario as the notation writes it. */
    public static String step(Scenario.Step step) {
        return StepPrinter.print(step);
    }

    /** What is handed over or compared with, as the notation writes it. */
    public static String argument(Scenario.Argument argument) {
        return StepPrinter.print(argument);
    }

    /** A condition on one line, as the notation writes it. */
    public static String condition(Condition c) {
        boolean plural = c.quantity().counts() && c.count() != 1;
        String quantity = c.quantity() == Quantity.EVERY
                ? ""
                : c.quantity().words() + (c.quantity().counts() ? " " + c.count() : "") + " ";
        return quantity + c.subject() + " " + predicate(c.predicate(), plural)
                + (c.alone() ? ", and nowhere else" : "");
    }

    /** A predicate as the notation writes it. */
    public static String predicate(Predicate p, boolean plural) {
        if (p instanceof Predicate.IsA is) {
            return (plural ? "are " : "is ") + is.sort().oneOfIt();
        }
        if (p instanceof Predicate.All all) {
            return all.parts().stream().map(x -> predicate(x, plural)).collect(Collectors.joining(" and "));
        }
        if (p instanceof Predicate.Not not) {
            if (not.of() instanceof Predicate.IsA is) {
                return (plural ? "are not " : "is not ") + is.sort().oneOfIt();
            }
            Predicate.Says said = (Predicate.Says) not.of();
            String words = Verbs.negative(said.relation().words());
            String shown =
                    plural ? words.replaceFirst("^is not ", "are not ").replaceFirst("^does not ", "do not ") : words;
            return filled(shown, said.names());
        }
        Predicate.Says said = (Predicate.Says) p;
        String words = said.relation().words();
        return filled(plural ? Verbs.plural(words) : words, said.names());
    }

    private static String filled(String words, List<String> names) {
        StringBuilder text = new StringBuilder();
        int next = 0;
        for (String word : words.split(" ")) {
            text.append(text.isEmpty() ? "" : " ").append(Relation.isSlot(word) ? names.get(next++) : word);
        }
        return text.toString();
    }

    static String quoted(String text) {
        String escaped = text.replace("\\", "\\\\")
                .replace("\"", "\\\"")
                .replace("\n", "\\n")
                .replace("\t", "\\t");
        return '"' + escaped + '"';
    }

    static String number(double value) {
        return new DecimalFormat("0.##", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(value);
    }
}
