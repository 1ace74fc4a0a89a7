package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.reading.Program;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Samples.Mentioned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Makes values by type: simple ones from samples, objects of the program through their constructors, a static operation or
 * constant that gives one, or a builder; abstractions as doubles or by a type that realises them.
 */
final class Maker {

    private static final int DEPTH = 5;
    private static final String LIBRARY = "java.";

    private final Design design;
    private final Program program;
    private final Stage stage;
    private final Mentions mentions;
    private final StandIns standIns;
    private final List<Given.Ref> made = new ArrayList<>();
    private boolean real;

    Maker(Design design, Program program, Stage stage) {
        this.design = design;
        this.program = program;
        this.stage = stage;
        this.mentions = new Mentions(design, program);
        this.standIns = new StandIns(this, design, program, stage);
    }

    StandIns standIns() {
        return standIns;
    }

    Mentions mentions() {
        return mentions;
    }

    /** Nothing can be made of this; the message says what was wanted and why not. */
    static final class Unmakeable extends Exception {
        private static final long serialVersionUID = 1L;

        Unmakeable(String message) {
            super(message);
        }
    }

    /** Which of the samples to take, and whose code may say which are worth trying. */
    record Choice(int round, Mentioned mentioned, int depth) {
        Choice deeper() {
            return new Choice(round, mentioned, depth + 1);
        }

        Choice next(int by) {
            return new Choice(round + by, mentioned, depth);
        }
    }

    /** Where the program has types of its own for an abstraction, they are taken rather than doubles. */
    void preferReal() {
        real = true;
    }

    /** Objects of the program made so far, as parts of others too. */
    List<Given.Ref> made() {
        return List.copyOf(made);
    }

    // arguments

    List<Given> arguments(Operation operation, Offers offers, int round) throws Unmakeable, DriverLost {
        return arguments(operation, offers, new Choice(round, mentions.of(operation), 0));
    }

    List<Given> arguments(Operation operation, Offers offers, Choice choice) throws Unmakeable, DriverLost {
        List<Given> arguments = new ArrayList<>();
        Map<String, Integer> alike = new HashMap<>();
        for (Operation.Parameter p : operation.parameters()) {
            int before = alike.merge(p.type().type(), 1, Integer::sum) - 1;
            arguments.add(value(p.type(), offers, choice.next(before)));
        }
        return arguments;
    }

    Given any(TypeRef wanted, int round) throws Unmakeable, DriverLost {
        return value(wanted, new Offers(design, List.of()), new Choice(round, Mentioned.NOTHING, 0));
    }

