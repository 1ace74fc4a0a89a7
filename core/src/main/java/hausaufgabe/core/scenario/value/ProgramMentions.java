package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.MentionedValues;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Texts and numbers that a program's code mentions: worth trying as values, since the code asks for them. */
public final class ProgramMentions {

    private static final int MOST = 40;
    private static final int MOST_TYPES = 30;
    private static final int CALLERS = 6;

    private final Design design;
    private final Program program;

    public ProgramMentions(Design design, Program program) {
        this.design = design;
        this.program = program;
    }

    /** What is mentioned in an operation's type and in the types that call it. */
    public MentionedValues of(Operation o) {
        Stream<String> callers = design.bodies().callersOf(o).stream()
                .map(s -> s.in().owner())
                .distinct()
                .filter(owner -> !owner.equals(o.owner()))
                .limit(CALLERS);
        return mentioned(Stream.concat(line(o.owner()), callers));
    }

    /** What is mentioned in a type and in those above it. */
    public MentionedValues of(String owner) {
        return mentioned(line(owner));
    }

    private Stream<String> line(String owner) {
        Stream<String> above = design.type(owner).stream()
                .flatMap(t -> design.lineOf(t).stream())
                .map(Type::id)
                .filter(id -> !id.equals(owner));
        return Stream.concat(Stream.of(owner), above);
    }

    /** What is mentioned round an operation, then what is in the rest of the program. */
    public MentionedValues everywhere(Operation of) {
        Stream<String> all =
                design.types().stream().filter(Type::isOwn).limit(MOST_TYPES).map(Type::id);
        MentionedValues rest = mentioned(all);
        MentionedValues own = of(of);
        return new MentionedValues(
                first(own.texts(), rest.texts()),
                first(own.numbers(), rest.numbers()),
                first(own.shaped(), rest.shaped()));
    }

    private static List<String> first(List<String> own, List<String> rest) {
        return Stream.concat(own.stream(), rest.stream()).distinct().limit(MOST).toList();
    }

    private MentionedValues mentioned(Stream<String> types) {
        List<String> texts = new ArrayList<>();
        List<String> numbers = new ArrayList<>();
        List<String> shaped = new ArrayList<>();
        types.forEach(t -> {
            texts.addAll(program.texts(t));
            numbers.addAll(program.numbers(t));
            shaped.addAll(program.shapedTexts(t));
        });
        return new MentionedValues(texts, numbers, shaped);
    }
}
