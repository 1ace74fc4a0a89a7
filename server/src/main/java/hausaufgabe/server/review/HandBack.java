package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;

/** Marked work that is to be given back, or was, as a record. */
@Entity
class HandBack {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long exerciseId;

    /** One to a line; empty for all. */
    @Lob
    String groups;

    Instant at;
    Instant questionsUntil;
    Long orderedBy;
    Instant orderedAt;
    Instant doneAt;
    Integer givenBack;
    Instant calledOffAt;

    @Version
    int version;

    protected HandBack() {}

    HandBack(Long exerciseId, List<String> groups, Instant at, Instant questionsUntil, Long by, Instant now) {
        this.exerciseId = exerciseId;
        this.groups = String.join("\n", groups);
        this.at = at;
        this.questionsUntil = questionsUntil;
        this.orderedBy = by;
        this.orderedAt = now;
    }

    List<String> groupList() {
        return groups.lines().toList();
    }

    boolean concerns(String group) {
        return groups.isEmpty() || groupList().contains(group);
    }
}
