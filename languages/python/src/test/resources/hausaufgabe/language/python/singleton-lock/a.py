import threading


class HarbourLog:
    _instance = None
    _lock = threading.Lock()

    def __new__(cls, *args, **kwargs):
        if cls._instance is None:
            with cls._lock:
                if cls._instance is None:
                    cls._instance = super().__new__(cls)
                    cls._instance._entries = []
        return cls._instance

    def write(self, text):
        self._entries.append(text)
        return len(self._entries)

    def entries(self):
        return list(self._entries)


class Pilot:
    def board(self, ship):
        HarbourLog().write(f"pilot on {ship}")


class Tug:
    def tow(self, ship):
        HarbourLog().write(f"tug at {ship}")


if __name__ == "__main__":
    Pilot().board("Seeschwalbe")
    Tug().tow("Seeschwalbe")
    print(HarbourLog().entries(), HarbourLog() is HarbourLog())
