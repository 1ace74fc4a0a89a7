package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Who calls what on what. */
public final class CallAnalysis {

    private final Design design;
    private final CallReach reach;

    public CallAnalysis(Design design, CallReach reach) {
        this.design = design;
        this.reach = reach;
    }

    public Judgement calls(Operation operation, CallTarget how, Query q) {
        List<Field> fields = q.says().names().size() > 1 ? q.fields(1) : List.of();
        return judge(operation, q.operations(0), how, fields, q.words());
    }

    public Judgement judge(Operation operation, List<Operation> wanted, CallTarget how, List<Field> fields, Wording w) {
        List<Evidence> met = new ArrayList<>();
        List<Evidence> unclear = new ArrayList<>();
        List<Evidence> other = new ArrayList<>();
        boolean onlySome = false;
        for (CallReach.ReachedCall h : reach.callsOf(wanted, reach.from(operation))) {
            Evidence place = Judgement.at(h.step().fact().span(), "called here");
            for (Value receiver : h.receivers()) {
                switch (onTarget(receiver, how, fields, h.step())) {
                    case MET -> met.add(place);
                    case UNCLEAR -> unclear.add(place);
                    default -> {
                        other.add(place);
                        onlySome |= receiver instanceof Value.ElementOf;
                    }
                }
            }
        }
        if (!met.isEmpty()) {
            return Judgement.met(
                    w.say(operation, " calls ", wanted, "."),
                    met.stream().distinct().toList());
        }
        if (!unclear.isEmpty()) {
            String why = switch (how) {
                case ONE_OF -> " on the first of them that fits, as it seems. Is it just one that answers?";
                case FETCHED -> " on something that another type gave out. Does that count as given from outside?";
                default -> ", but on what could not be followed.";
            };
            return Judgement.unclear(
                    w.say(operation, " calls ", wanted, why),
                    unclear.stream().distinct().toList());
        }
        if (w.isQuiet()) {
            return Judgement.unmet(w.say(), List.of());
        }
        return Judgement.unmet(
                nearestMiss(operation, wanted, how, fields, other, onlySome && how == CallTarget.EACH, w),
                nearestPlace(operation, fields, other));
    }

    private Status onTarget(Value receiver, CallTarget how, List<Field> fields, Bodies.ReachedFact step) {
        Value held = receiver instanceof Value.ElementOf e ? e.container() : receiver;
        boolean onField = isIn(held, fields);
        boolean followed = !(receiver instanceof Value.Unknown);
        boolean element = receiver instanceof Value.ElementOf;
        boolean yes = switch (how) {
            case FIELD -> onField && !(element && isMany(fields));
            case EACH ->
                onField
                        && (isMany(fields)
                                ? receiver instanceof Value.ElementOf e && e.choice() == Value.Choice.EACH
                                : true);
            case NOT_ALL -> onField && receiver instanceof Value.ElementOf e && e.choice() == Value.Choice.SOME;
            case ONE_OF -> onField && receiver instanceof Value.ElementOf e && e.choice() == Value.Choice.PICKED;
            case PARAMETER -> held instanceof Value.OfParameter;
            case ITSELF -> receiver instanceof Value.Self;
            case SUPER -> step.fact() instanceof Fact.Call c && c.toSuper();
            case FETCHED -> false;
            default -> true;
        };
        if (yes) {
            return Status.MET;
        }
        if (how == CallTarget.FETCHED) {
            return isFetched(held, step.in()) ? Status.UNCLEAR : Status.UNMET;
        }
        boolean each = how == CallTarget.ONE_OF && onField && element && mayEndTheSearch(step);
        return each || !followed ? Status.UNCLEAR : Status.UNMET;
    }

    private boolean isIn(Value held, List<Field> fields) {
        return fields.stream().anyMatch(f -> design.isIn(held, f));
    }

    /** Whether a call on each in turn stands where a condition ends the operation: then the loop looks for the one. */
    private static boolean mayEndTheSearch(Bodies.ReachedFact step) {
        return step.in().body().stream()
                .filter(Fact.Branch.class::isInstance)
                .flatMap(b -> ((Fact.Branch) b).arms().stream())
                .anyMatch(a -> a.leaves() && a.span().contains(step.fact().span()));
    }

    /** Made outside the caller's own type, held by another object, or given back by an operation that could not be followed. */
    private boolean isFetched(Value value, Operation caller) {
        if (value instanceof Value.New made) {
            return design.type(caller.owner()).stream()
                    .flatMap(t -> design.lineOf(t).stream())
                    .noneMatch(t -> t.span() != null && t.span().contains(made.span()));
        }
        if (value instanceof Value.OfField f) {
            return !(f.on() instanceof Value.Self)
                    && design.field(f.field())
                            .map(Field::owner)
                            .filter(caller.owner()::equals)
                            .isEmpty();
        }
        return value instanceof Value.ResultOf;
    }

