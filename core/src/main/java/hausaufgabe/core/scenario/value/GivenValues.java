package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.Scenario.Argument.Literal;
import hausaufgabe.core.notation.ValidValues;
import hausaufgabe.core.notation.ValidValues.Source;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Values that an exercise says are valid, for what is asked for. */
public final class GivenValues {

    private final List<ValidValues> lines;
    private final Design design;
    private final Binding binding;
    private final LanguageValues language;

    public GivenValues(List<ValidValues> lines, Design design, Binding binding, LanguageValues language) {
        this.lines = lines;
        this.design = design;
        this.binding = binding;
        this.language = language;
    }

    /** Texts and numbers for a parameter or what is in it: first of the lines that name it, else of those that name none. */
    List<Input> simple(TypeRef wanted, Choice choice) {
        List<Input> named = simple(wanted, choice, true);
        return named.isEmpty() ? simple(wanted, choice, false) : named;
    }

    private List<Input> simple(TypeRef wanted, Choice choice, boolean byName) {
        List<Input> all = new ArrayList<>();
        for (ValidValues v : lines) {
            if (v.sort() != ValidValues.Sort.OWN_TYPE
                    && v.words().isEmpty() != byName
                    && (!byName || isNamed(v, choice))
                    && isTaken(v, choice)) {
                literals(v)
                        .forEach(l -> language.literal(Referent.literal(l), wanted.type())
                                .ifPresent(all::add));
            }
        }
        return all;
    }

    private static boolean isNamed(ValidValues v, Choice choice) {
        String name = choice.named() == null ? "" : choice.named().toLowerCase(Locale.ROOT);
        return v.words().stream().anyMatch(w -> name.contains(w.toLowerCase(Locale.ROOT)));
    }

    private boolean isTaken(ValidValues v, Choice choice) {
        return v.role() == null
                || choice.taker() != null
                        && binding.types(v.role()).stream()
                                .flatMap(t -> Stream.concat(Stream.of(t), design.lineOf(t).stream()))
                                .anyMatch(t -> t.id().equals(choice.taker()));
    }

    private Stream<Literal> literals(ValidValues v) {
        if (v.source() instanceof Source.Examples e) {
            return e.all().stream();
        }
        if (v.source() instanceof Source.Matching m) {
            return language.matching(m.expression()).stream().map(t -> new Literal(t, true));
        }
        return v.source() instanceof Source.Range r ? between(r) : Stream.empty();
    }

    /** One in the middle, then the ends and what is next to them. */
    private static Stream<Literal> between(Source.Range range) {
        BigDecimal least = new BigDecimal(range.least());
        BigDecimal most = new BigDecimal(range.most());
        BigDecimal middle = least.add(most).divide(BigDecimal.valueOf(2));
        boolean whole = least.stripTrailingZeros().scale() <= 0;
        BigDecimal first = whole ? new BigDecimal(middle.toBigInteger()) : middle;
        return Stream.of(first, least, most, least.add(BigDecimal.ONE), most.subtract(BigDecimal.ONE), middle)
                .filter(n -> n.compareTo(least) >= 0 && n.compareTo(most) <= 0)
                .map(n -> new Literal(n.toPlainString(), false))
                .distinct();
    }

    /** From what objects of a type of the submission are made, one after another; none where the exercise does not say. */
    List<Making> objects(Type type) {
        List<Making> all = new ArrayList<>();
        for (ValidValues v : lines) {
            boolean meant = type.name().equals(v.type())
                    && (v.role() == null || binding.types(v.role()).contains(type));
            if (meant && v.source() instanceof Source.Examples e) {
                e.all().forEach(l -> all.add(new Making(List.of(l))));
            } else if (meant && v.source() instanceof Source.From from) {
                all.add(new Making(from.all()));
            }
        }
        return all;
    }

    /** What one object is made from. A single text may be the name of a constant instead. */
    record Making(List<Literal> from) {}
}
