package hausaufgabe.checking.sandbox;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.Json;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.RunLimits;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/** A driven process and the line protocol to it. Any answer that was not asked for, or lacks the secret, ends it. */
final class DrivenProcess implements Driver {

    /** Room for an answer beside what the program printed, of which each byte may take six. */
    private static final int LONGEST_ANSWER = 16 << 20;

    private static final int BYTES_A_BYTE_PRINTED = 6;
    /** Most time for one call, in milliseconds. */
    private static final long CALL = 3_000;

    private static final String END = "";
    private static final String TOO_LONG = "\n";
    private static final String OUT_OF_MEMORY = "The program ran out of memory and was stopped.";
    /** Milliseconds that a process is given to end before it is ended. */
    private static final long GRACE = 400;

    private static final ScheduledExecutorService ENDING = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(r, "driven-ending");
        t.setDaemon(true);
        return t;
    });

    private static final SecureRandom RANDOM = new SecureRandom();

    private final Process process;
    private final OutputStream to;
    private final BlockingQueue<String> lines = new LinkedBlockingQueue<>();
    private final String secret;
    private final Path folder;
    private final List<String> testLibraries;
    private final long longestLine;
    private long deadline;
    private int asked;
    private boolean closed;

    private DrivenProcess(Process process, String secret, Path folder, List<String> testLibraries, RunLimits limits) {
        this.longestLine = LONGEST_ANSWER + ((long) limits.outputMegabytes() << 20) * BYTES_A_BYTE_PRINTED;
        this.process = process;
        this.to = process.getOutputStream();
        this.secret = secret;
        this.folder = folder;
        this.testLibraries = testLibraries;
    }

    static DrivenProcess start(Sandbox sandbox, Isolation isolation, RunLimits limits) throws DriverLost {
        try {
            ProcessBuilder builder = new ProcessBuilder(sandbox.command(isolation, limits));
            builder.redirectError(ProcessBuilder.Redirect.DISCARD);
            Path folder = null;
            if (isolation == Isolation.PROCESS) {
                builder.environment().clear();
                folder = Files.createTempDirectory("hausaufgabe-run");
                builder.directory(folder.toFile());
            }
            byte[] random = new byte[24];
            RANDOM.nextBytes(random);
            DrivenProcess driven = new DrivenProcess(
                    builder.start(),
                    HexFormat.of().formatHex(random),
                    folder,
                    sandbox.testLibraries(isolation),
                    limits);
            ObjectNode opening = Json.mapper().createObjectNode();
            opening.put("secret", driven.secret).put("output", limits.outputMegabytes() << 20);
            driven.send(opening);
            Thread reading = new Thread(driven::read, "driven-process");
            reading.setDaemon(true);
            reading.start();
            return driven;
        } catch (IOException e) {
            throw new DriverLost(DriverLost.Reason.NOT_STARTED, "The program could not be started: " + e.getMessage());
        }
    }

    /** @param nanos when the time for all of the submission's runs is up, by the clock of this process */
    DrivenProcess until(long nanos) {
        deadline = nanos;
        return this;
    }

    boolean isAlive() {
        return process.isAlive();
    }

    private void send(ObjectNode message) throws IOException {
        to.write(Json.mapper().writeValueAsBytes(message));
        to.write('\n');
        to.flush();
    }

    private void read() {
        try (InputStream in = process.getInputStream()) {
            ByteArrayOutputStream line = new ByteArrayOutputStream();
            byte[] some = new byte[1 << 14];
            for (int n = in.read(some); n >= 0; n = in.read(some)) {
                if (line.size() + n > longestLine) {
                    lines.add(TOO_LONG);
                    return;
                }
                int from = 0;
                for (int i = 0; i < n; i++) {
                    if (some[i] == '\n') {
                        line.write(some, from, i - from);
                        lines.add(line.toString(StandardCharsets.UTF_8) + " ");
                        line.reset();
                        from = i + 1;
                    }
                }
                line.write(some, from, n - from);
            }
        } catch (IOException e) {
            // the process is gone, which the end below tells
        }
        lines.add(END);
    }

    @Override
    public Answer ask(Request request) throws DriverLost {
        int id = ++asked;
        if (!lines.isEmpty() && !lines.peek().equals(END)) {
            throw lost(DriverLost.Reason.TAMPERED, "The program sent an answer that nobody had asked for.");
        }
        try {
            ObjectNode message = Messages.request(request).put("id", id);
            if (request instanceof Request.Tests) {
                testLibraries.forEach(message.putArray("libraries")::add);
            }
            send(message);
            long wait = patience(request, id);
            String line = lines.poll(wait, TimeUnit.MILLISECONDS);
            if (line == null) {
                throw lost(
                        DriverLost.Reason.TIMED_OUT,
                        "The program had not answered after " + seconds(wait) + " and was stopped.");
            }
            if (line.equals(END)) {
                throw ended(id);
            }
            if (line.equals(TOO_LONG)) {
                throw lost(
                        DriverLost.Reason.FLOODED,
                        "What the program gave back is more than can be kept; it was stopped.");
            }
            return answer(line, id);
        } catch (IOException e) {
            throw ended(id);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw lost(DriverLost.Reason.NOT_STARTED, "The check was interrupted.");
        }
    }

    /** Milliseconds to wait for an answer: the first also waits for the process to start. */
    private long patience(Request request, int id) {
        boolean whole = request instanceof Request.Main m && !m.rehearsal() || request instanceof Request.Tests;
        long usual = whole ? Long.MAX_VALUE : id == 1 ? 4 * CALL : CALL;
        long left = TimeUnit.NANOSECONDS.toMillis(deadline - System.nanoTime());
        return Math.max(1, Math.min(usual, left));
    }

    private static String seconds(long milliseconds) {
        long seconds = Math.max(1, Math.round(milliseconds / 1000.0));
        return seconds == 1 ? "one second" : seconds + " seconds";
    }

    private DriverLost ended(int id) {
        int code = -1;
        try {
            if (process.waitFor(1, TimeUnit.SECONDS)) {
                code = process.exitValue();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (id == 1) {
            return lost(DriverLost.Reason.NOT_STARTED, "The program could not be started (exit status " + code + ").");
        }
        String why = switch (code) {
            case 3, 134 -> OUT_OF_MEMORY;
            case 137, 152, 158 -> "The program used more CPU time than it may and was stopped.";
            default -> "The program ended itself (exit status " + code + ") before the call was over.";
        };
        return lost(DriverLost.Reason.ENDED, why);
    }

    private Answer answer(String line, int id) throws DriverLost {
        if (line.startsWith("Terminating due to java.lang.OutOfMemoryError")) {
            // said by the runtime itself as it ends; said by the program, it does the program no good
            throw lost(DriverLost.Reason.ENDED, OUT_OF_MEMORY);
        }
        JsonNode node;
        try {
            node = Json.mapper().readTree(line);
        } catch (IOException e) {
            node = null;
        }
        boolean ours = node != null
                && secret.equals(node.path("secret").asText())
                && node.path("id").asInt(-1) == id;
        if (!ours) {
            throw lost(
                    DriverLost.Reason.TAMPERED,
                    "The program wrote to the channel of the check itself. What it says counts for nothing.");
        }
        if (node.path("flooded").asBoolean()) {
            throw lost(DriverLost.Reason.FLOODED, "The program printed more than it may and was stopped.");
        }
        try {
            return Messages.answer(node);
        } catch (IllegalArgumentException e) {
            throw lost(
                    DriverLost.Reason.TAMPERED,
                    "The program wrote to the channel of the check itself. What it says counts for nothing.");
        }
    }

    private DriverLost lost(DriverLost.Reason reason, String message) {
        close();
        endInside();
        return new DriverLost(reason, message);
    }

    /**
     * The process ends by itself when nothing more is to come, so that whoever started it in its sandbox sees it end and
     * leaves nothing behind. One that does not is ended, from the inside out.
     */
    @Override
    public void close() {
        if (closed) {
            return;
        }
        closed = true;
        if (folder != null) {
            process.onExit().thenRun(() -> forget(folder));
        }
        try {
            to.close();
        } catch (IOException e) {
            // it is gone already
        }
        ENDING.schedule(this::endInside, GRACE, TimeUnit.MILLISECONDS);
    }

    /** Waits until what this process has started is gone, at most two seconds. */
    static void awaitEnds() {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(2);
        try {
            while (System.nanoTime() < until
                    && ProcessHandle.current().children().findAny().isPresent()) {
                Thread.sleep(10);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void endInside() {
        if (process.isAlive()) {
            List<ProcessHandle> below = process.descendants().toList();
            below.stream().filter(p -> p.children().findAny().isEmpty()).forEach(ProcessHandle::destroyForcibly);
            if (below.isEmpty()) {
                process.destroyForcibly();
            }
            ENDING.schedule(this::endAll, GRACE, TimeUnit.MILLISECONDS);
        }
    }

    private void endAll() {
        if (process.isAlive()) {
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
        }
    }

    private static void forget(Path folder) {
        try {
            Folders.delete(folder);
        } catch (IOException e) {
            // left to the machine's own cleaning
        }
    }
}