    private static boolean isMany(List<Field> fields) {
        return fields.stream().anyMatch(f -> f.type().many());
    }

    /** Whether every call of the operation there is on something kept when another was called on it. */
    public Judgement calledBack(Operation operation, Query q) {
        List<Evidence> back = new ArrayList<>();
        boolean other = false;
        for (Type type : q.role(0)) {
            Set<String> kept = keptWhenCalled(type, operation);
            for (Operation o : RoleMembers.ofRole(design, type)) {
                for (CallReach.ReachedCall h : reach.callsOf(List.of(operation), reach.from(o))) {
                    for (Value v : h.receivers()) {
                        Value held = v instanceof Value.ElementOf e ? e.container() : v;
                        if (held instanceof Value.OfField f && kept.contains(f.field())) {
                            back.add(Judgement.at(h.step().fact().span(), "called back here"));
                        } else {
                            other = true;
                        }
                    }
                }
            }
        }
        return Judgement.answer(
                !back.isEmpty() && !other,
                q.words().say(operation, " is called on what was kept."),
                q.words().say(operation, " is not only called on what was kept."),
                back.stream().distinct().toList());
    }

    /** Fields of a type into which something goes in the operation that calls on it an operation beside {@code besides}. */
    private Set<String> keptWhenCalled(Type type, Operation besides) {
        List<Operation> fellows = design.type(besides.owner()).stream()
                .flatMap(t -> design.methodsOf(t).stream())
                .filter(o -> !o.equals(besides) && !design.isSameCall(o.id(), besides))
                .toList();
        return keptFields(type, fellows);
    }

    /** Fields of a type that what one of the operations is called on goes into, in the same operation. */
    public Set<String> keptFields(Type type, List<Operation> called) {
        Set<String> kept = new LinkedHashSet<>();
        for (Operation o : RoleMembers.ofRole(design, type)) {
            Set<Value> callees = new LinkedHashSet<>();
            reach.callsOf(called, reach.from(o)).forEach(h -> callees.addAll(h.receivers()));
            if (callees.isEmpty()) {
                continue;
            }
            for (Bodies.ReachedFact s : reach.from(o)) {
                if (s.fact() instanceof Fact.Put p && meets(callees, p.value(), s)) {
                    design.bodies().containers(p.container(), s).forEach(c -> {
                        Value held = c instanceof Value.ElementOf e ? e.container() : c;
                        if (held instanceof Value.OfField f) {
                            kept.add(f.field());
                        }
                    });
                } else if (s.fact() instanceof Fact.Write w && meets(callees, w.value(), s)) {
                    kept.add(w.field());
                }
            }
        }
        return kept;
    }

    private boolean meets(Set<Value> callees, Value value, Bodies.ReachedFact at) {
        return design.bodies().origins(value, at).stream()
                .anyMatch(v -> callees.contains(v) && !(v instanceof Value.Unknown) && !(v instanceof Value.Null));
    }

    private Sentence nearestMiss(
            Operation operation,
            List<Operation> wanted,
            CallTarget how,
            List<Field> fields,
            List<Evidence> other,
            boolean onlySome,
            Wording w) {
        if (wanted.isEmpty()) {
            return w.say("There is nothing it could call.");
        }
        if (onlySome) {
            return w.say(operation, " calls ", wanted, ", but not on every one of ", fields, ".");
        }
        if (!other.isEmpty()) {
            String where = how == CallTarget.PARAMETER ? " was handed." : " keeps.";
            return fields.isEmpty()
                    ? w.say(operation, " calls ", wanted, ", but not on something it" + where)
                    : w.say(operation, " calls ", wanted, ", but on another object than ", fields, ".");
        }
        if (!fields.isEmpty() && !readPlaces(operation, fields).isEmpty()) {
            return w.say(operation, " reads ", fields, " and does not call ", wanted, " on it.");
        }
        return w.say(operation, " never calls ", wanted, ".");
    }

    private List<Evidence> nearestPlace(Operation operation, List<Field> fields, List<Evidence> other) {
        if (!other.isEmpty()) {
            return other.stream().distinct().toList();
        }
        List<Evidence> reads = readPlaces(operation, fields);
        return reads.isEmpty() ? Judgement.places(operation.span(), "no call in here") : reads;
    }

    private List<Evidence> readPlaces(Operation operation, List<Field> fields) {
        return reach.from(operation).stream()
                .map(Bodies.ReachedFact::fact)
                .filter(f -> f instanceof Fact.Read r && fields.stream().anyMatch(x -> x.id().equals(r.field())))
                .map(f -> Judgement.at(f.span(), "read here"))
                .distinct()
                .toList();
    }
}
