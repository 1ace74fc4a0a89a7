package hausaufgabe.core.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Bodies read beyond one operation: what an operation does through its own helpers, and where a value comes from through
 * getters, helpers and hand-overs. Following stops at {@value #DEPTH} calls; what lies beyond stays what it was.
 */
public final class Bodies {

    private static final int DEPTH = 6;

    /** How many facts of what one operation reaches are looked at. */
    private static final int FACTS = 2_000;
    /** How many facts are remembered for all operations together, before they are worked out anew. */
    private static final int REMEMBERED = 2_000_000;

    private final Design design;
    private final Origins origins;
    private final Map<String, List<ReachedFact>> writes = new LinkedHashMap<>();
    private final List<ReachedFact> handOvers = new ArrayList<>();
    private final Map<String, List<ReachedFact>> reads = new LinkedHashMap<>();
    private final Map<String, List<ReachedFact>> creations = new LinkedHashMap<>();
    private final Map<String, List<ReachedFact>> callers = new LinkedHashMap<>();
    // worked out when first asked for; equal questions always get equal answers
    private final Map<String, List<ReachedFact>> reached = new ConcurrentHashMap<>();
    private final AtomicInteger remembered = new AtomicInteger();
    private final Set<String> cutShort = ConcurrentHashMap.newKeySet();

    /**
     * A fact with the operation it stands in.
     *
     * @param given what the operation's parameters stood for on the way here, by operation id
     */
    public record ReachedFact(Operation in, Fact fact, Map<String, List<Value>> given) {}

    Bodies(Design design) {
        this.design = design;
        this.origins = new Origins(design);
        for (Operation o : design.operations()) {
            for (Fact f : o.body()) {
                index(new ReachedFact(o, f, Map.of()));
            }
        }
    }

    private void index(ReachedFact step) {
        if (step.fact() instanceof Fact.Write w) {
            writes.computeIfAbsent(w.field(), k -> new ArrayList<>()).add(step);
        } else if (step.fact() instanceof Fact.Put p) {
            for (Value v : containers(p.container(), step)) {
                if (v instanceof Value.OfField f) {
                    writes.computeIfAbsent(f.field(), k -> new ArrayList<>()).add(step);
                }
            }
        } else if (step.fact() instanceof Fact.HandOver) {
            handOvers.add(step);
        } else if (step.fact() instanceof Fact.Read r) {
            reads.computeIfAbsent(r.field(), k -> new ArrayList<>()).add(step);
        } else if (step.fact() instanceof Fact.Call c && c.operation() != null) {
            callers.computeIfAbsent(c.operation(), k -> new ArrayList<>()).add(step);
        } else if (step.fact() instanceof Fact.Create c) {
            creations.computeIfAbsent(c.type(), k -> new ArrayList<>()).add(step);
            if (c.constructor() != null) {
                callers.computeIfAbsent(c.constructor(), k -> new ArrayList<>()).add(step);
            }
        }
    }

    /** The containers that a change of {@code container} changes: where it comes from, copies left out. */
    public Set<Value> containers(Value container, ReachedFact step) {
        if (container instanceof Value.Copy) {
            return Set.of();
        }
        if (container instanceof Value.OneOf many) {
            Set<Value> found = new LinkedHashSet<>();
            many.values().forEach(v -> found.addAll(containers(v, step)));
            return found;
        }
        return origins(container, step);
    }

    /** Every place that assigns the field or puts something into it. */
    public List<ReachedFact> writesTo(Field field) {
        return writes.getOrDefault(field.id(), List.of());
    }

    /** Every place that gives a library functions to call. */
    public List<ReachedFact> handOvers() {
        return List.copyOf(handOvers);
    }

    /** Every place that reads the field. */
    public List<ReachedFact> readsOf(Field field) {
        return reads.getOrDefault(field.id(), List.of());
    }

    /** Every place that makes an object of the type itself. */
    public List<ReachedFact> creationsOf(Type type) {
        return creations.getOrDefault(type.id(), List.of());
    }

    /** Every call of the operation by its own id, and for a constructor every use of it. */
    public List<ReachedFact> callersOf(Operation operation) {
        return callers.getOrDefault(operation.id(), List.of());
    }

    /** The facts of an operation, of its own operations that it reaches, and of the lambdas and nameless objects it makes. */
    public List<ReachedFact> reachedFrom(Operation operation) {
        List<ReachedFact> known = reached.get(operation.id());
        if (known == null) {
            List<ReachedFact> found = new ArrayList<>();
            follow(operation, Map.of(), new HashSet<>(), found, 0);
            if (found.size() > FACTS) {
                cutShort.add(operation.id());
                found.subList(FACTS, found.size()).clear();
            }
            known = List.copyOf(found);
            if (remembered.addAndGet(known.size()) > REMEMBERED) {
                reached.clear();
                remembered.set(known.size());
            }
            reached.put(operation.id(), known);
        }
        return known;
    }

    /** How many steps were taken so far in following values. */
    public long steps() {
        return origins.steps();
    }

    /** Whether an operation reaches more than is looked at, so that what is not found there may be there all the same. */
    public boolean isCutShort(Operation operation) {
        return cutShort.contains(operation.id());
    }

    /** Whether that is so of any operation that was asked about so far. */
    public boolean isAnyCutShort() {
        return !cutShort.isEmpty();
    }

    private void follow(
            Operation operation, Map<String, List<Value>> given, Set<Object> seen, List<ReachedFact> found, int depth) {
        if (depth > DEPTH
                || found.size() > FACTS
                || !seen.add(List.of(operation.id(), given.getOrDefault(operation.id(), List.of())))) {
            return;
        }
        for (Fact fact : operation.body()) {
            found.add(new ReachedFact(operation, fact, given));
            if (fact instanceof Fact.Call call && isOwnCall(call, operation, given)) {
                for (Operation target : targets(call)) {
                    follow(target, origins.bound(given, target, call.arguments()), seen, found, depth + 1);
                }
            } else if (fact instanceof Fact.Call call && call.operation() != null) {
                called(call, given)
                        .forEach(o -> follow(o, origins.bound(given, o, call.arguments()), seen, found, depth + 1));
            } else if (fact instanceof Fact.HandOver h && h.lent() != null) {
                for (Value f : h.functions()) {
                    // what is written right there is read with what it is lent already
                    if (!(f instanceof Value.New)) {
                        functionsOf(f, given)
                                .forEach(o ->
                                        follow(o, origins.bound(given, o, List.of(h.lent())), seen, found, depth + 1));
                    }
                }
            } else if (fact instanceof Fact.Create create) {
                design.type(create.type())
                        .filter(t -> !t.isNamed() && t.origin() != Type.Origin.CONSTANT)
                        .ifPresent(t -> design.operationsOf(t).forEach(o -> follow(o, given, seen, found, depth + 1)));
            }
        }
    }

    /** The functions that a call on something handed in comes to. */
    private List<Operation> called(Fact.Call call, Map<String, List<Value>> given) {
        boolean handedIn = call.receiver() instanceof Value.OfParameter p && given.containsKey(p.operation());
        return handedIn ? functionsOf(call.receiver(), given) : List.of();
    }

    private List<Operation> functionsOf(Value function, Map<String, List<Value>> given) {
        return origins(function, given).stream()
                .filter(Value.New.class::isInstance)
                .flatMap(v -> design.type(((Value.New) v).type()).stream())
                .filter(t -> !t.isNamed())
                .flatMap(t -> design.operationsOf(t).stream())
                .filter(Operation::isMethod)
                .toList();
    }

    private boolean isOwnCall(Fact.Call call, Operation from, Map<String, List<Value>> given) {
        Operation target = call.operation() == null
                ? null
                : design.operation(call.operation()).orElse(null);
        if (target == null) {
            return false;
        }
        if (call.toSuper() || origins(call.receiver(), given).contains(new Value.Self())) {
            return true;
        }
        return target.isStatic() && sameHouse(target.owner(), from.owner()) || isOnOwnContainer(call, target);
    }

    /** Whether it is a call of a container of the program's own, which is followed as one of the library's is known. */
    private boolean isOnOwnContainer(Fact.Call call, Operation target) {
        return call.receiver() instanceof Value.OfField f
                && f.on() instanceof Value.Self
                && design.field(f.field())
                        .filter(x -> x.type().many() && x.type().type().equals(target.owner()))
                        .isPresent();
    }

    /** Whether two types are one, nested in each other, or in one line of inheritance. */
    private boolean sameHouse(String a, String b) {
        return outermost(a).equals(outermost(b)) && (a.equals(b) || encloses(a, b)) || design.realises(b, a);
    }

    private boolean encloses(String outer, String inner) {
        String up = inner;
        while (up != null) {
            if (up.equals(outer)) {
                return true;
            }
            up = design.type(up).map(Type::enclosing).orElse(null);
        }
        return false;
    }

    private String outermost(String type) {
        String top = type;
        for (String up = type;
                up != null;
                up = design.type(up).map(Type::enclosing).orElse(null)) {
            top = up;
        }
        return top;
    }

    private List<Operation> targets(Fact.Call call) {
        List<Operation> all = new ArrayList<>();
        design.operation(call.operation()).ifPresent(o -> {
            all.add(o);
            if (!call.toSuper() && !o.isConstructor()) {
                all.addAll(design.overridersOf(o));
            }
        });
        return all;
    }

    /** Where the value used in a step comes from: never a {@code OneOf}, a {@code Derived}, or a call that could be followed. */
    public Set<Value> origins(Value value, ReachedFact step) {
        return origins(value, step.given());
    }

    /** The same, of a value in the operation's own text. */
    public Set<Value> origins(Value value) {
        return origins.of(value, Map.of());
    }

    private Set<Value> origins(Value value, Map<String, List<Value>> given) {
        return origins.of(value, given);
    }

    /**
     * Where a value comes from, with parameters of private operations followed to those who call them.
     *
     * @return origins; a parameter among them is one of an operation that others can call
     */
    public Set<Value> outerOrigins(Value value, ReachedFact step) {
        Set<Value> found = new LinkedHashSet<>();
        outer(value, step, found, new HashSet<>(), 0);
        return found;
    }

    /** @param followed parameters that were followed to those who call, each once */
    private void outer(Value value, ReachedFact step, Set<Value> found, Set<Value> followed, int depth) {
        for (Value v : origins(value, step)) {
            Value inner = v instanceof Value.ElementOf e ? e.container() : v;
            if (!(inner instanceof Value.OfParameter p) || depth > DEPTH) {
                found.add(v);
                continue;
            }
            Operation owner = design.operation(p.operation()).orElse(null);
            List<ReachedFact> from = callers.getOrDefault(p.operation(), List.of());
            boolean isFollowed = owner != null
                    && (owner.visibility() == Visibility.PRIVATE || owner.isConstructor())
                    && !from.isEmpty();
            if (owner == null || !isFollowed) {
                found.add(v);
                continue;
            }
            if (owner.visibility() != Visibility.PRIVATE) {
                found.add(v);
            }
            if (!followed.add(p)) {
                continue;
            }
            for (ReachedFact s : from) {
                List<Value> arguments = argumentsOf(s.fact());
                boolean inside = owner.visibility() == Visibility.PRIVATE || s.fact() instanceof Fact.Call;
                if (isOther(s.in(), owner)) {
                    // a type around or inside the private one counts as others too
                    found.add(v);
                } else if (inside && p.index() < arguments.size()) {
                    outer(arguments.get(p.index()), s, found, followed, depth + 1);
                }
            }
        }
    }

    private boolean isOther(Operation caller, Operation called) {
        Optional<Type> from = design.type(caller.owner());
        // what a nameless type or lambda does, the type around it does
        while (from.filter(t -> !t.isNamed()).flatMap(Type::enclosingType).isPresent()) {
            from = from.flatMap(Type::enclosingType).flatMap(design::type);
        }
        return from.filter(t -> t.id().equals(called.owner())).isEmpty();
    }

    /** Whether others can call an operation: it is not private, or a type around or inside its own calls it. */
    public boolean isOpen(Operation operation) {
        return operation.visibility() != Visibility.PRIVATE
                || callers.getOrDefault(operation.id(), List.of()).stream().anyMatch(s -> isOther(s.in(), operation));
    }

    private static List<Value> argumentsOf(Fact fact) {
        if (fact instanceof Fact.Call c) {
            return c.arguments();
        }
        return fact instanceof Fact.Create c ? c.arguments() : List.of();
    }
}
