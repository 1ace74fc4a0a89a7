package hausaufgabe.language.javascript;

import hausaufgabe.core.design.Fact;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Dialect;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What matters to a design of the names of JavaScript and TypeScript. */
final class JavaScriptDialect implements Dialect {

    /** What is asked whether something is an example of a class. */
    static final String IS_A = "#isA";
    /** What is thrown to say: not done here, but below. */
    static final String REFUSAL = "#notHere";
    /** The operation of what is called as a function. */
    static final String CALL = "__call__";

    static final String NUMBER = "number";
    static final String TEXT = "string";
    static final String TRUTH = "boolean";

    /** The type of objects that are read by names, of functions or of data. */
    static final String OBJECT = "Object";

    private static final Map<String, ContainerUse> USES = Map.ofEntries(
            Map.entry("push", ContainerUse.PUT),
            Map.entry("unshift", ContainerUse.PUT),
            Map.entry("add", ContainerUse.PUT),
            Map.entry("set", ContainerUse.PUT_AT),
            Map.entry("delete", ContainerUse.REMOVE),
            Map.entry("splice", ContainerUse.TAKE),
            Map.entry("clear", ContainerUse.REMOVE),
            Map.entry("pop", ContainerUse.TAKE),
            Map.entry("shift", ContainerUse.TAKE),
            Map.entry("get", ContainerUse.PICK),
            Map.entry("at", ContainerUse.PICK),
            Map.entry("values", ContainerUse.VIEW),
            Map.entry("entries", ContainerUse.VIEW),
            Map.entry("keys", ContainerUse.VIEW),
            Map.entry("reverse", ContainerUse.VIEW),
            Map.entry("sort", ContainerUse.VIEW),
            Map.entry("slice", ContainerUse.COPY),
            Map.entry("concat", ContainerUse.COPY),
            Map.entry("filter", ContainerUse.COPY),
            Map.entry("find", ContainerUse.PICK),
            Map.entry("toSorted", ContainerUse.COPY),
            Map.entry("toReversed", ContainerUse.COPY));

    private static final Map<String, FunctionUse> FUNCTIONS = Map.ofEntries(
            Map.entry(IS_A, FunctionUse.IS_A),
            Map.entry("Map", FunctionUse.COPY),
            Map.entry("Set", FunctionUse.COPY),
            Map.entry("WeakMap", FunctionUse.CONTAINER),
            Map.entry("WeakSet", FunctionUse.CONTAINER),
            Map.entry("Array", FunctionUse.CONTAINER),
            Map.entry("WeakRef", FunctionUse.VIEW),
            Map.entry("Array.from", FunctionUse.COPY),
            Map.entry("Array.of", FunctionUse.CONTAINER),
            Map.entry("structuredClone", FunctionUse.COPY),
            Map.entry("Object.values", FunctionUse.VIEW),
            Map.entry("Object.entries", FunctionUse.VIEW),
            Map.entry("Object.keys", FunctionUse.COMPUTES),
            Map.entry("Number", FunctionUse.COMPUTES),
            Map.entry("String", FunctionUse.COMPUTES),
            Map.entry("Boolean", FunctionUse.COMPUTES),
            Map.entry("parseInt", FunctionUse.COMPUTES),
            Map.entry("parseFloat", FunctionUse.COMPUTES));

    private static final Map<String, Integer> CONTAINED = Map.ofEntries(
            Map.entry("Array", 0),
            Map.entry("ReadonlyArray", 0),
            Map.entry("Set", 0),
            Map.entry("ReadonlySet", 0),
            Map.entry("WeakSet", 0),
            Map.entry("Iterable", 0),
            Map.entry("IterableIterator", 0),
            Map.entry("Iterator", 0),
            Map.entry("Generator", 0),
            Map.entry("Map", -1),
            Map.entry("ReadonlyMap", -1),
            Map.entry("WeakMap", -1),
            Map.entry("Record", -1));

