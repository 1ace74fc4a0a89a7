package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** The commit that a submission was handed in as. */
@Entity
class Push implements Persistable<Long> {

    @Id
    Long submissionId;

    String commitHash;
    String message;
    Instant committedAt;

    @Transient
    private boolean fresh = true;

    protected Push() {}

    Push(Long submissionId, Commit commit) {
        this.submissionId = submissionId;
        this.commitHash = commit.hash();
        this.message = commit.message();
        this.committedAt = commit.committedAt();
    }

    Commit commit() {
        return new Commit(commitHash, message, committedAt);
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
