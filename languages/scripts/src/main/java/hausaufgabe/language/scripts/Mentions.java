package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Literal;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.values.ShapedTexts;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The texts and numbers that code mentions, in order, and the shapes it asks texts to have. */
final class Mentions {

    private static final int MOST = 40;
    private static final int LONGEST = 60;
    /** How many shapes of one kind are kept. */
    private static final int FEW = 6;

    private static final Set<String> EXPRESSIONS = Set.of("match", "fullmatch", "search", "compile", "test");

    private final Set<String> texts = new LinkedHashSet<>();
    private final Set<String> numbers = new LinkedHashSet<>();
    private final Set<String> expressions = new LinkedHashSet<>();
    private final Set<String> prefixes = new LinkedHashSet<>();
    private final Set<String> suffixes = new LinkedHashSet<>();
    private final Set<String> separators = new LinkedHashSet<>();
    private final Set<Integer> lengths = new LinkedHashSet<>();

    private static final Span NOWHERE = new Span("", 0, 0, 0, 0);

    private Mentions() {}

    static Mentions of(List<?> code) {
        Mentions made = new Mentions();
        CodeWalk.through(code, made::enters);
        return made;
    }

    Set<String> texts() {
        return texts;
    }

    Set<String> numbers() {
        return numbers;
    }

    /** Texts in the shapes that the code asks texts to have. */
    Set<String> shaped() {
        Set<String> all = new LinkedHashSet<>();
        expressions.forEach(e -> all.addAll(ShapedTexts.matching(e)));
        all.addAll(ShapedTexts.of(new ShapedTexts.Asked(
                List.copyOf(prefixes),
                List.copyOf(suffixes),
                List.copyOf(lengths),
                List.copyOf(separators),
                List.of())));
        return all;
    }

    private boolean enters(Record part) {
        if (part instanceof Literal l) {
            literal(l);
        } else if (part instanceof Code.Call c) {
            asked(c);
        } else if (part instanceof Code.Operation o) {
            compared(o);
        } else if (part instanceof Code.Case c) {
            c.labels().forEach(this::label);
        }
        // what is said to people is no part of the code
        return !(part instanceof Statement s && Program.isText(s));
    }

    private void literal(Literal l) {
        if (l.kind() == Literal.Kind.TEXT && texts.size() < MOST && l.text().length() <= LONGEST) {
            texts.add(l.text());
        } else if (l.kind() == Literal.Kind.NUMBER && numbers.size() < MOST) {
            numbers.add(l.text().replace("_", ""));
        }
    }

    /** What something is held against, where all that is left is how it was written. */
    private void label(String written) {
        if (written.matches("-?[0-9][0-9_.]*")) {
            literal(new Literal(written, Literal.Kind.NUMBER, NOWHERE));
        } else {
            literal(new Literal(written, Literal.Kind.TEXT, NOWHERE));
        }
    }

    private void asked(Code.Call c) {
        String name = Program.lastName(c.callee());
        String first =
                c.arguments().isEmpty() ? null : text(c.arguments().get(0).value());
        boolean few = expressions.size() + prefixes.size() + suffixes.size() + separators.size() < FEW;
        if (first == null || first.length() > LONGEST || !few) {
            return;
        }
        if (EXPRESSIONS.contains(name)) {
            expressions.add(first);
        } else if (name.equals("startswith") || name.equals("startsWith")) {
            prefixes.add(first);
        } else if (name.equals("endswith") || name.equals("endsWith")) {
            suffixes.add(first);
        } else if (name.equals("split")) {
            separators.add(first);
        }
    }

    private static @Nullable String text(Expression e) {
        return e instanceof Literal l && l.kind() == Literal.Kind.TEXT ? l.text() : null;
    }

    /** A length that is held against a number. */
    private void compared(Code.Operation o) {
        List<Expression> operands = new ArrayList<>(o.operands());
        boolean ofLength = operands.stream().anyMatch(Mentions::isLength);
        for (Expression e : operands) {
            if (ofLength && e instanceof Literal l && l.text().matches("\\d{1,2}") && lengths.size() < FEW) {
                lengths.add(Integer.valueOf(l.text()));
            }
        }
    }

    private static boolean isLength(Expression e) {
        return e instanceof Code.Call c && Program.lastName(c.callee()).equals("len")
                || e instanceof Code.Member m && m.name().equals("length");
    }
}
