package hausaufgabe.core.matching.onepattern;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.analysis.TypeAnalysis;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Whether a type makes, keeps and gives out one object of itself. */
public final class SingletonAnalysis {

    private final Design design;

    public SingletonAnalysis(Design design) {
        this.design = design;
    }

    public Judgement givesItself(Type type, Query q) {
        List<Evidence> places = new ArrayList<>();
        givers(type).forEach(o -> places.addAll(Judgement.places(o.span(), "given out here")));
        kept(type).stream()
                .filter(f -> f.visibility() != Visibility.PRIVATE && f.owner().equals(type.id()))
                .forEach(f -> places.addAll(Judgement.places(f.span(), "given out here")));
        boolean several = type.kind() == Type.Kind.ENUM && type.constants().size() != 1;
        return Judgement.answer(
                !places.isEmpty() && !several,
                q.words().say(type, " gives out an object of its own."),
                q.words().say(type, " gives out none of its own."),
                places.isEmpty() ? TypeAnalysis.headline(type) : places);
    }

    /** Whether the operation gives out the one object of a type of the role. */
    public Judgement givesOut(Operation o, Query q) {
        return Judgement.answer(
                q.role(0).stream().anyMatch(t -> ways(t).contains(o)),
                q.words().say(o, " gives out ", q.role(0), "."),
                q.words().say(o, " gives out something else."),
                Judgement.places(o.span(), "declared here"));
    }

