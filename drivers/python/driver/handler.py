"""Does one request after another on the program's objects."""

import base64
import dis
import importlib.util
import io
import os
import sys
import threading
import time
import types
from json import dumps, loads

from . import values
from .loading import LoadedProgram, Program
from .threads import ProgramThread, Raised, together
from .tracing import CallTracer, OutputCapture, written_order

FILES = 20
LONGEST_FILE = 64 << 10
JOINED = 2.0
_EMPTY = {"modules": {}, "operations": [], "functions": [], "classes": {}, "doubles": {}}
_PLAIN = {"int": 0, "float": 0.0, "bool": False, "str": ""}
# raised by the interpreter where nobody looked out, whatever it was given
_ACCIDENTS = (ZeroDivisionError, IndexError, UnboundLocalError, NameError)


class Refused(Exception):
    """What was asked for cannot be done."""


def serve(handler, take, give):
    """Answers requests for ever."""
    while True:
        give(handler.answer(take()))


class RequestHandler:
    """Holds one program and its objects."""

    def __init__(self, output):
        self._output = output
        self._printing = OutputCapture(output)
        self._program = Program(_EMPTY, {})
        self._loaded = None
        self._thread = ProgramThread(self._thread_begins)
        self._tracer = None
        self._idents = {}
        self._start()

    # what every thread of the program begins with

    def _thread_begins(self):
        if self._tracer is not None:
            self._tracer.first_thread(threading.get_ident())
        sys.settrace(self._trace)

    def _other_begins(self):
        sys.settrace(self._trace)

    def _trace(self, frame, event, argument):
        return self._tracer.trace(frame, event, argument)

    # requests

    def answer(self, line):
        """The answer's text, without the secret."""
        request = loads(line)
        told = {"id": request.get("id")}
        try:
            told["value"] = self._perform(request)
        except Raised as raised:
            told["thrown"] = self._thrown(raised.error, False)
        except Exception as error:
            told["thrown"] = self._thrown(error, True)
        told["events"] = self._tracer.take()
        told["flooded"] = self._printing.flooded()
        return dumps(told).encode("ascii")

    def _perform(self, request):
        does = getattr(self, "_do_" + request.get("do", ""), None)
        if does is None:
            raise Refused("unknown request")
        return does(request)

    def _do_load(self, request):
        parts = {n: base64.b64decode(c) for n, c in request["program"].items()}
        plan = loads(parts.pop(".plan", b"null")) or _EMPTY
        self._program = Program(plan, parts)
        return self._start()

    def _do_forget(self, request):
        return self._start()

    def _start(self):
        """Forgets all objects and what the program had changed: its modules begin anew."""
        if self._loaded is not None:
            self._tracer.end()
            self._loaded.forget()
        self._objects = values.ObjectTable()
        self._loaded = LoadedProgram(self._program, self._thread, lambda: self._tracer)
        self._values = values.ValueCodec(self._objects, self._loaded)
        self._tracer = CallTracer(
            self._objects,
            self._values,
            self._printing,
            self._program.operations,
            self._loaded,
            lambda kind: _PLAIN.get(kind),
        )
        sys.stdin = io.StringIO("")
        sys.stdout, sys.stderr = sys.__stdout__, sys.__stderr__ = self._printing.streams()
        threading.settrace(self._trace)
        self._thread.call(self._thread_begins)
        self._tracer.first_thread(threading.get_ident())
        return None

    def _do_add(self, request):
        shape = loads(base64.b64decode(request["content"]))
        self._loaded.add_double(request["type"], shape, self._tracer)
        return None

    def _do_construct(self, request):
        make = self._loaded.standing_as(request["type"])
        given = [self._values.taken(a) for a in request["arguments"]]
        positional, named = bound(constructor(make), given, isinstance(make, type))
        return self._values.out(self._thread.call(make, *positional, **named))

    def _do_call(self, request):
        return self._values.out(self._thread.call(self._ready(request)))

    def _ready(self, request):
        """A call that is ready to be made."""
        given = [self._values.taken(a) for a in request["arguments"]]
        name = request["operation"]
        if request["on"] is not None:
            on = self._objects.get(request["on"])
            return lambda: settled(ask(on, name, given))
        owner = self._loaded.standing_as(request["type"])
        loaded = self._loaded
        return lambda: settled(ask_static(owner, name, given, loaded))

    def _do_parallel(self, request):
        ready = self._ready(request["call"])
        came = together(self._other_begins, [ready] * request["threads"])
        return {
            "items": [
                self._values.out(value) if error is None else {"thrown": self._thrown(error, False)}
                for value, error in came
            ]
        }

    def _do_read(self, request):
        name = request["field"]
        if request["on"] is not None:
            on = self._objects.get(request["on"])
            return self._values.out(self._thread.call(getattr, on, stored(type(on), name)))
        owner = self._loaded.standing_as(request["type"])
        for holder in [owner] + self._loaded.modules():
            own = stored(owner, name) if holder is owner else name
            if hasattr(holder, own):
                return self._values.out(self._thread.call(getattr, holder, own))
        raise Refused("there is no " + name)

    def _do_write(self, request):
        value = self._values.taken(request["value"])
        on = self._objects.get(request["on"]) if request["on"] is not None else None
        holder = self._loaded.standing_as(request["type"]) if on is None else on
        own = stored(type(on) if on is not None else holder, request["field"])
        self._thread.call(setattr, holder, own, value)
        return None

    def _do_answers(self, request):
        given = {key: [self._values.taken(v) for v in told] for key, told in request["answers"].items()}
        self._tracer.answer(self._objects.get(request["on"]), given)
        return None

    def _do_watch(self, request):
        self._tracer.watch(self._objects.get(request["on"]), [self._ready(c) for c in request["calls"]])
        return None

    def _do_equal(self, request):
        first, second = self._objects.get(request["first"]), self._objects.get(request["second"])
        return self._values.out(self._thread.call(lambda: bool(first == second)))

    def _do_state(self, request):
        unread = [self._objects.get(w) for w in request.get("without", ())]
        return {"state": values.ObjectState(self._loaded, unread).of(self._objects.get(request["on"]))}

    def _do_main(self, request):
        rehearsal = request.get("rehearsal", False)
        if rehearsal:
            self._values.opened = True
            self._tracer.tell_more()
        before = set(threading.enumerate())
        sys.stdin = io.StringIO(request.get("input", ""))
        try:
            self._thread.call(self._loaded.run_as_main, request["type"], request["arguments"])
        except Raised as raised:
            if not isinstance(raised.error, SystemExit) or raised.error.code not in (None, 0, False):
                raise
        still = [t for t in threading.enumerate() if t not in before and t is not threading.current_thread()]
        still = [t for t in still if not isinstance(t, threading._DummyThread)]
        if not rehearsal:
            until = time.monotonic() + JOINED
            for t in still:
                if not t.daemon:
                    t.join(max(0.0, until - time.monotonic()))
        return {"files": files(), "ended": rehearsal and any(t.is_alive() for t in still)}

    def _do_tests(self, request):
        # read only now, since what it needs takes its time
        spec = importlib.util.spec_from_file_location("testing", os.path.join(os.path.dirname(__file__), "testing.py"))
        testing = importlib.util.module_from_spec(spec)
        spec.loader.exec_module(testing)
        return {"tests": testing.run(self._loaded, self._thread, request["classes"])}

    # what was thrown

    def _thrown(self, error, ours):
        try:
            message = str(error)
        except BaseException:
            message = "(its message could not be read)"
        place, raised_itself = self._place(error)
        return {
            "type": values.qualified(type(error)),
            "message": message[:500],
            "at": place,
            "cause": cause(error, message, ours, raised_itself),
        }

    def _place(self, error):
        """The line of the program that raised, and whether it did so by itself rather than the interpreter."""
        at, itself = "", False
        files = self._program.operations.files
        step = error.__traceback__
        while step is not None:
            code = step.tb_frame.f_code
            if code.co_filename in files:
                at = "%s:%d" % (code.co_filename, step.tb_lineno)
            itself = code.co_code[step.tb_lasti] in _RAISES
            step = step.tb_next
        if isinstance(error, SyntaxError) and not at and error.filename in files:
            return "%s:%d" % (error.filename, error.lineno or 0), False
        return at, itself


