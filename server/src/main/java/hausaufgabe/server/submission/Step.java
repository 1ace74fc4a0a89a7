package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;

/** A commit on the way to what was handed in. */
@Entity
class Step {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long submissionId;

    /** From 0, the oldest first. */
    int place;

    String commitHash;
    String message;
    Instant committedAt;

    /** Null where nothing in it could be read. */
    String sourceHash;

    /** Why nothing can be said of it; null where something can. */
    String problem;

    /** What its check found, in JSON; null as long as it was not made. */
    @Lob
    String outcome;

    protected Step() {}

    Step(Long submissionId, int place, Commit commit, String sourceHash, String problem) {
        this.submissionId = submissionId;
        this.place = place;
        this.commitHash = commit.hash();
        this.message = commit.message();
        this.committedAt = commit.committedAt();
        this.sourceHash = sourceHash;
        this.problem = problem;
    }

    Commit commit() {
        return new Commit(commitHash, message, committedAt);
    }
}
