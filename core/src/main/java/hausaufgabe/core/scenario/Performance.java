package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Quantity;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Plays one scenario step by step. */
final class Performance {

    private final Design design;
    private final Binding binding;
    private final Judge judge;
    private final Stage stage;
    private final Account account;
    private final Maker maker;
    private final Map<String, Cast> cast = new LinkedHashMap<>();

    /** @param object null for a role whose operations are static */
    private record Cast(String role, Type type, Given.Ref object) {}

    /** How a scenario ended. */
    record Ending(Outcome outcome, Sentence why) {}

    private static final class Ended extends Exception {
        private static final long serialVersionUID = 1L;
        private final transient Ending ending;

        Ended(Outcome outcome, Sentence why) {
            this.ending = new Ending(outcome, why);
        }
    }

    Performance(Design design, Binding binding, Judge judge, Stage stage, Account account) {
        this.design = design;
        this.binding = binding;
        this.judge = judge;
        this.stage = stage;
        this.account = account;
        this.maker = new Maker(design, stage);
    }

    Ending play(Scenario scenario) throws DriverLost {
        Sentence last = Sentence.words("All expectations held.");
        try {
            for (Step step : scenario.steps()) {
                if (step instanceof Step.Double s) {
                    makeDouble(s);
                } else if (step instanceof Step.New s) {
                    makeNew(s);
                } else if (step instanceof Step.Call s) {
                    call(s);
                } else if (step instanceof Step.ForgetCalls) {
                    stage.forgetCalls();
                } else if (step instanceof Step.Expect s) {
                    expect(s);
                }
            }
        } catch (Ended e) {
            return e.ending;
        } catch (Maker.Unmakeable e) {
            account.add(LineKind.STOPPED, 0, null, e.getMessage());
            return new Ending(Outcome.BLOCKED, Sentence.words(capitalised(e.getMessage()) + "."));
        }
        return new Ending(Outcome.PASSED, last);
    }

