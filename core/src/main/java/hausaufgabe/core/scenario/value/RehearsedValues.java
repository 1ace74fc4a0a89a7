package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.scenario.rehearsal.Rehearsal;
import hausaufgabe.core.scenario.rehearsal.RehearsedCall;
import hausaufgabe.core.scenario.session.Session;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Values as the program's own demonstration uses them, made again: simple ones from their texts, objects by the call that
 * made them there. What is to be handed over stands in wherever its type is asked for.
 */
final class RehearsedValues {

    private static final int DEPTH = 6;

    /** How many calls an object is told again, at most. */
    private static final int TOLD = 20;

    /** How many sets of values are made after the make of one that the program takes. */
    private static final int ALIKE = 2;

    private final Design design;
    private final LanguageValues language;
    private final Session session;
    private final Rehearsal rehearsal;
    private final ValueSource others;
    /** Objects made again, by their number in the rehearsal and who was handed them. */
    private final Map<Made, ObjectRef> again = new HashMap<>();

    /** @param on id of the type whose objects were handed it: another type's get another one */
    private record Made(int was, @Nullable String on) {}

    private final List<ObjectRef> made;
    private final Set<String> taken = new HashSet<>();
    private final Set<String> stoodIn = new HashSet<>();

    /** @param made takes the objects that were made */
    RehearsedValues(
            Design design,
            LanguageValues language,
            Session session,
            Rehearsal rehearsal,
            List<ObjectRef> made,
            ValueSource others) {
        this.design = design;
        this.language = language;
        this.session = session;
        this.rehearsal = rehearsal;
        this.made = made;
        this.others = others;
    }

    /**
     * With which arguments an operation may be called: those of the demonstration's calls, then such as are like the last,
     * then those of the demonstration by whose first text an object was made before, since two of a name are one too many.
     *
     * @param on id of the type that the operation is called on; null where it is static or makes an object
     */
    List<Arguments> sets(Operation operation, @Nullable String on) {
        List<Arguments> fresh = new ArrayList<>();
        List<Arguments> again = new ArrayList<>();
        List<RehearsedCall> calls = operation.parameters().isEmpty() ? List.of() : rehearsal.callsOf(operation, on);
        for (RehearsedCall c : calls) {
            (isTaken(operation, c) ? again : fresh).add(new Arguments(c, 0));
        }
        for (int turn = 1; !calls.isEmpty() && turn <= ALIKE; turn++) {
            fresh.add(new Arguments(calls.get(calls.size() - 1), turn));
        }
        fresh.addAll(again);
        return fresh;
    }

    /** @param turn 0 for the arguments as they are; else how far from them */
    record Arguments(RehearsedCall call, int turn) {}

    private boolean isTaken(Operation operation, RehearsedCall call) {
        return operation.isConstructor()
                && name(call.arguments()).filter(taken::contains).isPresent();
    }

    private static Optional<String> name(List<Observed> arguments) {
        return arguments.stream()
                .filter(a -> a.kind() == Kind.TEXT)
                .map(Observed::text)
                .findFirst();
    }

    /** Something stands in for a type: containers of it begin empty rather than with the program's own, which come before it. */
    void standIn(String type) {
        stoodIn.add(type);
    }

    /** An object was made with these arguments. */
    void took(List<Input> arguments) {
        nameIn(arguments).ifPresent(taken::add);
    }

    /** Whether an object was made by the first text of these. */
    boolean isTaken(List<Input> arguments) {
        return nameIn(arguments).filter(taken::contains).isPresent();
    }

    private static Optional<String> nameIn(List<Input> arguments) {
        return arguments.stream()
                .filter(a -> a instanceof Input.Simple s && s.kind() == Kind.TEXT)
                .findFirst()
                .map(a -> ((Input.Simple) a).text());
    }

    List<Input> arguments(Arguments set, Operation operation, ArgumentPool pool, Choice choice)
            throws NoValueFound, DriverLost {
        List<Input> as = arguments(set.call(), operation, pool, choice);
        return set.turn() == 0
                ? as
                : as.stream().map(i -> language.alike(i, set.turn())).toList();
    }

    /** Texts and numbers the demonstration hands over under this name and type. */
    List<Input> named(Operation.Parameter parameter) {
        return rehearsal.simpleValuesNamed(parameter.name(), parameter.type().type()).stream()
                .flatMap(v -> language.again(v).stream())
                .toList();
    }

    /**
     * @param operation whose parameters say which types are asked for: the call's own, or one that it overrides
     */
    List<Input> arguments(RehearsedCall shown, Operation operation, ArgumentPool pool, Choice choice)
            throws NoValueFound, DriverLost {
        List<Input> arguments = new ArrayList<>();
        List<Operation.Parameter> parameters = operation.parameters();
        for (int i = 0; i < parameters.size(); i++) {
            TypeRef wanted = parameters.get(i).type();
            Observed seen = i < shown.arguments().size() ? shown.arguments().get(i) : Observed.NOTHING;
            arguments.add(again(wanted, seen, pool, choice, new Moment(shown.number(), 0)));
        }
        return arguments;
    }

    /**
     * When in the rehearsal a value was handed over.
     *
     * @param number of the call
     * @param depth how many objects deep it is asked for
     */
    private record Moment(int number, int depth) {
        Moment at(int other) {
            return new Moment(other, depth + 1);
        }
    }

