package hausaufgabe.core.toy;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.core.toy.ToyTree.FieldNode;
import hausaufgabe.core.toy.ToyTree.OperationNode;
import hausaufgabe.core.toy.ToyTree.Statement;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Toy programs as designs. */
final class ToyReader implements LanguageReader {

    @Override
    public boolean reads(String path) {
        return path.endsWith(".toy");
    }

    @Override
    public Reading read(List<SourceFile> sources) {
        Map<String, byte[]> program = new LinkedHashMap<>();
        try {
            Map<String, TypeNode> types = new LinkedHashMap<>();
            for (SourceFile s : sources) {
                ToyParser.parse(s.path(), s.text()).types().forEach(t -> types.put(t.name(), t));
                program.put(s.path(), s.text().getBytes(StandardCharsets.UTF_8));
            }
            return new Reading(new DesignOf(types).design(), true, List.of(), program);
        } catch (IllegalArgumentException e) {
            Design nothing = new Design(List.of(), List.of(), List.of());
            return new Reading(nothing, false, List.of(new Diagnostic("", 0, e.getMessage())), Map.of());
        }
    }

    @Override
    public CompiledTests compile(List<SourceFile> sources, List<SourceFile> tests, List<String> libraries) {
        return new CompiledTests(Map.of(), List.of(), "The toy language has no tests.");
    }

    @Override
    public Program ready(Map<String, byte[]> program) {
        return new ToyProgram(program);
    }

    /** The types of sources by name. */
    static Map<String, TypeNode> typesOf(Map<String, byte[]> program) {
        Map<String, TypeNode> types = new LinkedHashMap<>();
        program.forEach((path, text) -> ToyParser.parse(path, new String(text, StandardCharsets.UTF_8))
                .types()
                .forEach(t -> types.put(t.name(), t)));
        return types;
    }

    private static final class DesignOf {
        private final Map<String, TypeNode> nodes;
        private final TypeInference inference;
        private final List<Type> types = new ArrayList<>();
        private final List<Field> fields = new ArrayList<>();
        private final List<Operation> operations = new ArrayList<>();

        DesignOf(Map<String, TypeNode> nodes) {
            this.nodes = nodes;
            this.inference = new TypeInference(nodes);
        }

        Design design() {
            nodes.values().forEach(this::read);
            inference.implied().forEach(this::imply);
            return new Design(types, fields, operations);
        }

        private void imply(TypeInference.Implied i) {
            types.add(new Type(
                    i.id(),
                    i.name(),
                    Type.Kind.INTERFACE,
                    Type.Origin.IMPLIED,
                    new Type.Flags(false, false, false, Visibility.PUBLIC),
                    List.of(),
                    null,
                    List.of(),
                    null));
            for (String asked : i.operations()) {
                String name = asked.substring(0, asked.indexOf('/'));
                int count = Integer.parseInt(asked.substring(asked.indexOf('/') + 1));
                OperationNode like = nodes.get(i.realisedBy().get(0)).operations().stream()
                        .filter(o -> o.name().equals(name) && o.parameters().size() == count)
                        .findFirst()
                        .orElseThrow();
                operations.add(new Operation(
                        FactReader.id(i.id(), name, count),
                        i.id(),
                        name,
                        Operation.Role.METHOD,
                        Set.of(Operation.Trait.ABSTRACT),
                        Visibility.PUBLIC,
                        parameters(nodes.get(i.realisedBy().get(0)), like),
                        inference.ofResult(like),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        null));
            }
        }

        private void read(TypeNode t) {
            List<TypeRef> above = new ArrayList<>();
            t.supertypes()
                    .forEach(s -> above.add(nodes.containsKey(s) ? TypeRef.of(s, s) : TypeRef.of(TypeRef.UNKNOWN, s)));
            inference.realisedImplied(t).forEach(i -> above.add(TypeRef.of(i, i)));
            boolean allAbstract = t.isAbstract()
                    && t.fields().isEmpty()
                    && t.operations().stream().allMatch(o -> o.body() == null);
            Type.Kind kind = !t.constants().isEmpty()
                    ? Type.Kind.ENUM
                    : allAbstract ? Type.Kind.INTERFACE : t.isAbstract() ? Type.Kind.ABSTRACT_CLASS : Type.Kind.CLASS;
            types.add(new Type(
                    t.name(),
                    t.name(),
                    kind,
                    Type.Origin.DECLARED,
                    new Type.Flags(false, false, false, Visibility.PUBLIC),
                    above,
                    null,
                    t.constants(),
                    t.span()));
            List<Fact> initial = new ArrayList<>();
            List<Fact> initialStatic = new ArrayList<>();
            FactReader reader = new FactReader(nodes, inference, t);
            for (FieldNode f : t.fields()) {
                fields.add(new Field(
                        t.name() + "#" + f.name(),
                        t.name(),
                        f.name(),
                        inference.ofField(t, f.name()),
                        f.isStatic(),
                        false,
                        false,
                        f.isPrivate() ? Visibility.PRIVATE : Visibility.PACKAGE,
                        f.span()));
                if (f.initial() != null) {
                    reader.initial(f, f.isStatic() ? initialStatic : initial);
                }
            }
            initialiser(t, false, initial);
            initialiser(t, true, initialStatic);
            t.operations().forEach(o -> operation(t, o, reader));
            if (t.operations().stream().noneMatch(OperationNode::isConstructor)
                    && t.constants().isEmpty()) {
                operations.add(plain(t, "new", Operation.Role.CONSTRUCTOR, false, List.of()));
            }
        }

