package hausaufgabe.driver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.File;
import java.io.IOException;
import java.util.Set;
import org.json.JSONArray;
import org.json.JSONObject;
import org.junit.jupiter.api.Test;

/** What the driver answers is as {@code docs/driver-protocol.schema.json} says. */
class AnswerSchemaTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final RequestHandler handler = new RequestHandler(new OutputCapture(1000));

    private static JsonSchema answers() throws IOException {
        JsonNode whole = MAPPER.readTree(new File("../../docs/driver-protocol.schema.json"));
        JsonNode node = MAPPER.createObjectNode().put("$ref", "#/$defs/answer").set("$defs", whole.path("$defs"));
        return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(node);
    }

    private JSONObject ask(JSONObject request) throws IOException {
        JSONObject answer = handler.answer(request);
        JsonNode node = MAPPER.readTree(answer.toString());
        assertEquals(Set.of(), answers().validate(node), node::toString);
        return answer;
    }

    private static JSONObject doing(String what) {
        return new JSONObject().put("do", what);
    }

    private JSONObject call(String type, String operation, Object on) {
        return doing("call")
                .put("type", type)
                .put("operation", operation)
                .put("parameters", new JSONArray())
                .put("arguments", new JSONArray())
                .put("on", on);
    }

    private int file() throws IOException {
        JSONObject made = ask(doing("construct")
                .put("type", "java.io.File")
                .put("parameters", new JSONArray().put("java.lang.String"))
                .put(
                        "arguments",
                        new JSONArray()
                                .put(new JSONObject()
                                        .put("type", "java.lang.String")
                                        .put("text", "berth"))));
        return made.getJSONObject("value").getInt("ref");
    }

    @Test
    void everySortOfValueIsAsDescribed() throws IOException {
        int file = file();

        ask(call("java.io.File", "getName", file));
        ask(call("java.io.File", "length", file));
        ask(call("java.io.File", "isFile", file));
        ask(call("java.io.File", "getParent", file));
        ask(call("java.io.File", "toPath", file));
    }

    @Test
    void errorsAndOtherAnswersAreAsDescribed() throws IOException {
        int file = file();

        ask(call("java.io.File", "nothing", file));
        ask(call("java.io.File", "getCanonicalFile", 99));
        ask(doing("dance"));
        ask(doing("forget"));
        int again = file();
        ask(doing("state").put("on", again).put("without", new JSONArray()));
        ask(doing("equal").put("first", again).put("second", again));
        ask(doing("parallel").put("threads", 3).put("call", call("java.io.File", "getName", again)));
        ask(doing("read").put("type", "java.io.File").put("field", "separator").put("on", JSONObject.NULL));
    }
}
