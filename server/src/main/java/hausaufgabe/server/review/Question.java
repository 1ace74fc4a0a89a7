package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;

/** What a student asks about points, and what is answered, as a record. */
@Entity
class Question {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long submissionId;
    String item;
    String text;
    Instant askedAt;
    String answer;
    Long answeredBy;
    Instant answeredAt;

    @Version
    int version;

    protected Question() {}

    Question(Long submissionId, String item, String text, Instant askedAt) {
        this.submissionId = submissionId;
        this.item = item;
        this.text = text;
        this.askedAt = askedAt;
    }
}
