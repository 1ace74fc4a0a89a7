package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** Something that was uploaded, stored once for all that are the same. Never changed. */
@Entity
class Content implements Persistable<String> {

    @Id
    String hash;

    /** Packed by {@link PackedSources}. */
    @Lob
    byte[] bytes;

    Instant storedAt;

    @Transient
    private boolean fresh = true;

    protected Content() {}

    Content(PackedSources packed, Instant storedAt) {
        this.hash = packed.hash();
        this.bytes = packed.bytes();
        this.storedAt = storedAt;
    }

    @Override
    public String getId() {
        return hash;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
    }
}
