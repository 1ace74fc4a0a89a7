package hausaufgabe.server.keeping;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Makes the copies of the records that are asked for by a file in the data folder. Only the running server can read the records, and
 * only whoever may write to its folder can ask.
 */
@Component
class AskedCopies {

    /** What a file that asks for a copy begins with; a copy that is done has the rest of its name. */
    static final String ASKED = "copy-asked-";

    static final String DONE = "copy-done-";
    static final String FAILED = "copy-failed-";

    private static final Logger LOG = LoggerFactory.getLogger(AskedCopies.class);
    private static final int LOOKS_MILLISECONDS = 500;

    private final Path folder;
    private final DataSource records;
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread t = new Thread(work, "asked-copies");
        t.setDaemon(true);
        return t;
    });

    AskedCopies(@Value("${hausaufgabe.data}") Path folder, DataSource records) {
        this.folder = folder;
        this.records = records;
    }

    @EventListener(ApplicationReadyEvent.class)
    void watch() {
        looking.scheduleWithFixedDelay(this::look, 0, LOOKS_MILLISECONDS, TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void close() {
        looking.shutdownNow();
    }

    void look() {
        List<Path> asked;
        try (Stream<Path> all = Files.list(folder)) {
            asked = all.filter(p -> p.getFileName().toString().startsWith(ASKED))
                    .toList();
        } catch (IOException e) {
            return;
        }
        for (Path p : asked) {
            String rest = p.getFileName().toString().substring(ASKED.length());
            try (Connection c = records.getConnection()) {
                Files.delete(p);
                RecordsCopy.write(c, folder, folder.resolve(DONE + rest));
                LOG.info("a copy of the records was made");
            } catch (IOException | SQLException | RuntimeException e) {
                LOG.warn("a copy of the records could not be made", e);
                try {
                    Files.writeString(folder.resolve(FAILED + rest), String.valueOf(e.getMessage()));
                } catch (IOException full) {
                    LOG.warn("nor could that be said", full);
                }
            }
        }
    }
}
