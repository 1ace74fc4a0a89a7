package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
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

/** What can be asked of an operation by its declaration and its place among others; what its body does is asked elsewhere. */
public final class OperationAnalysis {

    private final Design design;
    private final CallReach reach;
    private final EffectAnalysis effects;

    public OperationAnalysis(Design design, CallReach reach, EffectAnalysis effects) {
        this.design = design;
        this.reach = reach;
        this.effects = effects;
    }

    private static Judgement answer(Operation o, Query q, boolean yes, String met, String unmet) {
        return Judgement.answer(
                yes, q.words().say(o, met), q.words().say(o, unmet), Judgement.places(o.span(), "declared here"));
    }

    public Judgement isAbstract(Operation o, Query q) {
        return answer(o, q, o.isAbstract(), " is abstract.", " has a body.");
    }

    public Judgement isStatic(Operation o, Query q) {
        return answer(o, q, o.isStatic(), " belongs to the class.", " belongs to each object.");
    }

    public Judgement isPrivate(Operation o, Query q) {
        return answer(o, q, o.visibility() == Visibility.PRIVATE, " is private.", " can be called from outside.");
    }

    public Judgement isFinal(Operation o, Query q) {
        return answer(o, q, !isOverridable(o) && !o.isAbstract(), " cannot be overridden.", " can be overridden.");
    }

    public Judgement isOverridable(Operation o, Query q) {
        return answer(o, q, isOverridable(o), " can be overridden.", " cannot be overridden.");
    }

    public Judgement isVaried(Operation o, Query q) {
        return answer(o, q, isVaried(o), " is varied.", " is always the same.");
    }

    public Judgement isOpenStep(Operation o, Query q) {
        return answer(o, q, isOpenStep(o), " is left to others.", " is always the same.");
    }

    public Judgement isUniversal(Operation o, Query q) {
        return answer(o, q, o.isUniversal(), " is one every object has.", " is its own.");
    }

    public Judgement overrides(Operation o, Query q) {
        return Judgement.answer(
                q.operations(0).stream().anyMatch(x -> o.overrides().contains(x.id())),
                q.words().say(o, " is another body for ", q.operations(0), "."),
                q.words().say(o, " overrides none of ", q.operations(0), "."),
                Judgement.places(o.span(), "declared here"));
    }

    public Judgement worksOut(Operation o, Query q) {
        return answer(o, q, worksOut(o), " works something out.", " only names something.");
    }

    public Judgement returnsSomething(Operation o, Query q) {
        return answer(o, q, o.result() != null, " gives something back.", " gives nothing back.");
    }

    public Judgement exchanges(Operation o, Query q) {
        boolean yes = !o.parameters().isEmpty() || o.result() != null;
        return answer(o, q, yes, " exchanges something.", " exchanges nothing.");
    }

    public Judgement takesSomething(Operation o, Query q) {
        return answer(o, q, !o.parameters().isEmpty(), " takes something.", " takes nothing.");
    }

    public Judgement takesAny(Operation o, Query q) {
        boolean takes = o.parameters().stream()
                .map(p -> p.type().type())
                .anyMatch(p -> q.role(0).stream()
                        .anyMatch(t -> t.id().equals(p)
                                || design.realises(t.id(), p) && design.type(p).isPresent()));
        return Judgement.answer(
                takes,
                q.words().say(o, " takes one of ", q.role(0), "."),
                q.words().say(o, " takes none of ", q.role(0), "."),
                Judgement.places(o.span(), "declared here"));
    }

    public Judgement takes(Operation o, Query q) {
        return Judgement.answer(
                o.parameters().stream()
                        .anyMatch(p -> design.names(p.type(), q.role(0)).isYes()),
                q.words().say(o, " takes ", q.role(0), "."),
                q.words().say(o, " does not take ", q.role(0), "."),
                Judgement.places(o.span(), "declared here"));
    }

    public Judgement returns(Operation o, Query q) {
        return Judgement.answer(
                design.names(o.result(), q.role(0)).isYes(),
                q.words().say(o, " gives back ", q.role(0), "."),
                q.words().say(o, " does not give back ", q.role(0), "."),
                Judgement.places(o.span(), "declared here"));
    }

    public Judgement isOneOf(Operation o, Query q) {
        return answer(o, q, q.operations(0).contains(o), " is one of them.", " is none of them.");
    }

    private boolean isVaried(Operation o) {
        return o.isAbstract() || !design.overridersOf(o).isEmpty();
    }

    private boolean isOverridable(Operation o) {
        boolean closed = design.type(o.owner())
                .map(t -> t.flags().isFinal() || t.kind() == Type.Kind.RECORD)
                .orElse(false);
        return o.isMethod()
                && !closed
                && !o.isStatic()
                && !o.traits().contains(Operation.Trait.FINAL)
                && o.visibility() != Visibility.PRIVATE;
    }

    /** Meant to be filled in: abstract, overridden, or something overridable that does next to nothing as it is. */
    private boolean isOpenStep(Operation o) {
        return isVaried(o)
                || (isOverridable(o) && !o.traits().contains(Operation.Trait.IMPLICIT) && effects.isInert(o, Set.of()));
    }

