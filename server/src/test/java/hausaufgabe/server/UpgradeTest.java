package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.flywaydb.core.api.migration.JavaMigration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Records of every version there was, with something in every table, are brought up to today's and lose nothing. */
class UpgradeTest {

    private final String url = "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";

    private FluentConfiguration flyway() throws ReflectiveOperationException {
        List<JavaMigration> made = new ArrayList<>();
        for (String name : List.of("submission.V3__Summaries", "exercise.V6__ExercisesAsFolders")) {
            var constructor = Class.forName("hausaufgabe.server." + name).getDeclaredConstructor();
            constructor.setAccessible(true);
            made.add((JavaMigration) constructor.newInstance());
        }
        return Flyway.configure().dataSource(url, "sa", "").javaMigrations(made.toArray(JavaMigration[]::new));
    }

    static Stream<Integer> versions() throws ReflectiveOperationException {
        MigrationInfo[] all = new UpgradeTest().flyway().load().info().all();
        // the sixth fills what the fifth made room for; they came together
        return IntStream.rangeClosed(1, all.length - 1).filter(v -> v != 5).boxed();
    }

    @ParameterizedTest
    @MethodSource("versions")
    void recordsOfEachVersionAreBroughtUpToDate(int version) throws Exception {
        flyway().target("1").load().migrate();
        try (Connection c = DriverManager.getConnection(url, "sa", "")) {
            somethingInEveryTable(c);
            flyway().target(String.valueOf(version)).load().migrate();
            // what an installation of that version would have come to hold
            somethingInEveryTable(c);
            Map<String, Integer> before = counts(c);
            assertTrue(before.values().stream().allMatch(n -> n > 0), before.toString());

            flyway().load().migrate();

            Map<String, Integer> after = counts(c);
            before.forEach((table, n) -> assertTrue(after.getOrDefault(table, 0) >= n, table + " lost something"));
            assertEquals(1, one(c, "select count(*) from submission where source_hash = 'x' or source_hash = 'abc'"));
            assertEquals(
                    1, one(c, "select count(*) from exercise e join exercise_version v on v.id = e.current_version"));
        }
    }

    @Test
    void thereIsNothingLeftToMigrateAfterwards() throws Exception {
        flyway().load().migrate();
        assertEquals(0, flyway().load().info().pending().length);
    }

    private static Map<String, Integer> counts(Connection c) throws SQLException {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (String table : tables(c)) {
            counts.put(table, one(c, "select count(*) from " + table));
        }
        return counts;
    }

    private static int one(Connection c, String query) throws SQLException {
        try (Statement s = c.createStatement();
                ResultSet r = s.executeQuery(query)) {
            r.next();
            return r.getInt(1);
        }
    }

    private static List<String> tables(Connection c) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet r = c.getMetaData().getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
            while (r.next()) {
                names.add(r.getString("TABLE_NAME"));
            }
        }
        names.remove("flyway_schema_history");
        return names;
    }

    /** One row in each table that has none, each after those it refers to. */
    private static void somethingInEveryTable(Connection c) throws SQLException {
        List<String> empty = new ArrayList<>(tables(c));
        for (int round = 0; !empty.isEmpty() && round < 20; round++) {
            for (String table : List.copyOf(empty)) {
                if (one(c, "select count(*) from \"" + table + "\"") > 0 || invent(c, table)) {
                    empty.remove(table);
                }
            }
        }
        assertEquals(List.of(), empty);
    }

    /** Whether there was everything that a row needs to refer to. */
    private static boolean invent(Connection c, String table) throws SQLException {
        DatabaseMetaData about = c.getMetaData();
        Map<String, String> references = new HashMap<>();
        try (ResultSet r = about.getImportedKeys(null, "PUBLIC", table)) {
            while (r.next()) {
                references.put(
                        r.getString("FKCOLUMN_NAME"),
                        "select max(" + r.getString("PKCOLUMN_NAME") + ") from " + r.getString("PKTABLE_NAME"));
            }
        }
        Map<String, Object> row = new LinkedHashMap<>();
        try (ResultSet r = about.getColumns(null, "PUBLIC", table, null)) {
            while (r.next()) {
                String column = r.getString("COLUMN_NAME");
                boolean needed = r.getInt("NULLABLE") == DatabaseMetaData.columnNoNulls
                        && !"YES".equals(r.getString("IS_AUTOINCREMENT"));
                if (needed && references.containsKey(column)) {
                    Object other = value(c, references.get(column));
                    if (other == null) {
                        return false;
                    }
                    row.put(column, other);
                } else if (needed) {
                    row.put(column, invented(column, r.getInt("DATA_TYPE")));
                }
            }
        }
        try (PreparedStatement p = c.prepareStatement("insert into \"" + table + "\" (\""
                + String.join("\", \"", row.keySet()) + "\") values ("
                + String.join(", ", row.keySet().stream().map(x -> "?").toList()) + ")")) {
            int place = 1;
            for (Object value : row.values()) {
                p.setObject(place++, value);
            }
            p.executeUpdate();
        }
        return true;
    }

    private static Object value(Connection c, String query) throws SQLException {
        try (Statement s = c.createStatement();
                ResultSet r = s.executeQuery(query)) {
            r.next();
            return r.getObject(1);
        }
    }

    private static Object invented(String column, int type) {
        return switch (type) {
            case Types.TIMESTAMP_WITH_TIMEZONE -> OffsetDateTime.parse("2026-10-01T08:00:00Z");
            case Types.BIGINT, Types.INTEGER, Types.NUMERIC, Types.DECIMAL -> 1;
            case Types.BOOLEAN, Types.BIT -> false;
            case Types.BLOB, Types.VARBINARY, Types.BINARY -> new byte[] {1};
            default ->
                switch (column) {
                    case "PATTERN_TEXT" -> Catalogue.text("strategy").orElseThrow();
                    case "STATE" -> "CHECKED";
                    case "ROLE", "DUTY" -> "LEAD";
                    default -> "x";
                };
        };
    }
}
