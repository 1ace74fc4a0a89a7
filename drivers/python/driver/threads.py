"""Threads in which the program's code runs. Below its frames is nothing but a bare loop."""

import _thread
import types
from _queue import Empty, SimpleQueue

# that of the thread in which nearly everything is called
STACK_BYTES = 64 << 20


def _loop(take, give, begin):
    begin()
    while True:
        call, arguments, names = take()
        try:
            result = (call(*arguments, **names), None)
        except BaseException as raised:
            result = (None, raised)
        give(result)
        call = arguments = names = result = raised = None


def _once(give, begin, wait, call):
    begin()
    wait()
    try:
        result = (call(), None)
    except BaseException as raised:
        result = (None, raised)
    give(result)


def _bare(function):
    """The function without a way to this module."""
    return types.FunctionType(function.__code__, {"__builtins__": {"BaseException": BaseException}}, "program")


class TookTooLong(Exception):
    """A call did not come back in the time that it was given."""


class ProgramThread:
    """One thread that makes one call after another."""

    def __init__(self, begin):
        self._begin = begin
        self._start()

    def _start(self):
        self._calls = SimpleQueue()
        self._results = SimpleQueue()
        usual = _thread.stack_size(STACK_BYTES)
        try:
            _thread.start_new_thread(_bare(_loop), (self._calls.get, self._results.put, self._begin))
        finally:
            _thread.stack_size(usual)

    def call(self, function, *arguments, **names):
        """Calls, and gives back or raises what came of it."""
        return self.call_within(None, function, *arguments, **names)

    def call_within(self, seconds, function, *arguments, **names):
        """The same; what takes longer is left behind in its thread, and a new one takes its place."""
        self._calls.put((function, arguments, names))
        try:
            result, raised = self._results.get(timeout=seconds)
        except Empty:
            self._start()
            raise TookTooLong() from None
        if raised is not None:
            raise Raised(raised)
        return result


class Raised(Exception):
    """The program raised something."""

    def __init__(self, error):
        super().__init__()
        self.error = error


def together(begin, calls):
    """Makes all the calls in threads that begin together; pairs of what came back and what was raised, in order."""
    gate = _thread.allocate_lock()
    gate.acquire()

    def wait():
        with gate:
            pass

    waiting = []
    for call in calls:
        results = SimpleQueue()
        _thread.start_new_thread(_bare(_once), (results.put, begin, wait, call))
        waiting.append(results)
    gate.release()
    return [results.get() for results in waiting]
