package hausaufgabe.checking.sandbox;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.sandbox.node.NodeRuntime;
import hausaufgabe.checking.sandbox.python.PythonRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.language.javascript.JavaScriptLanguage;
import hausaufgabe.language.python.PythonLanguage;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Programs in Python and JavaScript that misbehave: each is contained and told clearly, and the next one is checked as ever. */
@Isolated("needs the machine for itself")
@Tag("slow")
class HostileScriptsTest {

    private static final ReadyProcesses PYTHON = new ReadyProcesses(new Sandbox(new PythonRuntime()), 1);
    private static final ReadyProcesses NODE = new ReadyProcesses(new Sandbox(new NodeRuntime()), 1);
    private static final String PATTERN = Catalogue.text("strategy").orElseThrow() + "\n  limit 4 seconds\n";

    private static final String PYTHON_OFFICE = """
            import sys

            class Metre:
                def of(self, m: float):
                    return m * 2

            class Flat:
                def of(self, m: float):
                    return 7

            class Office:
                def __init__(self, fee):
                    self.fee = fee

                def bill(self, m: float):
                    HERE
                    return self.fee.of(m)

            if __name__ == "__main__":
                print(Office(Metre()).fee.of(3), Office(Flat()).fee.of(3))
            """;

    private static final String SCRIPT_OFFICE = """
            class Metre { of(m) { return m * 2; } }
            class Flat { of(m) { return 7; } }
            class Office {
              constructor(fee) { this.fee = fee; }
              bill(m) { HERE; return this.fee.of(m); }
            }
            console.log(new Office(new Metre()).fee.of(3), new Office(new Flat()).fee.of(3));
            """;

    @AfterAll
    static void noneIsKeptReady() {
        PYTHON.close();
        NODE.close();
    }

    private static Arguments hostile(String what, boolean python, String code, String said) {
        return Arguments.of(what, python, code, said);
    }

    /** What is done, how, and what is said of it; of those that the program only gets an error of, what it says itself. */
    static Stream<Arguments> programs() {
        return Stream.of(
                hostile("an endless loop", true, "while True: pass", "had not answered after 3 seconds"),
                hostile("an endless loop", false, "while (true) {}", "had not answered after 3 seconds"),
                hostile("all of the memory", true, "x = bytearray(1 << 33)", "used up all the memory"),
                hostile("all of the memory", false, "const a = []; while (true) a.push(new Array(1e5).fill(m));", ""),
                hostile("leaving", true, "import os; os._exit(0)", "ended itself (exit status 0)"),
                hostile("leaving", false, "process.exit(0)", ""),
                hostile(
                        "answers that nobody asked for",
                        true,
                        "import os\n        for fd in range(3, 12):\n            try: os.write(fd, b'{}\\n')\n            except OSError: pass",
                        "channel of the check"),
                hostile(
                        "answers that nobody asked for",
                        false,
                        "require('fs').writeSync(1, '{\"id\":3,\"value\":{}}\\n')",
                        "channel of the check"),
                hostile("another process", true, "import subprocess; subprocess.run(['/bin/sh'])", "not allowed"),
                hostile("another process", true, "import os; os.fork()", "not allowed"),
                hostile("another process", false, "require('child_process')", "is not there in a check"),
                hostile("the network", true, "import socket; socket.socket()", "not allowed"),
                hostile("the network", false, "require('net')", "is not there in a check"),
                hostile("looking at all objects", true, "import gc; gc.get_objects()", "not allowed"),
                hostile("looking into memory", true, "import ctypes", "not there in a check"),
                hostile("looking into memory", false, "require('v8')", "is not there in a check"),
                hostile("the runtime's inside", false, "process.binding('fs')", "is not a function"),
                hostile("the machine's files", true, "open('/etc/passwd')", "No such file"),
                hostile("the machine's files", false, "require('fs').readFileSync('/etc/passwd')", "no such file"),
                hostile("printing without end", true, "while True: print('berth ' * 1000)", ""),
                hostile("printing without end", false, "while (true) console.log('berth '.repeat(1000))", ""),
                hostile("calling itself for ever", true, "self.bill(m)", "called itself again and again"),
                hostile("calling itself for ever", false, "this.bill(m)", "called itself again and again"),
                hostile("a signal", true, "import signal; signal.alarm(1); signal.signal(14, print)", "main thread"));
    }

    @ParameterizedTest(name = "{0} ({1})")
    @MethodSource("programs")
    void whatMisbehavesIsContainedAndTold(String what, boolean python, String code, String said) {
        List<ScenarioResult> results = run(python, code);

        assertFalse(results.isEmpty());
        ScenarioResult first = results.get(0);
        assertFalse(first.outcome() == Outcome.PASSED, first.explanation().plain());
        String all = first.explanation().plain() + first.steps();
        assertTrue(all.contains(said), all);
    }

    @Test
    void theNextProgramIsCheckedAsEver() {
        run(true, "while True: pass");
        run(false, "while (true) {}");

        for (boolean python : List.of(true, false)) {
            List<ScenarioResult> results = run(python, python ? "pass" : "m");
            assertTrue(results.stream().allMatch(r -> r.outcome() == Outcome.PASSED), () -> results.toString());
        }
    }

    @Test
    void whatIsChangedOfTheLibraryIsAsItWasInTheNextScenario() {
        String looks = "import builtins, json\nassert not hasattr(builtins, 'berth') and not hasattr(json, 'berth')\n";
        String python = looks + PYTHON_OFFICE.replace("HERE", "builtins.berth = json.berth = 7");
        String script = "if (({}).berth || globalThis.berth) throw new Error('kept');\n"
                + SCRIPT_OFFICE.replace("HERE", "Object.prototype.berth = 7; globalThis.berth = 7");

        for (CheckReport report : List.of(check(true, PATTERN, python), check(false, PATTERN, script))) {
            assertTrue(
                    report.scenarios().stream().allMatch(r -> r.outcome() == Outcome.PASSED),
                    () -> report.scenarios().toString());
        }
    }

    @Test
    void aModuleThatNeverComesToAnEndWhenItIsLoadedStillHasItsClasses() {
        String endless = PYTHON_OFFICE
                .replace("HERE", "pass")
                .replaceFirst("(?s)if __name__.*", "x = [i for i in iter(int, 1)]\n");
        CheckReport report = check(true, Catalogue.text("strategy").orElseThrow(), endless);

        assertEquals(
                Outcome.PASSED,
                report.scenarios().get(0).outcome(),
                () -> report.scenarios().toString());
    }

    private static List<ScenarioResult> run(boolean python, String code) {
        CheckReport report = check(python, PATTERN, (python ? PYTHON_OFFICE : SCRIPT_OFFICE).replace("HERE", code));
        assertTrue(report.compiled(), () -> report.diagnostics().toString());
        return report.scenarios();
    }

    private static CheckReport check(boolean python, String pattern, String text) {
        Language language = python ? new PythonLanguage() : JavaScriptLanguage.plain();
        SourceFile file = new SourceFile(python ? "office.py" : "office.js", text);
        return new Check(language, i -> new DrivenProcesses(python ? PYTHON : NODE, i), List.of())
                .run(
                        new CheckRequest(
                                pattern, List.of(file), List.of(), Map.of(), false, CheckRequest.Isolation.SANDBOX),
                        step -> {});
    }
}
