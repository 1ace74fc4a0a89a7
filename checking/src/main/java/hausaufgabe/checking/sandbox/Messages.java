package hausaufgabe.checking.sandbox;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.Json;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Answer.TestOutcome;
import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Event.Signature;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.driver.ThrownError;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Requests and answers as JSON. */
final class Messages {

    private Messages() {}

    private static ObjectNode doing(String what) {
        return Json.mapper().createObjectNode().put("do", what);
    }

    static ObjectNode request(Request request) {
        if (request instanceof Request.Load r) {
            ObjectNode node = doing("load").put("tracer", r.program().tracer());
            ObjectNode program = node.putObject("program");
            r.program().parts().forEach((name, bytes) -> program.put(name, coded(bytes)));
            return node;
        }
        if (request instanceof Request.Forget) {
            return doing("forget");
        }
        if (request instanceof Request.Add r) {
            return doing("add")
                    .put("type", r.part().name())
                    .put("content", coded(r.part().content()));
        }
        if (request instanceof Request.Construct r) {
            ObjectNode node = doing("construct").put("type", r.type());
            strings(node.putArray("parameters"), r.parameters());
            given(node.putArray("arguments"), r.arguments());
            return node;
        }
        if (request instanceof Request.Call r) {
            return call(r);
        }
        if (request instanceof Request.Parallel r) {
            ObjectNode node = doing("parallel").put("threads", r.threads());
            node.set("call", call(r.call()));
            return node;
        }
        if (request instanceof Request.Read r) {
            return on(doing("read").put("type", r.type()).put("field", r.field()), r.on());
        }
        if (request instanceof Request.Write r) {
            ObjectNode node = on(doing("write").put("type", r.type()).put("field", r.field()), r.on());
            node.set("value", given(r.value()));
            return node;
        }
        if (request instanceof Request.AreEqual r) {
            return doing("equal")
                    .put("first", r.first().id())
                    .put("second", r.second().id());
        }
        if (request instanceof Request.Answers r) {
            ObjectNode node = on(doing("answers"), r.on());
            ObjectNode answers = node.putObject("answers");
            r.answers().forEach((operation, all) -> given(answers.putArray(operation), all));
            return node;
        }
        if (request instanceof Request.Watch r) {
            ObjectNode node = on(doing("watch"), r.on());
            ArrayNode calls = node.putArray("calls");
            r.calls().forEach(c -> calls.add(call(c)));
            return node;
        }
        if (request instanceof Request.State r) {
            ObjectNode node = on(doing("state"), r.on());
            ArrayNode without = node.putArray("without");
            r.without().forEach(w -> without.add(w.id()));
            return node;
        }
        if (request instanceof Request.Main r) {
            ObjectNode node = doing("main").put("type", r.type()).put("input", r.input());
            node.put("rehearsal", r.rehearsal());
            strings(node.putArray("arguments"), r.arguments());
            return node;
        }
        ObjectNode node = doing("tests");
        strings(node.putArray("classes"), ((Request.Tests) request).classes());
        return node;
    }

    private static ObjectNode call(Request.Call r) {
        ObjectNode node = doing("call").put("type", r.type()).put("operation", r.operation());
        strings(node.putArray("parameters"), r.parameters());
        given(node.putArray("arguments"), r.arguments());
        return on(node, r.on());
    }

    private static ObjectNode on(ObjectNode node, ObjectRef on) {
        return on == null ? node.putNull("on") : node.put("on", on.id());
    }

    private static String coded(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }

    private static void strings(ArrayNode into, List<String> all) {
        all.forEach(into::add);
    }

    private static void given(ArrayNode into, List<Input> all) {
        all.forEach(g -> into.add(given(g)));
    }

    private static JsonNode given(Input given) {
        ObjectNode node = Json.mapper().createObjectNode();
        if (given instanceof Input.Simple s) {
            return node.put("type", s.type()).put("text", s.text());
        }
        if (given instanceof ObjectRef r) {
            return node.put("ref", r.id());
        }
        if (given instanceof Input.Parsed p) {
            return node.put("type", p.type()).put("operation", p.operation()).put("text", p.text());
        }
        if (given instanceof Input.Several s) {
            given(node.put("type", s.type()).putArray("items"), s.items());
            return node;
        }
        return given instanceof Input.Itself
                ? node.put("itself", true)
                : Json.mapper().nullNode();
    }

