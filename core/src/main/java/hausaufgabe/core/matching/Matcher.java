package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Form;
import hausaufgabe.core.notation.Pattern.Member;
import hausaufgabe.core.notation.Pattern.Requirement;
import hausaufgabe.core.notation.Pattern.Role;
import hausaufgabe.core.notation.Pattern.Sign;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;

/**
 * Finds the binding of roles and members which satisfies the most, essentials first. Roles played by one type are
 * searched, what is said of every type or operation follows from them. All bindings of types that know each other are
 * looked at, so the cost is the number of such pairs; a submission's own order of files does not matter, since equals are
 * told apart by name.
 */
public final class Matcher {

    /** What an essential requirement counts more than its points. */
    private static final double ESSENTIAL = 4;
    /** What a requirement that forbids counts, of its points: it is kept by most types that have nothing to do with it. */
    private static final double FORBIDDEN = 0.25;
    /** What an earlier form is preferred by. */
    private static final double FORM = 0.1;
    /** What a class that starts the program and only works through static operations is put back by. */
    private static final double PROGRAM = 12;
    /** Scores closer than this are a tie. */
    private static final double TIE = 0.05;

    private final Pattern pattern;
    private final Design design;
    private final Judge judge;
    private final Neighbours neighbours;
    private final Map<String, String> pins;
    private final BooleanSupplier outOfTime;
    private boolean stopped;

    private record Candidate(Form form, Binding binding, double score, double likeness) {}

    private Matcher(Pattern pattern, Design design, Map<String, String> pins, BooleanSupplier outOfTime) {
        this.pattern = pattern;
        this.design = design;
        this.judge = new Judge(pattern, design);
        this.neighbours = new Neighbours(design);
        this.pins = pins;
        this.outOfTime = outOfTime;
    }

    /**
     * @param pins role names to type names that a brief or a person has fixed; may be empty
     * @param outOfTime asked between bindings; once true, the best so far is returned
     */
    public static Match match(Pattern pattern, Design design, Map<String, String> pins, BooleanSupplier outOfTime) {
        return new Matcher(pattern, design, pins, outOfTime).best();
    }

    private Match best() {
        List<Role> single = pattern.roles().stream().filter(r -> !r.isMany()).toList();
        List<Candidate> all = new ArrayList<>();
        search(single, 0, Binding.EMPTY, all);
        all.sort(Comparator.comparingDouble(Candidate::score)
                .thenComparingDouble(Candidate::likeness)
                .reversed()
                .thenComparing(c -> key(c.binding())));
        Candidate best = onlySupported(all.get(0));
        List<String> alternatives = all.stream()
                .skip(1)
                .filter(c -> all.get(0).score() - c.score() < TIE)
                .filter(c -> isOther(c.binding(), all.get(0).binding()))
                .map(c -> said(c.binding()))
                .distinct()
                .limit(5)
                .toList();
        boolean bound = best.binding().roles().values().stream().anyMatch(l -> !l.isEmpty());
        return new Match(
                best.form(),
                best.binding(),
                pattern.requirementsOf(best.form()).stream()
                        .map(r -> judge.finding(r, best.binding()))
                        .toList(),
                bound && !alternatives.isEmpty(),
                bound ? alternatives : List.of(),
                stopped);
    }

    private void search(List<Role> open, int at, Binding binding, List<Candidate> all) {
        if (!all.isEmpty() && outOfTime.getAsBoolean()) {
            stopped = true;
            return;
        }
        if (at == open.size()) {
            complete(binding, all);
            return;
        }
        Role role = open.get(at);
        for (Type t : candidates(role, binding)) {
            search(open, at + 1, binding.withRole(role.name(), List.of(t)), all);
        }
        if (!pins.containsKey(role.name())) {
            search(open, at + 1, binding, all);
        }
    }

