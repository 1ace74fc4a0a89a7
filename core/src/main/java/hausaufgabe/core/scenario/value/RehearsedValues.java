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

    /** How many sets of values are made after the make of one that the program takes. */
    private static final int ALIKE = 2;

    private final Design design;
    private final LanguageValues language;
    private final Session session;
    private final Rehearsal rehearsal;
    private final ValueSource others;
    /** Objects made again, by their number in the rehearsal. */
    private final Map<Integer, ObjectRef> again = new HashMap<>();

    private final List<ObjectRef> made;
    private final Set<String> taken = new HashSet<>();

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
     */
    List<Arguments> sets(Operation operation) {
        List<Arguments> fresh = new ArrayList<>();
        List<Arguments> again = new ArrayList<>();
        List<RehearsedCall> calls = operation.parameters().isEmpty() ? List.of() : rehearsal.callsOf(operation);
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

    /** An object was made with these arguments. */
    void took(List<Input> arguments) {
        arguments.stream()
                .filter(a -> a instanceof Input.Simple s && s.kind() == Kind.TEXT)
                .findFirst()
                .ifPresent(a -> taken.add(((Input.Simple) a).text()));
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
            arguments.add(again(wanted, seen, pool, choice, 0));
        }
        return arguments;
    }

    private Input again(TypeRef wanted, Observed seen, ArgumentPool pool, Choice choice, int depth)
            throws NoValueFound, DriverLost {
        if (pool.fit(wanted)) {
            return others.value(wanted, pool, choice);
        }
        if (seen.isNothing()) {
            return language.canBeNothing(wanted.type()) ? new Input.Nothing() : others.value(wanted, pool, choice);
        }
        if (wanted.isContainer() && seen.items() != null) {
            return container(wanted, seen.items(), pool, choice, depth);
        }
        Optional<Input> simple = language.again(seen);
        if (simple.isPresent()) {
            return simple.get();
        }
        @Nullable ObjectRef made = seen.ref() == null ? null : object(seen, pool, choice, depth);
        return made != null ? made : others.value(wanted, pool, choice);
    }

    private Input container(TypeRef wanted, List<Observed> items, ArgumentPool pool, Choice choice, int depth)
            throws NoValueFound, DriverLost {
        List<TypeRef> contents = wanted.arguments().isEmpty() ? wanted.contents() : wanted.arguments();
        List<Input> again = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            again.add(again(contents.get(i % contents.size()), items.get(i), pool, choice, depth + 1));
        }
        return language.container(wanted, again);
    }

    /** Null where it cannot be made as it was. */
    private @Nullable ObjectRef object(Observed seen, ArgumentPool pool, Choice choice, int depth) throws DriverLost {
        ObjectRef was = seen.knownRef();
        ObjectRef known = again.get(was.id());
        if (known != null) {
            return known;
        }
        Optional<ObjectRef> constant = constant(seen);
        if (constant.isPresent() || depth > DEPTH) {
            return constant.orElse(null);
        }
        @Nullable
        ObjectRef made = rehearsal
                        .birthOf(was.id())
                        .map(RehearsedCall::operation)
                        .filter(o -> design.bodies().isOpen(o))
                        .isPresent()
                ? by(rehearsal.birthOf(was.id()).get(), pool, choice, depth)
                : null;
        if (made == null && rehearsal.giverOf(was.id()).isPresent()) {
            made = by(rehearsal.giverOf(was.id()).get(), pool, choice, depth);
        }
        if (made != null && pool.isEmpty()) {
            again.put(was.id(), made);
        }
        return made;
    }

    private @Nullable ObjectRef by(RehearsedCall way, ArgumentPool pool, Choice choice, int depth) throws DriverLost {
        Operation o = way.operation();
        if (o.visibility() == Visibility.PRIVATE) {
            return null;
        }
        try {
            List<Input> arguments = new ArrayList<>();
            for (int i = 0; i < o.parameters().size(); i++) {
                TypeRef wanted = o.parameters().get(i).type();
                arguments.add(again(wanted, way.arguments().get(i), pool, choice, depth + 1));
            }
            Request request = o.isConstructor()
                    ? new Request.Construct(o.owner(), o.parameterTokens(), arguments)
                    : new Request.Call(o.owner(), o.name(), o.parameterTokens(), null, arguments);
            Answer a = session.ask(request);
            if (a.thrown() == null && a.value().ref() != null) {
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