    public Judgement replaced(Operation o, Query q) {
        List<Evidence> places = new ArrayList<>();
        List<Type> by = new ArrayList<>();
        for (Operation over : design.overridersOf(o)) {
            boolean inRole = q.role(0).stream()
                    .anyMatch(t -> t.id().equals(over.owner()) || design.realises(t.id(), over.owner()));
            boolean callsIt = over.body().stream()
                    .anyMatch(f -> f instanceof Fact.Call c && c.toSuper() && o.id().equals(c.operation()));
            if (inRole && !callsIt && !over.isAbstract() && !o.isAbstract()) {
                places.addAll(Judgement.places(over.span(), "overridden here"));
                design.type(over.owner()).ifPresent(by::add);
            }
        }
        return places.isEmpty()
                ? Judgement.unmet(q.words().say("No subclass replaces ", o, "."), List.of())
                : Judgement.met(
                        q.words().say(by, by.size() == 1 ? " has its own " : " have their own ", o, " instead."),
                        places);
    }

    private boolean worksOut(Operation o) {
        return !onlyNames(o) || !design.overridersOf(o).stream().allMatch(OperationAnalysis::onlyNames);
    }

    /** Whether a body does nothing but give back a constant or a field, as a label or kind does; true without a body. */
    private static boolean onlyNames(Operation operation) {
        boolean gives = operation.isAbstract() || operation.body().stream().anyMatch(f -> f instanceof Fact.Return);
        return gives
                && operation.body().stream()
                        .allMatch(f -> f instanceof Fact.Read
                                || (f instanceof Fact.Return r
                                        && (r.value() instanceof Value.Literal || r.value() instanceof Value.OfField)));
    }

    public Judgement calledIn(Operation operation, Query q) {
        Wording w = q.words();
        List<Evidence> here = Judgement.places(operation.span(), "declared here");
        for (Type type : q.role(0)) {
            for (Operation o : RoleMembers.ofRole(design, type)) {
                if (o.role() == Operation.Role.ENTRY) {
                    continue;
                }
                if (!reach.callsOf(List.of(operation), reach.from(o)).isEmpty()) {
                    return Judgement.met(w.say(operation, " is called by ", o, "."), here);
                }
            }
        }
        return Judgement.unmet(w.say(operation, " is not called there."), here);
    }

    public Judgement stepOf(Operation operation, Query q) {
        List<Evidence> places = new ArrayList<>();
        for (Operation caller : q.operations(0)) {
            for (CallReach.ReachedCall h : reach.callsOf(List.of(operation), reach.from(caller))) {
                boolean own = !caller.equals(operation) && h.receivers().contains(new Value.Self());
                if (own) {
                    places.add(Judgement.at(h.step().fact().span(), "called here"));
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(operation, " is a step of ", q.operations(0), "."),
                q.words().say(operation, " is no step of ", q.operations(0), "."),
                places.isEmpty() ? Judgement.places(operation.span(), "declared here") : places);
    }

    public Judgement callsSteps(Operation o, Query q) {
        Set<Operation> steps = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        for (Bodies.ReachedFact s : reach.from(o)) {
            if (s.fact() instanceof Fact.Call c
                    && c.operation() != null
                    && !c.toSuper()
                    && design.bodies().origins(c.receiver(), s).contains(new Value.Self())) {
                design.operation(c.operation())
                        .filter(x -> !x.equals(o) && x.isMethod() && isOpenStep(x))
                        .ifPresent(x -> {
                            steps.add(x);
                            places.add(Judgement.at(s.fact().span(), "called here"));
                        });
            }
        }
        boolean body = !o.isAbstract() && !o.isStatic();
        return Judgement.answer(
                body && steps.size() >= q.number(0),
                q.words().say(o, " calls ", List.copyOf(steps), " on itself."),
                q.words().say(o, " leaves nothing to subclasses."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    public Judgement callsDirectly(Operation o, Query q) {
        List<Bodies.ReachedFact> own = reach.from(o).stream()
                .filter(s -> s.in().equals(o)
                        || (o.span() != null
                                && o.span().contains(s.fact().span())
                                && design.type(s.in().owner())
                                        .filter(t -> !t.isNamed())
                                        .isPresent()))
                .toList();
        List<Evidence> places = reach.callsOf(q.operations(0), own).stream()
                .map(h -> Judgement.at(h.step().fact().span(), "called here"))
                .distinct()
                .toList();
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(o, " calls ", q.operations(0), "."),
                q.words().say(o, " does not call ", q.operations(0), " itself."),
                places);
    }

    public Judgement reaches(Operation o, Query q) {
        List<Operation> wanted = q.operations(0);
        boolean yes = wanted.contains(o)
                || reach.from(o).stream()
                        .anyMatch(s -> s.fact() instanceof Fact.Call c
                                && wanted.stream().anyMatch(x -> design.isSameCall(c.operation(), x)));
        return Judgement.answer(
                yes,
                q.words().say(o, " reaches ", wanted, "."),
                q.words().say("No path from ", o, " reaches ", wanted, "."),
                Judgement.places(o.span(), "declared here"));
    }
}
