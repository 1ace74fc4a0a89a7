package hausaufgabe.language.java.running;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.ClassWriter;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;
import org.objectweb.asm.Type;
import org.objectweb.asm.commons.GeneratorAdapter;
import org.objectweb.asm.commons.Method;

/** Writes classes that realise an abstraction: whatever is abstract in it asks an {@link Tracer} and gives back what that says. */
final class DoubleGenerator {

    private static final String OBJECT = "java/lang/Object";
    private static final int NOT_ASKED = Opcodes.ACC_STATIC | Opcodes.ACC_PRIVATE;

    private final Map<String, byte[]> program;
    private final String tracer;
    private final String suffix;
    private final Map<String, Shape> shapes = new HashMap<>();

    private record Declared(int access, String name, String descriptor) {}

    private record Shape(int access, String name, String superName, List<String> interfaces, List<Declared> methods) {
        boolean isInterface() {
            return (access & Opcodes.ACC_INTERFACE) != 0;
        }
    }

    /**
     * @param program the program's classes by binary name
     * @param tracer internal name of the tracer's class
     * @param suffix what the doubles' names end with
     */
    DoubleGenerator(Map<String, byte[]> program, String tracer, String suffix) {
        this.program = program;
        this.tracer = tracer;
        this.suffix = suffix;
    }

    /** Binary name of the double's class. */
    String nameFor(String type) {
        return program.containsKey(type)
                ? type + suffix
                : "doubles" + suffix + "."
                        + type.substring(type.lastIndexOf('.') + 1).replace('$', '_') + suffix;
    }

    /** The double's class; nothing for a type that is final or sealed, or that nobody else can make. */
    Optional<byte[]> of(String type) {
        Shape shape = shape(type.replace('.', '/'));
        if (shape == null || (shape.access() & (Opcodes.ACC_FINAL | Opcodes.ACC_ENUM)) != 0) {
            return Optional.empty();
        }
        List<Declared> constructors = shape.isInterface()
                ? List.of(new Declared(Opcodes.ACC_PUBLIC, "<init>", "()V"))
                : shape.methods().stream()
                        .filter(m -> m.name().equals("<init>"))
                        .filter(m -> (m.access() & Opcodes.ACC_PRIVATE) == 0)
                        .toList();
        return constructors.isEmpty() ? Optional.empty() : Optional.of(write(type, shape, constructors));
    }

    private byte[] write(String type, Shape shape, List<Declared> constructors) {
        String superName = shape.isInterface() ? OBJECT : shape.name();
        ClassWriter writer = new ClassWriter(ClassWriter.COMPUTE_MAXS);
        writer.visit(
                Opcodes.V17,
                Opcodes.ACC_PUBLIC | Opcodes.ACC_SUPER,
                nameFor(type).replace('.', '/'),
                null,
                superName,
                shape.isInterface() ? new String[] {shape.name()} : new String[0]);
        for (Declared c : constructors) {
            GeneratorAdapter code = method(writer, Opcodes.ACC_PUBLIC, c);
            code.loadThis();
            code.loadArgs();
            code.invokeConstructor(Type.getObjectType(superName), new Method("<init>", c.descriptor()));
            code.returnValue();
            code.endMethod();
        }
        Map<String, Declared> all = line(shape);
        for (Declared m : all.values()) {
            if ((m.access() & Opcodes.ACC_ABSTRACT) != 0) {
                asks(writer, m);
            }
        }
        if (!all.containsKey("toString()Ljava/lang/String;")) {
            GeneratorAdapter code =
                    method(writer, Opcodes.ACC_PUBLIC, new Declared(0, "toString", "()Ljava/lang/String;"));
            code.push(type.substring(Math.max(type.lastIndexOf('.'), type.lastIndexOf('$')) + 1));
            code.returnValue();
            code.endMethod();
        }
        if (!all.containsKey("hashCode()I")) {
            asks(writer, new Declared(0, "hashCode", "()I"));
        }
        writer.visitEnd();
        return writer.toByteArray();
    }

