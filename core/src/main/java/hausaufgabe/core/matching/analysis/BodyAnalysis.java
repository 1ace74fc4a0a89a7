package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** What can be asked of what an operation does, beside its calls. */
public final class BodyAnalysis {

    private final Design design;
    private final CallReach reach;
    private final EffectAnalysis effects;

    public BodyAnalysis(Design design, CallReach reach, EffectAnalysis effects) {
        this.design = design;
        this.reach = reach;
        this.effects = effects;
    }

    public Judgement returnsField(Operation o, Query q) {
        return returned(o, q, "what it keeps", v -> isIn(v, q.fields(0)));
    }

    public Judgement returnsNew(Operation o, Query q) {
        return returned(o, q, "a new one", v -> v instanceof Value.New n && isOf(n.type(), q.role(0)));
    }

    public Judgement returnsItself(Operation o, Query q) {
        return returned(o, q, "itself", v -> v instanceof Value.Self);
    }

    public Judgement reads(Operation o, Query q) {
        return at(o, q, s -> s.fact() instanceof Fact.Read r && isField(r.field(), q.fields(0)), "reads");
    }

    public Judgement writes(Operation o, Query q) {
        return at(o, q, s -> changes(s, q.fields(0)), "changes");
    }

    public Judgement branchesOnType(Operation o, Query q) {
        return at(
                o, q, s -> s.fact() instanceof Fact.Branch b && b.type() != null && isOf(b.type(), q.role(0)), "asks");
    }

    public Judgement branchesOnTag(Operation o, Query q) {
        return at(
                o,
                q,
                s -> s.fact() instanceof Fact.Branch b
                        && b.on() == Fact.Question.TAG
                        && b.arms().size() > 1,
                "decides");
    }

    public Judgement inert(Operation o, Query q) {
        return Judgement.answer(
                effects.isInert(o, Set.of()),
                q.words().say(o, " does nothing."),
                q.words().say(o, " does something."),
                Judgement.places(o.span(), "declared here"));
    }

    public Judgement refuses(Operation o, Query q) {
        return Judgement.answer(
                isRefusing(o),
                q.words().say(o, " refuses."),
                q.words().say(o, " does not refuse."),
                Judgement.places(o.span(), "declared here"));
    }

    private static boolean isRefusing(Operation o) {
        return o.body().stream().anyMatch(f -> f instanceof Fact.Throw)
                && o.body().stream().noneMatch(f -> f instanceof Fact.Return || f instanceof Fact.Branch);
    }

    private boolean isOf(String type, List<Type> role) {
        return design.isOneOf(type, role).isYes();
    }

    private static boolean isField(String field, List<Field> fields) {
        return fields.stream().anyMatch(f -> f.id().equals(field));
    }

    private boolean isIn(Value v, List<Field> fields) {
        Value held = v instanceof Value.ElementOf e ? e.container() : v;
        return fields.stream().anyMatch(f -> design.isIn(held, f));
    }

