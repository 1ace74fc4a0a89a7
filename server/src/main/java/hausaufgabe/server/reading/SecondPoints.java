package hausaufgabe.server.reading;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.math.BigDecimal;
import java.time.Instant;

/** What a second reader gave for one requirement, scenario or criterion. */
@Entity
class SecondPoints extends UnsavedUntilStored<SecondPoints.Key> {

    @Embeddable
    record Key(Long readingId, String item) implements Serializable {}

    @EmbeddedId
    Key key;

    BigDecimal points;
    String reason;

    /** When a difference was settled; null where there was none, or it is open. */
    Instant settledAt;

    protected SecondPoints() {}

    SecondPoints(Key key) {
        this.key = key;
    }

    @Override
    public Key getId() {
        return key;
    }
}
