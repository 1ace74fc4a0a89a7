package hausaufgabe.server.exercise;

import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.core.exercise.Criterion;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.Rounding;
import hausaufgabe.server.Problem;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The settings as a form has them. Times are those of a clock on the wall, such as 2026-12-04T20:00.
 *
 * @param most how often it may be handed in; 0 for as often as one likes
 * @param languages what solutions may be written in; null for the usual one
 * @param steps whether it is to be solved in small steps, each of which is looked at
 */
record SettingsForm(
        @NotNull String title,
        @NotNull String zone,
        @Nullable String opens,
        @Nullable String due,
        @Nullable String closes,
        @Nullable Integer graceMinutes,
        @Nullable Double pointsPerDay,
        @Nullable Double percentPerDay,
        @Nullable Integer notCompilingPercent,
        Rounding.@Nullable Steps rounding,
        @Nullable Integer most,
        ExerciseSettings.@Nullable Counting counts,
        @Nullable Boolean steps,
        ExerciseSettings.@Nullable Shown shows,
        @Nullable List<Criterion> criteria,
        @Nullable Map<String, String> names,
        @Nullable List<String> languages,
        @Nullable Map<String, List<String>> wrong) {

    /** Null where the settings cannot be read. */
    static @Nullable SettingsForm of(ExerciseFolder folder) {
        try {
            ExerciseSettings s = folder.settings();
            return new SettingsForm(
                    s.title(),
                    s.zone().getId(),
                    said(s.opens()),
                    said(s.due()),
                    said(s.late().closes()),
                    s.late().graceMinutes(),
                    s.late().pointsPerDay().doubleValue(),
                    s.late().percentPerDay().doubleValue(),
                    s.rounding().notCompilingPercent(),
                    s.rounding().to(),
                    s.attempts().most(),
                    s.attempts().counts(),
                    s.attempts().steps(),
                    s.shows(),
                    s.criteria(),
                    s.names(),
                    s.languages(),
                    s.wrong());
        } catch (SettingsException e) {
            return null;
        }
    }

    private static @Nullable String said(@Nullable LocalDateTime time) {
        return time == null ? null : time.toString();
    }

    /**
     * The settings that the form says, read as a file of them is, so that both are asked the same of.
     *
     * @throws Problem where something in it cannot be
     */
    ExerciseSettings settings() {
        Map<String, Object> late = new LinkedHashMap<>();
        late.put("graceMinutes", graceMinutes());
        late.put("pointsPerDay", pointsPerDay());
        late.put("percentPerDay", percentPerDay());
        late.put("closes", blankAsNone(closes()));
        Map<String, Object> points = new LinkedHashMap<>();
        points.put("notCompilingPercent", notCompilingPercent());
        points.put("rounding", rounding() == null ? null : rounding().name().toLowerCase(Locale.ROOT));
        Map<String, Object> attempts = new LinkedHashMap<>();
        attempts.put("most", most());
        attempts.put("counts", counts() == null ? null : counts().name().toLowerCase(Locale.ROOT));
        attempts.put("steps", steps());
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("title", title());
        root.put("zone", zone());
        root.put("opens", blankAsNone(opens()));
        root.put("due", blankAsNone(due()));
        root.put("late", late);
        root.put("points", points);
        root.put("attempts", attempts);
        root.put(
                "shows",
                shows() == null ? null : shows().name().toLowerCase(Locale.ROOT).replace('_', ' '));
        root.put("criteria", SettingsYaml.asFields(criteria() == null ? List.of() : criteria()));
        root.put("names", names());
        root.put("languages", languages());
        root.put("wrong", wrong());
        try {
            return SettingsYaml.read(SettingsYaml.text(root));
        } catch (SettingsException e) {
            throw Problem.badRequest(capitalised(e.getMessage()) + ". Nothing was stored.");
        }
    }

    private static String capitalised(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static @Nullable String blankAsNone(@Nullable String text) {
        return text == null || text.isBlank() ? null : text;
    }
}
