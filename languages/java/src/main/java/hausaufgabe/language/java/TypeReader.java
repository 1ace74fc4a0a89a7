package hausaufgabe.language.java;

import com.sun.source.tree.BlockTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.TreePath;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.NestingKind;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.TypeKind;
import javax.lang.model.util.Elements;

/** Reads one type declaration with everything in it. */
final class TypeReader {

    private final DesignBuilder into;
    private final TreePath path;
    private final ClassTree tree;
    private final TypeElement element;
    private final Map<VariableElement, List<Value>> captured;
    private final List<Fact> onMake = new ArrayList<>();
    private final List<Fact> onLoad = new ArrayList<>();
    private final Set<String> declaredMethods = new HashSet<>();

    TypeReader(DesignBuilder into, TreePath path) {
        this(into, path, new LinkedHashMap<>());
    }

    /** @param captured what the variables around the declaration stand for */
    TypeReader(DesignBuilder into, TreePath path, Map<VariableElement, List<Value>> captured) {
        this.into = into;
        this.path = path;
        this.tree = (ClassTree) path.getLeaf();
        this.element = into.trees.getElement(path) instanceof TypeElement t ? t : null;
        this.captured = captured;
    }

    void read() {
        if (element == null || element.getKind() == ElementKind.ANNOTATION_TYPE) {
            return;
        }
        boolean anonymous = element.getNestingKind() == NestingKind.ANONYMOUS;
        read(
                anonymous ? "lambda" : into.resolver.nameOf(element),
                anonymous ? Type.Origin.ANONYMOUS : Type.Origin.DECLARED);
    }

    private void read(String name, Type.Origin origin) {
        String id = into.resolver.idOf(element);
        List<String> constants = new ArrayList<>();
        element.getEnclosedElements().stream()
                .filter(e -> e.getKind() == ElementKind.ENUM_CONSTANT)
                .forEach(e -> constants.add(e.getSimpleName().toString()));
        Element outer = element.getEnclosingElement();
        while (outer != null && !(outer instanceof TypeElement)) {
            outer = outer.getEnclosingElement();
        }
        Set<Modifier> modifiers = element.getModifiers();
        boolean inner = outer != null
                && element.getNestingKind() == NestingKind.MEMBER
                && !modifiers.contains(Modifier.STATIC)
                && element.getKind() == ElementKind.CLASS;
        into.add(new Type(
                id,
                name,
                kind(),
                origin,
                new Type.Flags(
                        modifiers.contains(Modifier.FINAL),
                        modifiers.contains(Modifier.SEALED),
                        inner,
                        TypeResolver.visibility(modifiers)),
                into.resolver.supertypes(element),
                outer == null ? null : into.resolver.idOf((TypeElement) outer),
                List.copyOf(constants),
                into.span(path)));
        for (Tree member : tree.getMembers()) {
            TreePath at = new TreePath(path, member);
            if (member instanceof VariableTree v) {
                field(at, v);
            } else if (member instanceof MethodTree m) {
                method(at, m);
            } else if (member instanceof BlockTree b) {
                new BodyReader(into, initialiserId(b.isStatic()), b.isStatic() ? onLoad : onMake, captured).read(at);
            } else if (member instanceof ClassTree) {
                new TypeReader(into, at, captured).read();
            }
        }
        if (element.getKind() == ElementKind.RECORD) {
            accessors();
        }
        initialiser(false, onMake);
        initialiser(true, onLoad);
    }

    private Type.Kind kind() {
        return switch (element.getKind()) {
            case ENUM -> Type.Kind.ENUM;
            case RECORD -> Type.Kind.RECORD;
            case INTERFACE ->
                into.resolver.functionOf(element).isPresent() ? Type.Kind.FUNCTION_TYPE : Type.Kind.INTERFACE;
            default -> element.getModifiers().contains(Modifier.ABSTRACT) ? Type.Kind.ABSTRACT_CLASS : Type.Kind.CLASS;
        };
    }

    private String initialiserId(boolean isStatic) {
        return into.resolver.idOf(element) + (isStatic ? "#<load>()" : "#<make>()");
    }

