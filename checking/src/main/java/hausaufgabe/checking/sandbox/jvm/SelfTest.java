package hausaufgabe.checking.sandbox.jvm;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.DriverRuntime;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.RunLimits;
import java.util.ArrayList;
import java.util.List;

/** Tries the sandbox as a program in it would, and says what it found. */
public final class SelfTest {

    private SelfTest() {}

    /** @param problem why no student program can be run; null where it can, and then {@code found} says what was tried */
    public record Result(String problem, List<String> found) {}

    /** Takes about half a second. */
    public static Result run() {
        DriverRuntime runtime = new JvmRuntime();
        String problem = Sandbox.problem(runtime).orElse(null);
        if (problem != null) {
            return new Result(problem, List.of());
        }
        List<String> found = new ArrayList<>();
        try (ReadyProcesses supply = new ReadyProcesses(new Sandbox(runtime), 0);
                Driver driver = new DrivenProcesses(supply, Isolation.SANDBOX).open(RunLimits.USUAL)) {
            driver.ask(new Request.Forget());
            found.add("a program starts and answers");
            for (String path : List.of("/etc/passwd", "/home", "/root", "/proc/self/mem", "/usr/bin/env")) {
                if (!"false".equals(exists(driver, path))) {
                    return new Result("a program in the sandbox can see " + path + " of this machine", found);
                }
            }
            found.add("it sees no file of this machine");
            Answer socket = driver.ask(new Request.Construct(
                    "java.net.Socket",
                    List.of("java.lang.String", "int"),
                    List.of(text("java.lang.String", "192.0.2.1"), text("int", "80"))));
            if (socket.thrown() == null) {
                return new Result("a program in the sandbox can open connections", found);
            }
            found.add("it reaches no network");
            Answer started = driver.ask(new Request.Call(
                    "java.lang.Runtime",
                    "exec",
                    List.of("java.lang.String"),
                    driver.ask(new Request.Call("java.lang.Runtime", "getRuntime", List.of(), null, List.of()))
                            .value()
                            .ref(),
                    List.of(text("java.lang.String", "/bin/sh"))));
            if (started.thrown() == null) {
                return new Result("a program in the sandbox can start others", found);
            }
            found.add("it starts no other program");
            return new Result(null, found);
        } catch (DriverLost e) {
            return new Result("the test of the sandbox was broken off: " + e.getMessage(), found);
        }
    }

    private static Input text(String type, String text) {
        return new Input.Simple(type.equals("int") ? Kind.NUMBER : Kind.TEXT, type, text);
    }

    private static String exists(Driver driver, String path) throws DriverLost {
        ObjectRef file = driver.ask(new Request.Construct(
                        "java.io.File", List.of("java.lang.String"), List.of(text("java.lang.String", path))))
                .value()
                .ref();
        return driver.ask(new Request.Call("java.io.File", "exists", List.of(), file, List.of()))
                .value()
                .text();
    }
}
