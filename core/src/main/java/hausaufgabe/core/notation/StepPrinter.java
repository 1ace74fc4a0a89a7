package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Comparison;
import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;
import java.util.List;
import java.util.stream.Collectors;

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
        return step instanceof Step.ForgetCalls ? "forget calls" : more(step);
    }

    private static String more(Step step) {
        if (step instanceof Step.Answering a) {
            return a.variable() + " := double of " + a.role() + " answering "
                    + a.answers().stream()
                            .map(x -> x.member() + " with " + print(x.value()))
                            .collect(Collectors.joining(", "));
        }
        if (step instanceof Step.Made m) {
            return m.variable() + " := new " + m.role() + with(m.with());
        }
        if (step instanceof Step.Called c) {
            String result = c.result() == null ? "" : c.result() + " := ";
            return result + "call " + c.variable() + "." + c.member() + with(c.with());
        }
        if (step instanceof Step.Assign s) {
            return "set " + s.variable() + "." + s.field() + " to " + print(s.value());
        }
        if (step instanceof Step.Repeat r) {
            String how = r.parallel() ? "in parallel by " + r.times() + " threads " : "repeat " + r.times() + " times ";
            return how + print(r.step());
        }
        if (step instanceof Step.ForEach f) {
            return "for " + (f.some() ? "some " : "each ") + f.role() + " as " + f.variable() + " " + print(f.step());
        }
        return step instanceof Step.Capture ? "capture output" : expectation(step);
    }

    private static String expectation(Step step) {
        if (step instanceof Step.Compare c) {
            String joint = c.how() == Comparison.BETWEEN ? " and " : ", ";
            String with = c.with().stream().map(StepPrinter::print).collect(Collectors.joining(joint));
            return "expect " + c.variable() + " " + c.how().words() + (with.isEmpty() ? "" : " " + with);
        }
        if (step instanceof Step.ExpectCall e) {
            return "expect " + heard(e.heard()) + " called"
                    + (e.times() < 0 ? with(e.with()) : " " + e.times() + " times");
        }
        if (step instanceof Step.ExpectOrder e) {
            return "expect " + e.heard().stream().map(StepPrinter::heard).collect(Collectors.joining(", "))
                    + " called in this order";
        }
        if (step instanceof Step.ExpectError e) {
            String type = e.error().isEmpty() ? "" : " " + PatternPrinter.quoted(e.error());
            return "expect call " + e.variable() + "." + e.member() + with(e.with()) + " to throw" + type;
        }
        String text = ((Step.ExpectOutput) step).text();
        return text == null ? "expect no output" : "expect output " + PatternPrinter.quoted(text);
    }

    private static String with(List<Argument> arguments) {
        return arguments.isEmpty()
                ? ""
                : " with " + arguments.stream().map(StepPrinter::print).collect(Collectors.joining(", "));
    }

    private static String print(Argument a) {
        if (a instanceof Argument.Variable v) {
            return v.name();
        }
        if (a instanceof Argument.Literal l) {
            return l.quoted() ? PatternPrinter.quoted(l.text()) : l.text();
        }
        return "any";
    }

    private static String with(String variable) {
        return variable == null ? "" : " with " + variable;
    }

    private static String heard(Heard heard) {
        return heard.variable() + "." + heard.member();
    }
}
