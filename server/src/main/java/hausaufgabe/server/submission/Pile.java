package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Hand-ins of many that were uploaded together, until they are confirmed or thrown away. */
@Entity
class Pile {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long exerciseId;
    String name;
    Long uploadedBy;
    Instant uploadedAt;

    protected Pile() {}

    Pile(Long exerciseId, String name, Long uploadedBy, Instant uploadedAt) {
        this.exerciseId = exerciseId;
        this.name = name;
        this.uploadedBy = uploadedBy;
        this.uploadedAt = uploadedAt;
    }
}
