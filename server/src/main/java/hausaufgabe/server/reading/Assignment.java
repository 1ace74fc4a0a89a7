package hausaufgabe.server.reading;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.io.Serializable;
import java.time.Instant;

/** Who reads a student's work in an exercise. */
@Entity
class Assignment extends UnsavedUntilStored<Assignment.Key> {

    @Embeddable
    record Key(Long exerciseId, Long studentId) implements Serializable {}

    @EmbeddedId
    Key key;

    Long accountId;
    Long givenBy;
    Instant givenAt;

    @Version
    int version;

    protected Assignment() {}

    Assignment(Key key) {
        this.key = key;
    }

    @Override
    public Key getId() {
        return key;
    }
}
