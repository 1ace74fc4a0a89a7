package hausaufgabe.language.java;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.NestingKind;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.ArrayType;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;
import javax.lang.model.type.TypeVariable;
import javax.lang.model.type.WildcardType;
import javax.lang.model.util.Elements;
import javax.lang.model.util.Types;

/**
 * Says the compiler's types in the design's words. A library's function type is a type of the design, one for each set of
 * type arguments: {@code Function<Ship, Double>} and {@code Function<String, Integer>} are different abstractions.
 */
final class TypeResolver {

    private static final Set<String> CONTAINERS = Set.of(
            "java.lang.Iterable",
            "java.util.Map",
            "java.util.Iterator",
            "java.util.Enumeration",
            "java.util.stream.BaseStream",
            "java.beans.PropertyChangeSupport",
            "javax.swing.event.EventListenerList");
    private static final Set<String> LISTENER_LISTS = Set.of("javax.swing.event.EventListenerList");
    /** Types of values that say how many or how much of a key there is. */
    private static final Set<String> COUNTS = Set.of(
            "java.lang.Integer",
            "java.lang.Long",
            "java.lang.Double",
            "java.lang.Boolean",
            "java.math.BigDecimal",
            "java.util.concurrent.atomic.AtomicInteger");

    /** Abstractions of the library that nearly every type stands below, and that none is made for. */
    private static final Set<String> NEVER_FILLED_IN =
            Set.of("java.lang.Record", "java.lang.Enum", "java.lang.Number", "java.lang.CharSequence");

    private static final Set<String> HOLDERS = Set.of(
            "java.util.Optional",
            "java.util.Map.Entry",
            "java.util.concurrent.atomic.AtomicReference",
            "java.lang.ref.Reference",
            "java.lang.ThreadLocal");
    private static final String LISTENERS = "java.beans.PropertyChangeSupport";

    private final Elements elements;
    private final Types types;
    private final Map<Set<String>, Map<TypeElement, Boolean>> known = new HashMap<>();
    private final Map<TypeElement, Optional<ExecutableElement>> functions = new HashMap<>();
    private final Map<String, Type> libraryTypes = new LinkedHashMap<>();
    private final Map<String, Operation> libraryOperations = new LinkedHashMap<>();
    private final GenericFunctions generic = new GenericFunctions();
    private final Set<TypeElement> own;
    private final Map<TypeElement, Boolean> filledIn = new HashMap<>();

    /** @param own the types that the program declares; filled before anything is asked */
    TypeResolver(Elements elements, Types types, Set<TypeElement> own) {
        this.elements = elements;
        this.types = types;
        this.own = own;
    }

    List<Type> libraryTypes() {
        return generic.types(libraryTypes.values());
    }

    List<Operation> libraryOperations() {
        return generic.operations(libraryOperations.values());
    }

    boolean isOwn(Element type) {
        return type instanceof TypeElement t && own.contains(t);
    }

    /** The id of a type the program declares. */
    String idOf(TypeElement type) {
        String binary = elements.getBinaryName(type).toString();
        if (type.getNestingKind() == NestingKind.LOCAL || type.getNestingKind() == NestingKind.ANONYMOUS) {
            return binary.isEmpty() ? type.toString() : binary;
        }
        return binary;
    }

    String nameOf(TypeElement type) {
        Element outer = type.getEnclosingElement();
        String simple = type.getSimpleName().toString();
        boolean nested = type.getNestingKind() == NestingKind.MEMBER
                && outer instanceof TypeElement o
                && !o.getSimpleName().isEmpty();
        return nested ? nameOf((TypeElement) outer) + "." + simple : simple;
    }

    TypeRef ref(TypeMirror type) {
        return ref(type, 0);
    }

    private TypeRef ref(TypeMirror type, int depth) {
        if (depth > 8) {
            // of a type that is said by itself, such as T extends Step<T>, enough is known by then
            return TypeRef.of("java.lang.Object", "?");
        }
        if (type instanceof ArrayType array) {
            TypeRef component = ref(array.getComponentType(), depth + 1);
            return new TypeRef("array", component.text() + "[]", List.of(component), true, List.of(component));
        }
        if (type instanceof TypeVariable variable) {
            return ref(variable.getUpperBound(), depth + 1);
        }
        if (type instanceof WildcardType wildcard) {
            TypeMirror bound =
                    wildcard.getExtendsBound() != null ? wildcard.getExtendsBound() : wildcard.getSuperBound();
            return bound == null ? TypeRef.of("java.lang.Object", "?") : ref(bound, depth + 1);
        }
        if (type.getKind() == TypeKind.ERROR) {
            return TypeRef.of(TypeRef.UNKNOWN, type.toString());
        }
        if (type instanceof DeclaredType declared) {
            return declared(declared, depth);
        }
        return TypeRef.of(type.toString(), type.toString());
    }

