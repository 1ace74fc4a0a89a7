package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.scenario.Driver.Given;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Things that are to be handed over where their type is asked for, each once before any twice. */
final class Offers {

    private final Design design;
    private final List<Cast> casts;
    private final Set<Cast> used = new HashSet<>();

    Offers(Design design, List<Cast> casts) {
        this.design = design;
        this.casts = casts.stream()
                .filter(c -> c == Cast.NULL
                        || c.object() != null
                        || c.value() != null && c.value().isSimple())
                .toList();
    }

    boolean isEmpty() {
        return casts.isEmpty();
    }

    /** The same things, none of them handed over yet. */
    Offers anew() {
        return new Offers(design, casts);
    }

    List<Cast> unused() {
        return casts.stream().filter(c -> !used.contains(c)).toList();
    }

    boolean isAnyUsed() {
        return !used.isEmpty();
    }

    /** Whether something is there for the type, or for what it contains. */
    boolean fit(TypeRef wanted) {
        return wanted.leaves().stream().anyMatch(l -> casts.stream().anyMatch(c -> fits(c, l.type())));
    }

    /** Whether an operation takes any of it. */
    boolean fitsAny(Operation o) {
        return o.parameters().stream().anyMatch(p -> fit(p.type()));
    }

    Optional<Given> take(TypeRef wanted) {
        List<Cast> fitting = fitting(wanted);
        Optional<Cast> next = fitting.stream()
                .filter(c -> !used.contains(c))
                .findFirst()
                .or(() -> fitting.stream().findFirst());
        next.ifPresent(used::add);
        return next.map(c -> given(c, wanted.type()));
    }

    private List<Cast> fitting(TypeRef wanted) {
        return casts.stream().filter(c -> fits(c, wanted.type())).toList();
    }

    /** All that fit and were not handed over yet; where there are none, all that fit. */
    List<Given> takeAll(TypeRef wanted) {
        List<Cast> fitting = fitting(wanted);
        List<Cast> left = fitting.stream().filter(c -> !used.contains(c)).toList();
        List<Cast> taken = left.isEmpty() ? fitting : left;
        used.addAll(taken);
        List<Given> all = new ArrayList<>();
        taken.forEach(c -> all.add(given(c, wanted.type())));
        return all;
    }

    private static Given given(Cast c, String wanted) {
        if (c == Cast.NULL) {
            return new Given.Nothing();
        }
        if (c.object() != null) {
            return c.object();
        }
        return Literals.isLiteral(c.value())
                ? Literals.as(c.value(), wanted).orElseThrow()
                : new Given.Simple(c.value().type(), c.value().text());
    }

    private boolean fits(Cast c, String wanted) {
        if (c == Cast.NULL) {
            return Literals.isReference(wanted);
        }
        if (c.object() == null && Literals.isLiteral(c.value())) {
            return Literals.as(c.value(), wanted).isPresent();
        }
        if (c.object() == null) {
            return Literals.unboxed(c.value().type()).equals(Literals.unboxed(wanted));
        }
        if (c.type() == null) {
            return c.object().type().equals(wanted);
        }
        return c.type().id().equals(wanted) || design.realises(c.type().id(), wanted);
    }
}
