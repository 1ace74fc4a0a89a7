package hausaufgabe.core.marking;

import hausaufgabe.core.report.CheckReport.Points;
import hausaufgabe.core.report.CheckReport.Verdict;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Status;
import java.util.List;

/** The arithmetic of points. Points are kept to a quarter. */
public final class Marking {

    private Marking() {}

    /**
     * The points proposed for a requirement: all when met, the share that holds when partly, none otherwise. What is
     * unclear earns nothing until a person has decided.
     *
     * @param share how much of it holds, from 0 to 1; read only where the status is {@code PARTLY}
     */
    public static double earned(Status status, double possible, double share) {
        return switch (status) {
            case MET -> possible;
            case PARTLY -> quarter(possible * share);
            case UNMET, UNCLEAR, NOT_APPLICABLE -> 0;
        };
    }

    public static double earned(Outcome outcome, double possible) {
        return outcome == Outcome.PASSED ? possible : 0;
    }

    /** The sums. What does not apply counts for neither; a blocked scenario counts as possible, for a person to give. */
    public static Points points(List<Finding> findings, List<ScenarioResult> scenarios) {
        double possible = 0;
        double earned = 0;
        for (Finding f : findings) {
            if (f.status() != Status.NOT_APPLICABLE) {
                possible += f.possible();
                earned += f.earned();
            }
        }
        for (ScenarioResult s : scenarios) {
            possible += s.possible();
            earned += s.earned();
        }
        return new Points(quarter(earned), quarter(possible));
    }

    /**
     * Faulted when something does not hold; accepted when it compiles and all holds; else undecided.
     *
     * @param compiled what does not compile is not accepted, and is faulted only for what does not hold
     * @param complete whether the search for the roles was not cut short; what it was cut short of may be otherwise
     */
    public static Verdict verdict(
            boolean compiled, boolean complete, List<Finding> findings, List<ScenarioResult> scenarios) {
        if (!complete) {
            return Verdict.UNDECIDED;
        }
        boolean faulted = findings.stream().anyMatch(f -> f.status() == Status.UNMET || f.status() == Status.PARTLY)
                || scenarios.stream().anyMatch(s -> s.outcome() == Outcome.FAILED);
        if (faulted) {
            return Verdict.FAULTED;
        }
        boolean open = !compiled
                || findings.stream().anyMatch(f -> f.status() == Status.UNCLEAR)
                || scenarios.stream().anyMatch(s -> s.outcome() == Outcome.BLOCKED);
        return open ? Verdict.UNDECIDED : Verdict.ACCEPTED;
    }

    /** Rounded to the nearest quarter of a point, halves upward. */
    public static double quarter(double points) {
        return Math.round(points * 4) / 4.0;
    }
}