    private static String capitalised(String text) {
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

    private static Code code(Type type, String role) {
        return new Code(type.name(), role);
    }

    // doubles and stand-ins

    private void makeDouble(Step.Double step) throws Ended, DriverLost, Maker.Unmakeable {
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

    private void makeNew(Step.New step) throws Ended, DriverLost, Maker.Unmakeable {
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

    private static boolean takes(Operation operation, Type type) {
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

    private static Map<String, Given> preferred(Cast given) {
        return given == null ? Map.of() : Map.of(given.type().id(), given.object());
    }

    private List<Given> arguments(Operation operation, Map<String, Given> preferred, int round)
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
                .filter(o -> !o.isStatic() && o.visibility() != Visibility.PRIVATE && takes(o, given.type()))
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

    private Answer callOn(Given.Ref on, Type type, Operation o, List<Given> arguments) throws DriverLost {
        String owner = design.type(o.owner()).filter(Type::isOwn).map(Type::id).orElse(type.id());
        return stage.ask(
                new Request.Call(owner, o.name(), Maker.parameterTypes(o), o.isStatic() ? null : on, arguments));
    }

    // calls

    private void call(Step.Call step) throws Ended, DriverLost {
        Cast on = cast.get(step.variable());
        Cast with = step.with() == null ? null : cast.get(step.with());
        List<Operation> bound = binding.operations(step.member());
        // where none is known to do the work, all are tried: that none does it is then seen, not supposed
        List<Operation> operations = bound.isEmpty() && step.until() != null ? anyOf(on) : bound;
        if (operations.isEmpty()) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say("It is not known which operation of ", code(on.type(), on.role()), " to call."));
        }
        Attempts attempts = new Attempts();
        for (int round = 0; round < (step.until() == null ? 1 : Samples.ROUNDS); round++) {
            for (boolean fed : step.until() == null ? new boolean[] {false} : new boolean[] {false, true}) {
                int mark = account.mark();
                if (fed) {
                    feed(on, with, round);
                }
                for (Operation o : operations) {
                    if (with != null && !takes(o, with.type())) {
                        continue;
                    }
                    int before = account.mark();
                    attempt(step, on, with, o, round, attempts);
                    if (step.until() == null || count(step.until()) > 0) {
                        if (step.until() != null) {
                            heardLine(step.until());
                        }
                        return;
                    }
                    if (round > 0 || fed) {
                        account.dropSince(before);
                    }
                }
                if (round > 0 || fed) {
                    account.dropSince(mark);
                }
            }
        }
        throw notHeard(step, on, operations, attempts);
    }

    private List<Operation> anyOf(Cast on) {
        List<Operation> bound =
                binding.operations().values().stream().flatMap(List::stream).toList();
        return design.methodsOf(on.type()).stream()
                .filter(o -> o.visibility() != Visibility.PRIVATE && !bound.contains(o))
                .toList();
    }

    private static final class Attempts {
        private int made;
        private int returned;
        private String problem;
    }

    private void attempt(Step.Call step, Cast on, Cast with, Operation o, int round, Attempts attempts)
            throws DriverLost {
        List<Given> arguments;
        try {
            arguments = arguments(o, preferred(with), round);
        } catch (Maker.Unmakeable e) {
            attempts.problem = attempts.problem == null ? e.getMessage() : attempts.problem;
            return;
        }
        attempts.made++;
        account.add(LineKind.CALLED, 0, null, Code.of(callText(step, on, o, arguments)));
        Answer a = callOn(on.object(), on.type(), o, arguments);
        if (a.thrown() != null) {
            account.add(LineKind.CALLED, 1, null, "threw ", Code.of(Stage.said(a.thrown())));
            attempts.problem = o.name() + "() threw " + Stage.said(a.thrown());
        } else {
            attempts.returned++;
            if (o.result() != null) {
                account.add(LineKind.CALLED, 1, null, "gave back ", Code.of(shown(a.value())));
            }
        }
    }

    private String callText(Step.Call step, Cast on, Operation o, List<Given> arguments) {
        List<String> shown = new ArrayList<>();
        for (Given g : arguments) {
            shown.add(shown(g));
        }
        String receiver = o.isStatic() ? on.type().name() : step.variable();
        return receiver + "." + o.name() + "(" + String.join(", ", shown) + ")";
    }

    private String shown(Driver.Value value) {
        return value.ref() == null ? value.shown() : nameOf(value.ref()).orElse(value.shown());
    }

    /** What the scenario calls an object, where it has a name for it. */
    private Optional<String> nameOf(Given.Ref ref) {
        return cast.entrySet().stream()
                .filter(e ->
                        e.getValue().object() != null && e.getValue().object().id() == ref.id())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private String shown(Given given) {
        if (given instanceof Given.Simple s) {
            return s.type().contains("String") || s.type().endsWith("Object") ? '"' + s.text() + '"' : s.text();
        }
        if (given instanceof Given.Parsed p) {
            return p.text();
        }
        if (given instanceof Given.Several s) {
            return s.items().stream().map(this::shown).toList().toString();
        }
        if (given instanceof Given.Ref r) {
            return nameOf(r).orElse("a " + r.type().substring(r.type().lastIndexOf('.') + 1));
        }
        return "null";
    }

    /** Calls what else the object offers for being given something, so that it has something to work on. */
    private void feed(Cast on, Cast with, int round) throws DriverLost {
        if (on.object() == null) {
            return;
        }
        List<Operation> bound =
                binding.operations().values().stream().flatMap(List::stream).toList();
        for (Operation o : design.methodsOf(on.type())) {
            boolean feeds = !o.isStatic()
                    && o.visibility() != Visibility.PRIVATE
                    && !o.parameters().isEmpty()
                    && !bound.contains(o)
                    && cast.values().stream().noneMatch(c -> c.object() != on.object() && takes(o, c.type()));
            if (feeds) {
                // twice, since some work begins only with a second thing to work on
                feed(on, with, o, round);
                feed(on, with, o, round + 1);
            }
        }
    }

    private void feed(Cast on, Cast with, Operation o, int round) throws DriverLost {
        try {
            List<Given> arguments = arguments(o, preferred(with), round);
            callOn(on.object(), on.type(), o, arguments);
            String shown = String.join(", ", arguments.stream().map(this::shown).toList());
            account.add(LineKind.CALLED, 0, null, "first, ", Code.of(o.name() + "(" + shown + ")"));
        } catch (Maker.Unmakeable e) {
            // one way less to fill the object; the others may do
        }
    }

    private int count(Heard heard) {
        return stage.count(cast.get(heard.variable()).object(), binding.operations(heard.member()));
    }

    private void heardLine(Heard heard) {
        account.add(LineKind.HEARD, 1, null, Code.of(heard.variable()), " was called");
    }

    /**
     * The call was not heard. It is a fault where another object of the role was heard instead, or where the code holds no
     * path to the call; where it holds one that these values did not take, nothing is shown.
     */
    private Ended notHeard(Step.Call step, Cast on, List<Operation> operations, Attempts attempts) {
        String wanted = step.until().variable();
        List<Operation> heard = binding.operations(step.until().member());
        for (Map.Entry<String, Cast> other : cast.entrySet()) {
            boolean answers = !other.getKey().equals(wanted)
                    && other.getValue().role().equals(cast.get(wanted).role())
                    && stage.count(other.getValue().object(), heard) > 0;
            if (answers) {
                account.add(
                        LineKind.EXPECTED,
                        0,
                        false,
                        Code.of(wanted),
                        " called; but it was ",
                        Code.of(other.getKey()),
                        " that was called");
                return new Ended(
                        Outcome.FAILED,
                        Account.say(
                                "Expected ",
                                Code.of(wanted),
                                " to be called; ",
                                Code.of(other.getKey()),
                                " was called instead."));
            }
        }
        if (attempts.returned == 0) {
            String why = attempts.problem == null ? "no values were found to call it with" : attempts.problem;
            account.add(LineKind.STOPPED, 0, null, why);
            return new Ended(Outcome.BLOCKED, Account.say("It could not be called to the end: " + why + "."));
        }
        boolean path = hasPath(step);
        account.add(LineKind.EXPECTED, 0, false, Code.of(wanted), " called; it was not");
        if (path) {
            return new Ended(
                    Outcome.BLOCKED,
                    Account.say("The code has a way to the call, but none of the values tried took it."));
        }
        String who = operations.size() == 1
                ? operations.get(0).name() + "()"
                : String.join(
                        ", ",
                        operations.stream()
                                .map(o -> o.name() + "()")
                                .distinct()
                                .limit(4)
                                .toList());
        return new Ended(
                Outcome.FAILED,
                Account.say(
                        Code.of(who),
                        operations.size() == 1 ? " was" : " were",
                        " called " + attempts.made + (attempts.made == 1 ? " time" : " times")
                                + " in all and never called ",
                        heard.isEmpty() ? "it" : Code.of(heard.get(0).name() + "()"),
                        " of ",
                        code(cast.get(wanted).type(), cast.get(wanted).role()),
                        "."));
    }

    private boolean hasPath(Step.Call step) {
        String heard = step.until().member();
        List<Condition> ways = new ArrayList<>();
        if (step.with() != null) {
            ways.add(some(step.member(), new Predicate.Calls(heard, Predicate.Target.PARAMETER, null)));
        } else {
            binding.fields().keySet().forEach(f -> {
                ways.add(some(step.member(), new Predicate.Calls(heard, Predicate.Target.FIELD, f)));
                ways.add(some(step.member(), new Predicate.Calls(heard, Predicate.Target.ONE_OF_FIELD, f)));
            });
        }
        return ways.stream().map(c -> judge.status(c, binding)).anyMatch(s -> s == Status.MET || s == Status.UNCLEAR);
    }

    private static Condition some(String member, Predicate predicate) {
        return new Condition(Quantity.SOME, 0, member, predicate);
    }

    // expectations

    private void expect(Step.Expect step) throws Ended {
        int count = count(step.heard());
        boolean holds = step.times().holds(count);
        List<Operation> operations = binding.operations(step.heard().member());
        String member =
                operations.isEmpty() ? step.heard().member() : operations.get(0).name();
        account.add(
                LineKind.EXPECTED,
                0,
                holds,
                Code.of(step.heard().variable() + "." + member + "()"),
                " " + step.times().words(),
                holds ? "" : "; it was called " + times(count));
        if (!holds) {
            throw new Ended(
                    Outcome.FAILED,
                    Account.say(
                            "Expected ",
                            Code.of(step.heard().variable()),
                            " " + step.times().words() + "; it was called " + times(count) + "."));
        }
    }

    private static String times(int count) {
        return count == 0 ? "never" : count == 1 ? "once" : count + " times";
    }
}
