package hausaufgabe.server.course;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Memberships;
import hausaufgabe.server.account.Person;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who does what in which course. A course that nobody belongs to is led by those who look after the accounts. */
@Service
public class Staffing implements Memberships {

    private static final int LONGEST_GROUPS = 4_000;

    interface Repository extends JpaRepository<Membership, Membership.Key> {
        List<Membership> findByKeyCourseId(Long course);

        List<Membership> findByKeyAccountId(Long account);

        boolean existsByKeyCourseId(Long course);
    }

    private final Repository memberships;
    private final Courses.StudentRepository students;
    private final Courses courses;
    private final Accounts accounts;

    Staffing(Repository memberships, Courses.StudentRepository students, Courses courses, Accounts accounts) {
        this.memberships = memberships;
        this.students = students;
        this.courses = courses;
        this.accounts = accounts;
    }

    /**
     * Somebody of the staff and what they do.
     *
     * @param groups the groups they look after
     */
    public record Member(long account, String name, Duty duty, List<String> groups) {}

    /** Somebody who could be asked to help. */
    public record Colleague(long account, String name, String login) {}

    @Override
    @Transactional(readOnly = true)
    public Optional<Duty> duty(Person person, long course) {
        if (person.role() == Person.Role.STUDENT) {
            return students.findByCourseIdAndAccountId(course, person.id())
                    .filter(e -> e.leftAt == null)
                    .map(e -> Duty.STUDENT);
        }
        Optional<Duty> own =
                memberships.findById(new Membership.Key(course, person.id())).map(m -> m.duty);
        boolean nobodys =
                own.isEmpty() && person.role() == Person.Role.LEAD && !memberships.existsByKeyCourseId(course);
        return nobodys ? Optional.of(Duty.LEAD) : own;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean sees(Person person, long course, String group) {
        return sight(person, course).sees(group);
    }

    /** Whom somebody of the staff sees: a tutor the groups looked after, and the others where the lead allows it. */
    @Transactional(readOnly = true)
    public Sight sight(Person person, long course) {
        return memberships
                .findById(new Membership.Key(course, person.id()))
                .map(m -> new Sight(m.groups(), m.duty != Duty.TUTOR || courses.tutorsSeeAll(course)))
                .orElse(Sight.ALL);
    }

    @Transactional(readOnly = true)
    public List<Member> of(long course) {
        Map<Long, String> names = accounts.names();
        return memberships.findByKeyCourseId(course).stream()
                .map(m -> new Member(m.key.accountId(), names.getOrDefault(m.key.accountId(), ""), m.duty, m.groups()))
                .sorted(java.util.Comparator.comparing(Member::duty).thenComparing(Member::name))
                .toList();
    }

    /** Those who have an account and nothing to do in a course yet. */
    @Transactional(readOnly = true)
    public List<Colleague> others(long course) {
        Set<Long> there = of(course).stream().map(Member::account).collect(Collectors.toSet());
        return accounts.all().stream()
                .filter(a -> a.state() != Accounts.State.DISABLED && !there.contains(a.id()))
                .map(a -> new Colleague(a.id(), a.name(), a.login()))
                .toList();
    }

    /** Gives somebody a duty, in place of the one they have. */
    @Transactional
    public void give(long course, long account, Duty duty) {
        if (duty == Duty.STUDENT) {
            throw Problem.badRequest("Students come from the roster of the course.");
        }
        if (accounts.all().stream().noneMatch(a -> a.id() == account)) {
            throw Problem.notFound("There is no such account.");
        }
        if (duty != Duty.LEAD) {
            keepALead(course, account);
        }
        Membership m = memberships
                .findById(new Membership.Key(course, account))
                .orElseGet(() -> new Membership(course, account, duty));
        m.duty = duty;
        memberships.save(m);
    }

    /**
     * Says which groups somebody of the staff looks after, in place of what was said before.
     *
     * @throws Problem where they have no duty in the course
     */
    @Transactional
    public void lookAfter(long course, long account, List<String> groups) {
        Membership m = memberships
                .findById(new Membership.Key(course, account))
                .orElseThrow(() -> Problem.notFound("Give the duty first; then say which groups."));
        String lines = groups.stream().distinct().sorted().collect(Collectors.joining("\n"));
        if (lines.length() > LONGEST_GROUPS) {
            throw Problem.badRequest("These are too many groups for one person.");
        }
        m.looksAfter = lines;
        memberships.save(m);
    }

    @Transactional
    public void release(long course, long account) {
        keepALead(course, account);
        memberships.deleteById(new Membership.Key(course, account));
    }

    private void keepALead(long course, long account) {
        List<Membership> leads = memberships.findByKeyCourseId(course).stream()
                .filter(m -> m.duty == Duty.LEAD)
                .toList();
        if (leads.size() == 1 && leads.get(0).key.accountId() == account) {
            throw Problem.conflict("A course needs somebody who leads it. Give that duty to somebody else first.");
        }
    }
}
