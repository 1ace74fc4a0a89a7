package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.notation.PatternPrinter;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Bond;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.scenario.execution.CallExecutor;
import hausaufgabe.core.scenario.execution.CallWording;
import hausaufgabe.core.scenario.execution.DoubleFactory;
import hausaufgabe.core.scenario.execution.ObjectFactory;
import hausaufgabe.core.scenario.execution.ScenarioContext;
import hausaufgabe.core.scenario.execution.StepResult;
import hausaufgabe.core.scenario.expectation.CallExpectations;
import hausaufgabe.core.scenario.expectation.NewsExpectation;
import hausaufgabe.core.scenario.expectation.ValueExpectations;
import hausaufgabe.core.scenario.property.AnswerProperty;
import hausaufgabe.core.scenario.property.EffectProperty;
import hausaufgabe.core.scenario.property.EveryVariantProperty;
import hausaufgabe.core.scenario.property.ForwardingProperty;
import hausaufgabe.core.scenario.property.OrderProperty;
import hausaufgabe.core.scenario.property.UndoProperty;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.NoValueFound;
import hausaufgabe.core.scenario.value.Referent;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** Plays one scenario step by step. */
final class Interpreter {

    /** With how many sets of values it is tried to make a call by several threads. */
    private static final int ROUNDS_AT_ONCE = 6;

    private final ScenarioContext context;
    private final DoubleFactory doubles;
    private final ObjectFactory objects;
    private final CallExecutor calls;
    private final CallExpectations callExpectations;
    private final ValueExpectations valueExpectations;
    private final NewsExpectation newsExpectation;

    /** @param distinct whether what is handed over by itself goes along with other values each time, as keys have to */
    Interpreter(ScenarioContext context, boolean distinct) {
        this.context = context;
        this.doubles = new DoubleFactory(context);
        this.objects = new ObjectFactory(context);
        this.calls = new CallExecutor(context, distinct);
        this.callExpectations = new CallExpectations(context);
        this.valueExpectations = new ValueExpectations(context, calls);
        this.newsExpectation = new NewsExpectation(context, calls);
    }

    /** Whether playing it with other values beside what is handed over may come out differently. */
    boolean hasOtherValues() {
        return calls.hasOtherValues();
    }

    /** @throws DriverLost when the program was lost, unless by a call that the scenario does not name */
    StepResult play(Scenario scenario) throws DriverLost {
        boolean undoes =
                scenario.steps().stream().anyMatch(s -> s instanceof Step.ExpectBond b && b.bond() == Bond.TAKES_BACK);
        if (undoes) {
            context.values().preferReal();
        }
        try {
            return playEach(scenario.steps());
        } catch (DriverLost lost) {
            if (lost.reason() == DriverLost.Reason.TIMED_OUT && calls.isFree()) {
                context.transcript().stopped(null, lost.getMessage());
                return StepResult.blocked(lost.getMessage());
            }
            throw lost;
        } finally {
            if (context.values().usesGiven()) {
                context.transcript().begin("with values that the exercise gives");
            }
            if (context.values().usesDemonstration()) {
                context.transcript().begin("with the values that the program's own demonstration uses");
            }
        }
    }

    private StepResult playEach(List<Step> steps) throws DriverLost {
        for (Step step : steps) {
            StepResult result = take(step);
            if (!result.isHeld()) {
                return result;
            }
        }
        return StepResult.HELD;
    }

    private StepResult take(Step step) throws DriverLost {
        Optional<String> nobody = StepNames.of(step).stream()
                .filter(name -> context.environment().find(name).isEmpty())
                .findFirst();
        if (nobody.isPresent()) {
            return StepResult.blocked("No type was found that plays " + nobody.get() + ".");
        }
        try {
            return perform(step);
        } catch (NoValueFound e) {
            context.transcript().stopped(null, e.getMessage());
            return StepResult.blocked(CallWording.capitalised(e.getMessage()) + ".");
        }
    }

