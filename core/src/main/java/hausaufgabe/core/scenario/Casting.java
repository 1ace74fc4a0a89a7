package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.reading.Program;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Finds the objects that a scenario plays with: doubles, stand-ins, and objects of roles by whatever way in they offer. */
final class Casting {

    private final Design design;
    private final Binding binding;
    private final Stage stage;
    private final Account account;
    private final Tracing tracing;
    private final Maker maker;
    private final Map<String, Cast> cast = new LinkedHashMap<>();

    Casting(Design design, Program program, Binding binding, Stage stage, Account account, Tracing tracing) {
        this.design = design;
        this.binding = binding;
        this.stage = stage;
        this.account = account;
        this.tracing = tracing;
        this.maker = new Maker(design, program, stage);
    }

    Maker maker() {
        return maker;
    }

    /** Everything that has a name so far. */
    Map<String, Cast> cast() {
        return Collections.unmodifiableMap(cast);
    }

    /** What a name stands for; a role whose operations are static stands for itself. */
    Cast named(String variable) throws Ended {
        Cast known = cast.get(variable);
        return known != null ? known : Cast.made(variable, bound(variable), null, false);
    }

    void put(String variable, Cast c) {
        cast.put(variable, c);
        if (c.object() != null) {
            tracing.name(c.object().id(), variable);
        }
    }

