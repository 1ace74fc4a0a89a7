package hausaufgabe.checking.exercise;

import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.ExerciseSettings.Attempts;
import hausaufgabe.core.exercise.ExerciseSettings.Counting;
import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.core.exercise.Rounding;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.Mark;
import org.yaml.snakeyaml.error.MarkedYAMLException;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;
import org.yaml.snakeyaml.representer.Representer;

/**
 * The settings of an exercise as YAML. Its schema is {@code docs/exercise.schema.json}. Only the document's nodes are read, so
 * that no text can have an object made.
 */
public final class SettingsYaml {

    /** Goes up when a reader of before could no longer understand what is written. */
    private static final int FORMAT = 1;

    private static final int LONGEST = 100_000;
    private static final int LONGEST_TITLE = 200;
    private static final int MOST_MINUTES = 60 * 24 * 30;
    private static final int MOST_ATTEMPTS = 1_000;
    private static final int MOST_CRITERIA = 30;
    private static final int LONGEST_ID = 60;
    private static final int LONGEST_TEXT = 500;
    private static final BigDecimal MOST_POINTS = BigDecimal.valueOf(1_000);

    private SettingsYaml() {}

    /** @throws SettingsException where the text is no settings, with the place */
    public static ExerciseSettings read(String text) throws SettingsException {
        if (text.length() > LONGEST) {
            throw new SettingsException(1, 1, "has " + text.length() + " characters; " + LONGEST + " is most");
        }
        Fields root = new Fields(parsed(text), "the settings");
        root.only(
                "format",
                "title",
                "zone",
                "opens",
                "due",
                "late",
                "points",
                "attempts",
                "shows",
                "criteria",
                "names",
                "languages",
                "wrong");
        int format = root.whole("format", FORMAT, 1, Integer.MAX_VALUE);
        if (format > FORMAT) {
            throw root.wrong(
                    "format",
                    "was written by a newer Hausaufgabe (format " + format + "; this one reads " + FORMAT
                            + "). Update this one, or take the exercise out of the other as it was before");
        }
        Fields late = root.inner("late");
        late.only("graceMinutes", "pointsPerDay", "percentPerDay", "closes");
        Fields points = root.inner("points");
        points.only("notCompilingPercent", "rounding");
        Fields attempts = root.inner("attempts");
        attempts.only("most", "counts", "steps");
        return new ExerciseSettings(
                title(root),
                zone(root),
                root.time("opens"),
                root.time("due"),
                new Lateness(
                        late.whole("graceMinutes", 0, 0, MOST_MINUTES),
                        late.amount("pointsPerDay", MOST_POINTS),
                        late.amount("percentPerDay", BigDecimal.valueOf(100)),
                        late.time("closes")),
                new Rounding(
                        points.whole("notCompilingPercent", 100, 0, 100),
                        points.choice("rounding", Rounding.Steps.class, Rounding.Steps.QUARTERS)),
                new Attempts(
                        attempts.whole("most", 0, 0, MOST_ATTEMPTS),
                        attempts.choice("counts", Counting.class, Counting.LAST),
                        attempts.flag("steps", false)),
                root.choice("shows", Shown.class, Shown.NOTHING),
                criteria(root),
                root.texts("names"),
                languages(root),
                root.lists("wrong"));
    }

    private static List<String> languages(Fields root) throws SettingsException {
        List<String> asked = root.list("languages", ExerciseSettings.USUAL_LANGUAGES);
        List<String> known =
                SourceFiles.ANY.taken().stream().map(SourceFiles.Language::id).toList();
        for (String l : asked) {
            if (!known.contains(l)) {
                throw root.wrong("languages", "'" + l + "' is not read here; there are " + String.join(", ", known));
            }
        }
        if (asked.isEmpty()) {
            throw root.wrong("languages", "are at least one of " + String.join(", ", known));
        }
        return known.stream().filter(asked::contains).toList();
    }

