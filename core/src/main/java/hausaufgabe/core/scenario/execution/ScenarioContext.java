package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.ValidValues;
import hausaufgabe.core.scenario.rehearsal.Rehearsal;
import hausaufgabe.core.scenario.session.Session;
import hausaufgabe.core.scenario.testdouble.TestDoubles;
import hausaufgabe.core.scenario.transcript.Trace;
import hausaufgabe.core.scenario.transcript.Transcript;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.GivenValues;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import hausaufgabe.core.scenario.value.ValueGenerator;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One scenario under way for one case: the program, who plays which role, and what was done so far. */
public final class ScenarioContext {

    private final Design design;
    private final Binding binding;
    private final Judge judge;
    private final LanguageValues language;
    private final Session session;
    private final Rehearsal rehearsal;
    private final Transcript transcript;
    private final Environment environment;
    private final CallWording wording;
    private final ValueGenerator values;
    private final TestDoubles doubles;

    public ScenarioContext(
            Design design,
            Program program,
            Binding binding,
            Judge judge,
            LanguageValues language,
            Session session,
            Rehearsal rehearsal,
            List<ValidValues> valid,
            Transcript transcript,
            Trace trace) {
        this.design = design;
        this.binding = binding;
        this.judge = judge;
        this.language = language;
        this.session = session;
        this.rehearsal = rehearsal;
        this.transcript = transcript;
        this.environment = new Environment(binding, trace);
        this.wording = new CallWording(environment);
        this.doubles = new TestDoubles(
                design, program, language, session, rehearsal, new GivenValues(valid, design, binding, language));
        this.values = doubles.values();
    }

    public Design design() {
        return design;
    }

    public Binding binding() {
        return binding;
    }

    public Judge judge() {
        return judge;
    }

    public LanguageValues language() {
        return language;
    }

    public Session session() {
        return session;
    }

    /** What the program's own demonstration shows. */
    public Rehearsal rehearsal() {
        return rehearsal;
    }

    public Transcript transcript() {
        return transcript;
    }

    public Environment environment() {
        return environment;
    }

    public CallWording wording() {
        return wording;
    }

    public ValueGenerator values() {
        return values;
    }

    public TestDoubles doubles() {
        return doubles;
    }

    /** What is to be handed over. */
    public ArgumentPool pool(List<Argument> with) {
        List<Referent> all = new ArrayList<>();
        for (Argument a : with) {
            if (a instanceof Argument.Variable v) {
                all.add(environment.get(v.name()));
            } else if (a instanceof Argument.Literal l
                    && !l.quoted()
                    && l.text().equals("null")) {
                all.add(Referent.NULL);
            } else if (a instanceof Argument.Literal l) {
                all.add(Referent.result(null, Referent.literal(l)));
            }
        }
        return poolOf(all);
    }

    public ArgumentPool poolOf(List<Referent> all) {
        return new ArgumentPool(design, language, all);
    }

    /** Values for an operation that takes nothing a scenario names, called on an object of a type. */
    public List<Input> arguments(Operation o, Type on, int round) throws NoValueFound, DriverLost {
        return values.arguments(o, on, values.nothing(), round);
    }

    /** Makes a call that no step names. */
    public Answer callOn(@Nullable ObjectRef on, Type type, Operation o, List<Input> arguments) throws DriverLost {
        return session.ask(call(on, type, o, arguments));
    }

    /** @param on the object; null for a static operation */
    public Request.Call call(@Nullable ObjectRef on, Type type, Operation o, List<Input> arguments) {
        Operation declared = declared(o);
        String owner = design.type(declared.owner()).map(Type::id).orElse(type.id());
        return new Request.Call(
                owner, declared.name(), declared.parameterTokens(), declared.isStatic() ? null : on, arguments);
    }

    /** What a function is called by: the operation of its type that it realises. */
    private Operation declared(Operation o) {
        boolean function = design.type(o.owner())
                .map(t -> t.origin() == Type.Origin.LAMBDA)
                .orElse(false);
        return function
                ? o.overrides().stream()
                        .flatMap(id -> design.operation(id).stream())
                        .findFirst()
                        .orElse(o)
                : o;
    }

    /**
     * The object that goes on after a call: what was given back, where the operation changes nothing and gives back a new one
     * of the same type, as objects do that never change; else the one that was called.
     */
    public ObjectRef after(ObjectRef on, Type type, Operation o, Answer came) {
        ObjectRef back = came.value().ref();
        boolean another = came.thrown() == null
                && back != null
                && back.id() != on.id()
                && o.result() != null
                && !o.isStatic()
                && !o.isUniversal()
                && (back.type().equals(type.id()) || design.realises(back.type(), type.id()))
                && (o.result().type().equals(type.id())
                        || design.realises(type.id(), o.result().type()))
                && leavesItAsItIs(o);
        return another && back != null ? back : on;
    }

    private boolean leavesItAsItIs(Operation o) {
        return design.bodies().reachedFrom(o).stream()
                .filter(s -> !s.in().isConstructor())
                .noneMatch(s -> s.fact() instanceof Fact.Write
                        || s.fact() instanceof Fact.Put p && isKept(p.container(), s)
                        || s.fact() instanceof Fact.Remove r && isKept(r.container(), s));
    }

    /** Whether a container is one that a field holds, rather than one made on the way. */
    private boolean isKept(Value container, Bodies.ReachedFact step) {
        return design.bodies().containers(container, step).stream().anyMatch(v -> v instanceof Value.OfField);
    }
}
