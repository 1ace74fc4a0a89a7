package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;

/** One answer to several submissions at once. */
@Entity
class JointAnswer {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long exerciseId;

    @Lob
    String remark;

    Long madeBy;
    Instant madeAt;

    /** Null while it stands. */
    Instant undoneAt;

    /** What stood before at each submission, in JSON. */
    @Lob
    String parts;

    protected JointAnswer() {}

    JointAnswer(Long exerciseId, String remark, Long madeBy, Instant madeAt, String parts) {
        this.exerciseId = exerciseId;
        this.remark = remark;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.parts = parts;
    }
}