    private void initialiser(boolean isStatic, List<Fact> facts) {
        if (!facts.isEmpty()) {
            into.add(new Operation(
                    initialiserId(isStatic),
                    into.resolver.idOf(element),
                    "initialiser",
                    Operation.Role.INITIALISER,
                    isStatic
                            ? Set.of(Operation.Trait.STATIC, Operation.Trait.IMPLICIT)
                            : Set.of(Operation.Trait.IMPLICIT),
                    Visibility.PRIVATE,
                    List.of(),
                    null,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.copyOf(facts),
                    into.span(path)));
        }
    }

    private void field(TreePath at, VariableTree variable) {
        if (!(into.trees.getElement(at) instanceof VariableElement field)) {
            return;
        }
        boolean constant = field.getKind() == ElementKind.ENUM_CONSTANT;
        Set<Modifier> modifiers = field.getModifiers();
        boolean isStatic = modifiers.contains(Modifier.STATIC);
        String id = fieldId(into.resolver, field);
        into.add(new Field(
                id,
                into.resolver.idOf(element),
                field.getSimpleName().toString(),
                into.ref(at, variable.getType(), field.asType()),
                isStatic,
                modifiers.contains(Modifier.FINAL),
                constant,
                TypeResolver.visibility(modifiers),
                into.span(at)));
        if (variable.getInitializer() == null) {
            return;
        }
        TreePath initial = new TreePath(at, variable.getInitializer());
        if (constant && variable.getInitializer() instanceof NewClassTree made && made.getClassBody() != null) {
            constantBody(initial, made, field);
        }
        List<Fact> facts = isStatic ? onLoad : onMake;
        BodyReader reader = new BodyReader(into, initialiserId(isStatic), facts, captured);
        Value value = constant ? reader.readArguments(initial) : reader.readExpression(initial);
        facts.add(new Fact.Write(id, isStatic ? new Value.Unknown() : new Value.Self(), value, into.span(at)));
    }

    private void constantBody(TreePath initial, NewClassTree made, VariableElement constant) {
        TypeReader body = new TypeReader(into, new TreePath(initial, made.getClassBody()), captured);
        if (body.element != null) {
            body.read(into.resolver.nameOf(element) + "." + constant.getSimpleName(), Type.Origin.CONSTANT);
        }
    }

    static String fieldId(TypeResolver resolver, VariableElement field) {
        return resolver.idOf((TypeElement) field.getEnclosingElement()) + "#" + field.getSimpleName();
    }

    private void method(TreePath at, MethodTree method) {
        if (!(into.trees.getElement(at) instanceof ExecutableElement m)) {
            return;
        }
        String id = into.resolver.idOf(m);
        declaredMethods.add(m.getSimpleName() + "/" + m.getParameters().size());
        List<Fact> facts = new ArrayList<>();
        if (method.getBody() != null) {
            BodyReader reader = new BodyReader(into, id, facts, captured);
            reader.read(new TreePath(at, method.getBody()));
        }
        boolean constructor = m.getKind() == ElementKind.CONSTRUCTOR;
        if (constructor && element.getKind() == ElementKind.RECORD) {
            facts.addAll(impliedWrites(m, id, facts, at));
        }
        Statements statements =
                Statements.in(into, method.getBody() == null ? null : new TreePath(at, method.getBody()));
        into.add(new Operation(
                id,
                into.resolver.idOf(element),
                constructor
                        ? element.getSimpleName().toString()
                        : m.getSimpleName().toString(),
                role(m),
                traits(m, method),
                TypeResolver.visibility(m.getModifiers()),
                parameters(at, m, method),
                constructor ? null : into.resolver.result(m.getReturnType()),
                constructor ? List.of() : into.resolver.overridden(m, element),
                statements.all(),
                statements.guards(),
                List.copyOf(facts),
                into.span(at)));
    }

