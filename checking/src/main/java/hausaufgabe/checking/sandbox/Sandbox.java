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
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * How driven processes are started. In the sandbox: namespaces of its own, no network, the language's runtime and the
 * libraries it needs read-only and no other file of the machine, nothing of the process itself to look at, an empty folder in memory, no
 * environment, no capabilities, limits on CPU time, processes, files.
 */
public final class Sandbox {

    /** Most that may be written to the working folder, all files together. */
    private static final int FOLDER_BYTES = 16 << 20;

    private static final Pattern LIBRARY = Pattern.compile("(?:=> )?(/\\S+) \\(0x");

    /** The same for every process of a runtime, and worked out once. */
    private static final Map<Class<?>, List<String>> WRAPPINGS = new ConcurrentHashMap<>();

    private static final Map<Class<?>, Optional<String>> PROBLEMS = new ConcurrentHashMap<>();

    private final DriverRuntime runtime;
    private final List<String> wrapping;

    public Sandbox(DriverRuntime runtime) {
        this.runtime = runtime;
        this.wrapping = wrapping(runtime);
    }

    /** What test classes are compiled with and run by, where the check can read it. */
    public List<Path> testLibraries() {
        return runtime.testLibraries().stream()
                .map(runtime.driverFiles()::resolve)
                .toList();
    }

    /** The same, where a driven process can read it. */
    List<String> testLibraries(Isolation isolation) {
        String folder = folder(isolation == Isolation.SANDBOX);
        return runtime.testLibraries().stream().map(t -> folder + "/" + t).toList();
    }

    /** Why nothing can be sandboxed on this machine, or nothing where it can. Takes about a quarter of a second. */
    public static Optional<String> problem(DriverRuntime runtime) {
        if (runtime.problem().isPresent()) {
            return runtime.problem();
        }
        for (String program : List.of("bwrap", "prlimit")) {
            if (find(program).isEmpty()) {
                String from = program.equals("bwrap") ? "bubblewrap" : "util-linux";
                return Optional.of(
                        program + " is not installed (package " + from + "), so student code cannot be run safely");
            }
        }
        try {
            List<String> command = new ArrayList<>(wrapping(runtime));
            command.add("--");
            command.addAll(limits(RunLimits.USUAL, runtime));
            command.addAll(runtime.trial());
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

    /** {@link #problem}, asked once for each runtime in the life of this process. */
    public static Optional<String> problemOnce(DriverRuntime runtime) {
        return PROBLEMS.computeIfAbsent(runtime.getClass(), r -> problem(runtime));
    }

    /** Why nothing can be run here, or nothing where it can; asked once. */
    Optional<String> problemOnce() {
        return problemOnce(runtime);
    }

    private String folder(boolean isolated) {
        return isolated ? DriverRuntime.DRIVER_FOLDER : runtime.driverFiles().toString();
    }

    /** The whole command that starts one driven process. */
    List<String> command(Isolation isolation, RunLimits limits) {
        boolean isolated = isolation == Isolation.SANDBOX;
        List<String> command = new ArrayList<>();
        if (isolated) {
            command.addAll(wrapping);
            command.addAll(List.of("--ro-bind", folder(false), folder(true), "--remount-ro", "/", "--"));
            command.addAll(limits(limits, runtime));
        }
        command.addAll(runtime.command(folder(isolated), limits, isolated));
        return command;
    }

    private static List<String> limits(RunLimits limits, DriverRuntime runtime) {
        return List.of(
                find("prlimit").orElseThrow().toString(),
                "--cpu=" + limits.cpuSeconds() + ":" + limits.cpuSeconds(),
                "--nproc=" + (limits.threads() + runtime.ownThreads()),
                "--fsize=" + FOLDER_BYTES,
                "--nofile=256",
                "--core=0",
                "--");
    }

    /** The command that makes a sandbox in which the runtime can be started. */
    public static List<String> wrapping(DriverRuntime runtime) {
        return WRAPPINGS.computeIfAbsent(runtime.getClass(), r -> wrap(runtime));
    }

    private static List<String> wrap(DriverRuntime runtime) {
        List<String> command = new ArrayList<>();
        if ("root".equals(System.getProperty("user.name")) && find("setpriv").isPresent()) {
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
        runtime.shown().forEach(p -> bind(command, p));
        Path limiter = find("prlimit").orElse(null);
        if (limiter != null) {
            bind(command, limiter);
        }
        for (Path library : libraries(limiter, runtime)) {
            bind(command, library);
        }
        // the runtime only looks for itself there; what it would tell of its memory opens a way into it
        command.addAll(List.of(
                "--tmpfs",
                "/proc",
                "--dir",
                "/proc/self",
                "--symlink",
                runtime.program().toString(),
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
    private static Set<Path> libraries(Path limiter, DriverRuntime runtime) {
        Set<Path> found = new LinkedHashSet<>();
        List<String> command = new ArrayList<>(List.of("ldd"));
        if (limiter != null) {
            command.add(limiter.toString());
        }
        try {
            runtime.linked().stream().map(Path::toString).forEach(command::add);
            Process p = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            try (BufferedReader in =
                    new BufferedReader(new InputStreamReader(p.getInputStream(), StandardCharsets.UTF_8))) {
                in.lines().forEach(line -> {
                    Matcher m = LIBRARY.matcher(line);
                    if (m.find() && runtime.shown().stream().noneMatch(Path.of(m.group(1))::startsWith)) {
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

    private static void bind(List<String> command, Path path) {
        if (Files.exists(path)) {
            command.addAll(List.of("--ro-bind", path.toString(), path.toString()));
        }
    }

    private static Optional<Path> find(String program) {
        return Stream.of(System.getenv().getOrDefault("PATH", "/usr/bin:/bin").split(File.pathSeparator))
                .map(folder -> Path.of(folder, program))
                .filter(Files::isExecutable)
                .findFirst();
    }
}
