package hausaufgabe.language.java;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javax.lang.model.element.Element;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeMirror;
import javax.lang.model.type.TypeVariable;
import javax.lang.model.type.WildcardType;

/**
 * Function types of the library that a generic class of the program speaks of by its own type variable. What it calls
 * {@code Consumer<E>} is, for those who extend it, {@code Consumer<Level>}: that one is a kind of the other.
 */
final class GenericFunctions {

    private final Map<String, Element> elements = new LinkedHashMap<>();
    private final Map<Element, Set<String>> open = new HashMap<>();

    /**
     * @param id of the function type with its arguments
     * @param own whether a type is declared by the program
     */
    void seen(String id, DeclaredType type, java.util.function.Predicate<Element> own) {
        elements.put(id, type.asElement());
        boolean generic = type.getTypeArguments().stream().anyMatch(a -> isOfClass(a, own));
        if (generic) {
            open.computeIfAbsent(type.asElement(), e -> new TreeSet<>()).add(id);
        }
    }

    private static boolean isOfClass(TypeMirror argument, java.util.function.Predicate<Element> own) {
        TypeMirror meant = argument;
        if (argument instanceof WildcardType w) {
            meant = w.getSuperBound() != null ? w.getSuperBound() : w.getExtendsBound();
        }
        return meant instanceof TypeVariable v
                && v.asElement().getEnclosingElement() instanceof TypeElement owner
                && own.test(owner);
    }

    /** What a function type is a kind of. */
    private List<String> above(String id) {
        Set<String> generic = open.getOrDefault(elements.get(id), Set.of());
        return generic.contains(id) ? List.of() : List.copyOf(generic);
    }

    List<Type> types(Collection<Type> all) {
        return all.stream()
                .map(t -> above(t.id()).isEmpty()
                        ? t
                        : new Type(
                                t.id(),
                                t.name(),
                                t.kind(),
                                t.origin(),
                                t.flags(),
                                above(t.id()).stream()
                                        .map(up -> new TypeRef(up, up, List.of(), false, List.of()))
                                        .toList(),
                                t.enclosing(),
                                t.constants(),
                                t.span()))
                .toList();
    }

    List<Operation> operations(Collection<Operation> all) {
        return all.stream()
                .map(o -> above(o.owner()).isEmpty()
                        ? o
                        : new Operation(
                                o.id(),
                                o.owner(),
                                o.name(),
                                o.role(),
                                o.traits(),
                                o.visibility(),
                                o.parameters(),
                                o.result(),
                                above(o.owner()).stream()
                                        .map(up -> up + "#" + o.name())
                                        .toList(),
                                o.statements(),
                                o.guards(),
                                o.body(),
                                o.span()))
                .toList();
    }
}
