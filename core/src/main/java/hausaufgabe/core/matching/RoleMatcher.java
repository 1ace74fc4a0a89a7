package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.MentionGraph;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.analysis.RoleMembers;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Member;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import hausaufgabe.core.notation.DesignPattern.Role;
import hausaufgabe.core.notation.DesignPattern.Sign;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.NearMatch;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Finds the binding of roles and members which satisfies the most, essentials first. Roles and fields of which there is one
 * are searched, what is said of every type or operation follows from them, in the order of the pattern. All bindings of types
 * that know each other are looked at, so the cost is the number of such pairs; a submission's own order of files does not
 * matter, since equals are told apart by name.
 */
public final class RoleMatcher {
    /** What an essential requirement counts more than its points. */
    private static final double ESSENTIAL = 4;
    /** What a requirement that forbids counts, of its points: it is kept by most types that have nothing to do with it. */
    private static final double FORBIDDEN = 0.25;
    /** What an earlier form is preferred by. */
    private static final double FORM = 0.1;
    /** Scores closer than this are a tie. */
    private static final double TIE = 0.05;
    /** How many steps a search may take: counted, so that a busy machine comes to the same end as an idle one. */
    private static final long MOST_STEPS = 30_000_000;
    /** Candidates kept for ties and further instances; the best are. */
    private static final int KEPT = 200;
    /** How many types are named that might have played a role instead. */
    private static final int NEAR = 3;

    private final DesignPattern pattern;
    private final Design design;
    private final Judge judge;
    private final Judge aloud;
    private final MentionGraph mentions;
    private final CandidateFilter narrowing;
    private final Map<String, List<String>> pins;
    private final long most;
    private final Map<Form, List<Requirement>> asked = new IdentityHashMap<>();
    private final List<Candidate> all = new ArrayList<>();
    private final Map<String, Role> roles = new HashMap<>();
    private boolean stopped;

    private record Candidate(Form form, Binding binding, double score, double likeness, String key) {}

    private static final Comparator<Candidate> BEST_FIRST = Comparator.comparingDouble(Candidate::score)
            .thenComparingDouble(Candidate::likeness)
            .reversed()
            .thenComparing(Candidate::key);

    private RoleMatcher(
            DesignPattern pattern, Design design, @Nullable Design starter, Map<String, List<String>> pins, long most) {
        this.pattern = pattern;
        this.design = design;
        this.judge = new Judge(pattern, design, starter, true);
        this.aloud = new Judge(pattern, design, starter);
        this.mentions = design.mentions();
        this.narrowing = new CandidateFilter(design, mentions, judge);
        pattern.roles().forEach(r -> roles.put(r.name(), r));
        pattern.forms().forEach(f -> asked.put(f, pattern.requirementsOf(f)));
        this.pins = pins;
        this.most = most;
    }

    /**
     * @param starter the code that was handed out, for what is compared with it; null where there was none
     * @param pins role names to names of types, or their ids, that a brief or a person has fixed; may be empty
     * @return the best of all bindings, or of those that {@value #MOST_STEPS} steps are enough to look at
     */
    public static Match match(
            DesignPattern pattern, Design design, @Nullable Design starter, Map<String, List<String>> pins) {
        return match(pattern, design, starter, pins, MOST_STEPS);
    }

    /** @param most how many steps may be taken before the best so far is given */
    public static Match match(
            DesignPattern pattern, Design design, @Nullable Design starter, Map<String, List<String>> pins, long most) {
        return new RoleMatcher(pattern, design, starter, pins, most).best();
    }

