package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Quantities;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a type hands on to others that can be asked the same. */
public final class ForwardingAnalysis {

    private final Design design;
    private final CallAnalysis calls;

    public ForwardingAnalysis(Design design, CallAnalysis calls) {
        this.design = design;
        this.calls = calls;
    }

    public Judgement passesOn(Type type, Query q) {
        return passesOn(type, q.operations(0), fieldsOf(type, q.fields(1)), q.words());
    }

    public Judgement forwards(Type type, Query q) {
        return forwards(type, q.operations(0), fieldsOf(type, q.fields(1)), q.words());
    }

    public Judgement misforwards(Type type, Query q) {
        return misforwards(type, familyOf(q.operations(0)), fieldsOf(type, q.fields(1)), q.words());
    }

    /** Whether a type of the role passes the operation on to each of what a field holds. */
    public Judgement isPassedOn(Operation o, Query q) {
        return new Quantities(q.words())
                .some(q.role(0).stream()
                        .map(t -> meansToPassOn(t, o, fieldsOf(t, q.fields(1)), q.words()))
                        .toList());
    }

    /** Also where a loop that goes through them leaves some out, unless these are asked one by one beside it. */
    private Judgement meansToPassOn(Type type, Operation asked, List<Field> fields, Wording w) {
        Judgement j = passesOn(type, List.of(asked), fields, w);
        Operation o = RoleMembers.implementation(design, type, asked);
        if (!j.is(Status.UNMET) || o == null || o.isAbstract()) {
            return j;
        }
        Judgement notAll = calls.judge(o, List.of(asked), CallTarget.NOT_ALL, fields, w);
        boolean picked =
                calls.judge(o, List.of(asked), CallTarget.ONE_OF, fields, w).is(Status.MET);
        return notAll.is(Status.MET) && !picked ? notAll : j;
    }

    /** Whether a type of the role answers the operation by asking what a field holds. */
    public Judgement isForwarded(Operation o, Query q) {
        return new Quantities(q.words())
                .some(q.role(0).stream()
                        .map(t -> handsOn(t, List.of(o), fieldsOf(t, q.fields(1)), q.words()))
                        .toList());
    }

    /** Everything that can be asked of the types that declare the operations. */
    private List<Operation> familyOf(List<Operation> asked) {
        return asked.stream()
                .flatMap(o -> design.type(o.owner()).stream())
                .distinct()
                .flatMap(t -> design.methodsOf(t).stream())
                .distinct()
                .toList();
    }

    /** Whether the answer to one of the operations is to ask what the field holds, be it the same or something else. */
    private Judgement handsOn(Type type, List<Operation> operations, List<Field> fields, Wording w) {
        List<Operation> family = familyOf(operations);
        List<Judgement> each = new ArrayList<>();
        for (Operation asked : operations) {
            Operation o = RoleMembers.implementation(design, type, asked);
            if (o != null && !o.isAbstract()) {
                each.add(calls.judge(o, family, CallTarget.EACH, fields, w));
            }
        }
        return new Quantities(w).some(each);
    }

    private List<Field> fieldsOf(Type type, List<Field> fields) {
        List<Field> all = RoleMembers.fields(design, type);
        return fields.stream().filter(all::contains).toList();
    }

    private Judgement passesOn(Type type, List<Operation> operations, List<Field> fields, Wording w) {
        List<Judgement> each = new ArrayList<>();
        for (Operation asked : operations) {
            Operation o = RoleMembers.implementation(design, type, asked);
            if (o == null || o.isAbstract()) {
                continue;
            }
            Judgement j = calls.judge(o, List.of(asked), CallTarget.EACH, fields, w);
            each.add(alsoOnEveryOne(j, o, asked, fields, w));
        }
        if (each.isEmpty()) {
            return Judgement.unmet(w.say(type, " has nothing to pass on to its parts."), TypeAnalysis.headline(type));
        }
        List<Judgement> not = each.stream().filter(j -> !j.is(Status.MET)).toList();
        if (not.isEmpty()) {
            return Judgement.met(w.say(type, " asks each of its parts in ", operations, "."), Judgement.join(each));
        }
        boolean unclear = not.stream().allMatch(j -> j.is(Status.UNCLEAR));
        Status status = unclear ? Status.UNCLEAR : not.size() == each.size() ? Status.UNMET : Status.PARTLY;
        double share = 1.0 - (double) not.size() / each.size();
        return new Judgement(status, share, not.get(0).why(), Judgement.join(not));
    }

    /** Parts in fields of their own must all be asked. */
    private Judgement alsoOnEveryOne(Judgement j, Operation o, Operation asked, List<Field> fields, Wording w) {
        List<Field> single = fields.stream().filter(f -> !f.type().many()).toList();
        if (!j.is(Status.MET) || single.size() < 2) {
            return j;
        }
        for (Field f : single) {
            Judgement one = calls.judge(o, List.of(asked), CallTarget.FIELD, List.of(f), w);
            if (one.is(Status.UNMET)) {
                return one;
            }
        }
        return j;
    }

