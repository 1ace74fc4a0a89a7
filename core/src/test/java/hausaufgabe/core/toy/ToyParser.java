package hausaufgabe.core.toy;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.toy.ToyTree.Condition;
import hausaufgabe.core.toy.ToyTree.Expression;
import hausaufgabe.core.toy.ToyTree.FieldNode;
import hausaufgabe.core.toy.ToyTree.OperationNode;
import hausaufgabe.core.toy.ToyTree.Statement;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads toy programs: a statement a line, blocks by two spaces of indentation. */
final class ToyParser {

    private static final Pattern TOKEN = Pattern.compile("\"[^\"]*\"|\\d+(?:\\.\\d+)?|\\w+|==|[-+*.,()\\[\\]=]");

    private record SourceLine(int number, int depth, String text, int from, int to) {}

    private final String file;
    private final List<SourceLine> lines = new ArrayList<>();
    private int at;
    private List<String> tokens = List.of();
    private int next;
    private Span here;

    private ToyParser(String file, String text) {
        this.file = file;
        int offset = 0;
        String[] all = text.split("\n", -1);
        for (int i = 0; i < all.length; i++) {
            String stripped = all[i].strip();
            if (!stripped.isEmpty() && !stripped.startsWith("--")) {
                int indent = all[i].indexOf(stripped.charAt(0));
                lines.add(new SourceLine(i + 1, indent / 2, stripped, offset + indent, offset + all[i].length()));
            }
            offset += all[i].length() + 1;
        }
    }

    static ToyTree.Program parse(String file, String text) {
        ToyParser parser = new ToyParser(file, text);
        List<TypeNode> types = new ArrayList<>();
        while (parser.at < parser.lines.size()) {
            types.add(parser.type());
        }
        return new ToyTree.Program(types);
    }

    private boolean isAt(int depth) {
        return at < lines.size() && lines.get(at).depth() == depth;
    }

    private SourceLine line() {
        SourceLine line = lines.get(at++);
        tokens = new ArrayList<>();
        Matcher m = TOKEN.matcher(line.text());
        while (m.find()) {
            tokens.add(m.group());
        }
        next = 0;
        here = span(line, line);
        return line;
    }

    private Span span(SourceLine first, SourceLine last) {
        return new Span(file, first.number(), last.number(), first.from(), last.to());
    }

    private SourceLine last() {
        return lines.get(at - 1);
    }

    private boolean accept(String token) {
        if (next < tokens.size() && tokens.get(next).equals(token)) {
            next++;
            return true;
        }
        return false;
    }

    private String take() {
        if (next >= tokens.size()) {
            throw new IllegalArgumentException(file + ":" + here.line() + ": something is missing at the end");
        }
        return tokens.get(next++);
    }

    private void expect(String token) {
        if (!accept(token)) {
            throw new IllegalArgumentException(file + ":" + here.line() + ": expected " + token + " in " + tokens);
        }
    }

    private TypeNode type() {
        SourceLine first = line();
        String sort = take();
        String name = take();
        List<String> supertypes = accept("is") ? names() : List.of();
        List<String> constants = accept("of") ? names() : List.of();
        List<FieldNode> fields = new ArrayList<>();
        List<OperationNode> operations = new ArrayList<>();
        boolean isAbstract = sort.equals("abstract");
        while (isAt(1)) {
            member(isAbstract, fields, operations);
        }
        return new TypeNode(name, isAbstract, supertypes, constants, fields, operations, span(first, last()));
    }

    private List<String> names() {
        List<String> names = new ArrayList<>(List.of(take()));
        while (accept(",")) {
            names.add(take());
        }
        return names;
    }

    private void member(boolean inAbstract, List<FieldNode> fields, List<OperationNode> operations) {
        SourceLine first = line();
        boolean isStatic = accept("static");
        boolean isPrivate = accept("private");
        if (accept("field")) {
            String name = take();
            fields.add(new FieldNode(name, isStatic, isPrivate, accept("=") ? expression() : null, here));
            return;
        }
        String name = take();
        expect("(");
        List<String> parameters = accept(")") ? List.of() : names();
        if (!parameters.isEmpty()) {
            expect(")");
        }
        List<Statement> body = block(2);
        boolean isAbstract = body.isEmpty() && inAbstract;
        operations.add(new OperationNode(
                name, parameters, isStatic, isPrivate, isAbstract ? null : body, span(first, last())));
    }

