package hausaufgabe.core.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;

/**
 * Follows values to where they come from: through parameters that are known, elements, copies and results of operations. Each
 * operation is followed once for the same arguments, and one question takes at most {@value #STEPS} steps; what lies beyond
 * stays what it was.
 */
final class Origins {

    private static final int DEPTH = 6;
    private static final int STEPS = 400;
    private static final int NESTED = 8;
    /** For how many ways to operations answers are remembered, before they are worked out anew. */
    private static final int WAYS = 100_000;
    /** An argument that may be one of more than these is not followed into what is called. */
    private static final int ALTERNATIVES = 8;
    /** What may come from more places than these comes from places unknown. */
    private static final int ORIGINS = 64;

    private static final Value UNKNOWN = new Value.Unknown();
    /** Of an operation with more versions than these, the result is left as it is. */
    private static final int VERSIONS = 40;

    private final Design design;
    // worked out when first asked for; equal questions always get equal answers
    private final Map<Value, Set<Value>> known = new ConcurrentHashMap<>();
    private final Map<Map<String, List<Value>>, Map<Value, Set<Value>>> knownByGiven = new IdentityHashMap<>();
    private final Map<Followed, Set<Value>> whole = new ConcurrentHashMap<>();
    private final AtomicLong steps = new AtomicLong();
    private final Keepers keepers;
    private final Map<String, List<Body>> bodies = new ConcurrentHashMap<>();

    Origins(Design design) {
        this.design = design;
        this.keepers = new Keepers(design);
    }

    /** @param given what parameters stand for, by operation id */
    Set<Value> of(Value value, Map<String, List<Value>> given) {
        if (isOrigin(value) || value instanceof Value.OfParameter p && !given.containsKey(p.operation())) {
            return Set.of(value);
        }
        Map<Value, Set<Value>> answers = given.isEmpty() ? known : knownWith(given);
        Set<Value> found = answers.get(value);
        if (found == null) {
            Key question = new Key();
            found = question.origins(value, given);
            steps.addAndGet(question.steps);
            answers.put(value, found);
        }
        return found;
    }

    /** How many steps were taken so far for all questions. */
    long steps() {
        return steps.get();
    }

    /** Answers with what parameters stood for on one way to an operation: the very same map is asked with again and again. */
    private Map<Value, Set<Value>> knownWith(Map<String, List<Value>> given) {
        synchronized (knownByGiven) {
            if (knownByGiven.size() > WAYS) {
                knownByGiven.clear();
            }
            return knownByGiven.computeIfAbsent(given, g -> new ConcurrentHashMap<>());
        }
    }

    private boolean isOrigin(Value value) {
        return !(isOfEntry(value)
                || value instanceof Value.OneOf
                || value instanceof Value.Copy
                || value instanceof Value.Derived
                || value instanceof Value.OfParameter
                || value instanceof Value.ElementOf
                || value instanceof Value.ResultOf);
    }

    private boolean isOfEntry(Value value) {
        return value instanceof Value.OfField f && !(f.on() instanceof Value.Self) && keepers.isKept(f)
                || value instanceof Value.New n && keepers.isEntry(n.type());
    }

    /** What parameters stand for in {@code target}, when it is called with these. */
    Map<String, List<Value>> bound(Map<String, List<Value>> given, Operation target, List<Value> arguments) {
        Key question = new Key();
        List<Value> resolved = question.resolved(arguments, given);
        steps.addAndGet(question.steps);
        return bind(given, target, isInside(target), resolved);
    }

    /** An operation with what its parameters and those around it stand for. */
    private record Followed(String operation, Map<String, List<Value>> given) {}

    /**
     * One version of an operation that gives something back.
     *
     * @param isInside whether it stands inside another one, so that it may use what that was given
     */
    private record Body(Operation operation, List<Value> returned, boolean isInside) {}

    /** One question on its way, with what it has found out so far. */
    private final class Key {

