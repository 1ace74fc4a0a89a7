package hausaufgabe.server.demo;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.core.exercise.ExerciseSettings;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The exercises of Nordhafen as they lie in the repository, in the order of their folders' names. */
final class DemoExercises {

    private static final String FOLDER = "demo/exercises/";

    private DemoExercises() {}

    static List<ExerciseFolder> all() {
        Map<String, Map<String, byte[]>> byName = new TreeMap<>();
        try {
            for (Resource r :
                    new PathMatchingResourcePatternResolver().getResources("classpath*:" + FOLDER + "**/*.*")) {
                String url = r.getURL().toString();
                String path = url.substring(url.indexOf(FOLDER) + FOLDER.length());
                int slash = path.indexOf('/');
                try (InputStream in = r.getInputStream()) {
                    byName.computeIfAbsent(path.substring(0, slash), k -> new TreeMap<>())
                            .put(path.substring(slash + 1), in.readAllBytes());
                }
            }
            List<ExerciseFolder> all = new ArrayList<>();
            for (Map<String, byte[]> files : byName.values()) {
                all.add(ExerciseFolder.of(files));
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (ArchiveException e) {
            throw new IllegalStateException("an exercise of the demo is none", e);
        }
    }

    /** The exercise with other times, since the demo's lie around the day it is started on; students see what was found. */
    static ExerciseFolder due(ExerciseFolder exercise, @Nullable LocalDateTime due) {
        try {
            ExerciseSettings s = exercise.settings();
            ExerciseSettings other = new ExerciseSettings(
                    s.title(),
                    s.zone(),
                    s.opens(),
                    due,
                    s.late(),
                    s.rounding(),
                    s.attempts(),
                    ExerciseSettings.Shown.FINDINGS_AND_SCENARIOS,
                    s.criteria(),
                    s.names(),
                    s.languages(),
                    s.wrong());
            return exercise.with(ExerciseFolder.SETTINGS, SettingsYaml.write(other));
        } catch (ArchiveException | SettingsException e) {
            throw new IllegalStateException("an exercise of the demo is none", e);
        }
    }
}
