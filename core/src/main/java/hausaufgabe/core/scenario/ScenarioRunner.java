package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** Runs the scenarios of a pattern that apply to a match. */
public final class ScenarioRunner {

    private final Pattern pattern;
    private final Design design;
    private final Match match;
    private final Map<String, byte[]> program;
    private final Driver.Source drivers;
    private final LongSupplier milliseconds;
    private final Judge judge;
    private Driver driver;

    /**
     * @param program the compiled program
     * @param milliseconds a clock that only goes forward
     */
    public ScenarioRunner(
            Pattern pattern,
            Design design,
            Match match,
            Map<String, byte[]> program,
            Driver.Source drivers,
            LongSupplier milliseconds) {
        this.pattern = pattern;
        this.design = design;
        this.match = match;
        this.program = program;
        this.drivers = drivers;
        this.milliseconds = milliseconds;
        this.judge = new Judge(pattern, design, null);
    }

    /** The scenarios that apply: of the form found, with all their conditions met. */
    public List<Scenario> applicable() {
        return pattern.scenarios().stream()
                .filter(s ->
                        s.forms().isEmpty() || s.forms().contains(match.form().name()))
                .filter(s -> s.when().stream().allMatch(c -> judge.status(c, match.binding()) == Status.MET))
                .toList();
    }

    /**
     * Runs all that apply, each with fresh objects and fresh static state.
     *
     * @param before told the name of each scenario before it runs
     */
    public List<ScenarioResult> run(Consumer<String> before) {
        List<ScenarioResult> results = new ArrayList<>();
        try {
            for (Scenario s : applicable()) {
                before.accept(s.name());
                results.add(run(s));
            }
        } finally {
            closeDriver();
        }
        return results;
    }

    /** The results where nothing can be run, with the reason. */
    public List<ScenarioResult> blocked(String reason) {
        return applicable().stream()
                .map(s -> result(s, Outcome.BLOCKED, Sentence.words(reason), new Account(), 0))
                .toList();
    }

    private ScenarioResult run(Scenario scenario) {
        Account account = new Account();
        if (drivers.exhausted()) {
            return result(
                    scenario,
                    Outcome.BLOCKED,
                    Sentence.words("The time allowed for running this submission was used up before."),
                    account,
                    0);
        }
        long start = milliseconds.getAsLong();
        Outcome outcome;
        Sentence why;
        try {
            if (driver == null) {
                driver = drivers.open();
            }
            driver.ask(new Request.Load(program, watched()));
            Performance performance =
                    new Performance(design, match.binding(), judge, new Stage(driver, account), account);
            Performance.Ending ending = performance.play(scenario);
            outcome = ending.outcome();
            why = ending.why();
        } catch (DriverLost lost) {
            closeDriver();
            outcome = lost.reason() == DriverLost.Reason.NOT_STARTED ? Outcome.BLOCKED : Outcome.FAILED;
            why = Sentence.words(lost.getMessage());
            account.add(LineKind.STOPPED, 0, false, lost.getMessage());
        }
        return result(scenario, outcome, why, account, milliseconds.getAsLong() - start);
    }

    /** Types whose own bodies tell that they were entered: where a double has none of its own, or nothing new can stand in. */
    private Set<String> watched() {
        Set<String> watched = new LinkedHashSet<>();
        Binding binding = match.binding();
        for (Pattern.Role role : pattern.roles()) {
            for (Type t : binding.types(role.name())) {
                if (role.sort() == Pattern.TypeSort.ABSTRACTION && !t.isInterface()) {
                    watched.add(t.id());
                }
                if (role.sort() == Pattern.TypeSort.ABSTRACTION && !Doubles.isPossible(t)) {
                    design.realisationsOf(t).stream()
                            .filter(r -> r.origin() != Type.Origin.LAMBDA)
                            .forEach(r -> watched.add(r.id()));
                }
            }
        }
        return watched;
    }

    private void closeDriver() {
        if (driver != null) {
            driver.close();
            driver = null;
        }
    }

    private static ScenarioResult result(Scenario s, Outcome outcome, Sentence why, Account account, long took) {
        return new ScenarioResult(
                s.name(), outcome, why, account.lines(), s.points(), Marking.earned(outcome, s.points()), took);
    }
}
