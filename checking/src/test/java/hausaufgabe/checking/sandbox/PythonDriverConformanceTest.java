package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.python.PythonRuntime;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverConformance;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.language.python.PythonLanguage;
import org.junit.jupiter.api.AfterAll;

/** The driver for Python, in the sandbox, does what every driver must. */
class PythonDriverConformanceTest extends DriverConformance {

    private static final ReadyProcesses READY = new ReadyProcesses(new Sandbox(new PythonRuntime()), 1);

    @AfterAll
    static void noneIsKeptReady() {
        READY.close();
    }

    @Override
    protected Language language() {
        return new PythonLanguage();
    }

    @Override
    protected Driver.Source drivers() {
        return new DrivenProcesses(READY, Isolation.SANDBOX);
    }

    @Override
    protected SourceFile harbour() {
        return new SourceFile("harbour.py", """
                from abc import ABC, abstractmethod


                class Bell(ABC):
                    @abstractmethod
                    def ring(self, times: int) -> int: ...


                class Tower:
                    _chimes = 0

                    def __init__(self, bell: Bell):
                        self._bell = bell
                        self._own = 0

                    def chime(self, times: int) -> int:
                        self._own += 1
                        Tower._chimes += 1
                        return self._bell.ring(times)

                    def hang(self, bell: Bell):
                        self._bell = bell

                    def refuse(self):
                        raise RuntimeError("no bells today")

                    def count(self) -> int:
                        return self._own

                    @staticmethod
                    def all() -> int:
                        return Tower._chimes


                class HandBell(Bell):
                    def ring(self, times):
                        return times


                class Demo:
                    def run(self):
                        print(Tower(HandBell()).chime(3))


                if __name__ == "__main__":
                    Demo().run()
                """);
    }
}
