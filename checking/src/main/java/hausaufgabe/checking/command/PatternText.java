package hausaufgabe.checking.command;

import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A pattern as text for people: what it is for, who takes part, what is asked and what often goes wrong. */
final class PatternText {
    private static final int WIDTH = 96;

    private final StringBuilder out = new StringBuilder();

    private PatternText() {}

    static String of(DesignPattern pattern) {
        PatternText text = new PatternText();
        text.all(pattern);
        return text.out.toString();
    }

    private void all(DesignPattern p) {
        line(0, p.title());
        line(0, p.intent());
        heading("Participants");
        for (DesignPattern.Role r : p.roles()) {
            line(
                    1,
                    r.name()
                            + (r.optional() ? " (need not be there)" : "")
                            + (r.doc().isEmpty() ? "" : " - " + r.doc()));
            p.members().stream()
                    .filter(m -> m.listed() && m.owner().equals(r.name()))
                    .forEach(m -> line(
                            2,
                            m.name()
                                    + (m.optional() ? " (need not be there)" : "")
                                    + (m.doc().isEmpty() ? "" : " - " + m.doc())));
        }
        heading("What is asked");
        p.requirements().forEach(this::requirement);
        if (!p.remarks().isEmpty()) {
            heading("Worth a remark");
            p.remarks().forEach(r -> line(1, plain(r.text())));
        }
        if (p.forms().size() > 1) {
            heading("Forms");
            p.forms().forEach(this::form);
        }
        if (!p.pitfalls().isEmpty()) {
            heading("What often goes wrong");
            p.pitfalls()
                    .forEach(x -> line(
                            1,
                            x.text() + (x.caughtBy().isEmpty() ? "" : " [" + String.join(", ", x.caughtBy()) + "]")));
        }
        if (!p.scenarios().isEmpty()) {
            heading("What is tried when it runs");
            p.scenarios().forEach(s -> line(1, s.name() + ", " + points(s.points())));
        }
    }

    private void form(Form f) {
        line(1, f.name() + (f.doc().isEmpty() ? "" : " - " + f.doc()));
        f.requirements().forEach(r -> line(2, plain(r.text()) + " (" + worth(r) + ")"));
    }

    private void requirement(Requirement r) {
        line(1, r.id() + ", " + worth(r) + ": " + plain(r.text()));
        if (!r.hint().isEmpty()) {
            line(2, "Hint: " + plain(r.hint()));
        }
    }

    private static String worth(Requirement r) {
        return points(r.points()) + (r.essential() ? ", essential" : "");
    }

    private static String points(double points) {
        String number = points == Math.rint(points) ? String.valueOf((long) points) : String.valueOf(points);
        return number + (points == 1 ? " point" : " points");
    }

    private static String plain(String text) {
        return text.replace("{", "").replace("}", "");
    }

    private void heading(String text) {
        out.append('\n').append(text).append('\n');
    }

    /** Breaks what is too long for a line. */
    private void line(int depth, String text) {
        String margin = "  ".repeat(depth);
        List<String> words = new ArrayList<>();
        for (String word : text.split(" ")) {
            int length = words.stream().collect(Collectors.joining(" ")).length();
            if (margin.length() + length + 1 + word.length() > WIDTH && !words.isEmpty()) {
                out.append(margin).append(String.join(" ", words)).append('\n');
                words.clear();
                margin = "  ".repeat(depth + 1);
            }
            words.add(word);
        }
        out.append(margin).append(String.join(" ", words)).append('\n');
    }
}
