package hausaufgabe.driver;

import org.json.JSONArray;
import org.json.JSONObject;

/** Goes through the motions once before the first request, so that the request need not wait for it. */
final class Rehearsal {

    private Rehearsal() {}

    static void run() {
        Desk desk = new Desk(new Printing(100));
        JSONObject load = new JSONObject("{\"do\":\"load\",\"program\":{},\"ear\":\"\",\"id\":1}");
        desk.answer(load);
        JSONObject make = new JSONObject();
        make.put("do", "construct").put("type", "java.io.File");
        make.put("parameters", new JSONArray().put("java.lang.String"));
        make.put(
                "arguments",
                new JSONArray()
                        .put(new JSONObject().put("type", "java.lang.String").put("text", "a")));
        desk.answer(make).toString();
        JSONObject call = new JSONObject();
        call.put("do", "call").put("type", "java.io.File").put("operation", "getName");
        call.put("parameters", new JSONArray()).put("on", 0).put("arguments", new JSONArray());
        desk.answer(call).toString();
        desk.answer(new JSONObject().put("do", "state").put("on", 0)).toString();
        java.util.Base64.getDecoder().decode("AAAA");
    }
}
