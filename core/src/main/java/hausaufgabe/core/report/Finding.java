package hausaufgabe.core.report;

import java.util.List;

/**
 * How one requirement stands in one submission.
 *
 * @param text the requirement, in the submission's own names
 * @param possible points it is worth
 * @param earned points proposed for it
 * @param explanation why, and for what is not met the nearest miss
 * @param runs names of the scenarios that were run and speak for it; empty where none does
 */
public record Finding(
        String id,
        Sentence text,
        Status status,
        boolean essential,
        double possible,
        double earned,
        Sentence explanation,
        List<Evidence> evidence,
        List<String> runs) {

    public Finding {
        // reports kept from before there were these
        runs = runs == null ? List.of() : runs;
    }

    /** The same as a question for a person, with the reason; it earns nothing until that is answered. */
    public Finding unclear(Sentence why) {
        return settled(Status.UNCLEAR, 0, why);
    }

    /** The same with another status, for a reason that follows the one it has. */
    public Finding settled(Status other, double points, Sentence why) {
        return new Finding(id, text, other, essential, possible, points, explanation.then(why), evidence, runs);
    }

    /** The same with other points. */
    public Finding worth(double points, double proposed) {
        return new Finding(id, text, status, essential, points, proposed, explanation, evidence, runs);
    }

    /** The same with the scenarios that speak for it. */
    public Finding spokenForBy(List<String> scenarios) {
        return new Finding(
                id, text, status, essential, possible, earned, explanation, evidence, List.copyOf(scenarios));
    }
}
