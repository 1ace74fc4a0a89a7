package hausaufgabe.core.scenario;

import hausaufgabe.core.scenario.Driver.Given;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The values that stand for "any" of a library's simple types: a fixed list, the most ordinary first, and then what the
 * program's own code mentions, for numbers also what is next to it.
 */
final class Samples {

    /** How many sets of values are tried; beyond a type's last its values begin again. */
    static final int ROUNDS = 12;

    private static final List<String> WHOLE = List.of("3", "1", "12", "0", "100");
    private static final List<String> WHOLE_FAR = List.of("1000", "-7");
    private static final List<String> BROKEN = List.of("12.5", "1.0", "120.0", "0.0", "3.75");
    private static final List<String> BROKEN_FAR = List.of("1500.0", "-7.5");
    private static final List<String> TEXTS = List.of("Seeschwalbe", "A", "12", "Nordhafen 7", "berth", "");
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

    private record Parsing(String operation, List<String> texts) {}

    private static final Parsing EMPTY = new Parsing("empty", List.of(""));

    private static final Map<String, Parsing> PARSED = Map.ofEntries(
            Map.entry("java.math.BigDecimal", new Parsing("new", BROKEN)),
            Map.entry("java.math.BigInteger", new Parsing("new", WHOLE)),
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

    private Samples() {}

    /** A text as a value of a type that is made from one; nothing for a type that is not. */
    static Optional<Given> parsed(String type, String text) {
        return Optional.ofNullable(PARSED.get(type))
                .filter(p -> !p.operation().equals("empty"))
                .map(p -> new Given.Parsed(type, p.operation(), text));
    }

    /** A value of the type, or nothing where the type is none of a library's that are known here. */
    static Optional<Given> of(String type, int round, Mentioned mentioned) {
        List<Given> all = all(type, mentioned);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(round % all.size()));
    }

    /** All values of the type that are tried. */
    static List<Given> all(String type, Mentioned mentioned) {
        List<Given> all = new ArrayList<>();
        if (SIMPLE.containsKey(type)) {
            texts(SIMPLE.get(type), mentioned).stream()
                    .filter(t -> fits(type, t))
                    .forEach(t -> all.add(new Given.Simple(type, t)));
        } else if (PARSED.containsKey(type)) {
            Parsing p = PARSED.get(type);
            p.texts().forEach(t -> all.add(new Given.Parsed(type, p.operation(), t)));
        }
        return all;
    }

    private static boolean fits(String type, String text) {
        return !type.toLowerCase().endsWith("byte") || Math.abs(Double.parseDouble(text)) < 128;
    }

    private static Set<String> texts(Sort sort, Mentioned mentioned) {
        Set<String> all = new LinkedHashSet<>();
        switch (sort) {
            case WHOLE -> mix(all, WHOLE, numbers(mentioned, true), WHOLE_FAR);
            case BROKEN -> mix(all, BROKEN, numbers(mentioned, false), BROKEN_FAR);
            case TEXT -> mix(all, TEXTS, mentioned.texts(), List.of());
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

    /** Two ordinary ones first, then what is mentioned between the others. */
    private static void mix(Set<String> into, List<String> usual, List<String> mentioned, List<String> far) {
        into.addAll(usual.subList(0, 2));
        List<String> rest = new ArrayList<>(usual.subList(2, usual.size()));
        rest.addAll(far);
        for (int i = 0; i < Math.max(rest.size(), mentioned.size()); i++) {
            if (i < mentioned.size()) {
                into.add(mentioned.get(i));
            }
            if (i < rest.size()) {
                into.add(rest.get(i));
            }
        }
    }

    private static List<String> numbers(Mentioned mentioned, boolean whole) {
        List<String> all = new ArrayList<>();
        for (String n : mentioned.numbers()) {
            try {
                BigDecimal exact = new BigDecimal(n);
                boolean small = exact.abs().compareTo(BigDecimal.valueOf(1_000_000)) < 0;
                boolean isWhole = exact.stripTrailingZeros().scale() <= 0;
                if (small && (isWhole || !whole)) {
                    for (BigDecimal near : List.of(exact.add(BigDecimal.ONE), exact, exact.subtract(BigDecimal.ONE))) {
                        all.add(whole ? near.toBigInteger().toString() : String.valueOf(near.doubleValue()));
                    }
                }
            } catch (NumberFormatException notOne) {
                // infinity, or no number
            }
        }
        return all;
    }

    /** Texts and numbers that the code mentions. */
    record Mentioned(List<String> texts, List<String> numbers) {
        static final Mentioned NOTHING = new Mentioned(List.of(), List.of());
    }
}