    private TypeRef declared(DeclaredType type, int depth) {
        TypeElement element = (TypeElement) type.asElement();
        List<TypeRef> arguments =
                type.getTypeArguments().stream().map(a -> ref(a, depth + 1)).toList();
        String text = nameOf(element)
                + (arguments.isEmpty()
                        ? ""
                        : arguments.stream().map(TypeRef::text).collect(Collectors.joining(", ", "<", ">")));
        if (isOwn(element)) {
            List<TypeRef> kept = arguments.size() == 1 && keepsMany(element)
                    ? arguments
                    : arguments.isEmpty() ? goneThrough(element, depth) : List.of();
            return new TypeRef(idOf(element), text, kept, !kept.isEmpty(), arguments);
        }
        if (isContainer(type) || isHolder(type)) {
            List<TypeRef> contents =
                    arguments.isEmpty() ? List.of() : List.of(arguments.get(isByKey(type) ? 0 : arguments.size() - 1));
            if (element.getQualifiedName().contentEquals(LISTENERS)) {
                contents = List.of(ref(
                        elements.getTypeElement("java.beans.PropertyChangeListener")
                                .asType(),
                        depth + 1));
            }
            return new TypeRef(element.toString(), text, contents, isContainer(type), arguments);
        }
        if (isFilledIn(element)) {
            libraryAbstraction(element);
            return new TypeRef(elements.getBinaryName(element).toString(), text, List.of(), false, arguments);
        }
        ExecutableElement function = functionOf(element).orElse(null);
        if (function != null) {
            String id = element + text.substring(nameOf(element).length());
            libraryFunction(id, element, type, function);
            generic.seen(id, type, this::isOwn);
            return new TypeRef(id, text, List.of(), false, arguments);
        }
        return new TypeRef(element.toString(), text, List.of(), false, arguments);
    }

    /** Whether an own type has a container of what its type variable stands for, as a list of listeners has. */
    private boolean keepsMany(TypeElement element) {
        return element.getKind() == ElementKind.CLASS
                && element.getEnclosedElements().stream()
                        .filter(e -> e.getKind() == ElementKind.FIELD)
                        .map(e -> e.asType())
                        .anyMatch(t -> isContainer(t) && contentOf(t) instanceof TypeVariable);
    }

    /**
     * What an own type can be gone through for, where all it is for is to keep that: it has a container of it, and is none of
     * it. Nothing for others.
     */
    private List<TypeRef> goneThrough(TypeElement element, int depth) {
        if (element.getKind() != ElementKind.CLASS) {
            return List.of();
        }
        for (TypeMirror up : element.getInterfaces()) {
            boolean iterable = up instanceof DeclaredType d
                    && d.getTypeArguments().size() == 1
                    && ((TypeElement) d.asElement()).getQualifiedName().contentEquals("java.lang.Iterable");
            TypeMirror content =
                    iterable ? ((DeclaredType) up).getTypeArguments().get(0) : null;
            boolean keeps = content instanceof DeclaredType c
                    && isOwn(c.asElement())
                    && !types.isAssignable(element.asType(), types.erasure(content))
                    && element.getEnclosedElements().stream()
                            .filter(e -> e.getKind() == ElementKind.FIELD)
                            .filter(e -> !e.getModifiers().contains(Modifier.STATIC))
                            .allMatch(e -> isContainer(e.asType()));
            if (keeps) {
                return List.of(ref(content, depth + 1));
            }
        }
        return List.of();
    }

    /** What a container is declared to hold, out of what may lie round each of it, as a weak reference does; null for none. */
    private TypeMirror contentOf(TypeMirror container) {
        if (!(container instanceof DeclaredType d) || d.getTypeArguments().isEmpty()) {
            return null;
        }
        TypeMirror last = d.getTypeArguments().get(d.getTypeArguments().size() - 1);
        return isHolder(last) ? contentOf(last) : last;
    }

