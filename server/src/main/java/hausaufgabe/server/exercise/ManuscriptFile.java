package hausaufgabe.server.exercise;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.io.Serializable;
import java.time.Instant;

/** One file of an exercise that is being written. */
@Entity
class ManuscriptFile {

    @Embeddable
    record Key(Long exerciseId, String path) implements Serializable {}

    @EmbeddedId
    Key key;

    @Lob
    byte[] content;

    /** Told to whoever reads it and asked back from whoever writes it. No two states of an exercise's files have the same. */
    long revision;

    @Version
    int version;

    /** Null for what was there before anybody was asked. */
    Long changedBy;

    Instant changedAt;

    protected ManuscriptFile() {}

    ManuscriptFile(long exercise, String path) {
        this.key = new Key(exercise, path);
    }
}
