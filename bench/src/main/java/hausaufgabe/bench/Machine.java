package hausaufgabe.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** What the machine's own books say of its processors and processes. */
final class Machine {

    /** Place of the time taken by others among the numbers of a line of processor times. */
    private static final int STOLEN = 7;

    private Machine() {}

    /** Time of all processors together, and of it what other machines on the same hardware have taken. */
    static long[] taken() throws IOException {
        String[] times = Files.readAllLines(Path.of("/proc/stat")).get(0).split("\\s+");
        long all = 0;
        for (int i = 1; i < times.length; i++) {
            all += Long.parseLong(times[i]);
        }
        return new long[] {all, Long.parseLong(times[STOLEN + 1])};
    }

    /** The part taken since then, in percent. */
    static double percent(long[] since) throws IOException {
        long[] now = taken();
        return 100.0 * (now[1] - since[1]) / Math.max(1, now[0] - since[0]);
    }

    /** Processes that have ended and wait for whoever started them to take notice. */
    static long dead() throws IOException {
        long dead = 0;
        try (Stream<Path> all = Files.list(Path.of("/proc"))) {
            List<Path> processes =
                    all.filter(p -> p.getFileName().toString().matches("\\d+")).toList();
            for (Path p : processes) {
                try {
                    dead += Files.readString(p.resolve("stat")).matches("(?s)\\d+ \\(bwrap\\) Z.*") ? 1 : 0;
                } catch (IOException gone) {
                    // it has been
                }
            }
        }
        return dead;
    }
}
