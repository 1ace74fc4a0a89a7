package hausaufgabe.server.submission;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;

/** Something that was uploaded, stored once for all that are the same. Never changed. */
@Entity
class Content extends UnsavedUntilStored<String> {

    @Id
    String hash;

    /** Packed by {@link PackedSources}. */
    @Lob
    byte[] bytes;

    Instant storedAt;

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
}
