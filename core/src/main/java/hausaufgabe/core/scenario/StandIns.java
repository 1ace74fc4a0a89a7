package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.reading.Program;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Samples.Mentioned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes doubles, which stand in for what the program expects, and says what they give back. */
final class StandIns {

    private final Maker maker;
    private final Design design;
    private final Program program;
    private final Stage stage;
    private final Set<String> added = new HashSet<>();

    StandIns(Maker maker, Design design, Program program, Stage stage) {
        this.maker = maker;
        this.design = design;
        this.program = program;
        this.stage = stage;
    }

    /** Something new that realises the type; nothing where no new type can, or its own constructor fails. */
    Optional<Given.Ref> make(Type type, int round, int depth) throws DriverLost {
        return make(type, round, round, depth);
    }

    /**
     * @param first which of the samples it is made with
     * @param round which of the samples it answers with
     */
    Optional<Given.Ref> make(Type type, int first, int round, int depth) throws DriverLost {
        boolean open = !type.flags().isSealed()
                && !type.flags().isFinal()
                && type.kind() != Type.Kind.ENUM
                && type.kind() != Type.Kind.RECORD
                && type.isNamed();
        Optional<Program.Part> part = open ? program.doubleOf(type.id()) : Optional.empty();
        if (part.isEmpty()) {
            return Optional.empty();
        }
        List<Operation> constructors = design.operationsOf(type).stream()
                .filter(Operation::isConstructor)
                .sorted(Comparator.comparingInt(o -> o.parameters().size()))
                .toList();
        if (type.isInterface() || constructors.isEmpty()) {
            return make(type, part.get(), List.of(), List.of(), round, depth);
        }
        for (int r = first; r < first + 3; r++) {
            for (Operation c : constructors) {
                try {
                    List<Given> arguments = maker.arguments(
                            c,
                            new Offers(design, List.of()),
                            new Maker.Choice(r, maker.mentions().of(type.id()), depth + 1));
                    Optional<Given.Ref> made = make(type, part.get(), Maker.parameterTypes(c), arguments, round, depth);
                    if (made.isPresent()) {
                        return made;
                    }
                } catch (Maker.Unmakeable e) {
                    // the next constructor may do
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Given.Ref> make(
            Type type, Program.Part part, List<String> parameters, List<Given> arguments, int round, int depth)
            throws DriverLost {
        try {
            Given.Ref ref = construct(part, parameters, arguments, type.name());
            Given.Ref typed = new Given.Ref(ref.id(), type.id());
            answer(typed, type, Map.of(), round, depth);
            return Optional.of(typed);
        } catch (Maker.Unmakeable e) {
            return Optional.empty();
        }
    }

    /** An object of a class that is added to the program. */
    Given.Ref construct(Program.Part part, List<String> parameters, List<Given> arguments, String shown)
            throws Maker.Unmakeable, DriverLost {
        if (added.add(part.name())) {
            stage.ask(new Request.Add(part));
        }
        Answer a = stage.ask(new Request.Construct(part.name(), parameters, arguments));
        if (a.thrown() != null) {
            throw new Maker.Unmakeable("nothing could stand in for " + shown + ": " + Stage.said(a.thrown()));
        }
        return a.value().ref();
    }

    /**
     * Tells a double what to give back: what was said, else something by result type, where that can be made.
     *
     * @param said by operation
     */
    Map<Operation, List<Given>> answer(Given.Ref ref, Type type, Map<Operation, Given> said, int round, int depth)
            throws DriverLost {
        Map<Operation, List<Given>> byOperation = new LinkedHashMap<>();
        Map<String, List<Given>> answers = new LinkedHashMap<>();
        long fluent = design.methodsOf(type).stream()
                .filter(o -> o.isAbstract() && givesItself(o, type))
                .count();
        for (Operation o : design.methodsOf(type)) {
            if (o.isAbstract() && o.result() != null && depth < 2) {
                List<Given> given =
                        said.containsKey(o) ? List.of(said.get(o)) : answersOf(o, type, fluent > 1, round, depth);
                byOperation.put(o, given);
                answers.put(o.name() + "(" + String.join(",", binary(o)) + ")", given);
            }
        }
        if (!answers.isEmpty()) {
            stage.ask(new Request.Answers(ref, answers));
        }
        return byOperation;
    }

    private static boolean givesItself(Operation o, Type type) {
        return o.result() != null && o.result().type().equals(type.id());
    }

    private List<Given> answersOf(Operation o, Type type, boolean fluent, int round, int depth) throws DriverLost {
        if (givesItself(o, type)) {
            return List.of(fluent || !o.parameters().isEmpty() ? new Given.Itself() : new Given.Nothing());
        }
        if (round % 2 == 1 && isReference(o.result())) {
            return List.of(nothing(o.result()));
        }
        if (o.result().type().equals("boolean") || o.result().type().equals("java.lang.Boolean")) {
            return truths(o.result().type(), round % 2 == 0);
        }
        try {
            return List.of(maker.value(
                    o.result(), new Offers(design, List.of()), new Maker.Choice(round, Mentioned.NOTHING, depth + 1)));
        } catch (Maker.Unmakeable e) {
            return List.of(new Given.Nothing());
        }
    }

    /** Whether nothing can stand for it, rather than something empty. */
    private static boolean isReference(TypeRef t) {
        return t.isContainer()
                ? !t.many()
                : Literals.isReference(t.type())
                        && Samples.all(t.type(), Mentioned.NOTHING).isEmpty();
    }

    /** What says that there is none. */
    private static Given nothing(TypeRef t) {
        return t.type().equals("java.util.Optional")
                ? new Given.Several("java.util.Optional", List.of())
                : new Given.Nothing();
    }

    /** Not true for ever: what asks until it is told no would never end. */
    private static List<Given> truths(String type, boolean first) {
        List<Given> all = new ArrayList<>();
        for (int i = 0; first && i < 8; i++) {
            all.add(new Given.Simple(type, "true"));
        }
        all.add(new Given.Simple(type, "false"));
        return all;
    }

    /** The same, with a nested type as the runtime names it. */
    private List<String> binary(Operation o) {
        Map<String, String> names = new HashMap<>();
        design.types().forEach(t -> names.put(t.id().replace('$', '.'), t.id()));
        return Maker.parameterTypes(o).stream().map(p -> binary(p, names)).toList();
    }

    private static String binary(String parameter, Map<String, String> names) {
        String element = parameter.replace("[]", "");
        return names.getOrDefault(element, element) + parameter.substring(element.length());
    }
}
