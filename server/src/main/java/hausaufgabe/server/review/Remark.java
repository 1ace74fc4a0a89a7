package hausaufgabe.server.review;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Something that was said in one submission, of a claim or of lines. */
@Entity
class Remark {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long submissionId;

    /** The requirement, scenario or criterion it is about; null where it is about lines. */
    String item;

    /** The file whose lines it is about; null where it is about a claim. */
    String file;

    Integer line;
    Integer endLine;
    String text;
    Long madeBy;
    Instant madeAt;

    protected Remark() {}

    Remark(Long submissionId, String item, String file, Integer line, Integer endLine) {
        this.submissionId = submissionId;
        this.item = item;
        this.file = file;
        this.line = line;
        this.endLine = endLine;
    }
}
