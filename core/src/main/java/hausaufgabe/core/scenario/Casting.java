package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds the objects that a scenario plays with: doubles, stand-ins, and objects of roles by whatever way in they offer. */
final class Casting {

    private final Design design;
    private final Binding binding;
    private final Stage stage;
    private final Account account;
    private final Maker maker;
    private final Map<String, Cast> cast = new LinkedHashMap<>();

    /** @param object null for a role whose operations are static */
    record Cast(String role, Type type, Given.Ref object) {}

    Casting(Design design, Binding binding, Stage stage, Account account) {
        this.design = design;
        this.binding = binding;
        this.stage = stage;
        this.account = account;
        this.maker = new Maker(design, stage);
    }

    /** Everything made so far, by the name the scenario gave it. */
    Map<String, Cast> cast() {
        return Collections.unmodifiableMap(cast);
    }

    Cast named(String variable) {
        return cast.get(variable);
    }

    static String capitalised(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private Type bound(String role) throws Ended {
        return binding.type(role)
                .orElseThrow(
                        () -> new Ended(Outcome.BLOCKED, Sentence.words("No type was found that plays " + role + ".")));
    }

    private static String article(Type type) {
        return "AEIOUaeiou".indexOf(type.name().charAt(0)) >= 0 ? "an " : "a ";
    }

    static Code code(Type type, String role) {
        return new Code(type.name(), role);
    }

    // doubles and stand-ins

    void makeDouble(Step.Double step) throws Ended, DriverLost, Maker.Unmakeable {
        Type type = bound(step.role());
        if (Doubles.isPossible(type)) {
            Given.Ref ref = stage.makeDouble(type, maker.answers(type, 0, 0));
            cast.put(step.variable(), new Cast(step.role(), type, ref));
            account.add(
                    LineKind.BUILT,
                    0,
                    null,
                    Code.of(step.variable()),
                    ", " + article(type),
                    code(type, step.role()),
                    " the program has never seen");
            return;
        }
        standIn(step, type);
    }

    /** Where nothing new can realise the abstraction, the program's own objects are listened to instead. */
    private void standIn(Step.Double step, Type type) throws Ended, DriverLost, Maker.Unmakeable {
        long used =
                cast.values().stream().filter(c -> c.role().equals(step.role())).count();
        List<Given.Ref> candidates = new ArrayList<>();
        List<String> names = new ArrayList<>();
        if (type.kind() == Type.Kind.ENUM) {
            for (int i = 0; i < type.constants().size() && candidates.size() <= used; i++) {
                candidates.add((Given.Ref) maker.constant(type, i));
                names.add(type.name() + "." + type.constants().get(i));
            }
        } else {
            for (Type lower : design.realisationsOf(type)) {
                if (candidates.size() <= used && lower.isNamed() && design.isConcrete(lower)) {
                    candidates.add((Given.Ref) maker.value(TypeRef.of(lower.id(), lower.name()), Map.of(), 0));
                    names.add(article(lower) + lower.name());
                }
            }
        }
        if (candidates.size() <= used) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say(
                            "Nothing new can realise ", code(type, step.role()), ", and it has too few of its own."));
        }
        cast.put(step.variable(), new Cast(step.role(), type, candidates.get((int) used)));
        account.add(
                LineKind.BUILT,
                0,
                null,
                Code.of(step.variable()),
                ", which is ",
                Code.of(names.get((int) used)),
                ", listened to: nothing new can realise ",
                code(type, step.role()));
    }

    // objects of a role

    void makeNew(Step.New step) throws Ended, DriverLost, Maker.Unmakeable {
        Type type = bound(step.role());
        Cast given = step.with() == null ? null : cast.get(step.with());
        if (given == null && onlyStatic(step.role(), type)) {
            cast.put(step.variable(), new Cast(step.role(), type, null));
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
        for (int round = 0; round < Samples.ROUNDS; round++) {
            for (Operation way : waysFor(type, given)) {
                Given.Ref made = tryWay(type, way, given, round, problems);
                if (made == null) {
                    continue;
                }
                boolean handedIn = given == null || takes(way, given.type());
                if (handedIn || handIn(made, type, given, round, problems)) {
                    cast.put(step.variable(), new Cast(step.role(), type, made));
                    account.add(
                            LineKind.BUILT,
                            0,
                            null,
                            Code.of(step.variable()),
                            ", " + article(type),
                            code(type, step.role()),
                            given == null ? "" : " with ",
                            given == null ? "" : Code.of(step.with()));
                    return;
                }
            }
        }
        Given.Ref built =
                given == null ? null : new Builders(design, stage, maker).build(type, given.type(), given.object());
        if (built != null) {
            cast.put(step.variable(), new Cast(step.role(), type, built));
            account.add(
                    LineKind.BUILT,
                    0,
                    null,
                    Code.of(step.variable()),
                    ", " + article(type),
                    code(type, step.role()),
                    " with ",
                    Code.of(step.with()),
                    ", through its builder");
            return;
        }
        String why = problems.isEmpty() ? "" : " " + capitalised(problems.get(0)) + ".";
        throw new Ended(
                Outcome.BLOCKED,
                given == null
                        ? Account.say("No ", code(type, step.role()), " could be made." + why)
                        : Account.say(
                                "No way was found to hand ",
                                code(type, step.role()),
                                " an object of ",
                                code(given.type(), given.role()),
                                " from outside." + why));
    }

    private boolean onlyStatic(String role, Type type) {
        List<Operation> members = binding.operations().values().stream()
                .flatMap(List::stream)
                .filter(o -> design.lineOf(type).stream().anyMatch(t -> t.id().equals(o.owner())))
                .toList();
        return !members.isEmpty() && members.stream().allMatch(Operation::isStatic);
    }

    /** Ways in that take what is given come first. */
    private List<Operation> waysFor(Type type, Cast given) {
        Type concrete = design.isConcrete(type)
                ? type
                : design.realisationsOf(type).stream()
                        .filter(design::isConcrete)
                        .filter(Type::isNamed)
                        .findFirst()
                        .orElse(type);
        List<Operation> ways = new ArrayList<>(maker.waysIn(concrete));
        if (given != null) {
            ways.sort((a, b) -> Boolean.compare(takes(b, given.type()), takes(a, given.type())));
        }
        return ways;
    }

    static boolean takes(Operation operation, Type type) {
        return operation.parameters().stream()
                .flatMap(p -> p.type().leaves().stream())
                .anyMatch(l -> l.type().equals(type.id()));
    }

    private Given.Ref tryWay(Type type, Operation way, Cast given, int round, List<String> problems) throws DriverLost {
        try {
            List<Given> arguments = arguments(way, preferred(given), round);
            Type made = way.isConstructor() ? design.type(way.owner()).orElse(type) : type;
            Answer a = stage.ask(Maker.request(made, way, arguments));
            if (a.thrown() == null && a.value().ref() != null) {
                return a.value().ref();
            }
            problems.add(a.thrown() == null ? way.name() + "() gave nothing" : Stage.said(a.thrown()));
        } catch (Maker.Unmakeable e) {
            problems.add(e.getMessage());
        }
        return null;
    }

    static Map<String, Given> preferred(Cast given) {
        return given == null ? Map.of() : Map.of(given.type().id(), given.object());
    }

    List<Given> arguments(Operation operation, Map<String, Given> preferred, int round)
            throws Maker.Unmakeable, DriverLost {
        List<Given> arguments = new ArrayList<>();
        for (Operation.Parameter p : operation.parameters()) {
            arguments.add(maker.value(p.type(), preferred, round));
        }
        return arguments;
    }

    /** Gives an object something through an operation that takes it, or an open field of that type. */
    private boolean handIn(Given.Ref made, Type type, Cast given, int round, List<String> problems) throws DriverLost {
        List<Operation> setters = design.methodsOf(type).stream()
                .filter(o -> !o.isStatic() && design.bodies().isOpen(o) && takes(o, given.type()))
                .filter(this::setsAField)
                .toList();
        for (Operation setter : setters) {
            try {
                Answer a = callOn(made, type, setter, arguments(setter, preferred(given), round));
                if (a.thrown() == null) {
                    return true;
                }
                problems.add(Stage.said(a.thrown()));
            } catch (Maker.Unmakeable e) {
                problems.add(e.getMessage());
            }
        }
        return false;
    }

    private boolean setsAField(Operation operation) {
        return binding.fields().values().stream().flatMap(List::stream).anyMatch(f -> isSetBy(f, operation));
    }

    private boolean isSetBy(Field field, Operation operation) {
        return design.bodies().reachedFrom(operation).stream()
                .anyMatch(s -> design.bodies().writesTo(field).stream()
                        .anyMatch(w -> w.fact().equals(s.fact())));
    }

    Answer callOn(Given.Ref on, Type type, Operation o, List<Given> arguments) throws DriverLost {
        String owner = design.type(o.owner()).filter(Type::isOwn).map(Type::id).orElse(type.id());
        return stage.ask(
                new Request.Call(owner, o.name(), Maker.parameterTypes(o), o.isStatic() ? null : on, arguments));
    }
}
