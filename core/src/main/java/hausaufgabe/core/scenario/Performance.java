package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.notation.PatternPrinter;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Bond;
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
import java.util.List;

/** Plays one scenario step by step. */
final class Performance {

    private final Binding binding;
    private final Stage stage;
    private final Account account;
    private final Casting casting;
    private final Calling calling;
    private final Expectations expectations;
    private final Bonds bonds;

    /**
     * How a scenario ended.
     *
     * @param outcome null where it turned out to have nothing to show
     * @param unheard whether it was played to the end, and only what was to be heard was not
     */
    record Ending(Outcome outcome, Sentence why, boolean unheard) {}

    Performance(
            Design design,
            Program program,
            Binding binding,
            Judge judge,
            Stage stage,
            Account account,
            Tracing tracing,
            boolean distinct) {
        this.binding = binding;
        this.stage = stage;
        this.account = account;
        this.casting = new Casting(design, program, binding, stage, account, tracing);
        this.calling = new Calling(design, binding, judge, stage, account, casting, distinct);
        this.expectations = new Expectations(design, binding, stage, account, casting, calling);
        this.bonds = new Bonds(design, binding, stage, account, casting, calling);
    }

    /** Whether playing it with other values beside what is handed over may come out differently. */
    boolean hasOtherValues() {
        return calling.hasOtherValues();
    }

    Ending play(Scenario scenario) throws DriverLost {
        boolean undoes =
                scenario.steps().stream().anyMatch(s -> s instanceof Step.ExpectBond b && b.bond() == Bond.TAKES_BACK);
        if (undoes) {
            casting.maker().preferReal();
        }
        try {
            for (Step step : scenario.steps()) {
                take(step);
            }
        } catch (Ended e) {
            return e.ending();
        } catch (Maker.Unmakeable e) {
            account.add(LineKind.STOPPED, 0, null, e.getMessage());
            return new Ending(Outcome.BLOCKED, Sentence.words(Casting.capitalised(e.getMessage()) + "."), false);
        } catch (DriverLost lost) {
            if (lost.reason() == DriverLost.Reason.TIMED_OUT && calling.isFree()) {
                account.add(LineKind.STOPPED, 0, null, lost.getMessage());
                return new Ending(Outcome.BLOCKED, Sentence.words(lost.getMessage()), false);
            }
            throw lost;
        }
        return new Ending(Outcome.PASSED, Sentence.words("All expectations held."), false);
    }

    private void take(Step step) throws Ended, DriverLost, Maker.Unmakeable {
        if (step instanceof Step.Double s) {
            casting.makeDouble(s);
        } else if (step instanceof Step.New s) {
            casting.makeNew(s);
        } else if (step instanceof Step.Call s) {
            calling.call(s);
        } else if (step instanceof Step.DoTheSame s) {
            calling.again(s.variable());
        } else if (step instanceof Step.ForgetCalls) {
            stage.forgetCalls();
        } else if (step instanceof Step.Capture) {
            stage.capture();
        } else if (step instanceof Step.Remember s) {
            expectations.remember(s.variable());
        } else if (step instanceof Step.Look s) {
            expectations.look(s);
        } else if (step instanceof Step.Assign s) {
            assign(s);
        } else if (step instanceof Step.Repeat s) {
            repeat(s);
        } else if (step instanceof Step.ForEach s) {
            forEach(s);
        } else if (step instanceof Step.ExpectBond s) {
            bonds.expect(s);
        } else if (step instanceof Step.ExpectEvery s) {
            bonds.expect(s);
        } else if (step instanceof Step.ExpectOneOrder s) {
            bonds.expect(s);
        } else {
            expectations.expect(step);
        }
    }

    private void assign(Step.Assign step) throws Ended, DriverLost {
        Cast on = casting.named(step.variable());
        for (Field f : binding.fields(step.field())) {
            Given value = casting.offers(List.of(step.value()))
                    .take(f.type())
                    .orElseThrow(() -> new Ended(
                            Outcome.BLOCKED,
                            Account.say(
                                    Code.of(f.name()),
                                    " is a ",
                                    Code.of(f.type().text()),
                                    "; " + PatternPrinter.argument(step.value()) + " is none, so it was not set.")));
            Answer a = stage.ask(new Request.Write(f.owner(), f.name(), f.isStatic() ? null : on.object(), value));
            if (a.thrown() != null) {
                throw new Ended(
                        Outcome.BLOCKED,
                        Account.say(Code.of(f.name()), " could not be set: " + Stage.said(a.thrown()) + "."));
            }
            account.add(
                    LineKind.CALLED,
                    0,
                    null,
                    Code.of(step.variable() + "." + f.name()),
                    " set to ",
                    calling.shown(value));
        }
    }

    private void repeat(Step.Repeat step) throws Ended, DriverLost, Maker.Unmakeable {
        if (step.parallel()) {
            // nothing else can stand there
            inParallel((Step.Call) step.step(), step.times());
            return;
        }
        List<Driver.Value> results = new ArrayList<>();
        for (int i = 0; i < step.times(); i++) {
            take(step.step());
            if (step.step() instanceof Step.Call c
                    && c.result() != null
                    && casting.named(c.result()).value() != null) {
                results.add(casting.named(c.result()).value());
            }
        }
        if (!results.isEmpty()) {
            casting.put(((Step.Call) step.step()).result(), Cast.results(results));
        }
    }

    private void inParallel(Step.Call c, int threads) throws Ended, DriverLost, Maker.Unmakeable {
        Cast on = casting.named(c.on());
        List<Operation> operations = binding.operations(c.member());
        if (operations.isEmpty()) {
            throw new Ended(
                    Outcome.BLOCKED, Account.say("It is not known which operation of ", Code.of(c.on()), " to call."));
        }
        List<Driver.Value> results = new ArrayList<>();
        for (Operation o : operations) {
            List<Given> arguments = casting.maker().arguments(o, casting.offers(c.with()), 0);
            account.add(
                    LineKind.CALLED,
                    0,
                    null,
                    "by " + threads + " threads at once, ",
                    Code.of(calling.callText(c.on(), on, o, arguments)));
            Answer a = stage.perform(new Request.Parallel(casting.call(on.object(), on.type(), o, arguments), threads));
            if (a.thrown() != null) {
                throw new Ended(
                        Outcome.BLOCKED, Account.say("It could not be called: " + Stage.said(a.thrown()) + "."));
            }
            for (Answer one : a.several()) {
                if (one.thrown() != null) {
                    throw new Ended(
                            Outcome.FAILED,
                            Account.say(
                                    Code.of(o.name() + "()"),
                                    " threw when " + threads + " threads called it at once: " + Stage.said(one.thrown())
                                            + "."));
                }
                results.add(one.value());
            }
        }
        if (c.result() != null) {
            casting.put(c.result(), Cast.results(results));
        }
    }

    private void forEach(Step.ForEach step) throws Ended, DriverLost, Maker.Unmakeable {
        Ended first = null;
        int held = 0;
        for (Type type : binding.types(step.role())) {
            try {
                casting.makeNewOf(type, step.role(), step.variable());
                take(step.step());
                held++;
            } catch (Ended e) {
                if (!step.some()) {
                    throw e;
                }
                first = first == null ? e : first;
            }
        }
        if (step.some() && held == 0 && first != null) {
            throw first;
        }
    }
}
