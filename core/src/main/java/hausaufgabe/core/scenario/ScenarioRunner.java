package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.report.CallSequence;
import hausaufgabe.core.report.Demonstration;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Line;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.execution.StepResult.Hindrance;
import hausaufgabe.core.scenario.rehearsal.Rehearsal;
import hausaufgabe.core.scenario.rehearsal.RehearsalRun;
import hausaufgabe.core.scenario.session.Session;
import hausaufgabe.core.scenario.transcript.Trace;
import hausaufgabe.core.scenario.transcript.Transcript;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Runs the scenarios of a pattern that apply to a match. */
public final class ScenarioRunner implements AutoCloseable {

    /** How many types and operations one scenario is played for. */
    private static final int MOST_CASES = 40;

    /** How often what was refused is played again with values further on among the samples. */
    private static final int LATER = 8;

    private final DesignPattern pattern;
    private final Design design;
    private final Match match;
    private final Program program;
    private final Language language;
    private final Driver.Source drivers;
    private final LongSupplier milliseconds;
    private final Judge judge;
    private final boolean chancy;
    private @Nullable Driver driver;
    private Rehearsal rehearsal = Rehearsal.NONE;
    private @Nullable Demonstration demonstration;

    /**
     * @param program the compiled program
     * @param milliseconds a clock that only goes forward
     */
    public ScenarioRunner(
            DesignPattern pattern,
            Design design,
            Match match,
            Program program,
            Language language,
            Driver.Source drivers,
            LongSupplier milliseconds) {
        this.pattern = pattern;
        this.design = design;
        this.match = match;
        this.program = program;
        this.language = language;
        this.drivers = drivers;
        this.milliseconds = milliseconds;
        this.judge = new Judge(pattern, design, null);
        this.chancy = design.operations().stream()
                .flatMap(o -> o.body().stream())
                .anyMatch(f -> f instanceof Fact.Library call && call.is(Fact.LibraryTrait.CHANCE));
    }

    /**
     * What a scenario is played for.
     *
     * @param name in words, empty where it is played once
     */
    private record Case(String name, Binding binding) {}

    /**
     * How it went for one case.
     *
     * @param outcome null where it had nothing to show
     * @param hindrance null where it was not blocked, or not by a step
     */
    private record Played(
            Case of,
            @Nullable Outcome outcome,
            Sentence why,
            List<Line> lines,
            @Nullable CallSequence calls,
            boolean lost,
            boolean otherValues,
            @Nullable Hindrance hindrance) {

        boolean is(Hindrance h) {
            return hindrance == h;
        }
    }

    private List<Scenario> ofForm() {
        return pattern.scenarios().stream()
                .filter(s ->
                        s.forms().isEmpty() || s.forms().contains(match.form().name()))
                .toList();
    }

    /** The cases of a scenario that meet all its conditions. */
    private List<Case> cases(Scenario s) {
        List<Case> cases = List.of(new Case("", match.binding()));
        for (String name : s.every()) {
            List<Case> more = new ArrayList<>();
            for (Case c : cases) {
                for (Type t : match.binding().types(name)) {
                    more.add(new Case(joined(c.name(), t.name()), c.binding().narrowed(Map.of(name, t), Map.of())));
                }
                for (Operation o : match.binding().operations(name)) {
                    more.add(new Case(
                            joined(c.name(), o.name() + "()"), c.binding().narrowed(Map.of(), Map.of(name, o))));
                }
            }
            cases = more;
        }
        return cases.stream()
                .filter(c -> s.when().stream().allMatch(w -> mayApply(judge.status(w, c.binding()))))
                .toList();
    }

    /** What reading leaves open is tried; see {@link #doubtful}. */
    private static boolean mayApply(Status condition) {
        return condition == Status.MET || condition == Status.UNCLEAR;
    }

    /** Whether it is not known that a scenario applies, so that only what comes out well shows anything. */
    private boolean doubtful(Scenario s, Case c) {
        return s.when().stream().anyMatch(w -> judge.status(w, c.binding()) == Status.UNCLEAR);
    }

    private static String joined(String a, String b) {
        return a.isEmpty() ? b : a + ", " + b;
    }

    /**
     * Runs all that apply, each with fresh objects and fresh static state.
     *
     * @param before told the name of each scenario before it runs
     */
    public List<ScenarioResult> run(Consumer<String> before) {
        List<ScenarioResult> results = new ArrayList<>();
        rehearse();
        for (Scenario s : ofForm()) {
            List<Case> cases = cases(s);
            if (!cases.isEmpty()) {
                before.accept(s.name());
                ScenarioResult r = run(s, cases);
                if (r != null) {
                    results.add(r);
                }
            }
        }
        return results;
    }

