"""The way to the checker, and the thread that keeps it.

The main thread holds the channel and its secret and does nothing but carry texts: it never holds one of the
program's objects, so that none of the program's code ever runs above its frame.
"""

import os
import resource
import sys
import threading
from _queue import SimpleQueue

# so much beside what the program may use goes to the interpreter and to the stacks of its threads
OWN_BYTES = 300 << 20
STACK_BYTES = 2 << 20


def serve(megabytes):
    """Serves requests until there are no more. Ends the process."""
    bound = (megabytes << 20) + OWN_BYTES
    resource.setrlimit(resource.RLIMIT_AS, (bound, bound))
    threading.stack_size(STACK_BYTES)
    channel_in = os.dup(0)
    channel_out = os.dup(1)
    nothing = os.open(os.devnull, os.O_RDWR)
    for fd in (0, 1, 2):
        os.dup2(nothing, fd)
    os.close(nothing)

    requests = SimpleQueue()
    answers = SimpleQueue()
    _carry(channel_in, channel_out, requests, answers, _begin)
    os._exit(0)


def _begin(opening, requests, answers):
    """Starts what does the work, and leaves nothing of this module where the program would find it."""
    import json

    from . import handler, refusals

    output = json.loads(opening).get("output", 1 << 20)
    working = handler.RequestHandler(output)
    for name in [n for n in sys.modules if n == __package__ or n.startswith(__package__ + ".")]:
        del sys.modules[name]
    sys.modules.pop("__main__", None)
    # what starts a thread is known from here on without its module
    start = threading.Thread(
        target=handler.serve, args=(working, requests.get, answers.put), name="driver", daemon=True
    )
    start.start()
    refusals.begin()


def _carry(channel_in, channel_out, requests, answers, begin):
    read, write, leave = os.read, os.write, os._exit
    pending = b""
    secret = b""
    while True:
        end = pending.find(b"\n")
        if end < 0:
            some = read(channel_in, 1 << 16)
            if not some:
                leave(0)
            pending += some
            continue
        line = pending[:end]
        pending = pending[end + 1:]
        if not secret:
            start = line.index(b'"secret":"') + 10
            secret = line[start:line.index(b'"', start)]
            begin(line[:start] + line[start + len(secret):], requests, answers)
            continue
        requests.put(line)
        told = b'{"secret":"' + secret + b'",' + answers.get()[1:] + b"\n"
        while told:
            told = told[write(channel_out, told):]
