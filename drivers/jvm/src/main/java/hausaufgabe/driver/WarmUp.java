package hausaufgabe.driver;

import org.json.JSONArray;
import org.json.JSONObject;

/** Answers a few requests once before the first request, so that the request need not wait for it. */
final class WarmUp {

    private WarmUp() {}

    static void run() {
        RequestHandler handler = new RequestHandler(new OutputCapture(100));
        JSONObject load = new JSONObject("{\"do\":\"load\",\"program\":{},\"tracer\":\"\",\"id\":1}");
        handler.answer(load);
        JSONObject make = new JSONObject();
        make.put("do", "construct").put("type", "java.io.File");
        make.put("parameters", new JSONArray().put("java.lang.String"));
        make.put(
                "arguments",
                new JSONArray()
                        .put(new JSONObject().put("type", "java.lang.String").put("text", "a")));
        handler.answer(make).toString();
        JSONObject call = new JSONObject();
        call.put("do", "call").put("type", "java.io.File").put("operation", "getName");
        call.put("parameters", new JSONArray()).put("on", 0).put("arguments", new JSONArray());
        handler.answer(call).toString();
        handler.answer(new JSONObject().put("do", "state").put("on", 0)).toString();
        java.util.Base64.getDecoder().decode("AAAA");
    }
}
