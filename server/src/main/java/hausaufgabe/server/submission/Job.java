package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** A check that is still to be made, or being made. */
@Entity
class Job implements Persistable<Long> {

    @Id
    Long submissionId;

    Instant queuedAt;
    int tries;
    boolean anew;

    @Transient
    private boolean fresh = true;

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

    @Override
    public boolean isNew() {
        return fresh;
    }

    @PostLoad
    @PostPersist
    void stored() {
        fresh = false;
    }
}