    private List<Type> candidates(Role role, Binding binding) {
        String pin = pins.get(role.name());
        if (pin != null) {
            return design.types().stream().filter(t -> t.name().equals(pin)).toList();
        }
        List<Type> bound =
                binding.roles().values().stream().flatMap(List::stream).toList();
        return design.types().stream()
                .filter(t -> t.isNamed() && mayPlay(role, t))
                .filter(t -> bound.isEmpty() || bound.stream().anyMatch(b -> neighbours.know(b, t)))
                .filter(t -> bound.stream().noneMatch(b -> b.equals(t) || related(b, t)))
                .toList();
    }

    private boolean mayPlay(Role role, Type t) {
        return switch (role.sort()) {
            case TYPE -> true;
            case CLASS -> t.isOwn() && !t.isInterface();
            case CONCRETE_TYPE -> t.isOwn() && design.isConcrete(t);
            case ABSTRACTION ->
                design.isAbstraction(t)
                        ? t.isOwn() || !design.realisationsOf(t).isEmpty()
                        : t.kind() == Type.Kind.CLASS
                                && !design.realisationsOf(t).isEmpty();
        };
    }

    private boolean related(Type a, Type b) {
        return design.realises(a.id(), b.id()) || design.realises(b.id(), a.id());
    }

    private void complete(Binding roles, List<Candidate> all) {
        Binding derived = roles;
        for (Role role : pattern.roles()) {
            if (role.isMany()) {
                derived = derived.withRole(role.name(), playersOf(role, derived));
            }
        }
        List<Binding> withFields = List.of(derived);
        for (Member m : pattern.members()) {
            if (m.isField()) {
                withFields = withFields.stream()
                        .flatMap(b -> fieldChoices(m, b).stream())
                        .toList();
            }
        }
        for (Binding b : withFields) {
            Binding full = b;
            for (Member m : pattern.members()) {
                if (!m.isField()) {
                    full = full.withOperations(m.name(), operations(m, full));
                }
            }
            score(full, all);
        }
    }

    private List<Type> playersOf(Role role, Binding binding) {
        return design.types().stream()
                .filter(t -> judge.fits(t, new Predicate.IsA(role.sort()), binding))
                .filter(t -> judge.fits(t, role.derived(), binding))
                .toList();
    }

    private List<Binding> fieldChoices(Member member, Binding binding) {
        List<Field> fitting = binding.types(member.owner()).stream()
                .flatMap(t -> Members.fields(design, t).stream())
                .filter(f ->
                        member.that().isEmpty() || member.that().stream().anyMatch(p -> judge.mayFit(f, p, binding)))
                .distinct()
                .toList();
        List<Binding> choices = new ArrayList<>();
        fitting.forEach(f -> choices.add(binding.withField(member.name(), f)));
        choices.add(binding);
        return choices;
    }

    private List<Operation> operations(Member member, Binding binding) {
        List<List<Operation>> choices = binding.types(member.owner()).stream()
                .flatMap(t -> Members.candidates(design, t).stream())
                .toList();
        if (member.that().isEmpty()) {
            return choices.stream().filter(c -> !c.isEmpty()).findFirst().orElse(List.of());
        }
        for (Predicate p : member.that()) {
            for (List<Operation> candidates : choices) {
                List<Operation> found = judge.fitting(candidates, p, binding);
                if (!found.isEmpty()) {
                    return found;
                }
            }
        }
        return List.of();
    }

    private void score(Binding binding, List<Candidate> all) {
        double signs = 0;
        for (Sign s : pattern.signs()) {
            signs += s.weight() * judge.judge(s.condition(), binding).share();
        }
        double likeness = Likeness.of(pattern, binding) + homeliness(binding);
        for (int i = 0; i < pattern.forms().size(); i++) {
            Form form = pattern.forms().get(i);
            double sum = signs - i * FORM;
            for (Requirement r : pattern.requirementsOf(form)) {
                double weight = r.forbidden() ? r.points() * FORBIDDEN : r.points() + (r.essential() ? ESSENTIAL : 0);
                sum += weight * judge.judge(r, binding).share();
            }
            all.add(new Candidate(form, binding, sum - (isOnlyProgram(binding) ? PROGRAM : 0), likeness));
        }
    }

