package hausaufgabe.language.python;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.language.MentionedValues;
import hausaufgabe.language.values.ShapedTexts;
import hausaufgabe.language.values.UsualValues;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Python's simple values. Where nobody says of which type a value is to be, numbers and texts are tried in turn: what does
 * not fit is refused by the program itself, and another one is tried.
 */
final class PythonValues implements LanguageValues {

    private static final String INT = "int";
    private static final String FLOAT = "float";
    private static final String TEXT = "str";
    private static final String TRUTH = "bool";

    /** Types of which anything may be handed over. */
    private static final Set<String> ANY = Set.of("any", TypeRef.UNKNOWN, "object", "typing.Any", "Any");

    private static final Set<String> NUMBERS = Set.of(INT, FLOAT, "complex", "decimal.Decimal", "fractions.Fraction");

    /** From this length on only the beginning of a text may have been told. */
    private static final int CUT = 1_000;

    /** What makes a value of a library's type from a text, and the texts. */
    private record Parsing(String operation, List<String> texts) {}

    private static final Map<String, Parsing> PARSED = Map.of(
            "datetime.date", new Parsing("fromisoformat", List.of("2026-05-04", "2026-11-29", "2024-02-29")),
            "datetime.time", new Parsing("fromisoformat", List.of("10:30:00", "23:59:00", "00:00:00")),
            "datetime.datetime", new Parsing("fromisoformat", List.of("2026-05-04T10:30:00", "2026-11-29T23:59:00")),
            "datetime.timedelta", new Parsing("seconds", List.of("10800.0", "0.0", "93600.0")),
            "decimal.Decimal", new Parsing("new", UsualValues.plainBroken()),
            "fractions.Fraction", new Parsing("new", List.of("1/2", "3")),
            "pathlib.Path", new Parsing("new", List.of("quay.txt", "berths.csv")),
            "pathlib.PosixPath", new Parsing("new", List.of("quay.txt", "berths.csv")),
            "uuid.UUID", new Parsing("new", List.of("00000000-0000-0001-0000-000000000003")),
            "bytes", new Parsing("new", List.of("harbour")));

    @Override
    public List<Input> samples(String type, MentionedValues mentioned) {
        List<Input> all = new ArrayList<>();
        if (ANY.contains(type)) {
            return mixed(mentioned);
        }
        switch (type) {
            case INT -> UsualValues.whole(mentioned).forEach(t -> all.add(number(INT, t)));
            case FLOAT, "complex" -> UsualValues.broken(mentioned).forEach(t -> all.add(number(FLOAT, t)));
            case TEXT -> UsualValues.texts(mentioned).forEach(t -> all.add(text(t)));
            case TRUTH -> List.of("true", "false").forEach(t -> all.add(truth(t)));
            default -> {
                Parsing p = PARSED.get(type);
                if (p != null) {
                    p.texts().forEach(t -> all.add(new Input.Parsed(type, p.operation(), t)));
                }
            }
        }
        return all;
    }

    /** A number, a text, a number, as long as there are some. */
    private static List<Input> mixed(MentionedValues mentioned) {
        List<String> numbers = List.copyOf(UsualValues.whole(mentioned));
        List<String> texts = List.copyOf(UsualValues.texts(mentioned));
        Set<Input> all = new LinkedHashSet<>();
        for (int i = 0; i < Math.max(numbers.size(), texts.size()); i++) {
            if (i < numbers.size()) {
                all.add(number(INT, numbers.get(i)));
            }
            if (i < texts.size()) {
                all.add(text(texts.get(i)));
            }
        }
        return new ArrayList<>(all);
    }

    private static Input number(String type, String text) {
        return new Input.Simple(Kind.NUMBER, type, text);
    }

    private static Input text(String text) {
        return new Input.Simple(Kind.TEXT, TEXT, text);
    }

    private static Input truth(String text) {
        return new Input.Simple(Kind.TRUTH, TRUTH, text);
    }

    @Override
    public Optional<Input> again(Observed seen) {
        String type = seen.type() == null ? "" : seen.type();
        if (seen.text().length() >= CUT) {
            return Optional.empty();
        }
        if (seen.isSimple()) {
            return Optional.of(new Input.Simple(seen.kind(), type, seen.text()));
        }
        return Optional.ofNullable(PARSED.get(type)).map(p -> new Input.Parsed(type, p.operation(), seen.text()));
    }

    @Override
    public Input alike(Input like, int turn) {
        return UsualValues.alike(like, turn);
    }

    @Override
    public List<String> matching(String expression) {
        return ShapedTexts.matching(expression);
    }

    @Override
    public Optional<Input> literal(Observed literal, String type) {
        boolean any = ANY.contains(type);
        switch (literal.kind()) {
            case NUMBER -> {
                boolean whole =
                        new BigDecimal(literal.text()).stripTrailingZeros().scale() <= 0;
                if (type.equals(FLOAT) || any && literal.text().contains(".")) {
                    return Optional.of(number(FLOAT, literal.text()));
                }
                if (any || type.equals(INT)) {
                    return whole || any
                            ? Optional.of(number(
                                    whole ? INT : FLOAT,
                                    whole
                                            ? new BigDecimal(literal.text())
                                                    .toBigInteger()
                                                    .toString()
                                            : literal.text()))
                            : Optional.empty();
                }
                return NUMBERS.contains(type) ? Optional.of(number(type, literal.text())) : Optional.empty();
            }
            case TEXT -> {
                if (any || type.equals(TEXT)) {
                    return Optional.of(text(literal.text()));
                }
                Parsing p = PARSED.get(type);
                return p == null
                        ? Optional.empty()
                        : Optional.of(new Input.Parsed(type, p.operation(), literal.text()));
            }
            default -> {
                return any || type.equals(TRUTH) ? Optional.of(truth(literal.text())) : Optional.empty();
            }
        }
    }

    @Override
    public boolean canBeNothing(String type) {
        return !NUMBERS.contains(type) && !type.equals(TRUTH);
    }

    @Override
    public boolean isTruth(String type) {
        return type.equals(TRUTH);
    }

    @Override
    public boolean isNumber(String type) {
        return NUMBERS.contains(type);
    }

    /** Where nobody says of which type a value is to be, each may be the one that is meant. */
    @Override
    public boolean isSameSimpleType(String one, String other) {
        return one.equals(other) || ANY.contains(other) || NUMBERS.contains(one) && NUMBERS.contains(other);
    }

    @Override
    public Input absent(TypeRef wanted) {
        return new Input.Nothing();
    }

    @Override
    public Input container(TypeRef wanted, List<Input> items) {
        return new Input.Several(wanted.type(), List.copyOf(items));
    }

    /** A type is handed over as any other value is, where the program does so. */
    @Override
    public Optional<Input> typeAsValue(TypeRef wanted, Design design, int round) {
        return Optional.empty();
    }

    @Override
    public Optional<Request> heldByRuntime(String type) {
        return Optional.empty();
    }
}
