package hausaufgabe.checking.sandbox.jvm;

import hausaufgabe.checking.sandbox.DriverFolder;
import hausaufgabe.checking.sandbox.Folders;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.core.notation.RunLimits;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The driver's files, laid out once for each version and kept: its packages, and an archive of its classes that lets it
 * start sooner. A process that finds them as they should be uses them.
 */
final class JvmDriverFiles {

    private static final Logger LOG = LoggerFactory.getLogger(JvmDriverFiles.class);

    static final List<String> DRIVER = List.of("driver-jvm.jar", "json.jar");
    /** What runs test classes. */
    static final List<String> TESTS = List.of(
            "junit-jupiter-api.jar",
            "junit-jupiter-engine.jar",
            "junit-jupiter-params.jar",
            "junit-platform-commons.jar",
            "junit-platform-engine.jar",
            "junit-platform-launcher.jar",
            "opentest4j.jar",
            "apiguardian-api.jar");

    static final String ARCHIVE = "driver.jsa";

    private static final String SESSION = "{\"secret\":\"none\",\"output\":1000}\n{\"do\":\"forget\",\"id\":1}\n";

    private JvmDriverFiles() {}

    /** Where the files are. They may be read by anyone and written by us. */
    static synchronized Path folder(JvmRuntime runtime) {
        String said = System.getProperty("java.home")
                + Runtime.version()
                + String.join(" ", JvmRuntime.java("", 0, List.of()));
        return DriverFolder.of(DriverFolder.version(DRIVER, "", said), folder -> {
            DriverFolder.copy(DRIVER, "", folder);
            DriverFolder.copy(TESTS, "", folder);
            archive(runtime, folder);
        });
    }

    /**
     * Starts the driver once, in the sandbox as it will be, and has the runtime write down the classes it used; then has them
     * laid out as they will lie in memory.
     */
    private static void archive(JvmRuntime runtime, Path folder) throws IOException {
        if (Sandbox.problemOnce(runtime).isPresent()) {
            return;
        }
        Path out = Files.createTempDirectory(folder, "out");
        Files.setPosixFilePermissions(out, PosixFilePermissions.fromString("rwxrwxrwx"));
        inSandbox(runtime, folder, out, List.of("-Xshare:auto", "-XX:DumpLoadedClassList=/out/classes"));
        addUsual(out.resolve("classes"));
        inSandbox(
                runtime,
                folder,
                out,
                List.of(
                        "-Xshare:dump",
                        "-XX:SharedClassListFile=/out/classes",
                        "-XX:SharedArchiveFile=/out/" + ARCHIVE));
        Path made = out.resolve(ARCHIVE);
        if (Files.exists(made)) {
            Path kept = folder.resolve(ARCHIVE);
            Files.copy(made, kept);
            Files.setPosixFilePermissions(kept, PosixFilePermissions.fromString("rw-r--r--"));
        } else {
            LOG.info("driven processes start without an archive of their classes");
        }
        Folders.delete(out);
    }

    /** What programs usually use, as the runtime's makers have counted it; the students' will, too. */
    private static void addUsual(Path classes) throws IOException {
        Path usual = Path.of(System.getProperty("java.home"), "lib", "classlist");
        if (Files.exists(classes) && Files.exists(usual)) {
            Set<String> all = new LinkedHashSet<>(Files.readAllLines(classes));
            Files.readAllLines(usual).stream()
                    .filter(line -> !line.startsWith("#"))
                    .forEach(all::add);
            Files.write(classes, all);
        }
    }

    /** Starts the driver for a session in which nothing happens. */
    private static void inSandbox(JvmRuntime runtime, Path folder, Path out, List<String> options) throws IOException {
        List<String> command = new ArrayList<>(Sandbox.wrapping(runtime));
        command.addAll(List.of("--ro-bind", folder.toString(), "/driver", "--bind", out.toString(), "/out", "--"));
        command.addAll(JvmRuntime.java("/driver", RunLimits.USUAL.megabytes(), options));
        Process p = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (OutputStream to = p.getOutputStream()) {
            to.write(SESSION.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            // one that only lays out does not listen
        }
        try {
            if (!p.waitFor(30, TimeUnit.SECONDS)) {
                p.destroyForcibly();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
