package hausaufgabe.driver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.List;
import org.json.JSONArray;
import org.json.JSONObject;
import org.junit.jupiter.api.Test;

class RequestHandlerTest {

    private final RequestHandler handler = new RequestHandler(new OutputCapture(1000));

    @Test
    void anObjectIsMadeCalledAndTold() {
        JSONObject made = make("java.io.File", "java.lang.String", "berth");
        int id = made.getJSONObject("value").getInt("ref");

        JSONObject length = call("java.io.File", "getName", id);

        assertEquals("berth", length.getJSONObject("value").getString("s"));
    }

    @Test
    void whatIsThrownIsTold() {
        JSONObject answer = make("java.math.BigDecimal", "java.lang.String", "no number");

        assertEquals(
                "java.lang.NumberFormatException",
                answer.getJSONObject("thrown").getString("type"));
        assertEquals("program", answer.getJSONObject("thrown").getString("cause"));
    }

    @Test
    void whatCannotBeDoneIsOursAndNotTheProgramsFault() {
        JSONObject answer = make("harbour.Nothing", "java.lang.String", "x");

        assertEquals("driver", answer.getJSONObject("thrown").getString("cause"));
    }

    @Test
    void everythingCanBeForgotten() {
        make("java.io.File", "java.lang.String", "one");
        handler.answer(new JSONObject().put("do", "forget"));

        JSONObject next = make("java.io.File", "java.lang.String", "two");

        assertEquals(0, next.getJSONObject("value").getInt("ref"));
    }

    @Test
    void severalThreadsEachGetAnAnswer() {
        int id = make("java.io.File", "java.lang.String", "berth")
                .getJSONObject("value")
                .getInt("ref");
        JSONObject request = new JSONObject().put("do", "parallel").put("threads", 8);
        request.put("call", callRequest("java.io.File", "getName", id));

        JSONArray items = handler.answer(request).getJSONObject("value").getJSONArray("items");

        assertEquals(8, items.length());
        assertEquals("berth", items.getJSONObject(7).getString("s"));
    }

    /** The program could read it otherwise. */
    @Test
    void nothingIsKeptInAStaticField() {
        for (Class<?> type : List.of(
                Main.class,
                RequestLoop.class,
                RequestHandler.class,
                CallTracer.class,
                ObjectTable.class,
                ValueCodec.class,
                OutputCapture.class)) {
            for (Field f : type.getDeclaredFields()) {
                boolean isConstant = Modifier.isFinal(f.getModifiers())
                        && (f.getType().isPrimitive() || f.getType() == String.class || f.getType() == Object.class);
                assertTrue(!Modifier.isStatic(f.getModifiers()) || isConstant, f.toString());
            }
        }
    }

    private JSONObject make(String type, String parameter, String text) {
        JSONObject request = new JSONObject().put("do", "construct").put("type", type);
        request.put("parameters", new JSONArray().put(parameter));
        request.put(
                "arguments",
                new JSONArray().put(new JSONObject().put("type", parameter).put("text", text)));
        return handler.answer(request);
    }

    private static JSONObject callRequest(String type, String operation, int on) {
        return new JSONObject()
                .put("do", "call")
                .put("type", type)
                .put("operation", operation)
                .put("on", on)
                .put("parameters", new JSONArray())
                .put("arguments", new JSONArray());
    }

    private JSONObject call(String type, String operation, int on) {
        return handler.answer(callRequest(type, operation, on));
    }
}
