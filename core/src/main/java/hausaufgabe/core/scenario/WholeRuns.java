package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.notation.Limits;
import hausaufgabe.core.notation.Run;
import hausaufgabe.core.reading.Program;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Event;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;

/** Runs of the program as a whole, each in a process of its own. */
public final class WholeRuns {

    private final Limits limits;
    private final Driver.Source drivers;
    private final LongSupplier milliseconds;

    /** @param milliseconds a clock that only goes forward */
    public WholeRuns(Limits limits, Driver.Source drivers, LongSupplier milliseconds) {
        this.limits = limits;
        this.drivers = drivers;
        this.milliseconds = milliseconds;
    }

    /** A program that can be started. */
    public record Startable(Design design, Program program) {}

    /** What came of a run. */
    private record Came(String output, String errors, Map<String, String> files, Driver.Thrown thrown) {}

    /** @param starter the code that was handed out; null where there was none, or it does not compile */
    public ScenarioResult run(Run run, Startable submission, Startable starter) {
        long start = milliseconds.getAsLong();
        Account account = new Account();
        Outcome outcome = Outcome.PASSED;
        Sentence why = Sentence.words("Everything came as expected.");
        try {
            Came came = start(run, submission, account, "");
            Came before = null;
            for (Run.Expected e : run.expected()) {
                if (e.how() == Run.How.AS_BEFORE && before == null) {
                    before = startBefore(run, starter, account);
                }
                expect(e, came, before, account);
            }
        } catch (Ended e) {
            outcome = e.ending().outcome();
            why = e.ending().why();
        } catch (DriverLost lost) {
            account.add(LineKind.STOPPED, 0, false, lost.getMessage());
            outcome = lost.reason() == DriverLost.Reason.NOT_STARTED ? Outcome.BLOCKED : Outcome.FAILED;
            why = Sentence.words(lost.getMessage());
        }
        return result(run, outcome, why, account, milliseconds.getAsLong() - start);
    }

    /** The result where nothing can be run, with the reason. */
    public static ScenarioResult blocked(Run run, String reason) {
        return result(run, Outcome.BLOCKED, Sentence.words(reason), new Account(), 0);
    }

    private static ScenarioResult result(Run run, Outcome outcome, Sentence why, Account account, long took) {
        return new ScenarioResult(
                run.name(),
                outcome,
                why,
                account.lines(),
                null,
                run.points(),
                Marking.earned(outcome, run.points()),
                took);
    }

    private Came startBefore(Run run, Startable starter, Account account) throws Ended, DriverLost {
        if (starter == null) {
            throw new Ended(Outcome.BLOCKED, Sentence.words("There is no starter code that compiles to compare with."));
        }
        return start(run, starter, account, "the starter code, ");
    }

    private Came start(Run run, Startable what, Account account, String which) throws Ended, DriverLost {
        if (drivers.exhausted()) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Sentence.words("The time allowed for running this submission was used up before."));
        }
        Type main = mainOf(run, what.design());
        try (Driver driver = drivers.open(limits)) {
            driver.ask(new Request.Load(what.program()));
            String input = run.input().isEmpty() ? "" : String.join("\n", run.input()) + "\n";
            Answer a = driver.ask(new Request.Main(main.id(), run.arguments(), input));
            account.add(
                    LineKind.CALLED,
                    0,
                    null,
                    "started ",
                    which,
                    Code.of(main.name()),
                    run.arguments().isEmpty() ? "" : " with " + String.join(" ", run.arguments()),
                    run.input().isEmpty() ? "" : ", given to read: " + Stage.shortened(input));
            Came came = new Came(printed(a, false), printed(a, true), a.named(), a.thrown());
            tell(came, account);
            return came;
        }
    }

    private static void tell(Came came, Account account) {
        if (!came.output().isEmpty()) {
            account.add(LineKind.PRINTED, 1, null, "printed ", Code.of(Stage.shortened(came.output())));
        }
        if (!came.errors().isEmpty()) {
            account.add(LineKind.PRINTED, 1, null, "printed as an error ", Code.of(Stage.shortened(came.errors())));
        }
        came.files().keySet().forEach(f -> account.add(LineKind.PRINTED, 1, null, "wrote ", Code.of(f)));
        if (came.thrown() != null) {
            account.add(LineKind.STOPPED, 1, null, "ended by ", Code.of(Stage.said(came.thrown())));
        }
    }

    private static String printed(Answer a, boolean error) {
        return a.events().stream()
                .filter(e -> e instanceof Event.Printed p && p.error() == error)
                .map(e -> ((Event.Printed) e).text())
                .collect(Collectors.joining());
    }

    /** The one named, or else the only one that can be started. */
    private static Type mainOf(Run run, Design design) throws Ended {
        List<Type> startable = new ArrayList<>();
        for (Operation o : design.operations()) {
            if (o.role() == Operation.Role.ENTRY) {
                Optional<Type> owner = design.type(o.owner());
                owner.filter(t -> !startable.contains(t)).ifPresent(startable::add);
            }
        }
        List<Type> fitting = startable.stream()
                .filter(t -> run.main() == null || t.name().equals(run.main()) || t.id().equals(run.main()))
                .toList();
        if (fitting.size() == 1) {
            return fitting.get(0);
        }
        if (run.main() != null) {
            throw new Ended(Outcome.FAILED, Account.say("There is no ", Code.of(run.main()), " that can be started."));
        }
        throw new Ended(
                Outcome.BLOCKED,
                Sentence.words(
                        startable.isEmpty()
                                ? "Nothing in the submission can be started."
                                : "Several can be started: "
                                        + startable.stream().map(Type::name).collect(Collectors.joining(", "))
                                        + ". Say in the exercise which one, with main."));
    }

    private static void expect(Run.Expected e, Came came, Came before, Account account) throws Ended {
        String what = e.file() == null ? "output" : e.file();
        String is = e.file() == null ? came.output() : came.files().get(e.file());
        String wanted = before == null || e.how() != Run.How.AS_BEFORE
                ? String.join("\n", e.lines())
                : e.file() == null ? before.output() : before.files().get(e.file());
        String difference;
        if (is == null) {
            difference = wanted == null ? "" : "it was not written";
        } else if (wanted == null) {
            difference = "the starter code writes no such file";
        } else {
            difference = OutputComparison.difference(is, wanted, e.how(), e.tolerance());
        }
        String as = e.how() == Run.How.AS_BEFORE ? " as before" : " as expected";
        account.add(
                LineKind.EXPECTED,
                0,
                difference.isEmpty(),
                Code.of(what),
                as,
                difference.isEmpty() ? "" : "; " + difference);
        if (!difference.isEmpty()) {
            String thrown = came.thrown() == null ? "" : " It was ended by " + Stage.said(came.thrown()) + ".";
            throw new Ended(
                    Outcome.FAILED, Account.say(Code.of(what), " is not" + as + ", " + difference + "." + thrown));
        }
    }
}
