package hausaufgabe.core.scenario.wholerun;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.driver.ThrownError;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.notation.Run;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.transcript.Transcript;
import java.util.List;
import java.util.Map;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Runs of the program as a whole, each in a process of its own. */
public final class WholeRuns {

    private final RunLimits limits;
    private final Driver.Source drivers;
    private final LongSupplier milliseconds;

    /** @param milliseconds a clock that only goes forward */
    public WholeRuns(RunLimits limits, Driver.Source drivers, LongSupplier milliseconds) {
        this.limits = limits;
        this.drivers = drivers;
        this.milliseconds = milliseconds;
    }

    /** A program that can be started. */
    public record Startable(Design design, Program program) {}

    /** What came of a run. */
    private record Came(
            String output,
            String errors,
            Map<String, String> files,
            @Nullable ThrownError thrown) {}

    /** @param starter the code that was handed out; null where there was none, or it does not compile */
    public ScenarioResult run(Run run, Startable submission, @Nullable Startable starter) {
        long start = milliseconds.getAsLong();
        Transcript transcript = new Transcript();
        try {
            StepResult result = play(run, submission, starter, transcript);
            if (result instanceof StepResult.Failed f) {
                return result(run, Outcome.FAILED, f.why(), transcript, milliseconds.getAsLong() - start);
            } else if (result instanceof StepResult.Blocked b) {
                return result(run, Outcome.BLOCKED, b.why(), transcript, milliseconds.getAsLong() - start);
            }
            Sentence why = Sentence.words("Everything came as expected.");
            return result(run, Outcome.PASSED, why, transcript, milliseconds.getAsLong() - start);
        } catch (DriverLost lost) {
            transcript.stopped(false, lost.getMessage());
            Outcome outcome = lost.reason() == DriverLost.Reason.NOT_STARTED ? Outcome.BLOCKED : Outcome.FAILED;
            Sentence why = Sentence.words(lost.getMessage());
            return result(run, outcome, why, transcript, milliseconds.getAsLong() - start);
        }
    }

    private StepResult play(Run run, Startable submission, @Nullable Startable starter, Transcript transcript)
            throws DriverLost {
        boolean compares = run.expected().stream().anyMatch(e -> e.how() == Run.How.AS_BEFORE);
        StepResult hindrance = hindrance(run, submission);
        if (!hindrance.isHeld()) {
            return hindrance;
        }
        Came came = start(run, submission, transcript, "");
        @Nullable Came before = null;
        if (compares) {
            if (starter == null) {
                return StepResult.blocked("There is no starter code that compiles to compare with.");
            }
            hindrance = hindrance(run, starter);
            if (!hindrance.isHeld()) {
                return hindrance;
            }
            before = start(run, starter, transcript, "the starter code, ");
        }
        for (Run.Expected e : run.expected()) {
            StepResult compared = expect(e, came, before, transcript);
            if (!compared.isHeld()) {
                return compared;
            }
        }
        return StepResult.HELD;
    }

    /** The result where nothing can be run, with the reason. */
    public static ScenarioResult blocked(Run run, String reason) {
        return result(run, Outcome.BLOCKED, Sentence.words(reason), new Transcript(), 0);
    }

    private static ScenarioResult result(Run run, Outcome outcome, Sentence why, Transcript transcript, long took) {
        return new ScenarioResult(
                run.name(),
                outcome,
                why,
                transcript.lines(),
                null,
                transcript.comparison(),
                run.points(),
                Marking.earned(outcome, run.points()),
                took);
    }

    private Came start(Run run, Startable what, Transcript transcript, String which) throws DriverLost {
        Type main = startable(run, what.design()).get(0);
        try (Driver driver = drivers.open(limits)) {
            driver.ask(new Request.Load(what.program()));
            String input = run.input().isEmpty() ? "" : String.join("\n", run.input()) + "\n";
            Answer a = driver.ask(new Request.Main(main.id(), run.arguments(), input));
            transcript.called(
                    "started ",
                    which,
                    Code.of(main.name()),
                    run.arguments().isEmpty() ? "" : " with " + String.join(" ", run.arguments()),
                    run.input().isEmpty() ? "" : ", given to read: " + ErrorText.shortened(input));
            Came came = new Came(printed(a, false), printed(a, true), a.named(), a.thrown());
            tell(came, transcript);
            return came;
        }
    }

    private static void tell(Came came, Transcript transcript) {
        if (!came.output().isEmpty()) {
            transcript.add(LineKind.PRINTED, 1, null, "printed ", Code.of(ErrorText.shortened(came.output())));
        }
        if (!came.errors().isEmpty()) {
            transcript.add(
                    LineKind.PRINTED, 1, null, "printed as an error ", Code.of(ErrorText.shortened(came.errors())));
        }
        came.files().keySet().forEach(f -> transcript.add(LineKind.PRINTED, 1, null, "wrote ", Code.of(f)));
        if (came.thrown() != null) {
            transcript.add(LineKind.STOPPED, 1, null, "ended by ", Code.of(ErrorText.of(came.thrown())));
        }
    }

    private static String printed(Answer a, boolean error) {
        return a.events().stream()
                .filter(e -> e instanceof Event.Printed p && p.error() == error)
                .map(e -> ((Event.Printed) e).text())
                .collect(Collectors.joining());
    }

    /** What keeps the program from being started; held where nothing does. */
    private StepResult hindrance(Run run, Startable what) {
        if (drivers.exhausted()) {
            return StepResult.blocked("The time allowed for running this submission was used up before.");
        }
        List<Type> fitting = startable(run, what.design());
        if (fitting.size() == 1) {
            return StepResult.HELD;
        }
        if (run.main() != null) {
            return StepResult.failed("There is no ", Code.of(run.main()), " that can be started.");
        }
        String all = fitting.stream().map(Type::name).collect(Collectors.joining(", "));
        return StepResult.blocked(
                fitting.isEmpty()
                        ? "Nothing in the submission can be started."
                        : "Several can be started: " + all + ". Say in the exercise which one, with main.");
    }

    /** Types that a program can start with; of that name, where the run names one. */
    private static List<Type> startable(Run run, Design design) {
        return design.operations().stream()
                .filter(o -> o.role() == Operation.Role.ENTRY)
                .flatMap(o -> design.type(o.owner()).stream())
                .distinct()
                .filter(t -> run.main() == null || t.name().equals(run.main()) || t.id().equals(run.main()))
                .toList();
    }

    private static StepResult expect(Run.Expected e, Came came, @Nullable Came before, Transcript transcript) {
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
        boolean holds = difference.isEmpty();
        transcript.expected(holds, Code.of(what), as, holds ? "" : "; " + difference);
        if (holds) {
            return StepResult.HELD;
        }
        if (is != null && wanted != null && e.how() != Run.How.MATCHING) {
            transcript.differs(new ScenarioResult.Comparison(what, wanted, is));
        }
        String thrown = came.thrown() == null ? "" : " It was ended by " + ErrorText.of(came.thrown()) + ".";
        return StepResult.failed(Code.of(what), " is not" + as + ", " + difference + "." + thrown);
    }
}
