package hausaufgabe.checking.sandbox;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import hausaufgabe.checking.Json;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.language.java.running.CompiledProgram;
import java.io.File;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is asked of a driver is as {@code docs/driver-protocol.schema.json} says; the driver's tests hold its answers to it. */
class RequestSchemaTest {

    private static final ObjectRef TOWER = new ObjectRef(3, "harbour.Tower");
    private static final List<Input> ALL = List.of(
            new Input.Nothing(),
            new Input.Simple(Kind.NUMBER, "int", "3"),
            new Input.Parsed("java.time.LocalDate", "parse", "2026-05-04"),
            new Input.Several("java.util.List", List.of(TOWER)),
            new Input.Itself(),
            TOWER);

    private static JsonSchema schema(String part) throws IOException {
        JsonNode whole = Json.mapper().readTree(new File("../docs/driver-protocol.schema.json"));
        JsonNode node =
                Json.mapper().createObjectNode().put("$ref", "#/$defs/" + part).set("$defs", whole.path("$defs"));
        return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(node);
    }

    static Stream<Request> requests() {
        Request.Call call = new Request.Call("harbour.Tower", "chime", List.of("int"), TOWER, ALL);
        return Stream.of(
                new Request.Load(new CompiledProgram(Map.of())),
                new Request.Forget(),
                new Request.Add(new Program.Part("harbour.Bell_other", new byte[] {1})),
                new Request.Construct("harbour.Tower", List.of("harbour.Bell"), ALL),
                call,
                new Request.Call("harbour.Tower", "all", List.of(), null, List.of()),
                new Request.Parallel(call, 16),
                new Request.Read("harbour.Tower", "own", null),
                new Request.Write("harbour.Tower", "own", TOWER, ALL.get(1)),
                new Request.AreEqual(TOWER, TOWER),
                new Request.Answers(TOWER, Map.of("ring(int)", ALL)),
                new Request.Watch(TOWER, List.of(call)),
                new Request.State(TOWER, List.of(TOWER)),
                new Request.Main("harbour.Demo", List.of("3"), "input"),
                new Request.Tests(List.of("harbour.TowerTest")));
    }

    @ParameterizedTest
    @MethodSource("requests")
    void aRequestIsAsDescribed(Request request) throws IOException {
        JsonNode message = Messages.request(request).put("id", 1);

        assertEquals(Set.of(), schema("request").validate(message), message::toString);
    }

    @Test
    void whatIsNoRequestIsNone() throws IOException {
        JsonNode message = Json.mapper().createObjectNode().put("do", "dance").put("id", 1);

        assertFalse(schema("request").validate(message).isEmpty());
    }
}
