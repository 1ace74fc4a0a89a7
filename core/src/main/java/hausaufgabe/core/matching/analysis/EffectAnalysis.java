package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Value;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Whether an operation does anything, and how neutral its answer is. */
public final class EffectAnalysis {
    private final Design design;

    public EffectAnalysis(Design design) {
        this.design = design;
    }

    /** Whether a body has no effect and works nothing out: constants, null and errors are all it may have. */
    public boolean isInert(Operation o, Set<String> above) {
        return working(o, above).isEmpty() && !o.isAbstract();
    }

    /** Where a body does something: has an effect, works something out, or gives back what it keeps. */
    public Optional<Span> working(Operation o, Set<String> above) {
        Set<String> seen = new HashSet<>(above);
        if (!seen.add(o.id())) {
            return Optional.empty();
        }
        for (Fact f : o.body()) {
            if (!isHarmless(f, seen)) {
                return Optional.of(f.span());
            }
        }
        return Optional.empty();
    }

    private boolean isHarmless(Fact f, Set<String> seen) {
        if (f instanceof Fact.Return r) {
            return isConstant(r.value());
        }
        if (f instanceof Fact.Throw || f instanceof Fact.Read) {
            return true;
        }
        if (f instanceof Fact.Library l) {
            return l.is(Fact.LibraryTrait.EMPTY) && l.arguments().stream().allMatch(this::isConstant);
        }
        if (f instanceof Fact.Create c) {
            return design.type(c.type())
                    .map(t -> t.kind() != hausaufgabe.core.design.Type.Kind.ABSTRACT_CLASS)
                    .orElse(true);
        }
        if (f instanceof Fact.Call c) {
            boolean self = c.receiver() instanceof Value.Self || c.receiver() instanceof Value.Unknown;
            return self
                    && c.operation() != null
                    && design.operation(c.operation())
                            .map(o -> isInert(o, seen))
                            .orElse(false);
        }
        return false;
    }

    private boolean isConstant(Value v) {
        if (v instanceof Value.OneOf many) {
            return many.values().stream().allMatch(this::isConstant);
        }
        if (v instanceof Value.Derived d) {
            return d.from().stream().allMatch(this::isConstant);
        }
        if (v instanceof Value.Copy c) {
            return c.from().stream().allMatch(this::isConstant);
        }
        if (v instanceof Value.OfField f) {
            return design.field(f.field()).map(Field::isStatic).orElse(false);
        }
        if (v instanceof Value.ResultOf r) {
            return design.operation(r.operation() == null ? "" : r.operation())
                    .map(o -> isInert(o, Set.of()))
                    .orElse(false);
        }
        // what a library gave without being given anything is something empty, or text
        return v instanceof Value.Literal
                || v instanceof Value.Null
                || v instanceof Value.Self
                || v instanceof Value.OfParameter
                || v instanceof Value.New
                || v instanceof Value.Unknown;
    }

    /** Whether all the operation does is to give back nothing, zero, false, an empty text, or what it was given. */
    public boolean isEmpty(Operation o) {
        if (!isInert(o, Set.of()) || o.body().stream().anyMatch(f -> f instanceof Fact.Throw)) {
            return false;
        }
        return o.body().stream()
                .filter(f -> f instanceof Fact.Return)
                .allMatch(f -> isEmpty(((Fact.Return) f).value()));
    }

    private boolean isEmpty(Value v) {
        if (v instanceof Value.Literal l) {
            return l.text().isBlank()
                    || l.text().equals("false")
                    || l.text().equals("true")
                    || l.text().matches("0+(\\.0*)?");
        }
        if (v instanceof Value.OneOf many) {
            return many.values().stream().allMatch(this::isEmpty);
        }
        return !(v instanceof Value.Null);
    }

    /** Where null may be given back. */
    public List<Span> nulls(Operation o) {
        return o.body().stream()
                .filter(f -> f instanceof Fact.Return r && mayBeNull(r.value()))
                .map(Fact::span)
                .toList();
    }

    private boolean mayBeNull(Value v) {
        if (v instanceof Value.OneOf many) {
            return many.values().stream().anyMatch(this::mayBeNull);
        }
        return v instanceof Value.Null;
    }

    /** Where it throws. */
    public List<Span> errors(Operation o) {
        return o.body().stream()
                .filter(f -> f instanceof Fact.Throw)
                .map(Fact::span)
                .toList();
    }
}
