package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Comparison;
import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Casting.Done;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Driver.Value;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** Compares what was heard, given back, printed and kept with what a scenario expects. */
final class Expectations {

    private final Design design;
    private final Binding binding;
    private final Stage stage;
    private final Account account;
    private final Casting casting;
    private final Calling calling;
    private final Map<String, Map<String, String>> remembered = new HashMap<>();
    private final Map<String, List<Request.Call>> looks = new HashMap<>();
    private final Map<String, List<Value>> before = new HashMap<>();

    Expectations(Design design, Binding binding, Stage stage, Account account, Casting casting, Calling calling) {
        this.design = design;
        this.binding = binding;
        this.stage = stage;
        this.account = account;
        this.casting = casting;
        this.calling = calling;
    }

    void expect(Step step) throws Ended, DriverLost {
        if (step instanceof Step.Expect s) {
            called(s);
        } else if (step instanceof Step.ExpectCall s) {
            called(s);
        } else if (step instanceof Step.ExpectOrder s) {
            order(s);
        } else if (step instanceof Step.ExpectNotBefore s) {
            notBefore(s);
        } else if (step instanceof Step.Compare s) {
            compare(s);
        } else if (step instanceof Step.ExpectError s) {
            error(s);
        } else if (step instanceof Step.ExpectNoError) {
            noError();
        } else if (step instanceof Step.ExpectOutput s) {
            output(s);
        } else if (step instanceof Step.ExpectAlike s) {
            alike(s);
        } else if (step instanceof Step.ExpectNews s) {
            news(s);
        } else {
            throw new IllegalArgumentException(step.toString());
        }
    }

    /** One line of the account; ends the scenario where it did not hold. */
    private void hold(boolean holds, Sentence expected, String instead) throws Ended {
        account.add(LineKind.EXPECTED, 0, holds, expected, holds ? "" : "; " + instead);
        if (!holds) {
            throw new Ended(Outcome.FAILED, Account.say("Expected ", expected, "; " + instead + "."));
        }
    }

    // calls

    private Sentence heardWords(Heard heard, String words) {
        List<Operation> operations = binding.operations(heard.member());
        String member =
                operations.isEmpty() ? heard.member() : operations.get(0).name();
        return Account.say(Code.of(heard.variable() + "." + member + "()"), " " + words);
    }

    private List<Stage.Heard> heard(Heard heard) throws Ended {
        return stage.heardBy(casting.named(heard.variable()).object(), binding.operations(heard.member()));
    }

    private void called(Step.Expect step) throws Ended {
        int count = heard(step.heard()).size();
        hold(
                step.times().holds(count),
                heardWords(step.heard(), step.times().words()),
                "it was called " + times(count));
    }

    private void called(Step.ExpectCall step) throws Ended, DriverLost {
        List<Stage.Heard> all = heard(step.heard());
        int count = 0;
        for (Stage.Heard h : all) {
            count += areEqual(h.arguments(), step.with()) ? 1 : 0;
        }
        String with = step.with().isEmpty() ? "" : " with " + words(step.with());
        String instead = all.isEmpty() || step.with().isEmpty()
                ? "it was called " + times(count)
                : "it was called with "
                        + all.get(all.size() - 1).arguments().stream()
                                .map(calling::shown)
                                .toList();
        boolean holds = step.times() < 0 ? count > 0 : count == step.times();
        String how = step.times() < 0 ? "called" : "called " + times(step.times());
        hold(holds, heardWords(step.heard(), how + with), instead);
    }

    private static String words(List<Argument> with) {
        List<String> all = new ArrayList<>();
        for (Argument a : with) {
            all.add(a instanceof Argument.Variable v ? v.name() : a instanceof Argument.Literal l ? l.text() : "any");
        }
        return String.join(", ", all);
    }

    /** Each that is expected is among what was handed over, at its own place. */
    private boolean areEqual(List<Value> arguments, List<Argument> expected) throws Ended, DriverLost {
        int from = 0;
        for (Argument e : expected) {
            boolean found = false;
            while (from < arguments.size() && !found) {
                found = e instanceof Argument.Any || isEqual(arguments.get(from), e, true);
                from++;
            }
            if (!found) {
                return false;
            }
        }
        return true;
    }

    private static String times(int count) {
        return count == 0 ? "never" : count == 1 ? "once" : count + " times";
    }

