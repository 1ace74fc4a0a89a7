"""Given tests, run by the language's own library for them."""

import time
import unittest

LONGEST = 600


class _Result(unittest.TestResult):
    def __init__(self):
        super().__init__()
        self.told = []
        self._began = {}

    def startTest(self, test):
        super().startTest(test)
        self._began[test.id()] = time.monotonic()

    def _tell(self, test, outcome, message=""):
        began = self._began.get(test.id(), time.monotonic())
        parts = test.id().split(".")
        self.told.append(
            {
                "name": ".".join(parts[-2:]),
                "outcome": outcome,
                "message": message[:LONGEST],
                "milliseconds": int((time.monotonic() - began) * 1000),
            }
        )

    def addSuccess(self, test):
        self._tell(test, "passed")

    def addFailure(self, test, error):
        self._tell(test, "failed", str(error[1]))

    def addError(self, test, error):
        self._tell(test, "failed", "%s: %s" % (error[0].__name__, error[1]))

    def addSkip(self, test, reason):
        self._tell(test, "aborted", reason)

    def addExpectedFailure(self, test, error):
        self._tell(test, "passed")

    def addUnexpectedSuccess(self, test):
        self._tell(test, "failed", "passed, though it is expected to fail")

    def addSubTest(self, test, part, error):
        if error is not None:
            self._tell(part, "failed", str(error[1]))


def run(loaded, thread, modules):
    """Runs the tests of some modules; what came of each."""
    loader, result = unittest.TestLoader(), _Result()
    for name in modules:
        module = loaded.standing_as(name)
        thread.call(loader.loadTestsFromModule(module).run, result)
    return result.told
