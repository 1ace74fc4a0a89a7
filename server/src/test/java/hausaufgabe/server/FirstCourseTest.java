package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.FirstCourse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class FirstCourseTest {

    @Autowired
    private FirstCourse rosters;

    @Autowired
    private Courses courses;

    @TempDir
    private Path folder;

    @Test
    void aCourseIsMadeFromARoster() throws Exception {
        Courses.Heading course =
                rosters.create("Tides", roster("Number,Name,Group\n7,\"Bojer, Inken\",C\n8,Nis Kogge,D\n"));

        assertEquals("Bojer, Inken", courses.students(course.id()).get(0).name());
        assertEquals(2, courses.students(course.id()).size());
    }

    @Test
    void aRosterThatIsNoneIsRefusedWithThePlace() throws Exception {
        var missing = assertThrows(
                FirstCourse.RosterException.class,
                () -> rosters.create("Tides", roster("number,name,group\n7,Nis Kogge,\n")));
        assertTrue(missing.getMessage().contains("record 1: no group"), missing.getMessage());

        long before = courses.first().map(Courses.Heading::id).orElse(0L);
        Problem twice = assertThrows(
                Problem.class, () -> rosters.create("Tides", roster("number,name,group\n7,Nis,A\n7,Inken,A\n")));
        assertTrue(twice.getMessage().contains("The number 7 stands twice"), twice.getMessage());
        assertEquals(before, courses.first().map(Courses.Heading::id).orElse(0L));
    }

    private Path roster(String text) throws Exception {
        return Files.writeString(folder.resolve("roster.csv"), text);
    }
}
