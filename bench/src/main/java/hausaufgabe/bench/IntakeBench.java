package hausaufgabe.bench;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.exercise.Exercises;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Times a pile of submissions from its upload until all are checked, against the checks alone, and meanwhile the pages that people
 * look at; then the same with large courses in the records besides.
 */
final class IntakeBench {

    private static final int STUDENTS = PileOfWork.STUDENTS;
    private static final int OTHER_STUDENTS = 2_000;
    private static final int OTHER_EXERCISES = 30;
    private static final long PAUSE_MILLIS = 50;

    private final PileOfWork pile;

    IntakeBench(Path samples) throws IOException {
        this.pile = new PileOfWork(samples);
    }

    void run() throws IOException, InterruptedException, ArchiveException {
        try (BenchServer server = new BenchServer()) {
            Courses.Heading course = server.course(STUDENTS);
            // a server that has just been started is busy with itself
            pile.send(server, server.exercise(course.id()));
            System.out.printf(
                    "%-30s %9s %9s %9s %9s %11s %11s%n",
                    STUDENTS + " submissions in one zip",
                    "checks s",
                    "all s",
                    "beyond %",
                    "looked s",
                    "desk 95% ms",
                    "page 95% ms");
            measure(server, course.id(), "in empty records");
            fill(server);
            measure(server, course.id(), OTHER_STUDENTS * OTHER_EXERCISES + " submissions besides");
        }
    }

    private void measure(BenchServer server, long course, String label)
            throws IOException, InterruptedException, ArchiveException {
        double alone = checks(server, server.exercise(course));
        double all = pile.send(server, server.exercise(course));
        long exercise = server.exercise(course);
        Pages pages = new Pages(server, exercise);
        Thread looking = new Thread(pages, "looking");
        looking.start();
        double looked = pile.send(server, exercise);
        pages.over.set(true);
        looking.join();
        System.out.printf(
                Locale.ROOT,
                "%-30s %9.1f %9.1f %9.0f %9.1f %11.1f %11.1f%n",
                label,
                alone,
                all,
                (all / alone - 1) * 100,
                looked,
                late(pages.desk),
                late(pages.page));
    }

    /** Looks at the grade sheet and at the exercise's page, as people do while they wait. */
    private static final class Pages implements Runnable {

        private final BenchServer server;
        private final long exercise;
        private final AtomicBoolean over = new AtomicBoolean();
        private final List<Double> desk = new ArrayList<>();
        private final List<Double> page = new ArrayList<>();

        Pages(BenchServer server, long exercise) {
            this.server = server;
            this.exercise = exercise;
        }

        @Override
        public void run() {
            try {
                while (!over.get()) {
                    desk.add(server.time("/api/exercises/" + exercise + "/grades"));
                    page.add(server.time("/api/exercises/" + exercise));
                    Thread.sleep(PAUSE_MILLIS);
                }
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    /** Milliseconds that 95 of 100 took at most. */
    private static double late(List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        return sorted.get((int) Math.ceil(sorted.size() * 0.95) - 1);
    }

    /** Seconds that the checks of as many submissions take by themselves. */
    private double checks(BenchServer server, long exercise) throws ArchiveException {
        Exercises.Version version = server.bean(Exercises.class).opened(exercise);
        Archive archive = new Archive(p -> p.endsWith(".java"), ArchiveLimits.USUAL);
        CheckDispatcher dispatcher = server.bean(CheckDispatcher.class);
        List<CheckRequest> requests = new ArrayList<>();
        for (int i = 0; i < STUDENTS; i++) {
            requests.add(version.check(archive.receive(pile.next()).upload(), CheckRequest.Isolation.SANDBOX));
        }
        long start = System.nanoTime();
        List<CompletableFuture<CheckReport>> all =
                requests.stream().map(r -> dispatcher.submit(r, step -> {})).toList();
        CompletableFuture.allOf(all.toArray(CompletableFuture[]::new)).join();
        return (System.nanoTime() - start) / 1e9;
    }

    /** Another course with many students and exercises, each handed in by all and checked: copies of one real check. */
    private static void fill(BenchServer server) {
        long course = server.course(OTHER_STUDENTS).id();
        JdbcTemplate records = server.bean(JdbcTemplate.class);
        Long model = records.queryForObject("select max(id) from submission where current_run is not null", Long.class);
        for (int i = 0; i < OTHER_EXERCISES; i++) {
            long exercise = server.exercise(course);
            records.update(
                    "insert into submission (exercise_id, student_id, attempt, uploaded_at, uploaded_by, source_hash, state,"
                            + " version) select ?, st.id, 1, m.uploaded_at, m.uploaded_by, m.source_hash, m.state, 0"
                            + " from student st cross join submission m where st.course_id = ? and m.id = ?",
                    exercise,
                    course,
                    model);
            records.update(
                    "insert into check_run (submission_id, exercise_version, ended_at, report, compiled, verdict, form,"
                            + " earned, possible, open_claims, marks, items) select s.id, (select max(v.id) from"
                            + " exercise_version v where v.exercise_id = ?), r.ended_at, r.report, r.compiled, r.verdict,"
                            + " r.form, r.earned, r.possible, r.open_claims, r.marks, r.items from submission s cross join"
                            + " check_run r where s.exercise_id = ? and r.id = (select current_run from submission"
                            + " where id = ?)",
                    exercise,
                    exercise,
                    model);
            records.update(
                    "update submission s set current_run = (select r.id from check_run r where r.submission_id = s.id)"
                            + " where s.exercise_id = ?",
                    exercise);
        }
    }
}