    private static List<Criterion> criteria(Fields root) throws SettingsException {
        List<Criterion> all = new ArrayList<>();
        for (Fields c : root.inners("criteria", "a criterion")) {
            c.only("id", "text", "levels");
            String id = c.needed("id", LONGEST_ID);
            if (!id.matches("[\\p{L}\\p{N}_-]+")) {
                throw c.wrong("id", "is a word of letters, digits and hyphens, not '" + id + "'");
            }
            if (all.stream().anyMatch(x -> x.id().equals(id))) {
                throw c.wrong("id", "'" + id + "' names another criterion already");
            }
            List<Criterion.Level> levels = new ArrayList<>();
            for (Fields l : c.inners("levels", "a level")) {
                l.only("points", "text");
                BigDecimal points = l.amount("points", MOST_POINTS);
                if (points.remainder(new BigDecimal("0.25")).signum() != 0) {
                    throw l.wrong("points", "go in quarters, such as 1.75");
                }
                levels.add(new Criterion.Level(points.doubleValue(), l.needed("text", LONGEST_TEXT)));
            }
            if (levels.isEmpty()) {
                throw c.wrong("levels", "are needed: each with points and a text that says what such work is like");
            }
            all.add(new Criterion(id, c.needed("text", LONGEST_TEXT), levels));
        }
        if (all.size() > MOST_CRITERIA) {
            throw root.wrong("criteria", "are at most " + MOST_CRITERIA);
        }
        return all;
    }

    private static String title(Fields root) throws SettingsException {
        String title = root.text("title", "").strip();
        if (title.isEmpty() || title.length() > LONGEST_TITLE) {
            throw root.wrong(
                    "title", "is needed: what the exercise is called, in at most " + LONGEST_TITLE + " characters");
        }
        return title;
    }

    private static ZoneId zone(Fields root) throws SettingsException {
        String zone = root.text("zone", "UTC");
        try {
            return ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw root.wrong("zone", "'" + zone + "' is no time zone; one looks like Europe/Berlin");
        }
    }

    private static MappingNode parsed(String text) throws SettingsException {
        try {
            Node node = new Yaml(new SafeConstructor(new LoaderOptions())).compose(new java.io.StringReader(text));
            if (node instanceof MappingNode mapping) {
                return mapping;
            }
            throw new SettingsException(1, 1, "holds no settings. Begin with  title: ...");
        } catch (MarkedYAMLException e) {
            Mark at = e.getProblemMark();
            throw new SettingsException(
                    at == null ? 1 : at.getLine() + 1,
                    at == null ? 1 : at.getColumn() + 1,
                    "is no YAML here: " + e.getProblem());
        } catch (YAMLException e) {
            throw new SettingsException(1, 1, "is no YAML: " + e.getMessage());
        }
    }

    /** The fields of one mapping, each with its place. */
    private static final class Fields {

        private final Map<String, Node> values = new LinkedHashMap<>();
        private final MappingNode node;
        private final String what;

        /** @param node null for one that is not there */
        Fields(MappingNode node, String what) throws SettingsException {
            this.node = node;
            this.what = what;
            for (NodeTuple t : node == null ? List.<NodeTuple>of() : node.getValue()) {
                if (!(t.getKeyNode() instanceof ScalarNode key)) {
                    throw at(t.getKeyNode(), "a key of " + what + " is a word");
                }
                if (values.put(key.getValue(), t.getValueNode()) != null) {
                    throw at(key, "'" + key.getValue() + "' stands twice in " + what);
                }
            }
        }

        private static SettingsException at(Node node, String message) {
            return new SettingsException(
                    node.getStartMark().getLine() + 1, node.getStartMark().getColumn() + 1, message);
        }

        SettingsException wrong(String key, String message) {
            Node at = values.get(key);
            if (at == null && node != null) {
                return at(node, "'" + key + "' " + message);
            }
            return at == null
                    ? new SettingsException(1, 1, "'" + key + "' " + message)
                    : at(at, (message.startsWith("'") ? "" : "'" + key + "' ") + message);
        }

        void only(String... known) throws SettingsException {
            for (NodeTuple t : node == null ? List.<NodeTuple>of() : node.getValue()) {
                String key = ((ScalarNode) t.getKeyNode()).getValue();
                if (!List.of(known).contains(key)) {
                    throw at(
                            t.getKeyNode(),
                            "'" + key + "' is no part of " + what + ", which are " + String.join(", ", known));
                }
            }
        }

        Fields inner(String key) throws SettingsException {
            Node value = values.get(key);
            if (value != null && !(value instanceof MappingNode)) {
                throw wrong(key, "has parts of its own, each on a line: name: value");
            }
            return new Fields((MappingNode) value, "'" + key + "'");
        }

        /** Those of each mapping in a list. */
        List<Fields> inners(String key, String each) throws SettingsException {
            Node value = values.get(key);
            if (value != null && !(value instanceof SequenceNode)) {
                throw wrong(key, "is a list, each of it begun with a hyphen");
            }
            List<Fields> all = new ArrayList<>();
            for (Node n : value == null ? List.<Node>of() : ((SequenceNode) value).getValue()) {
                if (!(n instanceof MappingNode mapping)) {
                    throw at(n, each + " has parts of its own, each on a line: name: value");
                }
                all.add(new Fields(mapping, each));
            }
            return all;
        }

