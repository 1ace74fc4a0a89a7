package hausaufgabe.core.scenario.expectation;

import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.transcript.Transcript;

/** Writes down what was expected and whether it is so. */
final class Expectation {

    private final Transcript transcript;

    Expectation(Transcript transcript) {
        this.transcript = transcript;
    }

    /** @param instead what is so instead, where it does not hold */
    StepResult hold(boolean holds, Sentence expected, String instead) {
        transcript.expected(holds, expected, holds ? "" : "; " + instead);
        return holds ? StepResult.HELD : StepResult.failed("Expected ", expected, "; " + instead + ".");
    }
}
