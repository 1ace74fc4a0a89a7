package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Quantities;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.matching.relation.Analyses;
import hausaufgabe.core.matching.relation.Doubt;
import hausaufgabe.core.matching.relation.JudgedRelation;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import hausaufgabe.core.notation.PatternPrinter;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation.Subject;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Judges requirements and conditions of a pattern against a design, for a given binding. */
public final class Judge {

    /** What a question costs beside the facts that are looked at for it, in such facts. */
    private static final int STEPS_A_QUESTION = 50;
    /** What a step in following a value costs, in such facts. */
    private static final int STEPS_A_VALUE = 10;

    private final DesignPattern pattern;
    private final Design design;
    private final boolean quiet;
    private final Map<String, DesignPattern.Role> roles = new HashMap<>();
    private final Map<String, DesignPattern.Member> members = new HashMap<>();
    private final Set<String> optional = new HashSet<>();
    private final Doubt doubt;
    private final Analyses analyses;
    private final long before;
    private long asked;

    /** @param starter the code that was handed out; null where there was none */
    public Judge(DesignPattern pattern, Design design, @Nullable Design starter) {
        this(pattern, design, starter, false);
    }

    /** @param quiet whether reasons need not be put into words, as during a search */
    Judge(DesignPattern pattern, Design design, @Nullable Design starter, boolean quiet) {
        this.pattern = pattern;
        this.design = design;
        this.quiet = quiet;
        pattern.roles().forEach(r -> roles.put(r.name(), r));
        pattern.members().forEach(m -> members.put(m.name(), m));
        pattern.roles().stream().filter(DesignPattern.Role::optional).forEach(r -> optional.add(r.name()));
        pattern.members().stream().filter(DesignPattern.Member::optional).forEach(m -> optional.add(m.name()));
        this.analyses = new Analyses(design, starter);
        this.before = design.bodies().steps();
        this.doubt = new Doubt(design);
    }

    /** How much was done so far: relations asked about, and facts looked at for them. */
    long steps() {
        return asked * STEPS_A_QUESTION + analyses.lookedAt() + (design.bodies().steps() - before) * STEPS_A_VALUE;
    }

    Wording wording(Binding binding) {
        return new Wording(pattern, binding, quiet);
    }

    /** How a requirement stands, with sentence, reason, evidence and points proposed. */
    public Finding finding(Requirement requirement, Binding binding) {
        Judgement j = judge(requirement, binding);
        Sentence hint = requirement.hint().isEmpty() || j.is(Status.MET) || j.is(Status.NOT_APPLICABLE)
                ? Sentence.NONE
                : wording(binding).fill(requirement.hint());
        return new Finding(
                requirement.id(),
                wording(binding).fill(requirement.text()),
                j.status(),
                requirement.essential(),
                requirement.points(),
                Marking.earned(j.status(), requirement.points(), j.share()),
                j.why().then(hint),
                j.evidence(),
                List.of());
    }

    /** Whether a condition holds. */
    public Status status(Condition condition, Binding binding) {
        return judge(condition, binding).status();
    }

    /** Whether every one of the conditions holds, or may. */
    boolean mayHold(List<Condition> conditions, Binding binding) {
        return conditions.stream().map(c -> status(c, binding)).allMatch(s -> s == Status.MET || s == Status.UNCLEAR);
    }

    Judgement judge(Requirement requirement, Binding binding) {
        if (!mayHold(requirement.when(), binding)) {
            return notApplicable(wording(binding).say("There is nothing here that this is asked of."));
        }
        List<Judgement> all = requirement.conditions().stream()
                .map(c -> requirement.forbidden() ? forbidden(c, binding) : judge(c, binding))
                .toList();
        Status status = worstOf(all.stream().map(Judgement::status).toList());
        List<Judgement> deciding = status == Status.MET
                ? all
                : all.stream().filter(j -> j.is(status)).toList();
        Sentence why = deciding.stream().map(Judgement::why).distinct().reduce(Sentence.NONE, Sentence::then);
        double share = all.stream().mapToDouble(Judgement::share).min().orElse(1);
        return new Judgement(status, share, why, Judgement.join(deciding));
    }