        String needed(String key, int longest) throws SettingsException {
            String text = text(key, "").strip();
            if (text.isEmpty() || text.length() > longest) {
                Node at = values.get(key);
                throw at(
                        at == null ? Objects.requireNonNull(node) : at,
                        "'" + key + "' of " + what + " is needed, in at most " + longest + " characters");
            }
            return text;
        }

        String text(String key, String otherwise) throws SettingsException {
            Node value = values.get(key);
            if (value == null) {
                return otherwise;
            }
            if (!(value instanceof ScalarNode scalar)) {
                throw wrong(key, "is a single value");
            }
            return scalar.getValue();
        }

        boolean flag(String key, boolean otherwise) throws SettingsException {
            String text = text(key, String.valueOf(otherwise)).strip();
            if (!text.equals("true") && !text.equals("false")) {
                throw wrong(key, "is true or false, not '" + text + "'");
            }
            return text.equals("true");
        }

        int whole(String key, int otherwise, int least, int most) throws SettingsException {
            String text = text(key, String.valueOf(otherwise));
            try {
                int n = Integer.parseInt(text.strip());
                if (n >= least && n <= most) {
                    return n;
                }
            } catch (NumberFormatException e) {
                // told below with what it must be
            }
            throw wrong(key, "is a whole number from " + least + " to " + most + ", not '" + text + "'");
        }

        BigDecimal amount(String key, BigDecimal most) throws SettingsException {
            String text = text(key, "0").strip();
            if (text.matches("[0-9]{1,6}(\\.[0-9]{1,2})?") && new BigDecimal(text).compareTo(most) <= 0) {
                return new BigDecimal(text);
            }
            throw wrong(key, "is a number from 0 to " + most + ", not '" + text + "'");
        }

        LocalDateTime time(String key) throws SettingsException {
            String text = text(key, null);
            if (text == null) {
                return null;
            }
            try {
                return LocalDateTime.parse(text.strip().replace(' ', 'T'));
            } catch (DateTimeException e) {
                throw wrong(key, "is a day and an hour such as 2026-12-04T20:00, not '" + text + "'");
            }
        }

        <E extends Enum<E>> E choice(String key, Class<E> of, E otherwise) throws SettingsException {
            String text = text(key, word(otherwise));
            for (E e : of.getEnumConstants()) {
                if (word(e).equals(text.strip().toLowerCase(Locale.ROOT))) {
                    return e;
                }
            }
            throw wrong(
                    key,
                    "is one of "
                            + Arrays.stream(of.getEnumConstants())
                                    .map(SettingsYaml::word)
                                    .collect(Collectors.joining(", "))
                            + ", not '" + text + "'");
        }

        Map<String, String> texts(String key) throws SettingsException {
            Fields inner = inner(key);
            Map<String, String> all = new LinkedHashMap<>();
            for (String k : inner.values.keySet()) {
                all.put(k, inner.text(k, ""));
            }
            return all;
        }

        /** A list of single values; the usual one where there is none. */
        List<String> list(String key, List<String> usual) throws SettingsException {
            Node node = values.get(key);
            if (node == null) {
                return usual;
            }
            if (!(node instanceof SequenceNode sequence)) {
                throw wrong(key, "is a list: [one, another]");
            }
            List<String> texts = new ArrayList<>();
            for (Node n : sequence.getValue()) {
                if (!(n instanceof ScalarNode scalar)) {
                    throw at(n, "each of the list is a single value");
                }
                texts.add(scalar.getValue());
            }
            return texts;
        }

        Map<String, List<String>> lists(String key) throws SettingsException {
            Fields inner = inner(key);
            Map<String, List<String>> all = new LinkedHashMap<>();
            for (Map.Entry<String, Node> e : inner.values.entrySet()) {
                if (!(e.getValue() instanceof SequenceNode sequence)) {
                    throw inner.wrong(e.getKey(), "is a list: [one, another]");
                }
                List<String> texts = new ArrayList<>();
                for (Node n : sequence.getValue()) {
                    if (!(n instanceof ScalarNode scalar)) {
                        throw at(n, "each of the list is a single value");
                    }
                    texts.add(scalar.getValue());
                }
                all.put(e.getKey(), List.copyOf(texts));
            }
            return all;
        }
    }