    static String capitalised(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private Type bound(String role) throws Ended {
        return binding.type(role)
                .orElseThrow(
                        () -> new Ended(Outcome.BLOCKED, Sentence.words("No type was found that plays " + role + ".")));
    }

    static Code code(Type type, String role) {
        return new Code(type.name(), role);
    }

    /** What is handed over, as offers; a literal is none. */
    Offers offers(List<Argument> with) throws Ended {
        List<Cast> all = new ArrayList<>();
        for (Argument a : with) {
            if (a instanceof Argument.Variable v) {
                all.add(named(v.name()));
            } else if (a instanceof Argument.Literal l
                    && !l.quoted()
                    && l.text().equals("null")) {
                all.add(Cast.NULL);
            } else if (a instanceof Argument.Literal l) {
                all.add(Cast.result(null, Literals.valueOf(l)));
            }
        }
        return new Offers(design, all);
    }

    /** Nothing to hand over. */
    Offers offers() {
        return new Offers(design, List.of());
    }

    /** Another object like one that was made. */
    Cast another(Cast like) throws Ended, DriverLost {
        List<String> problems = new ArrayList<>();
        Given.Ref made = make(like.type(), offers(), problems);
        if (made == null) {
            throw new Ended(
                    Outcome.BLOCKED, Account.say("No second ", code(like.type(), like.role()), " could be made."));
        }
        return Cast.made(like.role(), like.type(), made, false);
    }

    // doubles and stand-ins

    void makeDouble(Step.Double step) throws Ended, DriverLost, Maker.Unmakeable {
        Type type = doubleable(step.role());
        long before =
                cast.values().stream().filter(c -> step.role().equals(c.role())).count();
        Optional<Given.Ref> made = maker.standIns().make(type, (int) before, 0, 0);
        if (made.isEmpty()) {
            standIn(step, type);
            return;
        }
        if (!step.answers().isEmpty()) {
            Map<Operation, Given> said = new HashMap<>();
            for (Scenario.Answer a : step.answers()) {
                for (Operation o : binding.operations(a.member())) {
                    List<Given> given = given(o.result(), a.value());
                    given.forEach(g -> said.put(o, g));
                }
            }
            maker.standIns().answer(made.get(), type, said, 0, 0);
        }
        put(step.variable(), Cast.made(step.role(), type, made.get(), true));
        built(step.variable(), ", " + Maker.article(type), code(type, step.role()), " the program has never seen");
    }

    /** Of several types that play a role the first that something new can realise, rather one that the scenario is about. */
    private Type doubleable(String role) throws Ended {
        Type first = bound(role);
        List<Type> open = binding.types(role).stream()
                .filter(t -> design.isAbstraction(t) && !t.flags().isSealed())
                .toList();
        return open.stream()
                .filter(t -> binding.operations().values().stream()
                        .anyMatch(all -> all.size() == 1 && design.methodsOf(t).contains(all.get(0))))
                .findFirst()
                .or(() -> open.stream().findFirst())
                .orElse(first);
    }

    private List<Given> given(TypeRef type, Argument value) throws Ended {
        if (type == null) {
            return List.of();
        }
        return offers(List.of(value)).take(type).map(List::of).orElse(List.of());
    }

    private void built(Object... parts) {
        Object[] all = new Object[parts.length];
        all[0] = Code.of(String.valueOf(parts[0]));
        System.arraycopy(parts, 1, all, 1, parts.length - 1);
        account.add(LineKind.BUILT, 0, null, all);
    }

    /** Where nothing new can realise the abstraction, the program's own objects are listened to instead. */
    private void standIn(Step.Double step, Type type) throws Ended, DriverLost, Maker.Unmakeable {
        long used =
                cast.values().stream().filter(c -> step.role().equals(c.role())).count();
        List<Given.Ref> candidates = new ArrayList<>();
        List<String> names = new ArrayList<>();
        if (type.kind() == Type.Kind.ENUM) {
            for (int i = 0; i < type.constants().size() && candidates.size() <= used; i++) {
                candidates.add(maker.constant(type, i));
                names.add(type.name() + "." + type.constants().get(i));
            }
        }
        for (Type lower : design.realisationsOf(type)) {
            if (candidates.size() <= used && lower.isNamed() && design.isConcrete(lower)) {
                Given made = maker.any(TypeRef.of(lower.id(), lower.name()), 0);
                if (made instanceof Given.Ref ref) {
                    candidates.add(ref);
                    names.add(Maker.article(lower) + lower.name());
                }
            }
        }
        if (candidates.size() <= used) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say(
                            "Nothing new can realise ", code(type, step.role()), ", and it has too few of its own."));
        }
        put(step.variable(), Cast.made(step.role(), type, candidates.get((int) used), false));
        built(
                step.variable(),
                ", which is ",
                Code.of(names.get((int) used)),
                ", listened to: nothing new can realise ",
                code(type, step.role()));
    }

    // objects of a role

    void makeNew(Step.New step) throws Ended, DriverLost {
        Type type = bound(step.role());
        Offers with = offers(step.with());
        if (with.isEmpty() && onlyStatic(type)) {
            put(step.variable(), Cast.made(step.role(), type, null, false));
            account.add(
                    LineKind.BUILT,
                    0,
                    null,
                    "no object needed: the operations of ",
                    code(type, step.role()),
                    " are static");
            return;
        }
        List<String> problems = new ArrayList<>();
        Given.Ref made = step.perhaps() ? perhaps(type, with, problems) : make(type, with, problems);
        String how = "";
        if (with.isEmpty() && made == null) {
            made = ready(type, problems);
        }
        if (made == null) {
            made = build(type, with.anew());
            how = ", through its builder";
        }
        if (made == null && !type.isNamed() && with.isEmpty()) {
            throw nameless(type, step.role());
        }
        if (made == null) {
            throw noWay(step, type, problems);
        }
        put(step.variable(), Cast.made(step.role(), type, made, false));
        built(
                step.variable(),
                ", " + Maker.article(type),
                code(type, step.role()),
                step.with().isEmpty() ? "" : " with ",
                Code.of(names(step.with())),
                how);
    }

    /** An object of one of the types that play a role. */
    void makeNewOf(Type type, String role, String variable) throws Ended, DriverLost {
        List<String> problems = new ArrayList<>();
        Given.Ref made = make(type, new Offers(design, List.of()), problems);
        if (made == null) {
            made = ready(type, problems);
        }
        if (made == null && !type.isNamed()) {
            throw nameless(type, role);
        }
        if (made == null) {
            String why = problems.isEmpty() ? "" : " " + capitalised(problems.get(0)) + ".";
            throw new Ended(Outcome.BLOCKED, Account.say("No ", code(type, role), " could be made." + why));
        }
        put(variable, Cast.made(role, type, made, false));
        built(variable, ", " + Maker.article(type), code(type, role));
    }

    /** An object that the program itself holds or gives out. */
    private Given.Ref ready(Type type, List<String> problems) throws DriverLost {
        return type.kind() == Type.Kind.ENUM && !type.constants().isEmpty()
                ? constant(type, problems)
                : maker.givenOut(type, problems);
    }

    private Given.Ref constant(Type type, List<String> problems) throws DriverLost {
        try {
            return maker.constant(type, 0);
        } catch (Maker.Unmakeable e) {
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
    private Given.Ref perhaps(Type type, Offers with, List<String> problems) throws DriverLost {
        Given.Ref made = null;
        for (int round = 0; round < 3 && made == null; round++) {
            for (Operation way : maker.waysIn(type, with)) {
                Given.Ref one = made == null ? maker.tryWay(type, way, with.anew(), round, problems) : null;
                made = made == null ? one : made;
            }
        }
        return made != null ? made : make(type, offers(), problems);
    }

    /** What has no name can be had only where the program keeps it or gives it out. */
    private Ended nameless(Type type, String role) {
        return new Ended(null, Account.say("No object of ", code(type, role), " can be got at."));
    }

    private Ended noWay(Step.New step, Type type, List<String> problems) {
        String why = problems.isEmpty() ? "" : " " + capitalised(problems.get(0)) + ".";
        return new Ended(
                Outcome.BLOCKED,
                step.with().isEmpty()
                        ? Account.say("No ", code(type, step.role()), " could be made." + why)
                        : Account.say(
                                "No way was found to hand ",
                                code(type, step.role()),
                                " ",
                                Code.of(names(step.with())),
                                " from outside." + why));
    }

    private boolean onlyStatic(Type type) {
        List<Operation> members = binding.operations().values().stream()
                .flatMap(List::stream)
                .filter(o -> design.lineOf(type).stream().anyMatch(t -> t.id().equals(o.owner())))
                .toList();
        return !members.isEmpty() && members.stream().allMatch(Operation::isStatic);
    }

    /** An object that has everything it is offered, by its constructor or by operations that take it; null where none has. */
    private Given.Ref make(Type type, Offers with, List<String> problems) throws DriverLost {
        Type concrete = design.isConcrete(type)
                ? type
                : design.realisationsOf(type).stream()
                        .filter(design::isConcrete)
                        .filter(Type::isNamed)
                        .findFirst()
                        .orElse(type);
        for (int round = 0; round < 5; round++) {
            for (Operation way : maker.waysIn(concrete, with)) {
                Offers offered = with.anew();
                Given.Ref made = maker.tryWay(concrete, way, offered, round, problems);
                if (made != null && handIn(made, concrete, offered.unused(), round, problems)) {
                    return made;
                }
            }
        }
        return null;
    }

    /** Gives an object what it lacks, each by an operation that keeps it. */
    boolean handIn(Given.Ref made, Type type, List<Cast> lacking, int round, List<String> problems) throws DriverLost {
        for (int i = 0; i < lacking.size(); i++) {
            if (handIn(made, type, lacking.get(i), round + i, problems).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** The call that gave the object something; nothing where it has no operation that keeps it. */
    Optional<Done> handIn(Given.Ref made, Type type, Cast lacking, int round, List<String> problems) throws DriverLost {
        Offers one = new Offers(design, List.of(lacking));
        List<Operation> keeping = design.methodsOf(type).stream()
                .filter(o -> !o.isStatic() && design.bodies().isOpen(o))
                .filter(o -> o.parameters().stream().anyMatch(p -> one.fit(p.type())))
                .filter(this::keeps)
                .sorted((a, b) -> Boolean.compare(setsAMember(b), setsAMember(a)))
                .toList();
        for (Operation keeper : keeping) {
            try {
                List<Given> arguments = maker.arguments(keeper, one.anew(), round);
                Answer a = callOn(made, type, keeper, arguments);
                if (a.thrown() == null) {
                    return Optional.of(new Done(keeper, arguments));
                }
                problems.add(Stage.said(a.thrown()));
            } catch (Maker.Unmakeable e) {
                problems.add(e.getMessage());
            }
        }
        return Optional.empty();
    }

    /** A call that was made. */
    record Done(Operation operation, List<Given> arguments) {}

    private boolean keeps(Operation o) {
        return design.bodies().reachedFrom(o).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Write || s.fact() instanceof Fact.Put);
    }

    private boolean setsAMember(Operation o) {
        return binding.fields().values().stream().flatMap(List::stream).anyMatch(f -> isSetBy(f, o));
    }

    private boolean isSetBy(Field field, Operation operation) {
        return design.bodies().reachedFrom(operation).stream()
                .anyMatch(s -> design.bodies().writesTo(field).stream()
                        .anyMatch(w -> w.fact().equals(s.fact())));
    }

    /** An object made by another, which is first told what it shall have; null where no other type builds one so. */
    private Given.Ref build(Type wanted, Offers parts) throws DriverLost {
        for (Operation last : design.operations()) {
            boolean builds = last.isMethod()
                    && !last.isStatic()
                    && last.visibility() != Visibility.PRIVATE
                    && last.parameters().isEmpty()
                    && last.result() != null
                    && last.result().type().equals(wanted.id());
            Type builder = design.type(last.owner()).filter(Type::isOwn).orElse(null);
            if (builds && builder != null && !builder.equals(wanted) && design.isConcrete(builder)) {
                Given.Ref made = buildWith(builder, last, parts.anew());
                if (made != null) {
                    return made;
                }
            }
        }
        return null;
    }

    private Given.Ref buildWith(Type builder, Operation last, Offers parts) throws DriverLost {
        try {
            if (!(maker.any(TypeRef.of(builder.id(), builder.name()), 0) instanceof Given.Ref on)) {
                return null;
            }
            for (Operation step : design.methodsOf(builder)) {
                if (!step.isStatic()
                        && step.visibility() != Visibility.PRIVATE
                        && !step.parameters().isEmpty()) {
                    callOn(on, builder, step, maker.arguments(step, parts, 0));
                }
            }
            boolean allGiven = parts.unused().isEmpty();
            Answer end = allGiven ? callOn(on, builder, last, List.of()) : null;
            return end != null && end.thrown() == null ? end.value().ref() : null;
        } catch (Maker.Unmakeable e) {
            return null;
        }
    }

    Answer callOn(Given.Ref on, Type type, Operation o, List<Given> arguments) throws DriverLost {
        return stage.ask(call(on, type, o, arguments));
    }

    /** What a function is called by: the operation of its type that it realises. */
    private Operation declared(Operation o) {
        boolean function = design.type(o.owner())
                .map(t -> t.origin() == Type.Origin.LAMBDA)
                .orElse(false);
        return function
                ? o.overrides().stream()
                        .flatMap(id -> design.operation(id).stream())
                        .findFirst()
                        .orElse(o)
                : o;
    }

    Request.Call call(Given.Ref on, Type type, Operation o, List<Given> arguments) {
        Operation declared = declared(o);
        if (!declared.equals(o)) {
            return call(on, type, declared, arguments);
        }
        String owner = design.type(o.owner()).map(Type::id).orElse(type.id());
        return new Request.Call(owner, o.name(), Maker.parameterTypes(o), o.isStatic() ? null : on, arguments);
    }
}