    private Match best() {
        search(0, Binding.EMPTY);
        all.sort(BEST_FIRST);
        Candidate first = all.get(0);
        Binding binding = new SupportFilter(pattern, aloud, pins).onlySupported(first.form(), first.binding());
        Candidate best = new Candidate(first.form(), binding, first.score(), first.likeness(), first.key());
        List<Finding> findings = requirements(best.form()).stream()
                .map(r -> aloud.finding(r, best.binding()))
                .map(f -> stopped ? uncertain(f) : f)
                .toList();
        List<Finding> remarks = pattern.remarks().stream()
                .map(r -> aloud.finding(r, best.binding()))
                .filter(f -> f.status() == Status.MET)
                .toList();
        boolean bound = best.binding().roles().values().stream().anyMatch(l -> !l.isEmpty());
        boolean whole = findings.stream().noneMatch(f -> f.status() == Status.UNMET || f.status() == Status.PARTLY);
        List<Candidate> others = all.stream()
                .skip(1)
                .filter(c -> isOther(c.binding(), first.binding()))
                .toList();
        List<String> alternatives = others.stream()
                .filter(c -> first.score() - c.score() < TIE)
                .filter(c -> !whole || overlap(c.binding(), first.binding()))
                .map(c -> said(c.binding()))
                .distinct()
                .limit(5)
                .toList();
        return new Match(
                best.form(),
                best.score(),
                best.binding(),
                findings,
                remarks,
                bound && !alternatives.isEmpty(),
                bound ? alternatives : List.of(),
                bound ? near(best, findings) : List.of(),
                bound && whole ? instances(first, others) : List.of(),
                stopped);
    }

    /**
     * For each role of one type, the types that come next after the one that was taken, with what would be lost. A type that
     * plays another role already is none.
     */
    private List<NearMatch> near(Candidate best, List<Finding> findings) {
        Set<Type> taken = new LinkedHashSet<>();
        best.binding().roles().values().forEach(taken::addAll);
        List<NearMatch> near = new ArrayList<>();
        for (Role role : pattern.roles()) {
            if (role.many() || pins.containsKey(role.name())) {
                continue;
            }
            Set<Type> told = new LinkedHashSet<>(taken);
            for (Candidate c : all) {
                Type other = c.binding().type(role.name()).orElse(null);
                if (other != null && told.size() < taken.size() + NEAR && told.add(other)) {
                    near.add(new NearMatch(role.name(), other.name(), other.id(), against(c, findings)));
                }
            }
        }
        return List.copyOf(near);
    }

    /** What holds as the roles were given and would not hold with those of another candidate; else that it fits less well. */
    private Sentence against(Candidate other, List<Finding> findings) {
        Set<String> met = findings.stream()
                .filter(f -> f.status() == Status.MET)
                .map(Finding::id)
                .collect(Collectors.toSet());
        return requirements(other.form()).stream()
                .filter(r -> met.contains(r.id()))
                .map(r -> aloud.finding(r, other.binding()))
                .filter(f -> f.status() == Status.UNMET || f.status() == Status.PARTLY)
                .map(Finding::explanation)
                .findFirst()
                .orElseGet(() -> Sentence.words("It fits as well; the other was taken by its place or its name."));
    }

    /** Where not everything was looked at, what was not found may be there. */
    private static Finding uncertain(Finding f) {
        return f.status() == Status.UNMET || f.status() == Status.PARTLY
                ? f.unclear(Sentence.words("The search was stopped before all of this program was looked at."))
                : f;
    }

    /** Bindings of other types that satisfy everything as well, one for each set of types. */
    private List<String> instances(Candidate first, List<Candidate> others) {
        List<Candidate> found = new ArrayList<>(List.of(first));
        for (Candidate c : others) {
            boolean apart = found.stream().noneMatch(f -> overlap(f.binding(), c.binding()));
            if (apart && requirements(c.form()).stream().allMatch(r -> holds(r, c.binding()))) {
                found.add(c);
            }
        }
        return found.stream().skip(1).map(c -> said(c.binding())).toList();
    }

    private boolean holds(Requirement r, Binding binding) {
        Status s = judge.judge(r, binding).status();
        return s == Status.MET || s == Status.NOT_APPLICABLE;
    }

    private static boolean overlap(Binding a, Binding b) {
        Set<Type> types = new LinkedHashSet<>();
        a.roles().values().forEach(types::addAll);
        return b.roles().values().stream().flatMap(List::stream).anyMatch(types::contains);
    }

    private List<Requirement> requirements(Form form) {
        return asked.getOrDefault(form, List.of());
    }

