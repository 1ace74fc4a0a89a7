package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.transcript.Transcript;

/** What a step of a scenario came to. All but {@link Held} end the scenario. */
public sealed interface StepResult {

    StepResult HELD = new Held();

    /** It was done, and what it expects is so. */
    record Held() implements StepResult {}

    /** What it expects is not so. */
    record Failed(Sentence why) implements StepResult {}

    /**
     * It could not be done.
     *
     * @param unheard whether everything was done, and only what was to be heard was not, though the code has a way to it
     */
    record Blocked(Sentence why, boolean unheard) implements StepResult {}

    /** It turned out to have nothing to show. */
    record NothingToShow(Sentence why) implements StepResult {}

    static StepResult failed(Object... parts) {
        return new Failed(Transcript.say(parts));
    }

    static StepResult blocked(Object... parts) {
        return new Blocked(Transcript.say(parts), false);
    }

    static StepResult unheard(Object... parts) {
        return new Blocked(Transcript.say(parts), true);
    }

    static StepResult nothingToShow(Object... parts) {
        return new NothingToShow(Transcript.say(parts));
    }

    default boolean isHeld() {
        return this instanceof Held;
    }
}
