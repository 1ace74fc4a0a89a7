package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Quantity;
import hausaufgabe.core.notation.Pattern.Requirement;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.List;

/** Judges requirements and conditions of a pattern against a design, for a given binding. */
public final class Judge {

    private final Pattern pattern;
    private final TypePredicates types;
    private final FieldPredicates fields;
    private final OperationPredicates operations;

    public Judge(Pattern pattern, Design design) {
        this.pattern = pattern;
        Reach reach = new Reach(design);
        this.types = new TypePredicates(pattern, design, reach);
        this.fields = new FieldPredicates(pattern, design);
        this.operations = new OperationPredicates(pattern, design, reach);
    }

    /** How a requirement stands, with sentence, reason, evidence and points proposed. */
    public Finding finding(Requirement requirement, Binding binding) {
        Judgement j = judge(requirement, binding);
        return new Finding(
                requirement.id(),
                new Wording(pattern, binding).fill(requirement.text()),
                j.status(),
                requirement.essential(),
                requirement.points(),
                Marking.earned(j.status(), requirement.points(), j.share()),
                j.why(),
                j.evidence());
    }

    /** Whether a condition holds. */
    public Status status(Condition condition, Binding binding) {
        return judge(condition, binding).status();
    }

    Judgement judge(Requirement requirement, Binding binding) {
        List<Judgement> all = requirement.conditions().stream()
                .map(c -> requirement.forbidden() ? forbidden(c, binding) : judge(c, binding))
                .toList();
        Status status = worst(all);
        List<Judgement> deciding = status == Status.MET
                ? all
                : all.stream().filter(j -> j.is(status)).toList();
        Sentence why = deciding.stream().map(Judgement::why).reduce(Sentence.NONE, Sentence::then);
        double share = all.stream().mapToDouble(Judgement::share).min().orElse(1);
        return new Judgement(status, share, why, Judgement.join(deciding));
    }

    private Judgement forbidden(Condition condition, Binding binding) {
        Judgement missing = missing(condition, binding);
        return missing != null ? missing : judge(condition, binding).forbidden();
    }

    private static Status worst(List<Judgement> all) {
        return worstOf(all.stream().map(Judgement::status).toList());
    }

    private static Status worstOf(List<Status> all) {
        for (Status s : List.of(Status.UNMET, Status.PARTLY, Status.UNCLEAR, Status.NOT_APPLICABLE)) {
            if (all.contains(s)) {
                return s;
            }
        }
        return Status.MET;
    }

    /** What is to be said when nothing plays the subject; null when something does. */
    private Judgement missing(Condition condition, Binding binding) {
        String subject = condition.subject();
        Wording w = new Wording(pattern, binding);
        Pattern.Role role = pattern.role(subject).orElse(null);
        if (role != null && binding.types(subject).isEmpty()) {
            return role.optional()
                    ? notApplicable(w.say("Nothing here plays " + subject + ", and nothing has to."))
                    : Judgement.unmet(w.say("No type was found that plays " + subject + "."), List.of());
        }
        Pattern.Member member = pattern.member(subject).orElse(null);
        if (member != null
                && binding.operations(subject).isEmpty()
                && binding.fields(subject).isEmpty()) {
            if (member.optional()) {
                return notApplicable(w.say("There is no " + Wording.spaced(subject) + ", and there need not be."));
            }
            return Judgement.unmet(missingMember(member, binding, w), ownerPlace(member, binding));
        }
        return null;
    }

    private static Judgement notApplicable(Sentence why) {
        return new Judgement(Status.NOT_APPLICABLE, 1, why, List.of());
    }

    private Sentence missingMember(Pattern.Member member, Binding binding, Wording w) {
        List<Type> owner = binding.types(member.owner());
        if (owner.isEmpty()) {
            return w.say("No type was found that plays " + member.owner() + ".");
        }
        Object wanted = member.that().isEmpty() ? "" : describe(member.that().get(0), binding, w);
        return w.say("No " + (member.isField() ? "field" : "operation") + " of ", owner, " ", wanted, ".");
    }

    private static List<hausaufgabe.core.report.Evidence> ownerPlace(Pattern.Member member, Binding binding) {
        return binding.types(member.owner()).stream()
                .filter(t -> t.span() != null)
                .map(t -> new hausaufgabe.core.report.Evidence(
                        t.span().file(), t.span().line(), t.span().line(), "declared here"))
                .toList();
    }

    private Sentence describe(Predicate p, Binding binding, Wording w) {
        if (p instanceof Predicate.LeadsTo l) {
            return w.say("has the type ", orName(binding.types(l.role()), l.role()), " or leads to one");
        }
        if (p instanceof Predicate.Calls c) {
            return w.say("calls ", orName(binding.operations(c.operation()), "an algorithm"));
        }
        return w.say("fits");
    }

    private static Object orName(List<?> bound, String otherwise) {
        return bound.isEmpty() ? otherwise : bound;
    }

