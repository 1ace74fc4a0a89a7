package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.value.ArgumentPool;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import hausaufgabe.core.scenario.value.ValueGenerator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Makes objects of roles by whatever way in they offer: a constructor, operations that take parts, a builder. */
public final class ObjectFactory {

    private static final int ROUNDS = 5;

    private final ScenarioContext context;
    private final Design design;
    private final ValueGenerator values;
    private final Handover handover;

    public ObjectFactory(ScenarioContext context) {
        this.context = context;
        this.design = context.design();
        this.values = context.values();
        this.handover = new Handover(context);
    }

    public StepResult makeNew(Step.New step) throws DriverLost {
        Optional<Type> bound = context.binding().type(step.role());
        if (bound.isEmpty()) {
            return StepResult.blocked("No type was found that plays " + step.role() + ".");
        }
        Type type = bound.get();
        ArgumentPool with = context.pool(step.with());
        if (with.isEmpty() && onlyStatic(type)) {
            context.environment().put(step.variable(), Referent.made(step.role(), type, null, false));
            context.transcript()
                    .built("no object needed: the operations of ", CallWording.code(type, step.role()), " are static");
            return StepResult.HELD;
        }
        List<String> problems = new ArrayList<>();
        @Nullable ObjectRef made = step.perhaps() ? perhaps(type, with, problems) : make(type, with, problems);
        String how = "";
        if (with.isEmpty() && made == null) {
            made = ready(type, problems);
        }
        if (made == null) {
            made = build(type, with.anew());
            how = ", through its builder";
        }
        if (made == null && !type.isNamed() && with.isEmpty()) {
            return nameless(type, step.role());
        }
        if (made == null) {
            return noWay(step, type, with, problems);
        }
        context.environment().put(step.variable(), Referent.made(step.role(), type, made, false));
        context.transcript()
                .built(
                        Code.of(step.variable()),
                        ", " + ValueGenerator.article(type),
                        CallWording.code(type, step.role()),
                        step.with().isEmpty() ? "" : " with ",
                        Code.of(names(step.with())),
                        how);
        return StepResult.HELD;
    }

    /** An object of one of the types that play a role. */
    public StepResult makeNewOf(Type type, String role, String variable) throws DriverLost {
        List<String> problems = new ArrayList<>();
        @Nullable ObjectRef made = make(type, values.nothing(), problems);
        if (made == null) {
            made = ready(type, problems);
        }
        if (made == null && !type.isNamed()) {
            return nameless(type, role);
        }
        if (made == null) {
            return StepResult.blocked("No ", CallWording.code(type, role), " could be made." + first(problems));
        }
        context.environment().put(variable, Referent.made(role, type, made, false));
        context.transcript()
                .built(Code.of(variable), ", " + ValueGenerator.article(type), CallWording.code(type, role));
        return StepResult.HELD;
    }

    /** Another object like one that was made; nothing where none could be made. */
    public Optional<Referent> another(Referent like) throws DriverLost {
        @Nullable ObjectRef made = make(like.knownType(), values.nothing(), new ArrayList<>());
        if (made == null) {
            made = ready(like.knownType(), new ArrayList<>());
        }
        @Nullable ObjectRef found = made;
        return Optional.ofNullable(found).map(ref -> Referent.made(like.role(), like.knownType(), ref, false));
    }

    /** Another object like one that was made, with what is to be handed over where it takes that. */
    public Optional<Referent> anotherWith(Referent like, ArgumentPool with) throws DriverLost {
        boolean takes = takesAny(like.knownType(), with);
        @Nullable ObjectRef made = make(like.knownType(), takes ? with.anew() : values.nothing(), new ArrayList<>());
        if (made == null && takes) {
            made = make(like.knownType(), values.nothing(), new ArrayList<>());
        }
        @Nullable ObjectRef found = made;
        return Optional.ofNullable(found).map(ref -> Referent.made(like.role(), like.knownType(), ref, false));
    }

    private static String first(List<String> problems) {
        return problems.isEmpty() ? "" : " " + CallWording.capitalised(problems.get(0)) + ".";
    }

    /** An object that the program itself holds or gives out. */
    private @Nullable ObjectRef ready(Type type, List<String> problems) throws DriverLost {
        return type.kind() == Type.Kind.ENUM && !type.constants().isEmpty()
                ? constant(type, problems)
                : values.givenOut(type, problems);
    }

    private @Nullable ObjectRef constant(Type type, List<String> problems) throws DriverLost {
        try {
            return values.constant(type, 0);
        } catch (NoValueFound e) {
            problems.add(e.getMessage());
            return null;
        }
    }

    private static String names(List<Argument> with) {
        return with.stream()
                .filter(a -> a instanceof Argument.Variable)
                .map(a -> ((Argument.Variable) a).name())
                .collect(Collectors.joining(", "));
    }

