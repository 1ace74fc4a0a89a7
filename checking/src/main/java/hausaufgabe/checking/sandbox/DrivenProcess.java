package hausaufgabe.checking.sandbox;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.Json;
import hausaufgabe.core.scenario.Driver;
import hausaufgabe.core.scenario.DriverLost;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

/** A driven process and the line protocol to it. Any answer that was not asked for, or lacks the secret, ends it. */
final class DrivenProcess implements Driver {

    private static final int LONGEST_LINE = 8 << 20;
    private static final String END = "";
    private static final String OUT_OF_MEMORY = "The program ran out of memory and was stopped.";
    private static final SecureRandom RANDOM = new SecureRandom();

    private final Process process;
    private final OutputStream to;
    private final BlockingQueue<String> lines = new LinkedBlockingQueue<>();
    private final String secret;
    private final long requestMilliseconds;
    private int asked;
    private boolean closed;

    private DrivenProcess(Process process, String secret, long requestMilliseconds) {
        this.process = process;
        this.to = process.getOutputStream();
        this.secret = secret;
        this.requestMilliseconds = requestMilliseconds;
    }

    static DrivenProcess start(Sandbox sandbox, Isolation isolation) throws DriverLost {
        try {
            ProcessBuilder builder = new ProcessBuilder(sandbox.command(isolation));
            builder.redirectError(ProcessBuilder.Redirect.DISCARD);
            if (isolation == Isolation.PROCESS) {
                builder.environment().clear();
            }
            byte[] random = new byte[24];
            RANDOM.nextBytes(random);
            DrivenProcess driven = new DrivenProcess(
                    builder.start(),
                    HexFormat.of().formatHex(random),
                    sandbox.bounds().requestMilliseconds());
            ObjectNode opening = Json.mapper().createObjectNode();
            opening.put("secret", driven.secret).put("output", sandbox.bounds().outputBytes());
            driven.send(opening);
            Thread reading = new Thread(driven::read, "driven-process");
            reading.setDaemon(true);
            reading.start();
            return driven;
        } catch (IOException e) {
            throw new DriverLost(DriverLost.Reason.NOT_STARTED, "The program could not be started: " + e.getMessage());
        }
    }

    private void send(ObjectNode message) throws IOException {
        to.write(Json.mapper().writeValueAsBytes(message));
        to.write('\n');
        to.flush();
    }

    private void read() {
        try (InputStream in = new BufferedInputStream(process.getInputStream())) {
            ByteArrayOutputStream line = new ByteArrayOutputStream();
            for (int b = in.read(); b >= 0; b = in.read()) {
                if (b == '\n') {
                    lines.add(line.toString(StandardCharsets.UTF_8) + " ");
                    line.reset();
                } else if (line.size() < LONGEST_LINE) {
                    line.write(b);
                }
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
            send(Messages.request(request).put("id", id));
            // the first answer also waits for the process to start
            long wait = id == 1 ? 4 * requestMilliseconds : requestMilliseconds;
            String line = lines.poll(wait, TimeUnit.MILLISECONDS);
            if (line == null) {
                throw lost(
                        DriverLost.Reason.TIMED_OUT,
                        "The program had not answered after " + wait / 1000 + " seconds and was stopped.");
            }
            if (line.equals(END)) {
                throw ended(id);
            }
            return answer(line, id);
        } catch (IOException e) {
            throw ended(id);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw lost(DriverLost.Reason.NOT_STARTED, "The check was interrupted.");
        }
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
            case 3 -> OUT_OF_MEMORY;
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
        return Messages.answer(node);
    }

    private DriverLost lost(DriverLost.Reason reason, String message) {
        close();
        return new DriverLost(reason, message);
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
        }
    }

    /** Requests and answers as JSON. */
    private static final class Messages {

        private static ObjectNode request(Request request) {
            ObjectNode node = Json.mapper().createObjectNode();
            if (request instanceof Request.Load r) {
                node.put("do", "load");
                ObjectNode program = node.putObject("program");
                r.program()
                        .forEach((name, bytes) ->
                                program.put(name, Base64.getEncoder().encodeToString(bytes)));
                ArrayNode watched = node.putArray("watched");
                r.watched().forEach(watched::add);
            } else if (request instanceof Request.Construct r) {
                node.put("do", "construct").put("type", r.type());
                strings(node.putArray("parameters"), r.parameters());
                given(node.putArray("arguments"), r.arguments());
            } else if (request instanceof Request.Call r) {
                node.put("do", "call").put("type", r.type()).put("operation", r.operation());
                strings(node.putArray("parameters"), r.parameters());
                given(node.putArray("arguments"), r.arguments());
                if (r.on() == null) {
                    node.putNull("on");
                } else {
                    node.put("on", r.on().id());
                }
            } else if (request instanceof Request.ReadStatic r) {
                node.put("do", "readStatic").put("type", r.type()).put("field", r.field());
            } else if (request instanceof Request.Double r) {
                node.put("do", "double").put("type", r.type());
                ObjectNode answers = node.putObject("answers");
                r.answers().forEach((name, g) -> answers.set(name, given(g)));
            }
            return node;
        }

        private static void strings(ArrayNode into, List<String> all) {
            all.forEach(into::add);
        }

        private static void given(ArrayNode into, List<Given> all) {
            all.forEach(g -> into.add(given(g)));
        }

        private static JsonNode given(Given given) {
            ObjectNode node = Json.mapper().createObjectNode();
            if (given instanceof Given.Simple s) {
                return node.put("type", s.type()).put("text", s.text());
            }
            if (given instanceof Given.Ref r) {
                return node.put("ref", r.id());
            }
            if (given instanceof Given.Parsed p) {
                return node.put("type", p.type())
                        .put("operation", p.operation())
                        .put("text", p.text());
            }
            if (given instanceof Given.Several s) {
                node.put("type", s.type());
                given(node.putArray("items"), s.items());
                return node;
            }
            return Json.mapper().nullNode();
        }

        private static Answer answer(JsonNode node) {
            List<Event> events = new ArrayList<>();
            for (JsonNode e : node.path("events")) {
                events.add(
                        e.has("printed")
                                ? new Event.Printed(e.path("printed").asText())
                                : new Event.Heard(
                                        e.path("object").asInt(),
                                        e.path("operation").asText(),
                                        e.path("parameters").asInt()));
            }
            if (node.has("thrown")) {
                JsonNode t = node.path("thrown");
                return new Answer(
                        null,
                        new Thrown(
                                t.path("type").asText(),
                                t.path("message").asText(),
                                t.path("ours").asBoolean()),
                        events);
            }
            JsonNode v = node.path("value");
            Given.Ref ref = v.has("ref")
                    ? new Given.Ref(v.path("ref").asInt(), v.path("type").asText())
                    : null;
            return new Answer(
                    new Value(ref, v.path("shown").asText(), v.path("nothing").asBoolean()), null, events);
        }
    }
}
