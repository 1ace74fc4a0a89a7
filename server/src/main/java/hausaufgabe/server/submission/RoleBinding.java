package hausaufgabe.server.submission;

import hausaufgabe.server.UnsavedUntilStored;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;

/** Who plays which role in one submission, where a person has said so. */
@Entity
class RoleBinding extends UnsavedUntilStored<Long> {

    @Id
    Long submissionId;

    /** Ids of types by role, in JSON. */
    @Lob
    String roles;

    String reason;
    Long boundBy;
    Instant boundAt;

    protected RoleBinding() {}

    RoleBinding(Long submissionId) {
        this.submissionId = submissionId;
    }

    @Override
    public Long getId() {
        return submissionId;
    }
}
