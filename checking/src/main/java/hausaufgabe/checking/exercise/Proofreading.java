package hausaufgabe.checking.exercise;

import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.NotationException;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.core.notation.Run;
import hausaufgabe.core.notation.Scenario;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Reads an exercise through for what keeps it from being opened, and for what its author should know. */
final class Proofreading {

    private static final Pattern MARKUP = Pattern.compile("<\\s*/?\\s*[a-zA-Z][^>\\n]*>");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final int LONGEST_BRIEF = 100_000;

    private final ExerciseFolder folder;
    private final List<Problem> found = new ArrayList<>();

    Proofreading(ExerciseFolder folder) {
        this.folder = folder;
    }

    List<Problem> problems() {
        ExerciseSettings settings = settings();
        PatternSet patterns = patterns();
        if (settings != null) {
            times(settings);
        }
        if (settings != null && patterns != null) {
            names(settings, patterns);
            wrong(settings, patterns);
        }
        if (patterns != null) {
            points(patterns, settings);
        }
        brief();
        solutions();
        return Stream.concat(
                        found.stream().filter(Problem::blocks), found.stream().filter(p -> !p.blocks()))
                .toList();
    }

    private void block(String path, String message) {
        found.add(new Problem(path, 0, 0, message, true));
    }

    private void advise(String path, int line, String message) {
        found.add(new Problem(path, line, 0, message, false));
    }

    private ExerciseSettings settings() {
        if (!folder.files().containsKey(ExerciseFolder.SETTINGS)) {
            block(ExerciseFolder.SETTINGS, "is missing. It holds at least  title: ...");
            return null;
        }
        try {
            return folder.settings();
        } catch (SettingsException e) {
            found.add(new Problem(ExerciseFolder.SETTINGS, e.line(), e.column(), e.getMessage(), true));
            return null;
        }
    }

    private PatternSet patterns() {
        if (!folder.files().containsKey(ExerciseFolder.PATTERN)) {
            block(ExerciseFolder.PATTERN, "is missing. Without it there is nothing to check for.");
            return null;
        }
        try {
            return folder.patterns();
        } catch (NotationException e) {
            found.add(new Problem(ExerciseFolder.PATTERN, e.line(), e.column(), e.reason(), true));
            return null;
        }
    }

    private void times(ExerciseSettings s) {
        exists(s, s.opens(), "It opens");
        exists(s, s.due(), "It is due");
        exists(s, s.late().closes(), "It closes");
        boolean backwards = s.opens() != null && s.due() != null && !s.due().isAfter(s.opens());
        if (backwards) {
            block(ExerciseFolder.SETTINGS, "It is due before it opens. Set one of the two times anew.");
        }
        LocalDateTime first = s.due() != null ? s.due() : s.opens();
        if (s.late().closes() != null && first != null && s.late().closes().isBefore(first)) {
            block(ExerciseFolder.SETTINGS, "It closes before it is due. Set one of the two times anew.");
        }
        if (s.late().costs() && s.due() == null) {
            block(ExerciseFolder.SETTINGS, "Lateness costs points, but there is no time at which it is due. Set one.");
        }
    }

    /** An hour that clocks skip in spring is none. */
    private void exists(ExerciseSettings s, LocalDateTime time, String what) {
        if (time != null && s.zone().getRules().getValidOffsets(time).isEmpty()) {
            ZonedDateTime next = time.atZone(s.zone());
            block(
                    ExerciseFolder.SETTINGS,
                    what + " at " + time.toLocalTime() + " on " + DAY.format(time) + ", which the clocks in "
                            + s.zone().getId() + " skip that night. Take " + next.toLocalTime() + ", or another hour.");
        }
    }

    private void names(ExerciseSettings s, PatternSet patterns) {
        s.names().forEach((role, type) -> {
            if (!patterns.hasRole(role)) {
                block(
                        ExerciseFolder.SETTINGS,
                        "A name is fixed for the role " + role + ", which the pattern does not have. Its roles are "
                                + String.join(", ", patterns.roles()) + ".");
            }
            if (!type.matches("[\\p{L}_$][\\p{L}\\p{N}_$]*(\\.[\\p{L}_$][\\p{L}\\p{N}_$]*)*")) {
                block(
                        ExerciseFolder.SETTINGS,
                        "The name fixed for " + role + " is '" + type
                                + "', which no type can have. Write it without spaces.");
            }
        });
    }