    private void order(Step.ExpectOrder step) throws Ended {
        List<Stage.Heard> all = new ArrayList<>();
        for (Heard h : step.heard()) {
            List<Stage.Heard> one = heard(h);
            if (one.isEmpty()) {
                hold(false, heardWords(h, "called"), "it was never called");
            }
            all.add(one.get(0));
        }
        boolean inOrder = true;
        List<Integer> places = stage.places(all);
        for (int i = 1; i < places.size(); i++) {
            inOrder &= places.get(i - 1) < places.get(i);
        }
        List<Object> words = new ArrayList<>();
        for (Heard h : step.heard()) {
            words.add(Code.of(h.variable() + "." + h.member()));
            words.add(" ");
        }
        words.add("called in this order");
        hold(inOrder, Account.say(words.toArray()), "they were called in another");
    }

    private void notBefore(Step.ExpectNotBefore step) throws Ended {
        List<Stage.Heard> first = heard(step.first());
        List<Stage.Heard> second = heard(step.second());
        boolean before = false;
        if (!first.isEmpty()) {
            List<Integer> places =
                    stage.places(second.isEmpty() ? List.of(first.get(0)) : List.of(first.get(0), second.get(0)));
            before = second.isEmpty() || places.get(0) < places.get(1);
        }
        hold(
                !before,
                heardWords(step.first(), "not called before " + step.second().variable()),
                "it was called first");
    }

    private void alike(Step.ExpectAlike step) throws Ended {
        List<String> first = told(casting.named(step.first()));
        List<String> second = told(casting.named(step.second()));
        if (first.isEmpty() && second.isEmpty()) {
            throw new Ended(Outcome.BLOCKED, Sentence.words("Neither of the two was called."));
        }
        hold(
                first.equals(second),
                Account.say(Code.of(step.first()), " and ", Code.of(step.second()), " called alike"),
                "the first heard " + shortList(first) + ", the second " + shortList(second));
    }

    private List<String> told(Cast on) {
        return stage.heardOf(on.object()).stream()
                .map(h -> h.called().name() + "("
                        + String.join(
                                ", ",
                                h.arguments().stream()
                                        .map(v -> v.ref() == null ? calling.shown(v) : "…")
                                        .toList())
                        + ")")
                .toList();
    }

    private static String shortList(List<String> all) {
        return all.isEmpty() ? "nothing" : Stage.shortened(String.join(", ", all));
    }

    // values

    private void compare(Step.Compare step) throws Ended, DriverLost {
        Cast cast = casting.named(step.variable());
        if (step.how() == Comparison.UNCHANGED) {
            unchanged(step.variable(), cast);
            return;
        }
        if (cast.object() == null
                && cast.value() == null
                && cast.type() == null
                && cast.several().isEmpty()) {
            // of an operation that gives nothing back there is nothing to compare
            return;
        }
        List<Value> values = cast.several().isEmpty() ? List.of(valueOf(cast)) : cast.several();
        for (Value v : values) {
            boolean holds = holds(v, step);
            Sentence expected =
                    Account.say(Code.of(step.variable()), " " + step.how().words() + " " + words(step.with()));
            String several = values.size() > 1 ? "one of " + values.size() + " is " : "it is ";
            if (!holds || v == values.get(values.size() - 1)) {
                hold(holds, expected, several + (step.how() == Comparison.SAME ? "another object" : calling.shown(v)));
            }
        }
    }

    private static Value valueOf(Cast cast) {
        if (cast.value() != null) {
            return cast.value();
        }
        return cast.object() == null ? Value.NOTHING : new Value(cast.object().type(), cast.object(), "an object");
    }

    private boolean holds(Value v, Step.Compare step) throws Ended, DriverLost {
        return switch (step.how()) {
            case SAME -> isEqual(v, step.with().get(0), true);
            case NOT_SAME -> !isEqual(v, step.with().get(0), true);
            case IS -> isEqual(v, step.with().get(0), false);
            case IS_NOT -> !isEqual(v, step.with().get(0), false);
            case ONE_OF -> {
                boolean any = false;
                for (Argument a : step.with()) {
                    any |= isEqual(v, a, false);
                }
                yield any;
            }
            case BETWEEN -> isBetween(v, step.with());
            default -> throw new IllegalArgumentException(step.toString());
        };
    }