    private void search(int at, Binding binding) {
        if (!all.isEmpty() && judge.steps() > most) {
            stopped = true;
            return;
        }
        if (at == pattern.order().size()) {
            score(binding);
            return;
        }
        String name = pattern.order().get(at);
        Role role = roles.get(name);
        if (role != null) {
            if (role.many()) {
                search(at + 1, binding.withRole(name, playersOf(role, binding)));
                return;
            }
            List<Type> candidates = candidates(role, binding);
            for (Type t : candidates) {
                search(at + 1, binding.withRole(name, List.of(t)));
            }
            if (!pins.containsKey(name) || candidates.isEmpty()) {
                search(at + 1, binding);
            }
            return;
        }
        Member member = pattern.member(name).orElseThrow();
        if (!member.isField()) {
            search(at + 1, binding.withOperations(name, operations(member, binding)));
        } else if (member.many()) {
            search(at + 1, binding.withFields(name, fields(member, binding)));
        } else {
            for (Field f : fields(member, binding)) {
                search(at + 1, binding.withFields(name, List.of(f)));
            }
            search(at + 1, binding);
        }
    }

    private List<Type> candidates(Role role, Binding binding) {
        if (pins.containsKey(role.name())) {
            return pinned(role);
        }
        List<Type> bound = pattern.roles().stream()
                .filter(r -> !r.many())
                .flatMap(r -> binding.types(r.name()).stream())
                .toList();
        // types of one line play different roles only where the pattern says how they are related
        boolean says = role.that().stream().anyMatch(p -> !p.mentions().isEmpty());
        Set<Type> near = bound.isEmpty() ? null : known(bound);
        List<Type> open = (near == null ? design.types() : near)
                .stream()
                        .filter(t -> t.isNamed() && mayPlay(role, t))
                        .filter(t -> says || bound.stream().noneMatch(b -> b.equals(t) || related(b, t)))
                        .sorted(Comparator.comparingInt(design::place))
                        .toList();
        if (role.that().isEmpty()) {
            return open;
        }
        Set<Type> fitting = new LinkedHashSet<>();
        role.that().forEach(p -> fitting.addAll(judge.fittingTypes(open, p, binding)));
        return open.stream().filter(fitting::contains).toList();
    }

    private List<Type> pinned(Role role) {
        return pins.getOrDefault(role.name(), List.of()).stream()
                .flatMap(name -> design.typesNamed(name).stream())
                .distinct()
                .toList();
    }

    /** The types that mention one of those, or that one of those mentions. */
    private Set<Type> known(List<Type> bound) {
        Set<Type> known = mentions.mentioning(bound);
        known.addAll(mentions.mentioned(bound));
        return known;
    }

    private boolean mayPlay(Role role, Type t) {
        boolean base = t.kind() == Type.Kind.CLASS && !design.realisationsOf(t).isEmpty();
        return switch (role.sort()) {
            case ABSTRACTION ->
                design.isAbstraction(t) ? t.isOwn() || !design.realisationsOf(t).isEmpty() : base;
            default -> judge.isOfSort(t, role.sort());
        };
    }

    private boolean related(Type a, Type b) {
        return design.realises(a.id(), b.id()) || design.realises(b.id(), a.id());
    }