    /** All values that are worth trying for a parameter: those of its own type's mentions, then of the whole program's. */
    List<Given> candidates(TypeRef wanted, Operation of) throws DriverLost {
        Mentioned all = mentions.everywhere(of);
        Type type = design.type(wanted.type()).orElse(null);
        if (type == null && !wanted.isContainer()) {
            List<Given> simple = Samples.all(wanted.type(), all);
            if (!simple.isEmpty()) {
                return simple;
            }
        }
        int rounds =
                type != null && type.kind() == Type.Kind.ENUM ? type.constants().size() : Samples.ROUNDS;
        List<Given> made = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            try {
                made.add(value(wanted, new Offers(design, List.of()), new Choice(round, all, 0)));
            } catch (Unmakeable e) {
                break;
            }
        }
        return made;
    }

    Given value(TypeRef wanted, Offers offers, Choice choice) throws Unmakeable, DriverLost {
        if (wanted.type().equals("java.lang.Class")) {
            return typeValue(wanted, choice);
        }
        if (!wanted.isContainer()) {
            Optional<Given> offered = offers.take(wanted);
            if (offered.isPresent()) {
                return offered.get();
            }
        } else {
            return container(wanted, offers, choice);
        }
        Type type = design.type(wanted.type()).orElse(null);
        if (type != null) {
            return object(type, offers, choice);
        }
        Optional<Given> sample = Samples.of(wanted.type(), choice.round(), choice.mentioned());
        return sample.isPresent() ? sample.get() : ofLibrary(wanted);
    }

    /** A type as a value: the one said, or a text's, which an object without a type of its own is. */
    private Given typeValue(TypeRef wanted, Choice choice) {
        String named =
                wanted.arguments().isEmpty() ? "" : wanted.arguments().get(0).type();
        Optional<Type> own = design.type(named)
                .flatMap(t -> design.isConcrete(t)
                        ? Optional.of(t)
                        : design.realisationsOf(t).stream()
                                .filter(design::isConcrete)
                                .filter(Type::isNamed)
                                .findFirst());
        List<String> all = new ArrayList<>(List.of("java.lang.String"));
        own.ifPresent(t -> all.add(0, t.id()));
        design.types().stream()
                .filter(t -> t.isOwn() && t.isNamed() && design.isConcrete(t))
                .limit(6)
                .forEach(t -> all.add(t.id()));
        return new Given.Parsed("java.lang.Class", "class", all.get(choice.round() % all.size()));
    }

    /** Streams of the runtime's own, and doubles of a library's interfaces. */
    private Given ofLibrary(TypeRef wanted) throws Unmakeable, DriverLost {
        if (wanted.type().equals("java.io.PrintStream") || wanted.type().equals("java.io.InputStream")) {
            String field = wanted.type().endsWith("PrintStream") ? "out" : "in";
            Answer a = stage.ask(new Request.Read("java.lang.System", field, null));
            return a.value().ref();
        }
        Optional<Program.Part> part =
                wanted.type().startsWith(LIBRARY) ? program.doubleOf(wanted.type()) : Optional.empty();
        if (part.isEmpty()) {
            throw new Unmakeable("no value is known for " + wanted.text());
        }
        return standIns.construct(part.get(), List.of(), List.of(), wanted.text());
    }

    private Given container(TypeRef wanted, Offers offers, Choice choice) throws Unmakeable, DriverLost {
        List<Given> items = new ArrayList<>();
        TypeRef content = wanted.contents().get(0);
        boolean map = wanted.arguments().size() == 2;
        List<Given> offered = content.isContainer() ? List.of() : offers.takeAll(content);
        if (!wanted.many() && !offered.isEmpty()) {
            offered = offered.subList(0, 1);
        }
        if (offered.isEmpty()) {
            offered = new ArrayList<>(List.of(value(content, offers, choice.deeper())));
            if (wanted.many()) {
                // a second one, since some work begins only with two
                Given second = value(content, offers, choice.deeper().next(1));
                if (!offered.contains(second)) {
                    offered.add(second);
                }
            }
        }
        for (int i = 0; i < offered.size(); i++) {
            if (map) {
                items.add(
                        value(wanted.arguments().get(0), offers, choice.deeper().next(i)));
            }
            items.add(offered.get(i));
        }
        String type = wanted.type().equals("array") ? componentName(wanted) + "[]" : wanted.type();
        return new Given.Several(type, items);
    }

    private static String componentName(TypeRef array) {
        TypeRef c = array.contents().get(0);
        return c.type().equals("array") ? componentName(c) + "[]" : c.type().replaceFirst("<.*", "");
    }

    // objects

    private Given object(Type type, Offers offers, Choice choice) throws Unmakeable, DriverLost {
        if (choice.depth() > DEPTH) {
            throw new Unmakeable("making " + article(type) + type.name() + " needs one " + DEPTH + " objects deep");
        }
        if (type.kind() == Type.Kind.ENUM && !type.constants().isEmpty()) {
            return constant(type, choice.round());
        }
        if (type.origin() == Type.Origin.CONSTANT) {
            return constant(type);
        }
        if (design.isConcrete(type)) {
            return construct(type, offers, choice);
        }
        List<Type> lower = design.realisationsOf(type).stream()
                .filter(t -> design.isConcrete(t))
                .filter(Type::isOwn)
                .toList();
        if (real && !lower.isEmpty()) {
            try {
                return object(lower.get(choice.round() % lower.size()), offers, choice.deeper());
            } catch (Unmakeable e) {
                // a double will do
            }
        }
        Optional<Given.Ref> made = standIns.make(type, choice.round(), choice.depth());
        if (made.isPresent()) {
            return made.get();
        }
        for (int i = 0; i < lower.size(); i++) {
            try {
                return object(lower.get((choice.round() + i) % lower.size()), offers, choice.deeper());
            } catch (Unmakeable e) {
                // the next one may do
            }
        }
        throw new Unmakeable("nothing that realises " + type.name() + " could be made");
    }

    Given.Ref constant(Type type, int round) throws Unmakeable, DriverLost {
        return read(type.id(), type.constants().get(round % type.constants().size()), type.name());
    }

    /** An enum's constant that has a body of its own. */
    Given.Ref constant(Type body) throws Unmakeable, DriverLost {
        return read(body.enclosing(), body.name().substring(body.name().lastIndexOf('.') + 1), body.enclosing());
    }

    private Given.Ref read(String type, String field, String shown) throws Unmakeable, DriverLost {
        Answer a = stage.ask(new Request.Read(type, field, null));
        if (a.thrown() != null) {
            throw new Unmakeable(shown + "." + field + " could not be read: " + Stage.said(a.thrown()));
        }
        if (a.value().ref() == null) {
            throw new Unmakeable(shown + "." + field + " holds nothing");
        }
        return a.value().ref();
    }

    private Given construct(Type type, Offers offers, Choice choice) throws Unmakeable, DriverLost {
        List<String> problems = new ArrayList<>();
        for (int round = 0; round < 3; round++) {
            for (Operation way : waysIn(type, offers)) {
                Given.Ref made = tryWay(type, way, offers, choice.deeper().next(round), problems);
                if (made != null) {
                    return made;
                }
            }
        }
        Given.Ref given = givenOut(type, problems);
        if (given != null) {
            return given;
        }
        String why =
                problems.isEmpty() ? "its constructors are private and no static operation gives one" : problems.get(0);
        throw new Unmakeable("no " + type.name() + " could be made: " + why);
    }

    /** An object that a static field holds, or that another's operation makes: for what has no name, or makes itself. */
    Given.Ref givenOut(Type type, List<String> problems) throws DriverLost {
        if (type.origin() == Type.Origin.CONSTANT) {
            try {
                return constant(type);
            } catch (Unmakeable e) {
                problems.add(e.getMessage());
            }
        }
        for (Field f : heldIn(type)) {
            try {
                return read(f.owner(), f.name(), f.owner());
            } catch (Unmakeable e) {
                problems.add(e.getMessage());
            }
        }
        for (Operation o : design.operations()) {
            boolean gives = o.isMethod()
                    && o.isStatic()
                    && o.body().stream().anyMatch(f -> f instanceof Fact.Return r && makes(r.value(), type));
            if (gives) {
                Given.Ref made =
                        tryWay(type, o, new Offers(design, List.of()), new Choice(0, Mentioned.NOTHING, 1), problems);
                if (made != null) {
                    return made;
                }
            }
        }
        return null;
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

    Given.Ref tryWay(Type type, Operation way, Offers offers, int round, List<String> problems) throws DriverLost {
        return tryWay(type, way, offers, new Choice(round, mentions.of(way.owner()), 0), problems);
    }

    private Given.Ref tryWay(Type type, Operation way, Offers offers, Choice choice, List<String> problems)
            throws DriverLost {
        try {
            List<Given> arguments = arguments(way, offers, choice);
            Answer a = stage.ask(request(design.type(way.owner()).orElse(type), way, arguments));
            if (a.thrown() == null && a.value().ref() != null) {
                made.add(a.value().ref());
                return a.value().ref();
            }
            problems.add(a.thrown() == null ? way.name() + "() gave nothing" : Stage.said(a.thrown()));
        } catch (Unmakeable e) {
            problems.add(e.getMessage());
        }
        return null;
    }

    /** Ways to get an object of a type that others may use: first those that take what is offered, then those that ask least. */
    List<Operation> waysIn(Type type, Offers offers) {
        Stream<Operation> constructors = design.operationsOf(type).stream()
                .filter(Operation::isConstructor)
                .filter(o -> design.bodies().isOpen(o));
        Stream<Operation> givers = design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && o.isStatic() && design.bodies().isOpen(o))
                .filter(o -> o.result() != null && o.result().type().equals(type.id()));
        Comparator<Operation> taking = Comparator.comparingInt(o ->
                -(int) o.parameters().stream().filter(p -> offers.fit(p.type())).count());
        Comparator<Operation> least =
                Comparator.comparingInt(o -> o.parameters().size());
        return Stream.concat(constructors.sorted(least), givers.sorted(least))
                .sorted(taking)
                .toList();
    }

    // words

    static Request request(Type type, Operation way, List<Given> arguments) {
        return way.isConstructor()
                ? new Request.Construct(type.id(), parameterTypes(way), arguments)
                : new Request.Call(type.id(), way.name(), parameterTypes(way), null, arguments);
    }

    /** The erased parameter types as the operation's id carries them. */
    static List<String> parameterTypes(Operation o) {
        int open = o.id().lastIndexOf('(');
        if (open < 0) {
            return o.parameters().stream().map(p -> "?").toList();
        }
        String inside = o.id().substring(open + 1, o.id().length() - 1);
        return inside.isEmpty() ? List.of() : List.of(inside.split(","));
    }

    static String article(Type type) {
        return "AEIOUaeiou".indexOf(type.name().charAt(0)) >= 0 ? "an " : "a ";
    }
}
