package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Truth;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What can be asked of a field. */
public final class FieldAnalysis {

    private final Design design;

    public FieldAnalysis(Design design) {
        this.design = design;
    }

    public Judgement leadsTo(Field field, Query q) {
        return Judgement.answer(
                design.leadsTo(field.type(), q.role(0)).isYes(),
                q.words().say(field, " leads to ", q.role(0), "."),
                q.words().say(field, " is a " + field.type().text() + "."),
                Judgement.places(field.span(), "declared here"));
    }

    public Judgement isFinal(Field field, Query q) {
        return Judgement.answer(
                field.isFinal(),
                q.words().say(field, " is final."),
                q.words().say(field, " can be assigned again."),
                Judgement.places(field.span(), "declared here"));
    }

    public Judgement isStatic(Field field, Query q) {
        return Judgement.answer(
                field.isStatic(),
                q.words().say(field, " belongs to the class."),
                q.words().say(field, " belongs to each object."),
                Judgement.places(field.span(), "declared here"));
    }

    public Judgement isPrivate(Field field, Query q) {
        return Judgement.answer(
                field.visibility() == Visibility.PRIVATE,
                q.words().say(field, " is private."),
                q.words().say(field, " can be seen from outside."),
                Judgement.places(field.span(), "declared here"));
    }

    public Judgement isOfType(Field field, Query q) {
        Wording w = q.words();
        List<Type> wanted = q.role(0);
        List<Evidence> here = Judgement.places(field.span(), "declared here");
        if (wanted.isEmpty()) {
            return Judgement.unmet(
                    w.say("No type was found that plays " + q.says().name(0) + "."), here);
        }
        Truth named = design.names(field.type(), wanted);
        if (named.isYes()) {
            Object text = field.type().isContainer() ? field.type().text() : wanted;
            return Judgement.met(w.say(field, " is declared as ", text, "."), here);
        }
        if (named == Truth.UNKNOWN) {
            return Judgement.unclear(
                    w.say("The type of ", field, ", " + field.type().text() + ", could not be resolved."), here);
        }
        return Judgement.unmet(
                w.say(field, " is declared as " + field.type().text() + ", which is more than ", wanted, " asks for."),
                here);
    }

    /** @param many whether it is asked for many rather than one */
    public Judgement holds(Field field, boolean many, Query q) {
        Wording w = q.words();
        List<Evidence> here = Judgement.places(field.span(), "declared here");
        return Judgement.answer(
                field.type().many() == many,
                w.say(field, field.type().many() ? " can hold many." : " holds one."),
                w.say(field, field.type().many() ? " can hold many." : " holds one."),
                here);
    }

    /** What is assigned to the field; of a container of the program's own also what is put into it by its operations. */
    private List<Bodies.ReachedFact> writesInto(Field field) {
        List<Bodies.ReachedFact> all = new ArrayList<>(design.bodies().writesTo(field));
        String keeper = field.type().type();
        if (field.type().many() && design.type(keeper).filter(Type::isOwn).isPresent()) {
            for (Operation o :
                    design.type(field.owner()).map(design::operationsOf).orElse(List.of())) {
                design.bodies().reachedFrom(o).stream()
                        .filter(s -> s.fact() instanceof Fact.Put
                                && s.in().owner().equals(keeper)
                                && isCalledOn(field, s.in(), o))
                        .forEach(all::add);
            }
        }
        return all;
    }

    private boolean isCalledOn(Field field, Operation called, Operation in) {
        return in.body().stream()
                .anyMatch(f -> f instanceof Fact.Call c
                        && called.id().equals(c.operation())
                        && c.receiver() instanceof Value.OfField on
                        && on.field().equals(field.id()));
    }

    public Judgement assignedFromParameter(Field field, Query q) {
        Wording w = q.words();
        List<Evidence> outside = new ArrayList<>();
        List<Evidence> inside = new ArrayList<>();
        List<Evidence> elsewhere = new ArrayList<>();
        Set<Operation> through = new LinkedHashSet<>();
        for (Bodies.ReachedFact write : writesInto(field)) {
            for (Value v : valuesOf(write)) {
                Evidence here = Judgement.at(write.fact().span(), "set here");
                if (comesFromOutside(v)) {
                    outside.add(here);
                    through.add(write.in());
                } else if (v instanceof Value.New made && !isWithin(made, field)) {
                    elsewhere.add(here);
                } else if (v instanceof Value.New || isConstant(v)) {
                    inside.add(here);
                } else if (!(v instanceof Value.Null)) {
                    elsewhere.add(here);
                }
            }
        }
        if (!outside.isEmpty()) {
            List<Object> names = new ArrayList<>();
            through.stream().filter(o -> !o.isConstructor()).forEach(names::add);
            if (through.stream().anyMatch(Operation::isConstructor)) {
                names.add(0, "the constructor");
            }
            return Judgement.met(w.say(field, " is set from a parameter by ", names, "."), outside);
        }
        if (!elsewhere.isEmpty()) {
            return Judgement.unclear(
                    w.say(
                            field,
                            " is fetched from somewhere else, and the code does not settle who decides which one it is."),
                    elsewhere);
        }
        if (!inside.isEmpty()) {
            return Judgement.unmet(
                    w.say(
                            field,
                            " is only ever set to something made or named right there; no constructor or operation takes one."),
                    inside);
        }
        return Judgement.unmet(
                w.say("Nothing sets ", field, " from a parameter."), Judgement.places(field.span(), "declared here"));
    }