    private Judgement at(Operation o, Query q, Predicate<Bodies.ReachedFact> fits, String verb) {
        List<Evidence> places = reach.from(o).stream()
                .filter(fits)
                .map(s -> Judgement.at(s.fact().span(), verb + " here"))
                .distinct()
                .toList();
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(o, " " + verb + " here."),
                q.words().say("Nothing in ", o, " " + verb + "."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    public Judgement passesItself(Operation o, Query q) {
        List<Evidence> places = new ArrayList<>();
        for (CallReach.ReachedCall h : reach.callsOf(q.operations(0), reach.from(o))) {
            boolean self = h.step().fact() instanceof Fact.Call c
                    && c.arguments().stream()
                            .anyMatch(a -> design.bodies().origins(a, h.step()).contains(new Value.Self()));
            if (self) {
                places.add(Judgement.at(h.step().fact().span(), "handed on here"));
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(o, " hands itself on."),
                q.words().say(o, " does not hand itself on."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    /** @param least of how many types of the role named first it makes objects */
    public Judgement creates(Operation o, Query q, int least) {
        return created(List.of(o), q, least, o);
    }

    /** Whether some operations together make objects of at least so many types of the role named first. */
    public Judgement created(List<Operation> operations, Query q, int least, Object by) {
        Set<String> made = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        for (Operation o : operations) {
            for (Bodies.ReachedFact s : reach.from(o)) {
                if (s.fact() instanceof Fact.Create c && isOf(c.type(), q.role(0)) && isMaking(c.type())) {
                    made.add(c.type());
                    places.add(Judgement.at(c.span(), "made here"));
                } else if (s.fact() instanceof Fact.Read r && isConstantOf(r.field(), q.role(0))) {
                    made.add(r.field());
                    places.add(Judgement.at(r.span(), "named here"));
                }
            }
        }
        String found = made.isEmpty() ? " makes none of them." : " makes only one kind of them.";
        return Judgement.answer(
                made.size() >= least,
                q.words().say(by, " makes ", typesOf(made), "."),
                q.words().say(by, found),
                places.stream().distinct().toList());
    }

    private boolean isMaking(String type) {
        return design.type(type).map(t -> t.origin() != Type.Origin.CONSTANT).orElse(true);
    }

    private boolean isConstantOf(String field, List<Type> role) {
        return design.field(field)
                .filter(f -> f.isStatic() && !f.type().many())
                .filter(f -> isOf(f.type().type(), role) || f.isConstant() && isOf(f.owner(), role))
                .isPresent();
    }

    private List<Type> typesOf(Set<String> ids) {
        return ids.stream().flatMap(id -> design.type(id).stream()).toList();
    }

    private Judgement returned(Operation o, Query q, String what, Predicate<Value> fits) {
        List<Evidence> places = new ArrayList<>();
        for (Fact f : o.body()) {
            if (f instanceof Fact.Return r
                    && design.bodies().origins(r.value(), new Bodies.ReachedFact(o, f, Map.of())).stream()
                            .anyMatch(fits)) {
                places.add(Judgement.at(f.span(), "given back here"));
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(o, " gives back " + what + "."),
                q.words().say(o, " does not give back " + what + "."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    public Judgement neverNull(Operation o, Query q) {
        List<Evidence> places = new ArrayList<>();
        List<Operation> bodies = new ArrayList<>(List.of(o));
        bodies.addAll(design.overridersOf(o));
        for (Operation body : bodies) {
            for (Bodies.ReachedFact s : reach.from(body)) {
                if (s.in().equals(body)
                        && s.fact() instanceof Fact.Return r
                        && design.bodies().origins(r.value(), s).contains(new Value.Null())) {
                    places.add(Judgement.at(s.fact().span(), "null is given back here"));
                }
            }
        }
        return Judgement.answer(
                places.isEmpty(),
                q.words().say(o, " never gives back null."),
                q.words().say(o, " gives back null on one path."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    /** The container is changed in a copy that then takes its place. */
    private boolean takesPlaceOf(Operation o, List<Field> fields) {
        return reach.from(o).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Write w
                        && isField(w.field(), fields)
                        && design.bodies().origins(w.value(), s).stream().anyMatch(v -> isIn(v, fields)));
    }

    public Judgement adds(Operation o, Query q) {
        List<Field> fields = q.fields(0);
        List<Evidence> places = new ArrayList<>();
        boolean replaces = takesPlaceOf(o, fields);
        for (Bodies.ReachedFact s : reach.from(o)) {
            Value value = null;
            if (s.fact() instanceof Fact.Write x && isField(x.field(), fields)) {
                value = x.value();
            } else if (s.fact() instanceof Fact.Put p && (replaces || fills(p.container(), s, fields))) {
                value = p.value();
            }
            if (value != null && design.bodies().origins(value, s).stream().anyMatch(v -> isParameterOf(v, o))) {
                places.add(Judgement.at(s.fact().span(), "added here"));
            }
        }
        return Judgement.answer(
                o.isMethod() && !places.isEmpty(),
                q.words().say(o, " adds to ", fields, "."),
                q.words().say(o, " adds nothing to ", fields, "."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    private boolean fills(Value container, Bodies.ReachedFact s, List<Field> fields) {
        return design.bodies().containers(container, s).stream().anyMatch(v -> isIn(v, fields));
    }

    private static boolean isParameterOf(Value value, Operation operation) {
        Value held = value instanceof Value.ElementOf e ? e.container() : value;
        return held instanceof Value.OfParameter p && p.operation().equals(operation.id());
    }

    public Judgement removes(Operation o, Query q) {
        List<Field> fields = q.fields(0);
        List<Evidence> places = new ArrayList<>();
        boolean replaces = takesPlaceOf(o, fields);
        for (Bodies.ReachedFact s : reach.from(o)) {
            if (s.fact() instanceof Fact.Remove r) {
                Set<Value> what = design.bodies().origins(r.value(), s);
                boolean stranger = what.stream().allMatch(v -> v instanceof Value.New n && !isFunction(n.type()));
                if ((replaces || fills(r.container(), s, fields)) && !(stranger && !what.isEmpty())) {
                    places.add(Judgement.at(s.fact().span(), "removed here"));
                }
            } else if (s.fact() instanceof Fact.Write w && isField(w.field(), fields)) {
                Set<Value> from = design.bodies().origins(w.value(), s);
                boolean cleared = from.contains(new Value.Null());
                boolean filtered =
                        replaces && from.stream().noneMatch(v -> isParameterOf(v, o)) && putsNothingNew(o, fields);
                if (cleared || filtered) {
                    places.add(Judgement.at(s.fact().span(), "removed here"));
                }
            }
        }
        return Judgement.answer(
                o.isMethod() && !places.isEmpty(),
                q.words().say(o, " takes something out of ", fields, "."),
                q.words().say(o, " takes nothing out of ", fields, "."),
                places.isEmpty() ? Judgement.places(o.span(), "declared here") : places);
    }

    private boolean isFunction(String type) {
        return design.type(type).map(t -> t.origin() == Type.Origin.LAMBDA).orElse(false);
    }

    /** Whether all that is put anywhere is what the fields held before, as where some of it is kept in another container. */
    private boolean putsNothingNew(Operation o, List<Field> fields) {
        return reach.from(o).stream().filter(s -> s.fact() instanceof Fact.Put).allMatch(s -> {
            Set<Value> put = design.bodies().origins(((Fact.Put) s.fact()).value(), s);
            return !put.isEmpty() && put.stream().allMatch(v -> isIn(v, fields));
        });
    }

    private boolean changes(Bodies.ReachedFact s, List<Field> fields) {
        if (s.fact() instanceof Fact.Write w) {
            return isField(w.field(), fields);
        }
        return s.fact() instanceof Fact.Put p && fills(p.container(), s, fields)
                || s.fact() instanceof Fact.Remove r && fills(r.container(), s, fields);
    }

    public Judgement assigns(Operation o, Query q) {
        List<Evidence> here = Judgement.places(o.span(), "declared here");
        if (!o.isMethod() || o.isStatic() || !design.bodies().isOpen(o)) {
            return Judgement.unmet(q.words().say(o, " is not for others to call."), here);
        }
        Judgement adds = adds(o, q);
        Sentence unmet = q.words().say(o, " does not set ", q.fields(0), " from a parameter.");
        return adds.is(Status.MET)
                ? Judgement.met(q.words().say(o, " sets ", q.fields(0), "."), adds.evidence())
                : Judgement.unmet(unmet, here);
    }

    public Judgement asksForNull(Operation o, Query q) {
        List<Type> role = q.role(0);
        List<Evidence> places = new ArrayList<>();
        for (Fact f : o.body()) {
            if (f instanceof Fact.Branch b
                    && b.on() == Fact.Question.NULL
                    && isOfType(b.subject(), role)
                    && !fillsIn(o, role)
                    && !isRefusal(o, b)) {
                places.add(Judgement.at(b.span(), "asked here"));
            }
        }
        return Judgement.answer(
                !places.isEmpty() && !o.isUniversal(),
                q.words().say(o, " still asks whether there is ", role, "."),
                q.words().say(o, " does not ask whether there is ", role, "."),
                places.stream().distinct().toList());
    }

    private boolean isOfType(Value subject, List<Type> role) {
        Set<Value> from = new LinkedHashSet<>(design.bodies().origins(subject));
        if (subject instanceof Value.ResultOf r) {
            from.add(r);
        }
        return from.stream().anyMatch(v -> declared(v).stream().anyMatch(t -> isOf(t, role)));
    }

    private List<String> declared(Value v) {
        TypeRef ref = null;
        if (v instanceof Value.OfField f) {
            ref = design.field(f.field()).map(Field::type).orElse(null);
        } else if (v instanceof Value.OfParameter p) {
            ref = design.operation(p.operation())
                    .filter(x -> p.index() < x.parameters().size())
                    .map(x -> x.parameters().get(p.index()).type())
                    .orElse(null);
        } else if (v instanceof Value.ResultOf r && r.operation() != null) {
            ref = design.operation(r.operation()).map(Operation::result).orElse(null);
        } else if (v instanceof Value.New n) {
            return List.of(n.type());
        } else if (v instanceof Value.ElementOf e) {
            return declared(e.container());
        }
        return ref == null
                ? List.of()
                : ref.leaves().stream().map(TypeRef::type).toList();
    }

    /** Whether the operation puts one of the role in place of what is not there. */
    private boolean fillsIn(Operation o, List<Type> role) {
        return o.body().stream().anyMatch(f -> {
            if (f instanceof Fact.Create c) {
                return isOf(c.type(), role);
            }
            if (f instanceof Fact.Read r) {
                return isConstantOf(r.field(), role);
            }
            return f instanceof Fact.Call c
                    && c.operation() != null
                    && design.operation(c.operation())
                            .filter(x -> x.isStatic() && x.result() != null)
                            .filter(x -> design.leadsTo(x.result(), role).isYes())
                            .isPresent();
        });
    }

    /** Whether asking leads to an error and nothing else. */
    private static boolean isRefusal(Operation o, Fact.Branch asked) {
        boolean throwsInside = o.body().stream()
                .anyMatch(f -> f instanceof Fact.Throw t
                        && asked.arms().stream().anyMatch(a -> a.span().contains(t.span())));
        boolean within = o.body().stream()
                .anyMatch(f -> f instanceof Fact.Branch b
                        && b != asked
                        && b.span().contains(asked.span())
                        && b.on() == Fact.Question.NULL
                        && !b.arms().isEmpty()
                        && isRefusal(o, b));
        return throwsInside || within;
    }

    public Judgement setsSomething(Operation o, Query q) {
        List<Evidence> lost = new ArrayList<>();
        boolean leaves = o.isAbstract();
        for (Bodies.ReachedFact s : reach.from(o)) {
            if (s.fact() instanceof Fact.Write w) {
                boolean read = design.field(w.field())
                        .map(f -> !isOwn(f, o)
                                || design.bodies().readsOf(f).stream().anyMatch(r -> !r.in().equals(o)))
                        .orElse(true);
                if (read) {
                    leaves = true;
                } else {
                    lost.add(Judgement.at(w.span(), "never read"));
                }
            } else if (s.fact() instanceof Fact.Put || s.fact() instanceof Fact.Remove) {
                leaves = true;
            } else if (s.fact() instanceof Fact.Library l && !(l.receiver() instanceof Value.Unknown)) {
                leaves = true;
            } else if (s.fact() instanceof Fact.Call c && c.operation() != null) {
                leaves |= design.operation(c.operation())
                        .map(x -> x.isAbstract() || !effects.isInert(x, Set.of()) && x.isMethod())
                        .orElse(true);
            } else if (s.fact() instanceof Fact.Return r && s.in().equals(o)) {
                // what never changes leaves behind another one of its kind
                leaves |= r.value() instanceof Value.New n && isOfItsOwn(n, o);
            }
        }
        if (!lost.isEmpty()) {
            return Judgement.unmet(q.words().say("What ", o, " sets is never used."), lost);
        }
        return Judgement.answer(
                leaves,
                q.words().say(o, " leaves something behind."),
                q.words().say(o, " leaves nothing behind."),
                Judgement.places(o.span(), "declared here"));
    }

    private boolean isOfItsOwn(Value.New made, Operation o) {
        return o.result() != null
                && (made.type().equals(o.owner()) || design.realises(made.type(), o.owner()))
                && (made.type().equals(o.result().type())
                        || design.realises(made.type(), o.result().type()));
    }

    private boolean isOwn(Field field, Operation o) {
        return field.owner().equals(o.owner()) || design.realises(o.owner(), field.owner());
    }

    private static boolean asksForKind(Fact.Branch b) {
        return b.on() == Fact.Question.TYPE || b.on() == Fact.Question.TABLE;
    }

    /** Whether it is what remains when all others have been asked for. */
    private static boolean isLeftOver(Type t, Collection<Type> kinds, Set<String> asked) {
        return kinds.size() > 1 && kinds.stream().allMatch(k -> k == t || asked.contains(k.id()));
    }

    /** Whether one of its operations does, which itself asks for at least one of the kinds. */
    public Judgement dispatches(Type t, Query q) {
        Judgement best = Judgement.unmet(q.words().say(t, " hands nothing on."), List.of());
        for (Operation o : design.methodsOf(t)) {
            boolean asks = o.body().stream()
                    .anyMatch(f -> f instanceof Fact.Branch b
                            && asksForKind(b)
                            && q.role(0).stream().anyMatch(k -> k.id().equals(b.type())));
            if (asks) {
                Judgement j = dispatches(o, q);
                if (j.is(Status.MET)) {
                    return j;
                }
                best = j;
            }
        }
        return best;
    }

    /** Asks for each kind and calls the operation that takes that kind. */
    public Judgement dispatches(Operation o, Query q) {
        Set<Type> handed = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        Set<String> asked = new LinkedHashSet<>();
        for (Bodies.ReachedFact s : reach.from(o)) {
            if (s.fact() instanceof Fact.Branch b && asksForKind(b) && b.type() != null) {
                asked.add(b.type());
            }
        }
        for (CallReach.ReachedCall h : reach.callsOf(q.operations(1), reach.from(o))) {
            Operation called = h.step().fact() instanceof Fact.Call c
                    ? design.operation(c.operation()).orElse(null)
                    : null;
            for (Type t : q.role(0)) {
                boolean takes = called != null
                        && called.parameters().stream()
                                .anyMatch(p -> p.type().type().equals(t.id()));
                if (takes && (asked.contains(t.id()) || isLeftOver(t, q.role(0), asked))) {
                    handed.add(t);
                    places.add(Judgement.at(h.step().fact().span(), "handed on here"));
                }
            }
        }
        List<Type> missed = q.role(0).stream().filter(t -> !handed.contains(t)).toList();
        if (handed.isEmpty()) {
            return Judgement.unmet(q.words().say(o, " hands nothing on."), places);
        }
        return Judgement.answer(
                missed.isEmpty(),
                q.words().say(o, " hands on each of ", q.role(0), "."),
                q.words().say(o, " leaves out ", missed, "."),
                places);
    }
}
