package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.core.notation.RunLimits;
import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * How driven processes are started. In the sandbox: namespaces of its own, no network, the Java runtime and the libraries it
 * needs read-only and no other file of the machine, nothing of the process itself to look at, an empty folder in memory, no
 * environment, no capabilities, limits on CPU time, processes, files.
 */
public final class Sandbox {

    /** Threads of the runtime's own, which the program's limit does not count. */
    private static final int RUNTIME_THREADS = 20;
    /** Most that may be written to the working folder, all files together. */
    private static final int FOLDER_BYTES = 16 << 20;

    private static final Pattern LIBRARY = Pattern.compile("(?:=> )?(/\\S+) \\(0x");

    /** Parts of the runtime for screens, sound and cards, none of which are there. */
    private static final Pattern NEEDS_A_SCREEN =
            Pattern.compile("libawt_xawt|libjawt|libsplashscreen|libjsound|libj2pcsc|libatk");

    /** Memory that a driven process begins with, where it may have so much. */
    private static final int START_MEGABYTES = 16;

    private final Path driver;

    public Sandbox() {
        this.driver = DriverFiles.folder();
    }

    /** What test classes are compiled with and run by, where the check can read it. */
    public List<Path> testLibraries() {
        return DriverFiles.TESTS.stream().map(driver::resolve).toList();
    }

    /** The same, where a driven process can read it. */
    List<String> testLibraries(Isolation isolation) {
        String folder = isolation == Isolation.SANDBOX ? "/driver" : driver.toString();
        return DriverFiles.TESTS.stream().map(t -> folder + "/" + t).toList();
    }