        private final Map<Followed, Set<Value>> results = new HashMap<>();
        private final Map<Followed, Integer> open = new HashMap<>();
        private int steps;
        /**
         * How far up those calls that are being followed something is waited for that is not known yet; what no call above
         * waits for is known for good.
         */
        private int waitsFor = Integer.MAX_VALUE;

        Set<Value> origins(Value value, Map<String, List<Value>> given) {
            Set<Value> found = new LinkedHashSet<>();
            collect(value, given, found, 0);
            return found;
        }

        private void collect(Value value, Map<String, List<Value>> given, Set<Value> found, int depth) {
            steps++;
            if (depth > DEPTH || steps > STEPS) {
                waitsFor = -1;
                found.add(value);
            } else if (found.size() > ORIGINS) {
                found.add(UNKNOWN);
            } else if (value instanceof Value.OneOf many) {
                many.values().forEach(v -> collect(v, given, found, depth));
            } else if (value instanceof Value.Copy copy) {
                copy.from().forEach(v -> collect(v, given, found, depth));
            } else if (value instanceof Value.Derived derived) {
                derived.from().forEach(v -> collect(v, given, found, depth));
            } else if (value instanceof Value.OfParameter p) {
                List<Value> arguments = given.get(p.operation());
                if (arguments == null || p.index() >= arguments.size()) {
                    found.add(p);
                } else {
                    collect(arguments.get(p.index()), without(given, p.operation()), found, depth + 1);
                }
            } else if (value instanceof Value.ElementOf element) {
                Set<Value> containers = new LinkedHashSet<>();
                collect(element.container(), given, containers, depth + 1);
                containers.forEach(c -> found.add(elementOf(c, element.choice())));
            } else if (value instanceof Value.ResultOf result) {
                collectResult(result, given, found);
            } else if (isOfEntry(value)) {
                collectOfEntry(value, given, found, depth);
            } else {
                found.add(value);
            }
        }

        /** What an entry is made of counts as put where the entry is, and what it keeps as taken from there. */
        private void collectOfEntry(Value value, Map<String, List<Value>> given, Set<Value> found, int depth) {
            if (value instanceof Value.OfField field) {
                Set<Value> from = new LinkedHashSet<>();
                collect(field.on(), given, from, depth + 1);
                from.stream()
                        .filter(v -> !(v instanceof Value.New))
                        .forEach(v -> found.add(v instanceof Value.ElementOf || keepers.isKeeper(field) ? v : field));
            } else {
                found.add(value);
                keepers.argumentsOf((Value.New) value).forEach(a -> collect(a, given, found, depth + 1));
            }
        }

        private void collectResult(Value.ResultOf result, Map<String, List<Value>> given, Set<Value> found) {
            List<Body> versions = bodiesOf(result.operation());
            if (versions.isEmpty()) {
                found.add(result);
            }
            List<Value> arguments = versions.isEmpty() ? List.of() : resolved(result.arguments(), given);
            for (Body b : versions) {
                Followed call = new Followed(b.operation().id(), bind(given, b.operation(), b.isInside(), arguments));
                Integer place = open.get(call);
                if (place != null || open.size() >= NESTED) {
                    waitsFor = Math.min(waitsFor, place == null ? -1 : place);
                    found.add(result);
                } else {
                    for (Value v : follow(call, b.returned())) {
                        Value seen = seenFrom(v, result.receiver());
                        if (isOfEntry(seen) && seen instanceof Value.OfField) {
                            collectOfEntry(seen, given, found, 0);
                        } else if (seen instanceof Value.ElementOf e && isOfEntry(e.container())) {
                            collect(seen, given, found, 1);
                        } else {
                            found.add(seen);
                        }
                    }
                }
            }
        }

        private Set<Value> follow(Followed call, List<Value> returned) {
            Set<Value> inside = whole.get(call);
            inside = inside == null ? results.get(call) : inside;
            if (inside == null) {
                int before = waitsFor;
                int place = open.size();
                waitsFor = Integer.MAX_VALUE;
                inside = new LinkedHashSet<>();
                open.put(call, place);
                for (Value v : returned) {
                    collect(v, call.given(), inside, 0);
                }
                open.remove(call);
                if (waitsFor >= place) {
                    whole.put(call, inside);
                    waitsFor = before;
                } else {
                    results.put(call, inside);
                    waitsFor = Math.min(before, waitsFor);
                }
            }
            return inside;
        }

