package hausaufgabe.server.exercise;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.NotationException;
import hausaufgabe.core.notation.PatternEditor;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.server.Problem;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What an exercise begins with. */
public final class Beginnings {

    /** A pattern of one's own, as small as one can be. */
    private static final String OWN = """
            -- A pattern of your own. What the words mean: the notation's book, docs/notation.md
            pattern own "A pattern of your own"
              "One sentence that says what it is for."

              role Client  a class
                "uses the service and does not know which one it is"
              role Service an abstraction
                "says what can be asked"

              member service unlisted field of Client that leads to Service

              require held essential 2 "{Client} keeps a {Service}."
                hint "Declare a field by the common type."
                service is of type Service
            """;

    private Beginnings() {}

    /**
     * One that asks for patterns of the catalogue.
     *
     * @param ids at least one
     * @param same by roles of a later pattern those of an earlier one that the same type plays
     */
    static ExerciseFolder of(List<String> ids, Map<String, String> same, @Nullable String title, ZoneId zone)
            throws ArchiveException {
        String text = text(ids.get(0));
        for (String id : ids.subList(1, ids.size())) {
            try {
                text = PatternSet.joined(text, text(id), same, StandardVocabulary.INSTANCE);
            } catch (NotationException | PatternEditor.Refused e) {
                throw Problem.badRequest("These two cannot be asked for together in this way: " + e.getMessage());
            }
        }
        return folder(title(title, Patterns.all(text).title()), "", text, zone);
    }

    private static String text(String id) {
        return Catalogue.text(id).orElseThrow(() -> Problem.notFound("There is no such pattern."));
    }

    static ExerciseFolder ofNothing(@Nullable String title, ZoneId zone) throws ArchiveException {
        return folder(title(title, "New exercise"), "", OWN, zone);
    }

    private static String title(@Nullable String given, String otherwise) {
        return given == null || given.isBlank() ? otherwise : given.strip();
    }

    /** An exercise with these parts and nothing else. */
    public static ExerciseFolder folder(String title, String brief, String pattern, ZoneId zone)
            throws ArchiveException {
        return folder(ExerciseSettings.named(title, zone), brief, pattern);
    }

    /** An exercise with these parts and nothing else. */
    public static ExerciseFolder folder(ExerciseSettings settings, String brief, String pattern)
            throws ArchiveException {
        return ExerciseFolder.of(Map.of(
                ExerciseFolder.SETTINGS, SettingsYaml.write(settings).getBytes(StandardCharsets.UTF_8),
                ExerciseFolder.BRIEF, brief.getBytes(StandardCharsets.UTF_8),
                ExerciseFolder.PATTERN, pattern.getBytes(StandardCharsets.UTF_8)));
    }

    /** The settings of an earlier exercise for a new one, whose times are still to be said. */
    static ExerciseSettings withoutTimes(ExerciseSettings s, @Nullable String title) {
        Lateness late = new Lateness(0, java.math.BigDecimal.ZERO, java.math.BigDecimal.ZERO, null);
        return new ExerciseSettings(
                title(title, s.title()),
                s.zone(),
                null,
                null,
                late,
                s.rounding(),
                s.attempts(),
                s.shows(),
                s.criteria(),
                s.names(),
                s.languages(),
                s.wrong());
    }
}
