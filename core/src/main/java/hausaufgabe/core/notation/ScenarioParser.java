package hausaufgabe.core.notation;

import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.MemberCall;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.notation.Scenario.Times;
import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads a scenario. A variable must be set in a line above the one that uses it. */
final class ScenarioParser {

    private static final int MOST_REPEATED = 1_000;
    private static final int MOST_THREADS = 64;
    private static final int MOST_NESTED = 6;

    private final Tokens tokens;
    private final Names names;
    private final ConditionParser conditions;
    private final Map<String, Boolean> variables = new LinkedHashMap<>();
    private final List<String> results = new ArrayList<>();
    private int nested;

    private final Anchors anchors;

    /** @param anchors where the comments and lines of the text are kept */
    ScenarioParser(Tokens tokens, Names names, ConditionParser conditions, Anchors anchors) {
        this.anchors = anchors;
        this.tokens = tokens;
        this.names = names;
        this.conditions = conditions;
    }

    Scenario scenario() {
        String name = tokens.expect(Kind.TEXT, "the scenario's name in quotes").text();
        double points = tokens.amount("the points it is worth");
        List<String> forms = new ArrayList<>();
        if (tokens.accept("in")) {
            do {
                Token form = tokens.expect(Kind.TEXT, "a form's name in quotes");
                if (!names.of(Names.Kind.FORM).contains(form.text())) {
                    throw Tokens.unexpected(form, "the name of a form declared above", names.of(Names.Kind.FORM));
                }
                forms.add(form.text());
            } while (tokens.accept(","));
        }
        String anchor = "scenario " + name;
        endOfLine(anchor);
        List<String> every = new ArrayList<>();
        if (tokens.accept("for every")) {
            do {
                every.add(roleOrMember());
            } while (tokens.accept(","));
            endOfLine(anchor + " every");
        }
        List<String> shows = requirements("shows", anchor);
        List<String> settles = requirements("settles", anchor);
        List<Condition> when = new ArrayList<>();
        while (tokens.accept("when")) {
            when.add(conditions.condition());
            endOfLine(anchor + " when " + when.size());
        }
        List<Step> steps = new ArrayList<>();
        while (tokens.peek().kind() == Kind.WORD && !isOpener(tokens.peek().text())) {
            steps.add(step());
            endOfLine(anchor + " " + steps.size());
        }
        if (steps.isEmpty()) {
            throw tokens.unexpected("a step of the scenario on a line of its own", List.of());
        }
        return new Scenario(
                name,
                points,
                List.copyOf(forms),
                List.copyOf(every),
                shows,
                settles,
                List.copyOf(when),
                List.copyOf(steps));
    }

    private List<String> requirements(String opener, String anchor) {
        List<String> all = new ArrayList<>();
        if (tokens.accept(opener)) {
            List<String> known = names.of(Names.Kind.REQUIREMENT);
            do {
                Token id = tokens.expect(Kind.WORD, "the id of a requirement");
                if (!known.contains(id.text())) {
                    throw Tokens.unexpected(id, "the id of a requirement that stands above", known);
                }
                names.mentionedRequirement(id);
                all.add(id.text());
            } while (tokens.accept(","));
            endOfLine(anchor + " " + opener);
        }
        return List.copyOf(all);
    }

    private String roleOrMember() {
        Token t = tokens.peek();
        if (!names.is(t, Names.Kind.ROLE) && !names.is(t, Names.Kind.OPERATION)) {
            List<String> known = new ArrayList<>(names.of(Names.Kind.ROLE));
            known.addAll(names.of(Names.Kind.OPERATION));
            throw tokens.unexpected("the name of a role or of an operation declared above", known);
        }
        names.mentioned(t);
        return tokens.next().text();
    }

    private void endOfLine(String anchor) {
        tokens.expectLineEnd();
        anchors.remember(tokens, anchor);
    }

    private static boolean isOpener(String word) {
        return PatternParser.OPENERS.contains(word);
    }

    private Step step() {
        if (tokens.accept("forget calls")) {
            return new Step.ForgetCalls();
        }
        if (tokens.accept("capture output")) {
            return new Step.Capture();
        }
        if (tokens.accept("expect")) {
            return expectation();
        }
        if (tokens.accept("call")) {
            return call(null);
        }
        if (tokens.accept("do the same to")) {
            return new Step.DoTheSame(variable(false));
        }
        if (tokens.accept("only where")) {
            return new Step.OnlyWhere(takenForGranted());
        }
        if (tokens.accept("remember")) {
            return new Step.Remember(variable(false));
        }
        if (tokens.accept("set")) {
            String variable = variable(false);
            tokens.expect(".");
            String field = names.expect(tokens, Names.Kind.FIELD);
            tokens.expect("to");
            return new Step.Assign(variable, field, argument());
        }
        if (tokens.accept("repeat")) {
            int times = tokens.count("how often to repeat it", 1, MOST_REPEATED);
            tokens.expect("times");
            return new Step.Repeat(times, false, inner());
        }
        if (tokens.accept("in parallel by")) {
            int threads = tokens.count("the number of threads", 2, MOST_THREADS);
            tokens.expect("threads");
            Token at = tokens.peek();
            Step step = inner();
            if (!(step instanceof Step.Call c)
                    || c.until() != null
                    || c.member().equals(Scenario.ANYTHING)) {
                throw new NotationException(
                        at.line(),
                        at.column(),
                        "only a single call can be made in parallel, such as: call x.operation");
            }
            return new Step.Repeat(threads, true, step);
        }
        if (tokens.accept("for")) {
            return forEach();
        }
        return made();
    }