        List<Value> resolved(List<Value> arguments, Map<String, List<Value>> given) {
            List<Value> values = new ArrayList<>();
            for (Value a : arguments) {
                values.add(isOrigin(a) ? a : oneOf(origins(a, given)));
            }
            return values;
        }
    }

    /** What the parameters of an operation, and of those around it, stand for when it is called with these. */
    private static Map<String, List<Value>> bind(
            Map<String, List<Value>> given, Operation target, boolean isInside, List<Value> arguments) {
        if (!isInside) {
            // its text can mention no other operation's parameters
            return arguments.isEmpty() ? Map.of() : Map.of(target.id(), arguments);
        }
        Map<String, List<Value>> next = new HashMap<>(given);
        next.put(target.id(), arguments);
        return next;
    }

    private boolean isInside(Operation operation) {
        return design.type(operation.owner()).filter(t -> !t.isNamed()).isPresent();
    }

    /** The versions of an operation that give something back; none where there are too many to follow. */
    private List<Body> bodiesOf(@Nullable String operation) {
        return operation == null ? List.of() : bodies.computeIfAbsent(operation, this::findBodies);
    }

    private List<Body> findBodies(String operation) {
        Operation called = design.operation(operation).orElse(null);
        List<Operation> others = called == null ? List.of() : design.overridersOf(called);
        List<Body> found = new ArrayList<>();
        if (called != null && others.size() <= VERSIONS) {
            add(called, found);
            others.forEach(o -> add(o, found));
        }
        return found;
    }

    private void add(Operation operation, List<Body> found) {
        List<Value> returned = operation.body().stream()
                .filter(Fact.Return.class::isInstance)
                .map(f -> ((Fact.Return) f).value())
                .toList();
        if (!returned.isEmpty()) {
            found.add(new Body(operation, returned, isInside(operation)));
        }
    }

    private Value elementOf(Value container, Value.Choice choice) {
        if (container instanceof Value.ElementOf inner) {
            if (inner.choice() == Value.Choice.PICKED && holdsContainers(inner.container())) {
                return new Value.ElementOf(inner.container(), choice);
            }
            boolean some = inner.choice() == Value.Choice.SOME || choice == Value.Choice.SOME;
            Value.Choice both = some ? Value.Choice.SOME : Value.Choice.PICKED;
            return new Value.ElementOf(inner.container(), inner.choice() == choice ? choice : both);
        }
        return container instanceof Value.New made ? made : new Value.ElementOf(container, choice);
    }

    private boolean holdsContainers(Value value) {
        Optional<Field> field = value instanceof Value.OfField f ? design.field(f.field()) : Optional.empty();
        return field.filter(x -> x.type().contents().stream().anyMatch(TypeRef::many))
                .isPresent();
    }

    /** A value of the called object, said from the caller's side. */
    private static Value seenFrom(Value value, Value receiver) {
        if (value instanceof Value.Self) {
            return receiver;
        }
        if (value instanceof Value.OfField f && f.on() instanceof Value.Self) {
            return new Value.OfField(f.field(), receiver);
        }
        if (value instanceof Value.ElementOf e
                && e.container() instanceof Value.OfField f
                && f.on() instanceof Value.Self) {
            return new Value.ElementOf(new Value.OfField(f.field(), receiver), e.choice());
        }
        return value;
    }

    private static Value oneOf(Set<Value> values) {
        if (values.size() > ALTERNATIVES) {
            return UNKNOWN;
        }
        return values.size() == 1
                ? values.iterator().next()
                : new Value.OneOf(values.stream().toList());
    }

    private static Map<String, List<Value>> without(Map<String, List<Value>> given, String operation) {
        Map<String, List<Value>> rest = new HashMap<>(given);
        rest.remove(operation);
        return rest;
    }
}