    /** By a constructor that takes what is offered; else without it. */
    private @Nullable ObjectRef perhaps(Type type, ArgumentPool with, List<String> problems) throws DriverLost {
        for (int round = 0; round < 3; round++) {
            for (Operation way : values.waysIn(type, with)) {
                @Nullable ObjectRef made = values.tryWay(type, way, with.anew(), round, problems);
                if (made != null) {
                    return made;
                }
            }
        }
        return make(type, values.nothing(), problems);
    }

    /** What has no name can be had only where the program keeps it or gives it out. */
    private static StepResult nameless(Type type, String role) {
        return StepResult.nothingToShow("No object of ", CallWording.code(type, role), " can be got at.");
    }

    private StepResult noWay(Step.New step, Type type, ArgumentPool with, List<String> problems) {
        if (step.with().isEmpty()) {
            return StepResult.blocked("No ", CallWording.code(type, step.role()), " could be made." + first(problems));
        }
        Object[] why = {
            "No way was found to hand ",
            CallWording.code(type, step.role()),
            " ",
            Code.of(names(step.with())),
            " from outside." + first(problems)
        };
        return takesAny(type, with) ? StepResult.blocked(why) : StepResult.takesNothing(why);
    }

    /** Whether a constructor of the type, or an operation it has or inherits, takes any of it. */
    private boolean takesAny(Type type, ArgumentPool with) {
        return values.waysIn(type, with).stream().anyMatch(with::fitsAny)
                || design.methodsOf(type).stream().anyMatch(with::fitsAny);
    }

    private boolean onlyStatic(Type type) {
        List<Operation> members = context.binding().operations().values().stream()
                .flatMap(List::stream)
                .filter(o -> design.lineOf(type).stream().anyMatch(t -> t.id().equals(o.owner())))
                .toList();
        return !members.isEmpty() && members.stream().allMatch(Operation::isStatic);
    }

    /** An object that has everything it is offered, by its constructor or by operations that take it; null where none has. */
    private @Nullable ObjectRef make(Type type, ArgumentPool with, List<String> problems) throws DriverLost {
        Type concrete = design.isConcrete(type)
                ? type
                : design.realisationsOf(type).stream()
                        .filter(design::isConcrete)
                        .filter(Type::isNamed)
                        .findFirst()
                        .orElse(type);
        for (int round = 0; round < ROUNDS; round++) {
            for (Operation way : values.waysIn(concrete, with)) {
                ArgumentPool offered = with.anew();
                @Nullable ObjectRef made = values.tryWay(concrete, way, offered, round, problems);
                @Nullable
                ObjectRef full =
                        made == null ? null : handover.giveAll(made, concrete, offered.unused(), round, problems);
                if (full != null) {
                    return full;
                }
            }
        }
        for (Operation way : values.waysIn(concrete, with)) {
            ArgumentPool offered = with.anew();
            @Nullable ObjectRef made = values.searchedWay(concrete, way, offered, problems);
            @Nullable
            ObjectRef full = made == null ? null : handover.giveAll(made, concrete, offered.unused(), 0, problems);
            if (full != null) {
                return full;
            }
        }
        return null;
    }

    /** An object made by another, which is first told what it shall have; null where no other type builds one so. */
    private @Nullable ObjectRef build(Type wanted, ArgumentPool parts) throws DriverLost {
        for (Operation last : design.operations()) {
            boolean builds = last.isMethod()
                    && !last.isStatic()
                    && last.visibility() != Visibility.PRIVATE
                    && last.parameters().isEmpty()
                    && last.result() != null
                    && last.result().type().equals(wanted.id());
            Type builder = design.type(last.owner()).filter(Type::isOwn).orElse(null);
            if (builds && builder != null && !builder.equals(wanted) && design.isConcrete(builder)) {
                @Nullable ObjectRef made = buildWith(builder, last, parts.anew());
                if (made != null) {
                    return made;
                }
            }
        }
        return null;
    }

    private @Nullable ObjectRef buildWith(Type builder, Operation last, ArgumentPool parts) throws DriverLost {
        try {
            if (!(values.any(TypeRef.of(builder.id(), builder.name()), 0) instanceof ObjectRef on)) {
                return null;
            }
            for (Operation step : design.methodsOf(builder)) {
                if (!step.isStatic()
                        && step.visibility() != Visibility.PRIVATE
                        && !step.parameters().isEmpty()) {
                    context.callOn(on, builder, step, values.arguments(step, parts, 0));
                }
            }
            boolean allGiven = parts.unused().isEmpty();
            Answer end = allGiven ? context.callOn(on, builder, last, List.of()) : null;
            return end != null && end.thrown() == null ? end.value().ref() : null;
        } catch (NoValueFound e) {
            return null;
        }
    }
}
