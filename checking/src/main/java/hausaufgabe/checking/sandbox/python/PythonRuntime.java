package hausaufgabe.checking.sandbox.python;

import hausaufgabe.checking.sandbox.DriverFolder;
import hausaufgabe.checking.sandbox.DriverRuntime;
import hausaufgabe.checking.sandbox.Installed;
import hausaufgabe.core.notation.RunLimits;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Python programs run on the interpreter of this machine: the distribution's own, else the first on the path. */
public final class PythonRuntime implements DriverRuntime {

    private static final Logger LOG = LoggerFactory.getLogger(PythonRuntime.class);

    /** The oldest version that has what the driver needs. */
    private static final int OLDEST = 9;

    private static final int RUNTIME_THREADS = 20;

    private static final List<String> DRIVER = List.of(
            "main.py",
            "driver/__init__.py",
            "driver/channel.py",
            "driver/handler.py",
            "driver/loading.py",
            "driver/refusals.py",
            "driver/testing.py",
            "driver/threads.py",
            "driver/tracing.py",
            "driver/values.py");

    private static final String FOLDER = "python/";

    /** Asks an interpreter what it is and where its library lies. */
    private static final String QUESTION =
            "import sys, sysconfig; p = sysconfig.get_paths(); print(sys.version_info[1]);"
                    + " print(sys.executable); print(p['stdlib']); print(p['platstdlib']); print(sys.version)";

    /** Parts of the library for screens, and what leads around the language itself; none of which is shown. */
    private static final Pattern LEFT_OUT = Pattern.compile("_tkinter|_ctypes|_dbm|_gdbm|_curses|readline");

    private static final Optional<Interpreter> FOUND = Installed.first("python3", PythonRuntime::asked);

    private Path files;

    /** @param library folders of its library */
    private record Interpreter(Path program, List<Path> library, String version) {}

    private static Optional<Interpreter> asked(Path program) {
        return Installed.said(List.of(program.toString(), "-I", "-S", "-c", QUESTION))
                .filter(said -> said.size() >= 5 && said.get(0).matches("\\d{1,4}"))
                .filter(said -> Integer.parseInt(said.get(0)) >= OLDEST)
                .flatMap(said -> Installed.real(Path.of(said.get(1)))
                        .map(real -> new Interpreter(
                                real,
                                Stream.of(said.get(2), said.get(3))
                                        .distinct()
                                        .map(Path::of)
                                        .toList(),
                                said.get(4))));
    }

    private static Interpreter interpreter() {
        return FOUND.orElseThrow(() -> new IllegalStateException("there is no Python here"));
    }

    @Override
    public Optional<String> problem() {
        return FOUND.isPresent()
                ? Optional.empty()
                : Optional.of("Python 3." + OLDEST + " or newer is not installed (package python3)");
    }

    @Override
    public synchronized Path driverFiles() {
        if (files == null) {
            String version = DriverFolder.version(DRIVER, FOLDER, interpreter().version());
            files = DriverFolder.of("python-" + version, folder -> {
                DriverFolder.copy(DRIVER, FOLDER, folder);
                compile(folder);
            });
        }
        return files;
    }

    /** What is compiled before is read sooner. */
    private static void compile(Path folder) {
        try {
            Process p = new ProcessBuilder(
                            interpreter().program().toString(),
                            "-I",
                            "-S",
                            "-m",
                            "compileall",
                            "-q",
                            "--invalidation-mode",
                            "unchecked-hash",
                            folder.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (!p.waitFor(30, TimeUnit.SECONDS) || p.exitValue() != 0) {
                LOG.info("the driver for Python starts without being compiled before");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public List<String> command(String folder, RunLimits limits, boolean isolated) {
        return List.of(
                interpreter().program().toString(),
                "-I",
                "-S",
                "-B",
                folder + "/main.py",
                String.valueOf(limits.megabytes()));
    }

    @Override
    public Path program() {
        return interpreter().program();
    }

    @Override
    public List<String> trial() {
        return List.of(program().toString(), "-I", "-S", "-c", "");
    }

    @Override
    public int ownThreads() {
        return RUNTIME_THREADS;
    }

    @Override
    public List<String> testLibraries() {
        return List.of();
    }

    @Override
    public List<Path> linked() {
        List<Path> all = new ArrayList<>(List.of(program()));
        for (Path folder : interpreter().library()) {
            try (Stream<Path> files = Files.walk(folder)) {
                files.filter(p -> p.toString().endsWith(".so"))
                        .filter(p -> !LEFT_OUT.matcher(p.toString()).find())
                        .filter(p -> !p.toString().contains("-packages/"))
                        .sorted()
                        .forEach(all::add);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return all;
    }

    @Override
    public List<Path> shown() {
        List<Path> all = new ArrayList<>(List.of(program()));
        all.addAll(interpreter().library());
        return all;
    }
}
