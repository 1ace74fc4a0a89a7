package hausaufgabe.server.course;

import hausaufgabe.server.Problem;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The course: in this version there is one. */
@Service
public class Courses {

    interface CourseRepository extends JpaRepository<Course, Long> {}

    interface StudentRepository extends JpaRepository<Enrolled, Long> {
        List<Enrolled> findByCourseIdOrderByNameAscNumberAsc(Long courseId);
    }

    private final CourseRepository courses;
    private final StudentRepository students;

    Courses(CourseRepository courses, StudentRepository students) {
        this.courses = courses;
        this.students = students;
    }

    /** What a page's head says of a course. */
    public record Heading(long id, String title) {}

    @Transactional
    public Heading create(String title) {
        Course c = courses.save(new Course(title));
        return new Heading(c.id, c.title);
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
            enrol(made.id(), s.number(), s.name(), s.group());
        }
        return made;
    }

    @Transactional
    public Student enrol(long course, String number, String name, String group) {
        return students.save(new Enrolled(course, number, name, group)).asStudent();
    }

    @Transactional(readOnly = true)
    public Optional<Heading> first() {
        return courses.findAll().stream().findFirst().map(c -> new Heading(c.id, c.title));
    }

    /** The students of a course, by name. */
    @Transactional(readOnly = true)
    public List<Student> students(long course) {
        return students.findByCourseIdOrderByNameAscNumberAsc(course).stream()
                .map(Enrolled::asStudent)
                .toList();
    }

    /** @throws Problem where there is no such student */
    @Transactional(readOnly = true)
    public Student student(long id) {
        return students.findById(id)
                .map(Enrolled::asStudent)
                .orElseThrow(() -> Problem.notFound(
                        "There is no such student in this course. Choose one from the list; nothing was stored."));
    }
}
