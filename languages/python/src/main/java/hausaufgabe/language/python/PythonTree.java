package hausaufgabe.language.python;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.SourceText;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.treesitter.TSNode;
import org.treesitter.TSParser;
import org.treesitter.TSTree;
import org.treesitter.TreeSitterPython;

/** A Python file as the tree that the languages share. What cannot be parsed is left out and told. */
final class PythonTree {

    /** Where the grammar's library lays its native part; as it does by itself, in the home of whoever runs this. */
    private static final String NATIVE = "tree-sitter-lib";

    static {
        // a user without a home, as services have, gets a folder that nobody else can write to
        if (System.getProperty(NATIVE) == null && !Files.isWritable(Path.of(System.getProperty("user.home", "/")))) {
            try {
                System.setProperty(
                        NATIVE,
                        Files.createTempDirectory("hausaufgabe-run-grammar").toString());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** In which statements of an older Python can stand. */
    private static final Set<String> BLOCKS = Set.of(
            "block",
            "class_definition",
            "function_definition",
            "decorated_definition",
            "if_statement",
            "elif_clause",
            "else_clause",
            "for_statement",
            "while_statement",
            "try_statement",
            "except_clause",
            "finally_clause",
            "with_statement");

    private final SourceText text;
    private final List<Diagnostic> problems = new ArrayList<>();

    private PythonTree(SourceText text) {
        this.text = text;
    }

    /** @param problems the places that cannot be parsed */
    record Parsed(Code.Module module, List<Diagnostic> problems) {}

    static Parsed parse(String path, String source) {
        PythonTree tree = new PythonTree(new SourceText(path, source));
        TSParser parser = new TSParser();
        parser.setLanguage(new TreeSitterPython());
        TSTree parsed = parser.parseString(null, source);
        TSNode root = parsed.getRootNode();
        tree.look(root);
        Code.Module module = new Code.Module(path, moduleName(path), tree.block(root), tree.span(root));
        return new Parsed(module, tree.problems);
    }

    static String moduleName(String path) {
        String plain = path.replaceFirst("\\.pyi?$", "")
                .replaceFirst("(^|/)__init__$", "")
                .replace('/', '.');
        return plain.isEmpty() ? "__init__" : plain;
    }

    /** Where it cannot be parsed. */
    private void look(TSNode n) {
        if (n.isMissing() || n.getType().equals("ERROR")) {
            Span s = span(n);
            String near = text.of(n).lines().findFirst().orElse("").strip();
            problems.add(new Diagnostic(
                    s.file(),
                    s.line(),
                    n.isMissing()
                            ? "something is missing here: “" + n.getType() + "”"
                            : "this cannot be read as Python" + (near.isEmpty() ? "" : ": “" + shortened(near) + "”")));
            return;
        }
        if (n.getType().equals("print_statement") || n.getType().equals("exec_statement")) {
            Span s = span(n);
            problems.add(new Diagnostic(
                    s.file(), s.line(), "this is Python 2; in Python 3 print and exec are called with brackets"));
            return;
        }
        if (n.hasError() || n.getType().equals("module") || BLOCKS.contains(n.getType())) {
            for (int i = 0; i < n.getChildCount(); i++) {
                look(n.getChild(i));
            }
        }
    }

    private static String shortened(String line) {
        return line.length() > 60 ? line.substring(0, 60) + "…" : line;
    }

    private Span span(TSNode n) {
        return text.span(n);
    }

    private static @Nullable TSNode field(TSNode n, String name) {
        TSNode child = n.getChildByFieldName(name);
        return child == null || child.isNull() ? null : child;
    }

    private static List<TSNode> named(TSNode n) {
        List<TSNode> all = new ArrayList<>();
        for (int i = 0; i < n.getNamedChildCount(); i++) {
            TSNode child = n.getNamedChild(i);
            if (!child.getType().equals("comment")) {
                all.add(child);
            }
        }
        return all;
    }

    // statements

    private List<Statement> block(@Nullable TSNode n) {
        List<Statement> all = new ArrayList<>();
        if (n != null) {
            named(n).forEach(s -> statement(s, all));
        }
        return all;
    }

    private void statement(TSNode n, List<Statement> into) {
        Span span = span(n);
        switch (n.getType()) {
            case "expression_statement" -> named(n).forEach(e -> expressionStatement(e, into));
            case "return_statement" -> {
                List<TSNode> value = named(n);
                into.add(new Code.Return(value.isEmpty() ? null : expression(value.get(0)), span));
            }
            case "if_statement" -> into.add(ifStatement(n));
            case "for_statement" -> {
                into.add(new Code.ForEach(
                        target(field(n, "left")), expression(field(n, "right")), block(field(n, "body")), span));
                TSNode otherwise = field(n, "alternative");
                if (otherwise != null) {
                    into.addAll(block(field(otherwise, "body")));
                }
            }
            case "while_statement" ->
                into.add(new Code.While(expression(field(n, "condition")), block(field(n, "body")), span));
            case "raise_statement" -> {
                List<TSNode> value = named(n);
                into.add(new Code.Raise(value.isEmpty() ? null : expression(value.get(0)), span));
            }
            case "assert_statement" -> named(n).forEach(e -> into.add(new Code.Do(expression(e), span(e))));
            case "delete_statement" -> named(n).forEach(e -> into.add(new Code.Delete(expression(e), span)));
            case "break_statement" -> into.add(new Code.Leave(span));
            case "pass_statement", "continue_statement" -> into.add(new Code.Nothing(span));
            case "global_statement", "nonlocal_statement" ->
                into.add(new Code.Outer(
                        named(n).stream().map(text::of).toList(), n.getType().startsWith("global"), span));
            case "import_statement", "import_from_statement", "future_import_statement" -> imports(n, into);
            case "try_statement" -> tryStatement(n, into);
            case "with_statement" -> with(n, into);
            case "match_statement" -> into.add(match(n));
            case "function_definition" -> into.add(function(n, List.of(), span));
            case "class_definition" -> into.add(type(n, List.of(), span));
            case "decorated_definition" -> decorated(n, into);
            case "type_alias_statement" -> into.add(new Code.Nothing(span));
            case "ERROR" -> named(n).forEach(c -> statement(c, into));
            default -> {
                if (n.getType().endsWith("_statement") || n.getType().equals("block")) {
                    into.addAll(block(n));
                }
            }
        }
    }

    private void expressionStatement(TSNode e, List<Statement> into) {
        Span span = span(e);
        switch (e.getType()) {
            case "assignment" -> assignment(e, into);
            case "augmented_assignment" ->
                into.add(
                        new Code.Assign(expression(field(e, "left")), expression(field(e, "right")), null, true, span));
            case "ellipsis" -> into.add(new Code.Nothing(span));
            default -> into.add(new Code.Do(expression(e), span));
        }
    }

    /** {@code a = b = value} assigns the same to both. */
    private void assignment(TSNode e, List<Statement> into) {
        TSNode declared = field(e, "type");
        TSNode right = field(e, "right");
        Expression value = null;
        if (right != null && right.getType().equals("assignment")) {
            assignment(right, into);
            value = expression(field(right, "left"));
        } else if (right != null) {
            value = expression(right);
        }
        into.add(new Code.Assign(
                target(field(e, "left")), value, declared == null ? null : annotation(declared), false, span(e)));
    }

    private Code.If ifStatement(TSNode n) {
        List<TSNode> rest = new ArrayList<>();
        for (int i = 0; i < n.getChildCount(); i++) {
            if ("alternative".equals(n.getFieldNameForChild(i))) {
                rest.add(n.getChild(i));
            }
        }
        return new Code.If(
                expression(field(n, "condition")), block(field(n, "consequence")), otherwise(rest, 0), span(n));
    }

    private List<Statement> otherwise(List<TSNode> rest, int at) {
        if (at >= rest.size()) {
            return List.of();
        }
        TSNode n = rest.get(at);
        if (n.getType().equals("else_clause")) {
            return block(field(n, "body"));
        }
        return List.of(new Code.If(
                expression(field(n, "condition")), block(field(n, "consequence")), otherwise(rest, at + 1), span(n)));
    }

    private void tryStatement(TSNode n, List<Statement> into) {
        into.add(new Code.Block(block(field(n, "body")), false, span(n)));
        for (TSNode part : named(n)) {
            switch (part.getType()) {
                case "except_clause", "except_group_clause" -> {
                    List<Statement> body = new ArrayList<>();
                    named(part).stream()
                            .filter(c -> c.getType().equals("block"))
                            .forEach(c -> body.addAll(block(c)));
                    into.add(new Code.Block(body, true, span(part)));
                }
                case "else_clause" -> into.add(new Code.Block(block(field(part, "body")), false, span(part)));
                case "finally_clause" -> {
                    List<Statement> body = new ArrayList<>();
                    named(part).forEach(c -> body.addAll(block(c)));
                    into.add(new Code.Block(body, false, span(part)));
                }
                default -> {}
            }
        }
    }

    private void with(TSNode n, List<Statement> into) {
        for (TSNode clause : named(n)) {
            if (clause.getType().equals("with_clause")) {
                for (TSNode item : named(clause)) {
                    TSNode value = field(item, "value");
                    if (value != null && value.getType().equals("as_pattern")) {
                        List<TSNode> parts = named(value);
                        Expression opened = expression(parts.get(0));
                        TSNode alias = field(value, "alias");
                        if (alias != null && !named(alias).isEmpty()) {
                            into.add(new Code.Assign(target(named(alias).get(0)), opened, null, false, span(item)));
                        }
                    } else if (value != null) {
                        into.add(new Code.Do(expression(value), span(item)));
                    }
                }
            }
        }
        into.add(new Code.Block(block(field(n, "body")), false, span(n)));
    }

    private Code.Match match(TSNode n) {
        List<Code.Case> cases = new ArrayList<>();
        TSNode body = field(n, "body");
        if (body != null) {
            for (TSNode c : named(body)) {
                if (c.getType().equals("case_clause")) {
                    List<String> labels = new ArrayList<>();
                    List<Expression> types = new ArrayList<>();
                    List<String> bound = new ArrayList<>();
                    named(c).stream()
                            .filter(p -> p.getType().equals("case_pattern"))
                            .forEach(p -> pattern(p, labels, types, bound));
                    boolean isDefault = labels.isEmpty() && types.isEmpty();
                    cases.add(new Code.Case(labels, types, bound, isDefault, block(field(c, "consequence")), span(c)));
                }
            }
        }
        return new Code.Match(expression(field(n, "subject")), cases, span(n));
    }

    private void pattern(TSNode p, List<String> labels, List<Expression> types, List<String> bound) {
        switch (p.getType()) {
            case "class_pattern" -> {
                types.add(expression(named(p).get(0)));
                named(p).stream().skip(1).forEach(x -> pattern(x, new ArrayList<>(), new ArrayList<>(), bound));
            }
            case "string" -> labels.add(string(p));
            case "integer", "float", "true", "false", "none" -> labels.add(text.of(p));
            case "dotted_name" -> {
                List<TSNode> parts = named(p);
                if (parts.size() == 1) {
                    bound.add(text.of(p));
                } else {
                    labels.add(text.of(parts.get(parts.size() - 1)));
                }
            }
            default -> named(p).forEach(x -> pattern(x, labels, types, bound));
        }
    }

    private void imports(TSNode n, List<Statement> into) {
        Span span = span(n);
        TSNode from = field(n, "module_name");
        String module =
                n.getType().equals("future_import_statement") ? "__future__" : from == null ? "" : text.of(from);
        boolean found = false;
        for (int i = 0; i < n.getChildCount(); i++) {
            TSNode c = n.getChild(i);
            if (c.getType().equals("wildcard_import")) {
                into.add(new Code.Import(module, "*", "*", span));
                found = true;
            } else if ("name".equals(n.getFieldNameForChild(i))) {
                boolean renamed = c.getType().equals("aliased_import");
                String name = text.of(renamed ? field(c, "name") : c);
                String as = renamed ? text.of(field(c, "alias")) : name;
                found = true;
                if (from != null || module.equals("__future__")) {
                    into.add(new Code.Import(module, name, as, span));
                } else {
                    // import a.b makes a known, by which b is got at
                    into.add(new Code.Import(name, null, renamed ? as : name.replaceFirst("\\..*", ""), span));
                }
            }
        }
        if (!found) {
            into.add(new Code.Nothing(span));
        }
    }

    private void decorated(TSNode n, List<Statement> into) {
        List<Expression> decorators = new ArrayList<>();
        for (TSNode c : named(n)) {
            if (c.getType().equals("decorator") && !named(c).isEmpty()) {
                decorators.add(expression(named(c).get(0)));
            }
        }
        TSNode definition = field(n, "definition");
        if (definition != null) {
            into.add(
                    definition.getType().equals("class_definition")
                            ? type(definition, decorators, span(definition))
                            : function(definition, decorators, span(definition)));
        }
    }

    private Code.Function function(TSNode n, List<Expression> decorators, Span span) {
        TSNode result = field(n, "return_type");
        return new Code.Function(
                text.of(field(n, "name")),
                decorators,
                parameters(field(n, "parameters")),
                result == null ? null : annotation(result),
                block(field(n, "body")),
                span);
    }

    private Code.ClassDefinition type(TSNode n, List<Expression> decorators, Span span) {
        List<Expression> bases = new ArrayList<>();
        List<Code.Argument> options = new ArrayList<>();
        TSNode above = field(n, "superclasses");
        if (above != null) {
            for (TSNode a : named(above)) {
                if (a.getType().equals("keyword_argument")) {
                    options.add(new Code.Argument(text.of(field(a, "name")), expression(field(a, "value")), false));
                } else {
                    bases.add(expression(a));
                }
            }
        }
        return new Code.ClassDefinition(
                text.of(field(n, "name")), decorators, bases, options, block(field(n, "body")), span);
    }

    private List<Code.Parameter> parameters(@Nullable TSNode n) {
        List<Code.Parameter> all = new ArrayList<>();
        Code.Parameter.Kind kind = Code.Parameter.Kind.USUAL;
        if (n == null) {
            return all;
        }
        for (TSNode p : named(n)) {
            switch (p.getType()) {
                case "identifier" -> all.add(new Code.Parameter(text.of(p), null, null, kind));
                case "default_parameter" ->
                    all.add(new Code.Parameter(text.of(field(p, "name")), null, expression(field(p, "value")), kind));
                case "typed_parameter" -> {
                    TSNode inner = named(p).get(0);
                    Code.Parameter.Kind of = spread(inner, kind);
                    all.add(new Code.Parameter(
                            text.of(of == kind ? inner : named(inner).get(0)), annotation(field(p, "type")), null, of));
                    kind = of == Code.Parameter.Kind.ALL ? Code.Parameter.Kind.NAMED_ONLY : kind;
                }
                case "typed_default_parameter" ->
                    all.add(new Code.Parameter(
                            text.of(field(p, "name")),
                            annotation(field(p, "type")),
                            expression(field(p, "value")),
                            kind));
                case "list_splat_pattern" -> {
                    all.add(new Code.Parameter(text.of(named(p).get(0)), null, null, Code.Parameter.Kind.ALL));
                    kind = Code.Parameter.Kind.NAMED_ONLY;
                }
                case "dictionary_splat_pattern" ->
                    all.add(new Code.Parameter(text.of(named(p).get(0)), null, null, Code.Parameter.Kind.ALL_NAMED));
                case "keyword_separator" -> kind = Code.Parameter.Kind.NAMED_ONLY;
                default -> {}
            }
        }
        return all;
    }

    private static Code.Parameter.Kind spread(TSNode n, Code.Parameter.Kind usual) {
        return switch (n.getType()) {
            case "list_splat_pattern" -> Code.Parameter.Kind.ALL;
            case "dictionary_splat_pattern" -> Code.Parameter.Kind.ALL_NAMED;
            default -> usual;
        };
    }

    // types

    private @Nullable Expression annotation(@Nullable TSNode n) {
        if (n == null) {
            return null;
        }
        switch (n.getType()) {
            case "type", "parenthesized_expression" -> {
                return named(n).isEmpty() ? null : annotation(named(n).get(0));
            }
            case "generic_type" -> {
                List<TSNode> parts = named(n);
                List<Expression> arguments = new ArrayList<>();
                if (parts.size() > 1) {
                    for (TSNode a : named(parts.get(1))) {
                        Expression e = annotation(a);
                        if (e != null) {
                            arguments.add(e);
                        }
                    }
                }
                return generic(expression(parts.get(0)), arguments, span(n));
            }
            case "subscript" -> {
                List<Expression> arguments = new ArrayList<>();
                for (int i = 0; i < n.getChildCount(); i++) {
                    if ("subscript".equals(n.getFieldNameForChild(i))) {
                        Expression e = annotation(n.getChild(i));
                        if (e != null) {
                            arguments.add(e);
                        }
                    }
                }
                return generic(expression(field(n, "value")), arguments, span(n));
            }
            case "union_type", "binary_operator" -> {
                List<Expression> parts = new ArrayList<>();
                for (TSNode a : named(n)) {
                    Expression e = annotation(a);
                    if (e != null) {
                        parts.add(e);
                    }
                }
                return new Code.Operation("|", parts, span(n));
            }
            default -> {
                return expression(n);
            }
        }
    }

    private static Expression generic(Expression of, List<Expression> arguments, Span span) {
        Expression inside = arguments.size() == 1
                ? arguments.get(0)
                : new Code.Display(Code.Display.Kind.TUPLE, List.of(), arguments, span);
        return new Code.Element(of, inside, span);
    }

    // expressions

    private Expression target(@Nullable TSNode n) {
        return expression(n);
    }

    private List<Expression> expressions(List<TSNode> all) {
        return all.stream().map(this::expression).toList();
    }

    private Expression expression(@Nullable TSNode n) {
        if (n == null) {
            return new Code.Other(List.of(), text.start());
        }
        Span span = span(n);
        switch (n.getType()) {
            case "identifier" -> {
                return new Code.Name(text.of(n), span);
            }
            case "dotted_name" -> {
                List<TSNode> parts = named(n);
                Expression e = new Code.Name(text.of(parts.get(0)), span(parts.get(0)));
                for (TSNode p : parts.subList(1, parts.size())) {
                    e = new Code.Member(e, text.of(p), span);
                }
                return e;
            }
            case "attribute" -> {
                return new Code.Member(expression(field(n, "object")), text.of(field(n, "attribute")), span);
            }
            case "call" -> {
                return call(n, span);
            }
            case "string", "concatenated_string" -> {
                return text(n, span);
            }
            case "integer", "float" -> {
                return new Code.Literal(text.of(n), Code.Literal.Kind.NUMBER, span);
            }
            case "true", "false" -> {
                return new Code.Literal(text.of(n), Code.Literal.Kind.TRUTH, span);
            }
            case "none" -> {
                return new Code.None(span);
            }
            case "list", "list_pattern" -> {
                return new Code.Display(Code.Display.Kind.LIST, List.of(), expressions(named(n)), span);
            }
            case "tuple", "tuple_pattern", "pattern_list", "expression_list" -> {
                return new Code.Display(Code.Display.Kind.TUPLE, List.of(), expressions(named(n)), span);
            }
            case "set" -> {
                return new Code.Display(Code.Display.Kind.SET, List.of(), expressions(named(n)), span);
            }
            case "dictionary" -> {
                return dictionary(n, span);
            }
            case "lambda" -> {
                return new Code.Lambda(parameters(field(n, "parameters")), expression(field(n, "body")), span);
            }
            case "conditional_expression" -> {
                List<TSNode> parts = named(n);
                return new Code.Choice(
                        expression(parts.get(1)), expression(parts.get(0)), expression(parts.get(2)), span);
            }
            case "subscript" -> {
                TSNode index = field(n, "subscript");
                boolean part = index == null || index.getType().equals("slice");
                return new Code.Element(expression(field(n, "value")), part ? null : expression(index), span);
            }
            case "list_comprehension" -> {
                return comprehension(n, Code.Display.Kind.LIST, span);
            }
            case "set_comprehension" -> {
                return comprehension(n, Code.Display.Kind.SET, span);
            }
            case "dictionary_comprehension" -> {
                return comprehension(n, Code.Display.Kind.MAP, span);
            }
            case "generator_expression" -> {
                return comprehension(n, Code.Display.Kind.TUPLE, span);
            }
            case "named_expression" -> {
                TSNode name = field(n, "name");
                return new Code.Assigned(new Code.Name(text.of(name), span(name)), expression(field(n, "value")), span);
            }
            case "parenthesized_expression",
                    "await",
                    "list_splat",
                    "list_splat_pattern",
                    "dictionary_splat",
                    "as_pattern" -> {
                return named(n).isEmpty() ? new Code.Other(List.of(), span) : expression(named(n).get(0));
            }
            case "binary_operator", "boolean_operator" -> {
                TSNode operator = field(n, "operator");
                return new Code.Operation(
                        operator == null ? "?" : text.of(operator),
                        List.of(expression(field(n, "left")), expression(field(n, "right"))),
                        span);
            }
            case "not_operator" -> {
                return new Code.Operation("not", List.of(expression(field(n, "argument"))), span);
            }
            case "unary_operator" -> {
                TSNode argument = field(n, "argument");
                boolean number = argument != null
                        && (argument.getType().equals("integer")
                                || argument.getType().equals("float"));
                return number
                        ? new Code.Literal(text.of(n), Code.Literal.Kind.NUMBER, span)
                        : new Code.Operation("-", List.of(expression(argument)), span);
            }
            case "comparison_operator" -> {
                return comparison(n, span);
            }
            default -> {
                return new Code.Other(expressions(named(n)), span);
            }
        }
    }

    private Expression comparison(TSNode n, Span span) {
        StringBuilder operator = new StringBuilder();
        for (int i = 0; i < n.getChildCount(); i++) {
            TSNode c = n.getChild(i);
            if (!c.isNamed()) {
                operator.append(operator.isEmpty() ? "" : " ").append(text.of(c).replaceAll("\\s+", " "));
            }
        }
        return new Code.Operation(operator.toString(), expressions(named(n)), span);
    }

    private Expression call(TSNode n, Span span) {
        List<Code.Argument> arguments = new ArrayList<>();
        TSNode given = field(n, "arguments");
        if (given != null && given.getType().equals("generator_expression")) {
            arguments.add(new Code.Argument(null, expression(given), false));
        } else if (given != null) {
            for (TSNode a : named(given)) {
                if (a.getType().equals("keyword_argument")) {
                    arguments.add(new Code.Argument(text.of(field(a, "name")), expression(field(a, "value")), false));
                } else {
                    arguments.add(
                            new Code.Argument(null, expression(a), a.getType().equals("list_splat")));
                }
            }
        }
        return new Code.Call(expression(field(n, "function")), arguments, span);
    }

    private Expression dictionary(TSNode n, Span span) {
        List<Expression> keys = new ArrayList<>();
        List<Expression> items = new ArrayList<>();
        for (TSNode p : named(n)) {
            if (p.getType().equals("pair")) {
                keys.add(expression(field(p, "key")));
                items.add(expression(field(p, "value")));
            } else {
                keys.add(expression(p));
            }
        }
        return new Code.Display(Code.Display.Kind.MAP, keys, items, span);
    }

    private Expression comprehension(TSNode n, Code.Display.Kind kind, Span span) {
        TSNode body = field(n, "body");
        Expression element =
                body != null && body.getType().equals("pair") ? expression(field(body, "value")) : expression(body);
        List<Code.Clause> clauses = new ArrayList<>();
        List<Expression> conditions = new ArrayList<>();
        for (TSNode c : named(n)) {
            if (c.getType().equals("for_in_clause")) {
                clauses.add(new Code.Clause(target(field(c, "left")), expression(field(c, "right"))));
            } else if (c.getType().equals("if_clause")) {
                conditions.addAll(expressions(named(c)));
            }
        }
        return new Code.Comprehension(kind, element, clauses, conditions, span);
    }

    /** A text, with what is put into it. */
    private Expression text(TSNode n, Span span) {
        List<Expression> inside = new ArrayList<>();
        interpolated(n, inside);
        return inside.isEmpty()
                ? new Code.Literal(string(n), Code.Literal.Kind.TEXT, span)
                : new Code.Operation("f", inside, span);
    }

    private void interpolated(TSNode n, List<Expression> inside) {
        for (TSNode c : named(n)) {
            if (c.getType().equals("interpolation")) {
                inside.add(expression(field(c, "expression")));
            } else if (c.getType().equals("string")) {
                interpolated(c, inside);
            }
        }
    }

    private String string(TSNode n) {
        StringBuilder all = new StringBuilder();
        for (TSNode c : named(n)) {
            if (c.getType().equals("string_content")) {
                all.append(text.of(c));
            } else if (c.getType().equals("string")) {
                all.append(string(c));
            }
        }
        return all.toString();
    }
}
