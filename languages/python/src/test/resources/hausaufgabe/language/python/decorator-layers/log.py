from abc import ABC, abstractmethod


class Source(ABC):
    @abstractmethod
    def write(self, data: str) -> None: ...

    @abstractmethod
    def read(self) -> str: ...


class Memory(Source):
    def __init__(self):
        self._data = ""

    def write(self, data):
        self._data = data

    def read(self):
        return self._data


class Layer(Source):
    def __init__(self, inner: Source):
        self._inner = inner

    def write(self, data):
        self._inner.write(data)

    def read(self):
        return self._inner.read()


class Reversed(Layer):
    def write(self, data):
        super().write(data[::-1])

    def read(self):
        return super().read()[::-1]


class Counted(Layer):
    def __init__(self, inner):
        super().__init__(inner)
        self.reads = 0

    def read(self):
        self.reads += 1
        return super().read()


class Checked(Layer):
    def write(self, data):
        self._inner.write(f"{len(data)}:{data}")

    def read(self):
        length, _, data = self._inner.read().partition(":")
        if int(length) != len(data):
            raise ValueError("broken")
        return data


if __name__ == "__main__":
    s = Counted(Checked(Reversed(Memory())))
    s.write("moin")
    print(s.read(), s.reads)