        private void initialiser(TypeNode t, boolean isStatic, List<Fact> facts) {
            if (!facts.isEmpty()) {
                operations.add(plain(t, isStatic ? "load" : "make", Operation.Role.INITIALISER, isStatic, facts));
            }
        }

        private static Operation plain(
                TypeNode t, String name, Operation.Role role, boolean isStatic, List<Fact> facts) {
            EnumSet<Operation.Trait> traits = EnumSet.of(Operation.Trait.IMPLICIT);
            if (isStatic) {
                traits.add(Operation.Trait.STATIC);
            }
            return new Operation(
                    FactReader.id(t.name(), name, 0),
                    t.name(),
                    role == Operation.Role.CONSTRUCTOR ? t.name() : name,
                    role,
                    traits,
                    role == Operation.Role.CONSTRUCTOR ? Visibility.PUBLIC : Visibility.PRIVATE,
                    List.of(),
                    null,
                    List.of(),
                    List.of(),
                    List.of(),
                    facts,
                    t.span());
        }

        private List<Operation.Parameter> parameters(TypeNode t, OperationNode o) {
            List<Operation.Parameter> all = new ArrayList<>();
            for (int i = 0; i < o.parameters().size(); i++) {
                all.add(new Operation.Parameter(o.parameters().get(i), inference.ofParameter(t, o, i)));
            }
            return all;
        }

        private void operation(TypeNode t, OperationNode o, FactReader reader) {
            EnumSet<Operation.Trait> traits = EnumSet.noneOf(Operation.Trait.class);
            if (o.isStatic()) {
                traits.add(Operation.Trait.STATIC);
            }
            if (o.body() == null) {
                traits.add(Operation.Trait.ABSTRACT);
            }
            boolean entry = o.isStatic() && o.name().equals("main");
            operations.add(new Operation(
                    FactReader.id(t.name(), o.name(), o.parameters().size()),
                    t.name(),
                    o.isConstructor() ? t.name() : o.name(),
                    o.isConstructor()
                            ? Operation.Role.CONSTRUCTOR
                            : entry ? Operation.Role.ENTRY : Operation.Role.METHOD,
                    traits,
                    o.isPrivate() ? Visibility.PRIVATE : Visibility.PUBLIC,
                    parameters(t, o),
                    o.isConstructor() ? null : inference.ofResult(o),
                    o.isConstructor() || o.isStatic() ? List.of() : overridden(t, o),
                    statements(o.body()),
                    List.of(),
                    o.body() == null ? List.of() : reader.facts(o),
                    o.span()));
        }

        private List<String> overridden(TypeNode t, OperationNode o) {
            List<String> ids = new ArrayList<>();
            overridden(t, o, ids);
            for (String i : inference.realisedImplied(t)) {
                boolean asked = inference.implied().stream()
                        .anyMatch(x -> x.id().equals(i)
                                && x.operations()
                                        .contains(
                                                o.name() + "/" + o.parameters().size()));
                if (asked) {
                    ids.add(FactReader.id(i, o.name(), o.parameters().size()));
                }
            }
            return ids;
        }

        private void overridden(TypeNode t, OperationNode o, List<String> ids) {
            for (String s : t.supertypes()) {
                TypeNode up = nodes.get(s);
                if (up != null) {
                    boolean declares = up.operations().stream()
                            .anyMatch(x -> x.name().equals(o.name())
                                    && x.parameters().size() == o.parameters().size());
                    if (declares) {
                        ids.add(FactReader.id(s, o.name(), o.parameters().size()));
                    }
                    overridden(up, o, ids);
                }
            }
        }

        private static List<Operation.Statement> statements(List<Statement> body) {
            List<Operation.Statement> all = new ArrayList<>();
            if (body != null) {
                for (Statement s : body) {
                    Span span = s.span();
                    all.add(new Operation.Statement(s.toString().replaceAll("Span\\[.*?]", ""), 1, span));
                }
            }
            return all;
        }
    }
}
