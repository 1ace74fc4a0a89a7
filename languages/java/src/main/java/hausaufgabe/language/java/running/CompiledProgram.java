package hausaufgabe.language.java.running;

import hausaufgabe.core.driver.Program;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.security.SecureRandom;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassTooLargeException;
import org.objectweb.asm.ClassWriter;
import org.objectweb.asm.MethodTooLargeException;
import org.objectweb.asm.commons.ClassRemapper;
import org.objectweb.asm.commons.SimpleRemapper;

/** Class files, ready to be listened to. */
public final class CompiledProgram implements Program {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final byte[] TRACER = template();

    private final Map<String, byte[]> classes;
    private final Map<String, byte[]> ready = new LinkedHashMap<>();
    private final Map<String, MentionedConstants> constants = new HashMap<>();
    private final String tracer;
    private final DoubleGenerator doubles;

    /** @param classes class files by binary name */
    public CompiledProgram(Map<String, byte[]> classes) {
        this.classes = Map.copyOf(classes);
        byte[] random = new byte[9];
        RANDOM.nextBytes(random);
        this.tracer = "e" + HexFormat.of().formatHex(random) + ".E";
        String internal = tracer.replace('.', '/');
        this.doubles = new DoubleGenerator(this.classes, internal, "_other");
        classes.forEach((name, bytes) -> ready.put(name, listening(bytes, internal)));
        ready.put(tracer, renamed(internal));
    }

    private static byte[] listening(byte[] bytes, String tracer) {
        try {
            return Instrumentation.added(bytes, tracer);
        } catch (MethodTooLargeException | ClassTooLargeException tooLarge) {
            // a class at the limit of what a class may hold is run as it is, unheard
            return bytes;
        }
    }

    @Override
    public Map<String, byte[]> parts() {
        return ready;
    }

    @Override
    public String tracer() {
        return tracer;
    }

    @Override
    public Optional<Part> doubleOf(String type) {
        String erased = type.replaceFirst("<.*", "");
        return doubles.of(erased).map(bytes -> new Part(doubles.nameFor(erased), bytes));
    }

    @Override
    public Optional<Part> doubleOfLibrary(String type) {
        return type.startsWith("java.") ? doubleOf(type) : Optional.empty();
    }

    @Override
    public List<String> texts(String type) {
        return mentioned(type).map(MentionedConstants::texts).orElse(List.of());
    }

    @Override
    public List<String> numbers(String type) {
        return mentioned(type).map(MentionedConstants::numbers).orElse(List.of());
    }

    @Override
    public List<String> shapedTexts(String type) {
        return mentioned(type).map(MentionedConstants::shapedTexts).orElse(List.of());
    }

    private Optional<MentionedConstants> mentioned(String type) {
        return Optional.ofNullable(classes.get(type))
                .map(bytes -> constants.computeIfAbsent(type, t -> new MentionedConstants(bytes)));
    }

    private static byte[] template() {
        try (InputStream in = Tracer.class.getResourceAsStream("Tracer.class")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] renamed(String internal) {
        ClassWriter writer = new ClassWriter(0);
        String from = Tracer.class.getName().replace('.', '/');
        new ClassReader(TRACER).accept(new ClassRemapper(writer, new SimpleRemapper(from, internal)), 0);
        return writer.toByteArray();
    }
}
