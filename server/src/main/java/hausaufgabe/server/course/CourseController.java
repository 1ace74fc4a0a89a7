package hausaufgabe.server.course;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.CourseRights;
import hausaufgabe.server.account.Duty;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.account.Right;
import jakarta.validation.constraints.NotNull;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Courses, and who does what in them. */
@RestController
@RequestMapping("/api/courses")
class CourseController {

    private final Courses courses;
    private final Staffing staffing;
    private final CourseRights rights;

    CourseController(Courses courses, Staffing staffing, CourseRights rights) {
        this.courses = courses;
        this.staffing = staffing;
        this.rights = rights;
    }

    /** @param rights what whoever asks may do in it */
    record CourseLine(long id, String title, String term, List<Right> rights) {}

    /** @param students how many are in it */
    record Group(String name, int students) {}

    /** @param tutorsSeeAll whether tutors see the groups that they do not look after */
    record CourseView(
            long id,
            String title,
            String term,
            String zone,
            boolean tutorsSeeAll,
            List<Staffing.Member> staff,
            List<Group> groups,
            List<Right> rights) {}

    record CourseHead(
            @NotNull String title,
            @Nullable String term,
            @Nullable String zone,
            @Nullable Boolean tutorsSeeAll) {}

    record GivenDuty(@NotNull Duty duty) {}

    record GivenGroups(@NotNull List<String> groups) {}

    /** Those that whoever asks has something to do in. */
    @GetMapping
    List<CourseLine> all(@AuthenticationPrincipal Person staff) {
        return courses.all().stream()
                .map(c -> new CourseLine(c.id(), c.title(), c.term(), rights.of(staff, c.id())))
                .filter(c -> !c.rights().isEmpty())
                .toList();
    }

    /** A course: what it is called, who does what in it, and what whoever asks may do. */
    @GetMapping("/{id}")
    CourseView one(@PathVariable long id, @AuthenticationPrincipal Person staff) {
        Courses.Heading c = courses.heading(id);
        Map<String, Integer> groups = courses.students(id).stream()
                .filter(x -> !x.left())
                .collect(Collectors.toMap(Student::group, s -> 1, Integer::sum, TreeMap::new));
        return new CourseView(
                c.id(),
                c.title(),
                c.term(),
                courses.zone(id).getId(),
                courses.tutorsSeeAll(id),
                staffing.of(id),
                groups.entrySet().stream()
                        .map(g -> new Group(g.getKey(), g.getValue()))
                        .toList(),
                rights.of(staff, id));
    }

    /** Begins a course, led by whoever asks. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public CourseView create(@RequestBody CourseHead given, @AuthenticationPrincipal Person staff) {
        Courses.Heading made = courses.create(given.title(), given.term(), zone(given.zone()));
        staffing.give(made.id(), staff.id(), Duty.LEAD);
        return one(made.id(), staff);
    }

    /** Says what a course is called, and whether tutors see the other groups. */
    @PutMapping("/{id}")
    CourseView rename(@PathVariable long id, @RequestBody CourseHead given, @AuthenticationPrincipal Person staff) {
        courses.rename(
                id, given.title(), given.term(), zone(given.zone()), !Boolean.FALSE.equals(given.tutorsSeeAll()));
        return one(id, staff);
    }

    private static ZoneId zone(@Nullable String given) {
        try {
            return given == null || given.isBlank() ? ZoneId.systemDefault() : ZoneId.of(given.strip());
        } catch (DateTimeException e) {
            throw Problem.badRequest("“" + given + "” is no time zone; one looks like Europe/Berlin.");
        }
    }

    /** Those who have an account and no duty in the course. */
    @GetMapping("/{id}/colleagues")
    List<Staffing.Colleague> colleagues(@PathVariable long id) {
        return staffing.others(id);
    }

    /** Gives somebody a duty in the course, in place of the one they have. */
    @PutMapping("/{id}/staff/{account}")
    CourseView give(
            @PathVariable long id,
            @PathVariable long account,
            @RequestBody GivenDuty given,
            @AuthenticationPrincipal Person staff) {
        courses.heading(id);
        staffing.give(id, account, given.duty() == null ? Duty.TUTOR : given.duty());
        return one(id, staff);
    }

    /** Says which groups somebody looks after; a group that the course does not have is left out. */
    @PutMapping("/{id}/staff/{account}/groups")
    CourseView lookAfter(
            @PathVariable long id,
            @PathVariable long account,
            @RequestBody GivenGroups given,
            @AuthenticationPrincipal Person staff) {
        Set<String> known = courses.students(id).stream().map(Student::group).collect(Collectors.toSet());
        staffing.lookAfter(
                id, account, given.groups().stream().filter(known::contains).toList());
        return one(id, staff);
    }

    /** Takes somebody’s duty away. */
    @DeleteMapping("/{id}/staff/{account}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void release(@PathVariable long id, @PathVariable long account) {
        staffing.release(id, account);
    }
}
