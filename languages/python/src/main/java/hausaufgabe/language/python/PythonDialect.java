package hausaufgabe.language.python;

import hausaufgabe.core.design.Fact;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Dialect;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What matters to a design of Python's names. */
final class PythonDialect implements Dialect {

    private static final Set<String> UNIVERSAL = Set.of(
            "__str__",
            "__repr__",
            "__eq__",
            "__ne__",
            "__hash__",
            "__format__",
            "__bool__",
            "__lt__",
            "__le__",
            "__gt__",
            "__ge__",
            "__sizeof__",
            "__dir__",
            "__getstate__",
            "__setstate__",
            "__reduce__");

    private static final Map<String, ContainerUse> USES = Map.ofEntries(
            Map.entry("append", ContainerUse.PUT),
            Map.entry("appendleft", ContainerUse.PUT),
            Map.entry("add", ContainerUse.PUT),
            Map.entry("insert", ContainerUse.PUT_AT),
            Map.entry("put", ContainerUse.PUT),
            Map.entry("put_nowait", ContainerUse.PUT),
            Map.entry("extend", ContainerUse.PUT_ALL),
            Map.entry("update", ContainerUse.PUT_ALL),
            Map.entry("setdefault", ContainerUse.PICK),
            Map.entry("remove", ContainerUse.REMOVE),
            Map.entry("discard", ContainerUse.REMOVE),
            Map.entry("clear", ContainerUse.REMOVE),
            Map.entry("pop", ContainerUse.TAKE),
            Map.entry("popleft", ContainerUse.TAKE),
            Map.entry("popitem", ContainerUse.TAKE),
            Map.entry("get", ContainerUse.PICK),
            Map.entry("get_nowait", ContainerUse.TAKE),
            Map.entry("values", ContainerUse.VIEW),
            Map.entry("items", ContainerUse.VIEW),
            Map.entry("keys", ContainerUse.VIEW),
            Map.entry("copy", ContainerUse.COPY));

    private static final Map<String, FunctionUse> FUNCTIONS = Map.ofEntries(
            Map.entry("list", FunctionUse.COPY),
            Map.entry("tuple", FunctionUse.COPY),
            Map.entry("set", FunctionUse.COPY),
            Map.entry("frozenset", FunctionUse.COPY),
            Map.entry("dict", FunctionUse.COPY),
            Map.entry("sorted", FunctionUse.COPY),
            Map.entry("copy.copy", FunctionUse.COPY),
            Map.entry("copy.deepcopy", FunctionUse.COPY),
            Map.entry("collections.deque", FunctionUse.COPY),
            Map.entry("collections.OrderedDict", FunctionUse.COPY),
            Map.entry("collections.defaultdict", FunctionUse.CONTAINER),
            Map.entry("collections.Counter", FunctionUse.CONTAINER),
            Map.entry("weakref.WeakSet", FunctionUse.CONTAINER),
            Map.entry("weakref.WeakKeyDictionary", FunctionUse.CONTAINER),
            Map.entry("weakref.WeakValueDictionary", FunctionUse.CONTAINER),
            Map.entry("queue.Queue", FunctionUse.CONTAINER),
            Map.entry("reversed", FunctionUse.VIEW),
            Map.entry("iter", FunctionUse.VIEW),
            Map.entry("enumerate", FunctionUse.VIEW),
            Map.entry("next", FunctionUse.PICK),
            Map.entry("max", FunctionUse.PICK),
            Map.entry("min", FunctionUse.PICK),
            Map.entry("random.choice", FunctionUse.PICK),
            Map.entry("functools.partial", FunctionUse.SAME),
            Map.entry("weakref.ref", FunctionUse.WEAK),
            Map.entry("weakref.WeakMethod", FunctionUse.WEAK),
            Map.entry("weakref.proxy", FunctionUse.VIEW),
            Map.entry("map", FunctionUse.APPLIES),
            Map.entry("filter", FunctionUse.APPLIES),
            Map.entry("functools.reduce", FunctionUse.APPLIES),
            Map.entry("isinstance", FunctionUse.IS_A),
            Map.entry("issubclass", FunctionUse.IS_A),
            Map.entry("sum", FunctionUse.COMPUTES),
            Map.entry("len", FunctionUse.COMPUTES),
            Map.entry("any", FunctionUse.COMPUTES),
            Map.entry("all", FunctionUse.COMPUTES),
            Map.entry("round", FunctionUse.COMPUTES),
            Map.entry("abs", FunctionUse.COMPUTES),
            Map.entry("str", FunctionUse.COMPUTES),
            Map.entry("int", FunctionUse.COMPUTES),
            Map.entry("float", FunctionUse.COMPUTES),
            Map.entry("bool", FunctionUse.COMPUTES),
            Map.entry("repr", FunctionUse.COMPUTES),
            Map.entry("print", FunctionUse.COMPUTES),
            Map.entry("range", FunctionUse.COMPUTES));

