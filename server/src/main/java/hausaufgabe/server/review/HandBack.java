package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;

/** Marked work that is to be given back, or was, as a record. */
@Entity
class HandBack {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long exerciseId;

    /** Each with the end of its line, since a group may have no name; empty for all. */
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
        this.groups = groups.stream().map(g -> g + "\n").collect(Collectors.joining());
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
