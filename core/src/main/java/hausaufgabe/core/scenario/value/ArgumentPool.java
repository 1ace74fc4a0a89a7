package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.language.LanguageValues;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Things that are to be handed over where their type is asked for, each once before any twice. */
public final class ArgumentPool {

    private final Design design;
    private final LanguageValues language;
    private final List<Referent> referents;
    private final Set<Referent> used = new HashSet<>();

    public ArgumentPool(Design design, LanguageValues language, List<Referent> referents) {
        this.design = design;
        this.language = language;
        this.referents = referents.stream()
                .filter(c -> c == Referent.NULL
                        || c.object() != null
                        || c.value() != null && c.value().isSimple())
                .toList();
    }

    public boolean isEmpty() {
        return referents.isEmpty();
    }

    /** The same things, none of them handed over yet. */
    public ArgumentPool anew() {
        return new ArgumentPool(design, language, referents);
    }

    public List<Referent> unused() {
        return referents.stream().filter(c -> !used.contains(c)).toList();
    }

    /** Whether something is there for the type, or for what it contains. */
    public boolean fit(TypeRef wanted) {
        return wanted.leaves().stream().anyMatch(l -> referents.stream().anyMatch(c -> fits(c, l.type())));
    }

    /** Whether something that was not handed over yet is there for the type, or for what it contains. */
    boolean fitsUnused(TypeRef wanted) {
        return wanted.leaves().stream().anyMatch(l -> unused().stream().anyMatch(c -> fits(c, l.type())));
    }

    /** Nothing to hand over. */
    ArgumentPool without() {
        return new ArgumentPool(design, language, List.of());
    }

    /** Whether an operation takes any of it. */
    public boolean fitsAny(Operation o) {
        return o.parameters().stream().anyMatch(p -> fit(p.type()));
    }

    public Optional<Input> take(TypeRef wanted) {
        List<Referent> fitting = fitting(wanted);
        Optional<Referent> next = fitting.stream()
                .filter(c -> !used.contains(c))
                .findFirst()
                .or(() -> fitting.stream().findFirst());
        next.ifPresent(used::add);
        return next.map(c -> given(c, wanted.type()));
    }

    private List<Referent> fitting(TypeRef wanted) {
        return referents.stream().filter(c -> fits(c, wanted.type())).toList();
    }

    /** All that fit and were not handed over yet; where there are none, all that fit. */
    public List<Input> takeAll(TypeRef wanted) {
        List<Referent> fitting = fitting(wanted);
        List<Referent> left = fitting.stream().filter(c -> !used.contains(c)).toList();
        List<Referent> taken = left.isEmpty() ? fitting : left;
        used.addAll(taken);
        List<Input> all = new ArrayList<>();
        taken.forEach(c -> all.add(given(c, wanted.type())));
        return all;
    }

    private Input given(Referent c, String wanted) {
        if (c == Referent.NULL) {
            return new Input.Nothing();
        }
        if (c.object() != null) {
            return c.object();
        }
        return c.isLiteral()
                ? language.literal(c.knownValue(), wanted).orElseThrow()
                : new Input.Simple(
                        c.knownValue().kind(),
                        c.knownValue().knownType(),
                        c.knownValue().text());
    }

    private boolean fits(Referent c, String wanted) {
        if (c == Referent.NULL) {
            return language.canBeNothing(wanted);
        }
        if (c.isLiteral()) {
            return language.literal(c.knownValue(), wanted).isPresent();
        }
        if (c.object() == null) {
            return language.isSameSimpleType(c.knownValue().knownType(), wanted);
        }
        if (c.type() == null) {
            return c.object().type().equals(wanted);
        }
        return c.type().id().equals(wanted) || design.realises(c.type().id(), wanted);
    }
}