    private List<Statement> block(int depth) {
        List<Statement> body = new ArrayList<>();
        while (isAt(depth)) {
            Statement s = statement(depth);
            if (s != null) {
                body.add(s);
            }
        }
        return body;
    }

    private Statement statement(int depth) {
        SourceLine first = line();
        Span start = here;
        if (accept("pass")) {
            return null;
        }
        if (accept("return")) {
            return new Statement.Return(next < tokens.size() ? expression() : null, start);
        }
        if (accept("throw")) {
            return new Statement.Throw(unquoted(take()), start);
        }
        if (accept("print")) {
            return new Statement.Print(expression(), start);
        }
        if (accept("add")) {
            Expression value = expression();
            expect("to");
            return new Statement.Add(value, expression(), start);
        }
        if (accept("remove")) {
            Expression value = expression();
            expect("from");
            return new Statement.Remove(value, expression(), start);
        }
        if (accept("for")) {
            String variable = take();
            expect("in");
            Expression container = expression();
            List<Statement> body = block(depth + 1);
            return new Statement.ForEach(variable, container, body, span(first, last()));
        }
        if (accept("if")) {
            Condition condition = condition();
            List<Statement> then = block(depth + 1);
            List<Statement> otherwise = List.of();
            if (isAt(depth) && lines.get(at).text().equals("else")) {
                line();
                otherwise = block(depth + 1);
            }
            return new Statement.If(condition, then, otherwise, span(first, last()));
        }
        Expression left = expression();
        if (accept("=")) {
            return left instanceof Expression.Member m
                    ? new Statement.Assign(m.on(), m.name(), expression(), start)
                    : new Statement.Assign(null, ((Expression.Name) left).name(), expression(), start);
        }
        return new Statement.Do(left, start);
    }

    private Condition condition() {
        Expression subject = expression();
        if (accept("is")) {
            if (accept("none")) {
                return new Condition.IsNone(subject);
            }
            expect("a");
            return new Condition.IsA(subject, take());
        }
        return accept("==") ? new Condition.Equals(subject, expression()) : new Condition.Truth(subject);
    }

    private Expression expression() {
        Expression left = postfix();
        while (next < tokens.size() && Arrays.asList("+", "-", "*").contains(tokens.get(next))) {
            left = new Expression.Binary(take().charAt(0), left, postfix());
        }
        return left;
    }

    private Expression postfix() {
        Expression e = primary();
        while (accept(".")) {
            String name = take();
            e = accept("(")
                    ? new Expression.Call(e, name, arguments(), false, here)
                    : new Expression.Member(e, name, here);
        }
        return e;
    }

    private List<Expression> arguments() {
        List<Expression> all = new ArrayList<>();
        while (!accept(")")) {
            all.add(expression());
            accept(",");
        }
        return all;
    }

    private static String unquoted(String text) {
        return text.substring(1, text.length() - 1);
    }

    private Expression primary() {
        String t = take();
        if (t.startsWith("\"")) {
            return new Expression.Text(unquoted(t));
        }
        if (Character.isDigit(t.charAt(0))) {
            return new Expression.Number(t);
        }
        switch (t) {
            case "true", "false":
                return new Expression.Truth(t.equals("true"));
            case "none":
                return new Expression.None();
            case "self":
                return new Expression.Self();
            case "[":
                expect("]");
                return new Expression.EmptyList();
            case "new": {
                String type = take();
                expect("(");
                return new Expression.New(type, arguments(), here);
            }
            case "super": {
                expect(".");
                String name = take();
                expect("(");
                return new Expression.Call(new Expression.Self(), name, arguments(), true, here);
            }
            default:
                return accept("(") ? new Expression.Call(null, t, arguments(), false, here) : new Expression.Name(t);
        }
    }
}