    private Judgement forbidden(Condition condition, Binding binding) {
        Judgement missing = missing(condition, binding);
        if (missing != null) {
            // what is not there cannot do what it must not do
            DesignPattern.Role role = roles.get(condition.subject());
            boolean one = role != null && !role.many();
            return one ? missing : notApplicable(missing.why());
        }
        Condition some = condition.quantity() == DesignPattern.Quantity.EVERY
                ? new Condition(
                        DesignPattern.Quantity.SOME, 0, condition.subject(), condition.predicate(), condition.alone())
                : condition;
        return judge(some, binding).forbidden();
    }

    private static Status worstOf(List<Status> all) {
        for (Status s : List.of(Status.UNMET, Status.PARTLY, Status.UNCLEAR)) {
            if (all.contains(s)) {
                return s;
            }
        }
        boolean none = !all.isEmpty() && all.stream().allMatch(s -> s == Status.NOT_APPLICABLE);
        return none ? Status.NOT_APPLICABLE : Status.MET;
    }

    /** What is to be said when nothing plays the subject; null when something does. */
    private @Nullable Judgement missing(Condition condition, Binding binding) {
        String subject = condition.subject();
        if (!optional.isEmpty()) {
            for (String name : condition.predicate().mentions()) {
                Judgement absent = absentOptional(name, binding);
                if (absent != null) {
                    return absent;
                }
            }
            Judgement absent = absentOptional(subject, binding);
            if (absent != null) {
                return absent;
            }
        }
        Wording w = wording(binding);
        DesignPattern.Role role = roles.get(subject);
        if (role != null && binding.types(subject).isEmpty()) {
            return doubt.aboutRole(
                    Judgement.unmet(w.say("No type was found that plays " + subject + "."), List.of()), w);
        }
        DesignPattern.Member member = members.get(subject);
        if (member != null && isAbsent(subject, binding)) {
            Judgement none = Judgement.unmet(missingMember(member, binding, w), ownerPlace(member, binding));
            List<Type> owners = binding.types(member.owner());
            return owners.isEmpty() ? doubt.aboutRole(none, w) : doubt.aboutMember(none, owners, w);
        }
        return null;
    }

    private static boolean isAbsent(String member, Binding binding) {
        return binding.operations(member).isEmpty() && binding.fields(member).isEmpty();
    }

    private @Nullable Judgement absentOptional(String name, Binding binding) {
        if (!optional.contains(name)) {
            return null;
        }
        Wording w = wording(binding);
        DesignPattern.Role role = roles.get(name);
        if (role != null && binding.types(name).isEmpty()) {
            return notApplicable(w.say("Nothing here plays " + name + ", and nothing has to."));
        }
        DesignPattern.Member member = members.get(name);
        if (member != null && isAbsent(name, binding)) {
            return notApplicable(w.say("There is no " + Wording.spaced(name) + ", and there need not be."));
        }
        return null;
    }

    private static Judgement notApplicable(Sentence why) {
        return new Judgement(Status.NOT_APPLICABLE, 1, why, List.of());
    }

    private Sentence missingMember(DesignPattern.Member member, Binding binding, Wording w) {
        if (quiet) {
            return Sentence.NONE;
        }
        List<Type> owner = binding.types(member.owner());
        if (owner.isEmpty()) {
            return w.say("No type was found that plays " + member.owner() + ".");
        }
        String kind = member.isField() ? "field" : "operation";
        if (!member.doc().isEmpty()) {
            return w.say("No " + kind + " of ", owner, " " + member.doc() + ".");
        }
        if (member.that().isEmpty()) {
            return w.say("There is no " + kind + " in ", owner, ".");
        }
        Sentence wanted = w.fill(asText(member.that().get(0)));
        return w.say("No " + kind + " of ", owner, " ", uncapitalised(wanted), ".");
    }