    private static GeneratorAdapter method(ClassWriter writer, int access, Declared m) {
        MethodVisitor to = writer.visitMethod(access, m.name(), m.descriptor(), null, null);
        GeneratorAdapter code = new GeneratorAdapter(to, access, m.name(), m.descriptor());
        code.visitCode();
        return code;
    }

    private void asks(ClassWriter writer, Declared m) {
        int access = (m.access() & Opcodes.ACC_PROTECTED) != 0 ? Opcodes.ACC_PROTECTED : Opcodes.ACC_PUBLIC;
        GeneratorAdapter code = method(writer, access, m);
        code.loadThis();
        code.push(OperationKeys.of(m.name(), m.descriptor()));
        code.loadArgArray();
        code.visitMethodInsn(
                Opcodes.INVOKESTATIC,
                tracer,
                "asked",
                "(Ljava/lang/Object;Ljava/lang/String;[Ljava/lang/Object;)Ljava/lang/Object;",
                false);
        Type result = Type.getReturnType(m.descriptor());
        if (result.getSort() == Type.VOID) {
            code.pop();
        } else {
            code.unbox(result);
        }
        code.returnValue();
        code.endMethod();
    }

    /** What the type declares or inherits, by name and descriptor: what is nearest counts, classes before interfaces. */
    private Map<String, Declared> line(Shape type) {
        Map<String, Declared> all = new LinkedHashMap<>();
        Deque<Shape> waiting = new ArrayDeque<>();
        for (Shape s = type; s != null && !s.name().equals(OBJECT); s = shape(s.superName())) {
            add(all, s);
            waiting.add(s);
        }
        while (!waiting.isEmpty()) {
            for (String name : waiting.remove().interfaces()) {
                Shape up = shape(name);
                if (up != null) {
                    add(all, up);
                    waiting.add(up);
                }
            }
        }
        return all;
    }

    private static void add(Map<String, Declared> all, Shape shape) {
        for (Declared m : shape.methods()) {
            boolean isObjects = shape.isInterface()
                    && (m.name() + m.descriptor())
                            .matches(
                                    "equals\\(Ljava/lang/Object;\\)Z|hashCode\\(\\)I|toString\\(\\)Ljava/lang/String;");
            if ((m.access() & NOT_ASKED) == 0 && !m.name().startsWith("<") && !isObjects) {
                all.putIfAbsent(m.name() + m.descriptor(), m);
            }
        }
    }

    private Shape shape(String internalName) {
        if (internalName == null) {
            return null;
        }
        return shapes.computeIfAbsent(internalName, n -> {
            byte[] bytes = program.get(n.replace('/', '.'));
            return bytes == null ? library(n) : read(bytes);
        });
    }

    /** A type of the platform's own. */
    private static Shape library(String internalName) {
        if (!internalName.startsWith("java/") && !internalName.startsWith("javax/")) {
            return null;
        }
        try (InputStream in = Object.class.getResourceAsStream("/" + internalName + ".class")) {
            return in == null ? null : read(in.readAllBytes());
        } catch (IOException e) {
            return null;
        }
    }

    private static Shape read(byte[] bytes) {
        ClassReader reader = new ClassReader(bytes);
        List<Declared> methods = new ArrayList<>();
        reader.accept(
                new ClassVisitor(Opcodes.ASM9) {
                    @Override
                    public MethodVisitor visitMethod(int access, String name, String descriptor, String g, String[] e) {
                        methods.add(new Declared(access, name, descriptor));
                        return null;
                    }
                },
                ClassReader.SKIP_CODE | ClassReader.SKIP_DEBUG | ClassReader.SKIP_FRAMES);
        return new Shape(
                reader.getAccess(),
                reader.getClassName(),
                reader.getSuperName(),
                List.of(reader.getInterfaces()),
                List.copyOf(methods));
    }
}
