package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Who uses whom, and how. */
public final class UsageAnalysis {

    private final Design design;
    private final CallReach reach;
    private final TypeAnalysis types;
    private final CallAnalysis calls;
    private final BodyAnalysis bodies;

    public UsageAnalysis(Design design, CallReach reach, TypeAnalysis types, CallAnalysis calls, BodyAnalysis bodies) {
        this.design = design;
        this.reach = reach;
        this.types = types;
        this.calls = calls;
        this.bodies = bodies;
    }

    public Judgement callsInto(Type type, Query q) {
        List<Operation> wanted =
                q.role(0).stream().flatMap(t -> design.methodsOf(t).stream()).toList();
        List<Evidence> places = new ArrayList<>();
        for (Operation o : types.everythingIn(type)) {
            reach.callsOf(wanted, reach.from(o))
                    .forEach(h -> places.add(Judgement.at(h.step().fact().span(), "called here")));
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(type, " calls ", q.role(0), "."),
                q.words().say(type, " never calls ", q.role(0), "."),
                places.stream().distinct().toList());
    }

    private static boolean sameForm(Operation a, Operation b) {
        return a.name().equals(b.name())
                && a.parameters().size() == b.parameters().size();
    }

    public Judgement mirrors(Type type, Query q) {
        List<Field> fields = RoleMembers.fields(design, type);
        List<Operation> own = design.methodsOf(type);
        for (Type up : q.role(0)) {
            if (up.equals(type) || design.realises(type.id(), up.id())) {
                continue;
            }
            for (Operation asked : design.methodsOf(up)) {
                for (Operation o : own) {
                    boolean mirrored = sameForm(o, asked)
                            && calls.judge(o, List.of(asked), CallTarget.EACH, fields, q.words())
                                    .is(Status.MET);
                    if (mirrored) {
                        return Judgement.met(
                                q.words().say(type, " answers ", asked, " like ", up, " without being one."),
                                TypeAnalysis.headline(type));
                    }
                }
            }
        }
        return Judgement.unmet(
                q.words().say(type, " answers nothing like ", q.role(0), "."), TypeAnalysis.headline(type));
    }

    public Judgement wraps(Type type, Query q) {
        List<Field> held = RoleMembers.fields(design, type).stream()
                .filter(f ->
                        !f.type().many() && design.leadsTo(f.type(), q.role(0)).isYes())
                .toList();
        for (Type up : q.role(0)) {
            for (Operation asked : design.methodsOf(up)) {
                Operation o = RoleMembers.implementation(design, type, asked);
                boolean handsOn = o != null
                        && !held.isEmpty()
                        && !o.isAbstract()
                        && calls.judge(o, List.of(asked), CallTarget.FIELD, held, q.words())
                                .is(Status.MET);
                if (handsOn && o != null && !mayBeAbsent(o, held)) {
                    return Judgement.met(q.words().say(type, " wraps another ", up, "."), TypeAnalysis.headline(type));
                }
            }
        }
        return Judgement.unmet(q.words().say(type, " wraps nothing."), TypeAnalysis.headline(type));
    }

    /** What is asked for null first is a link, such as one to a parent, and nothing that is wrapped. */
    private boolean mayBeAbsent(Operation o, List<Field> held) {
        return o.body().stream()
                .anyMatch(f -> f instanceof Fact.Branch b
                        && b.on() == Fact.Question.NULL
                        && b.subject() instanceof Value.OfField x
                        && held.stream().anyMatch(h -> h.id().equals(x.field())));
    }

    public Judgement askedBy(Type type, Query q) {
        List<Evidence> places = new ArrayList<>();
        for (Type by : q.role(0)) {
            for (Operation asked : q.operations(1)) {
                Operation o = RoleMembers.implementation(design, by, asked);
                if (o == null) {
                    continue;
                }
                for (Bodies.ReachedFact s : reach.from(o)) {
                    boolean works = s.fact() instanceof Fact.Call c
                            && !(c.receiver() instanceof Value.Self)
                            && design.operation(c.operation() == null ? "" : c.operation())
                                    .filter(x -> isAnswerOf(x, type) && !x.isStatic() && hasEffect(x))
                                    .isPresent();
                    if (works) {
                        places.add(Judgement.at(s.fact().span(), "asked here"));
                    }
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(type, " is asked to do something."),
                q.words().say(type, " is asked nothing."),
                places);
    }

    private boolean isAnswerOf(Operation o, Type type) {
        return o.owner().equals(type.id());
    }

    /** Whether a call of it may change something: it has no body, changes or calls something. */
    private boolean hasEffect(Operation o) {
        return o.isAbstract()
                || o.body().stream()
                        .anyMatch(f -> f instanceof Fact.Write
                                || f instanceof Fact.Put
                                || f instanceof Fact.Remove
                                || f instanceof Fact.Call
                                || f instanceof Fact.Library l && !(l.receiver() instanceof Value.Unknown)
                                || f instanceof Fact.Throw);
    }

    public Judgement givenAsNull(Type type, Query q) {
        List<Evidence> places = new ArrayList<>();
        for (Operation o : design.operations()) {
            boolean gives = o.isMethod()
                    && o.result() != null
                    && !o.result().isContainer()
                    && (o.result().type().equals(type.id())
                            || design.realises(o.result().type(), type.id()))
                    && design.bodies().isOpen(o)
                    && o.span() != null;
            if (gives) {
                Judgement j = bodies.neverNull(o, q);
                if (j.is(Status.UNMET)) {
                    places.addAll(j.evidence());
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say("Null is given out where ", type, " is expected."),
                q.words().say("Null is never given out for ", type, "."),
                places.stream().distinct().toList());
    }

    public Judgement keepsCalled(Type type, Query q) {
        Set<String> kept = calls.keptFields(type, q.operations(0));
        List<Evidence> places = new ArrayList<>();
        List<Field> fields = new ArrayList<>();
        for (String id : kept) {
            design.field(id).ifPresent(f -> {
                fields.add(f);
                places.addAll(Judgement.places(f.span(), "kept here"));
            });
        }
        return Judgement.answer(
                !kept.isEmpty(),
                q.words().say(type, " keeps what it has called in ", fields, "."),
                q.words().say(type, " forgets what it has called."),
                places.isEmpty() ? TypeAnalysis.headline(type) : places);
    }

    public Judgement declares(Type type, Query q) {
        List<Operation> own = design.methodsOf(type);
        boolean yes = q.operations(0).stream()
                .anyMatch(o ->
                        own.stream().anyMatch(x -> x.equals(o) || o.overrides().contains(x.id())));
        return Judgement.answer(
                yes,
                q.words().say(type, " declares ", q.operations(0), "."),
                q.words().say(type, " does not declare ", q.operations(0), "."),
                TypeAnalysis.headline(type));
    }

    public Judgement takesEach(Type type, Query q) {
        Set<Type> missed = new LinkedHashSet<>(q.role(0));
        List<Evidence> places = new ArrayList<>();
        for (Operation o : design.methodsOf(type)) {
            for (Operation.Parameter p : o.parameters()) {
                boolean any = missed.removeIf(t -> p.type().type().equals(t.id())
                        || design.realises(t.id(), p.type().type()));
                if (any) {
                    places.addAll(Judgement.places(o.span(), "taken here"));
                }
            }
        }
        return Judgement.answer(
                missed.isEmpty(),
                q.words().say(type, " has an operation for each of ", q.role(0), "."),
                q.words().say(type, " has no operation for ", List.copyOf(missed), "."),
                places.isEmpty() ? TypeAnalysis.headline(type) : places);
    }
}
