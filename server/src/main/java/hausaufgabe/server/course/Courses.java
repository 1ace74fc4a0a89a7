package hausaufgabe.server.course;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.InCourse;
import hausaufgabe.server.account.Person;
import java.time.ZoneId;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The courses of this installation, and the students of each. */
@Service
public class Courses implements InCourse {

    private static final int LONGEST_TITLE = 200;
    private static final int LONGEST_TERM = 60;

    interface CourseRepository extends JpaRepository<Course, Long> {
        List<Course> findAllByOrderByTitleAscIdAsc();
    }

    interface StudentRepository extends JpaRepository<Enrolled, Long> {
        List<Enrolled> findByCourseIdOrderByNameAscNumberAsc(Long courseId);

        List<Enrolled> findByCourseIdAndIdInOrderByNameAscNumberAsc(Long courseId, Collection<Long> ids);

        Optional<Enrolled> findByCourseIdAndAccountId(Long courseId, Long accountId);

        List<Enrolled> findByAccountIdAndLeftAtIsNull(Long accountId);

        Optional<Enrolled> findByCourseIdAndNumber(Long courseId, String number);
    }

    private final CourseRepository courses;
    private final StudentRepository students;

    Courses(CourseRepository courses, StudentRepository students) {
        this.courses = courses;
        this.students = students;
    }

    /**
     * What a page's head says of a course.
     *
     * @param term may be empty
     */
    public record Heading(long id, String title, String term) {}

    @Override
    public String kind() {
        return "courses";
    }

    @Override
    public Optional<Long> courseOf(long number) {
        return courses.existsById(number) ? Optional.of(number) : Optional.empty();
    }

    @Transactional
    public Heading create(String title) {
        return create(title, "", ZoneId.systemDefault());
    }

    /** @throws Problem where title or term cannot be used */
    @Transactional
    public Heading create(String title, String term, ZoneId zone) {
        return courses.save(new Course(usableTitle(title), usableTerm(term), zone.getId()))
                .heading();
    }

    /** Changes what a course is called, and whether its tutors see the groups that they do not look after. */
    @Transactional
    public Heading rename(long id, String title, String term, ZoneId zone, boolean tutorsSeeAll) {
        Course c = course(id);
        c.tutorsSeeAll = tutorsSeeAll;
        c.title = usableTitle(title);
        c.term = usableTerm(term);
        c.zone = zone.getId();
        return courses.save(c).heading();
    }

    private static String usableTitle(String title) {
        String plain = title == null ? "" : title.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_TITLE) {
            throw Problem.badRequest("Give the course a title of at most " + LONGEST_TITLE + " characters.");
        }
        return plain;
    }

    private static String usableTerm(String term) {
        String plain = term == null ? "" : term.strip();
        if (plain.length() > LONGEST_TERM) {
            throw Problem.badRequest("A term has at most " + LONGEST_TERM + " characters, such as “autumn 2026”.");
        }
        return plain;
    }

    private Course course(long id) {
        return courses.findById(id).orElseThrow(() -> Problem.notFound("There is no such course."));
    }

    /** @throws Problem where there is no such course */
    @Transactional(readOnly = true)
    public Heading heading(long id) {
        return course(id).heading();
    }

    /** Where the clocks hang that a course's times are told by. */
    @Transactional(readOnly = true)
    public ZoneId zone(long id) {
        return ZoneId.of(course(id).zone);
    }

    @Transactional(readOnly = true)
    public boolean tutorsSeeAll(long id) {
        return course(id).tutorsSeeAll;
    }

    /** By title. */
    @Transactional(readOnly = true)
    public List<Heading> all() {
        return courses.findAllByOrderByTitleAscIdAsc().stream()
                .map(Course::heading)
                .toList();
    }

    /**
     * Makes a course with its students, all or nothing.
     *
     * @throws Problem where a number stands twice
     */
    @Transactional
    public Heading create(String title, List<Student> roster) {
        Heading made = create(title);
        java.util.Set<String> numbers = new java.util.HashSet<>();
        for (Student s : roster) {
            if (!numbers.add(s.number())) {
                throw Problem.badRequest(
                        "The number " + s.number() + " stands twice in the roster. Nothing was stored.");
            }
            enrol(made.id(), s);
        }
        return made;
    }

    /** Takes somebody new into a course. */
    @Transactional
    public Student enrol(long course, Student student) {
        return students.save(new Enrolled(course, student)).asStudent();
    }

    /** Gives a student the account they sign in with. */
    @Transactional
    public void signsInAs(long student, long account) {
        Enrolled e = students.findById(student).orElseThrow();
        e.accountId = account;
        students.save(e);
    }

    /** The courses that somebody is a student of, with who they are there. */
    @Transactional(readOnly = true)
    public Map<Heading, Student> studiedBy(Person person) {
        Map<Heading, Student> found = new LinkedHashMap<>();
        students.findByAccountIdAndLeftAtIsNull(person.id())
                .forEach(e -> found.put(course(e.courseId).heading(), e.asStudent()));
        return found;
    }

    /**
     * Who somebody is in a course as a student.
     *
     * @throws Problem where they are none there
     */
    @Transactional(readOnly = true)
    public Student studying(Person person, long course) {
        return students.findByCourseIdAndAccountId(course, person.id())
                .filter(e -> e.leftAt == null)
                .map(Enrolled::asStudent)
                .orElseThrow(() -> Problem.notFound("You are no student of this course."));
    }

    /** The students of a course, by name, also those who left. */
    @Transactional(readOnly = true)
    public List<Student> students(long course) {
        return students.findByCourseIdOrderByNameAscNumberAsc(course).stream()
                .map(Enrolled::asStudent)
                .toList();
    }

    /** Some students of a course, by name; who is not in it is left out. */
    @Transactional(readOnly = true)
    public List<Student> students(long course, Collection<Long> ids) {
        return students.findByCourseIdAndIdInOrderByNameAscNumberAsc(course, ids).stream()
                .map(Enrolled::asStudent)
                .toList();
    }

    /** @throws Problem where there is no such student in the course */
    @Transactional(readOnly = true)
    public Student student(long course, long id) {
        return students.findById(id)
                .filter(e -> e.courseId == course)
                .map(Enrolled::asStudent)
                .orElseThrow(() -> Problem.notFound(
                        "There is no such student in this course. Choose one from the list; nothing was stored."));
    }
}
