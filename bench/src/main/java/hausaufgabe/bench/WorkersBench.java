package hausaufgabe.bench;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.dispatch.Machines;
import hausaufgabe.dispatch.RemoteChecks;
import hausaufgabe.dispatch.WorkerMain;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.exercise.Exercises;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.zip.DeflaterOutputStream;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Times a pile of submissions that is checked by workers in processes of their own, one check at a time each: 1, 2 and 4 of them,
 * and 4 of which one is killed on the way. The server makes no checks itself.
 */
final class WorkersBench {

    private static final int POLL_MILLIS = 100;
    /** The threads of the server that have something to do for each check. */
    private static final String DESK = "check-desk";

    private static final String ANSWERS = "listens-to-hausaufgabe.answers";

    private final PileOfWork pile;

    WorkersBench(Path samples) throws IOException {
        this.pile = new PileOfWork(samples);
    }

    void run() throws IOException, InterruptedException, ArchiveException {
        System.out.printf(
                "%-36s %8s %8s %8s %8s %9s %9s%n",
                PileOfWork.STUDENTS + " submissions in one zip",
                "all s",
                "per s",
                "checked",
                "failed",
                "desk ms",
                "answer ms");
        try (BenchServer server = new BenchServer()) {
            Courses.Heading course = server.course(PileOfWork.STUDENTS);
            int cores = Runtime.getRuntime().availableProcessors();
            pile.warm(server, server.exercise(course.id()));
            measure(server, course.id(), "the server itself, " + cores + " at a time", List.of());
        }
        try (BenchServer server = new BenchServer("--hausaufgabe.checkers=0", "--hausaufgabe.broker.workers-at=0")) {
            Courses.Heading course = server.course(PileOfWork.STUDENTS);
            for (int count : new int[] {1, 2, 4}) {
                List<Process> workers = begin(server, count);
                pile.warm(server, server.exercise(course.id()));
                measure(server, course.id(), count + (count == 1 ? " worker" : " workers"), List.of());
                if (count == 4) {
                    measure(server, course.id(), "4 workers, of which one is killed", workers.subList(0, 1));
                }
                end(server, workers);
            }
            sizes(server, server.exercise(course.id()));
        }
    }

    /** @param killed those that are killed when a third of it is checked */
    private void measure(BenchServer server, long course, String label, List<Process> killed)
            throws IOException, InterruptedException {
        long exercise = server.exercise(course);
        CompletableFuture<Void> killing = killed.isEmpty()
                ? CompletableFuture.completedFuture(null)
                : CompletableFuture.runAsync(() -> killAtAThird(server, exercise, killed));
        double deskBefore = processorSeconds(DESK);
        double answersBefore = processorSeconds(ANSWERS);
        double seconds = pile.send(server, exercise);
        killing.join();
        System.out.printf(
                Locale.ROOT,
                "%-36s %8.1f %8.1f %8d %8d %9.2f %9.2f%n",
                label,
                seconds,
                PileOfWork.STUDENTS / seconds,
                count(server, exercise, "CHECKED"),
                count(server, exercise, "FAILED"),
                (processorSeconds(DESK) - deskBefore) * 1000 / PileOfWork.STUDENTS,
                (processorSeconds(ANSWERS) - answersBefore) * 1000 / PileOfWork.STUDENTS);
    }

    /** Seconds of the processor that the threads with such names have used so far. */
    private static double processorSeconds(String beginning) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        long nanos = Arrays.stream(threads.getThreadInfo(threads.getAllThreadIds()))
                .filter(t -> t != null && t.getThreadName().startsWith(beginning))
                .mapToLong(t -> Math.max(0, threads.getThreadCpuTime(t.getThreadId())))
                .sum();
        return nanos / 1e9;
    }

    /** How large a check and its report are on their way, as they are compressed there. */
    private void sizes(BenchServer server, long exercise) throws ArchiveException, IOException {
        Archive archive = new Archive(p -> p.endsWith(".java"), ArchiveLimits.USUAL);
        long there = 0;
        for (int i = 0; i < PileOfWork.STUDENTS; i++) {
            there += compressed(Json.mapper()
                    .writeValueAsBytes(server.bean(Exercises.class)
                            .opened(exercise)
                            .check(archive.receive(pile.next()).upload(), CheckRequest.Isolation.SANDBOX)));
        }
        List<String> reports = server.bean(JdbcTemplate.class)
                .queryForList("select report from check_run where report is not null", String.class);
        long back = 0;
        for (String report : reports) {
            back += compressed(report.getBytes(StandardCharsets.UTF_8));
        }
        System.out.printf(
                Locale.ROOT,
                "A check is %.1f KB on its way, its report %.1f KB.%n",
                there / 1024.0 / PileOfWork.STUDENTS,
                back / 1024.0 / reports.size());
    }

    private static int compressed(byte[] bytes) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(out)) {
            deflated.write(bytes);
        }
        return out.size();
    }

    private static int count(BenchServer server, long exercise, String state) {
        return server.bean(JdbcTemplate.class)
                .queryForObject(
                        "select count(*) from submission where exercise_id = ? and state = ?",
                        Integer.class,
                        exercise,
                        state);
    }

    private static void killAtAThird(BenchServer server, long exercise, List<Process> killed) {
        while (count(server, exercise, "CHECKED") < PileOfWork.STUDENTS / 3) {
            pause();
        }
        killed.forEach(Process::destroyForcibly);
    }

    private static void pause() {
        try {
            Thread.sleep(POLL_MILLIS);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<Process> begin(BenchServer server, int count) throws IOException {
        Machines machines = server.bean(Machines.class);
        List<Process> workers = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            workers.add(new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-cp",
                            System.getProperty("java.class.path"),
                            WorkerMain.class.getName(),
                            "--broker",
                            "tcp://127.0.0.1:" + machines.workersPort(),
                            "--password-file",
                            server.data().resolve("worker-password").toString(),
                            "--checkers",
                            "1",
                            "--name",
                            "worker " + i)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.to(new File("/dev/null")))
                    .start());
        }
        awaitCapacity(machines, count);
        return workers;
    }

    private static void end(BenchServer server, List<Process> workers) throws InterruptedException {
        for (Process p : workers) {
            p.destroy();
            p.waitFor();
        }
        awaitCapacity(server.bean(Machines.class), 0);
    }

    private static void awaitCapacity(Machines machines, int capacity) {
        while (machines.workers().stream()
                        .mapToInt(RemoteChecks.WorkerLine::size)
                        .sum()
                != capacity) {
            pause();
        }
    }
}
