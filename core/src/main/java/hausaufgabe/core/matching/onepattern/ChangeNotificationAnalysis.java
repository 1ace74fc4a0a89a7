package hausaufgabe.core.matching.onepattern;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.analysis.CallReach;
import hausaufgabe.core.matching.analysis.TypeAnalysis;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a subject tells of, and whether every change of it is told. Told of are the fields that go into what is told, that
 * change together with the telling, or that those who are told ask for.
 */
public final class ChangeNotificationAnalysis {

    private final Design design;
    private final CallReach reach;

    public ChangeNotificationAnalysis(Design design, CallReach reach) {
        this.design = design;
        this.reach = reach;
    }

    /** The type with its heirs, those who are told left out. */
    private record Subject(List<Type> family, List<Operation> telling, Set<String> listeners, Set<String> state) {
        boolean owns(Operation o) {
            return family.stream().anyMatch(t -> t.id().equals(o.owner()));
        }
    }

    public Judgement tellsChanges(Type type, Query q) {
        return tellsChanges(type, subject(type, q), q);
    }

    public Judgement openState(Type type, Query q) {
        return openState(subject(type, q), q);
    }

    private Subject subject(Type type, Query q) {
        List<Type> family = new ArrayList<>(List.of(type));
        family.addAll(design.realisationsOf(type));
        Subject subject = new Subject(family, q.operations(0), new LinkedHashSet<>(), new LinkedHashSet<>());
        for (Operation notify : subject.telling()) {
            told(subject, notify);
        }
        changedWithTelling(subject);
        subject.state().removeAll(subject.listeners());
        return subject;
    }

    /** What the telling itself says: its arguments, what they are made of, and what those who are told ask back for. */
    private void told(Subject subject, Operation notify) {
        for (Bodies.ReachedFact s : reach.from(notify)) {
            if (s.fact() instanceof Fact.Call c && c.operation() != null) {
                Set<Value> receivers = design.bodies().origins(c.receiver(), s);
                boolean toListener = receivers.stream()
                        .anyMatch(v -> v instanceof Value.ElementOf || v instanceof Value.OfField f && isAbstract(f));
                receivers.forEach(v -> listener(subject, v));
                if (toListener) {
                    c.arguments().forEach(a -> state(subject, a, s));
                    design.operation(c.operation()).ifPresent(update -> askedBack(subject, update));
                }
            } else if (s.fact() instanceof Fact.Create c) {
                c.arguments().forEach(a -> state(subject, a, s));
            } else if (s.fact() instanceof Fact.HandOver h) {
                h.functions().forEach(f -> design.bodies().origins(f, s).forEach(v -> listener(subject, v)));
            }
        }
        for (Bodies.ReachedFact call : design.bodies().callersOf(notify)) {
            if (subject.owns(call.in()) && call.fact() instanceof Fact.Call c) {
                c.arguments().forEach(a -> state(subject, a, call));
            }
        }
    }

    private boolean isAbstract(Value.OfField f) {
        return design.field(f.field())
                .flatMap(x -> design.type(x.type().type()))
                .map(design::isAbstraction)
                .orElse(false);
    }

    private void listener(Subject subject, Value receiver) {
        Value held = receiver instanceof Value.ElementOf e ? e.container() : receiver;
        if (held instanceof Value.OfField f && (receiver instanceof Value.ElementOf || isAbstract(f))) {
            subject.listeners().add(f.field());
        }
    }

    private void state(Subject subject, Value value, Bodies.ReachedFact at) {
        for (Value v : design.bodies().origins(value, at)) {
            Value held = v instanceof Value.ElementOf e ? e.container() : v;
            if (held instanceof Value.OfField f && isOwn(subject, f.field())) {
                subject.state().add(f.field());
            }
        }
    }

    private boolean isOwn(Subject subject, String field) {
        return design.field(field)
                .filter(f -> !f.isFinal() || f.type().isContainer())
                .filter(f -> subject.family().stream().anyMatch(t -> t.id().equals(f.owner())))
                .isPresent();
    }

    private void askedBack(Subject subject, Operation update) {
        for (Operation told : design.overridersOf(update)) {
            for (Bodies.ReachedFact s : reach.from(told)) {
                if (s.fact() instanceof Fact.Call c && c.operation() != null) {
                    design.operation(c.operation())
                            .filter(subject::owns)
                            .ifPresent(o -> o.body().forEach(f -> {
                                if (f instanceof Fact.Return r) {
                                    state(subject, r.value(), new Bodies.ReachedFact(o, f, Map.of()));
                                }
                            }));
                }
            }
        }
    }

    private void changedWithTelling(Subject subject) {
        for (Operation o : operationsOf(subject)) {
            if (o.isMethod() && tells(o, subject)) {
                for (Bodies.ReachedFact s : reach.from(o)) {
                    if (s.fact() instanceof Fact.Write w && isOwn(subject, w.field())) {
                        subject.state().add(w.field());
                    }
                }
            }
        }
    }

