package hausaufgabe.core.scenario.expectation;

import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.value.Referent;
import java.util.List;
import java.util.stream.Collectors;

/** Compares what came of a program with what a scenario says. */
final class Equality {

    private final ScenarioContext context;

    Equality(ScenarioContext context) {
        this.context = context;
    }

    /** @param same whether it must be the same object, not only an equal one */
    boolean areEqual(Observed v, Argument expected, boolean same) throws DriverLost {
        Observed e = value(expected);
        if (v.isNothing() || e.isNothing()) {
            return v.isNothing() && e.isNothing();
        }
        ObjectRef one = v.ref();
        ObjectRef other = e.ref();
        if (one != null && other != null) {
            return one.id() == other.id() || !same && saysSo(one, other);
        }
        return v.ref() == null && e.ref() == null && v.hasSameWorthAs(e);
    }

    private boolean saysSo(ObjectRef a, ObjectRef b) throws DriverLost {
        Answer answer = context.session().ask(new Request.AreEqual(a, b));
        return answer.thrown() == null && answer.value().text().equals("true");
    }

    /** What an argument that is not "any" stands for. */
    Observed value(Argument a) {
        if (a instanceof Argument.Variable v) {
            return valueOf(context.environment().get(v.name()));
        }
        Argument.Literal l = (Argument.Literal) a;
        return l.text().equals("null") && !l.quoted() ? Observed.NOTHING : Referent.literal(l);
    }

    static Observed valueOf(Referent referent) {
        if (referent.value() != null) {
            return referent.value();
        }
        return referent.object() == null ? Observed.NOTHING : Observed.of(referent.object());
    }

    static String words(List<Argument> with) {
        return with.stream().map(Equality::words).collect(Collectors.joining(", "));
    }

    private static String words(Argument a) {
        return a instanceof Argument.Variable v ? v.name() : a instanceof Argument.Literal l ? l.text() : "any";
    }
}
