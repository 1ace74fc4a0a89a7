package hausaufgabe.checking.sandbox;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.Json;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Called;
import hausaufgabe.core.scenario.Driver.Event;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Driver.Test;
import hausaufgabe.core.scenario.Driver.Thrown;
import hausaufgabe.core.scenario.Driver.Value;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
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
            ObjectNode node = doing("load").put("ear", r.program().ear());
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
        if (request instanceof Request.Answers r) {
            ObjectNode node = on(doing("answers"), r.on());
            ObjectNode answers = node.putObject("answers");
            r.answers().forEach((operation, all) -> given(answers.putArray(operation), all));
            return node;
        }
        if (request instanceof Request.Look r) {
            ObjectNode node = on(doing("look"), r.on());
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

    private static ObjectNode on(ObjectNode node, Given.Ref on) {
        return on == null ? node.putNull("on") : node.put("on", on.id());
    }

    private static String coded(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
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
            return node.put("type", p.type()).put("operation", p.operation()).put("text", p.text());
        }
        if (given instanceof Given.Several s) {
            given(node.put("type", s.type()).putArray("items"), s.items());
            return node;
        }
        return given instanceof Given.Itself
                ? node.put("itself", true)
                : Json.mapper().nullNode();
    }

    static Answer answer(JsonNode node) {
        List<Event> events = new ArrayList<>();
        node.path("events").forEach(e -> events.add(event(e)));
        Thrown thrown = node.has("thrown") ? thrown(node.path("thrown")) : null;
        JsonNode v = node.path("value");
        List<Answer> several = new ArrayList<>();
        for (JsonNode item : v.path("items")) {
            Thrown own = item.has("thrown") ? thrown(item.path("thrown")) : null;
            several.add(new Answer(
                    own == null ? value(item) : null, List.of(), Map.of(), List.of(), false, own, List.of()));
        }
        Map<String, String> named = new TreeMap<>();
        JsonNode all = v.has("state") ? v.path("state") : v.path("files");
        all.fields().forEachRemaining(f -> named.put(f.getKey(), f.getValue().asText()));
        List<Test> tests = new ArrayList<>();
        for (JsonNode t : v.path("tests")) {
            tests.add(new Test(
                    t.path("name").asText(),
                    t.path("outcome").asText(),
                    t.path("message").asText(),
                    t.path("milliseconds").asLong()));
        }
        return new Answer(
                thrown == null ? value(v) : null,
                several,
                named,
                tests,
                v.path("ended").asBoolean(),
                thrown,
                events);
    }

    private static Thrown thrown(JsonNode t) {
        return new Thrown(
                t.path("type").asText(),
                t.path("message").asText(),
                t.path("at").asText(),
                t.path("ours").asBoolean());
    }

    private static Value value(JsonNode v) {
        if (!v.has("type")) {
            return Value.NOTHING;
        }
        String type = v.path("type").asText();
        return v.has("ref")
                ? new Value(
                        type,
                        new Given.Ref(v.path("ref").asInt(), type),
                        v.path("shown").asText())
                : new Value(type, null, v.path("s").asText());
    }

    private static List<Value> values(JsonNode all) {
        List<Value> values = new ArrayList<>();
        all.forEach(v -> values.add(value(v)));
        return values;
    }

    private static Event event(JsonNode e) {
        String key = e.path("k").asText();
        int object = e.path("o").asInt(-1);
        int thread = e.path("thread").asInt();
        return switch (e.path("e").asText()) {
            case "asked" -> new Event.Asked(object, called(key), values(e.path("a")), values(e.path("seen")), thread);
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

    private static Called called(String key) {
        int open = key.indexOf('(');
        int close = key.indexOf(')');
        String before = key.substring(0, open);
        String inside = key.substring(open + 1, close);
        return new Called(
                before.substring(before.lastIndexOf('.') + 1),
                inside.isEmpty() ? List.of() : List.of(inside.split(",")),
                key.substring(close + 1));
    }
}
