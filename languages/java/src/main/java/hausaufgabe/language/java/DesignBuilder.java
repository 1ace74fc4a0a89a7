package hausaufgabe.language.java;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ParameterizedTypeTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;
import javax.lang.model.util.Elements;
import javax.lang.model.util.Types;

/** Collects a design out of attributed syntax trees. For one program; not for use by several threads. */
final class DesignBuilder {

    final Trees trees;
    final Elements elements;
    final Types types;
    final TypeResolver resolver;
    private final Set<TypeElement> own = new LinkedHashSet<>();
    private final Map<CompilationUnitTree, CharSequence> texts = new HashMap<>();
    private final Map<CompilationUnitTree, Boolean> byType = new HashMap<>();
    private final Map<String, Type> foundTypes = new LinkedHashMap<>();
    private final Map<String, Field> foundFields = new LinkedHashMap<>();
    private final Map<String, Operation> foundOperations = new LinkedHashMap<>();

    DesignBuilder(JavacTask task) {
        this.trees = Trees.instance(task);
        this.elements = task.getElements();
        this.types = task.getTypes();
        this.resolver = new TypeResolver(elements, types, own);
    }

    Design design(List<CompilationUnitTree> units) {
        units.forEach(u -> new TreePathScanner<Void, Void>() {
            @Override
            public Void visitClass(ClassTree tree, Void nothing) {
                if (trees.getElement(getCurrentPath()) instanceof TypeElement t) {
                    own.add(t);
                }
                return super.visitClass(tree, nothing);
            }
        }.scan(u, null));
        for (CompilationUnitTree unit : units) {
            for (Tree declaration : unit.getTypeDecls()) {
                if (declaration instanceof ClassTree) {
                    new TypeReader(this, new TreePath(new TreePath(unit), declaration)).read();
                }
            }
        }
        List<Type> all = new ArrayList<>(foundTypes.values());
        all.addAll(resolver.libraryTypes());
        List<Operation> operations = new ArrayList<>(foundOperations.values());
        operations.addAll(resolver.libraryOperations());
        if (foundFields.values().stream().noneMatch(f -> RawContents.isRaw(f.type()))) {
            return new Design(all, foundFields.values(), operations);
        }
        Design asDeclared = new Design(all, foundFields.values(), operations);
        return new Design(all, new RawContents(asDeclared, operations).told(foundFields.values()), operations);
    }

    /** Keeps a type; a later reading of the same one replaces the earlier. */
    void add(Type type) {
        foundTypes.put(type.id(), type);
    }

    void add(Field field) {
        foundFields.put(field.id(), field);
    }

    void add(Operation operation) {
        foundOperations.put(operation.id(), operation);
    }

    /**
     * A declared type. Of one that could not be resolved, what it is made of is known all the same, as in {@code Crate<Berth>}.
     *
     * @param written the type as it stands there, or null where it does not
     */
    TypeRef ref(TreePath declaration, Tree written, TypeMirror type) {
        if (type.getKind() != TypeKind.ERROR || !(written instanceof ParameterizedTypeTree generic)) {
            return resolver.ref(type);
        }
        List<TypeRef> arguments = new ArrayList<>();
        for (Tree argument : generic.getTypeArguments()) {
            TypeMirror known = trees.getTypeMirror(new TreePath(new TreePath(declaration, written), argument));
            arguments.add(known == null ? TypeRef.of(TypeRef.UNKNOWN, argument.toString()) : resolver.ref(known));
        }
        return new TypeRef(TypeRef.UNKNOWN, written.toString(), List.of(), false, arguments);
    }

    /** Whether something in a file has the library make an object of a type that is a value. */
    boolean makesObjectsByType(CompilationUnitTree unit) {
        return byType.computeIfAbsent(unit, u -> text(u).toString().contains("newInstance("));
    }

    /** The text of a stretch of source. */
    String source(CompilationUnitTree unit, Span span) {
        CharSequence text = text(unit);
        return text.subSequence(span.from(), Math.min(span.to(), text.length())).toString();
    }

    private CharSequence text(CompilationUnitTree unit) {
        return texts.computeIfAbsent(unit, u -> {
            try {
                return u.getSourceFile().getCharContent(true);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    Span span(TreePath path) {
        return span(path.getCompilationUnit(), path.getLeaf());
    }

    Span span(CompilationUnitTree unit, Tree tree) {
        long start = Math.max(0, trees.getSourcePositions().getStartPosition(unit, tree));
        long end = trees.getSourcePositions().getEndPosition(unit, tree);
        return span(unit, start, Math.max(start, end));
    }

    Span span(CompilationUnitTree unit, long start, long end) {
        // the compiler hands out its own wrapper around our files, so the name is all there is
        String path = unit.getSourceFile().getName().replaceFirst("^/", "");
        int line = (int) unit.getLineMap().getLineNumber(start);
        int endLine = (int) unit.getLineMap().getLineNumber(Math.max(start, end - 1));
        return new Span(path, line, endLine, (int) start, (int) end);
    }
}
