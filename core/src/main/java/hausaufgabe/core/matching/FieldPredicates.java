package hausaufgabe.core.matching;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What can be asked of a field. */
final class FieldPredicates {

    private final Pattern pattern;
    private final Design design;

    FieldPredicates(Pattern pattern, Design design) {
        this.pattern = pattern;
        this.design = design;
    }

    Judgement judge(Field field, Predicate predicate, Binding binding) {
        Wording w = new Wording(pattern, binding);
        if (predicate instanceof Predicate.LeadsTo p) {
            return leadsTo(field, binding.types(p.role()), w);
        }
        if (predicate instanceof Predicate.IsOfType p) {
            return isOfType(field, p.role(), binding, w);
        }
        if (predicate instanceof Predicate.HoldsMany) {
            return holds(field, true, w);
        }
        if (predicate instanceof Predicate.HoldsOne) {
            return holds(field, false, w);
        }
        if (predicate instanceof Predicate.AssignedFromParameter) {
            return assignedFromParameter(field, w);
        }
        throw new IllegalArgumentException("not said of a field: " + predicate);
    }

    private Judgement leadsTo(Field field, List<Type> role, Wording w) {
        List<Evidence> here = Judgement.places(field.span(), field.type().text());
        boolean leads = field.type().leaves().stream()
                .anyMatch(leaf -> role.stream()
                        .anyMatch(t -> leaf.type().equals(t.id()) || design.realises(leaf.type(), t.id())));
        return leads
                ? Judgement.met(w.say(field, " leads to ", role, "."), here)
                : Judgement.unmet(w.say(field, " is a " + field.type().text() + "."), here);
    }

    private Judgement isOfType(Field field, String role, Binding binding, Wording w) {
        List<Type> wanted = binding.types(role);
        List<Evidence> here = Judgement.places(field.span(), "declared here");
        if (wanted.isEmpty()) {
            return Judgement.unmet(w.say("No type was found that plays " + role + "."), here);
        }
        for (TypeRef leaf : field.type().leaves()) {
            if (wanted.stream().anyMatch(t -> t.id().equals(leaf.type()))) {
                return Judgement.met(w.say(field, " is declared as ", typeText(field.type(), wanted), "."), here);
            }
            if (leaf.isUnknown()) {
                return Judgement.unclear(
                        w.say("The type of ", field, ", " + leaf.text() + ", could not be resolved."), here);
            }
        }
        return Judgement.unmet(
                w.say(
                        field,
                        " is declared as " + field.type().text() + ", which is one of the algorithms and not ",
                        wanted,
                        "."),
                here);
    }

    private static Object typeText(TypeRef type, List<Type> wanted) {
        return type.isContainer() ? type.text() : wanted;
    }

    private Judgement holds(Field field, boolean many, Wording w) {
        List<Evidence> here = Judgement.places(field.span(), "declared here");
        return new Judgement(
                field.type().many() == many ? Status.MET : Status.UNMET,
                field.type().many() == many ? 1 : 0,
                w.say(field, field.type().many() ? " can hold many." : " holds one."),
                here);
    }

    private Judgement assignedFromParameter(Field field, Wording w) {
        List<Bodies.Step> writes = design.bodies().writesTo(field);
        List<Evidence> outside = new ArrayList<>();
        List<Evidence> inside = new ArrayList<>();
        List<Evidence> elsewhere = new ArrayList<>();
        Set<Operation> through = new LinkedHashSet<>();
        for (Bodies.Step write : writes) {
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

    private Set<Value> valuesOf(Bodies.Step write) {
        Value value = write.fact() instanceof Fact.Write x ? x.value() : ((Fact.Put) write.fact()).value();
        return design.bodies().outerOrigins(value, write);
    }

    /** A parameter, something out of one, or the field of an object that was handed in. */
    static boolean comesFromOutside(Value value) {
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
}
