package hausaufgabe.checking.pool;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.RunLanguage;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.DriverRuntime;
import hausaufgabe.checking.sandbox.NoProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.checking.sandbox.node.NodeRuntime;
import hausaufgabe.checking.sandbox.python.PythonRuntime;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.notation.NotationException;
import hausaufgabe.language.java.JavaLanguage;
import hausaufgabe.language.javascript.JavaScriptLanguage;
import hausaufgabe.language.python.PythonLanguage;
import java.io.BufferedReader;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A checker process: takes requests from standard input and tells on standard output, until its input ends. */
public final class CheckerMain {

    private static final Logger LOG = LoggerFactory.getLogger(CheckerMain.class);
    private static final long STACK = 256L << 20;
    /** Driven processes kept ready. */
    private static final int AHEAD = 1;

    private final PrintStream out;
    private final Check check;
    private final List<ReadyProcesses> supplies = new ArrayList<>();

    private CheckerMain(PrintStream out) {
        this.out = out;
        this.check = new Check(List.of(
                run(new JavaLanguage(), new JvmRuntime()),
                run(new PythonLanguage(), new PythonRuntime()),
                run(JavaScriptLanguage.typed(), new NodeRuntime()),
                run(JavaScriptLanguage.plain(), new NodeRuntime())));
    }

    /** What a runtime lacks is told when something is to be run on it. */
    private RunLanguage run(Language language, DriverRuntime runtime) {
        if (runtime.problem().isPresent()) {
            return new RunLanguage(
                    language, isolation -> new NoProcesses(runtime.problem().get()), List.of());
        }
        Sandbox sandbox = new Sandbox(runtime);
        ReadyProcesses supply = new ReadyProcesses(sandbox, AHEAD);
        supplies.add(supply);
        return new RunLanguage(language, isolation -> new DrivenProcesses(supply, isolation), sandbox.testLibraries());
    }

    public static void main(String[] arguments) throws InterruptedException {
        PrintStream out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        System.setOut(System.err);
        Thread serving = new Thread(null, new CheckerMain(out)::serve, "checker", STACK);
        serving.start();
        serving.join();
    }

    private void serve() {
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        try {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                tell(answer(Json.mapper().readValue(line, CheckerOrder.class)));
                if (hasGrown()) {
                    LOG.info("this checker has grown and makes room for another");
                    break;
                }
            }
            supplies.forEach(ReadyProcesses::close);
            DrivenProcesses.awaitEnds();
            Runtime.getRuntime().halt(0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether little room is left even after what is no longer used was given back. */
    private static boolean hasGrown() {
        return isNearlyFull() && afterCollecting();
    }

    private static boolean afterCollecting() {
        System.gc();
        return isNearlyFull();
    }

    private static boolean isNearlyFull() {
        Runtime r = Runtime.getRuntime();
        return r.totalMemory() - r.freeMemory() > r.maxMemory() / 4 * 3;
    }

    private CheckerMessage answer(CheckerOrder order) throws IOException {
        try {
            return order.check() == null
                    ? CheckerMessage.outline(check.outline(order.outline()))
                    : CheckerMessage.report(check.run(order.check(), this::progress));
        } catch (NotationException e) {
            return CheckerMessage.failed("The pattern cannot be read: " + e.getMessage());
        } catch (StackOverflowError e) {
            return CheckerMessage.failed("The sources are nested too deeply to be read.");
        } catch (OutOfMemoryError e) {
            throw e;
        } catch (RuntimeException | Error e) {
            LOG.error("a check broke", e);
            return CheckerMessage.failed(
                    "The check broke (" + e.getClass().getSimpleName() + "). This is a fault of ours.");
        }
    }

    private void progress(String text) {
        try {
            tell(CheckerMessage.progress(text));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void tell(CheckerMessage message) throws IOException {
        out.print(Json.mapper().writeValueAsString(message) + "\n");
        out.flush();
    }
}
