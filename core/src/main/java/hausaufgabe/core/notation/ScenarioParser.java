package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Pattern.Condition;
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
        if (tokens.accept("expect")) {
            return new Step.Expect(heard(), times());
        }
        if (tokens.accept("call")) {
            return call();
        }
        Token variable = tokens.expect(Kind.WORD, "a step");
        if (!tokens.accept(":=")) {
            throw Tokens.unexpected(
                    variable, "'call', 'expect', 'forget calls' or NAME := ...", List.of("call", "expect", "forget"));
        }
        Step made;
        if (tokens.accept("double of")) {
            made = new Step.Double(variable.text(), names.expect(tokens, Names.Kind.ROLE));
        } else if (tokens.accept("new")) {
            String role = names.expect(tokens, Names.Kind.ROLE);
            made = new Step.New(variable.text(), role, tokens.accept("with") ? variable(false) : null);
        } else {
            throw tokens.unexpected("'double of ROLE' or 'new ROLE'", List.of("double", "new"));
        }
        variables.put(variable.text(), made instanceof Step.Double);
        return made;
    }

    private Step call() {
        String variable = variable(false);
        tokens.expect(".");
        String member = names.expect(tokens, Names.Kind.OPERATION);
        String with = tokens.accept("with") ? variable(false) : null;
        Heard until = null;
        if (tokens.accept("until")) {
            until = heard();
            tokens.expect("is called");
        }
        return new Step.Call(variable, member, with, until);
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
        throw tokens.unexpected("'never called', 'called once' or 'called at least once'", List.of("never", "called"));
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
