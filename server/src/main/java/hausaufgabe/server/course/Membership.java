package hausaufgabe.server.course;

import hausaufgabe.server.account.Duty;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.io.Serializable;
import java.util.List;

/** What somebody does in a course. */
@Entity
class Membership {

    @Embeddable
    record Key(Long courseId, Long accountId) implements Serializable {}

    @EmbeddedId
    Key key;

    @Enumerated(EnumType.STRING)
    Duty duty;

    /** The groups looked after, one to a line. */
    String looksAfter = "";

    protected Membership() {}

    Membership(long course, long account, Duty duty) {
        this.key = new Key(course, account);
        this.duty = duty;
    }

    List<String> groups() {
        return looksAfter.lines().toList();
    }
}