_RAISES = {dis.opmap[n] for n in ("RAISE_VARARGS", "RERAISE") if n in dis.opmap}


def cause(error, message, ours, raised_itself):
    """Who brought it about: the driver, the program itself, or the program by using up what its runtime has."""
    if isinstance(error, RecursionError):
        return "recursion"
    if isinstance(error, MemoryError):
        return "memory"
    if isinstance(error, RuntimeError) and message == "can't start new thread":
        return "threads"
    if ours:
        return "driver"
    if raised_itself:
        return "program"
    calls_nothing = isinstance(error, (AttributeError, TypeError)) and "'NoneType' object" in message
    changed = isinstance(error, RuntimeError) and "during iteration" in message
    return "accident" if calls_nothing or changed or isinstance(error, _ACCIDENTS) else "program"


def stored(owner, name):
    """A field's name as it is kept: what begins with two underscores bears its class's."""
    if not name.startswith("__") or name.endswith("__"):
        return name
    for kind in owner.__mro__ if isinstance(owner, type) else ():
        own = "_" + kind.__name__.lstrip("_") + name
        if own in kind.__dict__ or kind is owner.__mro__[0]:
            return own
    return name


def constructor(make):
    """The function that says what a constructor takes; None where none of the program's does."""
    if not isinstance(make, type):
        return make if isinstance(make, types.FunctionType) else None
    for name in ("__init__", "__new__"):
        found = next((k.__dict__[name] for k in make.__mro__ if name in k.__dict__), None)
        found = found.__func__ if isinstance(found, staticmethod) else found
        if isinstance(found, types.FunctionType):
            return found
    return None