    /** The step that another one repeats. */
    private Step inner() {
        Token at = tokens.peek();
        if (++nested > MOST_NESTED) {
            throw new NotationException(
                    at.line(),
                    at.column(),
                    "steps are nested too deeply here; " + MOST_NESTED + " in one another is most");
        }
        Step step = step();
        nested--;
        return step;
    }

    private Step made() {
        Token variable = tokens.expect(Kind.WORD, "a step");
        if (variables.containsKey(variable.text()) && tokens.accept("looks at")) {
            return new Step.Look(variable.text(), variable(false));
        }
        if (!tokens.accept(":=")) {
            List<String> openers = List.of(
                    "call", "expect", "forget", "set", "repeat", "in", "for", "capture", "do", "remember", "only");
            throw Tokens.unexpected(
                    variable, "NAME := ... or a step that begins with one of " + String.join(", ", openers), openers);
        }
        Step made;
        if (tokens.accept("double of")) {
            String role = names.expect(tokens, Names.Kind.ROLE);
            made = new Step.Double(variable.text(), role, tokens.accept("answering") ? answers() : List.of());
        } else if (tokens.accept("new")) {
            String role = names.expect(tokens, Names.Kind.ROLE);
            List<Argument> with = tokens.accept("with") ? arguments() : List.of();
            made = new Step.New(variable.text(), role, with, !with.isEmpty() && tokens.accept("where possible"));
        } else if (tokens.accept("call")) {
            made = call(variable.text());
        } else if (tokens.accept("do again what gave")) {
            Token first = tokens.peek();
            if (!results.contains(first.text())) {
                throw tokens.unexpected("the name of what a call above gave", List.copyOf(results));
            }
            made = new Step.DoAgain(variable.text(), tokens.next().text());
        } else {
            throw tokens.unexpected(
                    "'double of ROLE', 'new ROLE', 'call ...' or 'do again what gave NAME'",
                    List.of("double", "new", "call", "do"));
        }
        variables.put(variable.text(), made instanceof Step.Double);
        if (made instanceof Step.Call) {
            results.add(variable.text());
        }
        return made;
    }

    private Step forEach() {
        boolean some = tokens.accept("some");
        if (!some) {
            tokens.expect("each");
        }
        String role = names.expect(tokens, Names.Kind.ROLE);
        tokens.expect("as");
        Token variable = tokens.expect(Kind.WORD, "a name for it");
        variables.put(variable.text(), false);
        return new Step.ForEach(some, role, variable.text(), inner());
    }

    private List<Scenario.StubbedAnswer> answers() {
        List<Scenario.StubbedAnswer> answers = new ArrayList<>();
        do {
            String member = names.expect(tokens, Names.Kind.OPERATION);
            tokens.expect("with");
            answers.add(new Scenario.StubbedAnswer(member, argument()));
        } while (tokens.accept(","));
        return List.copyOf(answers);
    }

    private List<Argument> arguments() {
        List<Argument> all = new ArrayList<>();
        do {
            all.add(argument());
        } while (tokens.accept(","));
        return List.copyOf(all);
    }

    private Argument argument() {
        Token t = tokens.peek();
        if (t.kind() == Kind.NUMBER || t.kind() == Kind.TEXT) {
            tokens.next();
            return new Argument.Literal(t.text(), t.kind() == Kind.TEXT);
        }
        for (String word : List.of("true", "false", "null")) {
            if (tokens.accept(word)) {
                return new Argument.Literal(word, false);
            }
        }
        return tokens.accept("any") ? new Argument.Any() : new Argument.Variable(variable(false));
    }

    private Step call(@Nullable String result) {
        String on = names.is(tokens.peek(), Names.Kind.ROLE)
                        && !variables.containsKey(tokens.peek().text())
                ? names.expect(tokens, Names.Kind.ROLE)
                : variable(false);
        tokens.expect(".");
        String member =
                tokens.accept(Scenario.ANYTHING) ? Scenario.ANYTHING : names.expect(tokens, Names.Kind.OPERATION);
        boolean others = tokens.accept("with other values");
        List<Argument> with = !others && tokens.accept("with") ? arguments() : List.of();
        MemberCall until = null;
        if (tokens.accept("until")) {
            until = heard(false);
            tokens.expect("is called");
        } else if (member.equals(Scenario.ANYTHING)) {
            throw tokens.unexpected("'until NAME.MEMBER is called', since anything is tried", List.of("until"));
        }
        return new Step.Call(result, on, member, with, others, until);
    }

