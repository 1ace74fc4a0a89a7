package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Tokens.Kind;
import hausaufgabe.core.notation.Tokens.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.PatternSyntaxException;
import org.jspecify.annotations.Nullable;

/** Reads a run of the program as a whole, and limits. */
final class RunParser {

    private static final List<String> LINES = List.of("main", "arguments", "input", "expect");

    private final Tokens tokens;
    private final Anchors anchors;
    private @Nullable String main;
    private List<String> arguments = List.of();
    private List<String> input = List.of();
    private final List<Run.Expected> expected = new ArrayList<>();

    /** @param anchors where the comments and lines of the text are kept */
    RunParser(Tokens tokens, Anchors anchors) {
        this.tokens = tokens;
        this.anchors = anchors;
    }

    Run run() {
        Token name = tokens.expect(Kind.TEXT, "the run's name in quotes");
        double points = tokens.amount("the points it is worth");
        endOfLine("run " + name.text());
        int line = 0;
        while (LINES.contains(tokens.peek().text()) && tokens.peek().kind() == Kind.WORD) {
            line();
            endOfLine("run " + name.text() + " " + ++line);
        }
        if (expected.isEmpty()) {
            throw tokens.unexpected("what is expected of the run, such as: expect output \"...\"", LINES);
        }
        return new Run(name.text(), points, main, arguments, input, List.copyOf(expected));
    }

    private void endOfLine(String anchor) {
        tokens.expectLineEnd();
        anchors.remember(tokens, anchor);
    }

    private void line() {
        if (tokens.accept("main")) {
            main = tokens.expect(Kind.TEXT, "the name of the class to start, in quotes")
                    .text();
        } else if (tokens.accept("arguments")) {
            arguments = texts("an argument in quotes");
        } else if (tokens.accept("input")) {
            input = texts("a line of input in quotes");
        } else {
            tokens.expect("expect");
            expected.add(expectation());
        }
    }

    private Run.Expected expectation() {
        String file = null;
        if (tokens.accept("file")) {
            file = tokens.expect(Kind.TEXT, "the path of a file in quotes").text();
        } else {
            tokens.expect("output");
        }
        if (tokens.accept(Run.How.AS_BEFORE.words())) {
            return new Run.Expected(file, Run.How.AS_BEFORE, List.of(), tolerance());
        }
        if (tokens.accept(Run.How.MATCHING.words())) {
            Token at = tokens.peek();
            List<String> lines = texts("a regular expression in quotes");
            try {
                java.util.regex.Pattern.compile(String.join("\n", lines));
            } catch (PatternSyntaxException e) {
                throw new NotationException(at.line(), at.column(), "no regular expression: " + e.getDescription());
            }
            return new Run.Expected(file, Run.How.MATCHING, lines, 0);
        }
        Run.How how = tokens.accept(Run.How.LIKE.words()) ? Run.How.LIKE : Run.How.EXACT;
        return new Run.Expected(file, how, texts("what is expected, in quotes"), tolerance());
    }

    private double tolerance() {
        return tokens.accept("within") ? tokens.amount("how far numbers may differ") : 0;
    }

    private List<String> texts(String what) {
        List<String> all = new ArrayList<>();
        do {
            all.add(tokens.expect(Kind.TEXT, what).text());
        } while (tokens.peek().kind() == Kind.TEXT);
        return List.copyOf(all);
    }

    /** What follows {@code limit}: a number and what it is of. */
    static RunLimits limit(Tokens tokens, RunLimits so) {
        Token t = tokens.peek();
        int n = tokens.count("a limit", 0, Integer.MAX_VALUE);
        RunLimits most = RunLimits.MOST;
        if (tokens.accept("seconds of CPU")) {
            return new RunLimits(
                    so.wallSeconds(),
                    within(t, n, most.cpuSeconds()),
                    so.megabytes(),
                    so.threads(),
                    so.outputMegabytes());
        }
        if (tokens.accept("seconds")) {
            return new RunLimits(
                    within(t, n, most.wallSeconds()),
                    so.cpuSeconds(),
                    so.megabytes(),
                    so.threads(),
                    so.outputMegabytes());
        }
        if (tokens.accept("MB of output")) {
            return new RunLimits(
                    so.wallSeconds(),
                    so.cpuSeconds(),
                    so.megabytes(),
                    so.threads(),
                    within(t, n, most.outputMegabytes()));
        }
        if (tokens.accept("MB of memory")) {
            return new RunLimits(
                    so.wallSeconds(),
                    so.cpuSeconds(),
                    within(t, n, most.megabytes()),
                    so.threads(),
                    so.outputMegabytes());
        }
        if (!tokens.accept("threads")) {
            throw tokens.unexpected(
                    "'seconds', 'seconds of CPU', 'MB of memory', 'MB of output' or 'threads'",
                    List.of("seconds", "MB", "threads"));
        }
        return new RunLimits(
                so.wallSeconds(), so.cpuSeconds(), so.megabytes(), within(t, n, most.threads()), so.outputMegabytes());
    }

    private static int within(Token t, int n, int most) {
        if (n < 1 || n > most) {
            throw new NotationException(t.line(), t.column(), "this limit is between 1 and " + most + ", not " + n);
        }
        return n;
    }
}