def bound(function, given, skips):
    """Arguments in the order in which the parameters are written, as the function takes them."""
    while isinstance(function, types.FunctionType) and "__wrapped__" in function.__dict__:
        function = function.__wrapped__
    if not isinstance(function, types.FunctionType):
        return given, {}
    code = function.__code__
    names = written_order(code)[1 if skips else 0:]
    usual = set(code.co_varnames[: code.co_argcount])
    only_named = set(code.co_varnames[code.co_argcount: code.co_argcount + code.co_kwonlyargcount])
    positional, named = [], {}
    for i, value in enumerate(given):
        name = names[i] if i < len(names) else None
        if name in only_named:
            named[name] = value
        elif name is None or name in usual:
            positional.append(value)
        elif code.co_flags & 0x04 and name == names_of_rest(code):
            positional.extend(value if isinstance(value, (list, tuple)) else [value])
        elif isinstance(value, dict):
            named.update({k: v for k, v in value.items() if isinstance(k, str)})
    return positional, named


def names_of_rest(code):
    """The name of the parameter that takes all that are given beyond the others."""
    return code.co_varnames[code.co_argcount + code.co_kwonlyargcount]


def found_in(kind, name):
    """What a class's line has under a name, as it stands there; None for nothing."""
    return next((k.__dict__[name] for k in kind.__mro__ if name in k.__dict__), None)


def ask(on, name, given):
    """Calls an operation of an object; a property is read, or written where there is something to write."""
    if name == "__call__" and not isinstance(on, type):
        plain = on if isinstance(on, types.FunctionType) else getattr(on, "__func__", None)
        positional, named = bound(plain, given, isinstance(on, types.MethodType))
        return on(*positional, **named)
    if isinstance(on, type):
        return on(*given) if name == "__call__" else getattr(on, name)(*given)
    own = stored(type(on), name)
    declared = found_in(type(on), own)
    if hasattr(type(declared), "__set__") and not callable(declared):
        return setattr(on, own, given[0]) if given else getattr(on, own)
    operation = getattr(on, own)
    if not callable(operation) and not given:
        return operation
    positional, named = bound(getattr(operation, "__func__", operation), given, isinstance(operation, types.MethodType))
    return operation(*positional, **named)


def ask_static(owner, name, given, loaded):
    """Calls an operation of a class or a module; what keeps a class's only object is called in its place."""
    own = stored(owner, name)
    there = isinstance(owner, (type, types.ModuleType)) and name != "__call__" and hasattr(owner, own)
    if there:
        operation = getattr(owner, own)
    else:
        # the name of what gives the object out is known only inside
        named = [m.__dict__[name] for m in loaded.modules() if callable(m.__dict__.get(name))]
        operation = named[0] if named and name != "__call__" else owner
    skips = isinstance(operation, types.MethodType) or name == "__new__"
    if name == "__new__":
        return owner(*given)
    positional, named = bound(getattr(operation, "__func__", operation), given, skips)
    return operation(*positional, **named)


def settled(result):
    """What is only to be worked out, worked out."""
    if type(result) is types.CoroutineType:
        import asyncio

        result = asyncio.run(result)
    return values.drawn(result)


def files():
    """What the program wrote to its folder, by name."""
    found = {}
    for folder, _, names in os.walk("."):
        for name in sorted(names):
            path = os.path.relpath(os.path.join(folder, name))
            if len(found) < FILES:
                try:
                    with open(path, "rb") as f:
                        found[path] = f.read(LONGEST_FILE).decode("utf-8", "replace")
                except OSError:
                    pass
    return found
