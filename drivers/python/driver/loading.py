"""The program's modules, taken in from texts; and what their types, functions and operations are called outside."""

import itertools
import ast
import importlib.abc
import importlib.machinery
import sys
import time
import types

from . import values
from .threads import Raised, TookTooLong
from .tracing import Operations

# by which modules at the top can say from . import
TOP = "handed_in"
IMPORTING = 1.5
ENTRY = "__main__"
# what the interpreter itself cannot do without
_NEEDED = {"sys", "builtins", "_thread", "_imp", "_io", "marshal", "posix", "zipimport", "os", "site", "io", "abc"}


class ImportTakesTooLong(BaseException):
    """What a module does when it is loaded was left off."""


class Program(importlib.abc.MetaPathFinder, importlib.abc.Loader):
    """What was handed in, by the names under which it is imported."""

    def __init__(self, plan, files):
        self.plan = plan
        self.paths = plan["modules"]
        self._sources = files
        self._codes = {}
        self.operations = Operations(set(self.paths.values()))
        self.packages = set()
        for name in self.paths:
            while "." in name:
                name = name.rpartition(".")[0]
                self.packages.add(name)
        self._describe()

    def _describe(self):
        first = {}
        imported = set()
        for name, path in self.paths.items():
            try:
                tree = ast.parse(self._sources[path], path)
            except (SyntaxError, ValueError):
                continue
            for node in ast.walk(tree):
                if isinstance(node, (ast.Import, ast.ImportFrom)):
                    imported.update(self._imported(name, node))
                if isinstance(node, (ast.FunctionDef, ast.AsyncFunctionDef)):
                    begins = node.decorator_list[0].lineno if node.decorator_list else node.lineno
                    for line in range(begins, node.lineno + 1):
                        first[path, line, node.name] = begins
        # what a person starts: what it shows is shown only then
        self._started = set(self.paths) - imported
        self.functions = {}
        for path, line, name, owner, call, static, skips, _ in self.plan["operations"]:
            self.operations.add(path, first.get((path, line, name), line), name, owner, call, bool(static), skips)
        for token, path, line, column, name, _ in self.plan["functions"]:
            begins = first.get((path, line, name), line)
            self.functions.setdefault((path, begins, name), []).append((column, token))
        self.classes = dict(self.plan["classes"])

    def _imported(self, name, node):
        """Names of the program's modules that an import means."""
        if isinstance(node, ast.Import):
            asked = [a.name for a in node.names]
        else:
            around = name.split(".")[: -node.level] if node.level else []
            base = ".".join(around + ([node.module] if node.module else []))
            asked = [base] + [(base + "." if base else "") + a.name for a in node.names]
        return {found for found in map(self.canonical, filter(None, asked)) if found}

    def code(self, name, started=False):
        """A module's code; raises SyntaxError as the interpreter does."""
        key = name, started
        if key not in self._codes:
            path = self.paths[name]
            tree = ast.parse(self._sources[path], path)
            if not started and name in self._started:
                tree.body = [s for s in tree.body if not _shows(s)]
            self._codes[key] = compile(tree, path, "exec", dont_inherit=True)
        return self._codes[key]

    def canonical(self, name):
        """The name by which a module is known, whatever folder it is imported from; None for none of the program's."""
        if name == TOP:
            return name
        if name.startswith(TOP + "."):
            name = name[len(TOP) + 1:]
        if name in self.paths or name in self.packages:
            return name
        ending = [p for p in list(self.paths) + sorted(self.packages) if p.endswith("." + name)]
        return ending[0] if len(ending) == 1 and name not in sys.stdlib_module_names else None

    # what the interpreter asks for

    def find_spec(self, name, path=None, target=None):
        found = self.canonical(name)
        if found is None:
            return None
        is_package = found == TOP or found in self.packages or self.paths.get(found, "").endswith("__init__.py")
        return importlib.machinery.ModuleSpec(name, self, is_package=is_package)

    def create_module(self, spec):
        found = self.canonical(spec.name)
        return importlib.import_module(found) if found != spec.name else None

    def exec_module(self, module):
        name = module.__spec__.name
        if module.__name__ != name or name not in self.paths:
            return
        module.__file__ = self.paths[name]
        if not module.__package__:
            module.__package__ = TOP
        exec(self.code(name), module.__dict__)


_LASTING = (ast.FunctionDef, ast.AsyncFunctionDef, ast.ClassDef, ast.Import, ast.ImportFrom)


