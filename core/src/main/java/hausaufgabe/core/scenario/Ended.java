package hausaufgabe.core.scenario;

import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;

/** A scenario is over before its last step. */
final class Ended extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Performance.Ending ending;

    Ended(Outcome outcome, Sentence why) {
        this.ending = new Performance.Ending(outcome, why);
    }

    Performance.Ending ending() {
        return ending;
    }
}
