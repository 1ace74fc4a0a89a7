package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Comparison;
import hausaufgabe.core.notation.Scenario.MemberCall;
import hausaufgabe.core.notation.Scenario.Step;
import java.util.List;
import java.util.stream.Collectors;

/** Writes a step of a scenario as the notation does. */
final class StepPrinter {

    private StepPrinter() {}

    static String print(Step step) {
        if (step instanceof Step.Double d) {
            String answering = d.answers().stream()
                    .map(x -> x.member() + " with " + print(x.value()))
                    .collect(Collectors.joining(", "));
            return d.variable() + " := double of " + d.role() + (answering.isEmpty() ? "" : " answering " + answering);
        }
        if (step instanceof Step.New n) {
            return n.variable() + " := new " + n.role() + with(n.with()) + (n.perhaps() ? " where possible" : "");
        }
        if (step instanceof Step.Call c) {
            String result = c.result() == null ? "" : c.result() + " := ";
            String until = c.until() == null ? "" : " until " + heard(c.until()) + " is called";
            return result + "call " + c.on() + "." + c.member() + with(c.with())
                    + (c.others() ? " with other values" : "") + until;
        }
        if (step instanceof Step.Expect e) {
            return "expect " + heard(e.heard()) + " " + e.times().words();
        }
        return step instanceof Step.ForgetCalls ? "forget calls" : more(step);
    }

    private static String more(Step step) {
        if (step instanceof Step.DoTheSame s) {
            return "do the same to " + s.variable();
        }
        if (step instanceof Step.DoAgain d) {
            return d.result() + " := do again what gave " + d.first();
        }
        if (step instanceof Step.OnlyWhere o) {
            return "only where " + print(o.expectation()).replaceFirst("^expect ", "");
        }
        if (step instanceof Step.Look l) {
            return l.variable() + " looks at " + l.at();
        }
        if (step instanceof Step.Remember r) {
            return "remember " + r.variable();
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
                    + (e.times() < 0 ? "" : " " + e.times() + " times")
                    + with(e.with());
        }
        if (step instanceof Step.ExpectOrder e) {
            return "expect " + e.heard().stream().map(StepPrinter::heard).collect(Collectors.joining(", "))
                    + " called in this order";
        }
        if (step instanceof Step.ExpectError e) {
            String type = e.error().isEmpty() ? "" : " " + PatternPrinter.quoted(e.error());
            return "expect call " + e.variable() + "." + e.member() + with(e.with()) + " to throw" + type;
        }
        if (step instanceof Step.ExpectBond b) {
            return "expect " + heard(b.first()) + " " + b.bond().words() + " " + heard(b.second());
        }
        if (step instanceof Step.ExpectNotBefore b) {
            return "expect " + heard(b.first()) + " not called before " + heard(b.second());
        }
        if (step instanceof Step.ExpectEvery e) {
            return "expect " + heard(e.heard()) + " gives every " + e.role();
        }
        if (step instanceof Step.ExpectAlike a) {
            return "expect " + a.first() + " heard the same as " + a.second();
        }
        if (step instanceof Step.ExpectNews n) {
            return "expect " + n.variable() + " has the news of " + n.of();
        }
        if (step instanceof Step.ExpectOneOrder o) {
            return "expect every " + o.role() + " to call " + o.parts() + " in " + o.whole() + " in the same order";
        }
        if (step instanceof Step.ExpectNoError) {
            return "expect no error";
        }
        String text = ((Step.ExpectOutput) step).text();
        return text == null ? "expect no output" : "expect output " + PatternPrinter.quoted(text);
    }

    private static String with(List<Argument> arguments) {
        return arguments.isEmpty()
                ? ""
                : " with " + arguments.stream().map(StepPrinter::print).collect(Collectors.joining(", "));
    }

    static String print(Argument a) {
        if (a instanceof Argument.Variable v) {
            return v.name();
        }
        if (a instanceof Argument.Literal l) {
            return l.quoted() ? PatternPrinter.quoted(l.text()) : l.text();
        }
        return "any";
    }

    private static String heard(MemberCall heard) {
        return heard.variable() + "." + heard.member();
    }
}
