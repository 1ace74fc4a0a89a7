package hausaufgabe.language.java.running;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Type;
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
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Java's simple values: a fixed list for each of its library's types, the most ordinary first, and then what the
 * program's own code mentions, for numbers also what is next to it.
 */
public final class JavaValues implements LanguageValues {

    private static final List<String> TRUTHS = List.of("true", "false");
    private static final List<String> LETTERS = List.of("a", "Z");

    private enum Sort {
        WHOLE,
        BROKEN,
        TEXT,
        TRUTH,
        LETTER
    }

    private static final Map<String, Sort> SIMPLE = Map.ofEntries(
            Map.entry("int", Sort.WHOLE),
            Map.entry("long", Sort.WHOLE),
            Map.entry("short", Sort.WHOLE),
            Map.entry("byte", Sort.WHOLE),
            Map.entry("double", Sort.BROKEN),
            Map.entry("float", Sort.BROKEN),
            Map.entry("boolean", Sort.TRUTH),
            Map.entry("char", Sort.LETTER),
            Map.entry("java.lang.Integer", Sort.WHOLE),
            Map.entry("java.lang.Long", Sort.WHOLE),
            Map.entry("java.lang.Short", Sort.WHOLE),
            Map.entry("java.lang.Byte", Sort.WHOLE),
            Map.entry("java.lang.Double", Sort.BROKEN),
            Map.entry("java.lang.Float", Sort.BROKEN),
            Map.entry("java.lang.Number", Sort.BROKEN),
            Map.entry("java.lang.Boolean", Sort.TRUTH),
            Map.entry("java.lang.Character", Sort.LETTER),
            Map.entry("java.lang.String", Sort.TEXT),
            Map.entry("java.lang.CharSequence", Sort.TEXT),
            Map.entry("java.lang.Object", Sort.TEXT),
            Map.entry("java.lang.Comparable", Sort.TEXT));

    /** Types of objects whose text says all of them, beside those of {@code java.time}. */
    private static final Set<String> SHOWN_WHOLE = Set.of("java.util.UUID", "java.util.Currency");

    /** From this length on only the beginning of a text may have been told. */
    private static final int CUT = 1_000;

    private record Parsing(String operation, List<String> texts) {}

    private static final Parsing EMPTY = new Parsing("empty", List.of(""));

    private static final Map<String, Parsing> PARSED = Map.ofEntries(
            Map.entry("java.math.BigDecimal", new Parsing("new", UsualValues.plainBroken())),
            Map.entry("java.math.BigInteger", new Parsing("new", UsualValues.plainWhole())),
            Map.entry("java.time.LocalDate", new Parsing("parse", List.of("2026-05-04", "2026-11-29", "2024-02-29"))),
            Map.entry("java.time.LocalTime", new Parsing("parse", List.of("10:30", "23:59", "00:00"))),
            Map.entry("java.time.LocalDateTime", new Parsing("parse", List.of("2026-05-04T10:30", "2026-11-29T23:59"))),
            Map.entry(
                    "java.time.Instant", new Parsing("parse", List.of("2026-05-04T10:30:00Z", "2026-11-29T23:59:00Z"))),
            Map.entry("java.time.Duration", new Parsing("parse", List.of("PT3H", "PT0S", "PT26H"))),
            Map.entry("java.time.Period", new Parsing("parse", List.of("P3D", "P0D"))),
            Map.entry(
                    "java.time.DayOfWeek",
                    new Parsing("valueOf", List.of("MONDAY", "SUNDAY", "SATURDAY", "FRIDAY", "WEDNESDAY"))),
            Map.entry("java.util.logging.Level", new Parsing("parse", List.of("INFO", "WARNING", "FINE", "SEVERE"))),
            Map.entry("java.util.concurrent.TimeUnit", new Parsing("valueOf", List.of("SECONDS", "MINUTES", "DAYS"))),
            Map.entry("java.time.temporal.ChronoUnit", new Parsing("valueOf", List.of("HOURS", "DAYS", "MINUTES"))),
            Map.entry("java.math.RoundingMode", new Parsing("valueOf", List.of("HALF_UP", "DOWN", "UP"))),
            Map.entry("java.nio.charset.Charset", new Parsing("forName", List.of("UTF-8", "US-ASCII"))),
            Map.entry("java.net.URI", new Parsing("create", List.of("harbour:quay-3", "harbour:lock"))),
            Map.entry("java.io.File", new Parsing("new", List.of("quay.txt", "berths.csv"))),
            Map.entry("java.io.StringReader", new Parsing("new", List.of("3\n1\n"))),
            Map.entry("java.io.StringWriter", EMPTY),
            Map.entry("java.time.Month", new Parsing("valueOf", List.of("MAY", "DECEMBER", "JULY", "FEBRUARY"))),
            Map.entry("java.time.Year", new Parsing("parse", List.of("2026", "2024"))),
            Map.entry("java.time.YearMonth", new Parsing("parse", List.of("2026-05", "2024-02"))),
            Map.entry("java.time.ZoneId", new Parsing("of", List.of("UTC", "Europe/Berlin"))),
            Map.entry("java.time.ZonedDateTime", new Parsing("parse", List.of("2026-05-04T10:30:00Z"))),
            Map.entry("java.util.Currency", new Parsing("getInstance", List.of("EUR", "SEK"))),
            Map.entry("java.util.Locale", new Parsing("forLanguageTag", List.of("en", "de"))),
            Map.entry("java.util.UUID", new Parsing("fromString", List.of("00000000-0000-0001-0000-000000000003"))),
            Map.entry("java.util.Scanner", new Parsing("new", List.of("3\n1\n"))),
            Map.entry("java.util.Random", EMPTY),
            Map.entry("java.util.Date", EMPTY),
            Map.entry("java.util.concurrent.atomic.AtomicInteger", EMPTY),
            Map.entry("java.util.concurrent.atomic.AtomicLong", EMPTY),
            Map.entry("java.util.concurrent.atomic.AtomicBoolean", EMPTY),
            Map.entry("java.lang.StringBuilder", new Parsing("new", List.of(""))),
            Map.entry("java.lang.StringBuffer", new Parsing("new", List.of(""))));

