package hausaufgabe.core.matching;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What can be asked of an operation by its declaration and its place among others; what its body does is asked elsewhere. */
final class OperationRelations {

    private final Design design;
    private final Reach reach;
    private final Calls calls;
    private final BodyRelations bodies;
    private final Inertness inertness;

    OperationRelations(Design design, Reach reach) {
        this.design = design;
        this.reach = reach;
        this.calls = new Calls(design, reach);
        this.inertness = new Inertness(design);
        this.bodies = new BodyRelations(design, reach, inertness);
    }

    Inertness inertness() {
        return inertness;
    }

    Calls calls() {
        return calls;
    }

    Judgement created(List<Operation> operations, Question q, int least, Object by) {
        return bodies.created(operations, q, least, by);
    }

    Judgement judge(Operation o, Question q) {
        Wording w = q.words();
        List<Evidence> here = Judgement.places(o.span(), "declared here");
        return switch (q.relation()) {
            case IS_ABSTRACT -> answer(o.isAbstract(), w.say(o, " is abstract."), w.say(o, " has a body."), here);
            case IS_STATIC ->
                answer(o.isStatic(), w.say(o, " belongs to the class."), w.say(o, " belongs to each object."), here);
            case IS_PRIVATE ->
                answer(
                        o.visibility() == Visibility.PRIVATE,
                        w.say(o, " is private."),
                        w.say(o, " can be called from outside."),
                        here);
            case IS_FINAL ->
                answer(
                        !isOverridable(o) && !o.isAbstract(),
                        w.say(o, " cannot be overridden."),
                        w.say(o, " can be overridden."),
                        here);
            case OVERRIDABLE ->
                answer(isOverridable(o), w.say(o, " can be overridden."), w.say(o, " cannot be overridden."), here);
            case VARIED -> answer(isVaried(o), w.say(o, " is varied."), w.say(o, " is always the same."), here);
            case OPEN_STEP ->
                answer(isOpenStep(o), w.say(o, " is left to others."), w.say(o, " is always the same."), here);
            case OF_OBJECT ->
                answer(isOfObject(o), w.say(o, " is one every object has."), w.say(o, " is its own."), here);
            case OVERRIDES ->
                answer(
                        q.operations(0).stream().anyMatch(x -> o.overrides().contains(x.id())),
                        w.say(o, " is another body for ", q.operations(0), "."),
                        w.say(o, " overrides none of ", q.operations(0), "."),
                        here);
            case REPLACED -> replaced(o, q);
            case WORKS_OUT ->
                answer(worksOut(o), w.say(o, " works something out."), w.say(o, " only names something."), here);
            case RETURNS_SOMETHING ->
                answer(o.result() != null, w.say(o, " gives something back."), w.say(o, " gives nothing back."), here);
            case EXCHANGES ->
                answer(
                        !o.parameters().isEmpty() || o.result() != null,
                        w.say(o, " exchanges something."),
                        w.say(o, " exchanges nothing."),
                        here);
            case TAKES_SOMETHING ->
                answer(!o.parameters().isEmpty(), w.say(o, " takes something."), w.say(o, " takes nothing."), here);
            case TAKES -> takes(o, q, here);
            case TAKES_ANY ->
                answer(
                        o.parameters().stream()
                                .anyMatch(p -> q.role(0).stream()
                                        .anyMatch(t -> t.id().equals(p.type().type())
                                                || design.realises(
                                                                t.id(), p.type().type())
                                                        && design.type(p.type().type())
                                                                .isPresent())),
                        w.say(o, " takes one of ", q.role(0), "."),
                        w.say(o, " takes none of ", q.role(0), "."),
                        here);
            case RETURNS ->
                answer(
                        design.names(o.result(), q.role(0)).isYes(),
                        w.say(o, " gives back ", q.role(0), "."),
                        w.say(o, " does not give back ", q.role(0), "."),
                        here);
            case CALLED_IN -> calledIn(o, q);
            case CALLED_BACK_IN -> calls.calledBack(o, q);
            case ONE_OF ->
                answer(q.operations(0).contains(o), w.say(o, " is one of them."), w.say(o, " is none of them."), here);
            case PASSED_ON_BY -> handedOn(o, q, Relation.PASSES_ON);
            case FORWARDED_BY -> handedOn(o, q, Relation.FORWARDED_BY);
            case GIVES_OUT ->
                answer(
                        q.role(0).stream()
                                .anyMatch(t -> new OneObject(design).ways(t).contains(o)),
                        w.say(o, " gives out ", q.role(0), "."),
                        w.say(o, " gives out something else."),
                        here);
            case PREPARES -> prepares(o, q, here);
            case STEP_OF -> stepOf(o, q);
            case CALLS_STEPS -> callsSteps(o, q);
            case CALLS, CALLS_ON, CALLS_EACH, CALLS_ONE_OF, CALLS_PARAMETER, CALLS_FETCHED, CALLS_ITSELF, CALLS_SUPER ->
                calls.judge(o, q);
            case CALLS_DIRECTLY -> callsDirectly(o, q);
            case REACHES -> reaches(o, q);
            default -> bodies.judge(o, q);
        };
    }

