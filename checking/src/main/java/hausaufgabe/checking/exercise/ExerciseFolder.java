package hausaufgabe.checking.exercise;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.FileNames;
import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.archive.SourceText;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.notation.PatternSet;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * An exercise as the files of its folder, wherever they are kept: on disk, in a zip, in the records. Never changed.
 *
 * <pre>
 * exercise.yaml     settings                     brief.md        what students read
 * pattern.muster    what must be there           images/         pictures of the brief
 * starter/          what is handed out           tests/          test classes
 * solutions/NAME/   to be accepted               wrong/NAME/     to be faulted
 * </pre>
 */
public final class ExerciseFolder {

    public static final String SETTINGS = "exercise.yaml";
    public static final String BRIEF = "brief.md";
    public static final String PATTERN = "pattern.muster";
    public static final String IMAGES = "images/";
    public static final String STARTER = "starter/";
    public static final String TESTS = "tests/";
    public static final String SOLUTIONS = "solutions/";
    public static final String WRONG = "wrong/";

    static final int LARGEST_FILE = 2 << 20;
    static final int MOST_FILES = 2_000;
    private static final int LONGEST_PATH = 250;
    private static final List<String> PICTURES = List.of(".png", ".jpg", ".jpeg", ".gif", ".webp");

    private final SortedMap<String, byte[]> files;
    /** What was read already, since the same is asked for with every page and every check. */
    private volatile @Nullable PatternSet patterns;

    private volatile @Nullable ExerciseSettings settings;

    private ExerciseFolder(SortedMap<String, byte[]> files) {
        this.files = Collections.unmodifiableSortedMap(files);
    }

    /** @throws ArchiveException where something in it is no part of an exercise; the message says what to do */
    public static ExerciseFolder of(Map<String, byte[]> files) throws ArchiveException {
        if (files.size() > MOST_FILES) {
            throw new ArchiveException("The exercise has " + files.size() + " files; " + MOST_FILES + " is most.");
        }
        for (Map.Entry<String, byte[]> e : files.entrySet()) {
            Optional<String> why = refusal(e.getKey(), e.getValue().length);
            if (why.isPresent()) {
                throw new ArchiveException(why.get());
            }
            if (!e.getKey().startsWith(IMAGES)) {
                SourceText.of(e.getKey(), e.getValue());
            }
        }
        return new ExerciseFolder(new TreeMap<>(files));
    }

    /** Why a file can be no part of an exercise; empty where it can. */
    public static Optional<String> refusal(String path, int bytes) {
        String shown = FileNames.shown(path);
        boolean leaves = path.isEmpty()
                || path.startsWith("/")
                || ("/" + path + "/").contains("/../")
                || ("/" + path + "/").contains("/./")
                || path.contains("//")
                || path.indexOf('\\') >= 0
                || path.matches("^[A-Za-z]:.*");
        if (leaves || !shown.equals(path) || path.length() > LONGEST_PATH) {
            return Optional.of(
                    "'" + shown + "' is no path within an exercise. Paths are parted by / and stay in the folder.");
        }
        if (bytes > LARGEST_FILE) {
            return Optional.of(
                    path + " is larger than " + (LARGEST_FILE >> 20) + " MB. Make it smaller or leave it out.");
        }
        if (path.startsWith(IMAGES)) {
            boolean picture = PICTURES.stream().anyMatch(path.toLowerCase(java.util.Locale.ROOT)::endsWith);
            return picture
                    ? Optional.empty()
                    : Optional.of(path + " is no picture a brief can show (" + String.join(", ", PICTURES) + ").");
        }
        boolean inSolution = (path.startsWith(SOLUTIONS) || path.startsWith(WRONG)) && path.split("/").length > 2;
        boolean known = List.of(SETTINGS, BRIEF, PATTERN).contains(path)
                || path.startsWith(STARTER)
                || path.startsWith(TESTS)
                || inSolution;
        return known
                ? Optional.empty()
                : Optional.of("'" + path + "' is no part of an exercise. An exercise has " + SETTINGS + ", " + BRIEF
                        + ", " + PATTERN + " and the folders starter, tests, images, solutions/NAME and wrong/NAME.");
    }

