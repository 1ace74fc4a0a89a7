package hausaufgabe.checking.sandbox.node;

import hausaufgabe.checking.sandbox.DriverFolder;
import hausaufgabe.checking.sandbox.DriverRuntime;
import hausaufgabe.checking.sandbox.Installed;
import hausaufgabe.core.notation.RunLimits;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** JavaScript programs run on the Node.js of this machine: the distribution's own, else the first on the path. */
public final class NodeRuntime implements DriverRuntime {

    /** The oldest version that has what the driver needs. */
    private static final int OLDEST = 18;

    private static final int RUNTIME_THREADS = 40;

    private static final List<String> DRIVER =
            List.of("main.mjs", "handler.mjs", "loading.mjs", "refusals.mjs", "tracing.mjs", "values.mjs");

    private static final String FOLDER = "javascript/";

    private static final Optional<Interpreter> FOUND = Installed.first("node", NodeRuntime::asked);

    private Path files;

    private record Interpreter(Path program, String version) {
        int major() {
            return Integer.parseInt(version.replaceFirst("^v(\\d+).*$", "$1"));
        }
    }

    private static Optional<Interpreter> asked(Path program) {
        return Installed.said(List.of(program.toString(), "--version"))
                .filter(said -> said.size() == 1 && said.get(0).matches("v\\d+\\.\\d+\\.\\d+.*"))
                .flatMap(said -> Installed.real(program).map(real -> new Interpreter(real, said.get(0))))
                .filter(found -> found.major() >= OLDEST);
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