    private void wrong(ExerciseSettings s, PatternSet patterns) {
        Set<String> known = patterns.claims();
        Set<String> there = new TreeSet<>();
        folder.solutions().stream().filter(x -> !x.isRight()).forEach(x -> there.add(x.name()));
        s.wrong().forEach((name, caughtBy) -> {
            if (!there.contains(name)) {
                block(
                        ExerciseFolder.SETTINGS,
                        "It says what catches the wrong solution '" + name + "', which is not there"
                                + (there.isEmpty() ? "." : "; there are " + String.join(", ", there) + "."));
            }
            // a test that comes with the exercise is named by its class and method, which only running tells
            caughtBy.stream()
                    .filter(c -> !known.contains(c) && folder.tests().isEmpty())
                    .forEach(c -> block(
                            ExerciseFolder.SETTINGS,
                            "'" + c + "' is to catch the wrong solution '" + name
                                    + "', but no requirement, scenario or run has that name."));
        });
    }

    /** @param settings null where they cannot be read */
    private void points(PatternSet patterns, ExerciseSettings settings) {
        boolean tested = patterns.patterns().stream().anyMatch(p -> p.testPoints() > 0);
        double sum = patterns.patterns().stream().mapToDouble(Proofreading::sum).sum()
                + (settings == null
                        ? 0
                        : settings.criteria().stream()
                                .mapToDouble(Criterion::possible)
                                .sum());
        if (sum <= 0) {
            block(
                    ExerciseFolder.PATTERN,
                    "Nothing in this exercise is worth a point. Give points to at least one requirement.");
        }
        if (tested && folder.tests().isEmpty()) {
            block(ExerciseFolder.PATTERN, "Tests are worth points, but no test class lies in the exercise.");
        }
    }

    private static double sum(DesignPattern pattern) {
        double sum = pattern.testPoints();
        for (DesignPattern.Form f : pattern.forms()) {
            sum += pattern.requirementsOf(f).stream()
                    .mapToDouble(DesignPattern.Requirement::points)
                    .sum();
        }
        sum += pattern.scenarios().stream().mapToDouble(Scenario::points).sum();
        sum += pattern.runs().stream().mapToDouble(Run::points).sum();
        return sum;
    }

    private void brief() {
        String text = folder.brief();
        if (text.isBlank()) {
            advise(ExerciseFolder.BRIEF, 0, "There is no brief yet. Students read nothing but the title.");
        }
        if (text.length() > LONGEST_BRIEF) {
            block(
                    ExerciseFolder.BRIEF,
                    "The brief has " + text.length() + " characters; " + LONGEST_BRIEF + " is most.");
        }
        String[] lines = text.split("\n", -1);
        boolean inCode = false;
        for (int i = 0; i < lines.length; i++) {
            inCode ^= lines[i].strip().startsWith("```");
            String prose = lines[i].replaceAll("`[^`]*`", "");
            if (!inCode && MARKUP.matcher(prose).find() && !prose.matches(".*<(https?|mailto):.*")) {
                advise(
                        ExerciseFolder.BRIEF,
                        i + 1,
                        "HTML in a brief is shown as text and never run. Write it as Markdown.");
            }
        }
    }

    private void solutions() {
        List<Solution> all = folder.solutions();
        if (all.stream().noneMatch(Solution::isRight)) {
            advise(
                    ExerciseFolder.SOLUTIONS,
                    0,
                    "No reference solution lies in it, so nothing shows that it can be solved.");
        }
        all.stream()
                .filter(s -> s.sources().isEmpty())
                .forEach(s -> block(
                        (s.isRight() ? ExerciseFolder.SOLUTIONS : ExerciseFolder.WRONG) + s.name(),
                        "This solution holds no source file that can be read."));
    }
}
