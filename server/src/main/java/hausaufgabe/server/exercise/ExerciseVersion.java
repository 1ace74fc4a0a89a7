package hausaufgabe.server.exercise;

import jakarta.persistence.Basic;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;

/** An exercise as it was put in force. Never changed. */
@Entity
class ExerciseVersion {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long exerciseId;
    int number;

    /** The folder, packed as a zip. */
    @Lob
    @Basic(fetch = FetchType.LAZY)
    byte[] folder;

    /** Why it was made; may be empty. */
    String note;

    /** Null for one that was there before versions were kept. */
    Long madeBy;

    Instant madeAt;

    protected ExerciseVersion() {}

    ExerciseVersion(Long exerciseId, int number, byte[] folder, String note, Long madeBy, Instant madeAt) {
        this.exerciseId = exerciseId;
        this.number = number;
        this.folder = folder;
        this.note = note;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
    }
}
