package hausaufgabe.checking.exercise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import hausaufgabe.checking.Json;
import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.ExerciseSettings.Attempts;
import hausaufgabe.core.exercise.ExerciseSettings.Counting;
import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.core.exercise.Rounding;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yaml.snakeyaml.Yaml;

class SettingsYamlTest {

    /** Whatever is written is read as the same, is written the same again, and keeps to the schema. */
    @Property(tries = 300)
    void whatIsWrittenIsReadAsTheSame(@ForAll("settings") ExerciseSettings settings) throws Exception {
        String text = SettingsYaml.write(settings);

        assertEquals(settings, SettingsYaml.read(text));
        assertEquals(text, SettingsYaml.write(SettingsYaml.read(text)));
        JsonNode tree = Json.mapper().valueToTree(new Yaml().load(text));
        assertEquals(List.of(), List.copyOf(schema().validate(tree)), text);
    }

    private static JsonSchema schema() throws Exception {
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/exercise.schema.json")));
    }

    @Provide
    Arbitrary<ExerciseSettings> settings() {
        Arbitrary<String> texts = Arbitraries.strings()
                .withChars("aZäß #:\"'-[]{}&*!|>%@0.,\\")
                .ofMinLength(1)
                .ofMaxLength(30)
                .map(s -> "T" + s.strip());
        Arbitrary<String> words = Arbitraries.strings().alpha().ofMinLength(1).ofMaxLength(8);
        Arbitrary<LocalDateTime> times = Arbitraries.integers()
                .between(0, 2_000_000)
                .map(m -> LocalDateTime.parse("2026-01-01T00:00").plusMinutes(m))
                .injectNull(0.3);
        Arbitrary<BigDecimal> amounts = Arbitraries.integers().between(0, 400).map(n -> BigDecimal.valueOf(n, 2));
        Arbitrary<Lateness> late = Combinators.combine(Arbitraries.integers().between(0, 90), amounts, amounts, times)
                .as(Lateness::new);
        Arbitrary<Attempts> attempts = Combinators.combine(
                        Arbitraries.integers().between(0, 5), Arbitraries.of(Counting.class))
                .as(Attempts::new);
        Arbitrary<Rounding> rounding = Combinators.combine(
                        Arbitraries.integers().between(0, 100), Arbitraries.of(Rounding.Steps.class))
                .as(Rounding::new);
        return Combinators.combine(
                        texts,
                        Arbitraries.of("UTC", "Europe/Berlin", "Asia/Kathmandu").map(ZoneId::of),
                        times,
                        times,
                        Combinators.combine(late, rounding).as(Map::entry),
                        attempts,
                        Arbitraries.of(Shown.class),
                        Arbitraries.maps(words, words).ofMaxSize(3))
                .flatAs((title, zone, opens, due, l, a, shown, names) -> Arbitraries.maps(
                                words, texts.list().ofMaxSize(3))
                        .ofMaxSize(2)
                        .flatMap(wrong -> criteria(words, texts)
                                .map(criteria -> new ExerciseSettings(
                                        title,
                                        zone,
                                        opens,
                                        due,
                                        l.getKey(),
                                        l.getValue(),
                                        a,
                                        shown,
                                        criteria,
                                        names,
                                        names.size() > 1 ? List.of("java", "python") : List.of("typescript"),
                                        wrong))));
    }

    private static Arbitrary<List<Criterion>> criteria(Arbitrary<String> words, Arbitrary<String> texts) {
        Arbitrary<Criterion.Level> level = Combinators.combine(
                        Arbitraries.integers().between(0, 40).map(n -> n / 4.0), texts)
                .as(Criterion.Level::new);
        return Combinators.combine(words, texts, level.list().ofMinSize(1).ofMaxSize(4))
                .as(Criterion::new)
                .list()
                .ofMaxSize(3)
                .uniqueElements(Criterion::id);
    }

    @Test
    void whatAPersonJudgesHasLevels() throws Exception {
        ExerciseSettings settings = SettingsYaml.read("""
                title: Tides
                criteria:
                - id: names
                  text: Names say what things are.
                  levels:
                  - {points: 2, text: all do}
                  - {points: 0.5, text: some do}
                """);

        assertEquals(
                List.of(new Criterion(
                        "names",
                        "Names say what things are.",
                        List.of(new Criterion.Level(2, "all do"), new Criterion.Level(0.5, "some do")))),
                settings.criteria());
        assertEquals(2, settings.criteria().get(0).possible());
        assertEquals(settings, SettingsYaml.read(SettingsYaml.write(settings)));
    }

    @Test
    void whatIsNotSaidIsAsUsual() throws Exception {
        ExerciseSettings settings = SettingsYaml.read("title: What a berth costs\n");

        assertEquals(ExerciseSettings.named("What a berth costs", ZoneId.of("UTC")), settings);
    }

    @Test
    void theOrderAndTheWayToWriteAreFree() throws Exception {
        ExerciseSettings settings = SettingsYaml.read("""
                # by hand
                late: {graceMinutes: 15, percentPerDay: 12.5}
                due: 2026-12-04 20:00
                title: "Tides"
                wrong: {switch-stayed: [delegates, "a ship: comes"]}
                """);

        assertEquals(LocalDateTime.parse("2026-12-04T20:00"), settings.due());
        assertEquals(new BigDecimal("12.5"), settings.late().percentPerDay());
        assertEquals(Map.of("switch-stayed", List.of("delegates", "a ship: comes")), settings.wrong());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "zone: UTC | 1 | 'title' is needed",
                "title: T;;due: tomorrow | 2 | is a day and an hour such as",
                "title: T;;zone: Mars/Port | 2 | is no time zone",
                "title: T;;format: 2 | 2 | newer Hausaufgabe",
                "title: T;;colour: red | 2 | is no part of the settings",
                "title: T;;late: {perDay: 2} | 2 | is no part of 'late'",
                "title: T;;late: 3 | 2 | has parts of its own",
                "title: T;;late: {pointsPerDay: -1} | 2 | is a number from 0 to 1000",
                "title: T;;attempts: {most: many} | 2 | is a whole number",
                "title: T;;attempts: {counts: worst} | 2 | is one of last, first, best",
                "title: T;;title: U | 2 | stands twice",
                "title: T;;criteria: {id: x} | 2 | is a list",
                "title: T;;criteria:;;- names | 3 | has parts of its own",
                "title: T;;criteria:;;- id: a b | 3 | is a word of letters",
                "title: T;;criteria:;;- id: a | 3 | 'levels' are needed",
                "title: T;;criteria:;;- {id: a, text: t, levels: [{points: 0.3, text: t}]} | 3 | go in quarters",
                "title: T;;criteria:;;- {id: a, text: t, levels: [{points: 1}]} | 3 | 'text' of a level is needed",
                "title: T;;criteria:;;- &c {id: a, text: t, levels: [{points: 1, text: t}]};;- *c | 3 | another criterion",
                "title: [T | 1 | is no YAML here",
                "- one | 1 | holds no settings",
                "title: !!java.net.URL [x] | 1 | is no YAML here",
                "title: T;;wrong: {a: b} | 2 | is a list",
            })
    void whatCannotBeReadIsToldWithItsPlace(String text, int line, String said) {
        SettingsException e = assertThrows(SettingsException.class, () -> SettingsYaml.read(text.replace(";;", "\n")));

        assertTrue(e.getMessage().contains(said), e.getMessage());
        assertEquals(line, e.line());
    }
}
