package hausaufgabe.language.scripts;

import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Literal;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.values.ShapedTexts;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** The texts and numbers that code mentions, in order, and the shapes it asks texts to have. */
final class Mentions {

    private static final int MOST = 40;
    private static final int LONGEST = 60;
    /** How many shapes of one kind are kept. */
    private static final int FEW = 6;

    private static final Set<String> EXPRESSIONS = Set.of("match", "fullmatch", "search", "compile", "test");
    private static final Map<Class<?>, RecordComponent[]> PARTS = new ConcurrentHashMap<>();

    private final Set<String> texts = new LinkedHashSet<>();
    private final Set<String> numbers = new LinkedHashSet<>();
    private final Set<String> expressions = new LinkedHashSet<>();
    private final Set<String> prefixes = new LinkedHashSet<>();
    private final Set<String> suffixes = new LinkedHashSet<>();
    private final Set<String> separators = new LinkedHashSet<>();
    private final Set<Integer> lengths = new LinkedHashSet<>();

    private Mentions() {}

    static Mentions of(List<?> code) {
        Mentions made = new Mentions();
        made.look(code);
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

    private void look(@Nullable Object part) {
        if (part instanceof List<?> all) {
            all.forEach(this::look);
        } else if (part instanceof Literal l) {
            literal(l);
        } else if (part instanceof Statement s && Program.isText(s)) {
            // said to people
            return;
        } else if (part instanceof Record r) {
            if (r instanceof Code.Call c) {
                asked(c);
            } else if (r instanceof Code.Operation o) {
                compared(o);
            }
            for (RecordComponent c : PARTS.computeIfAbsent(r.getClass(), Class::getRecordComponents)) {
                boolean inside = List.class.isAssignableFrom(c.getType())
                        || Record.class.isAssignableFrom(c.getType())
                        || c.getType() == Expression.class
                        || c.getType() == Statement.class;
                if (inside) {
                    look(read(c, r));
                }
            }
        }
    }

    private static @Nullable Object read(RecordComponent c, Record r) {
        try {
            return c.getAccessor().invoke(r);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private void literal(Literal l) {
        if (l.kind() == Literal.Kind.TEXT && texts.size() < MOST && l.text().length() <= LONGEST) {
            texts.add(l.text());
        } else if (l.kind() == Literal.Kind.NUMBER && numbers.size() < MOST) {
            numbers.add(l.text().replace("_", ""));
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
