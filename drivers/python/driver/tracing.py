"""What doubles answer, and what is told of them and of the program's own operations."""

import _thread
import dis
import io
import types

from .values import ITSELF, OTHER, line_of

MOST = 2_000
MOST_REHEARSED = 6_000
MOST_ASKED = 20_000
MOST_CHARACTERS = 4 << 20

_GIVES_BACK = {dis.opmap[n] for n in ("RETURN_VALUE", "RETURN_CONST", "YIELD_VALUE") if n in dis.opmap}
_ONCE = 0x20 | 0x80 | 0x200  # generators and what awaits come and go many times


class OutputCapture:
    """Keeps what the program prints, up to a limit on both streams together, until it is taken."""

    def __init__(self, most):
        self._most = most
        self._written = 0
        self._kept = {False: [], True: []}

    def streams(self):
        return _Printed(self, False), _Printed(self, True)

    def add(self, text, error):
        room = max(0, self._most - self._written)
        self._written += len(text)
        if room:
            self._kept[error].append(text[:room])

    def flooded(self):
        return self._written > self._most

    def take(self, error):
        kept, self._kept[error] = self._kept[error], []
        return "".join(kept)


class _Bytes(io.RawIOBase):
    def __init__(self, stream):
        self._stream = stream

    def writable(self):
        return True

    def write(self, data):
        self._stream.write(bytes(data).decode("utf-8", "replace"))
        return len(data)


class _Printed(io.TextIOBase):
    """A stream that a program prints to."""

    encoding = "utf-8"
    errors = "replace"

    def __init__(self, capture, error):
        self._capture = capture
        self._error = error
        self.buffer = _Bytes(self)

    def writable(self):
        return True

    def write(self, text):
        if not isinstance(text, str):
            raise TypeError("write() argument must be str, not " + type(text).__name__)
        self._capture.add(str(text), self._error)
        return len(text)


