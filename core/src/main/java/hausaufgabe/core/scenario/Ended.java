package hausaufgabe.core.scenario;

import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;

/** A scenario is over before its last step. */
final class Ended extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Performance.Ending ending;

    Ended(Outcome outcome, Sentence why) {
        this.ending = new Performance.Ending(outcome, why, false);
    }

    /** Everything was done, and what was to be heard was not, though the code has a way to it. */
    static Ended unheard(Sentence why) {
        return new Ended(new Performance.Ending(Outcome.BLOCKED, why, true));
    }

    private Ended(Performance.Ending ending) {
        this.ending = ending;
    }

    Performance.Ending ending() {
        return ending;
    }
}
