package hausaufgabe.core.scenario;

import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Value;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Numbers, texts and truth values as a scenario writes them, and the types of a program that they fit. */
final class Literals {

    /** What a literal is before it is known where it goes: types no program has. */
    static final String NUMBER = "<number>";

    static final String TEXT = "<text>";
    static final String TRUTH = "<truth>";

    private static final Set<String> PRIMITIVES =
            Set.of("int", "long", "short", "byte", "double", "float", "boolean", "char");
    private static final Map<String, String> UNBOXED = Map.of(
            "java.lang.Integer", "int",
            "java.lang.Long", "long",
            "java.lang.Short", "short",
            "java.lang.Byte", "byte",
            "java.lang.Double", "double",
            "java.lang.Float", "float",
            "java.lang.Boolean", "boolean",
            "java.lang.Character", "char");
    private static final Map<String, Integer> BITS = Map.of("int", 31, "long", 63, "short", 15, "byte", 7);
    private static final Set<String> ANY =
            Set.of("java.lang.Object", "java.io.Serializable", "java.lang.Comparable", "java.lang.constant.Constable");

    private Literals() {}

    /** Whether nothing can stand where a type is asked for. */
    static boolean isReference(String type) {
        return !PRIMITIVES.contains(type);
    }

    /** A type as it is without its object; a type that has none as it is. */
    static String unboxed(String type) {
        return UNBOXED.getOrDefault(type, type);
    }

    static Value valueOf(Argument.Literal literal) {
        if (literal.quoted()) {
            return new Value(TEXT, null, literal.text());
        }
        boolean truth = literal.text().equals("true") || literal.text().equals("false");
        return new Value(truth ? TRUTH : NUMBER, null, literal.text());
    }

    static boolean isLiteral(Value value) {
        return NUMBER.equals(value.type()) || TEXT.equals(value.type()) || TRUTH.equals(value.type());
    }

    /** A literal as a value of the type; nothing where it does not fit, as a broken number does not fit an {@code int}. */
    static Optional<Given> as(Value literal, String type) {
        int generic = type.indexOf('<');
        String wanted = generic < 0 ? type : type.substring(0, generic);
        return switch (literal.type()) {
            case NUMBER -> number(literal.text(), wanted);
            case TEXT -> text(literal.text(), wanted);
            default ->
                unboxed(wanted).equals("boolean") || ANY.contains(wanted)
                        ? Optional.of(new Given.Simple("java.lang.Boolean", literal.text()))
                        : Optional.empty();
        };
    }

    private static Optional<Given> number(String text, String wanted) {
        BigDecimal exact = new BigDecimal(text);
        boolean whole = exact.stripTrailingZeros().scale() <= 0;
        String plain = unboxed(wanted);
        if (BITS.containsKey(plain)) {
            return whole && fits(exact.toBigInteger(), BITS.get(plain))
                    ? Optional.of(new Given.Simple(wanted, exact.toBigInteger().toString()))
                    : Optional.empty();
        }
        if (plain.equals("double") || plain.equals("float")) {
            return Optional.of(new Given.Simple(wanted, text));
        }
        if (wanted.equals("java.math.BigDecimal") || wanted.equals("java.math.BigInteger") && whole) {
            String said = wanted.endsWith("BigInteger") ? exact.toBigInteger().toString() : text;
            return Optional.of(new Given.Parsed(wanted, "new", said));
        }
        if (wanted.equals("java.lang.Number") || ANY.contains(wanted)) {
            boolean small = whole && !text.contains(".") && fits(exact.toBigInteger(), 31);
            return Optional.of(new Given.Simple(small ? "java.lang.Integer" : "java.lang.Double", text));
        }
        return Optional.empty();
    }

    private static boolean fits(BigInteger n, int bits) {
        return n.bitLength() <= bits;
    }

    private static Optional<Given> text(String text, String wanted) {
        if (wanted.equals("java.lang.String") || wanted.equals("java.lang.CharSequence") || ANY.contains(wanted)) {
            return Optional.of(new Given.Simple("java.lang.String", text));
        }
        if (unboxed(wanted).equals("char") && text.length() == 1) {
            return Optional.of(new Given.Simple("char", text));
        }
        return Samples.parsed(wanted, text);
    }

    /**
     * Whether two values that are no objects are equal. Numbers are compared by what they are worth, whatever types they have;
     * a text is no number, whatever stands in it.
     */
    static boolean areEqual(Value a, Value b) {
        if (isNumber(a.type()) && isNumber(b.type())) {
            return worth(a.text()).isPresent() && worth(b.text()).isPresent()
                    ? worth(a.text()).get().compareTo(worth(b.text()).get()) == 0
                    : a.text().equals(b.text());
        }
        return isNumber(a.type()) == isNumber(b.type()) && a.text().equals(b.text());
    }

    static boolean isNumber(String type) {
        return type.equals(NUMBER)
                || BITS.containsKey(unboxed(type))
                || unboxed(type).equals("double")
                || unboxed(type).equals("float")
                || type.equals("java.lang.Number")
                || type.startsWith("java.math.Big")
                || type.equals("java.util.concurrent.atomic.AtomicInteger")
                || type.equals("java.util.concurrent.atomic.AtomicLong");
    }

    /** What a number is worth; nothing for infinity and what is no number. */
    static Optional<BigDecimal> worth(String number) {
        try {
            return Optional.of(new BigDecimal(number));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
