package hausaufgabe.core.scenario;

import static org.junit.jupiter.params.provider.Arguments.arguments;

import hausaufgabe.core.report.ScenarioResult.Outcome;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** Steps played to a tower with bells, and how they end, whatever language the tower is written in. */
public final class TowerSteps {

    private TowerSteps() {}

    /** @param refusal the error that {@code refuse} throws in the language */
    public static Stream<Arguments> of(String refusal) {
        String tower = "one := double of Bell answering ring with 4; two := double of Bell;"
                + " tower := new Tower; call tower.hang with one; call tower.hang with two; ";
        return Stream.of(
                arguments(Outcome.PASSED, tower + "call tower.rings with 2; expect one.ring called once"),
                arguments(Outcome.FAILED, tower + "call tower.rings with 2; expect one.ring never called"),
                arguments(Outcome.PASSED, tower + "call tower.rings with 2; expect one.ring called with 2"),
                arguments(Outcome.FAILED, tower + "call tower.rings with 2; expect one.ring called with 3"),
                arguments(Outcome.PASSED, tower + "call tower.rings; call tower.rings; expect one.ring called 2 times"),
                arguments(Outcome.FAILED, tower + "call tower.rings; expect one.ring called 2 times"),
                arguments(Outcome.PASSED, tower + "call tower.rings; expect one.ring, two.ring called in this order"),
                arguments(Outcome.FAILED, tower + "call tower.rings; expect two.ring, one.ring called in this order"),
                arguments(
                        Outcome.PASSED,
                        "one := double of Bell answering ring with 4; tower := new Tower with one;"
                                + " sum := call tower.rings; expect sum is 4; expect sum is between 3 and 5;"
                                + " expect sum is one of 1, 4; expect sum is not 5"),
                arguments(
                        Outcome.FAILED,
                        "one := double of Bell answering ring with 4; tower := new Tower with one;"
                                + " sum := call tower.rings; expect sum is between 5 and 9"),
                arguments(
                        Outcome.FAILED,
                        "one := double of Bell answering ring with 4; tower := new Tower with one;"
                                + " sum := call tower.rings; expect sum is null"),
                arguments(Outcome.PASSED, tower + "expect tower.rings depends on one.ring"),
                arguments(
                        Outcome.PASSED,
                        tower + "n := call tower.rings with 2; m := do again what gave n; only where m is n;"
                                + " expect one.ring called 2 times"),
                arguments(
                        Outcome.FAILED,
                        tower + "n := call tower.rings with 2; m := do again what gave n; only where m is n;"
                                + " expect one.ring called once"),
                arguments(
                        Outcome.PASSED,
                        "tower := new Tower; repeat 3 times n := call tower.count; expect n is 0; remember tower;"
                                + " expect tower is unchanged"),
                arguments(Outcome.FAILED, tower + "remember tower; call tower.rings with 3; expect tower is unchanged"),
                arguments(
                        Outcome.PASSED,
                        "tower := new Tower; expect call tower.refuse with null to throw \"" + refusal + "\""),
                arguments(Outcome.FAILED, "tower := new Tower; expect call tower.refuse with \"fog\" to throw"),
                arguments(
                        Outcome.PASSED,
                        "capture output; for some ConcreteBell as b call b.ring; expect output \"dong\""),
                arguments(
                        Outcome.FAILED,
                        "capture output; for each ConcreteBell as b call b.ring with 1; expect no output"),
                arguments(
                        Outcome.PASSED,
                        "one := double of Bell; first := new Tower with one; call first.anything until one.ring is called;"
                                + " second := new Tower; do the same to second; expect no error"),
                arguments(
                        Outcome.PASSED,
                        tower
                                + "in parallel by 4 threads all := call tower.rings with 1; expect one.ring called 4 times"),
                arguments(
                        Outcome.PASSED,
                        tower + "call tower.rings with 2; expect one heard the same as two; first := new Tower;"
                                + " second := new Tower; expect first is not the same as second;"
                                + " expect first is the same as first"));
    }
}