    Judgement judge(Condition condition, Binding binding) {
        Judgement missing = missing(condition, binding);
        if (missing != null) {
            boolean none = condition.quantity() == Quantity.AT_LEAST
                    && missing.is(Status.UNMET)
                    && pattern.role(condition.subject())
                            .map(Pattern.Role::isMany)
                            .orElse(false);
            return none ? atLeast(condition, List.of(), binding) : missing;
        }
        List<Judgement> each = new ArrayList<>();
        binding.types(condition.subject()).forEach(t -> each.add(types.judge(t, condition.predicate(), binding)));
        binding.operations(condition.subject())
                .forEach(o -> each.add(operations.judge(o, condition.predicate(), binding)));
        binding.fields(condition.subject()).forEach(f -> each.add(fields.judge(f, condition.predicate(), binding)));
        return switch (condition.quantity()) {
            case EVERY -> every(each);
            case SOME -> some(each);
            case AT_LEAST -> atLeast(condition, each, binding);
        };
    }

    private static Judgement every(List<Judgement> each) {
        if (each.size() == 1) {
            return each.get(0);
        }
        long met = each.stream().filter(j -> j.is(Status.MET)).count();
        List<Judgement> not = each.stream().filter(j -> !j.is(Status.MET)).toList();
        if (not.isEmpty()) {
            return Judgement.met(each.get(0).why(), Judgement.join(each));
        }
        boolean onlyUnclear = not.stream().allMatch(j -> j.is(Status.UNCLEAR));
        Sentence why =
                Sentence.words(met + " of " + each.size() + ".").then(not.get(0).why());
        Status status = onlyUnclear ? Status.UNCLEAR : met == 0 ? Status.UNMET : Status.PARTLY;
        return new Judgement(status, (double) met / each.size(), why, Judgement.join(not));
    }

    private static Judgement some(List<Judgement> each) {
        for (Status s : List.of(Status.MET, Status.UNCLEAR, Status.PARTLY)) {
            List<Judgement> such = each.stream().filter(j -> j.is(s)).toList();
            if (!such.isEmpty()) {
                return new Judgement(s, such.get(0).share(), such.get(0).why(), Judgement.join(such));
            }
        }
        return new Judgement(Status.UNMET, 0, each.get(0).why(), Judgement.join(each));
    }

    private Judgement atLeast(Condition condition, List<Judgement> each, Binding binding) {
        List<Type> subjects = binding.types(condition.subject());
        int met = 0;
        for (int i = 0; i < each.size(); i++) {
            if (each.get(i).is(Status.MET)) {
                met += i < subjects.size() ? kinds(subjects.get(i)) : 1;
            }
        }
        Wording w = new Wording(pattern, binding);
        if (met >= condition.count()) {
            return Judgement.met(w.say("There are " + met + "."), Judgement.join(each));
        }
        boolean couldBe = met + each.stream().filter(j -> j.is(Status.UNCLEAR)).count() >= condition.count();
        Sentence why = w.say(
                met == 0 ? "There is none" : "There is only " + met,
                subjects.isEmpty() ? "" : ": ",
                subjects,
                "; " + condition.count() + " are asked for.");
        Status status = couldBe ? Status.UNCLEAR : met == 0 ? Status.UNMET : Status.PARTLY;
        return new Judgement(status, (double) met / condition.count(), why, Judgement.join(each));
    }

    /** An enum that realises a role is as many as it has constants: each is an object of its own. */
    private static int kinds(Type type) {
        return type.kind() == Type.Kind.ENUM ? Math.max(1, type.constants().size()) : 1;
    }

    /** The operations of {@code candidates} that satisfy the predicate; where none surely does, those that may. */
    List<Operation> fitting(List<Operation> candidates, Predicate predicate, Binding binding) {
        List<Operation> maybe = new ArrayList<>();
        List<Operation> sure = new ArrayList<>();
        for (Operation o : candidates) {
            Status s = status(o, predicate, binding);
            if (s == Status.MET) {
                sure.add(o);
            } else if (s == Status.UNCLEAR) {
                maybe.add(o);
            }
        }
        return sure.isEmpty() ? maybe : sure;
    }

    private Status status(Operation o, Predicate predicate, Binding binding) {
        if (predicate instanceof Predicate.All all) {
            return worstOf(all.parts().stream().map(p -> status(o, p, binding)).toList());
        }
        if (predicate instanceof Predicate.Not not) {
            return switch (status(o, not.of(), binding)) {
                case MET -> Status.UNMET;
                case UNMET -> Status.MET;
                default -> Status.UNCLEAR;
            };
        }
        return operations.judge(o, predicate, binding).status();
    }

    boolean mayFit(Field field, Predicate predicate, Binding binding) {
        if (predicate instanceof Predicate.All all) {
            return all.parts().stream().allMatch(p -> mayFit(field, p, binding));
        }
        Status s = fields.judge(field, predicate, binding).status();
        return s == Status.MET || s == Status.UNCLEAR;
    }

    boolean fits(Type type, Predicate predicate, Binding binding) {
        if (predicate instanceof Predicate.All all) {
            return all.parts().stream().allMatch(p -> fits(type, p, binding));
        }
        return types.judge(type, predicate, binding).is(Status.MET);
    }
}