def _shows(statement):
    """Whether a statement is there only to show what the program can do."""
    if isinstance(statement, ast.Expr):
        if not isinstance(statement.value, ast.Call):
            return False
        at = statement.value.func
        while isinstance(at, (ast.Attribute, ast.Call)):
            at = at.value if isinstance(at, ast.Attribute) else at.func
        # a class that is asked to keep what is registered
        of_class = isinstance(at, ast.Name) and at.id[:1].isupper() and isinstance(statement.value.func, ast.Attribute)
        return not of_class
    if isinstance(statement, (ast.For, ast.While, ast.With, ast.If, ast.Try)):
        return not any(isinstance(n, _LASTING) for n in ast.walk(statement))
    return False


class LoadedProgram:
    """A program while its objects live: its modules are imported when something of them is asked for."""

    def __init__(self, program, thread, tracer_of):
        self._program = program
        self._thread = thread
        self._tracer_of = tracer_of
        self._failed = {}
        self._doubles = {}
        self._main = None
        self._before = dict(sys.modules)
        self._patched = [(m, dict(m.__dict__)) for m in _stateful(self._before)]
        for name in set(program.paths) | {p.partition(".")[0] for p in program.paths}:
            if name not in _NEEDED:
                sys.modules.pop(name, None)
        sys.meta_path.insert(0, program)

    def forget(self):
        """Leaves the interpreter as it was before."""
        sys.meta_path[:] = [f for f in sys.meta_path if f is not self._program]
        for name in list(sys.modules):
            if name not in self._before:
                del sys.modules[name]
        sys.modules.update(self._before)
        for module, was in self._patched:
            now = module.__dict__
            for name in [n for n in now if n not in was]:
                del now[name]
            for name, value in was.items():
                if now.get(name) is not value:
                    now[name] = value

    # modules and types

    def module(self, name):
        """A module, imported where it was not; what it does when it is loaded is left off after a while."""
        if name == self._main and ENTRY in sys.modules:
            return sys.modules[ENTRY]
        if name in sys.modules and name not in self._before or name in self._failed:
            return sys.modules.get(name)
        tracer = self._tracer_of()
        tracer.too_long = ImportTakesTooLong
        tracer.clock = time.monotonic
        tracer.deadline = time.monotonic() + IMPORTING
        made = []
        try:
            self._thread.call_within(IMPORTING * 1.5, self._import, name, made)
        except TookTooLong:
            pass
        finally:
            tracer.deadline = None
        return sys.modules.get(name)

    def _import(self, name, made):
        program = self._program
        spec = program.find_spec(name)
        module = types.ModuleType(name)
        module.__spec__, module.__loader__ = spec, program
        module.__package__ = name.rpartition(".")[0] or TOP
        if name in program.paths and not program.paths[name].endswith("__init__.py"):
            pass
        elif spec.submodule_search_locations is not None:
            module.__path__ = []
            module.__package__ = name
        parent = name.rpartition(".")[0]
        if parent:
            importlib.import_module(parent)
        sys.modules[name] = module
        try:
            program.exec_module(module)
        except ImportTakesTooLong:
            pass
        except BaseException as error:
            # what it had declared by then is there
            self._failed[name] = error

    def run_as_main(self, name, arguments):
        """Runs a module as what was started, in the program's thread."""
        program = self._program
        self._main = name
        module = types.ModuleType(ENTRY)
        module.__file__ = program.paths[name]
        module.__package__ = name.rpartition(".")[0] or TOP
        module.__loader__ = program
        sys.modules[ENTRY] = module
        sys.argv[:] = [program.paths[name]] + list(arguments)
        exec(program.code(name, True), module.__dict__)

    def place(self, token):
        """The module's name that a type's token begins with, and the rest."""
        name = token
        while name and name not in self._program.paths:
            name = name.rpartition(".")[0]
        return name, token[len(name) + 1:]

    def standing_as(self, token):
        """What stands under a type's name in its module: the type, or what decorates it."""
        if token in self._doubles:
            return self._doubles[token]
        name, rest = self.place(token)
        if not name:
            return values.library(token)
        found = self.module(name)
        if found is None or rest and not hasattr(found, rest.partition(".")[0]) and name in self._failed:
            raise Raised(self._failed.get(name) or ImportError(name))
        for part in rest.split(".") if rest else ():
            found = self._thread.call(getattr, found, part.partition("-")[0])
        return found

    def type_of(self, token):
        """The same, for a value that is to be handed over."""
        return self.standing_as(token)

    def modules(self):
        """Those that were imported, in order."""
        return [m for n, m in list(sys.modules.items()) if n in self._program.paths or n == ENTRY]

    # what things are called outside

    def class_token(self, kind):
        """Token of a class."""
        return self._class(kind)

    def is_own(self, kind):
        """Whether a class is the program's."""
        module = values.module_of(kind)
        return module in self._program.paths or module == ENTRY

    def of(self, value):
        """Token of a value's type."""
        kind = type(value)
        if kind is types.MethodType:
            return self._function(value.__func__) or "method"
        if kind is types.FunctionType:
            return self._function(value) or "function"
        if values.isinstance_of(value, type):
            return self._program.classes.get(self._class(value), "type")
        return self._class(kind)

    def _class(self, kind):
        token = values.qualified(kind)
        if token.startswith(ENTRY + ".") and self._main:
            token = self._main + token[len(ENTRY):]
        return token

    def _function(self, function):
        double = function.__dict__.get("double")
        if type(double) is str:
            return double
        code = getattr(function, "__code__", None)
        if code is None:
            return None
        found = self._program.functions.get((code.co_filename, code.co_firstlineno, code.co_name))
        if found is None or len(found) == 1:
            return found[0][1] if found else None
        column = min((c for _, _, c, _ in code.co_positions() if c), default=0)
        fitting = [t for at, t in sorted(found) if at <= column]
        return fitting[-1] if fitting else found[0][1]

    def named(self, value):
        """What a value is, for people."""
        kind = type(value)
        if kind in (types.FunctionType, types.BuiltinFunctionType):
            return "a lambda" if value.__name__ == "<lambda>" else "the function " + value.__name__
        if kind is types.MethodType:
            return "the operation %s of %s" % (value.__func__.__name__, self.named(value.__self__))
        if values.isinstance_of(value, type):
            return "the class " + value.__name__
        if kind is types.ModuleType:
            return "the module " + value.__name__
        name = values.qualified(kind).rpartition(".")[2]
        if name.endswith(values.OTHER):
            name = "unseen " + name[: -len(values.OTHER)]
        return ("an " if name[0] in "AEIOUaeiou" else "a ") + name

    # doubles

    def add_double(self, token, shape, tracer):
        """Takes in the type of a double."""
        if shape["function"]:
            self._doubles[token] = function_double(token, shape, tracer)
            return
        base = self.standing_as(shape["of"]) if shape["derives"] else object
        bases = (base,) if isinstance(base, type) else (object,)
        members = {"__module__": shape["of"].rpartition(".")[0]}
        for name, parameters, result, is_property in shape["operations"]:
            key = "%s(%s)%s" % (name, ",".join("?" * len(parameters)), result)
            asked = asking(tracer, key, parameters, 1)
            asked.__name__ = name
            declared = next((k.__dict__[name] for k in bases[0].__mro__ if name in k.__dict__), None)
            is_property = is_property or isinstance(declared, property)
            members[name] = property(asked) if is_property else asked
        if not shape["derives"]:
            members.update((name, held(name, type)) for name, type in shape["fields"])
        name = shape["of"].rpartition(".")[2].rpartition(":")[2]
        made = self._thread.call(types.new_class, name + values.OTHER, bases, {}, lambda space: space.update(members))
        made.__abstractmethods__ = frozenset()
        made.__qualname__ = name + values.OTHER
        self._doubles[token] = made


