package hausaufgabe.server.exercise;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.time.Instant;

/** A student who need not hand in. */
@Entity
class Excuse extends UnsavedUntilStored<Excuse.Key> {

    @Embeddable
    record Key(Long exerciseId, Long studentId) implements Serializable {}

    @EmbeddedId
    Key key;

    String reason;
    Long givenBy;
    Instant givenAt;

    protected Excuse() {}

    Excuse(Key key) {
        this.key = key;
    }

    @Override
    public Key getId() {
        return key;
    }
}
