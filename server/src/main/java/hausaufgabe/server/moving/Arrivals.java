package hausaufgabe.server.moving;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.grade.Schemes;
import hausaufgabe.server.moving.CourseArchive.Somebody;
import hausaufgabe.server.submission.Submissions;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Brings a course in that was taken out of another installation: under numbers of this one, all of it or nothing. */
@Component
class Arrivals {

    private final JdbcTemplate records;
    private final TransactionTemplate transaction;
    private final Accounts accounts;
    private final Staffing staffing;
    private final Submissions submissions;
    private final List<JavaMigration> migrations;
    private final ObjectMapper mapper;
    private final Clock clock;

    Arrivals(
            JdbcTemplate records,
            TransactionTemplate transaction,
            Accounts accounts,
            Staffing staffing,
            Submissions submissions,
            List<JavaMigration> migrations,
            ObjectMapper mapper,
            Clock clock) {
        this.records = records;
        this.transaction = transaction;
        this.accounts = accounts;
        this.staffing = staffing;
        this.submissions = submissions;
        this.migrations = migrations;
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * Somebody whom the course names, and who that would be here.
     *
     * @param known whether somebody of that sign-in and name is here already, who is taken to be the same
     * @param signIn by which they sign in here afterwards
     */
    record Arriving(String login, String name, boolean staff, boolean known, String signIn) {}

    /** Opens an archive; to be closed. */
    StagedCourse stage(Path archive) {
        Integer version = records.execute((ConnectionCallback<Integer>) CourseArchive::version);
        return StagedCourse.of(archive, version == null ? 0 : version, migrations, mapper);
    }

    /**
     * Who is who.
     *
     * @param others sign-ins of those who are somebody else than who has the sign-in here
     */
    List<Arriving> people(StagedCourse course, Set<String> others) {
        return course.people().stream().map(s -> arriving(s, others)).toList();
    }

    private Arriving arriving(Somebody s, Set<String> others) {
        boolean known = !others.contains(s.login())
                && accounts.named(s.login())
                        .filter(a -> a.name().equalsIgnoreCase(s.name()))
                        .filter(a -> (a.role() != Person.Role.STUDENT) == s.staff())
                        .isPresent();
        return new Arriving(s.login(), s.name(), s.staff(), known, known ? s.login() : free(s.login()));
    }

    /** A sign-in that nobody has, near the one that is asked for. */
    private String free(String login) {
        String tried = login;
        for (int n = 2; accounts.named(tried).isPresent(); n++) {
            tried = login.substring(0, Math.min(login.length(), 50)) + "-" + n;
        }
        return tried;
    }

    /**
     * Brings it in.
     *
     * @param others as for {@link #people}
     * @param by who leads it from here on, beside those who did
     * @return the course
     * @throws Problem where something in it refers to nothing, or is not what it says
     */
    long take(StagedCourse course, Set<String> others, Person by) {
        List<Long> waiting = new ArrayList<>();
        Long made;
        try {
            made = transaction.execute(status -> {
                Map<Object, Object> people = new HashMap<>();
                for (Somebody s : course.people()) {
                    people.put(s.id(), account(arriving(s, others)));
                }
                Numbers numbers = new Numbers(people);
                records.execute((ConnectionCallback<Void>) c -> {
                    takeOver(course.connection(), c, numbers);
                    return null;
                });
                numbers.of("job").forEach(n -> waiting.add((Long) n));
                long id = (Long) numbers.of("course").iterator().next();
                staffing.give(id, by.id(), Duty.LEAD);
                return id;
            });
        } catch (DataIntegrityViolationException e) {
            throw Problem.badRequest("Something in the archive does not fit together. Take the course out of the other"
                    + " installation again; nothing was stored.");
        }
        submissions.lineUp(waiting);
        return made == null ? 0 : made;
    }

    /** Nobody gets a password with a course, nor more than the course gives them. */
    private long account(Arriving a) {
        return a.known()
                ? accounts.named(a.login()).orElseThrow().id()
                : accounts.invite(a.signIn(), a.name(), a.staff() ? Person.Role.TUTOR : Person.Role.STUDENT)
                        .id();
    }

    /** What has which number here. */
    private static final class Numbers {

        private final Map<String, Map<Object, Object>> byTable = new HashMap<>();

        Numbers(Map<Object, Object> people) {
            byTable.put(CourseRecords.PEOPLE, people);
        }

        void put(String table, Object there, Object here) {
            byTable.computeIfAbsent(table, t -> new LinkedHashMap<>()).put(there, here);
        }

        Iterable<Object> of(String table) {
            return byTable.getOrDefault(table, Map.of()).values();
        }

        boolean has(String table) {
            return byTable.containsKey(table);
        }

        Object here(String table, Object there, String from) {
            Object here = byTable.getOrDefault(table, Map.of()).get(there);
            if (here == null) {
                throw Problem.badRequest("A " + from.replace('_', ' ') + " refers to " + table.replace('_', ' ') + " "
                        + there + ", which is not in the archive. Nothing was stored.");
            }
            return here;
        }
    }

    /**
     * A reference to something that comes later.
     *
     * @param row that refers, by its number here
     */
    private record Later(TableShape shape, String column, Object row, Object there) {}

    private void takeOver(Connection from, Connection to, Numbers numbers) throws SQLException {
        List<Later> later = new ArrayList<>();
        for (CourseRecords.Shelf shelf : CourseRecords.TAKEN) {
            TableShape shape = TableShape.of(to, shelf.table());
            List<String> added = shape.columns().keySet().stream()
                    .filter(c -> !(shape.counted() && c.equals("id")))
                    .toList();
            try (Statement s = from.createStatement();
                    ResultSet r = s.executeQuery(
                            "select " + TableShape.listed(shape.columns().keySet()) + " from "
                                    + TableShape.quoted(shelf.table()) + (shape.counted() ? " order by id" : ""));
                    PreparedStatement p = to.prepareStatement(shape.adding(added), Statement.RETURN_GENERATED_KEYS)) {
                while (r.next()) {
                    row(shape, shape.row(r), added, p, numbers, later);
                }
            }
            // empty ones are there, too
            numbers.byTable.computeIfAbsent(shelf.table(), t -> new LinkedHashMap<>());
        }
        for (Later l : later) {
            try (PreparedStatement p =
                    to.prepareStatement("update " + TableShape.quoted(l.shape().name()) + " set "
                            + TableShape.quoted(l.column()) + " = ? where id = ?")) {
                p.setObject(
                        1,
                        numbers.here(
                                l.shape().references().get(l.column()),
                                l.there(),
                                l.shape().name()));
                p.setObject(2, l.row());
                p.executeUpdate();
            }
        }
    }

    private void row(
            TableShape shape,
            Map<String, @Nullable Object> row,
            List<String> added,
            PreparedStatement p,
            Numbers numbers,
            List<Later> later)
            throws SQLException {
        if (shape.name().equals("content")) {
            content(row, p, added, numbers);
            return;
        }
        List<String> open = new ArrayList<>();
        Map<String, @Nullable Object> here = new LinkedHashMap<>(row);
        shape.references().forEach((column, table) -> {
            Object there = row.get(column);
            if (there != null && numbers.has(table)) {
                here.put(column, numbers.here(table, there, shape.name()));
            } else if (there != null) {
                here.put(column, null);
                open.add(column);
            }
        });
        told(shape.name(), here, numbers);
        set(p, added, here);
        p.executeUpdate();
        if (shape.counted()) {
            try (ResultSet keys = p.getGeneratedKeys()) {
                keys.next();
                Object id = keys.getObject("id");
                numbers.put(shape.name(), row.get("id"), id);
                open.forEach(column -> later.add(new Later(shape, column, id, row.get(column))));
            }
        } else if (shape.name().equals("job")) {
            numbers.put("job", row.get("submission_id"), here.get("submission_id"));
        }
    }

    private static void set(PreparedStatement p, List<String> columns, Map<String, @Nullable Object> row)
            throws SQLException {
        for (int i = 0; i < columns.size(); i++) {
            p.setObject(i + 1, row.get(columns.get(i)));
        }
    }

    /** What was handed in is kept once for all courses, so it must be what it says it is. */
    private void content(Map<String, @Nullable Object> row, PreparedStatement p, List<String> added, Numbers numbers)
            throws SQLException {
        String hash = String.valueOf(row.get("hash"));
        if (!(row.get("bytes") instanceof byte[] bytes) || !Submissions.isContentOf(hash, bytes)) {
            throw Problem.badRequest("What was handed in as " + hash.substring(0, Math.min(12, hash.length()))
                    + " is not what it says it is. Nothing was stored.");
        }
        Integer there = records.queryForObject("select count(*) from content where hash = ?", Integer.class, hash);
        if (there == null || there == 0) {
            set(p, added, row);
            p.executeUpdate();
        }
        numbers.put("content", hash, hash);
    }

    /** What names others in its own way, or would go on by itself. */
    private void told(String table, Map<String, @Nullable Object> row, Numbers numbers) {
        if (table.equals("course_scheme")) {
            row.put("scheme", scheme(row.get("scheme"), numbers));
        } else if (table.equals("course_change") && "SCHEME".equals(row.get("what"))) {
            row.put("before", scheme(row.get("before"), numbers));
            row.put("after", scheme(row.get("after"), numbers));
        } else if (table.equals("hand_back") && row.get("done_at") == null && row.get("called_off_at") == null) {
            row.put("called_off_at", OffsetDateTime.now(clock.withZone(ZoneOffset.UTC)));
        }
    }

    private @Nullable Object scheme(@Nullable Object json, Numbers numbers) {
        if (json == null) {
            return null;
        }
        try {
            return Schemes.renumbered(String.valueOf(json), mapper, numbers.byTable.getOrDefault("exercise", Map.of()));
        } catch (JsonProcessingException e) {
            throw Problem.badRequest("The scheme of its grades cannot be read. Nothing was stored.");
        }
    }
}
