package hausaufgabe.server.submission;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;

/** A check that is still to be made, or being made. */
@Entity
class Job extends UnsavedUntilStored<Long> {

    @Id
    Long submissionId;

    Instant queuedAt;
    int tries;
    boolean anew;

    protected Job() {}

    Job(Long submissionId, Instant queuedAt, boolean anew) {
        this.submissionId = submissionId;
        this.queuedAt = queuedAt;
        this.anew = anew;
    }

    @Override
    public Long getId() {
        return submissionId;
    }
}