    /**
     * Whether it is an abstraction of the library, other than a function type or a container, that a type of the program
     * fills in: it is part of the design then.
     */
    private boolean isFilledIn(TypeElement element) {
        return filledIn.computeIfAbsent(
                element,
                e -> !isOwn(e)
                        && (e.getKind() == ElementKind.INTERFACE
                                || e.getKind() == ElementKind.CLASS
                                        && e.getModifiers().contains(Modifier.ABSTRACT))
                        && !NEVER_FILLED_IN.contains(e.getQualifiedName().toString())
                        && !isContainer(e.asType())
                        && !isHolder(e.asType())
                        && functionOf(e).isEmpty()
                        && own.stream()
                                .anyMatch(t -> types.directSupertypes(t.asType()).stream()
                                        .anyMatch(up -> up instanceof DeclaredType d
                                                && d.asElement().equals(e)))
                        && !abstractOperations(e).isEmpty());
    }

    private List<ExecutableElement> abstractOperations(TypeElement element) {
        TypeElement object = elements.getTypeElement(elements.getModuleElement("java.base"), "java.lang.Object");
        List<ExecutableElement> open = new ArrayList<>();
        for (Element e : elements.getAllMembers(element)) {
            if (e instanceof ExecutableElement m
                    && m.getModifiers().contains(Modifier.ABSTRACT)
                    && !isOfObject(m, object)) {
                open.add(m);
            }
        }
        return open;
    }

    private void libraryAbstraction(TypeElement element) {
        String id = elements.getBinaryName(element).toString();
        if (libraryTypes.containsKey(id)) {
            return;
        }
        boolean isInterface = element.getKind() == ElementKind.INTERFACE;
        addLibraryType(id, element, isInterface ? Type.Kind.INTERFACE : Type.Kind.ABSTRACT_CLASS);
        for (ExecutableElement m : abstractOperations(element)) {
            String operation = id + "#" + signature(m);
            List<Operation.Parameter> parameters = m.getParameters().stream()
                    .map(p -> new Operation.Parameter(p.getSimpleName().toString(), ref(p.asType(), 1)))
                    .toList();
            libraryOperations.put(
                    operation,
                    new Operation(
                            operation,
                            id,
                            m.getSimpleName().toString(),
                            Operation.Role.METHOD,
                            Set.of(Operation.Trait.ABSTRACT),
                            m.getModifiers().contains(Modifier.PROTECTED) ? Visibility.PROTECTED : Visibility.PUBLIC,
                            parameters,
                            result(m.getReturnType()),
                            List.of(),
                            List.of(),
                            List.of(),
                            List.of(),
                            null));
        }
    }

    /** Id of an operation of the library that is part of the design as one of a type, or null where it is none. */
    private String ofLibrary(TypeElement type, ExecutableElement method) {
        if (!isFilledIn(type)) {
            return null;
        }
        libraryAbstraction(type);
        String id = elements.getBinaryName(type) + "#" + signature(method);
        return libraryOperations.containsKey(id) ? id : null;
    }

    private void addLibraryType(String id, TypeElement element, Type.Kind kind) {
        libraryTypes.put(
                id,
                new Type(
                        id,
                        nameOf(element),
                        kind,
                        Type.Origin.LIBRARY,
                        new Type.Flags(false, false, false, Visibility.PUBLIC),
                        List.of(),
                        null,
                        List.of(),
                        null));
    }

    private void libraryFunction(String id, TypeElement element, DeclaredType type, ExecutableElement function) {
        if (libraryTypes.containsKey(id)) {
            return;
        }
        addLibraryType(id, element, Type.Kind.FUNCTION_TYPE);
        javax.lang.model.type.ExecutableType seen =
                (javax.lang.model.type.ExecutableType) types.asMemberOf(type, function);
        List<Operation.Parameter> concrete = new ArrayList<>();
        for (int i = 0; i < seen.getParameterTypes().size(); i++) {
            concrete.add(new Operation.Parameter(
                    function.getParameters().get(i).getSimpleName().toString(),
                    ref(seen.getParameterTypes().get(i), 1)));
        }
        String operation = id + "#" + function.getSimpleName();
        libraryOperations.put(
                operation,
                new Operation(
                        operation,
                        id,
                        function.getSimpleName().toString(),
                        Operation.Role.METHOD,
                        LibraryTraits.isUniversal(function.getSimpleName().toString(), concrete.size())
                                ? Set.of(Operation.Trait.ABSTRACT, Operation.Trait.UNIVERSAL)
                                : Set.of(Operation.Trait.ABSTRACT),
                        Visibility.PUBLIC,
                        concrete,
                        result(seen.getReturnType()),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        null));
    }

