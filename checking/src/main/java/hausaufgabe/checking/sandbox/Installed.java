package hausaufgabe.checking.sandbox;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The interpreters that are installed on this machine. */
public final class Installed {

    private Installed() {}

    /**
     * The first that will do, the distribution's own before those on the path.
     *
     * @param asked says what one is; empty where it will not do
     * @return empty for none
     */
    public static <T> Optional<T> first(String name, Function<Path, Optional<T>> asked) {
        List<Path> places = new ArrayList<>(List.of(Path.of("/usr/bin", name)));
        Stream.of(System.getenv().getOrDefault("PATH", "").split(File.pathSeparator))
                .filter(folder -> !folder.isEmpty())
                .map(folder -> Path.of(folder, name))
                .forEach(places::add);
        return places.stream()
                .filter(Files::isExecutable)
                .flatMap(p -> asked.apply(p).stream())
                .findFirst();
    }

    /** What a program prints, line by line; empty where it cannot be started or fails. */
    public static Optional<List<String>> said(List<String> command) {
        try {
            Process p = new ProcessBuilder(command).redirectErrorStream(true).start();
            String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return p.waitFor() == 0 ? Optional.of(said.lines().toList()) : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    /** Where a program lies that links lead to; empty where they lead nowhere. */
    public static Optional<Path> real(Path program) {
        try {
            return Optional.of(program.toRealPath());
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
