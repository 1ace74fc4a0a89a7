package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Pattern.Condition;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Heard;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.notation.Scenario.Times;
import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads a scenario. A variable must be set in a line above the one that uses it. */
final class ScenarioParser {

    private final Tokens tokens;
    private final Names names;
    private final ConditionParser conditions;
    private final Map<String, Boolean> variables = new LinkedHashMap<>();

    private final Map<String, List<String>> comments;

    /** @param comments where the comments of the text are kept */
    ScenarioParser(Tokens tokens, Names names, ConditionParser conditions, Map<String, List<String>> comments) {
        this.comments = comments;
        this.tokens = tokens;
        this.names = names;
        this.conditions = conditions;
    }

    Scenario scenario() {
        String name = tokens.expect(Kind.TEXT, "the scenario's name in quotes").text();
        Token points = tokens.expect(Kind.NUMBER, "the points it is worth, a number");
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
                name, Double.parseDouble(points.text()), List.copyOf(forms), List.copyOf(when), List.copyOf(steps));
    }

    private void endOfLine(String anchor) {
        tokens.expectLineEnd();
        PatternParser.remember(tokens, comments, anchor);
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
        if (tokens.accept("set")) {
            String variable = variable(false);
            tokens.expect(".");
            String field = names.expect(tokens, Names.Kind.FIELD);
            tokens.expect("to");
            return new Step.Assign(variable, field, argument());
        }
        if (tokens.accept("repeat")) {
            int times = number();
            tokens.expect("times");
            return new Step.Repeat(times, false, step());
        }
        if (tokens.accept("in parallel by")) {
            int threads = number();
            tokens.expect("threads");
            return new Step.Repeat(threads, true, step());
        }
        if (tokens.accept("for")) {
            return forEach();
        }
        return made();
    }

    private Step made() {
        Token variable = tokens.expect(Kind.WORD, "a step");
        if (!tokens.accept(":=")) {
            List<String> openers = List.of("call", "expect", "forget", "set", "repeat", "in", "for", "capture");
            throw Tokens.unexpected(
                    variable, "NAME := ... or a step that begins with one of " + String.join(", ", openers), openers);
        }
        Step made;
        if (tokens.accept("double of")) {
            String role = names.expect(tokens, Names.Kind.ROLE);
            made = tokens.accept("answering")
                    ? new Step.Answering(variable.text(), role, answers())
                    : new Step.Double(variable.text(), role);
        } else if (tokens.accept("new")) {
            String role = names.expect(tokens, Names.Kind.ROLE);
            List<Argument> with = tokens.accept("with") ? arguments() : List.of();
            made = with.isEmpty() || isOneVariable(with)
                    ? new Step.New(variable.text(), role, with.isEmpty() ? null : nameOf(with))
                    : new Step.Made(variable.text(), role, with);
        } else if (tokens.accept("call")) {
            made = call(variable.text());
        } else {
            throw tokens.unexpected("'double of ROLE', 'new ROLE' or 'call ...'", List.of("double", "new", "call"));
        }
        variables.put(variable.text(), made instanceof Step.Double || made instanceof Step.Answering);
        return made;
    }

    private static boolean isOneVariable(List<Argument> arguments) {
        return arguments.size() == 1 && arguments.get(0) instanceof Argument.Variable;
    }

    private static String nameOf(List<Argument> arguments) {
        return ((Argument.Variable) arguments.get(0)).name();
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
        return new Step.ForEach(some, role, variable.text(), step());
    }

    private List<Scenario.Answer> answers() {
        List<Scenario.Answer> answers = new ArrayList<>();
        do {
            String member = names.expect(tokens, Names.Kind.OPERATION);
            tokens.expect("with");
            answers.add(new Scenario.Answer(member, argument()));
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

    private int number() {
        Token t = tokens.expect(Kind.NUMBER, "how many, a number");
        try {
            return Integer.parseInt(t.text());
        } catch (NumberFormatException e) {
            throw new NotationException(t.line(), t.column(), "a count is a whole number, not " + t.text());
        }
    }

    private Step call(String result) {
        String variable = variable(false);
        tokens.expect(".");
        String member = names.expect(tokens, Names.Kind.OPERATION);
        List<Argument> with = tokens.accept("with") ? arguments() : List.of();
        boolean plain = result == null && (with.isEmpty() || isOneVariable(with));
        if (!plain) {
            return new Step.Called(result, variable, member, with);
        }
        Heard until = null;
        if (tokens.accept("until")) {
            until = heard();
            tokens.expect("is called");
        }
        return new Step.Call(variable, member, with.isEmpty() ? null : nameOf(with), until);
    }

    private Step expectation() {
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
            case UNCHANGED -> List.of();
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
        List<Heard> all = new ArrayList<>(List.of(heard()));
        while (tokens.accept(",")) {
            all.add(heard());
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
            int times = number();
            tokens.expect("times");
            return new Step.ExpectCall(all.get(0), times, List.of());
        }
        tokens.reset(before);
        return new Step.Expect(all.get(0), times());
    }

    private Heard heard() {
        String variable = variable(true);
        tokens.expect(".");
        return new Heard(variable, names.expect(tokens, Names.Kind.OPERATION));
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
        List<String> fitting = variables.entrySet().stream()
                .filter(e -> !mustBeDouble || e.getValue())
                .map(Map.Entry::getKey)
                .toList();
        if (!fitting.contains(t.text())) {
            throw tokens.unexpected(mustBeDouble ? "the name of a double set above" : "a variable set above", fitting);
        }
        return tokens.next().text();
    }
}