    private static Judgement answer(
            boolean yes,
            hausaufgabe.core.report.Sentence met,
            hausaufgabe.core.report.Sentence unmet,
            List<Evidence> evidence) {
        return Judgement.answer(yes, met, unmet, evidence);
    }

    boolean isVaried(Operation o) {
        return o.isAbstract() || !design.overridersOf(o).isEmpty();
    }

    boolean isOverridable(Operation o) {
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
    boolean isOpenStep(Operation o) {
        return isVaried(o)
                || (isOverridable(o)
                        && !o.traits().contains(Operation.Trait.IMPLICIT)
                        && inertness.isInert(o, Set.of()));
    }

    static boolean isOfObject(Operation o) {
        int parameters = o.parameters().size();
        return switch (o.name()) {
            case "toString", "hashCode", "clone", "finalize" -> parameters == 0;
            case "equals", "compareTo" -> parameters == 1;
            default -> false;
        };
    }

    private Judgement replaced(Operation o, Question q) {
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
        return !onlyNames(o) || !design.overridersOf(o).stream().allMatch(OperationRelations::onlyNames);
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

    private Judgement takes(Operation o, Question q, List<Evidence> here) {
        boolean takes = o.parameters().stream()
                .anyMatch(p -> design.names(p.type(), q.role(0)).isYes());
        return answer(
                takes,
                q.words().say(o, " takes ", q.role(0), "."),
                q.words().say(o, " does not take ", q.role(0), "."),
                here);
    }

    private Judgement handedOn(Operation o, Question q, Relation how) {
        Forwarding forwarding = new Forwarding(design, this);
        List<Judgement> each = q.role(0).stream()
                .map(t -> forwarding.judge(t, List.of(o), q.fields(1), how, q.words()))
                .toList();
        return new Quantities(q.words()).some(each);
    }

    private Judgement prepares(Operation o, Question q, List<Evidence> here) {
        Type owner = design.type(o.owner()).orElse(null);
        boolean yes = owner != null
                && o.isMethod()
                && !o.isStatic()
                && !isOfObject(o)
                && !q.operations(0).contains(o)
                && new Products(design, reach, this).prepares(o, owner);
        return answer(
                yes, q.words().say(o, " prepares what is built."), q.words().say(o, " prepares nothing."), here);
    }

    private Judgement calledIn(Operation operation, Question q) {
        Wording w = q.words();
        List<Evidence> here = Judgement.places(operation.span(), "declared here");
        for (Type type : q.role(0)) {
            for (Operation o : Members.ofRole(design, type)) {
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

    private Judgement stepOf(Operation operation, Question q) {
        List<Evidence> places = new ArrayList<>();
        for (Operation caller : q.operations(0)) {
            for (Reach.Heard h : reach.callsOf(List.of(operation), reach.from(caller))) {
                boolean own = !caller.equals(operation) && h.receivers().contains(new Value.Self());
                if (own) {
                    places.add(Judgement.at(h.step().fact().span(), "called here"));
                }
            }
        }
        return answer(
                !places.isEmpty(),
                q.words().say(operation, " is a step of ", q.operations(0), "."),
                q.words().say(operation, " is no step of ", q.operations(0), "."),
                places.isEmpty() ? Judgement.places(operation.span(), "declared here") : places);
    }

    private Judgement callsSteps(Operation o, Question q) {
        Set<Operation> steps = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        for (Bodies.Step s : reach.from(o)) {
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
        return answer(
                body && steps.size() >= q.number(0),
                q.words().say(o, " calls ", List.copyOf(steps), " on itself."),
                q.words().say(o, " leaves nothing to subclasses."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    private Judgement callsDirectly(Operation o, Question q) {
        List<Bodies.Step> own = reach.from(o).stream()
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
        return answer(
                !places.isEmpty(),
                q.words().say(o, " calls ", q.operations(0), "."),
                q.words().say(o, " does not call ", q.operations(0), " itself."),
                places);
    }

    private Judgement reaches(Operation o, Question q) {
        List<Operation> wanted = q.operations(0);
        boolean yes = wanted.contains(o)
                || reach.from(o).stream()
                        .anyMatch(s -> s.fact() instanceof Fact.Call c
                                && wanted.stream().anyMatch(x -> design.isSameCall(c.operation(), x)));
        return answer(
                yes,
                q.words().say(o, " reaches ", wanted, "."),
                q.words().say("No path from ", o, " reaches ", wanted, "."),
                Judgement.places(o.span(), "declared here"));
    }
}
