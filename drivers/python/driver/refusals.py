"""What a program may not do here, said to it as an error that it can see."""

import sys

# audited names, by what they begin with; the sandbox holds without them, they only say it sooner and more clearly
_REFUSED = (
    "socket.",
    "subprocess.",
    "os.fork",
    "os.forkpty",
    "os.exec",
    "os.posix_spawn",
    "os.spawn",
    "os.system",
    "os.kill",
    "ctypes.",
    "gc.get_",
    "sys.addaudithook",
    "sys._current_",
)
_MODULES = ("ctypes", "_ctypes")


def begin():
    """From here on what is refused raises an error, whoever does it."""
    refused, modules, error, missing = _REFUSED, _MODULES, PermissionError, ImportError

    def hook(event, arguments):
        if event == "import":
            if arguments[0] in modules:
                raise missing(arguments[0] + " is not there in a check")
        elif event.startswith(refused):
            raise error(event + " is not allowed in a check")

    add = sys.addaudithook
    sys.gettrace = sys.getprofile = lambda: None
    sys.settrace = sys.setprofile = lambda function: None
    add(hook)