    TypeRef result(TypeMirror type) {
        return type.getKind() == TypeKind.VOID ? null : ref(type);
    }

    /** Whether a library's type holds many things, so that it stands for them. */
    boolean isContainer(TypeMirror type) {
        return type.getKind() == TypeKind.ARRAY || isLibrary(type, CONTAINERS);
    }

    /** Whether it keeps listeners of several kinds, each told by its type. */
    boolean isListenerList(TypeMirror type) {
        return isLibrary(type, LISTENER_LISTS);
    }

    /** Whether a map's keys are what it holds, and its values only say how many or how much of each. */
    boolean isByKey(TypeMirror type) {
        return type instanceof DeclaredType d
                && d.getTypeArguments().size() == 2
                && d.getTypeArguments().get(0) instanceof DeclaredType key
                && isOwn(key.asElement())
                && key.asElement().getKind() != ElementKind.ENUM
                && d.getTypeArguments().get(1) instanceof DeclaredType value
                && COUNTS.contains(value.asElement().toString());
    }

    /** Whether a library's type holds one thing. */
    boolean isHolder(TypeMirror type) {
        return isLibrary(type, HOLDERS);
    }

    private boolean isLibrary(TypeMirror type, Set<String> names) {
        if (!(type instanceof DeclaredType declared) || type.getKind() == TypeKind.ERROR) {
            return false;
        }
        TypeElement element = (TypeElement) declared.asElement();
        return known.computeIfAbsent(names, k -> new HashMap<>())
                .computeIfAbsent(element, e -> !isOwn(e) && isBelow(e, names));
    }

    /** Goes by names, since having the compiler look a type up costs more than everything else here. */
    private static boolean isBelow(TypeElement type, Set<String> names) {
        return names.contains(type.getQualifiedName().toString())
                || Stream.concat(Stream.of(type.getSuperclass()), type.getInterfaces().stream())
                        .anyMatch(up -> up instanceof DeclaredType d && isBelow((TypeElement) d.asElement(), names));
    }

    /** The operation of an own type that gives its iterator, or nothing where it has none. */
    Optional<ExecutableElement> iteratorOf(TypeMirror type) {
        if (!(type instanceof DeclaredType declared) || !isOwn(declared.asElement())) {
            return Optional.empty();
        }
        return elements.getAllMembers((TypeElement) declared.asElement()).stream()
                .filter(e -> e instanceof ExecutableElement m
                        && m.getSimpleName().contentEquals("iterator")
                        && m.getParameters().isEmpty()
                        && isOwn(m.getEnclosingElement()))
                .map(ExecutableElement.class::cast)
                .findFirst();
    }

    /** The one abstract method of a function type, or nothing where the type is none. */
    Optional<ExecutableElement> functionOf(TypeElement type) {
        return functions.computeIfAbsent(type, this::findFunction);
    }

    private Optional<ExecutableElement> findFunction(TypeElement type) {
        if (!type.getKind().isInterface() || type.getKind() == ElementKind.ANNOTATION_TYPE) {
            return Optional.empty();
        }
        List<ExecutableElement> open = new ArrayList<>();
        TypeElement object = elements.getTypeElement(elements.getModuleElement("java.base"), "java.lang.Object");
        for (Element e : elements.getAllMembers(type)) {
            if (e instanceof ExecutableElement m
                    && m.getModifiers().contains(Modifier.ABSTRACT)
                    && !isOfObject(m, object)
                    && open.stream().noneMatch(o -> sameSignature(o, m))) {
                open.add(m);
            }
        }
        return open.size() == 1 ? Optional.of(open.get(0)) : Optional.empty();
    }

    private static boolean sameSignature(ExecutableElement a, ExecutableElement b) {
        return a.getSimpleName().equals(b.getSimpleName())
                && a.getParameters().size() == b.getParameters().size();
    }

    private static boolean isOfObject(ExecutableElement method, TypeElement object) {
        return object.getEnclosedElements().stream()
                .anyMatch(e -> e instanceof ExecutableElement o
                        && e.getSimpleName().equals(method.getSimpleName())
                        && o.getParameters().size() == method.getParameters().size());
    }

    /** The id of an operation that the program declares. */
    String idOf(ExecutableElement method) {
        return idOf((TypeElement) method.getEnclosingElement()) + "#" + signature(method);
    }

    /** Name and types of what it takes, after erasure. */
    private String signature(ExecutableElement method) {
        String parameters = method.getParameters().stream()
                .map(p -> token(types.erasure(p.asType())))
                .collect(Collectors.joining(","));
        return method.getSimpleName() + "(" + parameters + ")";
    }

