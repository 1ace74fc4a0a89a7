package hausaufgabe.core.scenario.property;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.TypeToken;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * An operation gives out an object of every type that it makes, asked with all values that are worth trying. It is a fault
 * where it comes to the same type whatever it is asked, or where every answer there can be was tried.
 */
public final class EveryVariantProperty {

    private static final int MOST = 150;

    private final ScenarioContext context;

    public EveryVariantProperty(ScenarioContext context) {
        this.context = context;
    }

    public StepResult expect(Step.ExpectEvery step) throws DriverLost {
        Referent factory = context.environment().get(step.heard().variable());
        List<Operation> operations = context.binding().operations(step.heard().member());
        Set<Type> makes = new LinkedHashSet<>();
        Map<String, String> got = new LinkedHashMap<>();
        boolean exhausted = true;
        int asked = 0;
        @Nullable String problem = null;
        for (Operation o : operations) {
            makes.addAll(madeIn(o, factory.knownType(), step.role()));
            List<List<Input>> tuples = tuples(o);
            exhausted &= isEverythingTried(o);
            for (List<Input> arguments : tuples) {
                Answer a = context.callOn(factory.object(), factory.knownType(), o, arguments);
                asked++;
                if (a.thrown() != null) {
                    problem = o.name() + "() threw " + ErrorText.of(a.thrown());
                } else if (a.value().ref() != null) {
                    String text = context.wording().call(step.heard().variable(), factory, o, arguments);
                    if (got.putIfAbsent(a.value().type(), text) == null) {
                        if (isGivenAgain(factory, o, arguments, a)) {
                            return again(o, text, a);
                        }
                        context.transcript()
                                .called(
                                        Code.of(text),
                                        " gave back ",
                                        Code.of(a.value().text()));
                    }
                }
            }
        }
        return judge(step, operations, makes, got, exhausted && problem == null, asked, problem);
    }

    /** Whether the same call gives out the same object, though it keeps something that changes. */
    private boolean isGivenAgain(Referent factory, Operation o, List<Input> arguments, Answer first) throws DriverLost {
        Type made = context.design().type(first.value().knownType()).orElse(null);
        boolean changes = made != null
                && made.origin() == Type.Origin.DECLARED
                && made.kind() != Type.Kind.ENUM
                && context.design().operationsOf(made).stream()
                        .filter(Operation::isConstructor)
                        .noneMatch(c -> c.visibility() == Visibility.PRIVATE)
                && hasChangingState(made);
        if (!changes) {
            return false;
        }
        Answer second = context.callOn(factory.object(), factory.knownType(), o, arguments);
        return second.value().ref() != null
                && second.value().ref().id() == first.value().knownRef().id();
    }

    private boolean hasChangingState(Type type) {
        return context.design().lineOf(type).stream()
                .flatMap(t -> context.design().fieldsOf(t).stream())
                .filter(f -> !f.isStatic())
                .flatMap(f -> context.design().bodies().writesTo(f).stream())
                .anyMatch(s -> s.in().isMethod());
    }

    private StepResult again(Operation o, String text, Answer first) {
        context.transcript().expected(false, Code.of(text), " to give out one of its own each time; it was the same");
        return StepResult.failed(
                Code.of(o.name() + "()"),
                " gave out the same ",
                Code.of(TypeToken.simpleName(first.value().knownType())),
                " twice; what one who asked does to it, the other one gets.");
    }

    private StepResult judge(
            Step.ExpectEvery step,
            List<Operation> operations,
            Set<Type> makes,
            Map<String, String> got,
            boolean exhausted,
            int asked,
            @Nullable String problem) {
        if (got.isEmpty()) {
            return StepResult.blocked(
                    "Nothing was given out with the values tried" + (problem == null ? "" : ": " + problem) + ".");
        }
        List<Type> lost = madeByNobody(operations, step.role());
        if (!lost.isEmpty()) {
            String nobody = lost.stream().map(Type::name).collect(Collectors.joining(", "));
            context.transcript().expected(false, "every ", new Code(step.role(), null), " to be given out");
            return StepResult.failed(
                    Code.of(nobody), " is never given out: the program makes none, its demonstration left aside.");
        }
        List<Type> missing =
                makes.stream().filter(t -> !got.containsKey(t.id())).toList();
        String names = missing.stream().map(Type::name).collect(Collectors.joining(", "));
        boolean alwaysSame = got.size() == 1 && makes.size() > 1 && asked > 2;
        if (alwaysSame && !exhausted && !operations.stream().allMatch(this::isAskedPlainly)) {
            return StepResult.blocked("With the objects tried it always gave out the same kind; never " + names + ".");
        }
        boolean holds = missing.isEmpty() || !alwaysSame && !exhausted;
        context.transcript()
                .expected(
                        holds,
                        "every ",
                        new Code(step.role(), null),
                        " to be given out",
                        missing.isEmpty() ? "" : "; not given out with the values tried: " + names);
        if (holds) {
            return StepResult.HELD;
        }
        String what = operations.stream().map(o -> o.name() + "()").distinct().collect(Collectors.joining(", "));
        return alwaysSame
                ? StepResult.failed(
                        Code.of(what),
                        " was asked " + asked + " times in different ways and always gave out the same kind; never "
                                + names + ".")
                : StepResult.failed(
                        Code.of(what), " was asked with every value there is and never gave out " + names + ".");
    }

