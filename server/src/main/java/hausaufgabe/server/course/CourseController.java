package hausaufgabe.server.course;

import hausaufgabe.server.Problem;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/course")
class CourseController {

    private final Courses courses;

    CourseController(Courses courses) {
        this.courses = courses;
    }

    @GetMapping
    Courses.Heading course() {
        return courses.first().orElseThrow(() -> Problem.notFound("There is no course yet."));
    }
}