    private static final Map<Sort, Kind> SORTS = Map.of(
            Sort.WHOLE, Kind.NUMBER,
            Sort.BROKEN, Kind.NUMBER,
            Sort.TEXT, Kind.TEXT,
            Sort.TRUTH, Kind.TRUTH,
            Sort.LETTER, Kind.LETTER);
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

    /** A text as a value of a type that is made from one; nothing for a type that is not. */
    private static Optional<Input> parsed(String type, String text) {
        return Optional.ofNullable(PARSED.get(type))
                .filter(p -> !p.operation().equals("empty"))
                .map(p -> new Input.Parsed(type, p.operation(), text));
    }

    @Override
    public List<Input> samples(String type, MentionedValues mentioned) {
        List<Input> all = new ArrayList<>();
        if (SIMPLE.containsKey(type)) {
            texts(SIMPLE.get(type), mentioned).stream()
                    .filter(t -> fits(type, t))
                    .forEach(t -> all.add(new Input.Simple(SORTS.get(SIMPLE.get(type)), type, t)));
        } else if (PARSED.containsKey(type)) {
            Parsing p = PARSED.get(type);
            p.texts().forEach(t -> all.add(new Input.Parsed(type, p.operation(), t)));
        }
        return all;
    }

    @Override
    public Optional<Input> again(Observed seen) {
        String type = seen.type() == null ? "" : seen.type();
        if (seen.text().length() >= CUT) {
            return Optional.empty();
        }
        if (!PARSED.containsKey(type)) {
            return seen.isSimple() ? Optional.of(new Input.Simple(seen.kind(), type, seen.text())) : Optional.empty();
        }
        // an enumeration's constants are shown with its name
        boolean named = PARSED.get(type).operation().equals("valueOf");
        boolean saysAll = seen.isSimple() || named || type.startsWith("java.time.") || SHOWN_WHOLE.contains(type);
        if (!saysAll) {
            return Optional.empty();
        }
        return parsed(type, named ? seen.text().replaceFirst("^[A-Za-z]+\\.", "") : seen.text());
    }

    @Override
    public Input alike(Input like, int turn) {
        return UsualValues.alike(like, turn);
    }

    private static boolean fits(String type, String text) {
        return !type.toLowerCase().endsWith("byte") || Math.abs(Double.parseDouble(text)) < 128;
    }

    private static Set<String> texts(Sort sort, MentionedValues mentioned) {
        Set<String> all = new LinkedHashSet<>();
        switch (sort) {
            case WHOLE -> all.addAll(UsualValues.whole(mentioned));
            case BROKEN -> all.addAll(UsualValues.broken(mentioned));
            case TEXT -> all.addAll(UsualValues.texts(mentioned));
            case TRUTH -> all.addAll(TRUTHS);
            case LETTER -> {
                all.addAll(LETTERS);
                mentioned.numbers().stream()
                        .filter(n -> n.matches("\\d{2,3}"))
                        .map(Integer::valueOf)
                        .filter(n -> n > ' ' && n < 127)
                        .forEach(n -> all.add(String.valueOf((char) n.intValue())));
            }
        }
        return all;
    }

    @Override
    public List<String> matching(String expression) {
        return ShapedTexts.matching(expression);
    }