    private StepResult perform(Step step) throws DriverLost, NoValueFound {
        if (step instanceof Step.Double s) {
            return doubles.makeDouble(s);
        } else if (step instanceof Step.New s) {
            return objects.makeNew(s);
        } else if (step instanceof Step.Call s) {
            return calls.call(s);
        } else if (step instanceof Step.DoTheSame s) {
            return calls.again(s.variable());
        } else if (step instanceof Step.DoAgain s) {
            return calls.anew(s);
        } else if (step instanceof Step.OnlyWhere s) {
            return onlyWhere(s.expectation());
        } else if (step instanceof Step.Assign s) {
            return assign(s);
        } else if (step instanceof Step.Repeat s) {
            return repeat(s);
        } else if (step instanceof Step.ForEach s) {
            return forEach(s);
        } else if (step instanceof Step.ForgetCalls) {
            context.session().forgetCalls();
        } else if (step instanceof Step.Capture) {
            context.session().capture();
        } else if (step instanceof Step.Remember s) {
            valueExpectations.remember(s.variable());
        } else if (step instanceof Step.Look s) {
            newsExpectation.look(s);
        } else {
            return expect(step);
        }
        return StepResult.HELD;
    }

    /** Of what gives nothing back nothing is known; what is not so is no fault, but leaves nothing to show. */
    private StepResult onlyWhere(Step expectation) throws DriverLost, NoValueFound {
        int mark = context.transcript().mark();
        if (expectation instanceof Step.Call c) {
            if (context.environment().get(c.on()).type() == null) {
                return StepResult.nothingToShow("It is none of the program's own.");
            }
            StepResult called = calls.call(c);
            if (called.isHeld()) {
                return called;
            }
            context.transcript().dropSince(mark);
            return StepResult.nothingToShow("What it takes for granted is not so here.");
        }
        boolean known = !(expectation instanceof Step.Compare c)
                || context.environment().get(c.variable()).isSomething();
        StepResult result = known ? expect(expectation) : StepResult.nothingToShow("Nothing was given back.");
        context.transcript().dropSince(mark);
        return result.isHeld() ? result : StepResult.nothingToShow("What it takes for granted is not so here.");
    }

    private StepResult expect(Step step) throws DriverLost, NoValueFound {
        if (step instanceof Step.Expect s) {
            return callExpectations.called(s);
        } else if (step instanceof Step.ExpectCall s) {
            return callExpectations.called(s);
        } else if (step instanceof Step.ExpectOrder s) {
            return callExpectations.inOrder(s);
        } else if (step instanceof Step.ExpectNotBefore s) {
            return callExpectations.notBefore(s);
        } else if (step instanceof Step.ExpectAlike s) {
            return callExpectations.alike(s);
        } else if (step instanceof Step.Compare s) {
            return valueExpectations.compare(s);
        } else if (step instanceof Step.ExpectError s) {
            return valueExpectations.error(s);
        } else if (step instanceof Step.ExpectNoError) {
            return valueExpectations.noError();
        } else if (step instanceof Step.ExpectOutput s) {
            return valueExpectations.output(s);
        } else if (step instanceof Step.ExpectNews s) {
            return newsExpectation.expect(s);
        } else if (step instanceof Step.ExpectBond s) {
            return switch (s.bond()) {
                case PASSES_ON -> new ForwardingProperty(context).expect(s);
                case TAKES_BACK -> new UndoProperty(context).expect(s);
                case SHOWS_IN -> new EffectProperty(context, objects).expect(s);
                case DEPENDS_ON -> new AnswerProperty(context, objects).expect(s);
            };
        } else if (step instanceof Step.ExpectEvery s) {
            return new EveryVariantProperty(context).expect(s);
        } else if (step instanceof Step.ExpectOneOrder s) {
            return new OrderProperty(context, objects).expect(s);
        }
        throw new IllegalArgumentException(step.toString());
    }

    private StepResult assign(Step.Assign step) throws DriverLost {
        Referent on = context.environment().get(step.variable());
        for (Field f : context.binding().fields(step.field())) {
            Optional<Input> value = context.pool(List.of(step.value())).take(f.type());
            if (value.isEmpty()) {
                return StepResult.blocked(
                        Code.of(f.name()),
                        " is a ",
                        Code.of(f.type().text()),
                        "; " + PatternPrinter.argument(step.value()) + " is none, so it was not set.");
            }
            Answer a = context.session()
                    .ask(new Request.Write(f.owner(), f.name(), f.isStatic() ? null : on.object(), value.get()));
            if (a.thrown() != null) {
                return StepResult.blocked(Code.of(f.name()), " could not be set: " + ErrorText.of(a.thrown()) + ".");
            }
            context.transcript()
                    .called(
                            Code.of(step.variable() + "." + f.name()),
                            " set to ",
                            context.wording().shown(value.get()));
        }
        return StepResult.HELD;
    }

