package hausaufgabe.server.exercise;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.SettingsYaml;
import hausaufgabe.core.exercise.ExerciseSettings;
import hausaufgabe.core.exercise.ExerciseSettings.Attempts;
import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.exercise.Lateness;
import hausaufgabe.core.exercise.Rounding;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Makes folders of the exercises that were there before an exercise was one; what was in force is its first version. */
@Component
class V6__ExercisesAsFolders extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        Connection c = context.getConnection();
        try (Statement all = c.createStatement();
                ResultSet rows = all.executeQuery("select id, title, brief, pattern_text, due_at from exercise")) {
            while (rows.next()) {
                ExerciseFolder folder = folder(
                        rows.getString(2),
                        rows.getString(3),
                        rows.getString(4),
                        rows.getTimestamp(5).toInstant());
                take(c, rows.getLong(1), folder);
            }
        } catch (ArchiveException e) {
            throw new SQLException("an exercise of these records cannot be taken over: " + e.getMessage(), e);
        }
        try (Statement s = c.createStatement()) {
            s.execute(
                    "update check_run set exercise_version = (select e.current_version from exercise e join submission s"
                            + " on s.exercise_id = e.id where s.id = check_run.submission_id)");
            s.execute("update course set zone = '"
                    + ZoneId.systemDefault().getId().replace("'", "") + "'");
            for (String column : new String[] {"brief", "pattern_text", "due_at"}) {
                s.execute("alter table exercise drop column " + column);
            }
        }
    }

    private static ExerciseFolder folder(String title, String brief, String pattern, Instant due)
            throws ArchiveException {
        ZoneId zone = ZoneId.systemDefault();
        ExerciseSettings settings = new ExerciseSettings(
                title,
                zone,
                null,
                due.atZone(zone).toLocalDateTime().truncatedTo(ChronoUnit.MINUTES),
                Lateness.NONE,
                Rounding.USUAL,
                Attempts.ANY,
                Shown.NOTHING,
                List.of(),
                Map.of(),
                ExerciseSettings.USUAL_LANGUAGES,
                Map.of());
        return ExerciseFolder.of(Map.of(
                ExerciseFolder.SETTINGS, SettingsYaml.write(settings).getBytes(StandardCharsets.UTF_8),
                ExerciseFolder.BRIEF, brief.getBytes(StandardCharsets.UTF_8),
                ExerciseFolder.PATTERN, pattern.getBytes(StandardCharsets.UTF_8)));
    }

    private static void take(Connection c, long exercise, ExerciseFolder folder) throws SQLException {
        Timestamp now = Timestamp.from(Instant.now());
        try (PreparedStatement p =
                c.prepareStatement("insert into manuscript_file (exercise_id, path, content, revision, version,"
                        + " changed_at) values (?, ?, ?, 1, 0, ?)")) {
            for (Map.Entry<String, byte[]> e : folder.files().entrySet()) {
                p.setLong(1, exercise);
                p.setString(2, e.getKey());
                p.setBytes(3, e.getValue());
                p.setTimestamp(4, now);
                p.executeUpdate();
            }
        }
        try (PreparedStatement p = c.prepareStatement(
                "insert into exercise_version (exercise_id, number, folder, note, made_at) values (?, 1, ?, '', ?)")) {
            p.setLong(1, exercise);
            p.setBytes(2, ExerciseFiles.pack(folder));
            p.setTimestamp(3, now);
            p.executeUpdate();
        }
        try (PreparedStatement p = c.prepareStatement("update exercise set current_version ="
                + " (select v.id from exercise_version v where v.exercise_id = ?) where id = ?")) {
            p.setLong(1, exercise);
            p.setLong(2, exercise);
            p.executeUpdate();
        }
    }
}
