package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.matching.Judge;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Casting.Done;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Thrown;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Calls operations of the program, with other values until something is heard where that is asked for. */
final class Calling {

    private final Design design;
    private final Binding binding;
    private final Judge judge;
    private final Stage stage;
    private final Account account;
    private final Casting casting;
    private final List<Done> history = new ArrayList<>();
    private final List<Cast> heardOn = new ArrayList<>();
    private List<Done> last = new ArrayList<>();
    private final Map<Cast, Integer> turns = new HashMap<>();
    private final boolean distinct;
    private boolean otherValues;
    private Answer answer;
    private boolean free;

    /** How often a call that throws is tried, each time with other values. */
    private static final int TRIES = 4;

    /** @param distinct whether what is handed over by itself goes along with other values each time, as keys have to */
    Calling(
            Design design,
            Binding binding,
            Judge judge,
            Stage stage,
            Account account,
            Casting casting,
            boolean distinct) {
        this.design = design;
        this.binding = binding;
        this.judge = judge;
        this.stage = stage;
        this.account = account;
        this.casting = casting;
        this.distinct = distinct;
    }

    /** Whether something was handed over together with other values, so that other ones may make a difference. */
    boolean hasOtherValues() {
        return otherValues;
    }

    /** The first of the samples to go along with what is handed over: the same for the same thing. */
    private int turn(List<Cast> handedOver) {
        if (!distinct || handedOver.isEmpty()) {
            return 0;
        }
        return turns.computeIfAbsent(handedOver.get(0), c -> turns.size());
    }

    /** Whether the call under way is one that the scenario does not name, so that its not ending shows nothing. */
    boolean isFree() {
        return free;
    }

    /** The calls that ended a step, in order. */
    List<Done> history() {
        return history;
    }

    /** What the last call came to; null before the first. */
    Answer answer() {
        return answer;
    }

    /** What came of the calls of one step. */
    static final class Attempts {
        int made;
        int returned;
        /** How many were refused by the program: it threw something of its own. */
        int refused;
        /** What was refused first, with the line that did so; null where nothing was. */
        String refusal;
        /** Why one did not come to its end; null where all did. */
        String problem;
        /** How the first one ended that brought the runtime down; null where none did. */
        Sentence collapse;
    }

    void call(Step.Call step) throws Ended, DriverLost {
        call(step, TRIES);
    }

    /** Calls with one set of values only, since here an error is what is looked for. */
    void callOnce(Step.Call step) throws Ended, DriverLost {
        call(step, 1);
    }