    private List<Operation> operationsOf(Subject subject) {
        return subject.family().stream()
                .flatMap(t -> design.operationsOf(t).stream())
                .toList();
    }

    private boolean tells(Operation o, Subject subject) {
        return subject.telling().contains(o)
                || reach.from(o).stream()
                        .anyMatch(s -> subject.telling().contains(s.in())
                                || s.fact() instanceof Fact.Call c
                                        && subject.telling().stream()
                                                .anyMatch(n -> design.isSameCall(c.operation(), n)));
    }

    private Judgement tellsChanges(Type type, Subject subject, Query q) {
        Wording w = q.words();
        Set<String> state = subject.state();
        boolean toldByOwn =
                operationsOf(subject).stream().anyMatch(o -> !subject.telling().contains(o) && tells(o, subject));
        boolean carriesNews = subject.telling().stream()
                .anyMatch(n -> !n.parameters().isEmpty() || design.bodies().isOpen(n) && writes(n));
        if (!toldByOwn && !carriesNews) {
            // nothing says what is told of, so whatever can be changed may be
            operationsOf(subject).stream()
                    .filter(Operation::isMethod)
                    .flatMap(o -> reach.from(o).stream())
                    .filter(s -> s.fact() instanceof Fact.Write x && isOwn(subject, x.field()))
                    .forEach(s -> state.add(((Fact.Write) s.fact()).field()));
            state.removeAll(subject.listeners());
        }
        Map<Operation, Fact> silent = new LinkedHashMap<>();
        for (Operation o : operationsOf(subject)) {
            if (o.isMethod() && !o.isStatic() && isForOthers(o, subject) && !tells(o, subject)) {
                Fact change = changeOf(o, state);
                if (change != null) {
                    silent.putIfAbsent(o, change);
                }
            }
        }
        if (!silent.isEmpty()) {
            return silent(silent, subject, w);
        }
        for (Operation o : operationsOf(subject)) {
            if (o.isMethod() && tells(o, subject)) {
                Optional<Judgement> found = untoldInBranch(o, subject, w);
                if (found.isPresent()) {
                    return found.get();
                }
            }
        }
        boolean neverTold = !toldByOwn
                && !carriesNews
                && subject.telling().stream()
                        .allMatch(n -> reach.everywhere(n).isEmpty()
                                && !design.bodies().isOpen(n));
        return neverTold
                ? Judgement.unmet(w.say("Nothing ever calls ", subject.telling(), "."), TypeAnalysis.headline(type))
                : Judgement.met(w.say("Every change in ", type, " is told."), places(subject.telling()));
    }

    /** A change in one alternative of a decision, where only others of its alternatives tell. */
    private Optional<Judgement> untoldInBranch(Operation o, Subject subject, Wording w) {
        List<Fact> telling = o.body().stream()
                .filter(f -> f instanceof Fact.Call c
                        && design.operation(c.operation())
                                .filter(called -> subject.telling().contains(called)
                                        || subject.owns(called) && tells(called, subject)
                                        || subject.telling().stream()
                                                .anyMatch(n -> design.isSameCall(c.operation(), n)))
                                .isPresent())
                .toList();
        for (Fact f : o.body()) {
            if (!(f instanceof Fact.Branch b) || telling.isEmpty()) {
                continue;
            }
            boolean onlyWithin = telling.stream()
                    .allMatch(t -> b.arms().stream().anyMatch(a -> a.span().contains(t.span())));
            for (Fact.Arm arm : onlyWithin ? b.arms() : List.<Fact.Arm>of()) {
                Fact.Write change = telling.stream().anyMatch(t -> arm.span().contains(t.span()))
                        ? null
                        : o.body().stream()
                                .filter(x -> x instanceof Fact.Write c
                                        && subject.state().contains(c.field())
                                        && arm.span().contains(c.span()))
                                .map(Fact.Write.class::cast)
                                .findFirst()
                                .orElse(null);
                if (change != null) {
                    return Optional.of(untold(o, b, change, w));
                }
            }
        }
        return Optional.empty();
    }

    /** Who asks not to have it told may mean that. */
    private Judgement untold(Operation o, Fact.Branch branch, Fact.Write change, Wording w) {
        Object what = design.field(change.field()).<Object>map(f -> f).orElse("its state");
        boolean asked = branch.subject() instanceof Value.OfParameter p
                && design.operation(p.operation())
                        .map(x -> x.parameters().get(p.index()).type().type())
                        .filter(t -> t.equals("boolean"))
                        .isPresent();
        List<Evidence> places = List.of(Judgement.at(change.span(), "changed here, and not told"));
        return asked
                ? Judgement.unclear(
                        w.say(o, " changes ", what, " without telling where it is asked to. Is that meant?"), places)
                : Judgement.unmet(
                        w.say(
                                o,
                                " changes ",
                                what,
                                " in line " + change.span().line()
                                        + " as well, and there nobody is told; only another alternative tells."),
                        places);
    }

