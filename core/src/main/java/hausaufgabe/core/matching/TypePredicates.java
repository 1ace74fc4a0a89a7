package hausaufgabe.core.matching;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What can be asked of a type. */
final class TypePredicates {

    private final Pattern pattern;
    private final Design design;
    private final Reach reach;

    TypePredicates(Pattern pattern, Design design, Reach reach) {
        this.pattern = pattern;
        this.design = design;
        this.reach = reach;
    }

    Judgement judge(Type type, Predicate predicate, Binding binding) {
        Wording w = new Wording(pattern, binding);
        List<Evidence> here = headline(type);
        if (predicate instanceof Predicate.IsA p) {
            return isA(type, p.sort(), w, here);
        }
        if (predicate instanceof Predicate.Realises p) {
            boolean yes = realises(type, binding.types(p.role()));
            List<Type> up = binding.types(p.role());
            return yes
                    ? Judgement.met(w.say(type, " realises ", up, "."), here)
                    : Judgement.unmet(w.say(type, " does not realise ", up, "."), here);
        }
        if (predicate instanceof Predicate.PicksAmong p) {
            return picksAmong(type, binding.types(p.role()), binding, w);
        }
        if (predicate instanceof Predicate.AsksTypeOf p) {
            return asksTypeOf(type, binding.types(p.role()), w);
        }
        if (predicate instanceof Predicate.WorksByTagBeside p) {
            return worksByTag(type, binding.operations(p.operation()), binding, w);
        }
        throw new IllegalArgumentException("not said of a type: " + predicate);
    }

    /** A type is shown by its first line; the whole of it would be too much to read. */
    private static List<Evidence> headline(Type type) {
        Span s = type.span();
        if (s == null) {
            return List.of();
        }
        int end = type.isNamed() ? s.line() : s.endLine();
        return List.of(new Evidence(s.file(), s.line(), end, "declared here"));
    }

    private Judgement isA(Type type, Pattern.TypeSort sort, Wording w, List<Evidence> here) {
        boolean yes = isOfSort(type, sort);
        if (yes) {
            return Judgement.met(w.say(type, " is " + article(sort) + "."), here);
        }
        boolean open = sort == Pattern.TypeSort.ABSTRACTION
                && type.kind() == Type.Kind.CLASS
                && !design.realisationsOf(type).isEmpty();
        if (open) {
            return Judgement.unclear(
                    w.say(
                            type,
                            " is a class that can be used as it is; others extend it. Is it meant as the common type?"),
                    here);
        }
        return Judgement.unmet(w.say(type, " is not " + article(sort) + "."), here);
    }

    private static String article(Pattern.TypeSort sort) {
        return (sort == Pattern.TypeSort.ABSTRACTION ? "an " : "a ") + sort.words();
    }

    boolean isOfSort(Type type, Pattern.TypeSort sort) {
        return switch (sort) {
            case TYPE -> true;
            case CLASS -> type.isOwn() && !type.isInterface();
            case ABSTRACTION -> design.isAbstraction(type);
            case CONCRETE_TYPE -> type.isOwn() && design.isConcrete(type);
        };
    }

    private boolean realises(Type type, List<Type> upper) {
        return upper.stream().anyMatch(u -> design.realises(type.id(), u.id()))
                && !(type.origin() == Type.Origin.LAMBDA && reach.handedOver().contains(type.id()));
    }

    /** What a type does for itself: its own and inherited operations, less what only starts the program or makes the type. */
    private List<Operation> scope(Type type, Binding binding) {
        List<Operation> scope = new ArrayList<>();
        Set<String> bound = new LinkedHashSet<>();
        binding.operations().values().forEach(list -> list.forEach(o -> bound.add(o.id())));
        for (Operation o : Members.ofRole(design, type)) {
            boolean works = o.role() != Operation.Role.ENTRY && (!o.isStatic() || bound.contains(o.id()));
            if (works) {
                scope.add(o);
            }
        }
        return scope;
    }

    private Judgement picksAmong(Type type, List<Type> choice, Binding binding, Wording w) {
        Map<String, Evidence> picked = new LinkedHashMap<>();
        for (Operation o : scope(type, binding)) {
            for (Bodies.Step step : reach.from(o)) {
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
    private List<Value> usedAsOne(Bodies.Step step, List<Type> choice) {
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

    private void pick(Value value, Type by, List<Type> choice, Bodies.Step step, Map<String, Evidence> picked) {
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
        for (Operation o : Members.ofRole(design, type)) {
            if (o.role() == Operation.Role.ENTRY) {
                continue;
            }
            for (Bodies.Step step : reach.from(o)) {
                boolean asks = step.fact() instanceof Fact.Branch b
                        && (b.on() == Fact.Question.TYPE || b.on() == Fact.Question.TAG)
                        && b.type() != null
                        && known.contains(b.type());
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
        boolean anyCalls = scope(type, binding).stream()
                .anyMatch(o -> !reach.callsOf(beside, reach.from(o)).isEmpty());
        for (Operation o : scope(type, binding)) {
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
            if (own.size() >= 2) {
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
        for (Reach.Heard h : reach.callsOf(wanted, reach.from(operation))) {
            if (h.step().in().equals(operation)) {
                spans.add(h.step().fact().span());
            }
        }
        for (Bodies.Step step : reach.from(operation)) {
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
}