    /** Why nothing can be sandboxed on this machine, or nothing where it can. Takes about a quarter of a second. */
    public static Optional<String> problem() {
        for (String program : List.of("bwrap", "prlimit")) {
            if (find(program).isEmpty()) {
                String from = program.equals("bwrap") ? "bubblewrap" : "util-linux";
                return Optional.of(
                        program + " is not installed (package " + from + "), so student code cannot be run safely");
            }
        }
        try {
            List<String> command = new ArrayList<>(wrapping());
            command.add("--");
            command.addAll(limits(RunLimits.USUAL));
            command.addAll(List.of(javaHome().resolve("bin/java").toString(), "-version"));
            Process p = new ProcessBuilder(command).redirectErrorStream(true).start();
            String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
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
    List<String> command(Isolation isolation, RunLimits limits) {
        List<String> command = new ArrayList<>();
        String folder = driver.toString();
        List<String> more = List.of();
        if (isolation == Isolation.SANDBOX) {
            command.addAll(wrapping());
            command.addAll(List.of("--ro-bind", driver.toString(), "/driver", "--remount-ro", "/", "--"));
            command.addAll(limits(limits));
            folder = "/driver";
            if (Files.exists(driver.resolve(DriverFiles.ARCHIVE))) {
                more = List.of("-Xshare:auto", "-XX:SharedArchiveFile=/driver/" + DriverFiles.ARCHIVE);
            }
        }
        command.addAll(java(folder, limits.megabytes(), more));
        return command;
    }

    /** The driver in a runtime that behaves alike everywhere. */
    static List<String> java(String folder, int megabytes, List<String> more) {
        List<String> command = new ArrayList<>();
        command.add(javaHome().resolve("bin/java").toString());
        command.addAll(List.of(
                "-Xlog:disable",
                // most of a program is run a few times, which does not earn back being compiled
                "-XX:TieredStopAtLevel=1",
                "-XX:CompileThresholdScaling=5",
                // the one collector that takes objects from an archive as they lie there
                "-XX:+UseG1GC",
                "-XX:ParallelGCThreads=2",
                "-XX:ConcGCThreads=1",
                "-XX:-UsePerfData",
                "-XX:+DisableAttachMechanism",
                "-XX:+ExitOnOutOfMemoryError",
                "-Xms" + Math.min(START_MEGABYTES, megabytes) + "m",
                "-Xmx" + megabytes + "m",
                "-XX:MaxDirectMemorySize=32m",
                "-XX:MaxMetaspaceSize=128m",
                "-XX:ReservedCodeCacheSize=32m",
                "-Djava.awt.headless=true",
                "-Duser.language=en",
                "-Duser.country=GB",
                "-Duser.timezone=UTC",
                "-Dfile.encoding=UTF-8"));
        command.addAll(more);
        command.addAll(List.of("-cp", folder + "/driver-jvm.jar:" + folder + "/json.jar", "hausaufgabe.driver.Main"));
        return command;
    }

    private static List<String> limits(RunLimits limits) {
        return List.of(
                find("prlimit").orElseThrow().toString(),
                "--cpu=" + limits.cpuSeconds() + ":" + limits.cpuSeconds(),
                "--nproc=" + (limits.threads() + RUNTIME_THREADS),
                "--fsize=" + FOLDER_BYTES,
                "--nofile=256",
                "--core=0",
                "--");
    }

    static List<String> wrapping() {
        return Wrapping.COMMAND;
    }

    /** The same for every process, and worked out once. */
    private static final class Wrapping {

        private static final List<String> COMMAND = command();

        private static List<String> command() {
            List<String> command = new ArrayList<>();
            if ("root".equals(System.getProperty("user.name"))
                    && find("setpriv").isPresent()) {
                command.addAll(List.of("setpriv", "--reuid=65534", "--regid=65534", "--clear-groups"));
            }
            command.addAll(List.of(
                    "bwrap",
                    "--unshare-all",
                    "--as-pid-1",
                    "--die-with-parent",
                    "--new-session",
                    "--clearenv",
                    "--cap-drop",
                    "ALL",
                    "--hostname",
                    "harbour"));
            Path java = javaHome();
            bind(command, java);
            bindConfiguration(command);
            Path limiter = find("prlimit").orElse(null);
            if (limiter != null) {
                bind(command, limiter);
            }
            for (Path library : libraries(limiter)) {
                bind(command, library);
            }
            // the runtime only looks for itself there; what it would tell of its memory opens a way into it
            command.addAll(List.of(
                    "--tmpfs",
                    "/proc",
                    "--dir",
                    "/proc/self",
                    "--symlink",
                    java.resolve("bin/java").toString(),
                    "/proc/self/exe",
                    "--remount-ro",
                    "/proc",
                    "--dev",
                    "/dev",
                    "--size",
                    String.valueOf(FOLDER_BYTES),
                    "--tmpfs",
                    "/tmp",
                    "--chdir",
                    "/tmp"));
            return List.copyOf(command);
        }

        /** The libraries that the runtime and the limiter are linked with, as the machine's own loader finds them. */
        private static Set<Path> libraries(Path limiter) {
            Set<Path> found = new LinkedHashSet<>();
            List<String> command = new ArrayList<>(List.of("ldd"));
            if (limiter != null) {
                command.add(limiter.toString());
            }
            try (Stream<Path> files = Files.walk(javaHome())) {
                files.filter(p -> p.toString().endsWith(".so") || p.endsWith("bin/java"))
                        .filter(p -> !NEEDS_A_SCREEN.matcher(p.toString()).find())
                        .filter(Files::isRegularFile)
                        .map(Path::toString)
                        .sorted()
                        .forEach(command::add);
                Process p = new ProcessBuilder(command)
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
                try (BufferedReader in =
                        new BufferedReader(new InputStreamReader(p.getInputStream(), StandardCharsets.UTF_8))) {
                    in.lines().forEach(line -> {
                        Matcher m = LIBRARY.matcher(line);
                        if (m.find() && !m.group(1).startsWith(javaHome().toString())) {
                            found.add(Path.of(m.group(1)));
                        }
                    });
                }
                p.waitFor(10, TimeUnit.SECONDS);
            } catch (IOException e) {
                found.clear();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            if (found.isEmpty()) {
                Stream.of("/usr/lib", "/lib", "/lib64").map(Path::of).forEach(found::add);
            }
            return found;
        }
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
