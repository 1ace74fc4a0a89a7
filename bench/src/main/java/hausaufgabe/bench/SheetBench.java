package hausaufgabe.bench;

import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Times the grade sheet of a large course over HTTP: while its submissions are being checked in the sandbox, and when
 * all have been.
 */
final class SheetBench {

    private static final int RUNS = 40;

    private final Path samples;
    private final int count;

    /** @param count how many submissions the course has */
    SheetBench(Path samples, int count) {
        this.samples = samples;
        this.count = count;
    }

    void run() throws IOException, InterruptedException {
        try (BenchServer server = new BenchServer()) {
            long exercise = handIn(server);
            String sheet = "/api/exercises/" + exercise + "/grades";
            for (int i = 0; i < RUNS; i++) {
                server.get(sheet);
            }
            server.await(300);
            System.out.printf("%-28s %10s %10s%n", count + " submissions", "median ms", "95 % ms");
            row(server, "sheet, 300 being checked", sheet);
            server.await(0);
            row(server, "sheet, all checked", sheet);
            row(server, "sheet as CSV, all checked", sheet + ".csv");
        }
    }

    private long handIn(BenchServer server) throws IOException {
        Courses.Heading course = server.course(count);
        long exercise = server.exercise(course.id());
        List<Map<String, byte[]>> works = BenchServer.works(samples);
        Submissions submissions = server.bean(Submissions.class);
        List<Student> students = server.bean(Courses.class).students(course.id());
        for (int i = 0; i < count; i++) {
            submissions.handIn(
                    exercise,
                    students.get(i).id(),
                    BenchServer.unlike(works.get(i % works.size()), String.valueOf(i)),
                    server.lead().id(),
                    Instant.now());
        }
        return exercise;
    }

    private static void row(BenchServer server, String label, String path) throws IOException, InterruptedException {
        double[] times = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            times[i] = server.time(path);
        }
        Arrays.sort(times);
        System.out.printf(
                Locale.ROOT, "%-28s %10.1f %10.1f%n", label, times[RUNS / 2], times[(int) Math.ceil(RUNS * 0.95) - 1]);
    }
}
