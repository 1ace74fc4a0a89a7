package hausaufgabe.language.java;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/** What calls of the library mean for where values come from and go to. */
final class LibraryCalls {

    private static final Set<String> PUTTING = Set.of(
            "add",
            "addFirst",
            "addLast",
            "addElement",
            "put",
            "putIfAbsent",
            "push",
            "offer",
            "offerFirst",
            "offerLast",
            "set",
            "replace",
            "compareAndSet",
            "getAndSet",
            "addPropertyChangeListener",
            "addAll",
            "putAll");
    private static final Set<String> REMOVING = Set.of(
            "remove",
            "removeIf",
            "removeAll",
            "removeFirst",
            "removeLast",
            "removeElement",
            "removeAllElements",
            "removePropertyChangeListener",
            "retainAll",
            "clear",
            "poll",
            "pollFirst",
            "pollLast",
            "pop",
            "take");
    /** What puts a key in, where the keys are what is held. */
    private static final Set<String> COUNTING = Set.of("merge", "compute", "computeIfAbsent");

    private static final Set<String> COPYING =
            Set.of("toArray", "toList", "collect", "clone", "copyOf", "copyOfRange", "addAll");
    private static final Set<String> PART =
            Set.of("limit", "skip", "subList", "takeWhile", "dropWhile", "headSet", "tailSet", "headMap", "tailMap");
    private static final Set<String> NEXT = Set.of("next", "nextElement", "previous");
    private static final Set<String> OTHERWISE = Set.of("getOrDefault", "orElse", "requireNonNullElse");

    private final TypeResolver resolver;

    LibraryCalls(TypeResolver resolver) {
        this.resolver = resolver;
    }

    /**
     * What a library hands to the functions it is given.
     *
     * @param lent null where that is not known
     */
    record Lending(Value lent) {
        static final Lending NONE = new Lending(null);
    }

    Lending lending(ExecutableElement method, Value receiver, TypeMirror type) {
        if (method == null || type == null || resolver.isOwn(method.getEnclosingElement())) {
            return Lending.NONE;
        }
        if (resolver.isContainer(type) || resolver.isHolder(type)) {
            return new Lending(new Value.ElementOf(receiver, Value.Choice.EACH));
        }
        return Lending.NONE;
    }

    /** {@code System.arraycopy}, which fills what is its third argument from its first. */
    static boolean isArrayCopy(ExecutableElement method) {
        return method.getSimpleName().contentEquals("arraycopy")
                && method.getEnclosingElement().toString().equals("java.lang.System");
    }

    /** Things put into containers, and functions given to the library to call. */
    List<Fact> facts(ExecutableElement method, Value receiver, TypeMirror type, List<Value> arguments, Span span) {
        List<Fact> found = new ArrayList<>();
        String name = method.getSimpleName().toString();
        boolean constructor = method.getKind() == ElementKind.CONSTRUCTOR;
        String owner = method.getEnclosingElement().toString();
        String operation = constructor ? "<new>" : name;
        found.add(new Fact.Library(owner, operation, LibraryTraits.of(owner, operation), receiver, arguments, span));
        boolean container = type != null && (resolver.isContainer(type) || resolver.isHolder(type));
        boolean byKey = container && resolver.isByKey(type);
        boolean puts = PUTTING.contains(name) || byKey && COUNTING.contains(name);
        if (container && puts && !arguments.isEmpty()) {
            found.add(new Fact.Put(receiver, arguments.get(byKey ? 0 : arguments.size() - 1), span));
        }
        if (container && REMOVING.contains(name)) {
            // of several arguments the first is an index or a key, or says of which kind the last one is
            int which = resolver.isListenerList(type) ? arguments.size() - 1 : 0;
            found.add(new Fact.Remove(receiver, arguments.isEmpty() ? BodyReader.UNKNOWN : arguments.get(which), span));
        }
        boolean addsAll = name.equals("addAll")
                && method.getEnclosingElement().toString().equals("java.util.Collections")
                && arguments.size() > 1;
        if (addsAll) {
            arguments.stream().skip(1).forEach(a -> found.add(new Fact.Put(arguments.get(0), a, span)));
        }
        if (container && name.equals("firePropertyChange")) {
            found.add(new Fact.HandOver(List.of(new Value.ElementOf(receiver, Value.Choice.EACH)), null, span));
        }
        boolean keeps = container && (PUTTING.contains(name) || REMOVING.contains(name));
        List<Value> functions = new ArrayList<>();
        List<? extends VariableElement> parameters = method.getParameters();
        for (int i = 0; i < Math.min(parameters.size(), arguments.size()); i++) {
            // what is put in or taken out by value is not called for it
            boolean called = !keeps || name.equals("removeIf");
            if (called && isFunction(parameters.get(i).asType())) {
                functions.add(arguments.get(i));
            }
        }
        if (!functions.isEmpty()) {
            Value lent = container ? new Value.ElementOf(receiver, Value.Choice.EACH) : null;
            found.add(new Fact.HandOver(functions, lent, span));
        }
        return found;
    }

    private boolean isFunction(TypeMirror declared) {
        return declared instanceof DeclaredType d
                && declared.getKind() != TypeKind.ERROR
                && d.asElement() instanceof TypeElement t
                && !resolver.isContainer(declared)
                && resolver.functionOf(t).isPresent();
    }

    /** What a call gives back. */
    Value result(
            ExecutableElement method,
            TypeMirror resultType,
            Value receiver,
            TypeMirror receiverType,
            List<Value> arguments,
            Value.Choice choice) {
        if (resultType == null
                || resultType.getKind() == TypeKind.VOID
                || resultType.getKind().isPrimitive()
                || resultType.toString().equals("java.lang.String")) {
            return new Value.Computed();
        }
        String name = method.getSimpleName().toString();
        boolean fromContainer = receiverType != null
                && !method.getModifiers().contains(Modifier.STATIC)
                && (resolver.isContainer(receiverType) || resolver.isHolder(receiverType));
        boolean toContainer = resolver.isContainer(resultType) || resolver.isHolder(resultType);
        if (!fromContainer) {
            List<Value> from = new ArrayList<>(arguments);
            if (!method.getModifiers().contains(Modifier.STATIC)) {
                from.add(0, receiver);
            }
            if (from.isEmpty()) {
                return new Value.Unknown();
            }
            return COPYING.contains(name) ? new Value.Copy(from) : new Value.Derived(from);
        }
        if (toContainer && PART.contains(name)) {
            return new Value.Derived(List.of(new Value.ElementOf(receiver, Value.Choice.SOME)));
        }
        if (COPYING.contains(name)) {
            return new Value.Copy(List.of(receiver));
        }
        if (toContainer) {
            boolean entries = name.equals("map") || name.equals("flatMap") || name.equals("mapToObj");
            return entries ? mapped(receiver, arguments) : new Value.Derived(List.of(receiver));
        }
        Value element = new Value.ElementOf(
                receiver, NEXT.contains(name) || resolver.isHolder(receiverType) ? Value.Choice.EACH : choice);
        if (OTHERWISE.contains(name) && !arguments.isEmpty()) {
            return BodyReader.oneOf(List.of(element, arguments.get(arguments.size() - 1)));
        }
        return element;
    }

    /** A stream of something else: what the function makes of the elements is not followed. */
    private static Value mapped(Value receiver, List<Value> arguments) {
        List<Value> from = new ArrayList<>(List.of(receiver));
        from.addAll(arguments);
        return new Value.Derived(from);
    }
}
