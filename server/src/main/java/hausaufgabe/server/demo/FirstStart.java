package hausaufgabe.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Says while the demo's records are being made that they are, so that a start that was broken off is begun anew. */
public final class FirstStart {

    private static final String RECORDS = "records.mv.db";

    private final Path mark;

    FirstStart(Path data) {
        this.mark = mark(data);
    }

    /**
     * Takes away what a demo's first start that was broken off has left; does nothing to records that are whole.
     *
     * @param data the demo's folder, which need not be there
     */
    public static void startOver(Path data) throws IOException {
        if (Files.exists(mark(data))) {
            Files.deleteIfExists(data.resolve(RECORDS));
            Files.deleteIfExists(mark(data));
        }
    }

    void begin() throws IOException {
        Files.writeString(mark, "The demo's records are being made. A start that finds this file begins anew.\n");
    }

    void end() throws IOException {
        Files.deleteIfExists(mark);
    }

    private static Path mark(Path data) {
        return data.resolve("demo-begun");
    }
}