    private List<Operation.Parameter> parameters(TreePath at, ExecutableElement m, MethodTree method) {
        boolean written = method.getParameters().size() == m.getParameters().size();
        List<Operation.Parameter> all = new ArrayList<>();
        for (int i = 0; i < m.getParameters().size(); i++) {
            VariableElement p = m.getParameters().get(i);
            TypeRef type = written
                    ? into.ref(
                            new TreePath(at, method.getParameters().get(i)),
                            method.getParameters().get(i).getType(),
                            p.asType())
                    : into.resolver.ref(p.asType());
            all.add(new Operation.Parameter(p.getSimpleName().toString(), type));
        }
        return List.copyOf(all);
    }

    private static Operation.Role role(ExecutableElement m) {
        if (m.getKind() == ElementKind.CONSTRUCTOR) {
            return Operation.Role.CONSTRUCTOR;
        }
        boolean main = m.getSimpleName().contentEquals("main")
                && m.getModifiers().contains(Modifier.STATIC)
                && m.getReturnType().getKind() == TypeKind.VOID
                && m.getParameters().size() <= 1
                && m.getParameters().stream()
                        .allMatch(p -> p.asType().toString().startsWith("java.lang.String"));
        return main ? Operation.Role.ENTRY : Operation.Role.METHOD;
    }

    private Set<Operation.Trait> traits(ExecutableElement m, MethodTree method) {
        Set<Operation.Trait> traits = EnumSet.noneOf(Operation.Trait.class);
        Map<Modifier, Operation.Trait> said = Map.of(
                Modifier.STATIC, Operation.Trait.STATIC,
                Modifier.ABSTRACT, Operation.Trait.ABSTRACT,
                Modifier.FINAL, Operation.Trait.FINAL,
                Modifier.DEFAULT, Operation.Trait.DEFAULT,
                Modifier.SYNCHRONIZED, Operation.Trait.SYNCHRONISED);
        m.getModifiers().forEach(x -> {
            if (said.containsKey(x)) {
                traits.add(said.get(x));
            }
        });
        if (LibraryTraits.isUniversal(
                m.getSimpleName().toString(), m.getParameters().size())) {
            traits.add(Operation.Trait.UNIVERSAL);
        }
        if (into.elements.getOrigin(m) != Elements.Origin.EXPLICIT) {
            traits.add(Operation.Trait.IMPLICIT);
        }
        return traits;
    }

    /** A record's canonical constructor sets the fields that its text does not set itself. */
    private List<Fact> impliedWrites(ExecutableElement m, String id, List<Fact> facts, TreePath at) {
        List<? extends RecordComponentElement> components = element.getRecordComponents();
        boolean canonical = m.getParameters().size() == components.size();
        List<Fact> implied = new ArrayList<>();
        boolean chained = facts.stream()
                .anyMatch(f -> f instanceof Fact.Call c && c.name().equals("this"));
        for (int i = 0; canonical && !chained && i < components.size(); i++) {
            String field = into.resolver.idOf(element) + "#" + components.get(i).getSimpleName();
            boolean set = facts.stream()
                    .anyMatch(f -> f instanceof Fact.Write w && w.field().equals(field));
            if (!set) {
                implied.add(new Fact.Write(field, new Value.Self(), new Value.OfParameter(id, i), into.span(at)));
            }
        }
        return implied;
    }

    private void accessors() {
        Map<String, Operation> missing = new HashMap<>();
        for (RecordComponentElement c : element.getRecordComponents()) {
            String name = c.getSimpleName().toString();
            String owner = into.resolver.idOf(element);
            if (!declaredMethods.contains(name + "/0")) {
                missing.put(
                        name,
                        new Operation(
                                owner + "#" + name + "()",
                                owner,
                                name,
                                Operation.Role.METHOD,
                                Set.of(Operation.Trait.IMPLICIT),
                                Visibility.PUBLIC,
                                List.of(),
                                into.resolver.ref(c.asType()),
                                c.getAccessor() == null
                                        ? List.of()
                                        : into.resolver.overridden(c.getAccessor(), element),
                                List.of(),
                                List.of(),
                                List.of(new Fact.Return(
                                        new Value.OfField(owner + "#" + name, new Value.Self()), into.span(path))),
                                into.span(path)));
                into.add(missing.get(name));
            }
        }
    }
}
