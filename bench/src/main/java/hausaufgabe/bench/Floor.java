package hausaufgabe.bench;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.language.java.JavaReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** What no check can do without: the compiler, warm, and a runtime, started bare, that runs the program once. */
final class Floor {

    private final JavaReader reader = new JavaReader();
    private final List<SourceFile> sources;
    private final Path classes;

    Floor(Path folder, List<SourceFile> sources) throws IOException {
        this.sources = sources;
        this.classes = Files.createDirectories(folder.resolve("classes"));
        Map<String, byte[]> program =
                reader.compile(sources, List.of(), List.of()).program();
        for (Map.Entry<String, byte[]> c : program.entrySet()) {
            Files.write(classes.resolve(c.getKey() + ".class"), c.getValue());
        }
    }

    Object once() throws IOException, InterruptedException {
        Object compiled = reader.compile(sources, List.of(), List.of());
        Process p = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        classes.toString(),
                        "Main")
                .redirectErrorStream(true)
                .start();
        String said = new String(p.getInputStream().readAllBytes());
        if (p.waitFor() != 0 || !said.startsWith("fine")) {
            throw new IOException("the program of the floor does not run: " + said);
        }
        return compiled;
    }
}
