package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;

/** Writes a step of a scenario as the notation does. */
final class StepPrinter {

    private StepPrinter() {}

    static String print(Step step) {
        if (step instanceof Step.Double d) {
            return d.variable() + " := double of " + d.role();
        }
        if (step instanceof Step.New n) {
            return n.variable() + " := new " + n.role() + with(n.with());
        }
        if (step instanceof Step.Call c) {
            String until = c.until() == null ? "" : " until " + heard(c.until()) + " is called";
            return "call " + c.variable() + "." + c.member() + with(c.with()) + until;
        }
        if (step instanceof Step.Expect e) {
            return "expect " + heard(e.heard()) + " " + e.times().words();
        }
        return "forget calls";
    }

    private static String with(String variable) {
        return variable == null ? "" : " with " + variable;
    }

    private static String heard(Heard heard) {
        return heard.variable() + "." + heard.member();
    }
}