    /** The predicate as the notation writes it, its names in braces so that they are filled in. */
    private String asText(Predicate predicate) {
        String text = PatternPrinter.predicate(predicate, false);
        for (String name : predicate.mentions()) {
            boolean number = Character.isDigit(name.charAt(0));
            text = number ? text : text.replaceFirst("(?<![{\\w])" + name + "(?![}\\w])", "{" + name + "}");
        }
        return text;
    }

    private static Sentence uncapitalised(Sentence s) {
        List<Sentence.Piece> pieces = new ArrayList<>(s.pieces());
        if (!pieces.isEmpty()
                && !pieces.get(0).isCode()
                && !pieces.get(0).text().isEmpty()) {
            String text = pieces.get(0).text();
            pieces.set(
                    0,
                    new Sentence.Piece(
                            text.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + text.substring(1), false, null));
        }
        return new Sentence(List.copyOf(pieces));
    }

    private static List<Evidence> ownerPlace(DesignPattern.Member member, Binding binding) {
        return binding.types(member.owner()).stream()
                .filter(t -> t.span() != null)
                .map(t ->
                        new Evidence(t.span().file(), t.span().line(), t.span().line(), "declared here"))
                .toList();
    }

    Judgement judge(Condition condition, Binding binding) {
        Judgement missing = missing(condition, binding);
        if (missing != null) {
            return missing(condition, binding, missing);
        }
        List<Judgement> each = new ArrayList<>();
        String subject = condition.subject();
        Predicate p = condition.predicate();
        binding.types(subject).forEach(t -> each.add(judge(t, p, binding)));
        binding.operations(subject).forEach(o -> each.add(judge(o, p, binding)));
        binding.fields(subject).forEach(f -> each.add(judge(f, p, binding)));
        each.removeIf(j -> j.is(Status.NOT_APPLICABLE) && each.size() > 1);
        Judgement found = saidOfNobody(
                new Quantities(wording(binding)).judge(condition, each, binding.types(subject)), p, binding);
        return condition.alone() && found.is(Status.MET) ? nowhereElse(condition, binding, found) : found;
    }

    /** Where it does not hold because nothing plays what it mentions, that is what is to be told. */
    private Judgement saidOfNobody(Judgement found, Predicate predicate, Binding binding) {
        if (quiet || !found.is(Status.UNMET)) {
            return found;
        }
        return predicate.mentions().stream()
                .filter(name -> roles.containsKey(name) && binding.types(name).isEmpty())
                .findFirst()
                .map(name -> Judgement.unmet(
                        wording(binding).say("No type was found that plays " + name + "."), found.evidence()))
                .orElse(found);
    }

    /** Where there is no subject, what is said of a number of them can still be judged. */
    private Judgement missing(Condition condition, Binding binding, Judgement missing) {
        DesignPattern.Role role = roles.get(condition.subject());
        boolean many = role != null && role.many();
        boolean none = many && binding.types(condition.subject()).isEmpty();
        if (none && condition.quantity() == DesignPattern.Quantity.NO) {
            return Judgement.met(missing.why(), List.of());
        }
        boolean counted = many && missing.is(Status.UNMET);
        return counted && (condition.quantity().counts() || condition.quantity() == DesignPattern.Quantity.NO)
                ? new Quantities(wording(binding)).judge(condition, List.of(), List.of())
                : missing;
    }

    private Judgement nowhereElse(Condition condition, Binding binding, Judgement found) {
        List<Operation> own = new ArrayList<>(binding.operations(condition.subject()));
        List<Evidence> others = new ArrayList<>();
        for (Operation o : design.operations()) {
            boolean mine = own.contains(o) || o.role() == Operation.Role.ENTRY;
            if (!mine && own.stream().noneMatch(x -> design.isSameCall(o.id(), x))) {
                Judgement j = judge(o, condition.predicate(), binding);
                if (j.is(Status.MET)) {
                    others.addAll(j.evidence());
                }
            }
        }
        return others.isEmpty()
                ? found
                : Judgement.unmet(
                        wording(binding).say("This is also done elsewhere."),
                        others.stream().distinct().toList());
    }

