package hausaufgabe.server.submission;

import jakarta.persistence.Basic;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.time.Instant;

@Entity
class Submission {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long exerciseId;
    Long studentId;
    int attempt;
    Instant uploadedAt;
    Long uploadedBy;

    /** Packed by {@link PackedSources}. */
    @Lob
    @Basic(fetch = FetchType.LAZY)
    byte[] sources;

    String sourceHash;

    @Enumerated(EnumType.STRING)
    State state;

    String failure;

    /** A check report as JSON, or null. */
    @Lob
    String report;

    Instant checkedAt;

    @Version
    int version;

    /** How far a submission's check is. */
    enum State {
        QUEUED,
        RUNNING,
        CHECKED,
        FAILED
    }

    protected Submission() {}

    Submission(
            Long exerciseId, Long studentId, int attempt, Instant uploadedAt, Long uploadedBy, PackedSources packed) {
        this.exerciseId = exerciseId;
        this.studentId = studentId;
        this.attempt = attempt;
        this.uploadedAt = uploadedAt;
        this.uploadedBy = uploadedBy;
        this.sources = packed.bytes();
        this.sourceHash = packed.hash();
        this.state = State.QUEUED;
    }
}