    /** An expectation, or a call that may be refused. */
    private Step takenForGranted() {
        int before = tokens.mark();
        if (tokens.accept("call")) {
            Step call = call(null);
            if (!tokens.accept("to throw")) {
                return call;
            }
            tokens.reset(before);
        }
        return expectation();
    }

    private Step expectation() {
        if (tokens.accept("no error")) {
            return new Step.ExpectNoError();
        }
        if (tokens.accept("every")) {
            String role = names.expect(tokens, Names.Kind.ROLE);
            tokens.expect("to call");
            String parts = names.expect(tokens, Names.Kind.OPERATION);
            tokens.expect("in");
            String whole = names.expect(tokens, Names.Kind.OPERATION);
            tokens.expect("in the same order");
            return new Step.ExpectOneOrder(role, parts, whole);
        }
        if (tokens.accept("no output")) {
            return new Step.ExpectOutput(null);
        }
        if (tokens.accept("output")) {
            return new Step.ExpectOutput(
                    tokens.expect(Kind.TEXT, "what is printed, in quotes").text());
        }
        if (tokens.accept("call")) {
            String variable = variable(false);
            tokens.expect(".");
            String member = names.expect(tokens, Names.Kind.OPERATION);
            List<Argument> with = tokens.accept("with") ? arguments() : List.of();
            tokens.expect("to throw");
            boolean named = tokens.peek().kind() == Kind.TEXT;
            return new Step.ExpectError(
                    variable, member, with, named ? tokens.next().text() : "");
        }
        int before = tokens.mark();
        String variable = variable(false);
        if (tokens.accept("heard the same as")) {
            return new Step.ExpectAlike(variable, variable(false));
        }
        if (tokens.accept("has the news of")) {
            return new Step.ExpectNews(variable, variable(false));
        }
        for (Scenario.Comparison how : Scenario.Comparison.values()) {
            if (tokens.accept(how.words())) {
                return new Step.Compare(variable, how, compared(how));
            }
        }
        tokens.reset(before);
        return calls();
    }

    private List<Argument> compared(Scenario.Comparison how) {
        return switch (how) {
            case UNCHANGED, CHANGED -> List.of();
            case ONE_OF -> arguments();
            case BETWEEN -> {
                Argument low = argument();
                tokens.expect("and");
                yield List.of(low, argument());
            }
            default -> List.of(argument());
        };
    }

    private Step calls() {
        List<MemberCall> all = new ArrayList<>(List.of(heard(false)));
        for (Scenario.Bond bond : Scenario.Bond.values()) {
            if (tokens.accept(bond.words())) {
                return new Step.ExpectBond(all.get(0), bond, heard(false));
            }
        }
        if (tokens.accept("not called before")) {
            return new Step.ExpectNotBefore(all.get(0), heard(false));
        }
        if (tokens.accept("gives every")) {
            return new Step.ExpectEvery(all.get(0), names.expect(tokens, Names.Kind.ROLE));
        }
        while (tokens.accept(",")) {
            all.add(heard(false));
        }
        if (all.size() > 1) {
            tokens.expect("called in this order");
            return new Step.ExpectOrder(List.copyOf(all));
        }
        if (tokens.accept("called with")) {
            return new Step.ExpectCall(all.get(0), -1, arguments());
        }
        int before = tokens.mark();
        if (tokens.accept("called") && tokens.peek().kind() == Kind.NUMBER) {
            int times = tokens.count("how often it is called", 0, MOST_REPEATED);
            tokens.expect("times");
            return new Step.ExpectCall(all.get(0), times, tokens.accept("with") ? arguments() : List.of());
        }
        tokens.reset(before);
        return new Step.Expect(all.get(0), times());
    }

    private MemberCall heard(boolean mustBeDouble) {
        String variable = variable(mustBeDouble);
        tokens.expect(".");
        return new MemberCall(variable, names.expect(tokens, Names.Kind.OPERATION));
    }

    private Times times() {
        for (Times t : Times.values()) {
            if (tokens.accept(t.words())) {
                return t;
            }
        }
        throw tokens.unexpected(
                "'never called', 'called once', 'called N times', 'called at least once' or 'called with ...'",
                List.of("never", "called"));
    }

    private String variable(boolean mustBeDouble) {
        Token t = tokens.peek();
        Boolean isDouble = variables.get(t.text());
        if (isDouble == null || mustBeDouble && !isDouble) {
            List<String> fitting = variables.entrySet().stream()
                    .filter(e -> !mustBeDouble || e.getValue())
                    .map(Map.Entry::getKey)
                    .toList();
            throw tokens.unexpected(mustBeDouble ? "the name of a double set above" : "a variable set above", fitting);
        }
        return tokens.next().text();
    }
}
