package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.MentionedValues;
import java.util.ArrayList;
import java.util.List;

/** Texts and numbers that a program's code mentions: worth trying as values, since the code asks for them. */
public final class ProgramMentions {

    private static final int MOST = 40;
    private static final int MOST_TYPES = 30;

    private final Design design;
    private final Program program;

    public ProgramMentions(Design design, Program program) {
        this.design = design;
        this.program = program;
    }

    /** What is mentioned in an operation's type and in the types that call it. */
    public MentionedValues of(Operation o) {
        MentionedValues own = of(o.owner());
        List<String> texts = new ArrayList<>(own.texts());
        List<String> numbers = new ArrayList<>(own.numbers());
        design.bodies().callersOf(o).stream()
                .map(s -> s.in().owner())
                .distinct()
                .filter(owner -> !owner.equals(o.owner()))
                .limit(6)
                .forEach(owner -> {
                    texts.addAll(program.texts(owner));
                    numbers.addAll(program.numbers(owner));
                });
        return new MentionedValues(texts, numbers);
    }

    /** What is mentioned in a type and in those above it. */
    public MentionedValues of(String owner) {
        List<String> texts = new ArrayList<>(program.texts(owner));
        List<String> numbers = new ArrayList<>(program.numbers(owner));
        design.type(owner)
                .ifPresent(t -> design.lineOf(t).forEach(up -> {
                    if (!up.id().equals(owner)) {
                        texts.addAll(program.texts(up.id()));
                        numbers.addAll(program.numbers(up.id()));
                    }
                }));
        return new MentionedValues(texts, numbers);
    }

    /** What is mentioned round an operation, then what is in the rest of the program. */
    public MentionedValues everywhere(Operation of) {
        MentionedValues own = of(of);
        List<String> texts = new ArrayList<>(own.texts());
        List<String> numbers = new ArrayList<>(own.numbers());
        design.types().stream().filter(Type::isOwn).limit(MOST_TYPES).forEach(t -> {
            texts.addAll(program.texts(t.id()));
            numbers.addAll(program.numbers(t.id()));
        });
        return new MentionedValues(
                texts.stream().distinct().limit(MOST).toList(),
                numbers.stream().distinct().limit(MOST).toList());
    }
}