    /** Containers in annotations, with which of their arguments they contain; -1 for the last. */
    private static final Map<String, Integer> CONTAINED = Map.ofEntries(
            Map.entry("list", 0),
            Map.entry("List", 0),
            Map.entry("set", 0),
            Map.entry("Set", 0),
            Map.entry("frozenset", 0),
            Map.entry("FrozenSet", 0),
            Map.entry("tuple", 0),
            Map.entry("Tuple", 0),
            Map.entry("deque", 0),
            Map.entry("Deque", 0),
            Map.entry("Sequence", 0),
            Map.entry("MutableSequence", 0),
            Map.entry("Iterable", 0),
            Map.entry("Iterator", 0),
            Map.entry("Collection", 0),
            Map.entry("Generator", 0),
            Map.entry("AbstractSet", 0),
            Map.entry("WeakSet", 0),
            Map.entry("Queue", 0),
            Map.entry("dict", -1),
            Map.entry("Dict", -1),
            Map.entry("defaultdict", -1),
            Map.entry("DefaultDict", -1),
            Map.entry("OrderedDict", -1),
            Map.entry("Mapping", -1),
            Map.entry("MutableMapping", -1));

    private static final Set<String> LIBRARY = Set.of(
            "__future__",
            "abc",
            "argparse",
            "array",
            "asyncio",
            "atexit",
            "base64",
            "bisect",
            "builtins",
            "calendar",
            "collections",
            "concurrent",
            "contextlib",
            "copy",
            "csv",
            "ctypes",
            "dataclasses",
            "datetime",
            "decimal",
            "difflib",
            "enum",
            "fractions",
            "functools",
            "gc",
            "getpass",
            "glob",
            "hashlib",
            "heapq",
            "hmac",
            "html",
            "http",
            "importlib",
            "inspect",
            "io",
            "itertools",
            "json",
            "logging",
            "math",
            "multiprocessing",
            "numbers",
            "operator",
            "os",
            "pathlib",
            "pickle",
            "platform",
            "pprint",
            "queue",
            "random",
            "re",
            "sched",
            "secrets",
            "selectors",
            "shutil",
            "signal",
            "socket",
            "sqlite3",
            "statistics",
            "string",
            "struct",
            "subprocess",
            "sys",
            "tempfile",
            "textwrap",
            "threading",
            "time",
            "timeit",
            "tkinter",
            "traceback",
            "turtle",
            "types",
            "typing",
            "typing_extensions",
            "unittest",
            "urllib",
            "uuid",
            "warnings",
            "weakref",
            "xml",
            "zipfile",
            "zoneinfo");

    private static final Set<String> BUILT_IN = Set.of(
            "object",
            "int",
            "float",
            "str",
            "bool",
            "bytes",
            "bytearray",
            "complex",
            "list",
            "tuple",
            "set",
            "frozenset",
            "dict",
            "type",
            "range",
            "enumerate",
            "zip",
            "map",
            "filter",
            "reversed",
            "sorted",
            "iter",
            "next",
            "max",
            "min",
            "sum",
            "len",
            "any",
            "all",
            "abs",
            "round",
            "pow",
            "divmod",
            "print",
            "input",
            "open",
            "repr",
            "format",
            "hash",
            "id",
            "isinstance",
            "issubclass",
            "callable",
            "getattr",
            "setattr",
            "hasattr",
            "delattr",
            "vars",
            "dir",
            "super",
            "staticmethod",
            "classmethod",
            "property",
            "chr",
            "ord",
            "hex",
            "oct",
            "bin",
            "ascii",
            "eval",
            "exec",
            "compile",
            "globals",
            "locals",
            "slice",
            "memoryview",
            "NotImplemented",
            "Ellipsis",
            "__name__",
            "__file__",
            "__doc__",
            "Exception",
            "BaseException",
            "ValueError",
            "TypeError",
            "KeyError",
            "IndexError",
            "LookupError",
            "AttributeError",
            "RuntimeError",
            "NotImplementedError",
            "StopIteration",
            "ArithmeticError",
            "ZeroDivisionError",
            "OverflowError",
            "OSError",
            "IOError",
            "FileNotFoundError",
            "PermissionError",
            "AssertionError",
            "ImportError",
            "NameError",
            "UnicodeError",
            "TimeoutError",
            "ConnectionError",
            "KeyboardInterrupt",
            "SystemExit",
            "Warning",
            "DeprecationWarning",
            "UserWarning",
            "RecursionError",
            "StopAsyncIteration",
            "GeneratorExit",
            "EOFError",
            "BufferError",
            "MemoryError",
            "exit",
            "quit");