    /** Prefers the type that declares a member itself to one that inherits it. */
    private static double homeliness(Binding binding) {
        Set<String> bound = new LinkedHashSet<>();
        binding.roles().values().forEach(l -> l.forEach(t -> bound.add(t.id())));
        List<Operation> operations =
                binding.operations().values().stream().flatMap(List::stream).toList();
        long own = operations.stream().filter(o -> bound.contains(o.owner())).count();
        return operations.isEmpty() ? 0 : 2.0 * own / operations.size();
    }

    private boolean isOnlyProgram(Binding binding) {
        for (Role role : pattern.roles()) {
            List<Type> types = binding.types(role.name());
            if (role.isMany() || types.isEmpty()) {
                continue;
            }
            boolean starts = design.operationsOf(types.get(0)).stream().anyMatch(o -> o.role() == Operation.Role.ENTRY);
            List<Operation> bound = binding.operations().values().stream()
                    .flatMap(List::stream)
                    .filter(o -> o.owner().equals(types.get(0).id()))
                    .toList();
            if (starts && bound.stream().allMatch(Operation::isStatic)) {
                return true;
            }
        }
        return false;
    }

    /** Lets go of roles for which nothing speaks but that nothing speaks against them. */
    private Candidate onlySupported(Candidate best) {
        Set<String> supported = new LinkedHashSet<>();
        for (Requirement r : pattern.requirementsOf(best.form())) {
            if (!r.forbidden()) {
                r.conditions().forEach(c -> support(c, best.binding(), supported));
            }
        }
        pattern.signs().stream()
                .filter(s -> s.weight() >= 1)
                .forEach(s -> support(s.condition(), best.binding(), supported));
        Map<String, List<Type>> kept = new LinkedHashMap<>(best.binding().roles());
        kept.keySet().removeIf(role -> !supported.contains(role) && !pins.containsKey(role));
        Map<String, List<Operation>> operations =
                new LinkedHashMap<>(best.binding().operations());
        operations
                .keySet()
                .removeIf(m -> pattern.member(m)
                        .filter(x -> !kept.containsKey(x.owner()))
                        .isPresent());
        Map<String, List<Field>> fields = new LinkedHashMap<>(best.binding().fields());
        fields.keySet()
                .removeIf(m -> pattern.member(m)
                        .filter(x -> !kept.containsKey(x.owner()))
                        .isPresent());
        return new Candidate(best.form(), new Binding(kept, operations, fields), best.score(), best.likeness());
    }

    private void support(Condition condition, Binding binding, Set<String> supported) {
        Status status = judge.status(condition, binding);
        if (condition.predicate() instanceof Predicate.IsA
                || status == Status.UNMET
                || status == Status.NOT_APPLICABLE) {
            return;
        }
        supported.add(ownerOf(condition.subject()));
        if (condition.predicate() instanceof Predicate.Realises r) {
            supported.add(r.role());
        } else if (condition.predicate() instanceof Predicate.IsOfType t) {
            supported.add(t.role());
        } else if (condition.predicate() instanceof Predicate.Takes t) {
            supported.add(t.role());
        } else if (condition.predicate() instanceof Predicate.Calls c) {
            supported.add(ownerOf(c.operation()));
        }
    }

    private String ownerOf(String name) {
        return pattern.member(name).map(Member::owner).orElse(name);
    }

    private boolean isOther(Binding a, Binding b) {
        return pattern.roles().stream().filter(r -> !r.isMany()).anyMatch(r -> {
            List<Type> x = a.types(r.name());
            List<Type> y = b.types(r.name());
            return !x.isEmpty() && !y.isEmpty() && !x.equals(y) && !related(x.get(0), y.get(0));
        });
    }

    private String said(Binding binding) {
        return pattern.roles().stream()
                .filter(r -> !r.isMany() && !binding.types(r.name()).isEmpty())
                .map(r -> binding.types(r.name()).get(0).name() + " as " + r.name())
                .collect(Collectors.joining(", "));
    }

    private String key(Binding binding) {
        return pattern.roles().stream()
                .map(r -> binding.types(r.name()).stream().map(Type::id).collect(Collectors.joining(",")))
                .collect(Collectors.joining(";"));
    }
}
