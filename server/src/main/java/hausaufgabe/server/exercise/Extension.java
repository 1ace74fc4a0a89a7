package hausaufgabe.server.exercise;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.time.Instant;

/** Another deadline for one student. */
@Entity
class Extension {

    @Embeddable
    record Key(Long exerciseId, Long studentId) implements Serializable {}

    @EmbeddedId
    Key key;

    Instant dueAt;
    String reason;
    Long givenBy;
    Instant givenAt;

    protected Extension() {}

    Extension(Key key) {
        this.key = key;
    }
}
