package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Makes values by type: simple ones from samples, objects of the program through their constructors or a static operation
 * that gives one, abstractions as doubles or by a type that realises them.
 */
final class Maker {

    private static final int DEPTH = 5;

    private final Design design;
    private final Stage stage;

    Maker(Design design, Stage stage) {
        this.design = design;
        this.stage = stage;
    }

    /** Nothing can be made of this; the message says what was wanted and why not. */
    static final class Unmakeable extends Exception {
        private static final long serialVersionUID = 1L;

        Unmakeable(String message) {
            super(message);
        }
    }

    /**
     * A value for a parameter.
     *
     * @param preferred objects to be used where their type is asked for, by type id
     * @param round which of the samples to take
     */
    Given value(TypeRef wanted, Map<String, Given> preferred, int round) throws Unmakeable, DriverLost {
        return value(wanted, preferred, round, 0);
    }

    private Given value(TypeRef wanted, Map<String, Given> preferred, int round, int depth)
            throws Unmakeable, DriverLost {
        if (preferred.containsKey(wanted.type())) {
            return preferred.get(wanted.type());
        }
        if (wanted.isContainer()) {
            return container(wanted, preferred, round, depth);
        }
        Type type = design.type(wanted.type()).orElse(null);
        if (type != null) {
            return object(type, preferred, round, depth);
        }
        var sample = Samples.of(wanted.type(), round);
        if (sample.isPresent()) {
            return sample.get();
        }
        throw new Unmakeable("no value is known for " + wanted.text());
    }

    private Given container(TypeRef wanted, Map<String, Given> preferred, int round, int depth)
            throws Unmakeable, DriverLost {
        List<Given> items = new ArrayList<>();
        boolean map = wanted.arguments().size() == 2;
        if (map) {
            items.add(value(wanted.arguments().get(0), preferred, round, depth + 1));
        }
        items.add(value(wanted.contents().get(0), preferred, round, depth + 1));
        if (wanted.many() && !map) {
            // a second one, since some work begins only with two
            Given second = value(wanted.contents().get(0), preferred, round + 1, depth + 1);
            if (!items.contains(second)) {
                items.add(second);
            }
        }
        String type = wanted.type().equals("array") ? componentName(wanted) + "[]" : wanted.type();
        return new Given.Several(type, items);
    }

    private static String componentName(TypeRef array) {
        TypeRef c = array.contents().get(0);
        return c.type().equals("array") ? componentName(c) + "[]" : c.type().replaceFirst("<.*", "");
    }

    private Given object(Type type, Map<String, Given> preferred, int round, int depth) throws Unmakeable, DriverLost {
        if (depth > DEPTH) {
            throw new Unmakeable("making a " + type.name() + " needs one " + DEPTH + " objects deep");
        }
        if (type.kind() == Type.Kind.ENUM && !type.constants().isEmpty()) {
            return constant(type, round);
        }
        if (design.isConcrete(type)) {
            return construct(type, preferred, round, depth);
        }
        if (Doubles.isPossible(type)) {
            return stage.makeDouble(type, answers(type, round, depth));
        }
        for (Type lower : design.realisationsOf(type)) {
            if (lower.isNamed() && design.isConcrete(lower)) {
                try {
                    return object(lower, preferred, round, depth + 1);
                } catch (Unmakeable e) {
                    // the next one may do
                }
            }
        }
        throw new Unmakeable("nothing that realises " + type.name() + " could be made");
    }

    Given constant(Type type, int round) throws Unmakeable, DriverLost {
        String name = type.constants().get(round % type.constants().size());
        Answer a = stage.ask(new Request.ReadStatic(type.id(), name));
        if (a.thrown() != null) {
            throw new Unmakeable(type.name() + "." + name + " could not be read: " + Stage.said(a.thrown()));
        }
        return a.value().ref();
    }

    /** What a double of the type answers, by the name of its operation: something by result type, where that can be made. */
    Map<String, Given> answers(Type type, int round, int depth) throws DriverLost {
        Map<String, Given> answers = new LinkedHashMap<>();
        for (Operation o : design.methodsOf(type)) {
            if (o.isAbstract() && o.result() != null && depth < 2) {
                try {
                    answers.put(o.name(), value(o.result(), Map.of(), round, depth + 1));
                } catch (Unmakeable e) {
                    answers.put(o.name(), new Given.Nothing());
                }
            }
        }
        return answers;
    }

    /** An object through the constructor that asks for least, or failing that a static operation that gives one. */
    private Given construct(Type type, Map<String, Given> preferred, int round, int depth)
            throws Unmakeable, DriverLost {
        List<String> problems = new ArrayList<>();
        for (Operation way : waysIn(type)) {
            List<Given> arguments = new ArrayList<>();
            try {
                for (Operation.Parameter p : way.parameters()) {
                    arguments.add(value(p.type(), preferred, round, depth + 1));
                }
            } catch (Unmakeable e) {
                problems.add(e.getMessage());
                continue;
            }
            Answer a = stage.ask(request(type, way, arguments));
            if (a.thrown() == null && a.value().ref() != null) {
                return a.value().ref();
            }
            problems.add(a.thrown() == null ? way.name() + "() gave nothing" : Stage.said(a.thrown()));
        }
        String why = problems.isEmpty()
                ? "its constructors are private and no static operation gives one"
                : String.join("; ", problems);
        throw new Unmakeable("no " + type.name() + " could be made: " + why);
    }

    /** Ways to get an object of a type that others may use, those that ask for least first. */
    List<Operation> waysIn(Type type) {
        Stream<Operation> constructors = design.operationsOf(type).stream()
                .filter(Operation::isConstructor)
                .filter(o -> design.bodies().isOpen(o));
        Stream<Operation> givers = design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && o.isStatic() && design.bodies().isOpen(o))
                .filter(o -> o.result() != null && o.result().type().equals(type.id()));
        Comparator<Operation> least =
                Comparator.comparingInt(o -> o.parameters().size());
        return Stream.concat(constructors.sorted(least), givers.sorted(least)).toList();
    }

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
}
