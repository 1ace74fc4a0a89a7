package hausaufgabe.core.scenario.testdouble;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.language.MentionedValues;
import hausaufgabe.core.scenario.rehearsal.Rehearsal;
import hausaufgabe.core.scenario.session.Session;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.Choice;
import hausaufgabe.core.scenario.value.DoubleSource;
import hausaufgabe.core.scenario.value.GivenValues;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.ValueGenerator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes doubles, which stand in for what the program expects, and says what they give back. */
public final class TestDoubles implements DoubleSource {

    /** With how many sets of values it is tried to make one. */
    private static final int ROUNDS = 10;

    private final ValueGenerator values;
    private final Design design;
    private final Program program;
    private final LanguageValues language;
    private final Session session;
    private final Set<String> added = new HashSet<>();
    private final Map<ObjectRef, Type> all = new LinkedHashMap<>();
    /** Whether what is made is only there to be answered with, so that it need not answer otherwise itself. */
    private boolean answering;

    public TestDoubles(
            Design design,
            Program program,
            LanguageValues language,
            Session session,
            Rehearsal rehearsal,
            GivenValues given) {
        this.design = design;
        this.program = program;
        this.language = language;
        this.session = session;
        this.values = new ValueGenerator(design, program, language, session, rehearsal, given, this);
    }

    /** What makes values where these doubles stand in for abstractions. */
    public ValueGenerator values() {
        return values;
    }

    @Override
    public Optional<ObjectRef> make(Type type, int round, int depth) throws DriverLost {
        Optional<ObjectRef> made = make(type, round, round, depth);
        if (!answering) {
            made.ifPresent(ref -> all.put(ref, type));
        }
        return made;
    }

    /** Tells every double to answer otherwise, those too that no scenario names, such as a clock that an object was made with. */
    public void answerOtherwise(int round) throws DriverLost {
        boolean before = answering;
        answering = true;
        try {
            for (Map.Entry<ObjectRef, Type> e : all.entrySet()) {
                answer(e.getKey(), e.getValue(), Map.of(), round, 0);
            }
        } finally {
            answering = before;
        }
    }

    /**
     * @param first which of the samples it is made with
     * @param round which of the samples it answers with
     */
    private Optional<ObjectRef> make(Type type, int first, int round, int depth) throws DriverLost {
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
        for (int r = first; r < first + ROUNDS; r++) {
            for (Operation c : constructors) {
                try {
                    List<Input> arguments = values.arguments(
                            c, values.nothing(), new Choice(r, values.mentions().of(type.id()), depth + 1));
                    if (r < first + ROUNDS / 2 && values.isTaken(arguments)) {
                        // two of a name may be one too many
                        continue;
                    }
                    Optional<ObjectRef> made = make(type, part.get(), c.parameterTokens(), arguments, round, depth);
                    if (made.isPresent()) {
                        values.tookForObject(arguments);
                        return made;
                    }
                } catch (NoValueFound e) {
                    // the next constructor may do
                }
            }
        }
        return Optional.empty();
    }

    private Optional<ObjectRef> make(
            Type type, Program.Part part, List<String> parameters, List<Input> arguments, int round, int depth)
            throws DriverLost {
        try {
            ObjectRef ref = construct(part, parameters, arguments, type.name());
            ObjectRef typed = new ObjectRef(ref.id(), type.id());
            answer(typed, type, Map.of(), round, depth);
            return Optional.of(typed);
        } catch (NoValueFound e) {
            return Optional.empty();
        }
    }

    @Override
    public ObjectRef construct(Program.Part part, String shown) throws NoValueFound, DriverLost {
        return construct(part, List.of(), List.of(), shown);
    }

    private ObjectRef construct(Program.Part part, List<String> parameters, List<Input> arguments, String shown)
            throws NoValueFound, DriverLost {
        if (added.add(part.name())) {
            session.ask(new Request.Add(part));
        }
        Answer a = session.ask(new Request.Construct(part.name(), parameters, arguments));
        if (a.thrown() != null) {
            throw new NoValueFound("nothing could stand in for " + shown + ": " + ErrorText.of(a.thrown()));
        }
        return a.value().knownRef();
    }

    /**
     * Tells a double what to give back: what was said, else something by result type, where that can be made.
     *
     * @param said by operation
     */
    public Map<Operation, List<Input>> answer(
            ObjectRef ref, Type type, Map<Operation, Input> said, int round, int depth) throws DriverLost {
        Map<Operation, List<Input>> byOperation = new LinkedHashMap<>();
        Map<String, List<Input>> answers = new LinkedHashMap<>();
        long fluent = design.methodsOf(type).stream()
                .filter(o -> o.isAbstract() && givesItself(o, type))
                .count();
        for (Operation o : design.methodsOf(type)) {
            if (o.isAbstract() && o.result() != null && depth < 2) {
                List<Input> given =
                        said.containsKey(o) ? List.of(said.get(o)) : answersOf(o, type, fluent > 1, round, depth);
                byOperation.put(o, given);
                answers.put(o.name() + "(" + String.join(",", o.parameterTokens()) + ")", given);
            }
        }
        if (!answers.isEmpty()) {
            session.ask(new Request.Answers(ref, answers));
        }
        return byOperation;
    }

    private static boolean givesItself(Operation o, Type type) {
        return o.result() != null && o.result().type().equals(type.id());
    }

    private List<Input> answersOf(Operation o, Type type, boolean fluent, int round, int depth) throws DriverLost {
        TypeRef result = o.knownResult();
        if (givesItself(o, type)) {
            return List.of(
                    fluent || !o.parameters().isEmpty()
                            ? new Input.Itself()
                            : anotherWithoutOne(type, round, depth).orElse(new Input.Nothing()));
        }
        if (isForNothing(round) && (isReference(result) || language.isAnything(result.type()))) {
            return List.of(language.absent(result));
        }
        if (language.isTruth(result.type())) {
            return truths(result.type(), round % 2 == 0);
        }
        try {
            Choice choice = new Choice(round, MentionedValues.NONE, depth + 1, null, type.id(), o.name());
            return List.of(values.value(result, values.nothing(), choice));
        } catch (NoValueFound e) {
            return List.of(new Input.Nothing());
        }
    }

    /**
     * Another of the type, such as the inverse of a command, which has none itself, so that going on from one to the next comes
     * to an end. Empty where none can be made, and where it is tried what comes of nothing.
     */
    private Optional<Input> anotherWithoutOne(Type type, int round, int depth) throws DriverLost {
        return isForNothing(round) || depth > 0
                ? Optional.empty()
                : make(type, round, round, depth + 1).map(Input.class::cast);
    }

    /** Whether what answers otherwise now says that there is nothing: in every other round. */
    private boolean isForNothing(int round) {
        return answering && round % 2 == 1;
    }

    /** Whether nothing can stand for it, rather than something empty. */
    private boolean isReference(TypeRef t) {
        return t.isContainer()
                ? !t.many()
                : language.canBeNothing(t.type())
                        && language.samples(t.type(), MentionedValues.NONE).isEmpty();
    }

    /** Not true for ever: what asks until it is told no would never end. */
    private static List<Input> truths(String type, boolean first) {
        List<Input> all = new ArrayList<>();
        for (int i = 0; first && i < 8; i++) {
            all.add(new Input.Simple(Kind.TRUTH, type, "true"));
        }
        all.add(new Input.Simple(Kind.TRUTH, type, "false"));
        return all;
    }
}
