package hausaufgabe.language.java.running;

import hausaufgabe.core.reading.Program;
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
    private static final byte[] EAR = template();

    private final Map<String, byte[]> classes;
    private final Map<String, byte[]> ready = new LinkedHashMap<>();
    private final Map<String, Constants> constants = new HashMap<>();
    private final String ear;
    private final DoubleMaker doubles;

    /** @param classes class files by binary name */
    public CompiledProgram(Map<String, byte[]> classes) {
        this.classes = Map.copyOf(classes);
        byte[] random = new byte[9];
        RANDOM.nextBytes(random);
        this.ear = "e" + HexFormat.of().formatHex(random) + ".E";
        String internal = ear.replace('.', '/');
        this.doubles = new DoubleMaker(this.classes, internal, "_other");
        classes.forEach((name, bytes) -> ready.put(name, listening(bytes, internal)));
        ready.put(ear, renamed(internal));
    }

    private static byte[] listening(byte[] bytes, String ear) {
        try {
            return Listening.added(bytes, ear);
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
    public String ear() {
        return ear;
    }

    @Override
    public Optional<Part> doubleOf(String type) {
        String erased = type.replaceFirst("<.*", "");
        return doubles.of(erased).map(bytes -> new Part(doubles.nameFor(erased), bytes));
    }

    @Override
    public List<String> texts(String type) {
        return mentioned(type).map(Constants::texts).orElse(List.of());
    }

    @Override
    public List<String> numbers(String type) {
        return mentioned(type).map(Constants::numbers).orElse(List.of());
    }

    private Optional<Constants> mentioned(String type) {
        return Optional.ofNullable(classes.get(type))
                .map(bytes -> constants.computeIfAbsent(type, t -> new Constants(bytes)));
    }

    private static byte[] template() {
        try (InputStream in = Ear.class.getResourceAsStream("Ear.class")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] renamed(String internal) {
        ClassWriter writer = new ClassWriter(0);
        String from = Ear.class.getName().replace('.', '/');
        new ClassReader(EAR).accept(new ClassRemapper(writer, new SimpleRemapper(from, internal)), 0);
        return writer.toByteArray();
    }
}
