package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Pattern.Quantity;
import hausaufgabe.core.notation.PatternPrinter;
import hausaufgabe.core.notation.Predicate;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Casting.Cast;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import java.util.ArrayList;
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
    private final Casting casting;

    /** How a scenario ended. */
    record Ending(Outcome outcome, Sentence why) {}

    Performance(Design design, Binding binding, Judge judge, Stage stage, Account account) {
        this.design = design;
        this.binding = binding;
        this.judge = judge;
        this.stage = stage;
        this.account = account;
        this.casting = new Casting(design, binding, stage, account);
    }

    Ending play(Scenario scenario) throws DriverLost {
        Sentence last = Sentence.words("All expectations held.");
        try {
            for (Step step : scenario.steps()) {
                if (step instanceof Step.Double s) {
                    casting.makeDouble(s);
                } else if (step instanceof Step.New s) {
                    casting.makeNew(s);
                } else if (step instanceof Step.Call s) {
                    call(s);
                } else if (step instanceof Step.ForgetCalls) {
                    stage.forgetCalls();
                } else if (step instanceof Step.Expect s) {
                    expect(s);
                } else {
                    throw new Ended(
                            Outcome.BLOCKED,
                            Account.say("This version cannot take the step “" + PatternPrinter.step(step) + "” yet."));
                }
            }
        } catch (Ended e) {
            return e.ending();
        } catch (Maker.Unmakeable e) {
            account.add(LineKind.STOPPED, 0, null, e.getMessage());
            return new Ending(Outcome.BLOCKED, Sentence.words(Casting.capitalised(e.getMessage()) + "."));
        }
        return new Ending(Outcome.PASSED, last);
    }

    // calls

    private void call(Step.Call step) throws Ended, DriverLost {
        Cast on = casting.named(step.variable());
        Cast with = step.with() == null ? null : casting.named(step.with());
        List<Operation> bound = binding.operations(step.member());
        // where none is known to do the work, all are tried: that none does it is then seen, not supposed
        List<Operation> operations = bound.isEmpty() && step.until() != null ? anyOf(on) : bound;
        if (operations.isEmpty()) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say(
                            "It is not known which operation of ", Casting.code(on.type(), on.role()), " to call."));
        }
        Attempts attempts = new Attempts();
        if (step.until() == null) {
            heardAfterCalling(step, on, with, operations, 0, attempts);
            return;
        }
        for (int round = 0; round < Samples.ROUNDS; round++) {
            if (heardInRound(step, on, with, operations, round, attempts)) {
                account.add(LineKind.HEARD, 1, null, Code.of(step.until().variable()), " was called");
                return;
            }
        }
        throw notHeard(step, on, operations, attempts);
    }

    /** Calls with one set of values: as the object is, then with something to work on, then after each of what may start it. */
    private boolean heardInRound(
            Step.Call step, Cast on, Cast with, List<Operation> operations, int round, Attempts attempts)
            throws DriverLost {
        if (heardAfterCalling(step, on, with, operations, round, attempts)) {
            return true;
        }
        int mark = account.mark();
        feed(on, with, round);
        if (heardAfterCalling(step, on, with, operations, round, attempts)) {
            return true;
        }
        for (Operation starter : starters(on)) {
            casting.callOn(on.object(), on.type(), starter, List.of());
            account.add(LineKind.CALLED, 0, null, "first, ", Code.of(starter.name() + "()"));
            if (heardAfterCalling(step, on, with, operations, round, attempts)) {
                return true;
            }
        }
        account.dropSince(mark);
        return false;
    }

    /** Only what led somewhere, and the very first calls, stay in the account. */
    private boolean heardAfterCalling(
            Step.Call step, Cast on, Cast with, List<Operation> operations, int round, Attempts attempts)
            throws DriverLost {
        boolean first = attempts.made == 0;
        for (Operation o : operations) {
            if (with != null && !Casting.takes(o, with.type())) {
                continue;
            }
            int mark = account.mark();
            attempt(step, on, with, o, round, attempts);
            if (step.until() == null || count(step.until()) > 0) {
                return true;
            }
            if (!first) {
                account.dropSince(mark);
            }
        }
        return false;
    }

    /** What else an object can be told to do without being given anything, such as to open. */
    private List<Operation> starters(Cast on) {
        return on.object() == null
                ? List.of()
                : anyOf(on).stream()
                        .filter(o -> !o.isStatic() && o.parameters().isEmpty() && o.result() == null)
                        .toList();
    }

    private List<Operation> anyOf(Cast on) {
        List<Operation> bound =
                binding.operations().values().stream().flatMap(List::stream).toList();
        return design.methodsOf(on.type()).stream()
                .filter(o -> design.bodies().isOpen(o) && !bound.contains(o))
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
            arguments = casting.arguments(o, Casting.preferred(with), round);
        } catch (Maker.Unmakeable e) {
            attempts.problem = attempts.problem == null ? e.getMessage() : attempts.problem;
            return;
        }
        attempts.made++;
        account.add(LineKind.CALLED, 0, null, Code.of(callText(step, on, o, arguments)));
        Answer a = casting.callOn(on.object(), on.type(), o, arguments);
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
        return casting.cast().entrySet().stream()
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
                    && design.bodies().isOpen(o)
                    && !o.parameters().isEmpty()
                    && !bound.contains(o)
                    && casting.cast().values().stream()
                            .noneMatch(c -> c.object() != on.object() && Casting.takes(o, c.type()));
            if (feeds) {
                // twice, since some work begins only with a second thing to work on
                feed(on, with, o, round);
                feed(on, with, o, round + 1);
            }
        }
    }

    private void feed(Cast on, Cast with, Operation o, int round) throws DriverLost {
        try {
            List<Given> arguments = casting.arguments(o, Casting.preferred(with), round);
            casting.callOn(on.object(), on.type(), o, arguments);
            String shown = String.join(", ", arguments.stream().map(this::shown).toList());
            account.add(LineKind.CALLED, 0, null, "first, ", Code.of(o.name() + "(" + shown + ")"));
        } catch (Maker.Unmakeable e) {
            // one way less to fill the object; the others may do
        }
    }

    private int count(Heard heard) {
        return stage.count(casting.named(heard.variable()).object(), binding.operations(heard.member()));
    }

    /**
     * The call was not heard. It is a fault where another object of the role was heard instead, or where the code holds no
     * path to the call; where it holds one that these values did not take, nothing is shown.
     */
    private Ended notHeard(Step.Call step, Cast on, List<Operation> operations, Attempts attempts) {
        String wanted = step.until().variable();
        List<Operation> heard = binding.operations(step.until().member());
        for (Map.Entry<String, Cast> other : casting.cast().entrySet()) {
            boolean answers = !other.getKey().equals(wanted)
                    && other.getValue().role().equals(casting.named(wanted).role())
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
                        Casting.code(
                                casting.named(wanted).type(),
                                casting.named(wanted).role()),
                        "."));
    }

    private boolean hasPath(Step.Call step) {
        String heard = step.until().member();
        List<Condition> ways = new ArrayList<>();
        if (step.with() != null) {
            ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_PARAMETER, heard)));
        } else {
            binding.fields().keySet().forEach(f -> {
                ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_ON, heard, f)));
                ways.add(some(step.member(), Predicate.Says.of(Relation.CALLS_ONE_OF, heard, f)));
            });
        }
        return ways.stream().map(c -> judge.status(c, binding)).anyMatch(s -> s == Status.MET || s == Status.UNCLEAR);
    }

    private static Condition some(String member, Predicate predicate) {
        return new Condition(Quantity.SOME, 0, member, predicate, false);
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