    private Judgement forwards(Type type, List<Operation> operations, List<Field> fields, Wording w) {
        List<Judgement> each = new ArrayList<>();
        for (Operation asked : operations) {
            Operation o = RoleMembers.implementation(design, type, asked);
            Operation from = o == null && !design.realises(type.id(), asked.owner()) ? null : o;
            if (from != null && !from.isAbstract()) {
                Judgement j = calls.judge(from, List.of(asked), CallTarget.EACH, fields, w);
                each.add(j);
            }
        }
        return each.isEmpty()
                ? Judgement.unmet(
                        operations.isEmpty()
                                ? w.say("There is nothing that both could be asked by way of a common type.")
                                : w.say(type, " has none of ", operations, "."),
                        TypeAnalysis.headline(type))
                : new Quantities(w).some(each);
    }

    private Judgement misforwards(Type type, List<Operation> operations, List<Field> fields, Wording w) {
        for (Operation asked : operations) {
            Operation o = RoleMembers.implementation(design, type, asked);
            if (o == null) {
                continue;
            }
            Judgement wrong = handsToAnother(o, asked, operations, fields, w);
            if (wrong.is(Status.MET)) {
                return wrong;
            }
            Fact.Call anew = fields.isEmpty() ? null : onlyAskedAnew(o, asked);
            if (anew != null) {
                return Judgement.met(
                        w.say(o, " asks one that is made for it instead of the one that is held."),
                        List.of(Judgement.at(anew.span(), "made and asked here")));
            }
        }
        return Judgement.unmet(w.say("Nothing is handed to another operation."), List.of());
    }

    /** Whether all it does is to hand everything on to another operation of the same shape. */
    private Judgement handsToAnother(
            Operation o, Operation asked, List<Operation> operations, List<Field> fields, Wording w) {
        Fact.Call other = onlyCall(o);
        Operation called =
                other == null ? null : design.operation(other.operation()).orElse(null);
        if (other == null || called == null) {
            return Judgement.unmet(w.say(o, " does more than hand it on."), List.of());
        }
        boolean onField = design.bodies().origins(other.receiver()).stream()
                .anyMatch(v -> v instanceof Value.OfField f && fields.stream().anyMatch(x -> x.id().equals(f.field())));
        String id = called.id();
        return Judgement.answer(
                onField
                        && !design.isSameCall(id, asked)
                        && operations.stream().anyMatch(x -> design.isSameCall(id, x))
                        && sameShape(called, asked)
                        && handsOnAll(other, o),
                w.say(o, " hands everything to ", called, " instead of ", asked, "."),
                w.say(o, " hands it on as it is asked."),
                List.of(Judgement.at(other.span(), "forwarded here")));
    }

    /** Where the operation asks the same of an object that was made out of nothing just then, and of no other; else null. */
    private Fact.@Nullable Call onlyAskedAnew(Operation o, Operation asked) {
        Fact.Call found = null;
        for (Bodies.ReachedFact s : design.bodies().reachedFrom(o)) {
            if (s.fact() instanceof Fact.Call c
                    && c.operation() != null
                    && !c.toSuper()
                    && design.isSameCall(c.operation(), asked)) {
                Set<Value> from = design.bodies().origins(c.receiver(), s);
                if (from.isEmpty() || !from.stream().allMatch(v -> isMadeOutOfNothing(v, o))) {
                    return null;
                }
                found = c;
            }
        }
        return found;
    }

    private static boolean isMadeOutOfNothing(Value v, Operation in) {
        return v instanceof Value.New n
                && in.body().stream()
                        .anyMatch(f -> f instanceof Fact.Create c
                                && c.type().equals(n.type())
                                && c.arguments().isEmpty());
    }

    private static Fact.@Nullable Call onlyCall(Operation o) {
        List<Fact> calls =
                o.body().stream().filter(f -> !(f instanceof Fact.Read)).toList();
        boolean alone = calls.size() == 1 || (calls.size() == 2 && calls.get(1) instanceof Fact.Return);
        return alone && calls.get(0) instanceof Fact.Call c && c.operation() != null ? c : null;
    }

    private static boolean sameShape(Operation a, Operation b) {
        String x = a.parameters().stream().map(p -> p.type().text()).toList()
                + (a.result() == null ? "" : a.result().text());
        String y = b.parameters().stream().map(p -> p.type().text()).toList()
                + (b.result() == null ? "" : b.result().text());
        return x.equals(y);
    }

    private static boolean handsOnAll(Fact.Call call, Operation from) {
        for (int i = 0; i < call.arguments().size(); i++) {
            if (!(call.arguments().get(i) instanceof Value.OfParameter p)
                    || !p.operation().equals(from.id())
                    || p.index() != i) {
                return false;
            }
        }
        return true;
    }
}
