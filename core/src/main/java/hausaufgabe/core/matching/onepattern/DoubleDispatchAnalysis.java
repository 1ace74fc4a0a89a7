package hausaufgabe.core.matching.onepattern;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.analysis.CallReach;
import hausaufgabe.core.matching.analysis.EffectAnalysis;
import hausaufgabe.core.matching.analysis.RoleMembers;
import hausaufgabe.core.matching.analysis.TypeAnalysis;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Quantities;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Whether each element hands itself to what takes just it, and what the visitors leave to the elements. */
public final class DoubleDispatchAnalysis {

    private final Design design;
    private final CallReach reach;
    private final EffectAnalysis effects;

    public DoubleDispatchAnalysis(Design design, CallReach reach, EffectAnalysis effects) {
        this.design = design;
        this.reach = reach;
        this.effects = effects;
    }

    public Judgement accepts(Type type, Query q) {
        Wording w = q.words();
        List<Judgement> each = new ArrayList<>();
        for (Operation asked : q.operations(0)) {
            if (asked.isStatic()) {
                continue;
            }
            Operation accept = RoleMembers.implementation(design, type, asked);
            if (accept == null || accept.isAbstract()) {
                each.add(Judgement.unmet(w.say(type, " has no ", asked, " of its own."), TypeAnalysis.headline(type)));
            } else {
                each.add(handsOver(type, accept, q));
            }
        }
        return each.isEmpty()
                ? Judgement.unmet(w.say(type, " has nothing that takes a visitor."), TypeAnalysis.headline(type))
                : new Quantities(w).some(each);
    }

    private Judgement handsOver(Type type, Operation accept, Query q) {
        Wording w = q.words();
        Set<Operation> called = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        boolean self = false;
        boolean unfollowed = false;
        for (CallReach.ReachedCall h : reach.callsOf(q.operations(1), reach.from(accept))) {
            if (h.step().fact() instanceof Fact.Call c) {
                design.operation(c.operation()).ifPresent(called::add);
                places.add(Judgement.at(c.span(), "handed over here"));
                Set<Value> arguments = new LinkedHashSet<>();
                c.arguments().forEach(a -> arguments.addAll(design.bodies().origins(a, h.step())));
                self |= arguments.contains(new Value.Self()) || c.arguments().isEmpty();
                unfollowed |= arguments.contains(new Value.Unknown());
            }
        }
        if (called.isEmpty()) {
            return Judgement.unmet(
                    w.say("The ", accept, " of ", type, " calls none of ", q.operations(1), "."),
                    Judgement.places(accept.span(), "declared here"));
        }
        List<Type> fellows = sharing(type, accept, called, q);
        boolean exact = called.stream()
                .anyMatch(v ->
                        v.parameters().stream().anyMatch(p -> p.type().type().equals(type.id())));
        Operation passedBy = exact
                ? null
                : q.operations(1).stream()
                        .filter(v -> !called.contains(v))
                        .filter(v -> v.parameters().stream()
                                .anyMatch(p -> p.type().type().equals(type.id())))
                        .findFirst()
                        .orElse(null);
        if (passedBy != null) {
            return Judgement.unmet(
                    w.say(
                            type,
                            " calls ",
                            List.copyOf(called),
                            " and not the ",
                            passedBy,
                            " that takes just its kind."),
                    places);
        }
        if (self && exact) {
            return Judgement.met(w.say(type, " hands itself to ", List.copyOf(called), "."), places);
        }
        if (!self && !unfollowed) {
            return Judgement.unmet(
                    w.say("The ", accept, " of ", type, " hands over something else than itself."), places);
        }
        if (!fellows.isEmpty()) {
            boolean inherited = !accept.owner().equals(type.id());
            return Judgement.unmet(
                    inherited
                            ? w.say(type, " has no ", accept, " of its own; it is taken for ", fellows, ".")
                            : w.say(type, " calls ", List.copyOf(called), ", which is what ", fellows, " calls."),
                    places);
        }
        return Judgement.met(w.say(type, " hands itself to ", List.copyOf(called), "."), places);
    }

    /** The other elements that end up in the same operation. */
    private List<Type> sharing(Type type, Operation accept, Set<Operation> called, Query q) {
        List<Type> fellows = new ArrayList<>();
        for (Type other : q.role(2)) {
            if (other.equals(type)) {
                continue;
            }
            for (Operation asked : q.operations(0)) {
                Operation its = RoleMembers.implementation(design, other, asked);
                boolean same = its != null
                        && (its.equals(accept)
                                || reach.callsOf(q.operations(1), reach.from(its)).stream()
                                        .anyMatch(h -> h.step().fact() instanceof Fact.Call c
                                                && called.stream().anyMatch(v -> v.id().equals(c.operation()))));
                if (same && !fellows.contains(other)) {
                    fellows.add(other);
                }
            }
        }
        return fellows;
    }

    /** Whether each visiting operation does no more than ask the element to do the work. */
    public Judgement leavesWork(Type type, Query q) {
        Set<Operation> asked = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        int bodies = 0;
        for (Operation visit : q.operations(0)) {
            Operation o = RoleMembers.implementation(design, type, visit);
            if (o == null || o.isAbstract() || o.parameters().isEmpty()) {
                continue;
            }
            bodies++;
            Operation only = onlyAsksElement(o);
            if (only == null) {
                return Judgement.unmet(q.words().say(o, " does its own work."), List.of());
            }
            asked.add(only);
            places.addAll(Judgement.places(o.span(), "asks the element"));
        }
        boolean same = bodies > 1
                && asked.stream()
                        .allMatch(a -> asked.stream().allMatch(b -> a.name().equals(b.name())))
                && asked.stream().allMatch(this::works);
        return Judgement.answer(
                same,
                q.words()
                        .say(
                                type,
                                " only calls ",
                                List.copyOf(asked).subList(0, Math.min(1, asked.size())),
                                " of the elements, where the work still is."),
                q.words().say(type, " does its own work."),
                places);
    }

    private @Nullable Operation onlyAsksElement(Operation visit) {
        Operation asked = null;
        for (Fact f : visit.body()) {
            if (f instanceof Fact.Call c && c.operation() != null) {
                boolean onElement = c.receiver() instanceof Value.OfParameter;
                Operation o = design.operation(c.operation()).orElse(null);
                if (!onElement || o == null || asked != null) {
                    return null;
                }
                asked = o;
            } else if (!(f instanceof Fact.Return) && !(f instanceof Fact.Read) && !isOwnSum(f)) {
                return null;
            }
        }
        return asked;
    }

    private static boolean isOwnSum(Fact f) {
        return f instanceof Fact.Write;
    }

    /** Whether the operation is one that every element answers in its own way, working something out. */
    private boolean works(Operation o) {
        boolean family = !o.overrides().isEmpty() || !design.overridersOf(o).isEmpty();
        return family && (o.isAbstract() || effects.working(o, Set.of()).isPresent()) && computes(o);
    }

    private boolean computes(Operation o) {
        List<Operation> all = new ArrayList<>(design.overridersOf(o));
        all.add(o);
        return all.stream()
                .anyMatch(x -> x.body().stream()
                        .anyMatch(f -> f instanceof Fact.Return r && r.value() instanceof Value.Computed
                                || f instanceof Fact.Library));
    }
}