    /** Sees how the program uses itself; what does not come to an end shows nothing. */
    private void rehearse() {
        boolean starts = design.operations().stream().anyMatch(o -> o.role() == Operation.Role.ENTRY);
        if (!starts || ofForm().stream().allMatch(s -> cases(s).isEmpty())) {
            return;
        }
        try {
            Set<String> playing = match.binding().roles().values().stream()
                    .flatMap(List::stream)
                    .map(Type::id)
                    .collect(Collectors.toSet());
            RehearsalRun seen = RehearsalRun.of(design, playing, begin());
            rehearsal = seen.rehearsal();
            demonstration = seen.shown();
            if (seen.isDriverSpent()) {
                close();
            }
        } catch (DriverLost lost) {
            close();
        }
    }

    /** What the program's own demonstration did; null before anything was run, and where there is none. */
    public @Nullable Demonstration demonstration() {
        return demonstration;
    }

    /** The results where nothing can be run, with the reason. */
    public List<ScenarioResult> blocked(String reason) {
        return ofForm().stream()
                .filter(s -> cases(s).stream().anyMatch(c -> !doubtful(s, c)))
                .map(s -> result(s, Outcome.BLOCKED, Sentence.words(reason), List.of(), null, 0))
                .toList();
    }

    /** Null where it turned out to have nothing to show. */
    private @Nullable ScenarioResult run(Scenario scenario, List<Case> cases) {
        long start = milliseconds.getAsLong();
        List<Played> all = new ArrayList<>();
        for (Case c : cases.subList(0, Math.min(MOST_CASES, cases.size()))) {
            Played p = playSteadily(scenario, c);
            if (p.outcome() != Outcome.PASSED && doubtful(scenario, c)) {
                if (p.lost()) {
                    break;
                }
                continue;
            }
            all.add(p);
            if (p.outcome() == Outcome.FAILED || p.lost()) {
                break;
            }
        }
        if (all.size() == MOST_CASES && cases.size() > MOST_CASES) {
            Case rest = new Case((cases.size() - MOST_CASES) + " more", match.binding());
            Sentence why = Sentence.words("Only the first " + MOST_CASES + " cases are tried.");
            all.add(new Played(rest, Outcome.BLOCKED, why, List.of(), null, false, false, null));
        }
        List<Played> shown = shown(all);
        if (shown.isEmpty()) {
            return null;
        }
        Played worst = shown.stream()
                .filter(p -> p.outcome() == Outcome.FAILED)
                .findFirst()
                .or(() -> shown.stream().filter(p -> p.is(Hindrance.UNHEARD)).findFirst())
                .or(() -> shown.stream()
                        .filter(p -> p.outcome() == Outcome.BLOCKED)
                        .findFirst())
                .orElse(shown.get(0));
        return result(
                scenario,
                Objects.requireNonNull(worst.outcome(), "only those that show something are left"),
                why(worst, shown, cases.size()),
                lines(shown),
                worst.calls(),
                milliseconds.getAsLong() - start);
    }

    /** Those that show something; where it holds for others, what takes nothing of what is handed over is not meant. */
    private static List<Played> shown(List<Played> all) {
        boolean holds = all.stream().anyMatch(p -> p.outcome() == Outcome.PASSED);
        return all.stream()
                .filter(p -> p.outcome() != null && !(holds && p.is(Hindrance.TAKES_NOTHING)))
                .toList();
    }

    /** A failure is said with the name of its case; where some cases could not be tried, which, and the reason of the first. */
    private static Sentence why(Played worst, List<Played> shown, int cases) {
        if (cases == 1 || worst.of().name().isEmpty()) {
            return worst.why();
        }
        if (worst.outcome() == Outcome.PASSED) {
            return Sentence.words(
                    "All expectations held, for " + shown.size() + (shown.size() == 1 ? " case." : " cases."));
        }
        List<Played> held =
                shown.stream().filter(p -> p.outcome() == Outcome.PASSED).toList();
        if (worst.outcome() == Outcome.FAILED || held.isEmpty()) {
            return Transcript.say(worst.of().name() + ": ", worst.why());
        }
        String left = shown.stream()
                .filter(p -> p.outcome() == Outcome.BLOCKED)
                .map(p -> p.of().name())
                .collect(Collectors.joining("; "));
        return Transcript.say(
                "Held for " + held.size() + " of " + shown.size() + " cases. Not tried to the end: " + left + ". ",
                worst.why());
    }

    private static List<Line> lines(List<Played> shown) {
        if (shown.size() == 1) {
            return shown.get(0).lines();
        }
        List<Line> lines = new ArrayList<>();
        for (Played p : shown) {
            if (lines.size() < Transcript.MOST) {
                Boolean good = p.outcome() == Outcome.BLOCKED ? null : p.outcome() == Outcome.PASSED;
                lines.add(new Line(LineKind.CASE, 0, Sentence.words(p.of().name()), good));
                lines.addAll(p.lines());
                if (p.outcome() == Outcome.BLOCKED) {
                    lines.add(new Line(LineKind.STOPPED, 0, p.why(), null));
                }
            }
        }
        return lines;
    }