    private boolean writes(Operation o) {
        return o.body().stream().anyMatch(f -> f instanceof Fact.Write);
    }

    /** Whether others can call it, other than by way of operations that tell. */
    private boolean isForOthers(Operation o, Subject subject) {
        if (o.visibility() == Visibility.PUBLIC) {
            return true;
        }
        List<Bodies.ReachedFact> callers = design.bodies().callersOf(o);
        boolean toldByCallers = !callers.isEmpty()
                && callers.stream().allMatch(s -> isBefore(s.in()) || subject.owns(s.in()) && tells(s.in(), subject));
        return design.bodies().isOpen(o) && !toldByCallers;
    }

    /** Whether it makes the object, so that nobody can have asked yet to be told. */
    private static boolean isBefore(Operation o) {
        return o.role() == Operation.Role.CONSTRUCTOR || o.role() == Operation.Role.INITIALISER;
    }

    private @Nullable Fact changeOf(Operation o, Set<String> state) {
        for (Bodies.ReachedFact s : reach.from(o)) {
            if (s.fact() instanceof Fact.Write w && state.contains(w.field()) && s.in().isMethod()) {
                return w;
            }
            Value container = s.fact() instanceof Fact.Put p
                    ? p.container()
                    : s.fact() instanceof Fact.Remove r ? r.container() : null;
            boolean changes = container != null
                    && design.bodies().containers(container, s).stream()
                            .anyMatch(v -> v instanceof Value.OfField f && state.contains(f.field()));
            if (changes) {
                return s.fact();
            }
        }
        return null;
    }

    private Judgement silent(Map<Operation, Fact> silent, Subject subject, Wording w) {
        Operation first = silent.keySet().iterator().next();
        Fact change = Objects.requireNonNull(silent.get(first));
        Object what = change instanceof Fact.Write x
                ? design.field(x.field()).<Object>map(f -> f).orElse("its state")
                : "its state";
        List<Evidence> places = silent.values().stream()
                .map(f -> Judgement.at(f.span(), "changed here, and not told"))
                .toList();
        // what only tells can be left to the caller; what changes something itself tells of just that
        boolean clientTells = subject.telling().stream()
                .filter(n -> !writes(n))
                .flatMap(n -> design.bodies().callersOf(n).stream())
                .anyMatch(s -> !subject.owns(s.in()));
        return clientTells
                ? Judgement.unclear(
                        w.say(
                                first,
                                " changes ",
                                what,
                                " and leaves it to the caller to call ",
                                subject.telling(),
                                ". Is that meant?"),
                        places)
                : Judgement.unmet(
                        w.say(
                                first,
                                " changes ",
                                what,
                                " in line " + change.span().line() + ", and no path from it reaches ",
                                subject.telling(),
                                "."),
                        places);
    }

    private static List<Evidence> places(List<Operation> all) {
        return all.stream()
                .flatMap(o -> Judgement.places(o.span(), "told here").stream())
                .toList();
    }

    private Judgement openState(Subject subject, Query q) {
        List<Evidence> places = new ArrayList<>();
        List<Field> open = new ArrayList<>();
        Set<String> all = new LinkedHashSet<>(subject.state());
        all.addAll(subject.listeners());
        for (String id : all) {
            Field f = design.field(id).orElse(null);
            boolean inside = f != null
                    && design.type(f.owner())
                            .filter(t -> subject.family().contains(t)
                                    || subject.family().stream().anyMatch(s -> s.id().equals(t.enclosing())))
                            .isPresent();
            if (f == null || !inside) {
                // a container of the program's own has its own operations for being changed
                continue;
            }
            boolean changeable = !f.isFinal() || f.type().isContainer();
            List<Evidence> found = new ArrayList<>();
            if (f.visibility() == Visibility.PUBLIC && changeable) {
                found.addAll(Judgement.places(f.span(), "declared here"));
            }
            design.bodies().writesTo(f).stream()
                    .filter(s -> subject.family().stream().noneMatch(t -> isWithin(s.in(), t)))
                    .forEach(s -> found.add(Judgement.at(s.fact().span(), "changed here")));
            if (!found.isEmpty()) {
                open.add(f);
                places.addAll(found);
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(open, " can be changed from outside without anybody being told."),
                q.words().say("What is told can only be changed by those who tell."),
                places);
    }

    private static boolean isWithin(Operation o, Type type) {
        return o.owner().equals(type.id())
                || (o.span() != null && type.span() != null && type.span().contains(o.span()));
    }
}
