package hausaufgabe.server.review;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.math.BigDecimal;
import java.time.Instant;

/** Points that a person gave for one requirement or scenario, in place of those proposed. */
@Entity
class PointDecision {

    @EmbeddedId
    Key key;

    BigDecimal points;
    String reason;
    Long decidedBy;
    Instant decidedAt;

    @Embeddable
    record Key(Long submissionId, String item) implements Serializable {}

    protected PointDecision() {}

    PointDecision(Key key) {
        this.key = key;
    }
}