    /** The operations of {@code candidates} that satisfy the predicate; where none surely does, those that may. */
    List<Operation> fitting(List<Operation> candidates, Predicate predicate, Binding binding) {
        List<Operation> maybe = new ArrayList<>();
        List<Operation> sure = new ArrayList<>();
        for (Operation o : candidates) {
            Status s = judge(o, predicate, binding).status();
            if (s == Status.MET) {
                sure.add(o);
            } else if (s == Status.UNCLEAR) {
                maybe.add(o);
            }
        }
        return sure.isEmpty() ? maybe : sure;
    }

    boolean mayFit(Field field, Predicate predicate, Binding binding) {
        Status s = judge(field, predicate, binding).status();
        return s == Status.MET || s == Status.UNCLEAR;
    }

    boolean isOfSort(Type type, DesignPattern.TypeSort sort) {
        return analyses.types().isOfSort(type, sort);
    }

    /** The types of {@code candidates} that satisfy the predicate; where none surely does, those of which it is not known. */
    List<Type> fittingTypes(List<Type> candidates, Predicate predicate, Binding binding) {
        List<Type> sure = new ArrayList<>();
        List<Type> maybe = new ArrayList<>();
        for (Type t : candidates) {
            Judgement j = judge(t, predicate, binding);
            if (j.is(Status.MET)) {
                sure.add(t);
            } else if (j.is(Status.UNCLEAR) && !design.unresolved().isEmpty()) {
                maybe.add(t);
            }
        }
        return sure.isEmpty() ? maybe : sure;
    }

    private interface Ask {
        Judgement ask(Predicate predicate);
    }

    private Judgement combine(Predicate predicate, Ask ask) {
        if (predicate instanceof Predicate.All all) {
            List<Judgement> parts = new ArrayList<>();
            for (Predicate p : all.parts()) {
                Judgement j = combine(p, ask);
                parts.add(j);
                if (j.is(Status.UNMET)) {
                    return j;
                }
            }
            Status worst = worstOf(parts.stream().map(Judgement::status).toList());
            return parts.stream().filter(j -> j.is(worst)).findFirst().orElse(parts.get(0));
        }
        if (predicate instanceof Predicate.Not not) {
            return combine(not.of(), ask).forbidden();
        }
        asked++;
        return ask.ask(predicate);
    }

    private Judgement judge(Type type, Predicate predicate, Binding binding) {
        Wording w = wording(binding);
        return combine(predicate, p -> {
            if (p instanceof Predicate.IsA is) {
                return analyses.types().isA(type, is.sort(), w);
            }
            Query q = new Query((Predicate.Says) p, binding, w);
            JudgedRelation relation = relation(q);
            return relation.isSaidOf(Subject.TYPE)
                    ? doubt.about(relation.judge(analyses, type, q), relation, type, q)
                    : new Quantities(w)
                            .some(analyses.types().everythingIn(type).stream()
                                    .map(o -> doubt.about(relation.judge(analyses, o, q), relation, o, q))
                                    .toList());
        });
    }

    private Judgement judge(Operation operation, Predicate predicate, Binding binding) {
        return combine(predicate, p -> {
            Query q = new Query((Predicate.Says) p, binding, wording(binding));
            JudgedRelation relation = relation(q);
            return doubt.about(relation.judge(analyses, operation, q), relation, operation, q);
        });
    }

    private Judgement judge(Field field, Predicate predicate, Binding binding) {
        return combine(predicate, p -> {
            Query q = new Query((Predicate.Says) p, binding, wording(binding));
            JudgedRelation relation = relation(q);
            return doubt.about(relation.judge(analyses, field, q), relation, field, q);
        });
    }

    /** Patterns are read with the vocabulary of relations that can be judged. */
    private static JudgedRelation relation(Query q) {
        return (JudgedRelation) q.says().relation();
    }
}