    /** What the operation makes of a role, asked of an object of just this type. */
    private Set<Type> madeIn(Operation o, Type factory, String role) {
        List<Type> variants = context.binding().types(role);
        Set<Type> made = new LinkedHashSet<>();
        context.design().bodies().reachedFrom(o).forEach(s -> {
            if (s.fact() instanceof Fact.Create c && isOwnVersion(s.in(), factory)) {
                variants.stream().filter(v -> v.id().equals(c.type())).forEach(made::add);
            }
        });
        return made;
    }

    /** Not where the type, or another one beside it, has a version of its own of what is asked. */
    private boolean isOwnVersion(Operation o, Type factory) {
        Type owner = context.design().type(o.owner()).orElse(null);
        if (factory == null || owner == null || owner.equals(factory)) {
            return true;
        }
        boolean beside = o.overrides().stream()
                .flatMap(id -> context.design().operation(id).stream())
                .anyMatch(up -> context.design().realises(factory.id(), up.owner()));
        return context.design().realises(factory.id(), o.owner()) || !beside;
    }

    /**
     * Types of the role that nobody in the whole program makes, where all that can be given out is made by the operations
     * themselves and not, say, registered or found by name. What wraps another of the role may be made by others.
     */
    private List<Type> madeByNobody(List<Operation> operations, String role) {
        if (!operations.stream().allMatch(this::givesOnlyWhatItMakes)) {
            return List.of();
        }
        List<Type> variants = context.binding().types(role);
        boolean isTakenForAnother = variants.stream().anyMatch(v -> isMadeTwice(v, operations));
        return variants.stream()
                .filter(v -> v.origin() == Type.Origin.DECLARED && v.kind() != Type.Kind.ENUM)
                .filter(v -> context.design().bodies().creationsOf(v).stream()
                        .allMatch(s -> isTakenForAnother && isDemonstration(s.in())))
                .filter(v -> context.design().realisationsOf(v).isEmpty())
                .filter(v -> context.design().operationsOf(v).stream()
                        .filter(o -> !o.isMethod())
                        .flatMap(o -> o.parameters().stream())
                        .noneMatch(p -> p.type().isContainer()
                                || context.design().type(p.type().type()).isPresent()))
                .toList();
    }

    /** Whether the operations make a type at two places, one of which may be meant for another. */
    private boolean isMadeTwice(Type variant, List<Operation> operations) {
        return context.design().bodies().creationsOf(variant).stream()
                        .filter(s -> operations.contains(s.in()))
                        .count()
                > 1;
    }

    private boolean isDemonstration(Operation o) {
        return context.design().operations().stream()
                .anyMatch(e -> e.role() == Operation.Role.ENTRY && e.owner().equals(o.owner()));
    }

    private boolean givesOnlyWhatItMakes(Operation o) {
        return context.design().bodies().reachedFrom(o).stream()
                .filter(s -> s.in().equals(o) && s.fact() instanceof Fact.Return)
                .flatMap(s -> context.design().bodies().origins(((Fact.Return) s.fact()).value(), s).stream())
                .allMatch(v -> v instanceof Value.New || v instanceof Value.Null);
    }

    /** Whether all it is asked with are numbers, texts and the like, of which those in the program's code were tried. */
    private boolean isAskedPlainly(Operation o) {
        return o.parameters().stream()
                .allMatch(p -> context.design()
                        .type(p.type().type())
                        .map(t -> t.kind() == Type.Kind.ENUM)
                        .orElse(!p.type().isContainer()));
    }

    private boolean isEverythingTried(Operation o) {
        return o.parameters().stream().allMatch(p -> {
            boolean isEnum = context.design()
                    .type(p.type().type())
                    .map(t -> t.kind() == Type.Kind.ENUM)
                    .orElse(false);
            return isEnum || context.language().isTruth(p.type().type());
        });
    }

    /** All values for one parameter; for several all together where these are few, else each for itself. */
    private List<List<Input>> tuples(Operation o) throws DriverLost {
        List<List<Input>> values = new ArrayList<>();
        long all = 1;
        for (Operation.Parameter p : o.parameters()) {
            List<Input> candidates = context.values().candidates(p.type(), o);
            if (candidates.isEmpty()) {
                return List.of();
            }
            values.add(candidates);
            all *= candidates.size();
        }
        List<List<Input>> tuples = new ArrayList<>();
        if (all <= MOST) {
            tuples.add(List.of());
            for (List<Input> candidates : values) {
                List<List<Input>> longer = new ArrayList<>();
                for (List<Input> t : tuples) {
                    for (Input g : candidates) {
                        List<Input> next = new ArrayList<>(t);
                        next.add(g);
                        longer.add(next);
                    }
                }
                tuples = longer;
            }
            return tuples;
        }
        for (int i = 0; i < values.size() && tuples.size() < MOST; i++) {
            for (Input g : values.get(i)) {
                List<Input> one = new ArrayList<>();
                for (int j = 0; j < values.size(); j++) {
                    one.add(j == i ? g : values.get(j).get(0));
                }
                tuples.add(one);
            }
        }
        return tuples;
    }
}
