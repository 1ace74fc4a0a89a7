package hausaufgabe.core.matching;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.List;

/** What can be asked of an operation. */
final class OperationPredicates {

    private final Pattern pattern;
    private final Design design;
    private final Reach reach;

    OperationPredicates(Pattern pattern, Design design, Reach reach) {
        this.pattern = pattern;
        this.design = design;
        this.reach = reach;
    }

    Judgement judge(Operation operation, Predicate predicate, Binding binding) {
        Wording w = new Wording(pattern, binding);
        List<Evidence> here = Judgement.places(operation.span(), "declared here");
        if (predicate instanceof Predicate.IsAbstract) {
            return answer(
                    operation.isAbstract(), w.say(operation, " is abstract."), w.say(operation, " has a body."), here);
        }
        if (predicate instanceof Predicate.IsVaried) {
            boolean varied =
                    operation.isAbstract() || !design.overridersOf(operation).isEmpty();
            return answer(varied, w.say(operation, " is varied."), w.say(operation, " is always the same."), here);
        }
        if (predicate instanceof Predicate.HasParametersOrResult) {
            boolean some = !operation.parameters().isEmpty() || operation.result() != null;
            return answer(
                    some, w.say(operation, " exchanges something."), w.say(operation, " exchanges nothing."), here);
        }
        if (predicate instanceof Predicate.WorksSomethingOut) {
            boolean works = !onlyNames(operation)
                    || !design.overridersOf(operation).stream().allMatch(OperationPredicates::onlyNames);
            return answer(
                    works, w.say(operation, " works something out."), w.say(operation, " only names something."), here);
        }
        if (predicate instanceof Predicate.HasResult) {
            boolean some = operation.result() != null;
            return answer(
                    some, w.say(operation, " gives something back."), w.say(operation, " gives nothing back."), here);
        }
        if (predicate instanceof Predicate.CalledIn p) {
            return calledIn(operation, binding.types(p.role()), w, here);
        }
        if (predicate instanceof Predicate.Takes p) {
            return takes(operation, binding.types(p.role()), w, here);
        }
        if (predicate instanceof Predicate.Calls p) {
            return calls(operation, p, binding, w);
        }
        if (predicate instanceof Predicate.AssignsFromParameter p) {
            return assigns(operation, binding.fields(p.field()), w, here);
        }
        throw new IllegalArgumentException("not said of an operation: " + predicate);
    }

    private static Judgement answer(
            boolean yes,
            hausaufgabe.core.report.Sentence met,
            hausaufgabe.core.report.Sentence unmet,
            List<Evidence> evidence) {
        return yes ? Judgement.met(met, evidence) : Judgement.unmet(unmet, evidence);
    }

    /** Whether a body does nothing but give back a constant or a field, as a label or kind does; true without a body. */
    private static boolean onlyNames(Operation operation) {
        boolean gives = operation.isAbstract() || operation.body().stream().anyMatch(f -> f instanceof Fact.Return);
        return gives
                && operation.body().stream()
                        .allMatch(f -> f instanceof Fact.Read
                                || (f instanceof Fact.Return r
                                        && (r.value() instanceof Value.Literal || r.value() instanceof Value.OfField)));
    }

    private Judgement calledIn(Operation operation, List<Type> role, Wording w, List<Evidence> here) {
        for (Type type : role) {
            for (Operation o : Members.ofRole(design, type)) {
                if (o.role() != Operation.Role.ENTRY
                        && !reach.callsOf(List.of(operation), reach.from(o)).isEmpty()) {
                    return Judgement.met(w.say(operation, " is called by ", o, "."), here);
                }
            }
        }
        return Judgement.unmet(w.say(operation, " is not called there."), here);
    }

    private Judgement takes(Operation operation, List<Type> role, Wording w, List<Evidence> here) {
        boolean takes = operation.parameters().stream()
                .flatMap(p -> p.type().leaves().stream())
                .anyMatch(leaf -> role.stream().anyMatch(t -> t.id().equals(leaf.type())));
        return answer(
                takes, w.say(operation, " takes ", role, "."), w.say(operation, " does not take ", role, "."), here);
    }

