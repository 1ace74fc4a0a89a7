package hausaufgabe.language.python;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.SourceText;
import hausaufgabe.language.scripts.SyntaxNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
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

    private static final SyntaxNode.Grammar PYTHON = new SyntaxNode.Grammar(new TreeSitterPython());

    private final SourceText text;
    private final List<Diagnostic> problems = new ArrayList<>();

    /** The class that is being read, where its declared fields make its constructor. */
    private @Nullable RecordClass record;

    private record RecordClass(String name, List<String> parts) {}

    private PythonTree(SourceText text) {
        this.text = text;
    }

    /** @param problems the places that cannot be parsed */
    record Parsed(Code.Module module, List<Diagnostic> problems) {}

    static Parsed parse(String path, String source) {
        PythonTree tree = new PythonTree(new SourceText(path, source));
        SyntaxNode root = PYTHON.parse(tree.text);
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
    private void look(SyntaxNode n) {
        if (n.isMissing() || n.type().equals("ERROR")) {
            Span s = span(n);
            String near = text.of(n).lines().findFirst().orElse("").strip();
            problems.add(new Diagnostic(
                    s.file(),
                    s.line(),
                    n.isMissing()
                            ? "something is missing here: “" + n.type() + "”"
                            : "this cannot be read as Python" + (near.isEmpty() ? "" : ": “" + shortened(near) + "”")));
            return;
        }
        if (n.type().equals("print_statement") || n.type().equals("exec_statement")) {
            Span s = span(n);
            problems.add(new Diagnostic(
                    s.file(), s.line(), "this is Python 2; in Python 3 print and exec are called with brackets"));
            return;
        }
        n.children().forEach(this::look);
    }

    private static String shortened(String line) {
        return line.length() > 60 ? line.substring(0, 60) + "…" : line;
    }

    private Span span(SyntaxNode n) {
        return n.span();
    }

    private static @Nullable SyntaxNode field(SyntaxNode n, String name) {
        return n.child(name);
    }

    private static List<SyntaxNode> named(SyntaxNode n) {
        return n.named();
    }

    // statements

    private List<Statement> block(@Nullable SyntaxNode n) {
        List<Statement> all = new ArrayList<>();
        if (n != null) {
            named(n).forEach(s -> statement(s, all));
        }
        return all;
    }

    private void statement(SyntaxNode n, List<Statement> into) {
        Span span = span(n);
        switch (n.type()) {
            case "expression_statement" -> named(n).forEach(e -> expressionStatement(e, into));
            case "return_statement" -> {
                List<SyntaxNode> value = named(n);
                into.add(new Code.Return(value.isEmpty() ? null : expression(value.get(0)), span));
            }
            case "if_statement" -> into.add(ifStatement(n));
            case "for_statement" -> {
                into.add(new Code.ForEach(
                        target(field(n, "left")), expression(field(n, "right")), block(field(n, "body")), span));
                SyntaxNode otherwise = field(n, "alternative");
                if (otherwise != null) {
                    into.addAll(block(field(otherwise, "body")));
                }
            }
            case "while_statement" ->
                into.add(new Code.While(expression(field(n, "condition")), block(field(n, "body")), span));
            case "raise_statement" -> {
                List<SyntaxNode> value = named(n);
                into.add(new Code.Raise(value.isEmpty() ? null : expression(value.get(0)), span));
            }
            case "assert_statement" -> named(n).forEach(e -> into.add(new Code.Do(expression(e), span(e))));
            case "delete_statement" -> named(n).forEach(e -> into.add(new Code.Delete(expression(e), span)));
            case "break_statement" -> into.add(new Code.Leave(span));
            case "pass_statement", "continue_statement" -> into.add(new Code.Nothing(span));
            case "global_statement", "nonlocal_statement" ->
                into.add(new Code.Outer(
                        named(n).stream().map(text::of).toList(), n.type().startsWith("global"), span));
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
                if (n.type().endsWith("_statement") || n.type().equals("block")) {
                    into.addAll(block(n));
                }
            }
        }
    }

    private void expressionStatement(SyntaxNode e, List<Statement> into) {
        Span span = span(e);
        switch (e.type()) {
            case "assignment" -> assignment(e, into);
            case "augmented_assignment" ->
                into.add(
                        new Code.Assign(expression(field(e, "left")), expression(field(e, "right")), null, true, span));
            case "ellipsis" -> into.add(new Code.Nothing(span));
            default -> into.add(new Code.Do(expression(e), span));
        }
    }

    /** {@code a = b = value} assigns the same to both. */
    private void assignment(SyntaxNode e, List<Statement> into) {
        SyntaxNode declared = field(e, "type");
        SyntaxNode right = field(e, "right");
        Expression value = null;
        if (right != null && right.type().equals("assignment")) {
            assignment(right, into);
            value = expression(field(right, "left"));
        } else if (right != null) {
            value = expression(right);
        }
        into.add(new Code.Assign(
                target(field(e, "left")), value, declared == null ? null : annotation(declared), false, span(e)));
    }

    private Code.If ifStatement(SyntaxNode n) {
        List<SyntaxNode> rest = new ArrayList<>();
        for (SyntaxNode c : n.children()) {
            if ("alternative".equals(c.field())) {
                rest.add(c);
            }
        }
        return new Code.If(
                expression(field(n, "condition")), block(field(n, "consequence")), otherwise(rest, 0), span(n));
    }

    private List<Statement> otherwise(List<SyntaxNode> rest, int at) {
        if (at >= rest.size()) {
            return List.of();
        }
        SyntaxNode n = rest.get(at);
        if (n.type().equals("else_clause")) {
            return block(field(n, "body"));
        }
        return List.of(new Code.If(
                expression(field(n, "condition")), block(field(n, "consequence")), otherwise(rest, at + 1), span(n)));
    }

    private void tryStatement(SyntaxNode n, List<Statement> into) {
        into.add(new Code.Block(block(field(n, "body")), false, span(n)));
        for (SyntaxNode part : named(n)) {
            switch (part.type()) {
                case "except_clause", "except_group_clause" -> {
                    List<Statement> body = new ArrayList<>();
                    named(part).stream().filter(c -> c.type().equals("block")).forEach(c -> body.addAll(block(c)));
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

    private void with(SyntaxNode n, List<Statement> into) {
        for (SyntaxNode clause : named(n)) {
            if (clause.type().equals("with_clause")) {
                for (SyntaxNode item : named(clause)) {
                    SyntaxNode value = field(item, "value");
                    if (value != null && value.type().equals("as_pattern")) {
                        List<SyntaxNode> parts = named(value);
                        Expression opened = expression(parts.get(0));
                        SyntaxNode alias = field(value, "alias");
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

    private Code.Match match(SyntaxNode n) {
        List<Code.Case> cases = new ArrayList<>();
        SyntaxNode body = field(n, "body");
        if (body != null) {
            for (SyntaxNode c : named(body)) {
                if (c.type().equals("case_clause")) {
                    List<String> labels = new ArrayList<>();
                    List<Expression> types = new ArrayList<>();
                    List<String> bound = new ArrayList<>();
                    named(c).stream()
                            .filter(p -> p.type().equals("case_pattern"))
                            .forEach(p -> pattern(p, labels, types, bound));
                    boolean isDefault = labels.isEmpty() && types.isEmpty();
                    cases.add(new Code.Case(labels, types, bound, isDefault, block(field(c, "consequence")), span(c)));
                }
            }
        }
        return new Code.Match(expression(field(n, "subject")), cases, span(n));
    }

    private void pattern(SyntaxNode p, List<String> labels, List<Expression> types, List<String> bound) {
        switch (p.type()) {
            case "class_pattern" -> {
                types.add(expression(named(p).get(0)));
                named(p).stream().skip(1).forEach(x -> pattern(x, new ArrayList<>(), new ArrayList<>(), bound));
            }
            case "string" -> labels.add(string(p));
            case "integer", "float", "true", "false", "none" -> labels.add(text.of(p));
            case "dotted_name" -> {
                List<SyntaxNode> parts = named(p);
                if (parts.size() == 1) {
                    bound.add(text.of(p));
                } else {
                    labels.add(text.of(parts.get(parts.size() - 1)));
                }
            }
            default -> named(p).forEach(x -> pattern(x, labels, types, bound));
        }
    }

    private void imports(SyntaxNode n, List<Statement> into) {
        Span span = span(n);
        SyntaxNode from = field(n, "module_name");
        String module = n.type().equals("future_import_statement") ? "__future__" : from == null ? "" : text.of(from);
        boolean found = false;
        for (SyntaxNode c : n.children()) {
            if (c.type().equals("wildcard_import")) {
                into.add(new Code.Import(module, "*", "*", span));
                found = true;
            } else if ("name".equals(c.field())) {
                boolean renamed = c.type().equals("aliased_import");
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

    private void decorated(SyntaxNode n, List<Statement> into) {
        List<Expression> decorators = new ArrayList<>();
        for (SyntaxNode c : named(n)) {
            if (c.type().equals("decorator") && !named(c).isEmpty()) {
                decorators.add(expression(named(c).get(0)));
            }
        }
        SyntaxNode definition = field(n, "definition");
        if (definition != null) {
            into.add(
                    definition.type().equals("class_definition")
                            ? type(definition, decorators, span(definition))
                            : function(definition, decorators, span(definition)));
        }
    }

    private Code.Function function(SyntaxNode n, List<Expression> decorators, Span span) {
        SyntaxNode result = field(n, "return_type");
        return new Code.Function(
                text.of(field(n, "name")),
                decorators,
                parameters(field(n, "parameters")),
                result == null ? null : annotation(result),
                block(field(n, "body")),
                span);
    }

    private Code.ClassDefinition type(SyntaxNode n, List<Expression> decorators, Span span) {
        List<Expression> bases = new ArrayList<>();
        List<Code.Argument> options = new ArrayList<>();
        SyntaxNode above = field(n, "superclasses");
        if (above != null) {
            for (SyntaxNode a : named(above)) {
                if (a.type().equals("keyword_argument")) {
                    options.add(new Code.Argument(text.of(field(a, "name")), expression(field(a, "value")), false));
                } else {
                    bases.add(expression(a));
                }
            }
        }
        RecordClass around = record;
        String name = text.of(field(n, "name"));
        boolean isRecord = Stream.concat(decorators.stream(), bases.stream())
                .map(e -> e instanceof Code.Call c ? c.callee() : e)
                .map(PythonTree::lastName)
                .anyMatch(Set.of("dataclass", "NamedTuple")::contains);
        record = isRecord ? new RecordClass(name, declared(field(n, "body"))) : null;
        try {
            return new Code.ClassDefinition(name, decorators, bases, options, block(field(n, "body")), span);
        } finally {
            record = around;
        }
    }

    private static String lastName(Expression e) {
        return e instanceof Code.Member m ? m.name() : e instanceof Code.Name n ? n.name() : "";
    }

    /** The names that a class's body declares with a type. */
    private List<String> declared(@Nullable SyntaxNode body) {
        return body == null
                ? List.of()
                : named(body).stream()
                        .flatMap(s -> named(s).stream())
                        .filter(a -> a.type().equals("assignment") && field(a, "type") != null)
                        .filter(a -> !text.of(field(a, "type")).contains("ClassVar"))
                        .map(a -> text.of(field(a, "left")))
                        .toList();
    }

    private List<Code.Parameter> parameters(@Nullable SyntaxNode n) {
        List<Code.Parameter> all = new ArrayList<>();
        Code.Parameter.Kind kind = Code.Parameter.Kind.USUAL;
        if (n == null) {
            return all;
        }
        for (SyntaxNode p : named(n)) {
            switch (p.type()) {
                case "identifier" -> all.add(new Code.Parameter(text.of(p), null, null, kind));
                case "default_parameter" ->
                    all.add(new Code.Parameter(text.of(field(p, "name")), null, expression(field(p, "value")), kind));
                case "typed_parameter" -> {
                    SyntaxNode inner = named(p).get(0);
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

    private static Code.Parameter.Kind spread(SyntaxNode n, Code.Parameter.Kind usual) {
        return switch (n.type()) {
            case "list_splat_pattern" -> Code.Parameter.Kind.ALL;
            case "dictionary_splat_pattern" -> Code.Parameter.Kind.ALL_NAMED;
            default -> usual;
        };
    }

    // types

    private @Nullable Expression annotation(@Nullable SyntaxNode n) {
        if (n == null) {
            return null;
        }
        switch (n.type()) {
            case "type", "parenthesized_expression" -> {
                return named(n).isEmpty() ? null : annotation(named(n).get(0));
            }
            case "generic_type" -> {
                List<SyntaxNode> parts = named(n);
                List<Expression> arguments = new ArrayList<>();
                if (parts.size() > 1) {
                    for (SyntaxNode a : named(parts.get(1))) {
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
                for (SyntaxNode c : n.children()) {
                    if ("subscript".equals(c.field())) {
                        Expression e = annotation(c);
                        if (e != null) {
                            arguments.add(e);
                        }
                    }
                }
                return generic(expression(field(n, "value")), arguments, span(n));
            }
            case "union_type", "binary_operator" -> {
                List<Expression> parts = new ArrayList<>();
                for (SyntaxNode a : named(n)) {
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

    private Expression target(@Nullable SyntaxNode n) {
        return expression(n);
    }

    private List<Expression> expressions(List<SyntaxNode> all) {
        return all.stream().map(this::expression).toList();
    }

    private Expression expression(@Nullable SyntaxNode n) {
        if (n == null) {
            return new Code.Other(List.of(), text.start());
        }
        Span span = span(n);
        switch (n.type()) {
            case "identifier" -> {
                return new Code.Name(text.of(n), span);
            }
            case "dotted_name" -> {
                List<SyntaxNode> parts = named(n);
                Expression e = new Code.Name(text.of(parts.get(0)), span(parts.get(0)));
                for (SyntaxNode p : parts.subList(1, parts.size())) {
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
                return new Code.Display(Code.Display.Kind.LIST, List.of(), items(n), span);
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
                List<SyntaxNode> parts = named(n);
                return new Code.Choice(
                        expression(parts.get(1)), expression(parts.get(0)), expression(parts.get(2)), span);
            }
            case "subscript" -> {
                SyntaxNode index = field(n, "subscript");
                boolean part = index == null || index.type().equals("slice");
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
                SyntaxNode name = field(n, "name");
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
                SyntaxNode operator = field(n, "operator");
                return new Code.Operation(
                        operator == null ? "?" : text.of(operator),
                        List.of(expression(field(n, "left")), expression(field(n, "right"))),
                        span);
            }
            case "not_operator" -> {
                return new Code.Operation("not", List.of(expression(field(n, "argument"))), span);
            }
            case "unary_operator" -> {
                SyntaxNode argument = field(n, "argument");
                boolean number = argument != null
                        && (argument.type().equals("integer") || argument.type().equals("float"));
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

    /** What a container begins with; all of another one is a part of that one. */
    private List<Expression> items(SyntaxNode n) {
        List<Expression> all = new ArrayList<>();
        for (SyntaxNode i : named(n)) {
            boolean spread = i.type().equals("list_splat") && !named(i).isEmpty();
            all.add(spread ? new Code.Element(expression(named(i).get(0)), null, span(i)) : expression(i));
        }
        return all;
    }

    private Expression comparison(SyntaxNode n, Span span) {
        StringBuilder operator = new StringBuilder();
        for (SyntaxNode c : n.children()) {
            if (!c.isNamed()) {
                operator.append(operator.isEmpty() ? "" : " ").append(text.of(c).replaceAll("\\s+", " "));
            }
        }
        return new Code.Operation(operator.toString(), expressions(named(n)), span);
    }

    private Expression call(SyntaxNode n, Span span) {
        List<Code.Argument> arguments = new ArrayList<>();
        SyntaxNode given = field(n, "arguments");
        if (given != null && given.type().equals("generator_expression")) {
            arguments.add(new Code.Argument(null, expression(given), false));
        } else if (given != null) {
            for (SyntaxNode a : named(given)) {
                if (a.type().equals("keyword_argument")) {
                    arguments.add(new Code.Argument(text.of(field(a, "name")), expression(field(a, "value")), false));
                } else {
                    arguments.add(
                            new Code.Argument(null, expression(a), a.type().equals("list_splat")));
                }
            }
        }
        Expression callee = expression(field(n, "function"));
        Code.Call another = another(callee, arguments, span);
        return another != null ? another : new Code.Call(callee, arguments, span);
    }

    /** A record that makes another one like itself, with some of its parts replaced, said as making it; null for other calls. */
    private Code.@Nullable Call another(Expression callee, List<Code.Argument> arguments, Span span) {
        boolean ofItself = callee instanceof Code.Member m
                && m.name().equals("_replace")
                && m.on() instanceof Code.Name n
                && n.name().equals("self");
        boolean byFunction = lastName(callee).equals("replace")
                && !arguments.isEmpty()
                && arguments.get(0).value() instanceof Code.Name n
                && n.name().equals("self");
        List<Code.Argument> changed = byFunction ? arguments.subList(1, arguments.size()) : arguments;
        if (record == null || !ofItself && !byFunction || changed.stream().anyMatch(a -> a.name() == null)) {
            return null;
        }
        List<Code.Argument> all = new ArrayList<>();
        for (String part : record.parts()) {
            all.add(changed.stream()
                    .filter(a -> part.equals(a.name()))
                    .findFirst()
                    .orElseGet(() -> new Code.Argument(
                            part, new Code.Member(new Code.Name("self", callee.span()), part, callee.span()), false)));
        }
        return new Code.Call(new Code.Name(record.name(), callee.span()), all, span);
    }

    private Expression dictionary(SyntaxNode n, Span span) {
        List<Expression> keys = new ArrayList<>();
        List<Expression> items = new ArrayList<>();
        for (SyntaxNode p : named(n)) {
            if (p.type().equals("pair")) {
                keys.add(expression(field(p, "key")));
                items.add(expression(field(p, "value")));
            } else {
                keys.add(expression(p));
            }
        }
        return new Code.Display(Code.Display.Kind.MAP, keys, items, span);
    }

    private Expression comprehension(SyntaxNode n, Code.Display.Kind kind, Span span) {
        SyntaxNode body = field(n, "body");
        Expression element =
                body != null && body.type().equals("pair") ? expression(field(body, "value")) : expression(body);
        List<Code.Clause> clauses = new ArrayList<>();
        List<Expression> conditions = new ArrayList<>();
        for (SyntaxNode c : named(n)) {
            if (c.type().equals("for_in_clause")) {
                clauses.add(new Code.Clause(target(field(c, "left")), expression(field(c, "right"))));
            } else if (c.type().equals("if_clause")) {
                conditions.addAll(expressions(named(c)));
            }
        }
        return new Code.Comprehension(kind, element, clauses, conditions, span);
    }

    /** A text, with what is put into it. */
    private Expression text(SyntaxNode n, Span span) {
        List<Expression> inside = new ArrayList<>();
        interpolated(n, inside);
        return inside.isEmpty()
                ? new Code.Literal(string(n), Code.Literal.Kind.TEXT, span)
                : new Code.Operation("f", inside, span);
    }

    private void interpolated(SyntaxNode n, List<Expression> inside) {
        for (SyntaxNode c : named(n)) {
            if (c.type().equals("interpolation")) {
                inside.add(expression(field(c, "expression")));
            } else if (c.type().equals("string")) {
                interpolated(c, inside);
            }
        }
    }

    private String string(SyntaxNode n) {
        StringBuilder all = new StringBuilder();
        for (SyntaxNode c : named(n)) {
            if (c.type().equals("string_content")) {
                all.append(text.of(c));
            } else if (c.type().equals("string")) {
                all.append(string(c));
            }
        }
        return all.toString();
    }
}
