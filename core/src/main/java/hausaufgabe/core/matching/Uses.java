package hausaufgabe.core.matching;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Who uses whom, and how. */
final class Uses {

    private final Design design;
    private final Reach reach;
    private final TypeRelations types;
    private final OperationRelations operations;

    Uses(Design design, Reach reach, TypeRelations types, OperationRelations operations) {
        this.design = design;
        this.reach = reach;
        this.types = types;
        this.operations = operations;
    }

    Judgement judge(Type type, Question q) {
        return switch (q.relation()) {
            case CALLS_INTO -> callsInto(type, q);
            case MIRRORS -> mirrors(type, q);
            case WRAPS -> wraps(type, q);
            case ASKED_BY -> askedBy(type, q);
            case GIVEN_AS_NULL -> givenAsNull(type, q);
            case KEEPS_CALLED -> keepsCalled(type, q);
            case DECLARES -> declares(type, q);
            default -> takesEach(type, q);
        };
    }

    private Judgement callsInto(Type type, Question q) {
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

    private Judgement mirrors(Type type, Question q) {
        List<Field> fields = Members.fields(design, type);
        List<Operation> own = design.methodsOf(type);
        for (Type up : q.role(0)) {
            if (up.equals(type) || design.realises(type.id(), up.id())) {
                continue;
            }
            for (Operation asked : design.methodsOf(up)) {
                for (Operation o : own) {
                    boolean mirrored = sameForm(o, asked)
                            && operations
                                    .calls()
                                    .judge(o, List.of(asked), Relation.CALLS_EACH, fields, q.words())
                                    .is(Status.MET);
                    if (mirrored) {
                        return Judgement.met(
                                q.words().say(type, " answers ", asked, " like ", up, " without being one."),
                                TypeRelations.headline(type));
                    }
                }
            }
        }
        return Judgement.unmet(
                q.words().say(type, " answers nothing like ", q.role(0), "."), TypeRelations.headline(type));
    }

    private Judgement wraps(Type type, Question q) {
        List<Field> held = Members.fields(design, type).stream()
                .filter(f ->
                        !f.type().many() && design.leadsTo(f.type(), q.role(0)).isYes())
                .toList();
        for (Type up : q.role(0)) {
            for (Operation asked : design.methodsOf(up)) {
                Operation o = Members.implementation(design, type, asked);
                boolean handsOn = o != null
                        && !held.isEmpty()
                        && !o.isAbstract()
                        && operations
                                .calls()
                                .judge(o, List.of(asked), Relation.CALLS_ON, held, q.words())
                                .is(Status.MET);
                if (handsOn && !mayBeAbsent(o, held)) {
                    return Judgement.met(q.words().say(type, " wraps another ", up, "."), TypeRelations.headline(type));
                }
            }
        }
        return Judgement.unmet(q.words().say(type, " wraps nothing."), TypeRelations.headline(type));
    }

    /** What is asked for null first is a link, such as one to a parent, and nothing that is wrapped. */
    private boolean mayBeAbsent(Operation o, List<Field> held) {
        return o.body().stream()
                .anyMatch(f -> f instanceof Fact.Branch b
                        && b.on() == Fact.Question.NULL
                        && b.subject() instanceof Value.OfField x
                        && held.stream().anyMatch(h -> h.id().equals(x.field())));
    }

    private Judgement askedBy(Type type, Question q) {
        List<Evidence> places = new ArrayList<>();
        for (Type by : q.role(0)) {
            for (Operation asked : q.operations(1)) {
                Operation o = Members.implementation(design, by, asked);
                if (o == null) {
                    continue;
                }
                for (Bodies.Step s : reach.from(o)) {
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

    private Judgement givenAsNull(Type type, Question q) {
        List<Evidence> places = new ArrayList<>();
        Question never = new Question(Predicate.Says.of(Relation.RETURNS_NO_NULL), q.binding(), q.words());
        for (Operation o : design.operations()) {
            boolean gives = o.isMethod()
                    && o.result() != null
                    && !o.result().isContainer()
                    && (o.result().type().equals(type.id())
                            || design.realises(o.result().type(), type.id()))
                    && design.bodies().isOpen(o)
                    && o.span() != null;
            if (gives) {
                Judgement j = operations.judge(o, never);
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

    private Judgement keepsCalled(Type type, Question q) {
        Set<String> kept = operations.calls().keptFields(type, q.operations(0));
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
                places.isEmpty() ? TypeRelations.headline(type) : places);
    }

    private Judgement declares(Type type, Question q) {
        List<Operation> own = design.methodsOf(type);
        boolean yes = q.operations(0).stream()
                .anyMatch(o ->
                        own.stream().anyMatch(x -> x.equals(o) || o.overrides().contains(x.id())));
        return Judgement.answer(
                yes,
                q.words().say(type, " declares ", q.operations(0), "."),
                q.words().say(type, " does not declare ", q.operations(0), "."),
                TypeRelations.headline(type));
    }

    private Judgement takesEach(Type type, Question q) {
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
                places.isEmpty() ? TypeRelations.headline(type) : places);
    }
}
