package hausaufgabe.server.reading;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;

/** A submission that a second person reads, as a record. Its version goes up with every change of their points, too. */
@Entity
class SecondReading {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long submissionId;
    Long readerId;
    boolean blind;
    Long drawnBy;
    Instant drawnAt;

    /** Null while it goes on. */
    Instant doneAt;

    @Version
    int version;

    protected SecondReading() {}

    SecondReading(Long submissionId, Long readerId, boolean blind, Long drawnBy, Instant drawnAt) {
        this.submissionId = submissionId;
        this.readerId = readerId;
        this.blind = blind;
        this.drawnBy = drawnBy;
        this.drawnAt = drawnAt;
    }
}
