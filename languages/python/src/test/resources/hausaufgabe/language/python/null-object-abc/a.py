from abc import ABC, abstractmethod


class Logger(ABC):
    @abstractmethod
    def log(self, text): ...


class FileLogger(Logger):
    def __init__(self):
        self.lines = []

    def log(self, text):
        self.lines.append(text)


class NullLogger(Logger):
    def log(self, text):
        pass


class Ferry:
    def __init__(self, logger=None):
        self.logger = logger or NullLogger()
        self.trips = 0

    def cross(self):
        self.trips += 1
        self.logger.log(f"trip {self.trips}")


Ferry().cross()
Ferry(FileLogger()).cross()
