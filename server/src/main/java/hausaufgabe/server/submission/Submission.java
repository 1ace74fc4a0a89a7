package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
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

    /** The content that was handed in. */
    String sourceHash;

    @Enumerated(EnumType.STRING)
    State state;

    String failure;

    /** The check whose report counts; null before there is one. */
    Long currentRun;

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

    Submission(Long exerciseId, Long studentId, int attempt, Instant uploadedAt, Long uploadedBy, String sourceHash) {
        this.exerciseId = exerciseId;
        this.studentId = studentId;
        this.attempt = attempt;
        this.uploadedAt = uploadedAt;
        this.uploadedBy = uploadedBy;
        this.sourceHash = sourceHash;
        this.state = State.QUEUED;
    }
}
