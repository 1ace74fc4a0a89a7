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
import hausaufgabe.core.matching.analysis.CallReach;
import hausaufgabe.core.matching.analysis.RoleMembers;
import hausaufgabe.core.matching.analysis.TypeAnalysis;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a type decides by: kinds of objects, tags, keys. */
public final class SelectionAnalysis {

    private final Design design;
    private final CallReach reach;
    private final TypeAnalysis types;

    public SelectionAnalysis(Design design, CallReach reach, TypeAnalysis types) {
        this.design = design;
        this.reach = reach;
        this.types = types;
    }

    public Judgement picksAmong(Type type, Query q) {
        return picksAmong(type, q.role(0), q.binding(), q.words());
    }

    public Judgement asksTypeOf(Type type, Query q) {
        return asksTypeOf(type, q.role(0), q.words());
    }

    public Judgement worksByTag(Type type, Query q) {
        return worksByTag(type, q.operations(0), q.binding(), q.words());
    }

    private Judgement picksAmong(Type type, List<Type> choice, Binding binding, Wording w) {
        Map<String, Evidence> picked = new LinkedHashMap<>();
        for (Operation o : types.ownOperations(type, binding)) {
            for (Bodies.ReachedFact step : reach.from(o)) {
                for (Value used : usedAsOne(step, choice)) {
                    for (Value v : design.bodies().origins(used, step)) {
                        pick(v, type, choice, step, picked);
                    }
                }
            }
        }
        List<Evidence> places = picked.values().stream().distinct().toList();
        if (picked.size() >= 2) {
            List<Type> which = choice.stream()
                    .filter(t -> picked.keySet().stream().anyMatch(k -> k.equals(t.id()) || k.startsWith(t.id() + "#")))
                    .toList();
            return Judgement.met(
                    w.say(type, " itself decides between ", which.isEmpty() ? choice : which, "."), places);
        }
        return Judgement.unmet(
                picked.isEmpty()
                        ? w.say(type, " makes none of them.")
                        : w.say(type, " names one of them only, to begin with."),
                places);
    }

    /** The values that a step uses as the one algorithm: assigned, called on, or handed to an own operation. */
    private List<Value> usedAsOne(Bodies.ReachedFact step, List<Type> choice) {
        if (step.fact() instanceof Fact.Write x) {
            boolean one = design.field(x.field()).map(f -> !f.type().many()).orElse(true);
            return one ? List.of(x.value()) : List.of();
        }
        if (step.fact() instanceof Fact.Call call) {
            List<Value> used = new ArrayList<>();
            boolean onChoice = design.operation(call.operation() == null ? "" : call.operation())
                    .flatMap(o -> design.type(o.owner()))
                    .map(owner -> choice.stream().anyMatch(c -> c.equals(owner) || design.realises(c.id(), owner.id())))
                    .orElse(false);
            if (onChoice) {
                used.add(call.receiver());
            }
            return used;
        }
        return List.of();
    }

    private void pick(Value value, Type by, List<Type> choice, Bodies.ReachedFact step, Map<String, Evidence> picked) {
        if (value instanceof Value.New made
                && choice.stream().anyMatch(t -> t.id().equals(made.type()))
                && design.lineOf(by).stream()
                        .anyMatch(t -> t.span() != null && t.span().contains(made.span()))) {
            picked.putIfAbsent(made.type(), Judgement.at(made.span(), "made here"));
        } else if (value instanceof Value.OfField f && f.on() instanceof Value.Unknown) {
            design.field(f.field())
                    .filter(x -> x.isConstant() || x.isStatic())
                    .filter(x -> holdsOneOf(x, choice))
                    .ifPresent(x ->
                            picked.putIfAbsent(x.id(), Judgement.at(step.fact().span(), "named here")));
        }
    }

    private boolean holdsOneOf(Field field, List<Type> choice) {
        return !field.type().many()
                && choice.stream()
                        .anyMatch(t -> t.id().equals(field.type().type())
                                || design.realises(t.id(), field.type().type()));
    }