def _stateful(modules):
    """Modules of the library that a program could change for those that come after."""
    return [m for n, m in modules.items() if type(m) is types.ModuleType and n not in ("sys", "driver")]


def asking(tracer, key, parameters, skips):
    """A function that tells that it was called, and gives back what it shall."""

    def asked(*given, **named):
        told = list(given[skips:])
        for name in parameters[len(told):]:
            told.append(named.pop(name, None))
        return tracer.asked(given[0] if skips else asked, key, told + list(named.values()))

    return asked


_numbers = itertools.count(1)


def held(field, type):
    """A field of a double: no two alike, so that one is not taken for the other. It is none of the double's state."""
    kept = {}

    def read(double):
        if id(double) not in kept:
            number = next(_numbers)
            usual = {"int": number, "float": float(number), "bool": True, "str": "%s %d" % (field, number)}
            kept[id(double)] = usual.get("str" if type == "any" else type)
        return kept[id(double)]

    def write(double, value):
        kept[id(double)] = value

    return property(read, write)


def function_double(token, shape, tracer):
    """Makes functions, or operations of objects, that stand as values."""
    name, parameters, result, _ = shape["operations"][0]
    key = "%s(%s)%s" % (name, ",".join("?" * len(parameters)), result)

    def make():
        asked = asking(tracer, key, parameters, 0)
        asked.__dict__["double"] = token
        asked.__name__ = "unseen"
        if not shape["bound"]:
            return asked

        class Holder:
            def unseen(self, *given, **named):
                return asked(*given, **named)

        Holder.unseen.__dict__["double"] = token
        held = Holder()
        bound = held.unseen
        tracer.stands_for(asked, bound)
        return bound

    return make