    private Judgement calls(Operation operation, Predicate.Calls asked, Binding binding, Wording w) {
        List<Operation> wanted = binding.operations(asked.operation());
        List<Field> fields = asked.field() == null ? List.of() : binding.fields(asked.field());
        List<Reach.Heard> heard = reach.callsOf(wanted, reach.from(operation));
        List<Evidence> met = new ArrayList<>();
        List<Evidence> unclear = new ArrayList<>();
        List<Evidence> other = new ArrayList<>();
        for (Reach.Heard h : heard) {
            Evidence place = Judgement.at(h.step().fact().span(), "called here");
            for (Value receiver : h.receivers()) {
                switch (onTarget(receiver, asked.on(), fields, h.step())) {
                    case MET -> met.add(place);
                    case UNCLEAR -> unclear.add(place);
                    default -> other.add(place);
                }
            }
        }
        if (!met.isEmpty()) {
            return Judgement.met(
                    w.say(operation, " calls ", wanted, "."),
                    met.stream().distinct().toList());
        }
        if (!unclear.isEmpty()) {
            String why = switch (asked.on()) {
                case ONE_OF_FIELD -> " on the first of them that fits, as it seems. Is it just one that answers?";
                case FETCHED -> " on something that another type gave out. Does that count as given from outside?";
                default -> ", but on what could not be followed.";
            };
            return Judgement.unclear(
                    w.say(operation, " calls ", wanted, why),
                    unclear.stream().distinct().toList());
        }
        return Judgement.unmet(
                nearestMiss(operation, wanted, fields, other, w), nearestPlace(operation, fields, other));
    }

    private hausaufgabe.core.report.Status onTarget(
            Value receiver, Predicate.Target target, List<Field> fields, Bodies.Step step) {
        Value held = receiver instanceof Value.ElementOf e ? e.container() : receiver;
        boolean onField = held instanceof Value.OfField f && fields.stream().anyMatch(x -> x.id().equals(f.field()));
        boolean followed = !(receiver instanceof Value.Unknown);
        boolean yes = switch (target) {
            case ANYTHING -> true;
            case FIELD -> onField && !(receiver instanceof Value.ElementOf && isMany(fields));
            case ONE_OF_FIELD -> onField && receiver instanceof Value.ElementOf e && e.choice() == Value.Choice.PICKED;
            case PARAMETER -> held instanceof Value.OfParameter;
            case FETCHED -> false;
        };
        if (yes) {
            return hausaufgabe.core.report.Status.MET;
        }
        if (target == Predicate.Target.FETCHED) {
            return isFetched(held, step.in())
                    ? hausaufgabe.core.report.Status.UNCLEAR
                    : hausaufgabe.core.report.Status.UNMET;
        }
        boolean each = target == Predicate.Target.ONE_OF_FIELD
                && onField
                && receiver instanceof Value.ElementOf
                && mayEndTheSearch(step);
        return each || !followed ? hausaufgabe.core.report.Status.UNCLEAR : hausaufgabe.core.report.Status.UNMET;
    }

    /** Whether a call on each in turn stands where a condition ends the operation: then the loop looks for the one. */
    private static boolean mayEndTheSearch(Bodies.Step step) {
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

    private hausaufgabe.core.report.Sentence nearestMiss(
            Operation operation, List<Operation> wanted, List<Field> fields, List<Evidence> other, Wording w) {
        if (wanted.isEmpty()) {
            return w.say("There is nothing it could call.");
        }
        if (!other.isEmpty()) {
            return fields.isEmpty()
                    ? w.say(operation, " calls ", wanted, ", but not on something it was handed.")
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
                .map(Bodies.Step::fact)
                .filter(f -> f instanceof Fact.Read r && fields.stream().anyMatch(x -> x.id().equals(r.field())))
                .map(f -> Judgement.at(f.span(), "read here"))
                .distinct()
                .toList();
    }

    private Judgement assigns(Operation operation, List<Field> fields, Wording w, List<Evidence> here) {
        if (!operation.isMethod() || operation.isStatic() || !design.bodies().isOpen(operation)) {
            return Judgement.unmet(w.say(operation, " is not for others to call."), here);
        }
        for (Bodies.Step step : reach.from(operation)) {
            Value value = null;
            if (step.fact() instanceof Fact.Write x && isOneOf(x.field(), fields)) {
                value = x.value();
            } else if (step.fact() instanceof Fact.Put p && fillsOneOf(p, step, fields)) {
                value = p.value();
            }
            if (value != null
                    && design.bodies().origins(value, step).stream().anyMatch(v -> isParameterOf(v, operation))) {
                return Judgement.met(
                        w.say(operation, " sets ", fields, "."),
                        List.of(Judgement.at(step.fact().span(), "set here")));
            }
        }
        return Judgement.unmet(w.say(operation, " does not set ", fields, " from a parameter."), here);
    }

    private static boolean isOneOf(String field, List<Field> fields) {
        return fields.stream().anyMatch(f -> f.id().equals(field));
    }

    private boolean fillsOneOf(Fact.Put put, Bodies.Step step, List<Field> fields) {
        return design.bodies().origins(put.container(), step).stream()
                .anyMatch(v -> v instanceof Value.OfField f && isOneOf(f.field(), fields));
    }

    private static boolean isParameterOf(Value value, Operation operation) {
        Value held = value instanceof Value.ElementOf e ? e.container() : value;
        return held instanceof Value.OfParameter p && p.operation().equals(operation.id());
    }
}
