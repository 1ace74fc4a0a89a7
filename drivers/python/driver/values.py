"""Values on their way in and out. On the way out none of the program's code is run."""

import builtins
import collections
import datetime
import enum
import functools
import importlib
import re
import sys
import types
import weakref
import zlib

# what the names of doubles' types end with
OTHER = "_other"
LONGEST_KEPT = 1000
LONGEST_SHOWN = 200
MOST_BITS = 4000
ITEMS = 30
SHOWN_ITEMS = 10
DEPTH = 3
DRAWN = 1000

_NUMBERS = {"int", "float", "complex", "decimal.Decimal", "fractions.Fraction"}
# their text says all of them, and there is a way back
_SHOWN_WHOLE = {
    "datetime.date": lambda v: v.isoformat(),
    "datetime.time": lambda v: v.isoformat(),
    "datetime.datetime": lambda v: v.isoformat(),
    "datetime.timedelta": lambda v: str(v.total_seconds()),
    "uuid.UUID": str,
    "pathlib.PosixPath": str,
    "bytes": lambda v: kept(v.decode("latin-1")),
}
_SEVERAL = (list, tuple, set, frozenset, collections.deque)
_LOOKS = (type({}.keys()), type({}.values()), type({}.items()))
_DRAWN = (
    types.GeneratorType,
    map,
    filter,
    zip,
    reversed,
    enumerate,
    type(iter([])),
    type(iter(())),
    type(iter(set())),
    type(iter({})),
    type(iter({}.values())),
    type(iter({}.items())),
    type(iter("")),
)
_OF_LIBRARY = {"builtins", "decimal", "fractions", "datetime", "uuid", "pathlib"}
_NAMED = type.__dict__["__qualname__"].__get__
_MODULE = type.__dict__["__module__"].__get__
_MRO = type.__dict__["__mro__"].__get__
_ATTRIBUTES = object.__getattribute__


def kept(text):
    """The text, or its beginning with its length and a sum that tells it from others that begin alike."""
    if len(text) <= LONGEST_KEPT:
        return text
    total = zlib.crc32(text.encode("utf-8", "surrogatepass"))
    return "%s… (%d characters, sum %x)" % (text[:LONGEST_KEPT], len(text), total)


def cut(text):
    """The beginning of a text for people."""
    return text if len(text) <= LONGEST_SHOWN else "%s… (%d characters)" % (text[:LONGEST_SHOWN], len(text))


def number(value):
    """A number as its text. Working out the digits of one of millions of them would take ages."""
    if type(value) is int and value.bit_length() > MOST_BITS:
        return "a number of %d bits, sum %x" % (value.bit_length(), hash(value))
    if qualified(type(value)) == "decimal.Decimal" and abs(value.adjusted()) < LONGEST_KEPT:
        return format(value, "f")
    return kept(repr(value) if type(value) in (int, float) else str(value))


def qualified(kind):
    """A class's qualified name, whatever the class says of itself."""
    name, module = _NAMED(kind), _MODULE(kind)
    return name if module == "builtins" or type(module) is not str else module + "." + name


def module_of(kind):
    """The module that a class says it stands in."""
    module = _MODULE(kind)
    return module if type(module) is str else ""


def line_of(kind):
    """The class and what is above it, near ones first."""
    return _MRO(kind)


def is_number(kind):
    """Whether a class is one of the language's for numbers."""
    return kind is int or kind is float or _is_library(kind) and qualified(kind) in _NUMBERS


def shown_whole(kind):
    """What makes a text of a value that says all of it; None where there is no such."""
    return _SHOWN_WHOLE.get(qualified(kind)) if _is_library(kind) else None


def _is_library(kind):
    """Whether a class is what the module that it names has under its name."""
    module = sys.modules.get(module_of(kind))
    return module is not None and getattr(module, kind.__name__, None) is kind and module_of(kind) in _OF_LIBRARY


class ObjectTable:
    """Objects by number: the same object always has the same one."""

    def __init__(self):
        self._numbers = {}
        self._objects = []
        self.seen = None

    def number(self, value):
        """Its number; an operation of an object that stands as a value is one with its like."""
        if type(value) is types.MethodType:
            key = (id(value.__self__), id(value.__func__))
        else:
            key = id(value)
        found = self._numbers.get(key)
        if found is None:
            found = self._numbers[key] = len(self._objects)
            # an operation of an object is made anew each time that it is asked for, and so it is here
            kept = _Operation(value) if type(value) is types.MethodType else value
            self._objects.append(kept)
            if self.seen is not None:
                self.seen(value, found)
        return found

    def get(self, which):
        """The object of a number."""
        found = self._objects[which]
        return types.MethodType(found.function, found.of) if type(found) is _Operation else found


class _Operation:
    """An operation of an object that stands as a value."""

    def __init__(self, bound):
        self.of = bound.__self__
        self.function = bound.__func__


