package hausaufgabe.server.submission;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;

/** The commit that a submission was handed in as. */
@Entity
class Push extends UnsavedUntilStored<Long> {

    @Id
    Long submissionId;

    String commitHash;
    String message;
    Instant committedAt;

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
}
