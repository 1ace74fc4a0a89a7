package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.reading.Program;
import hausaufgabe.core.scenario.Samples.Mentioned;
import java.util.ArrayList;
import java.util.List;

/** Texts and numbers that a program's code mentions: worth trying as values, since the code asks for them. */
final class Mentions {

    private static final int MOST = 40;
    private static final int MOST_TYPES = 30;

    private final Design design;
    private final Program program;

    Mentions(Design design, Program program) {
        this.design = design;
        this.program = program;
    }

    /** What is mentioned in an operation's type and in the types that call it. */
    Mentioned of(Operation o) {
        Mentioned own = of(o.owner());
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
        return new Mentioned(texts, numbers);
    }

    /** What is mentioned in a type and in those above it. */
    Mentioned of(String owner) {
        List<String> texts = new ArrayList<>(program.texts(owner));
        List<String> numbers = new ArrayList<>(program.numbers(owner));
        design.type(owner)
                .ifPresent(t -> design.lineOf(t).forEach(up -> {
                    if (!up.id().equals(owner)) {
                        texts.addAll(program.texts(up.id()));
                        numbers.addAll(program.numbers(up.id()));
                    }
                }));
        return new Mentioned(texts, numbers);
    }

    /** What is mentioned round an operation, then what is in the rest of the program. */
    Mentioned everywhere(Operation of) {
        Mentioned own = of(of);
        List<String> texts = new ArrayList<>(own.texts());
        List<String> numbers = new ArrayList<>(own.numbers());
        design.types().stream().filter(Type::isOwn).limit(MOST_TYPES).forEach(t -> {
            texts.addAll(program.texts(t.id()));
            numbers.addAll(program.numbers(t.id()));
        });
        return new Mentioned(
                texts.stream().distinct().limit(MOST).toList(),
                numbers.stream().distinct().limit(MOST).toList());
    }
}