    @Override
    public String constructor() {
        return "__init__";
    }

    @Override
    public Set<String> universal() {
        return UNIVERSAL;
    }

    @Override
    public boolean namesSelf() {
        return true;
    }

    @Override
    public String above() {
        return "super";
    }

    @Override
    public boolean isPrivate(String name) {
        return name.startsWith("_") && !name.endsWith("__");
    }

    @Override
    public Set<String> abstractBases() {
        return Set.of("abc.ABC", "abc.ABCMeta");
    }

    @Override
    public Set<String> promises() {
        return Set.of("typing.Protocol", "typing_extensions.Protocol");
    }

    @Override
    public Set<String> statics() {
        return Set.of("staticmethod");
    }

    @Override
    public String toldOfClassesBelow() {
        return "__init_subclass__";
    }

    @Override
    public Set<String> deferring() {
        return Set.of("contextmanager", "asynccontextmanager");
    }

    @Override
    public Set<String> classOperations() {
        return Set.of("classmethod");
    }

    @Override
    public Set<String> abstracts() {
        return Set.of("abstractmethod", "abstractproperty");
    }

    @Override
    public Set<String> properties() {
        return Set.of("property", "cached_property", "abstractproperty");
    }

    @Override
    public Set<String> remembering() {
        return Set.of("cache", "lru_cache");
    }

    @Override
    public Set<String> refusals() {
        return Set.of("NotImplementedError");
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
        boolean chance = name.startsWith("random.")
                || name.startsWith("secrets.")
                || name.startsWith("time.")
                || name.startsWith("threading.")
                || name.endsWith(".now")
                || name.endsWith(".today")
                || name.startsWith("uuid.");
        return chance ? EnumSet.of(Fact.LibraryTrait.CHANCE) : Set.of();
    }

    @Override
    public int contained(String annotation, int arguments) {
        Integer which = CONTAINED.get(annotation);
        return which == null ? -1 : which < 0 ? arguments - 1 : which;
    }

    @Override
    public String typeOf(Code.Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> literal.text().matches("-?[0-9_]+|-?0[xXoObB].*") ? "int" : "float";
            case TEXT -> "str";
            case TRUTH -> "bool";
        };
    }

    @Override
    public String container(Code.Display.Kind kind) {
        return switch (kind) {
            case LIST -> "list";
            case SET -> "set";
            case MAP -> "dict";
            case TUPLE -> "tuple";
        };
    }

    @Override
    public String container(String name) {
        return switch (name) {
            case "dict", "Dict", "defaultdict", "DefaultDict", "OrderedDict", "Mapping", "MutableMapping" -> "dict";
            case "set", "Set", "frozenset", "FrozenSet", "AbstractSet", "WeakSet" -> "set";
            case "tuple", "Tuple" -> "tuple";
            case "deque", "Deque" -> "collections.deque";
            case "Iterator", "Generator" -> "iterator";
            default -> "list";
        };
    }

    @Override
    public boolean isLibrary(String module) {
        return LIBRARY.contains(module.replaceFirst("\\..*", ""));
    }

    @Override
    public Set<String> builtIns() {
        return BUILT_IN;
    }

    @Override
    public List<String> simpleTypes() {
        return List.of("int", "float", "str", "bool", "bytes", "complex");
    }
}