    @Override
    public Optional<Input> literal(Observed literal, String type) {
        int generic = type.indexOf('<');
        String wanted = generic < 0 ? type : type.substring(0, generic);
        return switch (literal.kind()) {
            case NUMBER -> number(literal.text(), wanted);
            case TEXT -> text(literal.text(), wanted);
            default ->
                unboxed(wanted).equals("boolean") || ANY.contains(wanted)
                        ? Optional.of(new Input.Simple(Kind.TRUTH, "java.lang.Boolean", literal.text()))
                        : Optional.empty();
        };
    }

    private static Optional<Input> number(String text, String wanted) {
        BigDecimal exact = new BigDecimal(text);
        boolean whole = exact.stripTrailingZeros().scale() <= 0;
        String plain = unboxed(wanted);
        if (BITS.containsKey(plain)) {
            return whole && fits(exact.toBigInteger(), BITS.get(plain))
                    ? Optional.of(new Input.Simple(
                            Kind.NUMBER, wanted, exact.toBigInteger().toString()))
                    : Optional.empty();
        }
        if (plain.equals("double") || plain.equals("float")) {
            return Optional.of(new Input.Simple(Kind.NUMBER, wanted, text));
        }
        if (wanted.equals("java.math.BigDecimal") || wanted.equals("java.math.BigInteger") && whole) {
            String said = wanted.endsWith("BigInteger") ? exact.toBigInteger().toString() : text;
            return Optional.of(new Input.Parsed(wanted, "new", said));
        }
        if (wanted.equals("java.lang.Number") || ANY.contains(wanted)) {
            boolean small = whole && !text.contains(".") && fits(exact.toBigInteger(), 31);
            return Optional.of(new Input.Simple(Kind.NUMBER, small ? "java.lang.Integer" : "java.lang.Double", text));
        }
        return Optional.empty();
    }

    private static boolean fits(BigInteger n, int bits) {
        return n.bitLength() <= bits;
    }

    private static Optional<Input> text(String text, String wanted) {
        if (wanted.equals("java.lang.String") || wanted.equals("java.lang.CharSequence") || ANY.contains(wanted)) {
            return Optional.of(new Input.Simple(Kind.TEXT, "java.lang.String", text));
        }
        if (unboxed(wanted).equals("char") && text.length() == 1) {
            return Optional.of(new Input.Simple(Kind.LETTER, "char", text));
        }
        return parsed(wanted, text);
    }

    @Override
    public boolean canBeNothing(String type) {
        return !PRIMITIVES.contains(type);
    }

    /** A type as it is without its object; a type that has none as it is. */
    private static String unboxed(String type) {
        return UNBOXED.getOrDefault(type, type);
    }

    @Override
    public boolean isTruth(String type) {
        return unboxed(type).equals("boolean");
    }

    @Override
    public boolean isNumber(String type) {
        Sort sort = SIMPLE.get(type);
        return sort == Sort.WHOLE || sort == Sort.BROKEN || type.startsWith("java.math.Big");
    }

    @Override
    public boolean isSameSimpleType(String one, String other) {
        return unboxed(one).equals(unboxed(other));
    }

    @Override
    public Input absent(TypeRef wanted) {
        return wanted.type().equals("java.util.Optional")
                ? new Input.Several("java.util.Optional", List.of())
                : new Input.Nothing();
    }

    @Override
    public Input container(TypeRef wanted, List<Input> items) {
        return new Input.Several(
                wanted.type().equals("array") ? componentName(wanted) + "[]" : wanted.type(), List.copyOf(items));
    }

    private static String componentName(TypeRef array) {
        TypeRef c = array.contents().get(0);
        return c.type().equals("array") ? componentName(c) + "[]" : c.type().replaceFirst("<.*", "");
    }

    /** The one said, or a text's, which an object without a type of its own is. */
    @Override
    public Optional<Input> typeAsValue(TypeRef wanted, Design design, int round) {
        if (!wanted.type().equals("java.lang.Class")) {
            return Optional.empty();
        }
        String named =
                wanted.arguments().isEmpty() ? "" : wanted.arguments().get(0).type();
        Optional<Type> own = design.type(named)
                .flatMap(t -> design.isConcrete(t)
                        ? Optional.of(t)
                        : design.realisationsOf(t).stream()
                                .filter(design::isConcrete)
                                .filter(Type::isNamed)
                                .findFirst());
        List<String> all = new ArrayList<>(List.of("java.lang.String"));
        own.ifPresent(t -> all.add(0, t.id()));
        design.types().stream()
                .filter(t -> t.isOwn() && t.isNamed() && design.isConcrete(t))
                .limit(6)
                .forEach(t -> all.add(t.id()));
        return Optional.of(new Input.Parsed("java.lang.Class", "class", all.get(round % all.size())));
    }

    @Override
    public Optional<Request> heldByRuntime(String type) {
        return switch (type) {
            case "java.io.PrintStream" -> Optional.of(new Request.Read("java.lang.System", "out", null));
            case "java.io.InputStream" -> Optional.of(new Request.Read("java.lang.System", "in", null));
            default -> Optional.empty();
        };
    }
}