    private Set<Value> valuesOf(Bodies.ReachedFact write) {
        Value value = write.fact() instanceof Fact.Write x ? x.value() : ((Fact.Put) write.fact()).value();
        return design.bodies().outerOrigins(value, write);
    }

    /** A parameter, something out of one, or the field of an object that was handed in. */
    public static boolean comesFromOutside(Value value) {
        if (value instanceof Value.ElementOf e) {
            return comesFromOutside(e.container());
        }
        if (value instanceof Value.OfField f) {
            return comesFromOutside(f.on());
        }
        if (value instanceof Value.ResultOf r) {
            return comesFromOutside(r.receiver());
        }
        return value instanceof Value.OfParameter;
    }

    private boolean isConstant(Value value) {
        return value instanceof Value.OfField f
                && design.field(f.field()).map(Field::isStatic).orElse(false);
    }

    /** Whether something is made in the text of the type that declares the field. */
    private boolean isWithin(Value.New made, Field field) {
        return design.type(field.owner())
                .filter(t -> t.span() != null && t.span().contains(made.span()))
                .isPresent();
    }

    public Judgement fromNew(Field field, Query q) {
        Wording w = q.words();
        List<Evidence> made = design.bodies().writesTo(field).stream()
                .filter(s -> valuesOf(s).stream().anyMatch(v -> v instanceof Value.New))
                .map(s -> Judgement.at(s.fact().span(), "made here"))
                .toList();
        return made.isEmpty()
                ? Judgement.unmet(
                        w.say("Nothing made right there is put into ", field, "."),
                        Judgement.places(field.span(), "declared here"))
                : Judgement.met(w.say(field, " is given a new object."), made);
    }

    public Judgement lazily(Field field, Query q) {
        Wording w = q.words();
        for (Bodies.ReachedFact s : design.bodies().writesTo(field)) {
            boolean late = s.in().isMethod() && asksForIt(s.in(), field);
            if (late) {
                return Judgement.met(
                        w.say(field, " is given its value when ", s.in(), " finds it empty."),
                        List.of(Judgement.at(s.fact().span(), "given here")));
            }
        }
        return Judgement.unmet(
                w.say("No operation gives ", field, " its value when it is needed."),
                Judgement.places(field.span(), "declared here"));
    }

    private boolean asksForIt(Operation operation, Field field) {
        return operation.body().stream()
                .anyMatch(f -> f instanceof Fact.Branch b
                        && b.on() == Fact.Question.NULL
                        && design
                                .bodies()
                                .origins(b.subject(), new Bodies.ReachedFact(operation, b, java.util.Map.of()))
                                .stream()
                                .anyMatch(v -> v instanceof Value.OfField x
                                        && x.field().equals(field.id())));
    }

    private List<Bodies.ReachedFact> firstWrites(Field field) {
        return design.bodies().writesTo(field).stream()
                .filter(s -> s.fact() instanceof Fact.Write && s.in().role() == Operation.Role.INITIALISER)
                .toList();
    }

    public Judgement startsAsNull(Field field, Query q) {
        Wording w = q.words();
        boolean empty =
                firstWrites(field).stream().allMatch(s -> ((Fact.Write) s.fact()).value() instanceof Value.Null);
        return Judgement.answer(
                empty,
                w.say(field, " has no value to begin with."),
                w.say(field, " has a value from the start."),
                Judgement.places(field.span(), "declared here"));
    }

    public Judgement startsAs(Field field, Query q) {
        boolean yes = firstWrites(field).stream()
                .flatMap(s -> valuesOf(s).stream())
                .anyMatch(v -> v instanceof Value.New n
                        && design.isOneOf(n.type(), q.role(0)).isYes());
        return Judgement.answer(
                yes,
                q.words().say(field, " starts as ", q.role(0), "."),
                q.words().say(field, " does not start as ", q.role(0), "."),
                Judgement.places(field.span(), "declared here"));
    }
}
