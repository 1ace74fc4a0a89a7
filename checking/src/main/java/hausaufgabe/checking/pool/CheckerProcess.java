package hausaufgabe.checking.pool;

import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.Json;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

/** One checker process, started when first needed and again after it was lost. Used by one thread. */
final class CheckerProcess implements AutoCloseable {

    private static final ScheduledExecutorService ALARMS = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(r, "checker-alarm");
        t.setDaemon(true);
        return t;
    });

    private static final long GRACE_SECONDS = 3;

    private final int heapMegabytes;
    private final Duration limit;
    private Process process;
    private BufferedReader from;
    private OutputStream to;

    CheckerProcess(int heapMegabytes, Duration limit) {
        this.heapMegabytes = heapMegabytes;
        this.limit = limit;
    }

    /** The process ended without a word; the check may be tried once more. */
    static final class Lost extends Exception {
        private static final long serialVersionUID = 1L;
    }

    /**
     * Has one order carried out.
     *
     * @return what the process told last
     * @throws Lost when the process ended without an answer
     * @throws CheckFailed when the answer is that it cannot be done, or the time was up
     */
    CheckerMessage ask(CheckerOrder order, Consumer<String> progress) throws Lost {
        AtomicBoolean late = new AtomicBoolean();
        try {
            start();
            Process mine = process;
            ScheduledFuture<?> alarm = ALARMS.schedule(
                    () -> {
                        late.set(true);
                        kill(mine);
                    },
                    limit.toMillis(),
                    TimeUnit.MILLISECONDS);
            try {
                to.write(Json.mapper().writeValueAsBytes(order));
                to.write('\n');
                to.flush();
                return await(progress);
            } finally {
                alarm.cancel(false);
            }
        } catch (IOException e) {
            if (process != null) {
                kill(process);
                process = null;
            }
            if (late.get()) {
                throw new CheckFailed("The check took longer than " + limit.toSeconds() + " s and was stopped.");
            }
            throw new Lost();
        }
    }

    private CheckerMessage await(Consumer<String> progress) throws IOException {
        for (String line = from.readLine(); line != null; line = from.readLine()) {
            CheckerMessage m = Json.mapper().readValue(line, CheckerMessage.class);
            if (m.progress() != null) {
                progress.accept(m.progress());
            } else if (m.failed() != null) {
                throw new CheckFailed(m.failed());
            } else {
                return m;
            }
        }
        throw new IOException("the checker process ended");
    }

    private void start() throws IOException {
        if (process != null && process.isAlive()) {
            return;
        }
        List<String> command = new ArrayList<>(List.of(
                // whoever looks at a page while many are being checked comes first
                "nice",
                "-n",
                "5",
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx" + heapMegabytes + "m",
                "-XX:+UseSerialGC",
                "-XX:+ExitOnOutOfMemoryError",
                "-Xshare:auto",
                // a checker that lives for a thousand checks never earns back what compiling its code twice costs
                "-XX:TieredStopAtLevel=1",
                "-Dlogback.statusListenerClass=ch.qos.logback.core.status.NopStatusListener",
                "-cp",
                System.getProperty("java.class.path"),
                CheckerMain.class.getName()));
        process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        from = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        to = process.getOutputStream();
    }

    private static void kill(Process p) {
        p.descendants().forEach(ProcessHandle::destroyForcibly);
        p.destroyForcibly();
    }

    /** The process ends by itself when nothing more is to come; one that does not is ended. */
    @Override
    public void close() {
        if (process == null) {
            return;
        }
        try {
            to.close();
            if (!process.waitFor(GRACE_SECONDS, TimeUnit.SECONDS)) {
                kill(process);
            }
        } catch (IOException e) {
            kill(process);
        } catch (InterruptedException e) {
            kill(process);
            Thread.currentThread().interrupt();
        }
        process = null;
    }
}