    private Judgement asksTypeOf(Type type, List<Type> choice, Wording w) {
        Set<String> known = new LinkedHashSet<>();
        choice.forEach(t -> {
            known.add(t.id());
            if (t.origin() == Type.Origin.CONSTANT) {
                known.add(t.enclosing());
            }
        });
        for (Operation o : RoleMembers.ofRole(design, type)) {
            if (o.role() == Operation.Role.ENTRY || o.isUniversal()) {
                continue;
            }
            for (Bodies.ReachedFact step : reach.from(o)) {
                boolean asks = step.fact() instanceof Fact.Branch b
                        && (b.on() == Fact.Question.TYPE || b.on() == Fact.Question.TAG)
                        && b.type() != null
                        && known.contains(b.type())
                        && !step.in().isUniversal();
                if (asks) {
                    Fact.Branch b = (Fact.Branch) step.fact();
                    Object which = design.type(b.type()).<Object>map(t -> t).orElse("it");
                    return Judgement.met(
                            w.say(o, " asks for ", which, " in particular."),
                            List.of(Judgement.at(b.span(), "asked here")));
                }
            }
        }
        return Judgement.unmet(w.say("Nowhere does ", type, " ask which one it has."), List.of());
    }

    private Judgement worksByTag(Type type, List<Operation> beside, Binding binding, Wording w) {
        Judgement doubtful = null;
        boolean anyCalls = types.ownOperations(type, binding).stream()
                .anyMatch(o -> !reach.callsOf(beside, reach.from(o)).isEmpty());
        for (Operation o : types.ownOperations(type, binding)) {
            List<Span> calls = callSpans(o, beside);
            if (anyCalls && calls.isEmpty()) {
                continue;
            }
            List<Fact.Arm> own = new ArrayList<>();
            Fact.Branch shown = null;
            for (Fact f : o.body()) {
                if (f instanceof Fact.Branch b && b.on() == Fact.Question.TAG) {
                    List<Fact.Arm> arms = armsBeside(b, calls);
                    if (!arms.isEmpty()) {
                        own.addAll(arms);
                        shown = shown == null ? b : shown;
                    }
                }
            }
            if (own.size() >= 2 && shown != null) {
                return Judgement.met(
                        w.say(o, " works out " + own.size() + " cases itself."),
                        List.of(Judgement.at(shown.span(), "worked out here")));
            }
            if (own.size() == 1 && anyCalls) {
                doubtful = Judgement.unclear(
                        w.say("One case is still worked out in ", o, " itself. Is it meant to stay there?"),
                        List.of(Judgement.at(own.get(0).span(), "worked out here")));
            }
        }
        return doubtful != null
                ? doubtful
                : Judgement.unmet(w.say("No operation of ", type, " has cases of its own."), List.of());
    }

    /** The alternatives that work out a value and leave the call out, where no call has been made before them. */
    private static List<Fact.Arm> armsBeside(Fact.Branch branch, List<Span> calls) {
        boolean calledBefore = calls.stream()
                .anyMatch(c -> c.file().equals(branch.span().file())
                        && c.to() <= branch.span().from());
        if (calledBefore) {
            return List.of();
        }
        boolean calledInside = calls.stream().anyMatch(branch.span()::contains);
        return branch.arms().stream()
                .filter(a -> a.computes() && !a.isDefault())
                .filter(a -> calls.stream().noneMatch(a.span()::contains))
                .filter(a -> a.leaves() || calledInside || calls.isEmpty())
                .toList();
    }

    /** Where an operation, in its own text, makes a call or uses an operation of its own that does. */
    private List<Span> callSpans(Operation operation, List<Operation> wanted) {
        List<Span> spans = new ArrayList<>();
        for (CallReach.ReachedCall h : reach.callsOf(wanted, reach.from(operation))) {
            if (h.step().in().equals(operation)) {
                spans.add(h.step().fact().span());
            }
        }
        for (Bodies.ReachedFact step : reach.from(operation)) {
            boolean within = operation.span() != null
                    && operation.span().contains(step.fact().span());
            if (within && step.in().id().equals(operation.id()) && step.fact() instanceof Fact.Call call) {
                design.operation(call.operation() == null ? "" : call.operation())
                        .filter(o -> !o.equals(operation))
                        .filter(o -> !reach.callsOf(wanted, reach.from(o)).isEmpty())
                        .ifPresent(o -> spans.add(call.span()));
            } else if (within
                    && !step.in().id().equals(operation.id())
                    && reach.callsOf(wanted, List.of(step)).size() > 0) {
                spans.add(step.fact().span());
            }
        }
        return spans;
    }

    /** What types decide by: enums of the program, and the constants they compare with. */
    private record Keys(Set<String> enums, Set<String> labels) {}

