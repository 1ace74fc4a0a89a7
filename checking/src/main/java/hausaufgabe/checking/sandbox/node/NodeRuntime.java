package hausaufgabe.checking.sandbox.node;

import hausaufgabe.checking.sandbox.DriverFolder;
import hausaufgabe.checking.sandbox.DriverRuntime;
import hausaufgabe.core.notation.RunLimits;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** JavaScript programs run on the Node.js of this machine: the distribution's own, else the first on the path. */
public final class NodeRuntime implements DriverRuntime {

    /** The oldest version that has what the driver needs. */
    private static final int OLDEST = 18;

    private static final int RUNTIME_THREADS = 40;

    private static final List<String> DRIVER =
            List.of("main.mjs", "handler.mjs", "loading.mjs", "refusals.mjs", "tracing.mjs", "values.mjs");

    private static final String FOLDER = "javascript/";

    private static final Optional<Interpreter> FOUND = find();

    private Path files;

    private record Interpreter(Path program, String version) {
        int major() {
            return Integer.parseInt(version.replaceFirst("^v(\\d+).*$", "$1"));
        }
    }

    private static Optional<Interpreter> find() {
        List<Path> places = new ArrayList<>(List.of(Path.of("/usr/bin/node")));
        Stream.of(System.getenv().getOrDefault("PATH", "").split(File.pathSeparator))
                .filter(folder -> !folder.isEmpty())
                .map(folder -> Path.of(folder, "node"))
                .forEach(places::add);
        return places.stream()
                .filter(Files::isExecutable)
                .flatMap(p -> asked(p).stream())
                .findFirst();
    }

    private static Optional<Interpreter> asked(Path program) {
        try {
            Process p = new ProcessBuilder(program.toString(), "--version")
                    .redirectErrorStream(true)
                    .start();
            String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            if (p.waitFor() != 0 || !said.matches("v\\d+\\.\\d+\\.\\d+.*")) {
                return Optional.empty();
            }
            Interpreter found = new Interpreter(program.toRealPath(), said);
            return found.major() < OLDEST ? Optional.empty() : Optional.of(found);
        } catch (IOException e) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    private static Interpreter interpreter() {
        return FOUND.orElseThrow(() -> new IllegalStateException("there is no Node.js here"));
    }

    @Override
    public Optional<String> problem() {
        return FOUND.isPresent()
                ? Optional.empty()
                : Optional.of("Node.js " + OLDEST + " or newer is not installed (package nodejs)");
    }

    @Override
    public synchronized Path driverFiles() {
        if (files == null) {
            String version = DriverFolder.version(DRIVER, FOLDER, interpreter().version());
            files = DriverFolder.of("node-" + version, folder -> DriverFolder.copy(DRIVER, FOLDER, folder));
        }
        return files;
    }

    @Override
    public List<String> command(String folder, RunLimits limits, boolean isolated) {
        List<String> command = new ArrayList<>(List.of(
                interpreter().program().toString(),
                "--experimental-vm-modules",
                "--no-warnings",
                "--no-addons",
                "--no-global-search-paths",
                "--max-old-space-size=" + limits.megabytes(),
                "--max-semi-space-size=4",
                "--v8-pool-size=2",
                "--stack-size=900"));
        if (interpreter().major() >= 20) {
            // nothing of a program starts another one, whatever it finds
            command.addAll(List.of("--experimental-permission", "--allow-fs-read=*", "--allow-fs-write=*"));
        }
        command.add(folder + "/main.mjs");
        return command;
    }

    @Override
    public Path program() {
        return interpreter().program();
    }

    @Override
    public List<String> trial() {
        return List.of(program().toString(), "--version");
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
        return List.of(program());
    }

    @Override
    public List<Path> shown() {
        return List.of(program());
    }
}
