package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.language.MentionedValues;
import hausaufgabe.language.values.ShapedTexts;
import hausaufgabe.language.values.UsualValues;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Simple values of a language in which nobody need say of which type a value is to be. Where nobody does, numbers and texts are
 * tried in turn: what does not fit is refused by the program itself, and another one is tried.
 */
public abstract class ScriptValues implements LanguageValues {

    /** From this length on only the beginning of a text may have been told. */
    private static final int CUT = 1_000;

    private final Names names;
    private final Set<String> any;
    private final Map<String, Parsing> parsed;

    /**
     * What the language calls its simple types.
     *
     * @param whole that of whole numbers
     * @param broken that of numbers that need not be whole; the same where there is one for both
     * @param numbers all that numbers have
     */
    public record Names(String whole, String broken, String text, String truth, Set<String> numbers) {}

    /** What makes a value of a library's type from a text, and the texts. */
    public record Parsing(String operation, List<String> texts) {}

    /** @param any types of which anything may be handed over */
    protected ScriptValues(Names names, Set<String> any, Map<String, Parsing> parsed) {
        this.names = names;
        this.any = any;
        this.parsed = parsed;
    }

    /** A number that is written down, as a value of a type that may be any; nothing where it does not fit. */
    protected abstract Optional<Input> number(Observed literal, String type);

    protected final boolean isAny(String type) {
        return any.contains(type);
    }

    @Override
    public List<Input> samples(String type, MentionedValues mentioned) {
        List<Input> all = new ArrayList<>();
        if (isAny(type)) {
            return mixed(mentioned);
        }
        if (type.equals(names.whole())) {
            UsualValues.whole(mentioned).forEach(t -> all.add(number(names.whole(), t)));
            if (names.broken().equals(type)) {
                UsualValues.broken(mentioned).stream()
                        .filter(t -> !t.endsWith(".0"))
                        .forEach(t -> all.add(number(type, t)));
            }
        } else if (names.numbers().contains(type) && !parsed.containsKey(type)) {
            UsualValues.broken(mentioned).forEach(t -> all.add(number(names.broken(), t)));
        } else if (type.equals(names.text())) {
            UsualValues.texts(mentioned).forEach(t -> all.add(text(t)));
        } else if (type.equals(names.truth())) {
            List.of("true", "false").forEach(t -> all.add(truth(t)));
        } else if (parsed.containsKey(type)) {
            Parsing p = parsed.get(type);
            p.texts().forEach(t -> all.add(new Input.Parsed(type, p.operation(), t)));
        }
        return all;
    }

    /** A number, a text, a number, as long as there are some. */
    private List<Input> mixed(MentionedValues mentioned) {
        List<String> numbers = List.copyOf(UsualValues.whole(mentioned));
        List<String> texts = List.copyOf(UsualValues.texts(mentioned));
        Set<Input> all = new LinkedHashSet<>();
        for (int i = 0; i < Math.max(numbers.size(), texts.size()); i++) {
            if (i < numbers.size()) {
                all.add(number(names.whole(), numbers.get(i)));
            }
            if (i < texts.size()) {
                all.add(text(texts.get(i)));
            }
        }
        return new ArrayList<>(all);
    }

    private static Input number(String type, String text) {
        return new Input.Simple(Kind.NUMBER, type, text);
    }

    private Input text(String text) {
        return new Input.Simple(Kind.TEXT, names.text(), text);
    }

    private Input truth(String text) {
        return new Input.Simple(Kind.TRUTH, names.truth(), text);
    }

    @Override
    public Optional<Input> again(Observed seen) {
        String type = seen.type() == null ? "" : seen.type();
        if (seen.text().length() >= CUT) {
            return Optional.empty();
        }
        if (seen.isSimple()) {
            return Optional.of(new Input.Simple(seen.kind(), type, seen.text()));
        }
        return Optional.ofNullable(parsed.get(type)).map(p -> new Input.Parsed(type, p.operation(), seen.text()));
    }

    @Override
    public Input alike(Input like, int turn) {
        return UsualValues.alike(like, turn);
    }

    @Override
    public List<String> matching(String expression) {
        return ShapedTexts.matching(expression);
    }

    @Override
    public Optional<Input> literal(Observed literal, String type) {
        switch (literal.kind()) {
            case NUMBER -> {
                return number(literal, type);
            }
            case TEXT -> {
                if (isAny(type) || type.equals(names.text())) {
                    return Optional.of(text(literal.text()));
                }
                Parsing p = parsed.get(type);
                return p == null
                        ? Optional.empty()
                        : Optional.of(new Input.Parsed(type, p.operation(), literal.text()));
            }
            default -> {
                return isAny(type) || type.equals(names.truth())
                        ? Optional.of(truth(literal.text()))
                        : Optional.empty();
            }
        }
    }

    @Override
    public boolean isAnything(String type) {
        return isAny(type);
    }

    @Override
    public boolean canBeNothing(String type) {
        return !isNumber(type) && !isTruth(type);
    }

    @Override
    public boolean isTruth(String type) {
        return type.equals(names.truth());
    }

    @Override
    public boolean isNumber(String type) {
        return names.numbers().contains(type);
    }

    /** Where nobody says of which type a value is to be, each may be the one that is meant. */
    @Override
    public boolean isSameSimpleType(String one, String other) {
        return one.equals(other) || isAny(other) || isNumber(one) && isNumber(other);
    }

    @Override
    public Input absent(TypeRef wanted) {
        return new Input.Nothing();
    }

    @Override
    public Input container(TypeRef wanted, List<Input> items) {
        return new Input.Several(wanted.type(), List.copyOf(items));
    }

    /** A type is handed over as any other value is, where the program does so. */
    @Override
    public Optional<Input> typeAsValue(TypeRef wanted, Design design, int round) {
        return Optional.empty();
    }

    @Override
    public Optional<Request> heldByRuntime(String type) {
        return Optional.empty();
    }
}