    private Keys keysOf(List<Type> deciding) {
        Keys keys = new Keys(new LinkedHashSet<>(), new LinkedHashSet<>());
        for (Type t : deciding) {
            for (Field f : RoleMembers.fields(design, t)) {
                f.type().arguments().forEach(a -> addEnum(a, keys));
            }
            if (t.kind() == Type.Kind.ENUM) {
                keys.enums().add(t.id());
            }
            for (Operation o : types.everythingIn(t)) {
                o.parameters().forEach(p -> addEnum(p.type(), keys));
                for (Fact f : o.body()) {
                    if (f instanceof Fact.Branch b && b.on() == Fact.Question.TAG) {
                        if (b.type() != null) {
                            keys.enums().add(b.type());
                        }
                        b.arms().forEach(a -> keys.labels().addAll(a.labels()));
                    } else if (f instanceof Fact.Library l && l.arguments().size() > 1) {
                        l.arguments().stream()
                                .filter(Value.Literal.class::isInstance)
                                .forEach(a -> keys.labels().add(((Value.Literal) a).text()));
                    }
                }
            }
        }
        return keys;
    }

    private void addEnum(TypeRef ref, Keys keys) {
        design.type(ref.type())
                .filter(t -> t.kind() == Type.Kind.ENUM)
                .ifPresent(t -> keys.enums().add(t.id()));
    }

    /** Whether a type other than the one that chooses asks again, for the kind or for the key. */
    public Judgement othersTellApart(Type chooser, Query q) {
        Keys keys = keysOf(List.of(chooser));
        List<Type> house = design.nestedIn(chooser);
        for (Type t : design.types()) {
            boolean isKey = keys.enums().contains(t.id());
            if (!t.isOwn() || house.contains(t) || isKey || t.span() == null) {
                continue;
            }
            Judgement byKey = decidesBy(keys, t, List.of(chooser), q.words());
            if (byKey.is(Status.MET)) {
                return byKey;
            }
            for (Operation o : design.operationsOf(t)) {
                boolean counts = o.role() != Operation.Role.ENTRY && !o.isUniversal();
                for (Fact f : o.body()) {
                    boolean asks = counts
                            && f instanceof Fact.Branch b
                            && b.on() == Fact.Question.TYPE
                            && b.type() != null
                            && q.role(0).stream().anyMatch(v -> v.id().equals(b.type()));
                    if (asks) {
                        return Judgement.met(
                                q.words().say(o, " of ", t, " asks which kind it has."),
                                List.of(Judgement.at(f.span(), "asked here")));
                    }
                }
            }
        }
        return Judgement.unmet(q.words().say("Nobody else tells them apart."), List.of());
    }

    public Judgement choosesByKeyOf(Type type, Query q) {
        return q.role(0).contains(type)
                ? Judgement.unmet(q.words().say(type, " is where it is decided."), List.of())
                : decidesBy(keysOf(q.role(0)), type, q.role(0), q.words());
    }

    private Judgement decidesBy(Keys keys, Type type, List<Type> chooser, Wording w) {
        for (Operation o : types.everythingIn(type)) {
            if (chooser.stream().anyMatch(c -> c.id().equals(o.owner()))) {
                // inherited from where it is decided
                continue;
            }
            // several decisions about one thing are one, whether they are written as a chain or one after the other
            Map<Value, long[]> decided = new HashMap<>();
            for (Fact f : o.body()) {
                if (f instanceof Fact.Branch b && b.on() == Fact.Question.TAG) {
                    long[] counted = b.subject() instanceof Value.Unknown
                            ? new long[2]
                            : decided.computeIfAbsent(b.subject(), k -> new long[2]);
                    counted[0] += b.arms().stream().filter(a -> !a.isDefault()).count();
                    counted[1] += b.arms().stream()
                            .flatMap(a -> a.labels().stream())
                            .filter(keys.labels()::contains)
                            .count();
                    boolean same = b.type() != null ? keys.enums().contains(b.type()) : counted[1] >= 2;
                    if (same && counted[0] >= 2) {
                        return Judgement.met(
                                w.say(o, " of ", type, " decides once more by what ", chooser, " decides by."),
                                List.of(Judgement.at(b.span(), "decided here")));
                    }
                }
            }
        }
        return Judgement.unmet(w.say(type, " does not decide by it."), List.of());
    }
}