    /** What leaves something to chance is played again; what does not come out the same shows nothing. */
    private Played playSteadily(Scenario scenario, Case of) {
        Played first = play(scenario, of);
        boolean parallel = scenario.steps().stream().anyMatch(s -> s instanceof Scenario.Step.Repeat r && r.parallel());
        boolean doubtful =
                (chancy || parallel) && (first.outcome() == Outcome.FAILED || first.outcome() == Outcome.PASSED);
        if (!doubtful || first.lost() || drivers.exhausted()) {
            return first;
        }
        for (int again = 0; again < 2; again++) {
            Played next = play(scenario, of);
            if (next.outcome() != first.outcome() && !next.lost()) {
                return varies(first, next);
            }
        }
        return first;
    }

    private static Played varies(Played first, Played next) {
        Sentence why = Transcript.say(
                "It varies: run again with the same calls it came out differently. Once: ",
                first.why(),
                " Then: ",
                next.why());
        return new Played(
                first.of(), Outcome.BLOCKED, why, first.lines(), first.calls(), false, false, Hindrance.UNHEARD);
    }

    private Played play(Scenario scenario, Case of) {
        Played p = play(scenario, of, false, 0);
        for (int later = 1; later <= LATER && p.is(Hindrance.REFUSED) && !p.lost(); later++) {
            // what is built of values may refuse them only at the end
            Played other = play(scenario, of, false, later);
            p = other.is(Hindrance.REFUSED) ? p : other;
        }
        if (p.otherValues() && !p.lost() && p.outcome() != Outcome.PASSED) {
            // where things are kept by a key, the second took the first one's place
            Played other = play(scenario, of, true, 0);
            return other.outcome() == Outcome.PASSED ? other : p;
        }
        return p;
    }

    /** @param later with which of the samples invented values begin */
    private Played play(Scenario scenario, Case of, boolean distinct, int later) {
        Transcript transcript = new Transcript();
        Trace trace = new Trace();
        if (drivers.exhausted()) {
            Sentence used = Sentence.words("The time allowed for running this submission was used up before.");
            return new Played(of, Outcome.BLOCKED, used, List.of(), null, true, false, null);
        }
        try {
            Session session = new Session(design, begin(), transcript, trace);
            ScenarioContext context = new ScenarioContext(
                    design,
                    program,
                    of.binding(),
                    judge,
                    language.values(),
                    session,
                    rehearsal,
                    pattern.values(),
                    transcript,
                    trace);
            context.values().beginLater(later);
            Interpreter interpreter = new Interpreter(context, distinct);
            StepResult result = interpreter.play(scenario);
            if (result instanceof StepResult.Failed) {
                trace.broke();
            }
            return new Played(
                    of,
                    outcome(result),
                    why(result),
                    transcript.lines(),
                    trace.sequence(),
                    false,
                    interpreter.hasOtherValues(),
                    result instanceof StepResult.Blocked b ? b.by() : null);
        } catch (DriverLost lost) {
            close();
            transcript.stopped(false, lost.getMessage());
            Outcome outcome = lost.reason() == DriverLost.Reason.NOT_STARTED ? Outcome.BLOCKED : Outcome.FAILED;
            return new Played(
                    of,
                    outcome,
                    Sentence.words(lost.getMessage()),
                    transcript.lines(),
                    trace.sequence(),
                    true,
                    false,
                    null);
        }
    }

    /** Null where it had nothing to show. */
    private static @Nullable Outcome outcome(StepResult result) {
        if (result instanceof StepResult.Failed) {
            return Outcome.FAILED;
        } else if (result instanceof StepResult.Blocked) {
            return Outcome.BLOCKED;
        }
        return result.isHeld() ? Outcome.PASSED : null;
    }

    private static Sentence why(StepResult result) {
        if (result instanceof StepResult.Failed f) {
            return f.why();
        } else if (result instanceof StepResult.Blocked b) {
            return b.why();
        } else if (result instanceof StepResult.NothingToShow n) {
            return n.why();
        }
        return Sentence.words("All expectations held.");
    }

    /** A driver that holds the program as it is in the beginning. */
    private Driver begin() throws DriverLost {
        Driver ready = driver;
        if (ready == null) {
            ready = drivers.open(pattern.limits());
            driver = ready;
            ready.ask(new Request.Load(program));
        } else {
            ready.ask(new Request.Forget());
        }
        return ready;
    }

    @Override
    public void close() {
        if (driver != null) {
            driver.close();
            driver = null;
        }
    }

    private static ScenarioResult result(
            Scenario s, Outcome outcome, Sentence why, List<Line> lines, @Nullable CallSequence calls, long took) {
        return new ScenarioResult(
                s.name(), outcome, why, lines, calls, null, s.points(), Marking.earned(outcome, s.points()), took);
    }
}
