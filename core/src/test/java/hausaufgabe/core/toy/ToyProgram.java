package hausaufgabe.core.toy;

import hausaufgabe.core.driver.Program;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Toy sources are their own program: the driver interprets them. */
record ToyProgram(Map<String, byte[]> parts) implements Program {

    static final String DOUBLE = "double of ";

    private static final Pattern TEXT = Pattern.compile("Text\\[text=([^]]*)]");
    private static final Pattern NUMBER = Pattern.compile("Number\\[text=([^]]*)]");

    @Override
    public String tracer() {
        return "";
    }

    @Override
    public Optional<Part> doubleOf(String type) {
        TypeNode node = ToyReader.typesOf(parts).get(type);
        boolean open =
                node == null ? type.startsWith("implied ") : node.constants().isEmpty();
        return open ? Optional.of(new Part(DOUBLE + type, new byte[0])) : Optional.empty();
    }

    @Override
    public Optional<Part> doubleOfLibrary(String type) {
        return Optional.empty();
    }

    @Override
    public List<String> texts(String type) {
        return mentioned(type, TEXT);
    }

    @Override
    public List<String> numbers(String type) {
        return mentioned(type, NUMBER);
    }

    @Override
    public List<String> shapedTexts(String type) {
        return List.of();
    }

    private List<String> mentioned(String type, Pattern what) {
        List<String> found = new ArrayList<>();
        Matcher m = what.matcher(String.valueOf(ToyReader.typesOf(parts).get(type)));
        while (m.find()) {
            found.add(m.group(1));
        }
        return found;
    }
}