    private Input again(TypeRef wanted, Observed seen, ArgumentPool pool, Choice choice, Moment at)
            throws NoValueFound, DriverLost {
        if (at.depth() == 0 ? pool.fit(wanted) : pool.fitsUnused(wanted)) {
            return others.value(wanted, pool, choice);
        }
        if (seen.isNothing()) {
            return language.canBeNothing(wanted.type()) ? new Input.Nothing() : others.value(wanted, pool, choice);
        }
        if (wanted.isContainer() && seen.items() != null) {
            return container(wanted, seen.items(), pool, choice, at);
        }
        Optional<Input> simple = language.again(seen);
        if (simple.isPresent()) {
            return simple.get();
        }
        @Nullable ObjectRef made = seen.ref() == null ? null : object(seen, pool, choice, at);
        return made != null ? made : others.value(wanted, pool, choice);
    }

    private Input container(TypeRef wanted, List<Observed> items, ArgumentPool pool, Choice choice, Moment at)
            throws NoValueFound, DriverLost {
        if (at.depth() == 0 && wanted.many() && wanted.contents().stream().anyMatch(c -> stoodIn.contains(c.type()))) {
            return language.container(wanted, List.of());
        }
        List<TypeRef> contents = wanted.arguments().isEmpty() ? wanted.contents() : wanted.arguments();
        List<Input> again = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            again.add(again(contents.get(i % contents.size()), items.get(i), pool, choice, at));
        }
        return language.container(wanted, again);
    }

    /** Null where it cannot be made as it was. */
    private @Nullable ObjectRef object(Observed seen, ArgumentPool pool, Choice choice, Moment at) throws DriverLost {
        Optional<ObjectRef> constant = constant(seen);
        return constant.isPresent() ? constant.get() : object(seen.knownRef().id(), pool, choice, at);
    }

    /** The object as it was when it was handed over: made as it was made, then told what it had been told. */
    private @Nullable ObjectRef object(int was, ArgumentPool pool, Choice choice, Moment at) throws DriverLost {
        ObjectRef known = again.get(new Made(was, choice.on()));
        if (known != null || at.depth() > DEPTH) {
            return known;
        }
        Optional<RehearsedCall> way = rehearsal
                .birthOf(was)
                .filter(c -> c.operation().visibility() != Visibility.PRIVATE)
                .filter(c -> design.bodies().isOpen(c.operation()))
                .or(() -> rehearsal.giverOf(was));
        @Nullable ObjectRef object = way.isEmpty() ? null : by(way.get(), pool, choice, at);
        if (object == null || way.isEmpty()) {
            return null;
        }
        if (pool.isEmpty()) {
            again.put(new Made(was, choice.on()), object);
        }
        int told = 0;
        for (RehearsedCall c : rehearsal.shownBefore(was, at.number())) {
            if (c.number() > way.get().last() && told++ < TOLD) {
                call(c, object, pool.without(), choice, at);
            }
        }
        return object;
    }

    private @Nullable ObjectRef by(RehearsedCall way, ArgumentPool pool, Choice choice, Moment at) throws DriverLost {
        Operation o = way.operation();
        boolean needsNone = o.isConstructor() || o.isStatic();
        if (o.visibility() == Visibility.PRIVATE) {
            return null;
        }
        @Nullable ObjectRef on = needsNone ? null : object(way.object(), pool, choice, at.at(way.number()));
        return needsNone || on != null ? call(way, on, pool, choice, at) : null;
    }

    /** What came of a call that is made again; null where it could not be made, or gave no object. */
    private @Nullable ObjectRef call(
            RehearsedCall way, @Nullable ObjectRef on, ArgumentPool pool, Choice choice, Moment at) throws DriverLost {
        Operation o = way.operation();
        try {
            List<Input> arguments = new ArrayList<>();
            for (int i = 0; i < o.parameters().size(); i++) {
                TypeRef wanted = o.parameters().get(i).type();
                arguments.add(again(wanted, way.arguments().get(i), pool, choice, at.at(way.number())));
            }
            Request request = o.isConstructor()
                    ? new Request.Construct(o.owner(), o.parameterTokens(), arguments)
                    : new Request.Call(o.owner(), o.name(), o.parameterTokens(), on, arguments);
            Answer a = session.ask(request);
            if (o.isConstructor() && a.thrown() == null && a.value().ref() != null) {
                made.add(a.value().ref());
                took(arguments);
            }
            return a.thrown() == null ? a.value().ref() : null;
        } catch (NoValueFound e) {
            return null;
        }
    }

    /** One of the objects that an enumeration has, as it is called where it is shown. */
    private Optional<ObjectRef> constant(Observed seen) throws DriverLost {
        String type = seen.knownType();
        Type own = design.type(type)
                .filter(t -> t.kind() == Type.Kind.ENUM)
                .or(() -> design.type(type)
                        .filter(t -> t.origin() == Type.Origin.CONSTANT)
                        .flatMap(t -> design.type(String.valueOf(t.enclosing()))))
                .orElse(null);
        String name = seen.text().substring(seen.text().lastIndexOf('.') + 1);
        if (own == null || !own.constants().contains(name)) {
            return Optional.empty();
        }
        Answer a = session.ask(new Request.Read(own.id(), name, null));
        return a.thrown() == null ? Optional.ofNullable(a.value().ref()) : Optional.empty();
    }
}
