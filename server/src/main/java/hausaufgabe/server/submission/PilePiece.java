package hausaufgabe.server.submission;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** What a pile holds of one student. */
@Entity
class PilePiece {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long pileId;
    int place;
    String name;

    /** Null as long as nobody knows whose it is. */
    Long studentId;

    /** Why this student, or why none. */
    String reason;

    /** Whether a person is to look at whose it is. */
    boolean doubtful;

    boolean leftOut;

    /** Null where it cannot be used. */
    String sourceHash;

    int files;

    /** Why it cannot be used; null where it can. */
    String problem;

    protected PilePiece() {}

    PilePiece(Long pileId, int place, String name) {
        this.pileId = pileId;
        this.place = place;
        this.name = name;
    }

    boolean isTaken() {
        return !leftOut && problem == null;
    }
}