    private void call(Step.Call step, int tries) throws Ended, DriverLost {
        Cast on = casting.named(step.on());
        Offers with = casting.offers(step.with());
        List<Operation> operations = operations(step, on);
        if (operations.isEmpty()) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say("It is not known which operation of ", subject(on, step.on()), " to call."));
        }
        Attempts attempts = new Attempts();
        last = new ArrayList<>();
        if (step.until() == null) {
            once(step, on, with, operations, attempts, tries);
        } else {
            until(step, on, with, operations, attempts);
        }
        if (step.result() != null) {
            keepResult(step, on);
        }
    }

    private static Object subject(Cast on, String name) {
        return on.type() == null ? Code.of(name) : Casting.code(on.type(), on.role());
    }

    private void keepResult(Step.Call step, Cast on) {
        if (!last.isEmpty() && last.get(last.size() - 1).operation().result() == null) {
            casting.put(step.result(), Cast.results(List.of()));
            return;
        }
        Driver.Value v = answer == null || answer.value() == null ? Driver.Value.NOTHING : answer.value();
        Type type = v.ref() == null ? null : typeOf(v.ref(), on);
        casting.put(step.result(), Cast.result(type, v));
    }

    private Type typeOf(Given.Ref ref, Cast on) {
        return casting.cast().values().stream()
                .filter(c -> c.object() != null && c.object().id() == ref.id())
                .map(Cast::type)
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElseGet(() -> design.type(ref.type()).orElse(null));
    }

    /** Of a member those that the object has; where none is known to do the work, all are tried: that none does is then seen. */
    private List<Operation> operations(Step.Call step, Cast on) {
        if (step.member().equals(Scenario.ANYTHING)) {
            return anything(on, step.until());
        }
        List<Operation> bound = binding.operations(step.member());
        if (bound.isEmpty() && step.until() != null) {
            return anyOf(on);
        }
        if (on.type() == null) {
            return bound;
        }
        List<Operation> own = bound.stream()
                .map(o -> asOf(o, on.type()))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
        return own.isEmpty() ? bound : own;
    }

    /** The operation as a type has it: its own version of it where it has one. */
    private Optional<Operation> asOf(Operation o, Type type) {
        List<Operation> all = design.methodsOf(type);
        if (all.contains(o) || o.isStatic()) {
            return Optional.of(o);
        }
        return all.stream().filter(m -> m.overrides().contains(o.id())).findFirst();
    }

    /** What leads to what is to be heard, as far as the code tells; where nothing does, everything. */
    private List<Operation> anything(Cast on, Heard until) {
        List<Operation> wanted = binding.operations(until.member());
        List<Operation> all = anyOf(on);
        List<Operation> leading = all.stream().filter(o -> leadsTo(o, wanted)).toList();
        return leading.isEmpty() ? all : leading;
    }

    private boolean leadsTo(Operation o, List<Operation> wanted) {
        return design.bodies().reachedFrom(o).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Call c
                        && c.operation() != null
                        && wanted.stream().anyMatch(w -> design.isSameCall(c.operation(), w)));
    }

    List<Operation> anyOf(Cast on) {
        return design.methodsOf(on.type()).stream()
                .filter(o -> o.isMethod() && !o.isAbstract() && design.bodies().isOpen(o))
                .filter(o -> o.isStatic() == (on.object() == null) || o.isStatic() && on.object() != null)
                .toList();
    }

    // one call

    private void once(Step.Call step, Cast on, Offers with, List<Operation> operations, Attempts attempts, int tries)
            throws Ended, DriverLost {
        boolean taken = false;
        Ended refused = null;
        for (Operation o : operations) {
            if (!with.isEmpty() && !with.fitsAny(o)) {
                continue;
            }
            taken = true;
            otherValues |= !with.isEmpty() && o.parameters().size() > 1;
            int first = turn(with.unused());
            for (int tried = 0; tried < tries; tried++) {
                // others come round to the first ones last
                int round = first + (step.others() ? (tried + 1) % TRIES : tried);
                try {
                    attempt(step.on(), on, with.anew(), o, round, attempts);
                    refused = null;
                } catch (Maker.Unmakeable e) {
                    refused = new Ended(
                            Outcome.BLOCKED,
                            Account.say(Code.of(o.name() + "()"), " could not be called: " + e.getMessage() + "."));
                    break;
                }
                if (answer.thrown() == null) {
                    break;
                }
            }
        }
        if (!taken) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Account.say("No operation of ", subject(on, step.on()), " takes what is to be handed over."));
        }
        if (refused != null) {
            throw refused;
        }
        if (attempts.returned == 0 && attempts.collapse != null && attempts.refused == 0 && tries > 1) {
            account.add(LineKind.EXPECTED, 0, false, "the call to come back; it ", attempts.collapse);
            throw new Ended(Outcome.FAILED, attempts.collapse);
        }
    }

    /** @throws Maker.Unmakeable where no values are found for it */
    private void attempt(String name, Cast on, Offers with, Operation o, int round, Attempts attempts)
            throws DriverLost, Maker.Unmakeable {
        List<Given> arguments = casting.maker().arguments(o, with, round);
        attempts.made++;
        account.add(LineKind.CALLED, 0, null, Code.of(callText(name, on, o, arguments)));
        perform(on, o, arguments);
        Thrown thrown = answer.thrown();
        if (thrown != null) {
            account.add(LineKind.CALLED, 1, null, "threw ", Code.of(Stage.said(thrown)));
            String threw = o.name() + "() threw " + Stage.said(thrown);
            attempts.problem = attempts.problem == null ? threw : attempts.problem;
            note(thrown, on, o, arguments, name, attempts);
        } else {
            attempts.returned++;
            if (o.result() != null) {
                account.add(LineKind.CALLED, 1, null, "gave back ", Code.of(shown(answer.value())));
            }
        }
    }

    private void note(Thrown thrown, Cast on, Operation o, List<Given> arguments, String name, Attempts attempts) {
        String call = callText(name, on, o, arguments);
        Optional<String> collapse = Collapse.said(thrown);
        if (collapse.isPresent()) {
            attempts.collapse = attempts.collapse == null
                    ? Account.say(Code.of(call), " " + collapse.get() + ".")
                    : attempts.collapse;
        } else if (!thrown.ours()) {
            attempts.refused++;
            attempts.refusal = attempts.refusal == null ? call + " threw " + Stage.said(thrown) : attempts.refusal;
        }
    }

    private void perform(Cast on, Operation o, List<Given> arguments) throws DriverLost {
        answer = stage.perform(casting.call(on.object(), on.type(), o, arguments));
        last.add(new Done(o, arguments));
    }

    // until something is heard

    private void until(Step.Call step, Cast on, Offers with, List<Operation> operations, Attempts attempts)
            throws Ended, DriverLost {
        int earlier = (int) heardOn.stream().filter(on::equals).count();
        for (int round = 0; round < Samples.ROUNDS; round++) {
            if (round > 0 && round < 4) {
                answerOtherwise(round);
            }
            // not with the values of an earlier step, so that something changes
            if (heardInRound(step, on, with, operations, round + earlier, attempts)) {
                account.add(LineKind.HEARD, 1, null, Code.of(step.until().variable()), " was called");
                history.add(last.get(last.size() - 1));
                heardOn.add(on);
                free = false;
                return;
            }
        }
        free = false;
        throw new NotHeard(design, binding, judge, stage, account, casting).because(step, on, operations, attempts);
    }

    /** Doubles that answer yes may keep others from being asked, and such that answer no may. */
    private void answerOtherwise(int round) throws DriverLost {
        for (Cast c : casting.cast().values()) {
            if (c.isDouble() && c.object() != null) {
                casting.maker().standIns().answer(c.object(), c.type(), Map.of(), round, 0);
            }
        }
    }

    /**
     * Calls with one set of values: as the object is, then after it was given what is to be handed over in another way, then
     * with something to work on, then after each of what may start it.
     */
    private boolean heardInRound(
            Step.Call step, Cast on, Offers with, List<Operation> operations, int round, Attempts attempts)
            throws Ended, DriverLost {
        last.clear();
        if (heardAfterCalling(step, on, with, operations, round, attempts)) {
            return true;
        }
        int mark = account.mark();
        if (!with.isEmpty() && on.object() != null && givenOtherwise(on, with, round)) {
            Offers nothing = new Offers(design, List.of());
            if (heardAfterCalling(step, on, nothing, operations, round, attempts)) {
                return true;
            }
        }
        feed(on, with, round);
        if (heardAfterCalling(step, on, with, operations, round, attempts)) {
            return true;
        }
        for (Operation starter : starters(on)) {
            free = true;
            perform(on, starter, List.of());
            account.add(LineKind.CALLED, 0, null, "first, ", Code.of(starter.name() + "()"));
            if (stage.count(casting.named(step.until().variable()).object(), heard(step)) > 0
                    || heardAfterCalling(step, on, with, operations, round, attempts)) {
                return true;
            }
        }
        free = false;
        account.dropSince(mark);
        return false;
    }

    private List<Operation> heard(Step.Call step) {
        return binding.operations(step.until().member());
    }

    private boolean givenOtherwise(Cast on, Offers with, int round) throws DriverLost {
        boolean given = false;
        for (Cast c : with.anew().unused()) {
            Optional<Done> done = casting.handIn(on.object(), on.type(), c, round, new ArrayList<>());
            if (done.isPresent()) {
                account.add(
                        LineKind.CALLED,
                        0,
                        null,
                        "first, ",
                        Code.of(callText(
                                "", on, done.get().operation(), done.get().arguments())));
                last.add(done.get());
                given = true;
            }
        }
        return given;
    }

    /** Only what led somewhere, and the very first calls, stay in the account. */
    private boolean heardAfterCalling(
            Step.Call step, Cast on, Offers with, List<Operation> operations, int round, Attempts attempts)
            throws Ended, DriverLost {
        boolean first = attempts.made == 0;
        boolean anyTakes = operations.stream().anyMatch(o -> with.fitsAny(o));
        for (Operation o : operations) {
            boolean takes = with.fitsAny(o);
            if (!with.isEmpty() && !takes && anyTakes) {
                continue;
            }
            int mark = account.mark();
            int done = last.size();
            free = step.member().equals(Scenario.ANYTHING) && o.parameters().isEmpty();
            try {
                attempt(step.on(), on, with.anew(), o, round, attempts);
            } catch (Maker.Unmakeable e) {
                attempts.problem = attempts.problem == null ? e.getMessage() : attempts.problem;
            }
            free = false;
            if (stage.count(casting.named(step.until().variable()).object(), heard(step)) > 0) {
                return true;
            }
            if (!first) {
                account.dropSince(mark);
            }
            // what led nowhere may still have changed the object, and belongs to what is done again
            if (answer != null && answer.thrown() != null) {
                while (last.size() > done) {
                    last.remove(last.size() - 1);
                }
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

    /** Calls what else the object offers for being given something, so that it has something to work on. */
    private void feed(Cast on, Offers with, int round) throws DriverLost {
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
                            .noneMatch(c -> c.object() != null
                                    && on.object() != null
                                    && c.object().id() != on.object().id()
                                    && new Offers(design, List.of(c)).fitsAny(o));
            if (feeds) {
                // twice, since some work begins only with a second thing to work on
                feed(on, with, o, round);
                feed(on, with, o, round + 1);
            }
        }
    }

    private void feed(Cast on, Offers with, Operation o, int round) throws DriverLost {
        try {
            List<Given> arguments = casting.maker().arguments(o, with.anew(), round);
            free = true;
            perform(on, o, arguments);
            free = false;
            account.add(LineKind.CALLED, 0, null, "first, ", Code.of(callText("", on, o, arguments)));
        } catch (Maker.Unmakeable e) {
            // one way less to fill the object; the others may do
        }
    }

    // the same again

    /** Makes the last step's calls on another object. */
    void again(String variable) throws Ended, DriverLost {
        Cast on = casting.named(variable);
        List<Done> same = List.copyOf(last);
        if (same.isEmpty()) {
            throw new Ended(Outcome.BLOCKED, Sentence.words("Nothing was called before that could be done again."));
        }
        for (Done d : same) {
            account.add(LineKind.CALLED, 0, null, Code.of(callText(variable, on, d.operation(), d.arguments())));
            answer = stage.perform(casting.call(on.object(), on.type(), d.operation(), d.arguments()));
            if (answer.thrown() != null) {
                account.add(LineKind.CALLED, 1, null, "threw ", Code.of(Stage.said(answer.thrown())));
                return;
            }
        }
    }

    // words

    String callText(String name, Cast on, Operation o, List<Given> arguments) {
        List<String> shown = new ArrayList<>();
        for (Given g : arguments) {
            shown.add(shown(g));
        }
        String receiver = o.isStatic() && on.type() != null ? on.type().name() : name;
        return (receiver.isEmpty() ? "" : receiver + ".") + o.name() + "(" + String.join(", ", shown) + ")";
    }

    String shown(Driver.Value value) {
        if (value.ref() != null) {
            return nameOf(value.ref()).orElse(value.text());
        }
        return value.isSimple() && value.type().equals("java.lang.String")
                ? '"' + Stage.shortened(value.text()) + '"'
                : value.text();
    }

    /** What the scenario calls an object, where it has a name for it. */
    private Optional<String> nameOf(Given.Ref ref) {
        return casting.cast().entrySet().stream()
                .filter(e ->
                        e.getValue().object() != null && e.getValue().object().id() == ref.id())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    String shown(Given given) {
        if (given instanceof Given.Simple s) {
            return s.type().contains("String")
                            || s.type().endsWith("Object")
                            || s.type().endsWith("CharSequence")
                    ? '"' + s.text() + '"'
                    : s.text();
        }
        if (given instanceof Given.Parsed p) {
            String simple = p.type().substring(p.type().lastIndexOf('.') + 1);
            return p.text().isEmpty() ? "a " + simple : p.text();
        }
        if (given instanceof Given.Several s) {
            return s.items().stream().map(this::shown).toList().toString();
        }
        if (given instanceof Given.Ref r) {
            String type = r.type().replaceFirst("_other$", "");
            return nameOf(r).orElse("a " + type.substring(Math.max(type.lastIndexOf('.'), type.lastIndexOf('$')) + 1));
        }
        return "null";
    }
}