    /** A type after erasure as the runtime names it, an array with its brackets behind. */
    private String token(TypeMirror erased) {
        if (erased instanceof ArrayType array) {
            return token(array.getComponentType()) + "[]";
        }
        return erased instanceof DeclaredType declared ? idOf((TypeElement) declared.asElement()) : erased.toString();
    }

    /**
     * The id of the operation that a call means, or null where it is a library's that is no function.
     *
     * @param receiver static type of the object it is called on, or null
     */
    String target(ExecutableElement method, TypeMirror receiver) {
        TypeElement owner = (TypeElement) method.getEnclosingElement();
        if (isOwn(owner)) {
            return idOf(method);
        }
        if (receiver == null || !method.getModifiers().contains(Modifier.ABSTRACT)) {
            return null;
        }
        TypeMirror at = receiver instanceof TypeVariable v ? v.getUpperBound() : receiver;
        TypeElement filled = nearestFilledIn(at, 0);
        if (filled != null) {
            return ofLibrary(filled, method);
        }
        TypeMirror library = nearestLibraryFunction(at, 0);
        if (library == null) {
            return null;
        }
        String id = ref(library).type() + "#" + method.getSimpleName();
        return libraryOperations.containsKey(id) ? id : null;
    }

    private TypeElement nearestFilledIn(TypeMirror type, int depth) {
        if (!(type instanceof DeclaredType declared) || depth > 8) {
            return null;
        }
        TypeElement element = (TypeElement) declared.asElement();
        if (!isOwn(element)) {
            return isFilledIn(element) ? element : null;
        }
        for (TypeMirror up : types.directSupertypes(type)) {
            TypeElement found = nearestFilledIn(up, depth + 1);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private TypeMirror nearestLibraryFunction(TypeMirror type, int depth) {
        if (!(type instanceof DeclaredType declared) || depth > 8) {
            return null;
        }
        TypeElement element = (TypeElement) declared.asElement();
        if (!isOwn(element)) {
            return functionOf(element).isPresent() && !isContainer(type) ? type : null;
        }
        for (TypeMirror up : types.directSupertypes(type)) {
            TypeMirror found = nearestLibraryFunction(up, depth + 1);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** Ids of everything that a method overrides, in the program and among the function types it knows of the library. */
    List<String> overridden(ExecutableElement method, TypeElement in) {
        List<String> found = new ArrayList<>();
        collectOverridden(method, in, in.asType(), found, 0);
        return found.stream().distinct().toList();
    }

    private void collectOverridden(
            ExecutableElement method, TypeElement in, TypeMirror type, List<String> found, int depth) {
        if (depth > 12) {
            return;
        }
        for (TypeMirror up : types.directSupertypes(type)) {
            if (!(up instanceof DeclaredType declared)) {
                continue;
            }
            TypeElement element = (TypeElement) declared.asElement();
            for (Element e : element.getEnclosedElements()) {
                if (e instanceof ExecutableElement other && elements.overrides(method, other, in)) {
                    if (isOwn(element)) {
                        found.add(idOf(other));
                    } else if (ofLibrary(element, other) != null) {
                        found.add(ofLibrary(element, other));
                    } else if (functionOf(element).filter(f -> f.equals(other)).isPresent() && !isContainer(up)) {
                        found.add(ref(up).type() + "#" + other.getSimpleName());
                    }
                }
            }
            collectOverridden(method, in, up, found, depth + 1);
        }
    }

    /** The declared supertypes, the common ancestor of all and what a record or enum always has left out. */
    List<TypeRef> supertypes(TypeElement type) {
        List<TypeRef> all = new ArrayList<>();
        for (TypeMirror up : types.directSupertypes(type.asType())) {
            String name = types.erasure(up).toString();
            boolean implied =
                    name.equals("java.lang.Object") || name.equals("java.lang.Record") || name.equals("java.lang.Enum");
            if (!implied) {
                all.add(ref(up));
            }
        }
        return all;
    }

    static Visibility visibility(Set<Modifier> modifiers) {
        if (modifiers.contains(Modifier.PUBLIC)) {
            return Visibility.PUBLIC;
        }
        if (modifiers.contains(Modifier.PROTECTED)) {
            return Visibility.PROTECTED;
        }
        return modifiers.contains(Modifier.PRIVATE) ? Visibility.PRIVATE : Visibility.PACKAGE;
    }
}
