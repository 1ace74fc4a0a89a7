package hausaufgabe.core.matching;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Member;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Status;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Lets go of roles for which nothing speaks but that nothing speaks against them. */
final class SupportFilter {

    private final DesignPattern pattern;
    private final Judge judge;
    private final Map<String, List<String>> pins;

    SupportFilter(DesignPattern pattern, Judge judge, Map<String, List<String>> pins) {
        this.pattern = pattern;
        this.judge = judge;
        this.pins = pins;
    }

    Binding onlySupported(Form form, Binding binding) {
        Set<String> supported = new LinkedHashSet<>();
        pattern.requirementsOf(form).stream()
                .filter(r -> !r.forbidden())
                .forEach(r -> r.conditions().forEach(c -> support(c, binding, supported)));
        pattern.signs().stream().filter(s -> s.weight() >= 1).forEach(s -> support(s.condition(), binding, supported));
        // a role that can be left out is there because of how it was found
        pattern.roles().stream().filter(DesignPattern.Role::optional).forEach(r -> supported.add(r.name()));
        // so is one that every fitting type plays, where what it is told by is there
        pattern.roles().stream()
                .filter(DesignPattern.Role::many)
                .filter(r ->
                        r.that().stream().flatMap(p -> p.mentions().stream()).anyMatch(supported::contains))
                .forEach(r -> supported.add(r.name()));
        boolean any = supported.stream()
                .anyMatch(n -> pattern.role(n).filter(r -> !r.optional()).isPresent()
                        && !binding.types(n).isEmpty());
        Map<String, List<Type>> kept = new LinkedHashMap<>(binding.roles());
        kept.keySet().removeIf(role -> !pins.containsKey(role) && (!any || !supported.contains(role)));
        Map<String, List<Operation>> operations = new LinkedHashMap<>(binding.operations());
        operations.keySet().removeIf(m -> !isKept(m, kept));
        Map<String, List<Field>> fields = new LinkedHashMap<>(binding.fields());
        fields.keySet().removeIf(m -> !isKept(m, kept));
        return new Binding(kept, operations, fields);
    }

    private boolean isKept(String member, Map<String, List<Type>> kept) {
        return pattern.member(member).filter(m -> kept.containsKey(m.owner())).isPresent();
    }

    private void support(Condition condition, Binding binding, Set<String> supported) {
        Status status = judge.status(condition, binding);
        boolean says = condition.predicate() instanceof Predicate.Says;
        if (!says || status == Status.UNMET || status == Status.NOT_APPLICABLE) {
            return;
        }
        supported.add(ownerOf(condition.subject()));
        condition.predicate().mentions().forEach(n -> supported.add(ownerOf(n)));
    }

    private String ownerOf(String name) {
        return pattern.member(name).map(Member::owner).orElse(name);
    }
}