    static Answer answer(JsonNode node) {
        List<Event> events = new ArrayList<>();
        node.path("events").forEach(e -> events.add(event(e)));
        ThrownError thrown = node.has("thrown") ? thrown(node.path("thrown")) : null;
        JsonNode v = node.path("value");
        List<Answer> several = new ArrayList<>();
        for (JsonNode item : v.path("items")) {
            ThrownError own = item.has("thrown") ? thrown(item.path("thrown")) : null;
            several.add(new Answer(
                    own == null ? value(item) : Observed.NOTHING,
                    List.of(),
                    Map.of(),
                    List.of(),
                    false,
                    own,
                    List.of()));
        }
        Map<String, String> named = new TreeMap<>();
        JsonNode all = v.has("state") ? v.path("state") : v.path("files");
        all.fields().forEachRemaining(f -> named.put(f.getKey(), f.getValue().asText()));
        List<TestOutcome> tests = new ArrayList<>();
        for (JsonNode t : v.path("tests")) {
            tests.add(new TestOutcome(
                    t.path("name").asText(),
                    t.path("outcome").asText(),
                    t.path("message").asText(),
                    t.path("milliseconds").asLong()));
        }
        return new Answer(
                thrown == null ? value(v) : Observed.NOTHING,
                several,
                named,
                tests,
                v.path("ended").asBoolean(),
                thrown,
                events);
    }

    private static ThrownError thrown(JsonNode t) {
        return new ThrownError(
                t.path("type").asText(),
                t.path("message").asText(),
                t.path("at").asText(),
                ThrownError.Cause.valueOf(t.path("cause").asText().toUpperCase(Locale.ROOT)));
    }

    private static Observed value(JsonNode v) {
        if (!v.has("type")) {
            return Observed.NOTHING;
        }
        String type = v.path("type").asText();
        if (v.has("ref")) {
            ObjectRef ref = new ObjectRef(v.path("ref").asInt(), type);
            List<Observed> items = v.has("items") ? values(v.path("items")) : null;
            return new Observed(Kind.OBJECT, type, ref, v.path("shown").asText(), items);
        }
        Kind kind = Kind.valueOf(v.path("kind").asText().toUpperCase(Locale.ROOT));
        return new Observed(kind, type, null, v.path("s").asText());
    }

    private static List<Observed> values(JsonNode all) {
        List<Observed> values = new ArrayList<>();
        all.forEach(v -> values.add(value(v)));
        return values;
    }

    private static Event event(JsonNode e) {
        String key = e.path("k").asText();
        int object = e.path("o").asInt(-1);
        int thread = e.path("thread").asInt();
        return switch (e.path("e").asText()) {
            case "asked" ->
                new Event.DoubleCalled(object, called(key), values(e.path("a")), values(e.path("seen")), thread);
            case "entered" -> new Event.Entered(object, owner(key), called(key), values(e.path("a")), thread);
            case "left" -> new Event.Left(object, owner(key), called(key), value(e.path("v")), null, thread);
            case "threw" ->
                new Event.Left(
                        object, owner(key), called(key), null, e.path("v").asText(), thread);
            case "printed" ->
                new Event.Printed(e.path("t").asText(), e.path("error").asBoolean());
            default -> new Event.Cut();
        };
    }

    private static String owner(String key) {
        String before = key.substring(0, Math.max(0, key.indexOf('(')));
        return before.substring(0, Math.max(0, before.lastIndexOf('.')));
    }

    private static Signature called(String key) {
        int open = key.indexOf('(');
        int close = key.indexOf(')');
        String before = key.substring(0, open);
        String inside = key.substring(open + 1, close);
        return new Signature(
                before.substring(before.lastIndexOf('.') + 1),
                inside.isEmpty() ? List.of() : List.of(inside.split(",")),
                key.substring(close + 1));
    }
}
