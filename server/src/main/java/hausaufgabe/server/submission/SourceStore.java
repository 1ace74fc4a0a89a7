package hausaufgabe.server.submission;

import hausaufgabe.checking.archive.Upload;
import hausaufgabe.server.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Sources by the hash of what they say. What was handed in twice is kept once. */
@Component
class SourceStore {

    /** How many uploads are kept unpacked, those used last: a page asks for one file of an upload after the other. */
    private static final int UNPACKED = 8;

    interface Repository extends JpaRepository<Content, String> {}

    private final Repository contents;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Map<String, Upload> unpacked = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Upload> eldest) {
            return size() > UNPACKED;
        }
    };

    SourceStore(Repository contents, TransactionTemplate transaction, Clock clock) {
        this.contents = contents;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Keeps an upload and gives its hash. */
    String keep(Upload upload) {
        PackedSources packed = PackedSources.of(upload);
        try {
            transaction.executeWithoutResult(status -> {
                if (!contents.existsById(packed.hash())) {
                    contents.saveAndFlush(new Content(packed, Instant.now(clock)));
                }
            });
        } catch (DataIntegrityViolationException e) {
            // the same was handed in by somebody else at this very moment
        }
        return packed.hash();
    }

    /**
     * What was kept under a hash.
     *
     * @throws Problem where it cannot be read any more
     */
    Upload load(String hash) {
        if (hash.equals(Submissions.REMOVED)) {
            throw Problem.gone("What was handed in here was removed at its student's request.");
        }
        synchronized (unpacked) {
            Upload known = unpacked.get(hash);
            if (known != null) {
                return known;
            }
        }
        byte[] bytes = transaction.execute(
                status -> contents.findById(hash).map(c -> c.bytes).orElse(null));
        Upload upload;
        try {
            upload = PackedSources.unpack(bytes == null ? new byte[0] : bytes);
        } catch (RuntimeException e) {
            throw Problem.gone(
                    "What was handed in here can no longer be read from the records. Bring the data folder back"
                            + " from a copy, or have it handed in again.");
        }
        synchronized (unpacked) {
            unpacked.put(hash, upload);
        }
        return upload;
    }
}