    private boolean isBetween(Value v, List<Argument> bounds) throws Ended {
        Optional<BigDecimal> x =
                Literals.isNumber(String.valueOf(v.type())) ? Literals.worth(v.text()) : Optional.empty();
        Optional<BigDecimal> low = Literals.worth(value(bounds.get(0)).text());
        Optional<BigDecimal> high = Literals.worth(value(bounds.get(1)).text());
        if (x.isEmpty() || low.isEmpty() || high.isEmpty()) {
            throw new Ended(
                    Outcome.BLOCKED, Sentence.words("Only numbers lie between others; this is " + v.text() + "."));
        }
        return low.get().compareTo(x.get()) <= 0 && x.get().compareTo(high.get()) <= 0;
    }

    private Value value(Argument a) throws Ended {
        if (a instanceof Argument.Variable v) {
            return valueOf(casting.named(v.name()));
        }
        Argument.Literal l = (Argument.Literal) a;
        return l.text().equals("null") && !l.quoted() ? Value.NOTHING : Literals.valueOf(l);
    }

    /** @param same whether it must be the same object, not only an equal one */
    private boolean isEqual(Value v, Argument expected, boolean same) throws Ended, DriverLost {
        Value e = value(expected);
        if (v.isNothing() || e.isNothing()) {
            return v.isNothing() && e.isNothing();
        }
        if (v.ref() != null && e.ref() != null) {
            return v.ref().id() == e.ref().id() || !same && areEqualObjects(v.ref(), e.ref());
        }
        return v.ref() == null && e.ref() == null && Literals.areEqual(v, e);
    }

    private boolean areEqualObjects(Given.Ref a, Given.Ref b) throws DriverLost {
        Answer answer =
                stage.ask(new Request.Call("java.lang.Object", "equals", List.of("java.lang.Object"), a, List.of(b)));
        return answer.thrown() == null && answer.value().text().equals("true");
    }

    // state

    void remember(String variable) throws Ended, DriverLost {
        remembered.put(variable, state(casting.named(variable)));
    }

    private Map<String, String> state(Cast cast) throws DriverLost {
        return cast.object() == null
                ? Map.of()
                : stage.ask(new Request.State(cast.object(), List.of())).named();
    }