    private static String word(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The settings as text, the same for the same settings; what is as usual is left out. */
    public static String write(ExerciseSettings s) {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("format", FORMAT);
        root.put("title", s.title());
        root.put("zone", s.zone().getId());
        putUnless(root, "opens", s.opens(), null);
        putUnless(root, "due", s.due(), null);
        Map<String, Object> late = new LinkedHashMap<>();
        putUnless(late, "graceMinutes", s.late().graceMinutes(), 0);
        putUnless(late, "pointsPerDay", s.late().pointsPerDay(), BigDecimal.ZERO);
        putUnless(late, "percentPerDay", s.late().percentPerDay(), BigDecimal.ZERO);
        putUnless(late, "closes", s.late().closes(), null);
        putUnless(root, "late", late, Map.of());
        Map<String, Object> points = new LinkedHashMap<>();
        putUnless(points, "notCompilingPercent", s.rounding().notCompilingPercent(), 100);
        putUnless(points, "rounding", s.rounding().to(), Rounding.Steps.QUARTERS);
        putUnless(root, "points", points, Map.of());
        Map<String, Object> attempts = new LinkedHashMap<>();
        putUnless(attempts, "most", s.attempts().most(), 0);
        putUnless(attempts, "counts", s.attempts().counts(), Counting.LAST);
        putUnless(attempts, "steps", s.attempts().steps(), false);
        putUnless(root, "attempts", attempts, Map.of());
        putUnless(root, "shows", s.shows(), Shown.NOTHING);
        putUnless(root, "criteria", asFields(s.criteria()), List.of());
        putUnless(root, "names", s.names(), Map.of());
        putUnless(root, "languages", s.languages(), ExerciseSettings.USUAL_LANGUAGES);
        putUnless(root, "wrong", s.wrong(), Map.of());
        return text(root);
    }

    /** Criteria as {@link #text} writes them. */
    public static List<Map<String, Object>> asFields(List<Criterion> criteria) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Criterion c : criteria) {
            List<Map<String, Object>> levels = new ArrayList<>();
            for (Criterion.Level l : c.levels()) {
                Map<String, Object> level = new LinkedHashMap<>();
                level.put("points", BigDecimal.valueOf(l.points()).stripTrailingZeros());
                level.put("text", l.text());
                levels.add(level);
            }
            Map<String, Object> fields = new LinkedHashMap<>();
            fields.put("id", c.id());
            fields.put("text", c.text());
            fields.put("levels", levels);
            all.add(fields);
        }
        return all;
    }

    /** Fields as YAML, those without a value left out. */
    public static String text(Map<String, ?> fields) {
        DumperOptions options = new DumperOptions();
        options.setDefaultFlowStyle(DumperOptions.FlowStyle.BLOCK);
        options.setAllowUnicode(true);
        options.setWidth(200);
        options.setSplitLines(false);
        return new Yaml(new Representer(options), options).dump(said(fields));
    }

    private static Map<String, Object> said(Map<String, ?> fields) {
        Map<String, Object> all = new LinkedHashMap<>();
        fields.forEach((k, v) -> {
            if (v != null) {
                all.put(k, v instanceof Map<?, ?> inner ? said(asFields(inner)) : plain(v));
            }
        });
        return all;
    }

    private static Map<String, Object> asFields(Map<?, ?> map) {
        Map<String, Object> fields = new LinkedHashMap<>();
        map.forEach((k, v) -> fields.put(String.valueOf(k), v));
        return fields;
    }

    private static void putUnless(Map<String, Object> into, String key, Object value, Object usual) {
        if (value == null || value.equals(usual)) {
            return;
        }
        into.put(key, plain(value));
    }

    /** A list of its own for each, since what stands twice as the same object is written as a reference. */
    private static Object plain(Object value) {
        if (value instanceof Enum<?> e) {
            return word(e);
        }
        if (value instanceof LocalDateTime t) {
            return t.toString();
        }
        if (value instanceof BigDecimal n) {
            return n.scale() <= 0 ? (Object) n.intValueExact() : (Object) n.doubleValue();
        }
        if (value instanceof Map<?, ?> m) {
            Map<Object, Object> copy = new LinkedHashMap<>();
            m.forEach((k, v) -> copy.put(k, plain(v)));
            return copy;
        }
        if (value instanceof List<?> l) {
            List<Object> copy = new ArrayList<>();
            l.forEach(x -> copy.add(plain(x)));
            return copy;
        }
        return value;
    }
}
