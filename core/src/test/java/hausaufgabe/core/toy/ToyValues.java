package hausaufgabe.core.toy;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.language.MentionedValues;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Any value may stand anywhere: numbers first, then what the code mentions. */
final class ToyValues implements LanguageValues {

    @Override
    public List<Input> samples(String type, MentionedValues mentioned) {
        List<Input> all = new ArrayList<>();
        if (type.equals("any")) {
            List.of("3", "1").forEach(n -> all.add(new Input.Simple(Kind.NUMBER, type, n)));
            mentioned.texts().forEach(t -> all.add(new Input.Simple(Kind.TEXT, type, t)));
            mentioned.numbers().forEach(n -> all.add(new Input.Simple(Kind.NUMBER, type, n)));
            List.of("12", "0", "100").forEach(n -> all.add(new Input.Simple(Kind.NUMBER, type, n)));
        }
        return all;
    }

    @Override
    public Optional<Input> again(Observed seen) {
        return seen.isSimple() ? Optional.of(new Input.Simple(seen.kind(), "any", seen.text())) : Optional.empty();
    }

    @Override
    public List<String> matching(String expression) {
        return List.of("12" + expression.length(), "34" + expression.length());
    }

    @Override
    public Input alike(Input like, int turn) {
        return like instanceof Input.Simple s && s.kind() == Kind.TEXT
                ? new Input.Simple(s.kind(), s.type(), s.text() + turn)
                : like;
    }

    @Override
    public Optional<Input> literal(Observed literal, String type) {
        return type.equals("any")
                ? Optional.of(new Input.Simple(literal.kind(), type, literal.text()))
                : Optional.empty();
    }

    @Override
    public boolean canBeNothing(String type) {
        return true;
    }

    @Override
    public boolean isTruth(String type) {
        return type.equals("truth");
    }

    @Override
    public boolean isNumber(String type) {
        return type.equals("number");
    }

    @Override
    public boolean isSameSimpleType(String one, String other) {
        return other.equals("any");
    }

    @Override
    public Input absent(TypeRef wanted) {
        return new Input.Nothing();
    }

    @Override
    public Input container(TypeRef wanted, List<Input> items) {
        return new Input.Several(wanted.type(), List.copyOf(items));
    }

    @Override
    public Optional<Input> typeAsValue(TypeRef wanted, Design design, int round) {
        return Optional.empty();
    }

    @Override
    public Optional<Request> heldByRuntime(String type) {
        return Optional.empty();
    }
}
