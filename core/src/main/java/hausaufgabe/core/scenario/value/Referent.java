package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.notation.Scenario.Argument;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a name of a scenario stands for.
 *
 * @param role the role it plays; null for a result
 * @param type its type; null where it is no object of the program
 * @param object null for a role whose operations are static, and for what is no object
 * @param value what a call gave back; null for what was made
 * @param several what came back from several threads or turns; empty where there was one
 * @param isDouble whether it stands in for the role and answers what it is told to
 */
public record Referent(
        @Nullable String role,
        @Nullable Type type,
        @Nullable ObjectRef object,
        @Nullable Observed value,
        List<Observed> several,
        boolean isDouble) {

    /** What {@code null} in a scenario stands for. */
    public static final Referent NULL = new Referent("null", null, null, Observed.NOTHING, List.of(), false);

    public static Referent made(@Nullable String role, Type type, @Nullable ObjectRef object, boolean isDouble) {
        return new Referent(role, type, object, null, List.of(), isDouble);
    }

    public static Referent result(@Nullable Type type, Observed value) {
        return new Referent(null, type, value.ref(), value, List.of(), false);
    }

    public static Referent results(List<Observed> several) {
        return new Referent(null, null, null, null, several, false);
    }

    /** Whether it stands for an object or a value at all. */
    public boolean isSomething() {
        return object != null || value != null && !value.isNothing() || !several.isEmpty();
    }

    /** @throws NullPointerException where it is of no type of the program; for those of which that is known */
    public Type knownType() {
        return Objects.requireNonNull(type, "of no type of the program");
    }

    /** @throws NullPointerException where it is no object; for those of which that is known */
    public ObjectRef knownObject() {
        return Objects.requireNonNull(object, "no object");
    }

    /** @throws NullPointerException where it is nothing that a call gave back; for those of which that is known */
    Observed knownValue() {
        return Objects.requireNonNull(value, "not given back by a call");
    }

    /** A number, text or truth value as a scenario writes it, before it is known where it goes. */
    public static Observed literal(Argument.Literal literal) {
        if (literal.quoted()) {
            return new Observed(Kind.TEXT, null, null, literal.text());
        }
        boolean truth = literal.text().equals("true") || literal.text().equals("false");
        return new Observed(truth ? Kind.TRUTH : Kind.NUMBER, null, null, literal.text());
    }

    /** Whether it is such a literal. */
    boolean isLiteral() {
        return object == null && value != null && value.isSimple() && value.type() == null;
    }
}