class ValueCodec:
    """Tells values, and takes in those that are told."""

    def __init__(self, objects, tokens):
        self._objects = objects
        self._tokens = tokens
        self.opened = False
        self.characters = 0

    def token(self, value):
        """The token of a value's type."""
        return self._tokens.of(value)

    def out_all(self, values):
        return [self.out(v) for v in values]

    def out(self, value, depth=0):
        """A value as the protocol tells it."""
        kind = type(value)
        if value is None:
            return {"n": True}
        if kind is bool:
            return self._simple("bool", "truth", "true" if value else "false")
        if is_number(kind):
            return self._simple(qualified(kind), "number", number(value))
        if kind is str:
            return self._simple("str", "text", kept(value))
        token, shown = self._tokens.of(value), Shown(self._tokens).of(value)
        self.characters += len(token) + len(shown)
        told = {"type": token, "ref": self._objects.number(value), "shown": shown}
        if self.opened and depth < DEPTH:
            held = items(value)
            if held is not None:
                told["items"] = [self.out(v, depth + 1) for v in held]
        return told

    def _simple(self, kind, sort, text):
        self.characters += len(kind) + len(text)
        return {"type": kind, "kind": sort, "s": text}

    def taken(self, given):
        """A value that was told, as an object."""
        if given is None:
            return None
        if "ref" in given:
            return self._objects.get(given["ref"])
        if given.get("itself"):
            return ITSELF
        if "items" in given:
            return several(given["type"], [self.taken(i) for i in given["items"]])
        if "operation" in given:
            return self._parsed(given["type"], given["operation"], given["text"])
        return simple(given["type"], given["text"])

    def _parsed(self, kind, operation, text):
        if operation == "class":
            return self._tokens.type_of(text)
        if operation == "seconds":
            return datetime.timedelta(seconds=float(text))
        if kind == "bytes":
            return text.encode("latin-1")
        of = library("pathlib.Path" if kind == "pathlib.PosixPath" else kind)
        return of(text) if operation == "new" else getattr(of, operation)(text)


def library(token):
    """Something of the language's own, by its qualified name."""
    module, _, name = token.rpartition(".")
    return getattr(importlib.import_module(module), name) if module else getattr(builtins, name)


ITSELF = object()


def simple(kind, text):
    """A number, text or truth value."""
    if kind == "int":
        return int(text)
    if kind == "float":
        return float(text)
    if kind == "bool":
        return text == "true"
    if kind == "complex":
        return complex(text)
    if kind in ("decimal.Decimal", "fractions.Fraction"):
        return library(kind)(text)
    return text


def several(kind, given):
    """A container."""
    if kind in ("dict", "collections.OrderedDict", "collections.defaultdict"):
        return dict(zip(given[::2], given[1::2]))
    if kind == "iterator":
        return iter(given)
    made = {"tuple": tuple, "set": set, "frozenset": frozenset, "collections.deque": collections.deque}.get(kind, list)
    try:
        return made(given)
    except TypeError:
        # what cannot be hashed cannot stand in a set
        return list(given)


def items(value):
    """What a container of the language holds, of a map keys and values in turn; None for what is none or holds too much."""
    kind = type(value)
    try:
        if kind in (dict, collections.OrderedDict, collections.defaultdict, types.MappingProxyType):
            if len(value) > ITEMS:
                return None
            return [part for pair in list(value.items()) for part in pair]
        if kind in _SEVERAL or kind in _LOOKS:
            return None if len(value) > ITEMS else list(value)
    except RuntimeError:
        # changed while it is read
        return None
    return None


def drawn(value):
    """What would only be worked out when it is asked for, worked out, up to a thousand of it. Runs the program's code."""
    if type(value) in _DRAWN:
        all_of_it = []
        for item in value:
            all_of_it.append(item)
            if len(all_of_it) >= DRAWN:
                break
        return all_of_it
    return list(value) if type(value) in _LOOKS else value


class Shown:
    """Values as short texts for people. None of the program's code is run for it."""

    def __init__(self, tokens):
        self._tokens = tokens
        self._within = set()

    def of(self, value):
        try:
            return cut(self._show(value, 0))
        except Exception:
            return "something that cannot be shown"

    def _show(self, value, depth):
        kind = type(value)
        if value is None or kind is bool:
            return str(value)
        if kind is str:
            return '"' + cut(value) + '"'
        if is_number(kind):
            return number(value)
        whole = shown_whole(kind)
        if whole is not None:
            return whole(value)
        if isinstance_of(value, enum.Enum):
            return _NAMED(kind) + "." + str(_ATTRIBUTES(value, "_name_"))
        if depth >= DEPTH or id(value) in self._within:
            return "itself" if depth < DEPTH else "…"
        self._within.add(id(value))
        try:
            held = items(value)
            if held is None:
                return self._tokens.named(value)
            if kind in (dict, collections.OrderedDict, collections.defaultdict, types.MappingProxyType):
                pairs = list(zip(held[::2], held[1::2]))
                parts = [self._show(k, depth + 1) + ": " + self._show(v, depth + 1) for k, v in pairs[:SHOWN_ITEMS]]
                return self._end("{", parts, len(pairs), "}")
            around = "()" if kind is tuple else "{}" if kind in (set, frozenset) else "[]"
            parts = [self._show(v, depth + 1) for v in held[:SHOWN_ITEMS]]
            return self._end(around[0], parts, len(held), around[1])
        finally:
            self._within.discard(id(value))

    @staticmethod
    def _end(opening, parts, size, closing):
        more = ", and %d more" % (size - SHOWN_ITEMS) if size > SHOWN_ITEMS else ""
        return opening + ", ".join(parts) + more + closing


