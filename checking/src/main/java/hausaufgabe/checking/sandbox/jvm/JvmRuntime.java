package hausaufgabe.checking.sandbox.jvm;

import hausaufgabe.checking.sandbox.DriverRuntime;
import hausaufgabe.core.notation.RunLimits;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Java programs run on the runtime that the checker itself runs on. */
public final class JvmRuntime implements DriverRuntime {

    private static final int RUNTIME_THREADS = 20;

    /** Memory that a driven process begins with, where it may have so much. */
    private static final int START_MEGABYTES = 16;

    /** Parts of the runtime for screens, sound and cards, none of which are there. */
    private static final Pattern NEEDS_A_SCREEN =
            Pattern.compile("libawt_xawt|libjawt|libsplashscreen|libjsound|libj2pcsc|libatk");

    private Path files;

    @Override
    public Optional<String> problem() {
        return Optional.empty();
    }

    @Override
    public synchronized Path driverFiles() {
        if (files == null) {
            files = JvmDriverFiles.folder(this);
        }
        return files;
    }

    @Override
    public List<String> command(String folder, RunLimits limits, boolean isolated) {
        boolean archived = isolated && Files.exists(driverFiles().resolve(JvmDriverFiles.ARCHIVE));
        return java(
                folder,
                limits.megabytes(),
                archived
                        ? List.of("-Xshare:auto", "-XX:SharedArchiveFile=" + folder + "/" + JvmDriverFiles.ARCHIVE)
                        : List.of());
    }

    @Override
    public Path program() {
        return javaHome().resolve("bin/java");
    }

    @Override
    public List<String> trial() {
        return List.of(program().toString(), "-version");
    }

    @Override
    public int ownThreads() {
        return RUNTIME_THREADS;
    }

    @Override
    public List<String> testLibraries() {
        return JvmDriverFiles.TESTS;
    }

    @Override
    public List<Path> linked() {
        try (Stream<Path> all = Files.walk(javaHome())) {
            return all.filter(p -> p.toString().endsWith(".so") || p.endsWith("bin/java"))
                    .filter(p -> !NEEDS_A_SCREEN.matcher(p.toString()).find())
                    .filter(Files::isRegularFile)
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Debian keeps the runtime's configuration outside its folder, behind links. */
    @Override
    public List<Path> shown() {
        List<Path> shown = new ArrayList<>(List.of(javaHome()));
        try (Stream<Path> all = Files.walk(javaHome().resolve("conf"), 1)) {
            all.filter(Files::isSymbolicLink)
                    .map(JvmRuntime::target)
                    .map(Path::getParent)
                    .distinct()
                    .filter(p -> p != null && !p.startsWith(javaHome()))
                    .forEach(shown::add);
        } catch (IOException e) {
            // a runtime without such a folder needs none
        }
        return shown;
    }

    private static Path target(Path link) {
        try {
            return link.toRealPath();
        } catch (IOException e) {
            return link;
        }
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

    private static Path javaHome() {
        return Path.of(System.getProperty("java.home"));
    }
}
