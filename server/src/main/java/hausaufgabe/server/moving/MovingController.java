package hausaufgabe.server.moving;

import hausaufgabe.server.Downloads;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.moving.Arrivals.Arriving;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A course out as one archive, and in from one. */
@RestController
@RequestMapping("/api/courses")
class MovingController {

    private final CourseArchive archive;
    private final Arrivals arrivals;
    private final Courses courses;

    MovingController(CourseArchive archive, Arrivals arrivals, Courses courses) {
        this.archive = archive;
        this.arrivals = arrivals;
        this.courses = courses;
    }

    /**
     * What an archive would bring.
     *
     * @param rows how many of each kind of record
     * @param people whom it names
     * @param fingerprint to be sent with the same file to have it brought in
     */
    record PlannedArrival(
            String title,
            String term,
            Instant writtenAt,
            Map<String, Long> rows,
            List<Arriving> people,
            String fingerprint) {}

    /** @param id of the course, here */
    record Arrived(long id, String title) {}

    /** The whole course, with all that was handed in and what people made of it, for another installation. */
    @GetMapping(path = "/{course}/archive.zip", produces = "application/zip")
    void out(@PathVariable long course, HttpServletResponse response) throws IOException {
        String title = courses.heading(course).title();
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Downloads.disposition("course-" + title + ".zip"));
        archive.write(course, response.getOutputStream());
    }

    /**
     * Says what an archive would bring, and stores nothing.
     *
     * @param others sign-ins of those who are somebody else than who has the sign-in here
     */
    @PostMapping(path = "/arriving/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PlannedArrival plan(
            @RequestParam("archive") MultipartFile file, @RequestParam(required = false) @Nullable Set<String> others)
            throws IOException {
        return with(file, (path, fingerprint) -> {
            try (StagedCourse staged = arrivals.stage(path)) {
                return new PlannedArrival(
                        staged.head().title(),
                        staged.head().term(),
                        staged.head().writtenAt(),
                        staged.head().rows(),
                        arrivals.people(staged, others == null ? Set.of() : others),
                        fingerprint);
            }
        });
    }

    /**
     * Brings a course in: all of it, or nothing.
     *
     * @param others as they were when the plan was looked at
     * @param fingerprint of that plan
     */
    @PostMapping(path = "/arriving", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Arrived take(
            @RequestParam("archive") MultipartFile file,
            @RequestParam(required = false) @Nullable Set<String> others,
            @RequestParam String fingerprint,
            @AuthenticationPrincipal Person person)
            throws IOException {
        return with(file, (path, now) -> {
            if (!now.equals(fingerprint)) {
                throw Problem.outdated("This is not the file that was looked at. Choose it again; nothing was stored.");
            }
            try (StagedCourse staged = arrivals.stage(path)) {
                long made = arrivals.take(staged, others == null ? Set.of() : others, person);
                return new Arrived(made, staged.head().title());
            }
        });
    }

    /** What is done with an archive that lies on the disk. */
    private interface Use<T> {
        T of(Path archive, String fingerprint);
    }

    private static <T> T with(MultipartFile file, Use<T> use) throws IOException {
        Path kept = Files.createTempFile("hausaufgabe-course", ".zip");
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            try (InputStream in = file.getInputStream();
                    OutputStream out = new DigestOutputStream(Files.newOutputStream(kept), digest)) {
                in.transferTo(out);
            }
            return use.of(kept, HexFormat.of().formatHex(digest.digest()));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        } finally {
            Files.deleteIfExists(kept);
        }
    }
}