    private StepResult repeat(Step.Repeat step) throws DriverLost, NoValueFound {
        if (step.parallel()) {
            // nothing else can stand there
            return inParallel((Step.Call) step.step(), step.times());
        }
        List<Observed> results = new ArrayList<>();
        for (int i = 0; i < step.times(); i++) {
            StepResult result = take(step.step());
            if (!result.isHeld()) {
                return result;
            }
            if (step.step() instanceof Step.Call c && c.result() != null) {
                Observed value = context.environment().get(c.result()).value();
                if (value != null) {
                    results.add(value);
                }
            }
        }
        if (!results.isEmpty() && step.step() instanceof Step.Call c && c.result() != null) {
            context.environment().put(c.result(), Referent.results(results));
        }
        return StepResult.HELD;
    }

    private StepResult inParallel(Step.Call c, int threads) throws DriverLost, NoValueFound {
        Referent on = context.environment().get(c.on());
        List<Operation> operations = context.binding().operations(c.member());
        if (operations.isEmpty()) {
            return StepResult.blocked("It is not known which operation of ", Code.of(c.on()), " to call.");
        }
        List<Observed> results = new ArrayList<>();
        for (Operation o : operations) {
            Answer a = atOnce(c, on, o, threads);
            if (a.thrown() != null) {
                return StepResult.blocked("It could not be called: " + ErrorText.of(a.thrown()) + ".");
            }
            boolean refused = isRefusedToAll(a);
            for (Answer one : a.several()) {
                // what lets some through and not others, with the same values, does not refuse the values
                if (refused && one.thrown() != null) {
                    return StepResult.refused(
                            "The program refused it: ",
                            Code.of(o.name() + "()"),
                            " threw ",
                            Code.of(ErrorText.of(one.thrown())),
                            ". Values that it takes would let this run.");
                }
                if (one.thrown() != null) {
                    return StepResult.failed(
                            Code.of(o.name() + "()"),
                            " threw when " + threads + " threads called it at once: " + ErrorText.of(one.thrown())
                                    + ".");
                }
                results.add(one.value());
            }
        }
        if (c.result() != null) {
            context.environment().put(c.result(), Referent.results(results));
        }
        return StepResult.HELD;
    }

    private static boolean isRefusedToAll(Answer a) {
        return a.several().stream()
                .allMatch(x -> x.thrown() != null && x.thrown().isRefusal());
    }

    /** One call by several threads; of values that all of them are refused others are tried. */
    private Answer atOnce(Step.Call c, Referent on, Operation o, int threads) throws DriverLost, NoValueFound {
        Answer a = null;
        for (int round = 0; round < ROUNDS_AT_ONCE; round++) {
            List<Input> arguments = context.values().arguments(o, context.pool(c.with()), round);
            context.transcript()
                    .called(
                            "by " + threads + " threads at once, ",
                            Code.of(context.wording().call(c.on(), on, o, arguments)));
            a = context.session()
                    .perform(new Request.Parallel(context.call(on.object(), on.knownType(), o, arguments), threads));
            if (a.thrown() != null || !isRefusedToAll(a) || o.parameters().isEmpty()) {
                break;
            }
        }
        return Objects.requireNonNull(a, "at least one round");
    }

    private StepResult forEach(Step.ForEach step) throws DriverLost {
        StepResult first = null;
        int held = 0;
        for (Type type : context.binding().types(step.role())) {
            StepResult result = objects.makeNewOf(type, step.role(), step.variable());
            if (result.isHeld()) {
                result = take(step.step());
            }
            if (result.isHeld()) {
                held++;
            } else if (step.some()) {
                first = first == null ? result : first;
            } else {
                return result;
            }
        }
        return step.some() && held == 0 && first != null ? first : StepResult.HELD;
    }
}
