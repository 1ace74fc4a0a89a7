package hausaufgabe.core.report;

import java.util.List;

/**
 * How one requirement stands in one submission.
 *
 * @param text the requirement, in the submission's own names
 * @param possible points it is worth
 * @param earned points proposed for it
 * @param explanation why, and for what is not met the nearest miss
 */
public record Finding(
        String id,
        Sentence text,
        Status status,
        boolean essential,
        double possible,
        double earned,
        Sentence explanation,
        List<Evidence> evidence) {

    /** The same as a question for a person, with the reason; it earns nothing until that is answered. */
    public Finding unclear(Sentence why) {
        return new Finding(id, text, Status.UNCLEAR, essential, possible, 0, explanation.then(why), evidence);
    }
}