    /** Static operations of the type, or of what it encloses, that give back one of its objects. */
    List<Operation> givers(Type type) {
        return design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && o.isStatic() && o.result() != null)
                .filter(o -> !o.traits().contains(Operation.Trait.IMPLICIT))
                .filter(o -> design.bodies().isOpen(o))
                .filter(o ->
                        isItself(o.knownResult(), type) || returns(o).stream().anyMatch(v -> isOwn(v, type)))
                .filter(o -> !o.traits().contains(Operation.Trait.IMPLICIT) || type.kind() != Type.Kind.ENUM)
                .toList();
    }

    /** Those among them that give back what is kept; all of them where none does. */
    List<Operation> ways(Type type) {
        List<Operation> all = givers(type);
        List<Field> kept = kept(type);
        List<Operation> keeping = all.stream()
                .filter(o -> returns(o).stream().anyMatch(v -> isKept(v, kept)))
                .toList();
        return keeping.isEmpty() ? all : keeping;
    }

    private boolean isItself(TypeRef ref, Type type) {
        return !ref.many() && design.names(ref, List.of(type)).isYes();
    }

    private boolean isOwn(Value v, Type type) {
        return v instanceof Value.New n && n.type().equals(type.id())
                || v instanceof Value.OfField f && kept(type).stream().anyMatch(k -> k.id().equals(f.field()));
    }

    private List<Value> returns(Operation o) {
        List<Value> all = new ArrayList<>();
        for (Fact f : o.body()) {
            if (f instanceof Fact.Return r) {
                all.addAll(design.bodies().origins(r.value(), new Bodies.ReachedFact(o, f, Map.of())));
            }
        }
        return all;
    }

    /** Static fields, its own or of a type it encloses, that hold one object of the type. */
    private List<Field> kept(Type type) {
        List<Field> found = new ArrayList<>();
        List<Type> house = design.nestedIn(type);
        for (Type t : house) {
            for (Field f : design.fieldsOf(t)) {
                boolean holds = isItself(f.type(), type)
                        || (f.isStatic()
                                && !f.type().many()
                                && design.realises(type.id(), f.type().type())
                                && design.bodies().writesTo(f).stream()
                                        .anyMatch(s -> s.fact() instanceof Fact.Write x
                                                && design.bodies().origins(x.value(), s).stream()
                                                        .anyMatch(v -> v instanceof Value.New n
                                                                && n.type().equals(type.id()))));
                if (f.isStatic() && holds) {
                    found.add(f);
                }
            }
        }
        return found;
    }

    public Judgement keeps(Type type, Query q) {
        Wording w = q.words();
        List<Field> kept = kept(type);
        List<Evidence> places = kept.stream()
                .flatMap(f -> Judgement.places(f.span(), "kept here").stream())
                .toList();
        if (kept.isEmpty()) {
            return Judgement.unmet(
                    w.say("No static field or constant keeps the one ", type, "."), TypeAnalysis.headline(type));
        }
        return Judgement.answer(
                kept.size() == 1,
                w.say(kept, " keeps the one ", type, "."),
                w.say("There are " + kept.size() + " of them: ", kept, "."),
                places);
    }

    public Judgement givesKept(Type type, Query q) {
        Wording w = q.words();
        List<Field> kept = kept(type);
        List<Evidence> fine = new ArrayList<>();
        for (Operation o : ways(type)) {
            if (o.isStatic() && o.parameters().stream().anyMatch(p -> isItself(p.type(), type))) {
                continue;
            }
            List<Value> values = returns(o);
            boolean followed = values.stream().anyMatch(v -> isKept(v, kept));
            for (Fact f : o.body()) {
                Span made = f instanceof Fact.Create c && c.type().equals(type.id()) ? c.span() : null;
                boolean each = made != null && !(isGuarded(o, made) && isWritten(o, made, kept));
                if (f instanceof Fact.Write set && isKept(set, kept) && !isGuarded(o, set.span())) {
                    made = set.span();
                    each = origins(o, set).stream().anyMatch(v -> isNew(v, type));
                }
                if (each && made != null) {
                    return Judgement.unmet(
                            w.say(o, " makes a new ", type, " each time it is called."),
                            List.of(Judgement.at(made, "made here")));
                }
            }
            boolean fresh = values.stream()
                    .anyMatch(v -> v instanceof Value.New n && n.type().equals(type.id()));
            if (!followed && fresh && !inOwnBody(o, type)) {
                return Judgement.unmet(
                        w.say(o, " does not give back what is kept."), Judgement.places(o.span(), "given here"));
            }
            if (!followed && !fresh) {
                return values.stream().allMatch(v -> v instanceof Value.Null)
                        ? Judgement.unmet(
                                w.say(o, " does not give back one."), Judgement.places(o.span(), "given here"))
                        : Judgement.unclear(
                                w.say("The code does not settle what ", o, " gives back."),
                                Judgement.places(o.span(), "given here"));
            }
            fine.addAll(Judgement.places(o.span(), "given here"));
        }
        kept.stream()
                .filter(f -> f.visibility() != Visibility.PRIVATE)
                .forEach(f -> fine.addAll(Judgement.places(f.span(), "given here")));
        return fine.isEmpty()
                ? Judgement.unmet(
                        w.say("Others have no way to get at the one ", type, "."), TypeAnalysis.headline(type))
                : Judgement.met(w.say("It is the same ", type, " each time."), fine);
    }

    private static boolean isKept(Fact.Write write, List<Field> kept) {
        return kept.stream().anyMatch(k -> k.id().equals(write.field()));
    }

    private Set<Value> origins(Operation o, Fact.Write write) {
        return design.bodies().origins(write.value(), new Bodies.ReachedFact(o, write, Map.of()));
    }

    private static boolean isNew(Value v, Type type) {
        return v instanceof Value.New n && n.type().equals(type.id());
    }

    /** Where the objects are made that come to be kept. */
    private Set<Span> startsOf(Type type, List<Field> kept) {
        Set<Span> starts = new LinkedHashSet<>();
        for (Field k : kept) {
            for (Bodies.ReachedFact s : design.bodies().writesTo(k)) {
                Value value = s.fact() instanceof Fact.Write w ? w.value() : ((Fact.Put) s.fact()).value();
                design.bodies().origins(value, s).stream()
                        .filter(v -> isNew(v, type))
                        .forEach(v -> starts.add(((Value.New) v).span()));
            }
        }
        return starts;
    }

    private boolean inOwnBody(Operation o, Type type) {
        return o.body().stream()
                .anyMatch(f -> f instanceof Fact.Create c && c.type().equals(type.id()));
    }

    private static boolean isKept(Value v, List<Field> kept) {
        Value held = v instanceof Value.ElementOf e ? e.container() : v;
        return held instanceof Value.OfField f && kept.stream().anyMatch(k -> k.id().equals(f.field()));
    }

    /** Whether what is made at a place only comes about when a question has been answered, or by a library's doing. */
    private static boolean isGuarded(Operation o, Span made) {
        return o.body().stream().anyMatch(f -> {
            if (f instanceof Fact.Branch b) {
                boolean inside = b.span().contains(made)
                        && b.arms().stream().anyMatch(a -> a.span().contains(made));
                boolean after =
                        b.span().to() <= made.from() && b.arms().stream().anyMatch(Fact.Arm::leaves);
                return inside || after;
            }
            return f instanceof Fact.Library l && l.is(Fact.LibraryTrait.ONCE);
        });
    }

    private boolean isWritten(Operation o, Span made, List<Field> kept) {
        for (Fact f : o.body()) {
            Value value = f instanceof Fact.Write w && kept.stream().anyMatch(k -> k.id().equals(w.field()))
                    ? w.value()
                    : f instanceof Fact.Put p ? p.value() : null;
            if (value != null
                    && design.bodies().origins(value, new Bodies.ReachedFact(o, f, Map.of())).stream()
                            .anyMatch(v -> v instanceof Value.New n && n.span().equals(made))) {
                return true;
            }
        }
        return false;
    }

    public Judgement makesOnce(Type type, Query q) {
        Wording w = q.words();
        List<Evidence> others = new ArrayList<>();
        int starts = 0;
        List<Field> kept = kept(type);
        Set<Span> begin = startsOf(type, kept);
        for (Bodies.ReachedFact s : design.bodies().creationsOf(type)) {
            boolean first = s.in().role() == Operation.Role.INITIALISER && s.in().isStatic()
                    || begin.contains(s.fact().span())
                    || (s.in().isMethod() && ways(type).contains(s.in()))
                    || isHandedToKeeper(s.in(), type);
            if (first) {
                starts++;
            } else {
                others.add(Judgement.at(s.fact().span(), "made here"));
            }
        }
        for (Operation o : design.operationsOf(type)) {
            boolean copies = o.isUniversal()
                    && o.parameters().isEmpty()
                    && o.body().stream().anyMatch(f -> f instanceof Fact.Library l && l.is(Fact.LibraryTrait.COPY));
            if (copies) {
                others.addAll(Judgement.places(o.span(), "copied here"));
            }
        }
        boolean twice = kept.size() == 1 && begin.size() > 1;
        if (twice) {
            begin.forEach(s -> others.add(Judgement.at(s, "made here")));
        }
        return Judgement.answer(
                others.isEmpty() && !twice,
                w.say(starts == 0 ? "The language makes it" : "It is made in one place", "."),
                w.say("There is more than one place where a ", type, " can be made."),
                others);
    }

    /** Made by a function that a library calls once for what is kept. */
    private boolean isHandedToKeeper(Operation o, Type type) {
        return design.type(o.owner())
                .filter(t -> t.origin() == Type.Origin.LAMBDA)
                .map(t -> t.enclosing() != null
                        && design.nestedIn(type).stream().anyMatch(x -> x.id().equals(t.enclosing())))
                .orElse(false);
    }

    public Judgement replaceable(Type type, Query q) {
        Wording w = q.words();
        List<Evidence> places = new ArrayList<>();
        for (Field f : kept(type)) {
            if (f.visibility() == Visibility.PUBLIC && !f.isFinal() && !f.isConstant()) {
                places.addAll(Judgement.places(f.span(), "open to all"));
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                w.say("Anybody can put another ", type, " in its place."),
                w.say("Nobody else can replace it."),
                places);
    }

    /** Whether one thread at a time gets to where it is made, or the runtime sees to that as for an initialiser. */
    private static boolean isAlone(Operation giver, Operation maker, Fact.Create made) {
        boolean apart = giver.traits().contains(Operation.Trait.SYNCHRONISED)
                || maker.traits().contains(Operation.Trait.SYNCHRONISED)
                || maker.role() == Operation.Role.INITIALISER;
        boolean elsewhere = !giver.equals(maker) && !giver.guards().isEmpty();
        return apart || elsewhere || maker.guards().stream().anyMatch(g -> g.contains(made.span()));
    }

    public Judgement unguarded(Type type, Query q) {
        Wording w = q.words();
        List<Evidence> places = new ArrayList<>();
        List<Field> kept = kept(type);
        for (Operation o : givers(type)) {
            for (Bodies.ReachedFact s : design.bodies().reachedFrom(o)) {
                if (s.fact() instanceof Fact.Create c
                        && c.type().equals(type.id())
                        && isWritten(s.in(), c.span(), kept)
                        && !isAlone(o, s.in(), c)) {
                    places.add(Judgement.at(c.span(), "made here"));
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                w.say("Two threads that ask for the first time at once may get two objects."),
                w.say("Threads are kept apart."),
                places);
    }
}
