package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.language.MentionedValues;
import hausaufgabe.core.scenario.rehearsal.Rehearsal;
import hausaufgabe.core.scenario.rehearsal.RehearsedCall;
import hausaufgabe.core.scenario.session.Session;
import hausaufgabe.core.scenario.transcript.ErrorText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Makes values by type: simple ones from samples, objects of the program through their constructors, a static operation or
 * constant that gives one, or a builder; abstractions as doubles or by a type that realises them.
 */
public final class ValueGenerator implements ValueSource {

    /** How many sets of values are tried; beyond a type's last its values begin again. */
    public static final int ROUNDS = 12;

    private static final int DEPTH = 5;

    private final Design design;
    private final Program program;
    private final LanguageValues language;
    private final Session session;
    private final ProgramMentions mentions;
    private final DoubleSource doubles;
    private final RehearsedValues rehearsed;
    private final GivenValues given;
    private final List<ObjectRef> made = new ArrayList<>();
    private boolean real;
    private boolean usesDemonstration;
    private boolean usesGiven;
    private int shift;

    public ValueGenerator(
            Design design,
            Program program,
            LanguageValues language,
            Session session,
            Rehearsal rehearsal,
            GivenValues given,
            DoubleSource doubles) {
        this.design = design;
        this.program = program;
        this.language = language;
        this.session = session;
        this.mentions = new ProgramMentions(design, program);
        this.doubles = doubles;
        this.given = given;
        this.rehearsed = new RehearsedValues(design, language, session, rehearsal, made, this);
    }

    /** From here on invented values begin with another of the samples, since those at the beginning were refused. */
    public void beginLater(int by) {
        shift = by;
    }

    /** What the program's code mentions. */
    public ProgramMentions mentions() {
        return mentions;
    }

    /** Nothing to hand over. */
    public ArgumentPool nothing() {
        return new ArgumentPool(design, language, List.of());
    }

    /** Where the program has types of its own for an abstraction, they are taken rather than doubles. */
    public void preferReal() {
        real = true;
    }

    /** Objects of the program made so far, as parts of others too. */
    public List<ObjectRef> made() {
        return List.copyOf(made);
    }

    // arguments

    public List<Input> arguments(Operation operation, ArgumentPool pool, int round) throws NoValueFound, DriverLost {
        return arguments(operation, pool, new Choice(round, mentions.of(operation), 0));
    }

    /** @param on the type of the object that the operation is called on */
    public List<Input> arguments(Operation operation, Type on, ArgumentPool pool, int round)
            throws NoValueFound, DriverLost {
        return arguments(operation, pool, new Choice(round, mentions.of(operation), 0, on.id()));
    }

    /** The arguments of a call that the demonstration makes. */
    public List<Input> arguments(RehearsedCall shown, ArgumentPool pool) throws NoValueFound, DriverLost {
        Choice first = new Choice(0, mentions.of(shown.operation()), 0);
        return rehearsed.arguments(shown, shown.operation(), pool, first);
    }

    public List<Input> arguments(Operation operation, ArgumentPool pool, Choice choice)
            throws NoValueFound, DriverLost {
        int saidByExercise = operation.parameters().stream()
                .mapToInt(p -> given(p, operation, choice))
                .max()
                .orElse(0);
        if (choice.round() < saidByExercise) {
            return each(operation, pool, choice);
        }
        Choice after = choice.next(-saidByExercise);
        List<RehearsedValues.Arguments> shown =
                choice.depth() > DEPTH ? List.of() : rehearsed.sets(operation, choice.on());
        if (after.round() < shown.size()) {
            usesDemonstration = true;
            return rehearsed.arguments(shown.get(after.round()), operation, pool, after);
        }
        return each(operation, pool, after.next(shift - shown.size()));
    }

    /** How many values the exercise gives for a parameter. */
    private int given(Operation.Parameter p, Operation of, Choice choice) {
        Choice taken = choice.takenBy(of.owner(), p.name());
        return p.type().leaves().stream()
                .mapToInt(leaf -> design.type(leaf.type())
                        .map(t -> given.objects(t).size())
                        .orElseGet(() -> given.simple(leaf, taken).size()))
                .max()
                .orElse(0);
    }