    private static final Set<String> BUILT_IN = Set.of(
            "Array",
            "ArrayBuffer",
            "BigInt",
            "Boolean",
            "Buffer",
            "Date",
            "Error",
            "EvalError",
            "Function",
            "Infinity",
            "Intl",
            "JSON",
            "Map",
            "Math",
            "NaN",
            "Number",
            "Object",
            "Promise",
            "Proxy",
            "RangeError",
            "ReferenceError",
            "Reflect",
            "RegExp",
            "Set",
            "String",
            "Symbol",
            "SyntaxError",
            "TypeError",
            "URL",
            "WeakMap",
            "WeakRef",
            "WeakSet",
            "clearInterval",
            "clearTimeout",
            "console",
            "globalThis",
            "isFinite",
            "isNaN",
            "module",
            "exports",
            "parseFloat",
            "parseInt",
            "performance",
            "process",
            "queueMicrotask",
            "require",
            "setInterval",
            "setTimeout",
            "structuredClone",
            "number",
            "string",
            "boolean",
            "bigint",
            "any",
            "unknown",
            "void",
            "never",
            "object",
            "symbol",
            IS_A,
            REFUSAL,
            "Object.keys");

    @Override
    public String constructor() {
        return Marks.CONSTRUCTOR;
    }

    @Override
    public Set<String> universal() {
        return Set.of("toString", "valueOf", "toJSON", "toLocaleString", "[Symbol.iterator]", "[Symbol.toPrimitive]");
    }

    @Override
    public boolean namesSelf() {
        return true;
    }

    @Override
    public String above() {
        return Marks.SUPER;
    }

    @Override
    public boolean isPrivate(String name) {
        return name.startsWith("#") || name.startsWith("_");
    }

    @Override
    public Set<String> abstractBases() {
        return Set.of();
    }

    @Override
    public Set<String> promises() {
        return Set.of();
    }

    @Override
    public Set<String> statics() {
        return Set.of();
    }

    @Override
    public boolean dropsArguments() {
        return true;
    }

    @Override
    public Set<String> classOperations() {
        return Set.of(Marks.STATIC);
    }

    @Override
    public Set<String> abstracts() {
        return Set.of(Marks.ABSTRACT);
    }

    @Override
    public Set<String> properties() {
        return Set.of(Marks.GETTER);
    }

    @Override
    public Set<String> remembering() {
        return Set.of();
    }

    @Override
    public Set<String> refusals() {
        return Set.of(REFUSAL);
    }

    @Override
    public Set<String> classMarks(ClassMark mark) {
        return Set.of(
                switch (mark) {
                    case PROMISE -> Marks.INTERFACE;
                    case FUNCTION -> Marks.FUNCTION;
                    case ABSTRACT -> Marks.ABSTRACT;
                    case ENUM -> Marks.ENUM;
                    case UNION -> Marks.UNION;
                });
    }

    @Override
    public Set<String> hiding(boolean fromAll) {
        return Set.of(fromAll ? Marks.PRIVATE : Marks.PROTECTED);
    }

    @Override
    public ContainerUse use(String operation) {
        return USES.getOrDefault(operation, ContainerUse.NONE);
    }

    @Override
    public FunctionUse function(String name) {
        return FUNCTIONS.getOrDefault(name, FunctionUse.NONE);
    }

    @Override
    public Set<Fact.LibraryTrait> traits(String name) {
        boolean chance = name.equals("Math.random")
                || name.startsWith("Date")
                || name.startsWith("performance.")
                || name.startsWith("setTimeout")
                || name.startsWith("setInterval")
                || name.endsWith("randomUUID");
        return chance ? EnumSet.of(Fact.LibraryTrait.CHANCE) : Set.of();
    }

    @Override
    public int contained(String annotation, int arguments) {
        Integer which = CONTAINED.get(annotation);
        return which == null ? -1 : which < 0 ? arguments - 1 : which;
    }

    @Override
    public boolean promisesAreGone() {
        return true;
    }

    @Override
    public boolean hasOpenMaps() {
        return true;
    }

    @Override
    public String container(Code.Display.Kind kind) {
        return switch (kind) {
            case LIST, TUPLE -> "Array";
            case SET -> "Set";
            case MAP -> OBJECT;
        };
    }

    @Override
    public String container(String name) {
        return switch (name) {
            case "Map", "ReadonlyMap", "WeakMap" -> "Map";
            case "Set", "ReadonlySet", "WeakSet" -> "Set";
            case "Record" -> OBJECT;
            case "Iterator", "Generator", "IterableIterator" -> "Iterator";
            default -> "Array";
        };
    }

    @Override
    public String typeOf(Code.Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> NUMBER;
            case TEXT -> TEXT;
            case TRUTH -> TRUTH;
        };
    }

    @Override
    public boolean isLibrary(String module) {
        return module.startsWith("node:");
    }

    @Override
    public Set<String> builtIns() {
        return BUILT_IN;
    }

    @Override
    public List<String> simpleTypes() {
        return List.of(NUMBER, TEXT, TRUTH, "bigint");
    }
}