    private void unchanged(String variable, Cast cast) throws Ended, DriverLost {
        Map<String, String> then = remembered.get(variable);
        if (then == null) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say("It was not said with ", Code.of("remember " + variable), " what to compare with."));
        }
        Map<String, String> now = state(cast);
        String difference = difference(then, now);
        hold(difference.isEmpty(), Account.say(Code.of(variable), " unchanged"), difference);
    }

    static String difference(Map<String, String> then, Map<String, String> now) {
        TreeSet<String> keys = new TreeSet<>(then.keySet());
        keys.addAll(now.keySet());
        for (String k : keys) {
            if (!String.valueOf(then.get(k)).equals(String.valueOf(now.get(k)))) {
                return k + " was " + then.getOrDefault(k, "not there") + " and is " + now.getOrDefault(k, "gone");
            }
        }
        return "";
    }

    // errors and output

    private void error(Step.ExpectError step) throws Ended, DriverLost {
        calling.callOnce(new Step.Call(null, step.variable(), step.member(), step.with(), false, null));
        Driver.Thrown thrown =
                calling.answer() == null ? null : calling.answer().thrown();
        String simple = thrown == null ? "" : thrown.type().replaceFirst(".*[.$]", "");
        boolean holds = thrown != null && (step.error().isEmpty() || simple.equals(step.error()));
        hold(
                holds,
                Account.say(
                        Code.of(step.variable() + "." + step.member() + "()"),
                        " to throw" + (step.error().isEmpty() ? "" : " " + step.error())),
                thrown == null ? "it came back" : "it threw " + simple);
    }

    private void noError() throws Ended {
        Driver.Thrown thrown =
                calling.answer() == null ? null : calling.answer().thrown();
        hold(thrown == null, Account.say("no error"), thrown == null ? "" : "it threw " + Stage.said(thrown));
    }

    private void output(Step.ExpectOutput step) throws Ended {
        String printed = stage.captured();
        if (step.text() == null) {
            hold(printed.isEmpty(), Account.say("nothing printed"), "it printed " + Stage.shortened(printed));
        } else {
            hold(
                    printed.contains(step.text()),
                    Account.say("printed ", Code.of(step.text())),
                    printed.isEmpty() ? "nothing was printed" : "it printed " + Stage.shortened(printed));
        }
    }

    // news

    /** What the program's own types that realise the double's ask of the other when they are called. */
    void look(Step.Look step) throws Ended, DriverLost {
        Cast one = casting.named(step.variable());
        Cast at = casting.named(step.at());
        List<Operation> asked = new ArrayList<>();
        for (Type lower : design.realisationsOf(one.type())) {
            for (Operation o : design.methodsOf(lower)) {
                design.bodies().reachedFrom(o).forEach(s -> {
                    if (s.fact() instanceof Fact.Call c && c.operation() != null) {
                        design.methodsOf(at.type()).stream()
                                .filter(m -> design.isSameCall(c.operation(), m))
                                .filter(m -> m.parameters().isEmpty() && m.result() != null && !m.isStatic())
                                .filter(m -> !asked.contains(m))
                                .forEach(asked::add);
                    }
                });
            }
        }
        if (at.object() == null || one.object() == null || asked.isEmpty()) {
            return;
        }
        List<Request.Call> calls = asked.stream()
                .map(o -> casting.call(at.object(), at.type(), o, List.of()))
                .toList();
        looks.put(step.variable(), calls);
        stage.ask(new Request.Look(one.object(), calls));
        before.put(step.variable(), seenNow(calls));
    }

    private List<Value> seenNow(List<Request.Call> calls) throws DriverLost {
        List<Value> seen = new ArrayList<>();
        for (Request.Call c : calls) {
            Answer a = stage.ask(c);
            seen.add(a.value() == null ? Value.NOTHING : a.value());
        }
        return seen;
    }

    /**
     * Whoever asks sees what is true after the change; whoever is told is not told what was true before it. What is told
     * may be worked out from the change in any way, so only the old value is a fault.
     */
    private void news(Step.ExpectNews step) throws Ended, DriverLost {
        Cast one = casting.named(step.variable());
        List<Stage.Heard> all = stage.heardOf(one.object());
        boolean shown = false;
        if (!all.isEmpty() && looks.containsKey(step.variable())) {
            List<Value> seen = all.get(all.size() - 1).seen();
            List<Value> then = before.get(step.variable());
            List<Value> now = seenNow(looks.get(step.variable()));
            for (int i = 0; i < Math.min(seen.size(), now.size()); i++) {
                boolean stale = !seen.get(i).equals(now.get(i)) && seen.get(i).equals(then.get(i));
                String operation = looks.get(step.variable()).get(i).operation();
                hold(
                        !stale,
                        Account.say(Code.of(operation + "()"), " to tell whoever is called what is true now"),
                        "it still told " + calling.shown(seen.get(i)) + ", and " + calling.shown(now.get(i))
                                + " afterwards");
                shown |= !now.get(i).equals(then.get(i));
            }
        }
        List<Done> done = calling.history();
        if (!all.isEmpty() && done.size() > 1) {
            shown |= told(all.get(all.size() - 1), done.get(done.size() - 2), done.get(done.size() - 1));
        }
        if (!shown) {
            throw new Ended(null, Sentence.words("What is told cannot be compared with what was changed."));
        }
    }

    private boolean told(Stage.Heard heard, Done previous, Done last) throws Ended {
        boolean comparable = false;
        for (int i = 0;
                i < Math.min(previous.arguments().size(), last.arguments().size());
                i++) {
            if (previous.operation().equals(last.operation())
                    && previous.arguments().get(i) instanceof Given.Simple old
                    && last.arguments().get(i) instanceof Given.Simple now
                    && !old.text().equals(now.text())
                    && !old.type().toLowerCase().contains("bool")) {
                boolean toldOld = heard.arguments().stream().anyMatch(v -> isOne(v, old));
                boolean toldNew = heard.arguments().stream().anyMatch(v -> isOne(v, now));
                hold(
                        !toldOld || toldNew,
                        Account.say("to be told the new state, ", Code.of(calling.shown(now))),
                        "it was told " + calling.shown(old) + ", which was the state before");
                comparable |= toldNew;
            }
        }
        return comparable;
    }

    private static boolean isOne(Value v, Given.Simple s) {
        return v.isSimple() && Literals.areEqual(v, new Value(s.type(), null, s.text()));
    }
}
