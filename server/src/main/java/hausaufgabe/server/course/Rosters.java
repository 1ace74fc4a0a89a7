package hausaufgabe.server.course;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who studies in a course: rosters looked at before they count, students by hand, and the links they sign in by at first. */
@Service
class Rosters {

    private final Courses.StudentRepository students;
    private final Courses courses;
    private final Accounts accounts;
    private final Clock clock;

    Rosters(Courses.StudentRepository students, Courses courses, Accounts accounts, Clock clock) {
        this.students = students;
        this.courses = courses;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** Whether a student can sign in. */
    public enum Access {
        /** Nobody made a link yet. */
        NONE,
        INVITED,
        ACTIVE,
        DISABLED
    }

    /**
     * A student in the list of the course.
     *
     * @param login what they sign in with; null for nobody who can
     */
    record StudentLine(
            Student student, Access access, @Nullable String login) {}

    @Transactional(readOnly = true)
    public List<StudentLine> lines(long course) {
        List<Enrolled> all = students.findByCourseIdOrderByNameAscNumberAsc(course);
        Map<Long, Accounts.AccountLine> known = accounts.byId(
                all.stream().map(e -> e.accountId).filter(Objects::nonNull).toList());
        return all.stream().map(e -> line(e, known.get(e.accountId))).toList();
    }

    private static StudentLine line(Enrolled e, Accounts.@Nullable AccountLine account) {
        return new StudentLine(
                e.asStudent(),
                account == null ? Access.NONE : Access.valueOf(account.state().name()),
                account == null ? null : account.login());
    }

    /**
     * What a roster would change; nothing is stored.
     *
     * @param fields what each column is; null to guess
     */
    @Transactional(readOnly = true)
    public RosterPlan plan(long course, String name, byte[] file, @Nullable List<RosterField> fields) {
        try {
            RosterTable table = RosterTable.read(name, file);
            List<RosterField> all = fields == null ? RosterField.guess(table) : fields;
            if (all.size() != table.header().size()) {
                throw Problem.badRequest("The file has " + table.header().size()
                        + " columns; say for each of them what it is. Nothing was stored.");
            }
            return RosterPlan.of(table, all, courses.students(course));
        } catch (RosterUnusable e) {
            throw Problem.badRequest(e.getMessage());
        }
    }

    /** The columns of a file that does not tell by itself who is who. */
    RosterTable table(String name, byte[] file) {
        try {
            return RosterTable.read(name, file);
        } catch (RosterUnusable e) {
            throw Problem.badRequest(e.getMessage());
        }
    }

    /** Tells one plan from another: what was looked at is what is stored. */
    static String fingerprint(RosterPlan plan) {
        try {
            byte[] said = (plan.rows() + "|" + plan.missing()).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(said));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * Stores what a plan says, all of it or nothing.
     *
     * @param missingLeave whether those whom the file does not list leave the course
     * @param expected fingerprint of the plan that was looked at
     */
    @Transactional
    public void apply(long course, RosterPlan plan, boolean missingLeave, String expected) {
        if (!fingerprint(plan).equals(expected)) {
            throw Problem.outdated("The course has changed since this was shown. Look at what would change now.");
        }
        for (RosterPlan.Row row : plan.rows()) {
            switch (row.what()) {
                case ADD -> students.save(new Enrolled(course, row.student()));
                case CHANGE, BACK -> {
                    Enrolled e = students.findById(row.before().id()).orElseThrow();
                    e.take(row.student());
                    e.leftAt = null;
                    students.save(e);
                }
                case SAME, LEFT_OUT -> {
                    // as it was
                }
            }
        }
        if (missingLeave) {
            plan.missing().forEach(s -> leave(course, s.id(), true));
        }
    }

    /**
     * Takes one student in, or changes one.
     *
     * @param id null for a new one
     */
    @Transactional
    public StudentLine put(long course, @Nullable Long id, Student given) {
        courses.heading(course);
        try {
            RosterPlan plan = RosterPlan.of(
                    new RosterTable(
                            "",
                            "",
                            List.of("number", "name", "group", "email"),
                            List.of(new RosterTable.Line(
                                    1, List.of(given.number(), given.name(), given.group(), given.email())))),
                    List.of(RosterField.NUMBER, RosterField.NAME, RosterField.GROUP, RosterField.EMAIL),
                    List.of());
            if (plan.rows().get(0).why() != null) {
                throw Problem.badRequest(
                        "This cannot be kept: " + plan.rows().get(0).why() + ".");
            }
        } catch (RosterUnusable e) {
            throw new IllegalStateException(e);
        }
        Enrolled other =
                students.findByCourseIdAndNumber(course, given.number()).orElse(null);
        if (other != null && !other.id.equals(id)) {
            throw Problem.conflict("The number " + given.number() + " is " + other.name + "’s"
                    + (other.leftAt == null ? "." : ", who has left the course."));
        }
        Enrolled e = id == null ? new Enrolled(course, given) : in(course, id);
        e.number = given.number();
        e.take(given);
        students.saveAndFlush(e);
        return line(e, account(e));
    }

    private Accounts.@Nullable AccountLine account(Enrolled e) {
        return e.accountId == null ? null : accounts.byId(List.of(e.accountId)).get(e.accountId);
    }

    private Enrolled in(long course, long id) {
        return students.findById(id)
                .filter(e -> e.courseId == course)
                .orElseThrow(() -> Problem.notFound("There is no such student in this course."));
    }

    /** Somebody who left sees nothing of the course any more; what was handed in stays. */
    @Transactional
    public void leave(long course, long id, boolean left) {
        Enrolled e = in(course, id);
        e.leftAt = left ? Instant.now(clock) : null;
        students.save(e);
    }

    /**
     * A link by which a student chooses a password.
     *
     * @param token what stands in it; null where none was made
     * @param problem why none was made; null where one was
     */
    record StudentLink(
            Student student,
            String login,
            @Nullable String token,
            @Nullable Instant expiresAt,
            @Nullable String problem) {}

    /**
     * Makes links for students of a course. Whoever has no account yet gets one, with the number as sign-in.
     *
     * @param ids whom; null for all who have not signed in yet
     */
    @Transactional
    public List<StudentLink> links(long course, @Nullable List<Long> ids, Person by) {
        List<StudentLink> links = new ArrayList<>();
        for (Enrolled e : students.findByCourseIdOrderByNameAscNumberAsc(course)) {
            boolean asked = ids == null
                    ? account(e) == null || account(e).state() == Accounts.State.INVITED
                    : ids.contains(e.id);
            if (asked && e.leftAt == null) {
                links.add(link(e, by));
            }
        }
        return links;
    }

    private StudentLink link(Enrolled e, Person by) {
        String login = e.number.replace(" ", "");
        try {
            Accounts.AccountLine a = e.accountId == null
                    ? accounts.ofStudent(login, e.name)
                    : accounts.byId(List.of(e.accountId)).get(e.accountId);
            e.accountId = a.id();
            students.saveAndFlush(e);
            Accounts.Link link = accounts.link(a.id(), by);
            return new StudentLink(e.asStudent(), a.login(), link.token(), link.expiresAt(), null);
        } catch (Problem p) {
            return new StudentLink(e.asStudent(), login, null, null, p.getMessage());
        }
    }
}