    private List<Type> playersOf(Role role, Binding binding) {
        if (pins.containsKey(role.name())) {
            return pinned(role);
        }
        for (int i = 0; i < role.that().size(); i++) {
            Predicate p = role.that().get(i);
            // where nothing else tells, the name may
            boolean byName =
                    i > 0 && i == role.that().size() - 1 && !role.like().isEmpty();
            List<Type> named = narrowing.candidates(role.sort(), p, binding).stream()
                    .filter(t -> !byName || NameLikeness.isLike(role, t))
                    .toList();
            List<Type> found = judge.fittingTypes(named, p, binding);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    private List<Field> fields(Member member, Binding binding) {
        List<Field> own = binding.types(member.owner()).stream()
                .flatMap(t -> RoleMembers.fields(design, t).stream())
                .distinct()
                .toList();
        if (member.that().isEmpty()) {
            return own;
        }
        for (Predicate p : member.that()) {
            List<Field> found =
                    own.stream().filter(f -> judge.mayFit(f, p, binding)).toList();
            if (!found.isEmpty() || !member.many()) {
                return found.isEmpty()
                        ? own.stream()
                                .filter(f -> member.that().stream().anyMatch(x -> judge.mayFit(f, x, binding)))
                                .toList()
                        : found;
            }
        }
        return List.of();
    }

    private List<Operation> operations(Member member, Binding binding) {
        List<Operation> found = operations(member, binding, member.owner());
        return found.isEmpty() && member.orOf() != null ? operations(member, binding, member.orOf()) : found;
    }

    private List<Operation> operations(Member member, Binding binding, String owner) {
        List<Operation> open = new ArrayList<>();
        List<Operation> closed = new ArrayList<>();
        for (Type t : binding.types(owner)) {
            List<List<Operation>> candidates = RoleMembers.candidates(design, t);
            open.addAll(candidates.get(0));
            closed.addAll(candidates.get(1));
        }
        if (member.closed()) {
            open.addAll(closed);
            closed.clear();
        }
        List<Operation> mine = open.stream().distinct().toList();
        List<Operation> hidden = closed.stream().distinct().toList();
        if (member.that().isEmpty()) {
            return mine.isEmpty() ? hidden : mine;
        }
        for (int i = 0; i < member.that().size(); i++) {
            Predicate p = member.that().get(i);
            // where nothing else tells, the name may
            boolean byName =
                    i > 0 && i == member.that().size() - 1 && !member.like().isEmpty();
            for (List<Operation> candidates : List.of(mine, hidden)) {
                List<Operation> named = byName
                        ? candidates.stream()
                                .filter(o -> NameLikeness.isLike(member.like(), o.name()))
                                .toList()
                        : candidates;
                List<Operation> found = judge.fitting(named, p, binding);
                if (!found.isEmpty()) {
                    return found;
                }
            }
        }
        return List.of();
    }

    private void score(Binding binding) {
        double signs = 0;
        for (Sign s : pattern.signs()) {
            signs += s.weight() * judge.judge(s.condition(), binding).share();
        }
        double likeness = NameLikeness.of(pattern, binding) + homeliness(binding);
        Map<Requirement, Double> shares = new IdentityHashMap<>();
        String key = key(binding);
        List<Form> forms = pattern.forms().stream()
                .filter(f -> judge.mayHold(f.when(), binding))
                .toList();
        // a binding of which no form is said is still one of the first, if a poor one
        for (Form form : forms.isEmpty() ? pattern.forms().subList(0, 1) : forms) {
            // a form that says when it is meant is meant when it says so
            int place = form.when().isEmpty() || forms.isEmpty()
                    ? pattern.forms().size()
                    : pattern.forms().indexOf(form);
            double sum = signs - place * FORM;
            for (Requirement r : requirements(form)) {
                double weight = r.forbidden() ? r.points() * FORBIDDEN : r.points() + (r.essential() ? ESSENTIAL : 0);
                sum += weight * shares.computeIfAbsent(r, x -> share(x, binding));
            }
            all.add(new Candidate(form, binding, sum, likeness, key));
        }
        if (all.size() > 2 * KEPT) {
            all.sort(BEST_FIRST);
            all.subList(KEPT, all.size()).clear();
        }
    }

    /** What does not apply speaks neither for a binding nor against it, unless it is there to forbid. */
    private double share(Requirement r, Binding binding) {
        Judgement j = judge.judge(r, binding);
        return j.is(Status.NOT_APPLICABLE) && !r.forbidden() ? 0 : j.share();
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

    private boolean isOther(Binding a, Binding b) {
        return pattern.roles().stream().filter(r -> !r.many()).anyMatch(r -> {
            List<Type> x = a.types(r.name());
            List<Type> y = b.types(r.name());
            return !x.isEmpty() && !y.isEmpty() && !x.equals(y) && !related(x.get(0), y.get(0));
        });
    }

    private String said(Binding binding) {
        return pattern.roles().stream()
                .filter(r -> !r.many() && !binding.types(r.name()).isEmpty())
                .map(r -> binding.types(r.name()).get(0).name() + " as " + r.name())
                .collect(Collectors.joining(", "));
    }

    private String key(Binding binding) {
        return pattern.roles().stream()
                .map(r -> binding.types(r.name()).stream().map(Type::id).collect(Collectors.joining(",")))
                .collect(Collectors.joining(";"));
    }
}