def isinstance_of(value, kind):
    """Whether it is one, asked of its class's line and not of itself."""
    return kind in _MRO(type(value))


def attributes(value):
    """What an object keeps, by name, read without running the program's code."""
    found = {}
    try:
        own = _ATTRIBUTES(value, "__dict__")
        if type(own) is dict:
            found.update(own)
    except AttributeError:
        pass
    for kind in _MRO(type(value)):
        slots = kind.__dict__.get("__slots__", ())
        for name in (slots,) if type(slots) is str else slots:
            stored = "_" + kind.__name__.lstrip("_") + name if re.match("__.*[^_]_?$", name) else name
            member = kind.__dict__.get(stored)
            if type(member) is types.MemberDescriptorType:
                try:
                    found[stored] = member.__get__(value)
                except AttributeError:
                    pass
    return found


class ObjectState:
    """All that an object keeps, also in objects it leads to, as texts by the way to them."""

    MOST = 600

    def __init__(self, tokens, unread):
        self._tokens = tokens
        self._found = {}
        self._seen = {id(o): "…" for o in unread}
        self._kept = list(unread)
        self._waiting = collections.deque()

    def of(self, value):
        self._seen.pop(id(value), None)
        self._take("", value)
        while self._waiting and len(self._found) < self.MOST:
            way, value = self._waiting.popleft()
            try:
                self._open(way, value)
            except RuntimeError:
                self._found[way + ".!"] = "could not be read"
        return self._found

    def _take(self, way, value):
        kind = type(value)
        if value is None or kind is bool:
            self._found[way] = str(value)
        elif kind is str:
            self._found[way] = kept(value)
        elif is_number(kind):
            self._found[way] = number(value)
        elif shown_whole(kind) is not None:
            self._found[way] = shown_whole(kind)(value)
        elif isinstance_of(value, enum.Enum):
            self._found[way] = str(_ATTRIBUTES(value, "_name_"))
        elif kind is types.MethodType:
            self._found[way] = "operation " + value.__func__.__name__
            self._take(way + ".of", value.__self__)
        elif id(value) in self._seen:
            self._found[way] = "→" + self._seen[id(value)]
        else:
            self._seen[id(value)] = way
            self._kept.append(value)
            self._found[way] = self._tokens.of(value)
            self._waiting.append((way, value))

    def _open(self, way, value):
        below = way + "." if way else ""
        kind = type(value)
        if isinstance_of(value, dict) or kind is types.MappingProxyType:
            pairs = list(dict.items(value)) if isinstance_of(value, dict) else list(value.items())
            for i, (key, held) in enumerate(pairs):
                self._take("%s%d.key" % (below, i), key)
                self._take("%s%d.value" % (below, i), held)
        elif any(isinstance_of(value, k) for k in _SEVERAL):
            base = next(k for k in _SEVERAL if isinstance_of(value, k))
            held = base.__iter__(value)
            if base in (set, frozenset):
                # in no order of its own
                held = sorted(held, key=lambda v: (str(type(v)), str(v) if type(v) in (str, int, float) else ""))
            for i, item in enumerate(held):
                self._take(below + str(i), item)
        elif kind is types.FunctionType:
            for name, cell in zip(value.__code__.co_freevars, value.__closure__ or ()):
                try:
                    self._take(below + name, cell.cell_contents)
                except ValueError:
                    pass
        elif kind is functools.partial:
            self._take(below + "function", value.func)
            for i, item in enumerate(value.args):
                self._take(below + str(i), item)
        elif kind in (weakref.ref, weakref.WeakMethod):
            self._take(below + "to", weakref.ref.__call__(value))
        elif isinstance_of(value, weakref.WeakSet):
            for i, ref in enumerate(list(_ATTRIBUTES(value, "data"))):
                self._take(below + str(i), ref())
        elif kind in (type, types.ModuleType) or isinstance_of(value, type):
            return
        if kind not in (types.FunctionType, types.BuiltinFunctionType):
            for name, held in list(attributes(value).items()):
                self._take(below + name, held)
