package hausaufgabe.language.scripts;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.core.driver.Program;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Sources as they were handed in, with what a driver has to know of them. */
public final class ScriptProgram implements Program {

    /** The part that says what the program's types and operations are called outside. */
    public static final String PLAN = ".plan";

    private static final String OTHER = "_other";
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Map<String, byte[]> parts;
    private final JsonNode doubles;
    private final JsonNode mentions;

    /** @param program sources by path, and the plan; empty for nothing that can be run */
    public ScriptProgram(Map<String, byte[]> program) {
        Map<String, byte[]> loaded = new LinkedHashMap<>(program);
        try {
            JsonNode plan = program.containsKey(PLAN) ? JSON.readTree(program.get(PLAN)) : JSON.createObjectNode();
            doubles = plan.path("doubles");
            mentions = plan.path("mentions");
            if (plan instanceof ObjectNode told && program.containsKey(PLAN)) {
                ObjectNode needed = told.deepCopy();
                needed.remove(List.of("doubles", "mentions"));
                loaded.put(PLAN, JSON.writeValueAsBytes(needed));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        parts = loaded;
    }

    @Override
    public Map<String, byte[]> parts() {
        return parts;
    }

    /** The driver listens by itself. */
    @Override
    public String tracer() {
        return "driver";
    }

    @Override
    public Optional<Part> doubleOf(String type) {
        JsonNode shape = doubles.path(type);
        return shape.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Part(type + OTHER, shape.toString().getBytes(StandardCharsets.UTF_8)));
    }

    @Override
    public Optional<Part> doubleOfLibrary(String type) {
        return Optional.empty();
    }

    @Override
    public List<String> texts(String type) {
        return mentioned(type, "texts");
    }

    @Override
    public List<String> numbers(String type) {
        return mentioned(type, "numbers");
    }

    @Override
    public List<String> shapedTexts(String type) {
        return mentioned(type, "shaped");
    }

    private List<String> mentioned(String type, String what) {
        List<String> all = new ArrayList<>();
        mentions.path(type).path(what).forEach(m -> all.add(m.asText()));
        return all;
    }
}
