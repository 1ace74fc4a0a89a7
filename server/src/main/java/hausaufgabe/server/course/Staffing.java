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

    interface Repository extends JpaRepository<Membership, Membership.Key> {
        List<Membership> findByKeyCourseId(Long course);

        List<Membership> findByKeyAccountId(Long account);

        boolean existsByKeyCourseId(Long course);
    }

    private final Repository memberships;
    private final Courses.StudentRepository students;
    private final Accounts accounts;

    Staffing(Repository memberships, Courses.StudentRepository students, Accounts accounts) {
        this.memberships = memberships;
        this.students = students;
        this.accounts = accounts;
    }

    /** Somebody of the staff and what they do. */
    public record Member(long account, String name, Duty duty) {}

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

    @Transactional(readOnly = true)
    public List<Member> of(long course) {
        Map<Long, String> names = accounts.names();
        return memberships.findByKeyCourseId(course).stream()
                .map(m -> new Member(m.key.accountId(), names.getOrDefault(m.key.accountId(), ""), m.duty))
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
