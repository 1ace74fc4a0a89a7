package hausaufgabe.core.scenario;

import hausaufgabe.core.scenario.Driver.Given;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The values that stand for "any" of a library's simple types. The first of each is the most ordinary. */
final class Samples {

    /** How many sets of values there are; beyond a type's last its values begin again. */
    static final int ROUNDS = 5;

    private static final List<String> WHOLE = List.of("3", "1", "12", "0", "100");
    private static final List<String> BROKEN = List.of("12.5", "1.0", "120.0", "0.0", "3.75");
    private static final List<String> TEXTS = List.of("Seeschwalbe", "A", "Nordhafen 7", "berth", "");

    private static final Map<String, List<String>> SIMPLE = Map.ofEntries(
            Map.entry("int", WHOLE),
            Map.entry("long", WHOLE),
            Map.entry("short", WHOLE),
            Map.entry("byte", WHOLE),
            Map.entry("double", BROKEN),
            Map.entry("float", BROKEN),
            Map.entry("boolean", List.of("true", "false")),
            Map.entry("char", List.of("a", "Z")),
            Map.entry("java.lang.Integer", WHOLE),
            Map.entry("java.lang.Long", WHOLE),
            Map.entry("java.lang.Short", WHOLE),
            Map.entry("java.lang.Byte", WHOLE),
            Map.entry("java.lang.Double", BROKEN),
            Map.entry("java.lang.Float", BROKEN),
            Map.entry("java.lang.Number", BROKEN),
            Map.entry("java.lang.Boolean", List.of("true", "false")),
            Map.entry("java.lang.Character", List.of("a", "Z")),
            Map.entry("java.lang.String", TEXTS),
            Map.entry("java.lang.CharSequence", TEXTS),
            Map.entry("java.lang.Object", TEXTS),
            Map.entry("java.lang.Comparable", TEXTS));

    private record Parsing(String operation, List<String> texts) {}

    private static final Map<String, Parsing> PARSED = Map.ofEntries(
            Map.entry("java.math.BigDecimal", new Parsing("new", BROKEN)),
            Map.entry("java.math.BigInteger", new Parsing("new", WHOLE)),
            Map.entry("java.time.LocalDate", new Parsing("parse", List.of("2026-05-04", "2026-11-29", "2024-02-29"))),
            Map.entry("java.time.LocalTime", new Parsing("parse", List.of("10:30", "23:59", "00:00"))),
            Map.entry("java.time.LocalDateTime", new Parsing("parse", List.of("2026-05-04T10:30", "2026-11-29T23:59"))),
            Map.entry("java.time.Instant", new Parsing("parse", List.of("2026-05-04T10:30:00Z"))),
            Map.entry("java.time.Duration", new Parsing("parse", List.of("PT3H", "PT0S", "PT26H"))),
            Map.entry("java.time.Period", new Parsing("parse", List.of("P3D", "P0D"))),
            Map.entry("java.time.DayOfWeek", new Parsing("valueOf", List.of("MONDAY", "SUNDAY"))),
            Map.entry("java.time.Month", new Parsing("valueOf", List.of("MAY", "DECEMBER"))),
            Map.entry("java.time.YearMonth", new Parsing("parse", List.of("2026-05"))),
            Map.entry("java.time.ZonedDateTime", new Parsing("parse", List.of("2026-05-04T10:30:00Z"))),
            Map.entry("java.util.Currency", new Parsing("getInstance", List.of("EUR"))),
            Map.entry("java.util.Locale", new Parsing("forLanguageTag", List.of("en", "de"))),
            Map.entry("java.util.UUID", new Parsing("fromString", List.of("00000000-0000-0001-0000-000000000003"))),
            Map.entry("java.util.Scanner", new Parsing("new", List.of("3\n1\n"))),
            Map.entry("java.lang.StringBuilder", new Parsing("new", List.of(""))));

    private Samples() {}

    /** A value of the type, or nothing where the type is none of a library's that are known here. */
    static Optional<Given> of(String type, int round) {
        if (SIMPLE.containsKey(type)) {
            return Optional.of(new Given.Simple(type, pick(SIMPLE.get(type), round)));
        }
        return Optional.ofNullable(PARSED.get(type))
                .map(p -> new Given.Parsed(type, p.operation(), pick(p.texts(), round)));
    }

    private static String pick(List<String> all, int round) {
        return all.get(round % all.size());
    }
}