    /** All files by path, in the order of the paths. */
    public SortedMap<String, byte[]> files() {
        return files;
    }

    public ExerciseFolder with(String path, byte[] content) throws ArchiveException {
        SortedMap<String, byte[]> changed = new TreeMap<>(files);
        changed.put(path, content);
        return of(changed);
    }

    public ExerciseFolder with(String path, String text) throws ArchiveException {
        return with(path, text.getBytes(StandardCharsets.UTF_8));
    }

    public ExerciseFolder without(String path) {
        SortedMap<String, byte[]> changed = new TreeMap<>(files);
        changed.remove(path);
        return new ExerciseFolder(changed);
    }

    /** A file's text; empty where there is none. */
    public String text(String path) {
        byte[] bytes = files.get(path);
        try {
            return bytes == null ? "" : SourceText.of(path, bytes).text();
        } catch (ArchiveException e) {
            throw new IllegalStateException("it was looked at when the folder was made", e);
        }
    }

    public String brief() {
        return text(BRIEF);
    }

    public String patternText() {
        return text(PATTERN);
    }

    /** @throws hausaufgabe.core.notation.NotationException where its text is none */
    public PatternSet patterns() {
        PatternSet known = patterns;
        if (known == null) {
            known = Patterns.all(patternText());
            patterns = known;
        }
        return known;
    }

    /** @throws SettingsException where they cannot be read */
    public ExerciseSettings settings() throws SettingsException {
        ExerciseSettings known = settings;
        if (known == null) {
            known = SettingsYaml.read(text(SETTINGS));
            settings = known;
        }
        return known;
    }

    public List<SourceFile> starter() {
        return sources(STARTER);
    }

    public List<SourceFile> tests() {
        return sources(TESTS);
    }

    private List<SourceFile> sources(String folder) {
        return files.keySet().stream()
                .filter(p -> p.startsWith(folder) && SourceFiles.isRead(p))
                .map(p -> new SourceFile(p.substring(folder.length()), text(p)))
                .toList();
    }

    /** Solutions to be accepted, then those to be faulted, each in the order of their names. */
    public List<Solution> solutions() {
        Map<String, List<String>> caughtBy = caughtBy();
        List<Solution> all = new ArrayList<>();
        for (String folder : List.of(SOLUTIONS, WRONG)) {
            files.keySet().stream()
                    .filter(p -> p.startsWith(folder))
                    .map(p -> p.substring(folder.length()).split("/")[0])
                    .distinct()
                    .forEach(name -> all.add(new Solution(
                            name,
                            folder.equals(SOLUTIONS),
                            folder.equals(SOLUTIONS) ? List.of() : caughtBy.getOrDefault(name, List.of()),
                            sources(folder + name + "/"))));
        }
        return List.copyOf(all);
    }

    private Map<String, List<String>> caughtBy() {
        try {
            return settings().wrong();
        } catch (SettingsException e) {
            return Map.of();
        }
    }

    /** What is not right in it, what keeps it from being opened first. */
    public List<Problem> problems() {
        return new Proofreading(this).problems();
    }

    /**
     * A check of sources by this exercise.
     *
     * @throws SettingsException where the settings cannot be read
     */
    public CheckRequest check(Upload upload, boolean structureOnly, CheckRequest.Isolation isolation)
            throws SettingsException {
        return new CheckRequest(
                patternText(),
                upload.sources(),
                starter(),
                tests(),
                upload.remarks(),
                CheckRequest.pins(settings().names()),
                structureOnly,
                isolation);
    }

    @Override
    public boolean equals(Object other) {
        if (!(other instanceof ExerciseFolder f) || !f.files.keySet().equals(files.keySet())) {
            return false;
        }
        return files.entrySet().stream().allMatch(e -> java.util.Arrays.equals(e.getValue(), f.files.get(e.getKey())));
    }

    @Override
    public int hashCode() {
        return files.keySet().hashCode();
    }
}