class CallTracer:
    """Tells what is entered, left and asked, and answers for doubles."""

    def __init__(self, objects, values, printing, operations, tokens, plain):
        """operations: what is told of an operation of the program, by its code."""
        self._tokens = tokens
        objects.seen = self._appeared
        self._objects = objects
        self._values = values
        self._printing = printing
        self._operations = operations
        self._plain = plain
        self._answers = {}
        self._watched = {}
        self._standing = {}
        self._turns = {}
        self._threads = {}
        self._events = []
        self._lock = _thread.allocate_lock()
        self._entered = 0
        self._asked = 0
        self._most = MOST
        self._enough = False
        self._frames = {}
        self._born = set()
        self.deadline = None
        self.clock = None
        self.too_long = None

    # what is asked for

    def answer(self, double, given):
        self._answers[self._objects.number(double)] = given

    def watch(self, double, calls):
        self._watched[self._objects.number(double)] = calls

    def stands_for(self, function, bound):
        """What a function is asked, the object's operation is asked that leads to it."""
        self._standing[id(function)] = (bound.__self__, bound.__func__)

    def tell_more(self):
        self._most = MOST_REHEARSED

    def first_thread(self, ident):
        self._threads[ident] = 0

    def take(self):
        """What has happened since the last time."""
        with self._lock:
            self._printed()
            told, self._events = self._events, []
            return told

    def end(self):
        """Nothing more is told: the objects are forgotten."""
        self._enough = True
        self._asked = MOST_ASKED

    def _printed(self):
        for error in (False, True):
            text = self._printing.take(error)
            if text:
                self._events.append({"e": "printed", "t": text, "error": error})

    def _happened(self, what, key, number):
        event = {"e": what, "k": key, "o": number}
        ident = _thread.get_ident()
        thread = self._threads.setdefault(ident, len(self._threads))
        if thread:
            event["thread"] = thread
        return event

    # doubles

    def asked(self, double, key, arguments):
        """A double was called; gives back what it answers."""
        bound = self._standing.get(id(double))
        if bound is not None:
            double = types.MethodType(bound[1], bound[0])
        number = self._objects.number(double)
        event = None
        with self._lock:
            if self._asked < MOST_ASKED and self._values.characters < MOST_CHARACTERS:
                self._asked += 1
                self._printed()
                event = self._happened("asked", key, number)
                event["a"] = self._values.out_all(arguments)
                self._events.append(event)
        if event is not None and number in self._watched:
            event["seen"] = [self._seen(call) for call in self._watched[number]]
        return self._answer(double, number, key)

    def _seen(self, call):
        try:
            return self._values.out(call())
        except Exception:
            return {"n": True}

    def _answer(self, double, number, key):
        given = self._answers.get(number, {})
        call = key[: key.index(")") + 1]
        told = given.get(call)
        if told is None:
            # overloads there are none: the name says which it is
            told = next((v for k, v in given.items() if k[: k.index("(")] == call[: call.index("(")]), None)
        if not told:
            return self._plain(key[key.index(")") + 1:])
        with self._lock:
            turn = self._turns.get((number, key), 0)
            self._turns[number, key] = turn + 1
        answer = told[min(turn, len(told) - 1)]
        return double if answer is ITSELF else answer

    # the program's own operations

    def trace(self, frame, event, argument):
        """What the interpreter calls for each frame that is entered."""
        if self.deadline is not None and frame.f_code.co_filename in self._operations.files:
            return self._timed(frame)
        operation = self._operation(frame)
        if operation is None or self._enough or frame.f_code.co_flags & _ONCE:
            return None
        frame.f_trace_lines = False
        if not self._tell_entered(frame, operation):
            return None
        return self._local

    def _timed(self, frame):
        def local(inner, event, argument):
            if self.deadline is not None and self.clock() > self.deadline:
                raise self.too_long()
            return local

        return local

    def _local(self, frame, event, argument):
        if event == "exception":
            self._frames[id(frame)] = argument[0]
        elif event == "return":
            raised = self._frames.pop(id(frame), None)
            code = frame.f_code
            gave = self._operations.bytes_of(code)[frame.f_lasti] in _GIVES_BACK
            operation = self._operation(frame)
            with self._lock:
                if self._enough or operation is None:
                    return None
                self._printed()
                number = self._number(frame, operation)
                told = self._happened("left" if gave else "threw", self._key(frame, operation), number)
                told["v"] = self._values.out(argument) if gave else raised.__name__ if raised else "Exception"
                self._events.append(told)
        return self._local

    def _operation(self, frame):
        code = frame.f_code
        if code.co_name == "__init__" and code.co_filename == "<string>":
            # written by the library for what the class declares
            kind = type(_self(frame))
            if self._tokens.is_own(kind):
                names = written_order(code)[1:]
                return Operation(self._tokens.class_token(kind), _making(len(names)), False, names)
        return self._operations.get(code)

    def _key(self, frame, operation):
        """What an object's class inherits to make it is told as its own."""
        owner = operation.owner
        if operation.makes:
            kind = type(_self(frame))
            made = next((k.__dict__["__init__"] for k in line_of(kind) if "__init__" in k.__dict__), None)
            if getattr(made, "__code__", None) is frame.f_code and self._tokens.is_own(kind):
                owner = self._tokens.class_token(kind)
        return owner + "." + operation.call

    def _number(self, frame, operation):
        if operation.is_static:
            return -1
        found = _self(frame)
        if operation.makes:
            self._born.add(id(found))
        return -1 if found is None else self._objects.number(found)

    def _appeared(self, value, number):
        """An object is seen for the first time: where nothing of the program made it, that is told by itself."""
        kind = type(value)
        if id(value) in self._born or self._enough or not self._tokens.is_own(kind) or kind.__name__.endswith(OTHER):
            return
        if any("__init__" in k.__dict__ or "__new__" in k.__dict__ for k in line_of(kind)[:-1]):
            return
        key = self._tokens.class_token(kind) + "." + _making(0)
        self._events.append({**self._happened("entered", key, number), "a": []})
        self._events.append({**self._happened("left", key, number), "v": {"n": True}})

    def _tell_entered(self, frame, operation):
        with self._lock:
            if self._entered >= self._most:
                return False
            self._entered += 1
            if self._entered >= self._most or self._values.characters >= MOST_CHARACTERS:
                self._enough = True
                self._entered = self._most
                self._events.append({"e": "cut"})
                return False
            self._printed()
            told = self._happened("entered", self._key(frame, operation), self._number(frame, operation))
            given = frame.f_locals
            told["a"] = self._values.out_all([given.get(n) for n in operation.parameters])
            self._events.append(told)
            return True


def _self(frame):
    names = frame.f_code.co_varnames
    return frame.f_locals.get(names[0]) if names else None


def _making(parameters):
    return "new(" + ",".join("?" * parameters) + ")"


class Operation:
    """What is told of an operation of the program."""

    __slots__ = ("owner", "call", "is_static", "makes", "parameters")

    def __init__(self, owner, call, is_static, parameters):
        self.owner = owner
        self.call = call
        self.is_static = is_static
        self.makes = call.startswith("new(")
        self.parameters = parameters


class Operations:
    """The program's operations by their code."""

    def __init__(self, files):
        self.files = files
        self._by_place = {}
        self._bytes = {}

    def add(self, file, line, name, owner, call, is_static, skips):
        self._by_place[file, line, name] = (owner, call, is_static, skips)

    def get(self, code):
        found = self._by_place.get((code.co_filename, code.co_firstlineno, code.co_name))
        if found is None or type(found) is Operation:
            return found
        owner, call, is_static, skips = found
        made = Operation(owner, call, is_static, written_order(code)[skips:])
        self._by_place[code.co_filename, code.co_firstlineno, code.co_name] = made
        return made

    def bytes_of(self, code):
        found = self._bytes.get(code)
        if found is None:
            found = self._bytes[code] = code.co_code
        return found


def written_order(code):
    """Names of a function's parameters in the order in which they are written."""
    usual, named = code.co_argcount, code.co_kwonlyargcount
    names = code.co_varnames
    rest = list(names[usual + named:])
    found = list(names[:usual])
    if code.co_flags & 0x04:
        found.append(rest.pop(0))
    found.extend(names[usual: usual + named])
    if code.co_flags & 0x08:
        found.append(rest.pop(0))
    return found


