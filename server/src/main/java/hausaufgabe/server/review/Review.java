package hausaufgabe.server.review;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;

/** What people made of one submission. Its version goes up with every change, of points too. */
@Entity
class Review extends UnsavedUntilStored<Long> {

    @Id
    Long submissionId;

    String feedback = "";
    Long settledBy;
    Instant settledAt;

    /** From when on the student sees it; null while they do not. */
    Instant returnedAt;

    @Version
    int version;

    protected Review() {}

    Review(Long submissionId) {
        this.submissionId = submissionId;
    }

    @Override
    public Long getId() {
        return submissionId;
    }
}
