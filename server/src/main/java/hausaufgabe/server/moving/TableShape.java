package hausaufgabe.server.moving;

import com.fasterxml.jackson.databind.JsonNode;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.DateTimeException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A table as the database itself describes it.
 *
 * @param columns their types of {@link Types} by their names, in their order
 * @param references the table that a column refers to, by the column
 * @param counted whether the database numbers its rows
 */
record TableShape(String name, Map<String, Integer> columns, Map<String, String> references, boolean counted) {

    static TableShape of(Connection records, String name) throws SQLException {
        DatabaseMetaData about = records.getMetaData();
        String stored = name.toUpperCase(Locale.ROOT);
        Map<String, Integer> columns = new LinkedHashMap<>();
        boolean counted = false;
        try (ResultSet r = about.getColumns(null, "PUBLIC", stored, null)) {
            while (r.next()) {
                columns.put(lower(r.getString("COLUMN_NAME")), r.getInt("DATA_TYPE"));
                counted |= "YES".equals(r.getString("IS_AUTOINCREMENT"));
            }
        }
        Map<String, String> references = new LinkedHashMap<>();
        try (ResultSet r = about.getImportedKeys(null, "PUBLIC", stored)) {
            while (r.next()) {
                references.put(lower(r.getString("FKCOLUMN_NAME")), lower(r.getString("PKTABLE_NAME")));
            }
        }
        return new TableShape(name, columns, references, counted);
    }

    /** All tables of the records, but for what is kept of their version. */
    static Set<String> all(Connection records) throws SQLException {
        Set<String> names = new TreeSet<>();
        try (ResultSet r = records.getMetaData().getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
            while (r.next()) {
                names.add(lower(r.getString("TABLE_NAME")));
            }
        }
        names.remove("flyway_schema_history");
        return names;
    }

    private static String lower(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    /** The columns as a query lists them; some are words of the query language. */
    static String listed(Iterable<String> columns) {
        List<String> quoted = new ArrayList<>();
        columns.forEach(c -> quoted.add(quoted(c)));
        return String.join(", ", quoted);
    }

    static String quoted(String name) {
        return "\"" + name.toUpperCase(Locale.ROOT) + "\"";
    }

    /** A query that adds a row with these columns. */
    String adding(Iterable<String> some) {
        List<String> places = new ArrayList<>();
        some.forEach(c -> places.add("?"));
        return "insert into " + quoted(name) + " (" + listed(some) + ") values (" + String.join(", ", places) + ")";
    }

    /** A row as it stands, by column; null stays null. */
    Map<String, @Nullable Object> row(ResultSet r) throws SQLException {
        Map<String, @Nullable Object> row = new LinkedHashMap<>();
        for (Map.Entry<String, Integer> c : columns.entrySet()) {
            row.put(
                    c.getKey(),
                    switch (c.getValue()) {
                        case Types.BLOB, Types.VARBINARY, Types.BINARY -> r.getBytes(c.getKey());
                        case Types.CLOB -> r.getString(c.getKey());
                        case Types.TIMESTAMP_WITH_TIMEZONE -> r.getObject(c.getKey(), OffsetDateTime.class);
                        default -> r.getObject(c.getKey());
                    });
        }
        return row;
    }

    /** A value as the archive writes it: what JSON has no word for is text, bytes are in base 64. */
    static @Nullable Object written(@Nullable Object value) {
        return value instanceof OffsetDateTime moment ? moment.toString() : value;
    }

    /**
     * A value as the archive has it, for a column.
     *
     * @throws IllegalArgumentException where it is none of the column's kind
     */
    @Nullable
    Object read(String column, JsonNode value) {
        if (value.isNull()) {
            return null;
        }
        Integer type = columns.get(column);
        if (type == null) {
            throw new IllegalArgumentException("there is no “" + column + "” in " + name);
        }
        boolean fits = switch (type) {
            case Types.BIGINT, Types.INTEGER -> value.isIntegralNumber() && value.canConvertToLong();
            case Types.NUMERIC, Types.DECIMAL -> value.isNumber();
            case Types.BOOLEAN, Types.BIT -> value.isBoolean();
            default -> value.isTextual();
        };
        if (!fits) {
            throw new IllegalArgumentException("“" + column + "” is not of its kind");
        }
        return switch (type) {
            case Types.BLOB, Types.VARBINARY, Types.BINARY ->
                Base64.getDecoder().decode(value.textValue());
            case Types.TIMESTAMP_WITH_TIMEZONE -> moment(column, value.textValue());
            case Types.BIGINT, Types.INTEGER -> value.longValue();
            case Types.NUMERIC, Types.DECIMAL -> value.decimalValue();
            case Types.BOOLEAN, Types.BIT -> value.booleanValue();
            default -> value.textValue();
        };
    }

    private static OffsetDateTime moment(String column, String text) {
        try {
            return OffsetDateTime.parse(text);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("“" + column + "” is no moment", e);
        }
    }

    /** Those of its columns that say who did something. */
    Set<String> people() {
        return references.entrySet().stream()
                .filter(e -> e.getValue().equals(CourseRecords.PEOPLE))
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