    private List<Input> each(Operation operation, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost {
        List<Input> arguments = new ArrayList<>();
        Map<String, Integer> alike = new HashMap<>();
        for (Operation.Parameter p : operation.parameters()) {
            int before = alike.merge(p.type().type(), 1, Integer::sum) - 1;
            arguments.add(parameter(p, pool, choice.next(before).takenBy(operation.owner(), p.name())));
        }
        return arguments;
    }

    /** First what the demonstration hands over under this name; then anything of its type. */
    private Input parameter(Operation.Parameter p, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost {
        boolean simple = !p.type().isContainer() && !pool.fit(p.type());
        List<Input> named = simple && given.simple(p.type(), choice).isEmpty() ? rehearsed.named(p) : List.of();
        return choice.round() < named.size()
                ? named.get(choice.round())
                : value(p.type(), pool, choice.next(-named.size()));
    }

    public Input any(TypeRef wanted, int round) throws NoValueFound, DriverLost {
        return value(wanted, nothing(), new Choice(round, MentionedValues.NONE, 0));
    }

    /** All values that are worth trying for a parameter: those of its own type's mentions, then of the whole program's. */
    public List<Input> candidates(TypeRef wanted, Operation of) throws DriverLost {
        MentionedValues all = mentions.everywhere(of);
        Type type = design.type(wanted.type()).orElse(null);
        if (type == null && !wanted.isContainer()) {
            List<Input> said = given.simple(wanted, new Choice(0, all, 0).takenBy(of.owner(), ""));
            if (!said.isEmpty()) {
                return said;
            }
            List<Input> simple = language.samples(wanted.type(), all);
            if (!simple.isEmpty()) {
                return simple;
            }
        }
        int rounds =
                type != null && type.kind() == Type.Kind.ENUM ? type.constants().size() : ROUNDS;
        List<Input> made = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            try {
                made.add(value(wanted, nothing(), new Choice(round, all, 0)));
            } catch (NoValueFound e) {
                break;
            }
        }
        return made;
    }

    @Override
    public Input value(TypeRef wanted, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost {
        Optional<Input> type = language.typeAsValue(wanted, design, choice.round());
        if (type.isPresent()) {
            return type.get();
        }
        if (!wanted.isContainer()) {
            Optional<Input> offered = pool.take(wanted);
            if (offered.isPresent()) {
                return offered.get();
            }
        } else {
            return container(wanted, pool, choice);
        }
        Type own = design.type(wanted.type()).orElse(null);
        if (own != null) {
            ObjectRef said = givenObject(own, choice.round());
            return said == null ? object(own, pool, choice) : said;
        }
        List<Input> said = given.simple(wanted, choice);
        if (!said.isEmpty()) {
            usesGiven = true;
            return said.get(choice.round() % said.size());
        }
        Optional<Input> sample = language.sample(wanted.type(), choice.round(), choice.mentioned());
        return sample.isPresent() ? sample.get() : ofLibrary(wanted);
    }

    /** What the runtime itself holds, and doubles of a library's interfaces. */
    private Input ofLibrary(TypeRef wanted) throws NoValueFound, DriverLost {
        Optional<Request> held = language.heldByRuntime(wanted.type());
        if (held.isPresent()) {
            return session.ask(held.get()).value().knownRef();
        }
        Optional<Program.Part> part = program.doubleOfLibrary(wanted.type());
        if (part.isEmpty()) {
            throw new NoValueFound("no value is known for " + wanted.text());
        }
        ObjectRef made = doubles.construct(part.get(), wanted.text());
        return new ObjectRef(made.id(), wanted.type());
    }

    private Input container(TypeRef wanted, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost {
        List<Input> items = new ArrayList<>();
        TypeRef content = wanted.contents().get(0);
        boolean map = wanted.arguments().size() == 2;
        List<Input> offered = content.isContainer() ? List.of() : pool.takeAll(content);
        if (!wanted.many() && !offered.isEmpty()) {
            offered = offered.subList(0, 1);
        }
        if (offered.isEmpty()) {
            offered = new ArrayList<>(List.of(value(content, pool, choice.deeper())));
            if (wanted.many()) {
                // a second one, since some work begins only with two
                Input second = value(content, pool, choice.deeper().next(1));
                if (!offered.contains(second)) {
                    offered.add(second);
                }
            }
        }
        for (int i = 0; i < offered.size(); i++) {
            if (map) {
                items.add(value(wanted.arguments().get(0), pool, choice.deeper().next(i)));
            }
            items.add(offered.get(i));
        }
        return language.container(wanted, items);
    }

    // objects

    /** An object as the exercise says that valid ones are made; null where it says nothing of the type, or it cannot be made so. */
    private @Nullable ObjectRef givenObject(Type type, int round) throws DriverLost {
        List<GivenValues.Making> makings = given.objects(type);
        if (makings.isEmpty()) {
            return null;
        }
        GivenValues.Making making = makings.get(round % makings.size());
        String text = making.from().get(0).text();
        boolean constant = making.from().size() == 1
                && (type.constants().contains(text)
                        || design.fieldsOf(type).stream()
                                .anyMatch(f -> f.isStatic() && f.name().equals(text)));
        usesGiven = true;
        if (constant) {
            try {
                return read(type.id(), text, type.name());
            } catch (NoValueFound e) {
                return null;
            }
        }
        List<Referent> from = making.from().stream()
                .map(l -> Referent.result(null, Referent.literal(l)))
                .toList();
        for (Operation way : waysIn(type, nothing())) {
            ArgumentPool literals = new ArgumentPool(design, language, from);
            List<Operation.Parameter> takes = way.parameters();
            boolean fits = takes.size() == from.size() && takes.stream().allMatch(p -> literals.fit(p.type()));
            ObjectRef made = fits
                    ? tryWay(type, way, literals, new Choice(0, MentionedValues.NONE, DEPTH + 1), new ArrayList<>())
                    : null;
            if (made != null) {
                return made;
            }
        }
        return null;
    }

    private Input object(Type type, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost {
        if (choice.depth() > DEPTH) {
            throw new NoValueFound("making " + article(type) + type.name() + " needs one " + DEPTH + " objects deep");
        }
        if (type.kind() == Type.Kind.ENUM && !type.constants().isEmpty()) {
            return constantValue(type, choice.round());
        }
        if (type.origin() == Type.Origin.CONSTANT) {
            return constant(type);
        }
        if (design.isConcrete(type)) {
            return construct(type, pool, choice);
        }
        List<Type> lower = design.realisationsOf(type).stream()
                .filter(t -> design.isConcrete(t))
                .filter(Type::isOwn)
                .toList();
        if (real && !lower.isEmpty()) {
            try {
                return object(lower.get(choice.round() % lower.size()), pool, choice.deeper());
            } catch (NoValueFound e) {
                // a double will do
            }
        }
        Optional<ObjectRef> made = doubles.make(type, choice.round(), choice.depth());
        if (made.isPresent()) {
            return made.get();
        }
        for (int i = 0; i < lower.size(); i++) {
            try {
                return object(lower.get((choice.round() + i) % lower.size()), pool, choice.deeper());
            } catch (NoValueFound e) {
                // the next one may do
            }
        }
        throw new NoValueFound("nothing that realises " + type.name() + " could be made");
    }

    /** A constant, which in some languages is no object but a number or a text. */
    private Input constantValue(Type type, int round) throws NoValueFound, DriverLost {
        String name = type.constants().get(round % type.constants().size());
        Answer a = session.ask(new Request.Read(type.id(), name, null));
        Optional<Input> simple =
                a.thrown() == null && a.value().isSimple() ? language.again(a.value()) : Optional.empty();
        return simple.isPresent() ? simple.get() : constant(type, round);
    }

    public ObjectRef constant(Type type, int round) throws NoValueFound, DriverLost {
        return read(type.id(), type.constants().get(round % type.constants().size()), type.name());
    }

    /** An enum's constant that has a body of its own. */
    public ObjectRef constant(Type body) throws NoValueFound, DriverLost {
        String owner = Objects.requireNonNull(body.enclosing(), "a constant stands in its enum");
        return read(owner, body.name().substring(body.name().lastIndexOf('.') + 1), owner);
    }

    private ObjectRef read(String type, String field, String shown) throws NoValueFound, DriverLost {
        Answer a = session.ask(new Request.Read(type, field, null));
        if (a.thrown() != null) {
            throw new NoValueFound(shown + "." + field + " could not be read: " + ErrorText.of(a.thrown()));
        }
        if (a.value().ref() == null) {
            throw new NoValueFound(shown + "." + field + " holds nothing");
        }
        return a.value().ref();
    }

    private Input construct(Type type, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost {
        List<String> problems = new ArrayList<>();
        for (int round = 0; round < 3; round++) {
            for (Operation way : waysIn(type, pool)) {
                ObjectRef made = tryWay(type, way, pool, choice.deeper().next(round), problems);
                if (made != null) {
                    return made;
                }
            }
        }
        for (Operation way : waysIn(type, pool)) {
            ObjectRef found = searchedWay(type, way, pool, choice.deeper(), problems);
            if (found != null) {
                return found;
            }
        }
        ObjectRef held = givenOut(type, problems);
        if (held != null) {
            return held;
        }
        String why =
                problems.isEmpty() ? "its constructors are private and no static operation gives one" : problems.get(0);
        throw new NoValueFound("no " + type.name() + " could be made: " + why);
    }

    /** An object that a static field holds, or that another's operation makes: for what has no name, or makes itself. */
    public @Nullable ObjectRef givenOut(Type type, List<String> problems) throws DriverLost {
        if (type.origin() == Type.Origin.CONSTANT) {
            try {
                return constant(type);
            } catch (NoValueFound e) {
                problems.add(e.getMessage());
            }
        }
        for (Field f : heldIn(type)) {
            try {
                return read(f.owner(), f.name(), f.owner());
            } catch (NoValueFound e) {
                problems.add(e.getMessage());
            }
        }
        for (Operation maker : makersOf(type)) {
            ObjectRef made = tryWay(type, maker, nothing(), new Choice(0, MentionedValues.NONE, 1), problems);
            if (made != null) {
                return made;
            }
        }
        return null;
    }

    /** The static operations, of whatever type, that give back a new object of a type. */
    private List<Operation> makersOf(Type type) {
        return design.operations().stream()
                .filter(o -> o.isMethod() && o.isStatic())
                .filter(o -> o.body().stream().anyMatch(f -> f instanceof Fact.Return r && makes(r.value(), type)))
                .toList();
    }

    private List<Field> heldIn(Type type) {
        List<Field> held = new ArrayList<>();
        for (Type t : design.types()) {
            for (Field f : design.fieldsOf(t)) {
                boolean holds = f.isStatic()
                        && design.bodies().writesTo(f).stream()
                                .anyMatch(s -> s.fact() instanceof Fact.Write w && makes(w.value(), type));
                if (holds) {
                    held.add(f);
                }
            }
        }
        return held;
    }

    private static boolean makes(Value value, Type type) {
        return value instanceof Value.New n && n.type().equals(type.id())
                || value instanceof Value.OneOf one && one.values().stream().anyMatch(v -> makes(v, type));
    }

    public @Nullable ObjectRef tryWay(Type type, Operation way, ArgumentPool pool, int round, List<String> problems)
            throws DriverLost {
        return tryWay(type, way, pool, new Choice(round, mentions.of(way.owner()), 0), problems);
    }

    private @Nullable ObjectRef tryWay(
            Type type, Operation way, ArgumentPool pool, Choice choice, List<String> problems) throws DriverLost {
        try {
            List<Input> arguments = arguments(way, pool, choice);
            Answer a = session.ask(request(design.type(way.owner()).orElse(type), way, arguments));
            if (a.thrown() == null && a.value().ref() != null) {
                made.add(a.value().ref());
                tookForObject(arguments);
                return a.value().ref();
            }
            problems.add(a.thrown() == null ? way.name() + "() gave nothing" : ErrorText.of(a.thrown()));
        } catch (NoValueFound e) {
            problems.add(e.getMessage());
        }
        return null;
    }

    /** An object, made with arguments that are looked for one by one; null where none are taken. */
    public @Nullable ObjectRef searchedWay(Type type, Operation way, ArgumentPool pool, List<String> problems)
            throws DriverLost {
        return searchedWay(type, way, pool, new Choice(0, mentions.of(way.owner()), 0), problems);
    }

    private @Nullable ObjectRef searchedWay(
            Type type, Operation way, ArgumentPool pool, Choice choice, List<String> problems) throws DriverLost {
        Type owner = design.type(way.owner()).orElse(type);
        try {
            Answer a =
                    searched(way, arguments(way, pool, choice), pool, with -> session.ask(request(owner, way, with)));
            if (a.thrown() == null && a.value().ref() != null) {
                made.add(a.value().ref());
                return a.value().ref();
            }
        } catch (NoValueFound e) {
            problems.add(e.getMessage());
        }
        return null;
    }

    /** What came of a call with arguments that the operation takes; a refusal where none were found. */
    public Answer searched(Operation operation, List<Input> first, ArgumentPool pool, ArgumentSearch.Attempt attempt)
            throws DriverLost {
        Answer answer = attempt.with(first);
        if (!ArgumentSearch.isRefusal(answer)) {
            return answer;
        }
        List<List<Input>> candidates = new ArrayList<>();
        for (Operation.Parameter p : operation.parameters()) {
            boolean stays = pool.fit(p.type()) || p.type().isContainer();
            candidates.add(stays ? List.of() : ArgumentSearch.few(candidates(p.type(), operation)));
        }
        return new ArgumentSearch(candidates, attempt).from(first, answer);
    }

    /** An object was made with these arguments: the next one is rather made with others. */
    public void tookForObject(List<Input> arguments) {
        rehearsed.took(arguments);
    }

    /** Whether an object was made with the first text of these before. */
    public boolean isTaken(List<Input> arguments) {
        return rehearsed.isTaken(arguments);
    }

    /** Whether something was called or made with values that the program's own demonstration uses. */
    public boolean usesDemonstration() {
        return usesDemonstration;
    }

    /** Whether a value was used that the exercise says is valid. */
    public boolean usesGiven() {
        return usesGiven;
    }

    /** Something stands in for objects of a type, and is to be asked rather than they. */
    public void standIn(Type type) {
        rehearsed.standIn(type.id());
    }

    /**
     * Ways to get an object of a type that others may use: first those that take what is offered, then those that ask least.
     * Where a constructor wants a function, and another type hands it one, the object is rather had from there: a function is
     * made for one purpose, and what stands in for it cannot serve it.
     */
    public List<Operation> waysIn(Type type, ArgumentPool pool) {
        Comparator<Operation> least =
                Comparator.comparingInt(o -> o.parameters().size());
        List<Operation> open = design.operationsOf(type).stream()
                .filter(Operation::isConstructor)
                .filter(o -> design.bodies().isOpen(o))
                .sorted(least)
                .toList();
        Stream<Operation> makers = open.stream().anyMatch(c -> wantsFunction(c, pool))
                ? makersOf(type).stream()
                        .filter(o ->
                                !o.owner().equals(type.id()) && design.bodies().isOpen(o))
                        .sorted(least)
                : Stream.empty();
        Stream<Operation> constructors = Stream.of(
                        open.stream().filter(c -> !wantsFunction(c, pool)),
                        makers,
                        open.stream().filter(c -> wantsFunction(c, pool)))
                .flatMap(s -> s);
        Stream<Operation> givers = design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && o.isStatic() && design.bodies().isOpen(o))
                .filter(o -> o.result() != null && o.result().type().equals(type.id()));
        Comparator<Operation> taking = Comparator.comparingInt(o ->
                -(int) o.parameters().stream().filter(p -> pool.fit(p.type())).count());
        return Stream.concat(constructors, givers.sorted(least)).sorted(taking).toList();
    }

    /** Whether a parameter, for which nothing is offered, takes what has but one operation and no type that realises it. */
    private boolean wantsFunction(Operation constructor, ArgumentPool pool) {
        return constructor.parameters().stream()
                .filter(p -> !p.type().isContainer() && !pool.fit(p.type()))
                .anyMatch(p -> design.type(p.type().type())
                        .map(t -> design.isAbstraction(t)
                                && design.realisationsOf(t).stream().noneMatch(Type::isNamed))
                        .orElseGet(() -> isOnlyStoodInFor(p.type().type())));
    }

    /** Whether the program gets nothing of the library's type but what a double is. */
    private boolean isOnlyStoodInFor(String type) {
        return language.samples(type, MentionedValues.NONE).isEmpty()
                && program.doubleOfLibrary(type).isPresent();
    }

    private static Request request(Type type, Operation way, List<Input> arguments) {
        return way.isConstructor()
                ? new Request.Construct(type.id(), way.parameterTokens(), arguments)
                : new Request.Call(type.id(), way.name(), way.parameterTokens(), null, arguments);
    }

    /** The indefinite article that goes with a type's name. */
    public static String article(Type type) {
        return "AEIOUaeiou".indexOf(type.name().charAt(0)) >= 0 ? "an " : "a ";
    }
}
