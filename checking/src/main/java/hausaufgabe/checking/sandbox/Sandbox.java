package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How driven processes are started. In the sandbox: namespaces of its own, no network, the Java runtime read-only, an empty
 * folder in memory, no environment, no capabilities, limits on CPU time, processes and files.
 */
public final class Sandbox {

    private static final List<String> DRIVER = List.of("driver-jvm.jar", "minimal-json.jar", "byte-buddy.jar");

    private final Path driver;
    private final Bounds bounds;

    /**
     * @param wallMilliseconds most time for all of one submission's runs
     * @param requestMilliseconds most time for one answer
     * @param cpuSeconds most CPU time of one process
     * @param heapMegabytes most memory of the student's objects
     * @param processes most processes and threads, the runtime's own among them
     * @param outputBytes most that may be printed
     */
    public record Bounds(
            long wallMilliseconds,
            long requestMilliseconds,
            int cpuSeconds,
            int heapMegabytes,
            int processes,
            int outputBytes) {

        public static final Bounds USUAL = new Bounds(20_000, 3_000, 10, 256, 64, 1 << 20);
    }

    public Sandbox(Bounds bounds) {
        this.bounds = bounds;
        this.driver = unpackDriver();
    }

    Bounds bounds() {
        return bounds;
    }

    /** Copies the driver out of our own package, to a folder which anyone may read and that goes with this process. */
    private static Path unpackDriver() {
        try {
            Path folder = Files.createTempDirectory("hausaufgabe-driver");
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
            for (String name : DRIVER) {
                try (InputStream in = Sandbox.class.getResourceAsStream("/hausaufgabe/checking/driver/" + name)) {
                    if (in == null) {
                        throw new IllegalStateException("the package lacks its driver, " + name + "; build it again");
                    }
                    Path to = folder.resolve(name);
                    Files.copy(in, to);
                    Files.setPosixFilePermissions(to, PosixFilePermissions.fromString("rw-r--r--"));
                    to.toFile().deleteOnExit();
                }
            }
            folder.toFile().deleteOnExit();
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Why nothing can be sandboxed on this machine, or nothing where it can. Takes about a quarter of a second. */
    public static Optional<String> problem() {
        if (find("bwrap").isEmpty()) {
            return Optional.of(
                    "bubblewrap is not installed (package bubblewrap), so student code cannot be run safely");
        }
        try {
            List<String> command = new ArrayList<>(wrapping());
            command.add("/usr/bin/true");
            Process p = new ProcessBuilder(command).redirectErrorStream(true).start();
            String said =
                    new String(p.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8).strip();
            return p.waitFor() == 0
                    ? Optional.empty()
                    : Optional.of("bubblewrap cannot make a sandbox on this machine: " + said);
        } catch (IOException e) {
            return Optional.of("bubblewrap could not be started: " + e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.of("the test of bubblewrap was interrupted");
        }
    }

    private static final class Tested {
        private static final String PROBLEM = problem().orElse(null);
    }

    /** {@link #problem()}, asked once in the life of this process; null where there is none. */
    static String problemOnce() {
        return Tested.PROBLEM;
    }

    /** The whole command that starts one driven process. */
    List<String> command(Isolation isolation) {
        List<String> command = new ArrayList<>();
        String folder = driver.toString();
        if (isolation == Isolation.SANDBOX) {
            command.addAll(wrapping());
            command.addAll(List.of("--ro-bind", driver.toString(), "/driver", "--"));
            folder = "/driver";
            command.addAll(limits());
        }
        command.add(javaHome().resolve("bin/java").toString());
        command.addAll(List.of(
                "-Xshare:auto",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-XX:-UsePerfData",
                "-XX:+ExitOnOutOfMemoryError",
                "-Xmx" + bounds.heapMegabytes() + "m",
                "-XX:MaxMetaspaceSize=128m",
                "-XX:ReservedCodeCacheSize=32m",
                "-Djava.awt.headless=true",
                "-Duser.language=en",
                "-Duser.country=GB",
                "-Duser.timezone=UTC",
                "-Dfile.encoding=UTF-8",
                "--module-path",
                folder,
                "--add-modules",
                "java.se",
                "-m",
                "hausaufgabe.driver/hausaufgabe.driver.Main"));
        return command;
    }

    /** Limits set by the shell inside the sandbox, since bubblewrap sets none. */
    private List<String> limits() {
        String script = "ulimit -t " + bounds.cpuSeconds() + "; ulimit -f 0; ulimit -c 0; ulimit -u "
                + bounds.processes() + " 2>/dev/null; exec \"$@\"";
        return List.of("/bin/sh", "-c", script, "sh");
    }

    private static List<String> wrapping() {
        List<String> command = new ArrayList<>();
        if ("root".equals(System.getProperty("user.name")) && find("setpriv").isPresent()) {
            command.addAll(List.of("setpriv", "--reuid=65534", "--regid=65534", "--clear-groups"));
        }
        command.addAll(List.of(
                "bwrap",
                "--unshare-all",
                "--die-with-parent",
                "--new-session",
                "--clearenv",
                "--cap-drop",
                "ALL",
                "--hostname",
                "harbour"));
        for (String shared :
                List.of("/usr/lib", "/usr/bin/true", "/usr/bin/dash", "/usr/bin/sh", "/bin", "/lib", "/lib64")) {
            bind(command, Path.of(shared));
        }
        bind(command, javaHome());
        bindConfiguration(command);
        command.addAll(List.of("--proc", "/proc", "--dev", "/dev", "--tmpfs", "/tmp", "--chdir", "/tmp"));
        return command;
    }

    private static void bind(List<String> command, Path path) {
        if (Files.exists(path)) {
            command.addAll(List.of("--ro-bind", path.toString(), path.toString()));
        }
    }

    /** Debian keeps the runtime's configuration outside its folder, behind links. */
    private static void bindConfiguration(List<String> command) {
        try (Stream<Path> files = Files.walk(javaHome().resolve("conf"), 1)) {
            files.filter(Files::isSymbolicLink)
                    .map(Sandbox::target)
                    .map(Path::getParent)
                    .distinct()
                    .filter(p -> p != null && !p.startsWith(javaHome()))
                    .forEach(p -> bind(command, p));
        } catch (IOException e) {
            // a runtime without such a folder needs none
        }
    }

    private static Path target(Path link) {
        try {
            return link.toRealPath();
        } catch (IOException e) {
            return link;
        }
    }

    private static Path javaHome() {
        return Path.of(System.getProperty("java.home"));
    }

    private static Optional<Path> find(String program) {
        return Stream.of(System.getenv().getOrDefault("PATH", "/usr/bin:/bin").split(File.pathSeparator))
                .map(folder -> Path.of(folder, program))
                .filter(Files::isExecutable)
                .findFirst();
    }
}
