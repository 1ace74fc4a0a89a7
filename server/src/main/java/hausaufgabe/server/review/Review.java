package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** What people made of one submission. Its version goes up with every change, of points too. */
@Entity
class Review implements Persistable<Long> {

    @Id
    Long submissionId;

    String feedback = "";
    Long settledBy;
    Instant settledAt;

    @Version
    int version;

    @Transient
    private boolean fresh = true;

    protected Review() {}

    Review(Long submissionId) {
        this.submissionId = submissionId;
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
