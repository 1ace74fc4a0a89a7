package hausaufgabe.language.javascript;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.SourceText;
import hausaufgabe.language.scripts.SyntaxNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A file as the tree that the languages share. What cannot be parsed is left out and told.
 *
 * <p>Some things are said in the words that the shared tree has for them: going through a list with a function is a loop,
 * {@code this} is a parameter, an object that is written down has a type of its own, and so has what a function gives out
 * whose operations share its variables.
 */
final class JavaScriptTree {

    private static final Pattern MAP = Pattern.compile("([#\\w$]+)\\s*(?::[^=;]*)?=\\s*new\\s+(?:Weak)?Map\\b");
    private static final Pattern REFUSED = Pattern.compile(
            "(?i)implement|abstra[ck]t|overrid|überschr|ueberschr|unterklasse|subclass|redefin|surcharg|ridefin|sobrescri");
    private static final Set<String> CONTAINERS = Set.of(
            "Array",
            "ReadonlyArray",
            "Set",
            "ReadonlySet",
            "Map",
            "ReadonlyMap",
            "WeakMap",
            "WeakSet",
            "Iterable",
            "Iterator",
            "Generator",
            "Record",
            "IterableIterator");
    /** Types that are what they are told of. */
    private static final Set<String> TRANSPARENT =
            Set.of("Readonly", "Partial", "Required", "Promise", "NonNullable", "Awaited", "Pick", "Omit", "WeakRef");

    private final SourceText text;
    private final String path;
    private final List<Diagnostic> problems = new ArrayList<>();
    private final Set<String> maps = new HashSet<>();
    private final Set<String> indexed = new HashSet<>();
    private final Map<String, List<SyntaxNode>> prototypes = new LinkedHashMap<>();

    /** What stands above a class that is written with prototypes. */
    private final Map<String, String> prototypeBases = new LinkedHashMap<>();

    /** The class above the one that is being read, where it is written with prototypes. */
    private @Nullable String prototypeBase;

    private int made;

    private JavaScriptTree(SourceText text, String path) {
        this.text = text;
        this.path = path;
    }

    /** @param problems the places that cannot be parsed */
    record Parsed(Code.Module module, List<Diagnostic> problems, SyntaxNode root) {}

    static Parsed parse(SyntaxNode.Grammar grammar, String path, String source) {
        JavaScriptTree tree = new JavaScriptTree(new SourceText(path, source), path);
        SyntaxNode root = grammar.parse(tree.text);
        tree.look(root);
        tree.prepare(root, source);
        List<Statement> body = new ArrayList<>();
        root.named().forEach(s -> tree.statement(s, body));
        return new Parsed(new Code.Module(path, moduleName(path), body, root.span()), tree.problems, root);
    }

    private static String lastOf(String module) {
        return module.substring(module.lastIndexOf('.') + 1);
    }

    static String moduleName(String path) {
        return path.replaceFirst("\\.[cm]?[jt]s$", "").replace('.', '_').replace('/', '.');
    }

    /** Where it cannot be parsed. */
    private void look(SyntaxNode n) {
        if (n.isMissing() || n.is("ERROR")) {
            Span s = n.span();
            String near = text.of(n).lines().findFirst().orElse("").strip();
            String shown = near.length() > 60 ? near.substring(0, 60) + "…" : near;
            problems.add(new Diagnostic(
                    s.file(),
                    s.line(),
                    n.isMissing()
                            ? "something is missing here: “" + n.type() + "”"
                            : "this cannot be read" + (shown.isEmpty() ? "" : ": “" + shown + "”")));
            return;
        }
        n.children().forEach(this::look);
    }

    /** What has to be known of a file before it is gone through. */
    private void prepare(SyntaxNode root, String source) {
        Matcher m = MAP.matcher(source);
        while (m.find()) {
            maps.add(m.group(1));
        }
        each(root, n -> {
            if (n.is("subscript_expression")) {
                SyntaxNode of = n.child("object");
                if (of != null) {
                    indexed.add(lastName(of));
                }
            } else if (n.is("call_expression")) {
                linked(n);
            } else if (n.is("assignment_expression")) {
                replaced(n);
                SyntaxNode left = n.child("left");
                SyntaxNode on = left == null || !left.is("member_expression") ? null : left.child("object");
                boolean ofPrototype = on != null
                        && on.is("member_expression")
                        && text.of(on.child("property")).equals("prototype");
                if (ofPrototype) {
                    prototypes
                            .computeIfAbsent(text.of(on.child("object")), k -> new ArrayList<>())
                            .add(n);
                }
            }
        });
    }

    /** A call that puts one prototype above another. */
    private void linked(SyntaxNode call) {
        String callee = text.of(field(call, "function"));
        List<SyntaxNode> given = arguments(call);
        if (given.size() != 2) {
            return;
        }
        if (callee.equals("inherits") || callee.endsWith(".inherits")) {
            above(text.of(given.get(0)), text.of(given.get(1)));
        } else if (callee.equals("Object.setPrototypeOf")) {
            above(ofPrototype(given.get(0)), ofPrototype(given.get(1)));
        }
    }

    /** An assignment of a whole prototype: what is made of another one, or written down. */
    private void replaced(SyntaxNode assignment) {
        String type = ofPrototype(field(assignment, "left"));
        SyntaxNode value = field(assignment, "right");
        if (type == null || value == null) {
            return;
        }
        if (value.is("call_expression") && text.of(field(value, "function")).equals("Object.create")) {
            List<SyntaxNode> given = arguments(value);
            above(type, given.isEmpty() ? null : ofPrototype(given.get(0)));
        } else if (value.is("new_expression")) {
            above(type, text.of(field(value, "constructor")));
        } else if (value.is("object")) {
            prototypes.computeIfAbsent(type, k -> new ArrayList<>()).addAll(value.named());
        }
    }

    private void above(@Nullable String type, @Nullable String base) {
        if (type != null && base != null) {
            prototypes.computeIfAbsent(type, k -> new ArrayList<>());
            prototypes.computeIfAbsent(base, k -> new ArrayList<>());
            prototypeBases.put(type, base);
        }
    }

    /** Whose prototype it is; null where it is none. */
    private @Nullable String ofPrototype(@Nullable SyntaxNode n) {
        return n != null
                        && n.is("member_expression")
                        && text.of(field(n, "property")).equals("prototype")
                ? text.of(field(n, "object"))
                : null;
    }

    private static void each(SyntaxNode n, java.util.function.Consumer<SyntaxNode> told) {
        told.accept(n);
        n.children().forEach(c -> each(c, told));
    }

    private String lastName(SyntaxNode n) {
        return n.is("member_expression") ? text.of(n.child("property")) : text.of(n);
    }

    private static @Nullable SyntaxNode field(SyntaxNode n, String name) {
        return n.child(name);
    }

    private static boolean has(SyntaxNode n, String word) {
        return n.children().stream().anyMatch(c -> !c.isNamed() && c.is(word));
    }

    private static Span point(Span at, int further) {
        int from = Math.min(at.from() + further, at.to());
        return new Span(at.file(), at.line(), at.line(), from, from);
    }

    // statements

    private List<Statement> block(@Nullable SyntaxNode n) {
        List<Statement> all = new ArrayList<>();
        if (n != null) {
            if (n.is("statement_block") || n.is("program")) {
                n.named().forEach(s -> statement(s, all));
            } else {
                statement(n, all);
            }
        }
        return all;
    }

    private void statement(SyntaxNode n, List<Statement> into) {
        Span span = n.span();
        switch (n.type()) {
            case "expression_statement" -> n.named().forEach(e -> done(e, into));
            case "lexical_declaration", "variable_declaration" -> n.named().forEach(d -> variable(d, into));
            case "return_statement" -> {
                SyntaxNode value = n.named().isEmpty() ? null : n.named().get(0);
                into.add(new Code.Return(value == null ? null : hoisted(value, into), span));
            }
            case "if_statement" -> into.add(ifStatement(n));
            case "for_statement" -> {
                SyntaxNode first = field(n, "initializer");
                if (first != null) {
                    statement(first, into);
                }
                List<Statement> body = block(field(n, "body"));
                SyntaxNode step = field(n, "increment");
                if (step != null) {
                    done(step, body);
                }
                SyntaxNode condition = field(n, "condition");
                List<SyntaxNode> inside = condition == null ? List.of() : condition.named();
                Expression goesOn = condition == null || condition.is("empty_statement")
                        ? new Code.Literal("true", Code.Literal.Kind.TRUTH, point(span, 0))
                        : expression(condition.is("expression_statement") ? inside.get(0) : condition);
                into.add(new Code.While(goesOn, body, span));
            }
            case "for_in_statement" -> forIn(n, into);
            case "while_statement" ->
                into.add(new Code.While(expression(field(n, "condition")), block(field(n, "body")), span));
            case "do_statement" -> {
                List<Statement> body = block(field(n, "body"));
                into.add(new Code.While(expression(field(n, "condition")), body, span));
            }
            case "throw_statement" -> into.add(new Code.Raise(thrown(n.named().get(0)), span));
            case "break_statement" -> into.add(new Code.Leave(span));
            case "continue_statement", "empty_statement", "debugger_statement" -> into.add(new Code.Nothing(span));
            case "statement_block", "class_static_block" -> into.add(new Code.Block(block(n), false, span));
            case "labeled_statement" -> into.addAll(block(field(n, "body")));
            case "try_statement" -> tryStatement(n, into);
            case "switch_statement" -> into.add(match(n));
            case "function_declaration", "generator_function_declaration" -> functionDeclaration(n, into);
            case "class_declaration", "abstract_class_declaration" ->
                into.add(type(n, text.of(field(n, "name")), span));
            case "interface_declaration" -> into.add(promise(n, field(n, "body")));
            case "type_alias_declaration" -> alias(n, into);
            case "enum_declaration" -> into.add(enumeration(n));
            case "import_statement" -> imports(n, into);
            case "export_statement" -> exports(n, into);
            case "ambient_declaration", "function_signature", "import_alias" -> into.add(new Code.Nothing(span));
            case "internal_module", "module" -> into.addAll(block(field(n, "body")));
            case "ERROR" -> n.named().forEach(c -> statement(c, into));
            default -> {
                if (!n.type().endsWith("comment") && !n.is("hash_bang_line")) {
                    done(n, into);
                }
            }
        }
    }

    private Expression thrown(SyntaxNode n) {
        Expression e = expression(n);
        boolean refuses = n.is("new_expression") && REFUSED.matcher(text.of(n)).find();
        return refuses ? new Code.Call(new Code.Name(JavaScriptDialect.REFUSAL, n.span()), List.of(), n.span()) : e;
    }

    /** An assignment inside an expression is done before what it gives is used. */
    private Expression hoisted(SyntaxNode value, List<Statement> into) {
        SyntaxNode bare = value;
        while (bare.is("parenthesized_expression") && !bare.named().isEmpty()) {
            bare = bare.named().get(0);
        }
        boolean assigns = bare.is("assignment_expression") || bare.is("augmented_assignment_expression");
        if (assigns) {
            done(bare, into);
            return expression(field(bare, "left"));
        }
        return expression(value);
    }

    private Code.If ifStatement(SyntaxNode n) {
        SyntaxNode otherwise = field(n, "alternative");
        List<Statement> rest = new ArrayList<>();
        if (otherwise != null) {
            otherwise.named().forEach(s -> rest.addAll(block(s)));
        }
        return new Code.If(expression(field(n, "condition")), block(field(n, "consequence")), rest, n.span());
    }

    private void forIn(SyntaxNode n, List<Statement> into) {
        SyntaxNode left = field(n, "left");
        SyntaxNode right = field(n, "right");
        Expression container = expression(right);
        boolean pairs = left != null
                && left.is("array_pattern")
                && left.named().size() == 2
                && right != null
                && (right.is("identifier") || right.is("member_expression"))
                && maps.contains(lastName(right));
        if (pairs) {
            container = new Code.Call(new Code.Member(container, "entries", right.span()), List.of(), right.span());
        }
        List<Statement> body = new ArrayList<>();
        Expression target = pattern(left, body);
        body.addAll(block(field(n, "body")));
        boolean ofKeys = has(n, "in");
        if (ofKeys && right != null) {
            container = new Code.Call(
                    new Code.Name("Object.keys", point(right.span(), 0)),
                    List.of(new Code.Argument(null, container, false)),
                    right.span());
        }
        into.add(new Code.ForEach(target, container, body, n.span()));
    }

    private void tryStatement(SyntaxNode n, List<Statement> into) {
        into.add(new Code.Block(block(field(n, "body")), false, n.span()));
        SyntaxNode handler = field(n, "handler");
        if (handler != null) {
            into.add(new Code.Block(block(field(handler, "body")), true, handler.span()));
        }
        SyntaxNode last = field(n, "finalizer");
        if (last != null) {
            into.add(new Code.Block(block(field(last, "body")), false, last.span()));
        }
    }

    private Statement match(SyntaxNode n) {
        SyntaxNode subject = field(n, "value");
        SyntaxNode body = field(n, "body");
        List<SyntaxNode> parts = body == null ? List.of() : body.named();
        List<Code.Case> cases = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        List<Expression> types = new ArrayList<>();
        boolean byTruth = text.of(subject).replaceAll("[()\\s]", "").equals("true");
        boolean isDefault = false;
        for (SyntaxNode c : parts) {
            SyntaxNode value = field(c, "value");
            isDefault |= c.is("switch_default");
            if (value != null && byTruth) {
                types.addAll(typesAsked(expression(value)));
            } else if (value != null) {
                labels.add(value.is("string") ? string(value) : text.of(value));
            }
            List<SyntaxNode> inside = c.children().stream()
                    .filter(x -> "body".equals(x.field()) && x.isNamed())
                    .toList();
            if (!inside.isEmpty() || c == parts.get(parts.size() - 1)) {
                List<Statement> done = new ArrayList<>();
                inside.stream().filter(x -> !x.is("break_statement")).forEach(x -> statement(x, done));
                cases.add(new Code.Case(List.copyOf(labels), List.copyOf(types), List.of(), isDefault, done, c.span()));
                labels.clear();
                types.clear();
                isDefault = false;
            }
        }
        Expression on = expression(subject);
        boolean ofClass = on instanceof Code.Member m && m.name().equals("constructor");
        return new Code.Match(ofClass ? ((Code.Member) on).on() : on, cases, n.span());
    }

    private static List<Expression> typesAsked(Expression e) {
        return e instanceof Code.Call c
                        && c.callee() instanceof Code.Name n
                        && n.name().equals(JavaScriptDialect.IS_A)
                ? List.of(c.arguments().get(1).value())
                : List.of();
    }

    // variables

    private void variable(SyntaxNode d, List<Statement> into) {
        if (!d.is("variable_declarator")) {
            return;
        }
        SyntaxNode name = field(d, "name");
        SyntaxNode value = field(d, "value");
        Span span = d.span();
        if (name == null) {
            return;
        }
        if (value != null && isRequired(value)) {
            required(name, value, into);
            return;
        }
        boolean isFunction = value != null
                && name.is("identifier")
                && (value.is("arrow_function") || value.is("function_expression"))
                && field(d, "type") == null;
        if (isFunction) {
            into.add(function(value, text.of(name), List.of(), span, null));
            return;
        }
        if (value != null && value.is("class")) {
            into.add(type(value, text.of(name), value.span()));
            return;
        }
        Expression target = pattern(name, into);
        Expression declared = declared(d);
        List<Statement> before = new ArrayList<>();
        String around = owner;
        owner = text.of(name);
        Expression given = value == null ? null : hoisted(value, before);
        owner = around;
        int at = into.size();
        into.addAll(before);
        if (target instanceof Code.Other) {
            // taken apart: what was put in by pattern() stands behind what is taken apart
            return;
        }
        if (given != null || declared != null) {
            into.add(at + before.size(), new Code.Assign(target, given, declared, false, span));
        }
    }

    /** What a pattern gives names to: names, or a list of them; parts of objects are assigned one by one. */
    private Expression pattern(@Nullable SyntaxNode n, List<Statement> after) {
        if (n == null) {
            return new Code.Other(List.of(), text.start());
        }
        Span span = n.span();
        switch (n.type()) {
            case "array_pattern" -> {
                List<Expression> items = new ArrayList<>();
                n.named().forEach(i -> items.add(pattern(i, after)));
                return new Code.Display(Code.Display.Kind.LIST, List.of(), items, span);
            }
            case "object_pattern" -> {
                String whole = "#whole" + made++;
                Code.Name name = new Code.Name(whole, point(span, 0));
                for (SyntaxNode p : n.named()) {
                    part(p, name, after);
                }
                return name;
            }
            case "assignment_pattern", "object_assignment_pattern" -> {
                return pattern(field(n, "left"), after);
            }
            case "rest_pattern" -> {
                return n.named().isEmpty()
                        ? new Code.Other(List.of(), span)
                        : pattern(n.named().get(0), after);
            }
            default -> {
                return expression(n);
            }
        }
    }

    private void part(SyntaxNode p, Code.Name whole, List<Statement> after) {
        Span span = p.span();
        Code.Name of = new Code.Name(whole.name(), point(span, 0));
        switch (p.type()) {
            case "shorthand_property_identifier_pattern" ->
                after.add(new Code.Assign(
                        new Code.Name(text.of(p), span), new Code.Member(of, text.of(p), span), null, false, span));
            case "object_assignment_pattern" -> {
                SyntaxNode left = field(p, "left");
                if (left != null) {
                    part(left, whole, after);
                }
            }
            case "pair_pattern" -> {
                SyntaxNode value = field(p, "value");
                Expression read = new Code.Member(of, text.of(field(p, "key")), span);
                List<Statement> inner = new ArrayList<>();
                Expression target = pattern(value, inner);
                after.add(new Code.Assign(target, read, null, false, span));
                after.addAll(inner);
            }
            case "rest_pattern" -> {
                if (!p.named().isEmpty()) {
                    after.add(new Code.Assign(expression(p.named().get(0)), of, null, false, span));
                }
            }
            default -> {}
        }
    }

    // expressions that are done

    private void done(SyntaxNode e, List<Statement> into) {
        Span span = e.span();
        switch (e.type()) {
            case "parenthesized_expression", "await_expression", "non_null_expression" ->
                e.named().forEach(x -> done(x, into));
            case "sequence_expression" -> e.named().forEach(x -> done(x, into));
            case "assignment_expression" -> assignment(e, into);
            case "augmented_assignment_expression" -> augmented(e, into);
            case "update_expression" ->
                into.add(new Code.Assign(
                        expression(field(e, "argument")),
                        new Code.Literal("1", Code.Literal.Kind.NUMBER, point(span, 0)),
                        null,
                        true,
                        span));
            case "unary_expression" -> {
                if (text.of(field(e, "operator")).equals("delete")) {
                    into.add(new Code.Delete(expression(field(e, "argument")), span));
                } else {
                    into.add(new Code.Do(expression(e), span));
                }
            }
            case "call_expression" -> {
                if (!through(e, into)) {
                    into.add(new Code.Do(expression(e), span));
                }
            }
            case "binary_expression" -> {
                String operator = text.of(field(e, "operator"));
                boolean decides = operator.equals("&&") || operator.equals("||") || operator.equals("??");
                if (decides) {
                    List<Statement> then = new ArrayList<>();
                    SyntaxNode right = field(e, "right");
                    if (right != null) {
                        done(right, then);
                    }
                    into.add(new Code.If(expression(field(e, "left")), then, List.of(), span));
                } else {
                    into.add(new Code.Do(expression(e), span));
                }
            }
            case "ternary_expression" -> {
                List<Statement> then = new ArrayList<>();
                List<Statement> otherwise = new ArrayList<>();
                done(e.named().get(1), then);
                done(e.named().get(2), otherwise);
                into.add(new Code.If(expression(field(e, "condition")), then, otherwise, span));
            }
            default -> into.add(new Code.Do(expression(e), span));
        }
    }

    private void assignment(SyntaxNode e, List<Statement> into) {
        SyntaxNode left = field(e, "left");
        SyntaxNode right = field(e, "right");
        Span span = e.span();
        if (left == null || right == null || left.is("member_expression") && isOfPrototype(left)) {
            return;
        }
        String to = text.of(left);
        if (to.equals("module.exports") || to.startsWith("module.exports.") || to.startsWith("exports.")) {
            exported(left, right, into);
            return;
        }
        if (right.is("assignment_expression")) {
            assignment(right, into);
            into.add(new Code.Assign(expression(left), expression(field(right, "left")), null, false, span));
            return;
        }
        List<Statement> after = new ArrayList<>();
        Expression target = pattern(left, after);
        into.add(new Code.Assign(target, hoisted(right, into), null, false, span));
        into.addAll(after);
    }

    private boolean isOfPrototype(SyntaxNode left) {
        String whole = ofPrototype(left);
        if (whole != null && prototypes.containsKey(whole)) {
            return true;
        }
        SyntaxNode on = field(left, "object");
        return on != null
                && on.is("member_expression")
                && text.of(field(on, "property")).equals("prototype")
                && prototypes.containsKey(text.of(field(on, "object")));
    }

    private void augmented(SyntaxNode e, List<Statement> into) {
        Span span = e.span();
        String operator = text.of(field(e, "operator"));
        SyntaxNode left = field(e, "left");
        SyntaxNode right = field(e, "right");
        if (right != null && (operator.equals("??=") || operator.equals("||="))) {
            Expression asked =
                    new Code.Operation("is", List.of(expression(left), new Code.None(point(span, 0))), point(span, 1));
            Statement gives = new Code.Assign(expression(left), expression(right), null, false, span);
            into.add(new Code.If(asked, List.of(gives), List.of(), span));
        } else {
            into.add(new Code.Assign(expression(left), expression(right), null, true, span));
        }
    }

    /** Going through a list with a function is a loop. */
    private boolean through(SyntaxNode call, List<Statement> into) {
        SyntaxNode callee = field(call, "function");
        if (callee == null || !callee.is("member_expression")) {
            return false;
        }
        List<SyntaxNode> given = arguments(call);
        boolean each = text.of(field(callee, "property")).equals("forEach") && !given.isEmpty();
        if (!each) {
            return false;
        }
        Expression container = expression(field(callee, "object"));
        SyntaxNode function = given.get(0);
        Span span = call.span();
        List<Statement> body = new ArrayList<>();
        Expression target;
        if (function.is("arrow_function")) {
            List<SyntaxNode> parameters = parameterNodes(function);
            target = parameters.isEmpty() ? nameless(span) : pattern(inner(parameters.get(0)), body);
            SyntaxNode inside = field(function, "body");
            if (inside != null && inside.is("statement_block")) {
                body.addAll(withoutReturns(block(inside)));
            } else if (inside != null) {
                done(inside, body);
            }
        } else {
            target = nameless(span);
            Expression item = new Code.Name(((Code.Name) target).name(), point(span, 1));
            body.add(new Code.Do(
                    new Code.Call(expression(function), List.of(new Code.Argument(null, item, false)), function.span()),
                    function.span()));
        }
        into.add(new Code.ForEach(target, container, body, span));
        return true;
    }

    /** What ends one turn does not end what is around it. */
    private static List<Statement> withoutReturns(List<Statement> body) {
        List<Statement> all = new ArrayList<>();
        for (Statement s : body) {
            if (s instanceof Code.Return r) {
                all.add(r.value() == null ? new Code.Nothing(r.span()) : new Code.Do(r.value(), r.span()));
            } else if (s instanceof Code.If i) {
                all.add(new Code.If(i.condition(), withoutReturns(i.then()), withoutReturns(i.otherwise()), i.span()));
            } else {
                all.add(s);
            }
        }
        return all;
    }

    private Code.Name nameless(Span span) {
        return new Code.Name("#item" + made++, point(span, 0));
    }

    private List<SyntaxNode> arguments(SyntaxNode call) {
        SyntaxNode given = field(call, "arguments");
        return given == null ? List.of() : given.is("template_string") ? List.of(given) : given.named();
    }

    // modules

    private String module(@Nullable SyntaxNode source) {
        String name = source == null ? "" : string(source);
        if (!name.startsWith(".")) {
            return "node:" + name.replaceFirst("^node:", "");
        }
        List<String> at = new ArrayList<>(List.of(path.split("/")));
        at.remove(at.size() - 1);
        for (String step : name.split("/")) {
            if (step.equals("..") && !at.isEmpty()) {
                at.remove(at.size() - 1);
            } else if (!step.equals(".") && !step.equals("..")) {
                at.add(step);
            }
        }
        return moduleName(String.join("/", at));
    }

    private void imports(SyntaxNode n, List<Statement> into) {
        Span span = n.span();
        SyntaxNode old = n.named().stream()
                .filter(c -> c.is("import_require_clause"))
                .findFirst()
                .orElse(null);
        if (old != null) {
            into.add(new Code.Import(
                    module(field(old, "source")),
                    Marks.WHOLE,
                    text.of(old.named().get(0)),
                    span));
            return;
        }
        String module = module(field(n, "source"));
        boolean found = false;
        for (SyntaxNode clause : n.named()) {
            if (clause.is("import_clause")) {
                for (SyntaxNode c : clause.named()) {
                    found = true;
                    imported(c, module, span, into);
                }
            }
        }
        if (!found) {
            into.add(new Code.Nothing(span));
        }
    }

    private void imported(SyntaxNode c, String module, Span span, List<Statement> into) {
        switch (c.type()) {
            case "identifier" -> into.add(new Code.Import(module, Marks.DEFAULT, text.of(c), span));
            case "namespace_import" ->
                into.add(new Code.Import(module, null, text.of(c.named().get(0)), span));
            case "named_imports" -> {
                for (SyntaxNode s : c.named()) {
                    String name = text.of(field(s, "name"));
                    SyntaxNode as = field(s, "alias");
                    into.add(new Code.Import(module, name, as == null ? name : text.of(as), span));
                }
            }
            default -> {}
        }
    }

    private boolean isRequired(SyntaxNode value) {
        return value.is("call_expression")
                && text.of(field(value, "function")).equals("require")
                && arguments(value).size() == 1
                && arguments(value).get(0).is("string");
    }

    private void required(SyntaxNode name, SyntaxNode value, List<Statement> into) {
        String module = module(arguments(value).get(0));
        if (name.is("object_pattern")) {
            for (SyntaxNode p : name.named()) {
                boolean renamed = p.is("pair_pattern");
                String of = text.of(renamed ? field(p, "key") : p);
                into.add(new Code.Import(module, of, renamed ? text.of(field(p, "value")) : of, p.span()));
            }
        } else {
            into.add(new Code.Import(module, Marks.WHOLE, text.of(name), name.span()));
        }
    }

    private void exports(SyntaxNode n, List<Statement> into) {
        SyntaxNode declaration = field(n, "declaration");
        SyntaxNode value = field(n, "value");
        SyntaxNode source = field(n, "source");
        boolean isDefault = has(n, "default");
        if (declaration != null) {
            statement(declaration, into);
            SyntaxNode name = field(declaration, "name");
            if (isDefault && name != null) {
                into.add(gives(Marks.DEFAULT, text.of(name), n.span()));
            }
        } else if (value != null) {
            whole(value, Marks.DEFAULT, n.span(), into);
        } else {
            boolean all = true;
            for (SyntaxNode clause : n.named()) {
                if (clause.is("export_clause")) {
                    all = false;
                    for (SyntaxNode s : clause.named()) {
                        String name = text.of(field(s, "name"));
                        SyntaxNode as = field(s, "alias");
                        String out = as == null ? name : text.of(as);
                        if (source != null) {
                            into.add(new Code.Import(module(source), name, out, s.span()));
                        } else if (!out.equals(name)) {
                            into.add(gives(out, name, s.span()));
                        }
                    }
                } else if (clause.is("identifier")) {
                    all = false;
                    into.add(gives(Marks.WHOLE, text.of(clause), n.span()));
                }
            }
            if (all && source != null) {
                into.add(new Code.Import(module(source), "*", "*", n.span()));
            }
        }
    }

    /** Another name under which a module gives something out. */
    private Statement gives(String as, String name, Span span) {
        return new Code.Import("", name, as, span);
    }

    private void exported(SyntaxNode left, SyntaxNode right, List<Statement> into) {
        String to = text.of(left).replaceFirst("^module\\.", "").replaceFirst("^exports\\.?", "");
        if (to.isEmpty() && right.is("object")) {
            for (SyntaxNode p : right.named()) {
                if (p.is("pair")) {
                    String name = text.of(field(p, "key"));
                    SyntaxNode value = field(p, "value");
                    if (value != null && value.is("identifier")) {
                        if (!text.of(value).equals(name)) {
                            into.add(gives(name, text.of(value), p.span()));
                        }
                    } else if (value != null) {
                        whole(value, name, p.span(), into);
                    }
                }
            }
        } else {
            whole(right, to.isEmpty() ? Marks.WHOLE : to, left.span(), into);
        }
    }

    /** A value that is given out under a name. */
    private void whole(SyntaxNode value, String as, Span span, List<Statement> into) {
        switch (value.type()) {
            case "identifier" -> into.add(gives(as, text.of(value), span));
            case "class" -> {
                SyntaxNode name = field(value, "name");
                String called = name == null ? as : text.of(name);
                into.add(type(value, called, value.span()));
                if (!called.equals(as)) {
                    into.add(gives(as, called, span));
                }
            }
            case "arrow_function", "function_expression" -> into.add(function(value, as, List.of(), span, null));
            default -> {
                String around = owner;
                owner = lastOf(moduleName(path));
                try {
                    into.add(new Code.Assign(new Code.Name(as, point(span, 0)), expression(value), null, false, span));
                } finally {
                    owner = around;
                }
            }
        }
    }

    // functions

    private void functionDeclaration(SyntaxNode n, List<Statement> into) {
        String name = text.of(field(n, "name"));
        if (prototypes.containsKey(name)) {
            into.add(byPrototype(n, name));
            return;
        }
        into.add(function(n, name, List.of(), n.span(), null));
    }

    /** A class as it was written before there was a word for it. */
    private Code.ClassDefinition byPrototype(SyntaxNode n, String name) {
        List<Statement> members = new ArrayList<>();
        prototypeBase = prototypeBases.get(name);
        members.add(function(n, Marks.CONSTRUCTOR, List.of(), n.span(), Marks.THIS));
        for (SyntaxNode a : prototypes.getOrDefault(name, List.of())) {
            if (a.is("method_definition")) {
                method(a, new ArrayList<>(), false, members);
                continue;
            }
            SyntaxNode value = field(a, a.is("pair") ? "value" : "right");
            SyntaxNode left = field(a, "left");
            String called = text.of(left == null ? field(a, "key") : field(left, "property"));
            if (value != null && (value.is("function_expression") || value.is("arrow_function"))) {
                members.add(function(value, called, List.of(), a.span(), Marks.THIS));
            }
        }
        List<Expression> bases =
                prototypeBase == null ? List.of() : List.of(new Code.Name(prototypeBase, point(n.span(), 0)));
        prototypeBase = null;
        return new Code.ClassDefinition(name, List.of(), bases, List.of(), members, n.span());
    }

    /** What is called as that of the class above, which is written with prototypes; null where it is not. */
    private @Nullable Expression calledAbove(SyntaxNode on, Span span) {
        if (prototypeBase == null) {
            return null;
        }
        Expression above = new Code.Call(new Code.Name(Marks.SUPER, on.span()), List.of(), point(on.span(), 0));
        if (text.of(on).equals(prototypeBase)) {
            return new Code.Member(above, Marks.CONSTRUCTOR, span);
        }
        boolean below = on.is("member_expression") && prototypeBase.equals(ofPrototype(field(on, "object")));
        return below ? new Code.Member(above, text.of(field(on, "property")), span) : null;
    }

    /** @param self the name of the object inside; null for a function that is nobody's operation */
    private Code.Function function(
            SyntaxNode n, String name, List<Expression> decorators, Span span, @Nullable String self) {
        String aroundFunction = functionName;
        String aroundOwner = owner;
        functionName = name;
        owner = null;
        try {
            return read(n, name, decorators, span, self);
        } finally {
            functionName = aroundFunction;
            owner = aroundOwner;
        }
    }

    /** The function that is gone through; null outside of all. */
    private @Nullable String functionName;

    private Code.Function read(
            SyntaxNode n, String name, List<Expression> decorators, Span span, @Nullable String self) {
        List<Code.Parameter> parameters = new ArrayList<>();
        List<Statement> body = new ArrayList<>();
        if (self != null) {
            parameters.add(new Code.Parameter(self, null, null, Code.Parameter.Kind.USUAL));
        }
        outer(n, body);
        parameters(n, parameters, body);
        SyntaxNode inside = field(n, "body");
        if (inside != null && !inside.is("statement_block")) {
            body.add(new Code.Return(hoisted(inside, body), inside.span()));
        } else {
            body.addAll(block(inside));
        }
        SyntaxNode result = field(n, "return_type");
        return new Code.Function(
                name,
                decorators,
                parameters,
                result == null ? null : annotation(result),
                Closures.opened(parameters, body),
                span);
    }

    /** Variables that a function writes and that are not its own. */
    private void outer(SyntaxNode function, List<Statement> into) {
        Set<String> own = new HashSet<>();
        Set<String> written = new java.util.TreeSet<>();
        parameterNodes(function).forEach(p -> names(inner(p), own));
        SyntaxNode body = field(function, "body");
        if (body != null) {
            variables(body, own, written);
        }
        written.removeAll(own);
        if (!written.isEmpty()) {
            into.add(new Code.Outer(List.copyOf(written), false, point(function.span(), 0)));
        }
    }

    private void variables(SyntaxNode n, Set<String> own, Set<String> written) {
        switch (n.type()) {
            case "variable_declarator" -> names(field(n, "name"), own);
            case "for_in_statement" -> {
                if (field(n, "kind") != null) {
                    names(field(n, "left"), own);
                }
            }
            case "catch_clause" -> names(field(n, "parameter"), own);
            case "assignment_expression", "augmented_assignment_expression" -> names(field(n, "left"), written);
            case "update_expression" -> names(field(n, "argument"), written);
            default -> {}
        }
        for (SyntaxNode c : n.children()) {
            boolean isFunction = c.type().contains("function") && c.isNamed() || c.is("method_definition");
            if (c.type().endsWith("function_declaration") || c.is("class_declaration")) {
                own.add(text.of(field(c, "name")));
            }
            if (!isFunction) {
                variables(c, own, written);
            }
        }
    }

    /** The variables that a pattern names. */
    private void names(@Nullable SyntaxNode n, Set<String> into) {
        if (n == null) {
            return;
        }
        switch (n.type()) {
            case "identifier", "shorthand_property_identifier_pattern" -> into.add(text.of(n));
            case "assignment_pattern", "object_assignment_pattern" -> names(field(n, "left"), into);
            case "pair_pattern" -> names(field(n, "value"), into);
            case "array_pattern", "object_pattern", "rest_pattern" -> n.named().forEach(c -> names(c, into));
            default -> {}
        }
    }

    private List<SyntaxNode> parameterNodes(SyntaxNode function) {
        SyntaxNode one = field(function, "parameter");
        SyntaxNode all = field(function, "parameters");
        return one != null ? List.of(one) : all == null ? List.of() : all.named();
    }

    /** A parameter's pattern, without what is said of its type. */
    private static SyntaxNode inner(SyntaxNode parameter) {
        SyntaxNode pattern = parameter.child("pattern");
        return pattern == null ? parameter : pattern;
    }

    private void parameters(SyntaxNode function, List<Code.Parameter> into, List<Statement> body) {
        for (SyntaxNode p : parameterNodes(function)) {
            SyntaxNode pattern = inner(p);
            if (pattern.is("this")) {
                continue;
            }
            Expression initial = null;
            SyntaxNode value = p.child("value");
            if (pattern.is("assignment_pattern")) {
                value = field(pattern, "right");
                pattern = field(pattern, "left");
            }
            if (value != null) {
                initial = expression(value);
            } else if (p.is("optional_parameter")) {
                initial = new Code.None(point(p.span(), 0));
            }
            Code.Parameter.Kind kind = Code.Parameter.Kind.USUAL;
            if (pattern != null && pattern.is("rest_pattern")) {
                kind = Code.Parameter.Kind.ALL;
                pattern = pattern.named().isEmpty() ? pattern : pattern.named().get(0);
            }
            Expression declared = declared(p);
            if (kind == Code.Parameter.Kind.ALL && declared instanceof Code.Element e) {
                declared = e.index();
            }
            Expression target = pattern(pattern, body);
            String name = target instanceof Code.Name t ? t.name() : "#whole" + made++;
            into.add(new Code.Parameter(name, declared, initial, kind));
            if (target instanceof Code.Display) {
                body.add(0, new Code.Assign(target, new Code.Name(name, point(p.span(), 0)), null, false, p.span()));
            }
        }
    }

    // classes

    private Code.ClassDefinition type(SyntaxNode n, String name, Span span) {
        List<Expression> bases = new ArrayList<>();
        List<Expression> decorators = new ArrayList<>();
        for (SyntaxNode c : n.children()) {
            if (c.is("class_heritage")) {
                heritage(c, bases);
            }
        }
        if (n.is("abstract_class_declaration")) {
            decorators.add(Marks.mark(Marks.ABSTRACT, span));
        }
        List<Statement> members = new ArrayList<>();
        SyntaxNode body = field(n, "body");
        if (body != null) {
            for (SyntaxNode m : body.named()) {
                member(m, members);
            }
            boolean guarded = body.named().stream()
                    .filter(m -> m.is("method_definition")
                            && text.of(field(m, "name")).equals(Marks.CONSTRUCTOR))
                    .anyMatch(
                            m -> text.of(m).contains("new.target") && text.of(m).contains("throw"));
            if (guarded) {
                decorators.add(Marks.mark(Marks.ABSTRACT, span));
            }
        }
        return new Code.ClassDefinition(name, decorators, bases, List.of(), members, span);
    }

    private void heritage(SyntaxNode n, List<Expression> into) {
        for (SyntaxNode c : n.named()) {
            switch (c.type()) {
                case "extends_clause" -> into.add(base(field(c, "value")));
                case "implements_clause" -> c.named().forEach(t -> into.add(bare(t)));
                default -> into.add(base(c));
            }
        }
    }

    /** What is above: a class, or what a function makes of one. */
    private Expression base(@Nullable SyntaxNode n) {
        return expression(n);
    }

    /** A type's name, without what it is told. */
    private Expression bare(SyntaxNode n) {
        return n.is("generic_type") ? bare(n.named().get(0)) : new Code.Name(text.of(n), n.span());
    }

    private void member(SyntaxNode m, List<Statement> into) {
        Span span = m.span();
        List<Expression> decorators = decorators(m);
        boolean isStatic = has(m, "static");
        switch (m.type()) {
            case "method_definition" -> method(m, decorators, isStatic, into);
            case "abstract_method_signature" -> {
                decorators.add(Marks.mark(Marks.ABSTRACT, span));
                method(m, decorators, isStatic, into);
            }
            case "field_definition", "public_field_definition" -> {
                SyntaxNode name = field(m, m.is("field_definition") ? "property" : "name");
                SyntaxNode value = field(m, "value");
                boolean isFunction = value != null && (value.is("arrow_function") || value.is("function_expression"));
                if (isStatic && value != null && value.is("class")) {
                    into.add(type(value, key(name), value.span()));
                } else if (isFunction && !isStatic) {
                    into.add(function(value, key(name), decorators, span, Marks.THIS));
                } else if (has(m, "abstract")) {
                    decorators.add(Marks.mark(Marks.ABSTRACT, span));
                    decorators.add(Marks.mark(Marks.GETTER, span));
                    into.add(new Code.Function(key(name), decorators, self(), declared(m), List.of(), span));
                } else {
                    owner = key(name);
                    Expression initial = value == null ? null : expression(value);
                    owner = null;
                    into.add(new Code.Field(key(name), decorators, declared(m), initial, isStatic, span));
                }
            }
            case "class_static_block" -> {
                // what is done there is done once, as what static fields begin with
                into.add(new Code.Block(block(field(m, "body")), false, span));
            }
            default -> {}
        }
    }

    private static List<Code.Parameter> self() {
        return List.of(new Code.Parameter(Marks.THIS, null, null, Code.Parameter.Kind.USUAL));
    }

    private List<Expression> decorators(SyntaxNode m) {
        List<Expression> all = new ArrayList<>();
        for (SyntaxNode c : m.children()) {
            if (c.is("accessibility_modifier") && text.of(c).equals("private")) {
                all.add(Marks.mark(Marks.PRIVATE, m.span()));
            } else if (c.is("accessibility_modifier") && text.of(c).equals("protected")) {
                all.add(Marks.mark(Marks.PROTECTED, m.span()));
            }
        }
        return all;
    }

    private void method(SyntaxNode m, List<Expression> decorators, boolean isStatic, List<Statement> into) {
        SyntaxNode named = field(m, "name");
        String name = key(named);
        Span span = m.span();
        if (has(m, "get")) {
            decorators.add(Marks.mark(Marks.GETTER, span));
        } else if (has(m, "set")) {
            decorators.add(new Code.Member(new Code.Name(name, span), Marks.SETTER, span));
        }
        if (isStatic) {
            decorators.add(Marks.mark(Marks.STATIC, span));
        }
        Code.Function f = function(m, name, decorators, span, Marks.THIS);
        if (name.equals(Marks.CONSTRUCTOR)) {
            List<Statement> given = new ArrayList<>();
            for (SyntaxNode p : parameterNodes(m)) {
                boolean kept =
                        p.children().stream().anyMatch(c -> c.is("accessibility_modifier")) || has(p, "readonly");
                if (kept) {
                    String own = text.of(inner(p));
                    into.add(new Code.Field(own, decorators(p), declared(p), null, false, p.span()));
                    given.add(new Code.Assign(
                            new Code.Member(new Code.Name(Marks.THIS, point(p.span(), 0)), own, p.span()),
                            new Code.Name(own, p.span()),
                            null,
                            false,
                            p.span()));
                }
            }
            if (!given.isEmpty()) {
                List<Statement> body = new ArrayList<>(f.body());
                int at = 0;
                for (int i = 0; i < body.size(); i++) {
                    boolean above = body.get(i) instanceof Code.Do d
                            && d.value() instanceof Code.Call c
                            && c.callee() instanceof Code.Member x
                            && x.name().equals(Marks.CONSTRUCTOR);
                    at = above ? i + 1 : at;
                }
                body.addAll(at, given);
                f = new Code.Function(f.name(), f.decorators(), f.parameters(), f.result(), body, f.span());
            }
        }
        into.add(f);
    }

    private String key(@Nullable SyntaxNode n) {
        return n == null ? "" : n.is("string") ? string(n) : text.of(n);
    }

    // types

    private Code.ClassDefinition promise(SyntaxNode n, @Nullable SyntaxNode body) {
        List<Expression> bases = new ArrayList<>();
        for (SyntaxNode c : n.named()) {
            if (c.is("extends_type_clause")) {
                c.named().forEach(t -> bases.add(bare(t)));
            }
        }
        return promise(text.of(field(n, "name")), bases, body, n.span());
    }

    private Code.ClassDefinition promise(String name, List<Expression> bases, @Nullable SyntaxNode body, Span span) {
        List<Statement> members = new ArrayList<>();
        boolean onlyCalled = false;
        for (SyntaxNode m : body == null ? List.<SyntaxNode>of() : body.named()) {
            SyntaxNode type = field(m, "type");
            SyntaxNode bareType =
                    type == null || type.named().isEmpty() ? null : type.named().get(0);
            switch (m.type()) {
                case "method_signature" -> method(m, new ArrayList<>(), false, members);
                case "call_signature" -> {
                    onlyCalled = body.named().size() == 1;
                    members.add(asked(m, JavaScriptDialect.CALL));
                }
                case "property_signature" -> {
                    if (bareType != null && bareType.is("function_type")) {
                        members.add(asked(bareType, key(field(m, "name"))));
                    } else {
                        members.add(new Code.Field(
                                key(field(m, "name")), onlyValue(bareType), declared(m), null, false, m.span()));
                    }
                }
                default -> {}
            }
        }
        String mark = onlyCalled ? Marks.FUNCTION : Marks.INTERFACE;
        return new Code.ClassDefinition(name, List.of(Marks.mark(mark, span)), bases, List.of(), members, span);
    }

    /** The only value that a field can have by its type, as what it is marked with; empty where it can have others. */
    private List<Expression> onlyValue(@Nullable SyntaxNode type) {
        boolean isOne = type != null
                && type.is("literal_type")
                && !type.named().isEmpty()
                && type.named().get(0).is("string");
        return isOne
                ? List.of(new Code.Literal(string(type.named().get(0)), Code.Literal.Kind.TEXT, type.span()))
                : List.of();
    }

    /** An operation that is only promised, of a type that says how a function is called. */
    private Code.Function asked(SyntaxNode n, String name) {
        return function(n, name, new ArrayList<>(), n.span(), Marks.THIS);
    }

    private void alias(SyntaxNode n, List<Statement> into) {
        String name = text.of(field(n, "name"));
        SyntaxNode value = field(n, "value");
        Span span = n.span();
        while (value != null && value.is("parenthesized_type") && !value.named().isEmpty()) {
            value = value.named().get(0);
        }
        if (value == null) {
            return;
        }
        switch (value.type()) {
            case "function_type" ->
                into.add(new Code.ClassDefinition(
                        name,
                        List.of(Marks.mark(Marks.FUNCTION, span)),
                        List.of(),
                        List.of(),
                        List.of(asked(value, JavaScriptDialect.CALL)),
                        span));
            case "object_type" -> into.add(promise(name, List.of(), value, span));
            case "union_type" -> {
                List<Code.Argument> options = new ArrayList<>();
                united(value, options);
                if (!options.isEmpty()) {
                    into.add(new Code.ClassDefinition(
                            name, List.of(Marks.mark(Marks.UNION, span)), List.of(), options, List.of(), span));
                }
            }
            default -> {}
        }
    }

    private void united(SyntaxNode n, List<Code.Argument> into) {
        for (SyntaxNode c : n.named()) {
            if (c.is("union_type") || c.is("parenthesized_type")) {
                united(c, into);
            } else if (c.is("type_identifier") || c.is("generic_type")) {
                into.add(new Code.Argument(null, bare(c), false));
            }
        }
    }

    private Code.ClassDefinition enumeration(SyntaxNode n) {
        Span span = n.span();
        List<Statement> members = new ArrayList<>();
        SyntaxNode body = field(n, "body");
        for (SyntaxNode m : body == null ? List.<SyntaxNode>of() : body.named()) {
            boolean assigned = m.is("enum_assignment");
            SyntaxNode name = assigned ? field(m, "name") : m;
            Expression value = assigned
                    ? expression(field(m, "value"))
                    : new Code.Literal(String.valueOf(members.size()), Code.Literal.Kind.NUMBER, m.span());
            members.add(new Code.Field(key(name), List.of(), null, value, true, m.span()));
        }
        return new Code.ClassDefinition(
                text.of(field(n, "name")), List.of(Marks.mark(Marks.ENUM, span)), List.of(), List.of(), members, span);
    }

    private @Nullable Expression declared(SyntaxNode n) {
        SyntaxNode type = field(n, "type");
        return type == null ? null : annotation(type);
    }

    private @Nullable Expression annotation(SyntaxNode n) {
        Span span = n.span();
        switch (n.type()) {
            case "type_annotation", "parenthesized_type", "readonly_type", "optional_type" -> {
                return n.named().isEmpty()
                        ? null
                        : annotation(n.named().get(n.named().size() - 1));
            }
            case "array_type" -> {
                return element("Array", n.named(), span);
            }
            case "generic_type" -> {
                String name = text.of(field(n, "name"));
                SyntaxNode told = field(n, "type_arguments");
                List<SyntaxNode> arguments = told == null ? List.of() : told.named();
                if (TRANSPARENT.contains(name) && !arguments.isEmpty()) {
                    return annotation(arguments.get(0));
                }
                return CONTAINERS.contains(name) && !arguments.isEmpty()
                        ? element(name, arguments, span)
                        : new Code.Name(name, span);
            }
            case "union_type" -> {
                List<Expression> parts = new ArrayList<>();
                parts(n, parts);
                return parts.size() == 1 ? parts.get(0) : new Code.Operation("|", parts, span);
            }
            case "predefined_type", "type_identifier", "nested_type_identifier" -> {
                String name = text.of(n);
                return name.equals("void") || name.equals("never") || name.equals("undefined")
                        ? new Code.None(span)
                        : new Code.Name(name, span);
            }
            case "asserts_annotation", "asserts" -> {
                return new Code.None(span);
            }
            case "type_predicate_annotation", "type_predicate" -> {
                return new Code.Name("boolean", span);
            }
            case "tuple_type" -> {
                return null;
            }
            case "literal_type" -> {
                String said = text.of(n);
                return said.equals("null") || said.equals("undefined")
                        ? new Code.None(span)
                        : new Code.Name(
                                said.startsWith("\"") || said.startsWith("'")
                                        ? "string"
                                        : said.matches("-?[0-9.]+") ? "number" : "boolean",
                                span);
            }
            default -> {
                return null;
            }
        }
    }

    private void parts(SyntaxNode n, List<Expression> into) {
        for (SyntaxNode c : n.named()) {
            if (c.is("union_type")) {
                parts(c, into);
            } else {
                Expression e = annotation(c);
                boolean nothing = e instanceof Code.Name x && x.name().equals("undefined");
                if (nothing) {
                    into.add(new Code.None(c.span()));
                } else if (e != null && into.stream().noneMatch(x -> said(x).equals(said(e)))) {
                    into.add(e);
                }
            }
        }
    }

    private static String said(Expression e) {
        return e instanceof Code.Name n ? n.name() : e.toString();
    }

    private Expression element(String name, List<SyntaxNode> arguments, Span span) {
        List<Expression> all = new ArrayList<>();
        for (SyntaxNode a : arguments) {
            Expression e = annotation(a);
            all.add(e == null ? new Code.Other(List.of(), a.span()) : e);
        }
        Expression inside =
                all.size() == 1 ? all.get(0) : new Code.Display(Code.Display.Kind.TUPLE, List.of(), all, span);
        return new Code.Element(new Code.Name(name, point(span, 0)), inside, span);
    }

    // expressions

    private List<Expression> expressions(List<SyntaxNode> all) {
        return all.stream().map(this::expression).toList();
    }

    private Expression expression(@Nullable SyntaxNode n) {
        if (n == null) {
            return new Code.Other(List.of(), text.start());
        }
        Span span = n.span();
        switch (n.type()) {
            case "identifier", "shorthand_property_identifier", "type_identifier", "property_identifier" -> {
                String name = text.of(n);
                return name.equals("undefined") ? new Code.None(span) : new Code.Name(name, span);
            }
            case "this" -> {
                return new Code.Name(Marks.THIS, span);
            }
            case "null", "undefined" -> {
                return new Code.None(span);
            }
            case "member_expression" -> {
                SyntaxNode of = field(n, "object");
                Expression on = of != null && of.is("super")
                        ? new Code.Call(new Code.Name(Marks.SUPER, of.span()), List.of(), of.span())
                        : expression(of);
                return new Code.Member(on, text.of(field(n, "property")), span);
            }
            case "subscript_expression" -> {
                return new Code.Element(expression(field(n, "object")), expression(field(n, "index")), span);
            }
            case "call_expression" -> {
                return call(n, span);
            }
            case "new_expression" -> {
                return created(n, span);
            }
            case "string" -> {
                return new Code.Literal(string(n), Code.Literal.Kind.TEXT, span);
            }
            case "template_string" -> {
                List<Expression> inside = new ArrayList<>();
                n.named().stream()
                        .filter(c -> c.is("template_substitution"))
                        .forEach(c -> inside.addAll(expressions(c.named())));
                return inside.isEmpty()
                        ? new Code.Literal(string(n), Code.Literal.Kind.TEXT, span)
                        : new Code.Operation("f", inside, span);
            }
            case "number" -> {
                return new Code.Literal(text.of(n), Code.Literal.Kind.NUMBER, span);
            }
            case "true", "false" -> {
                return new Code.Literal(text.of(n), Code.Literal.Kind.TRUTH, span);
            }
            case "regex" -> {
                return new Code.Other(List.of(), span);
            }
            case "array" -> {
                if (n.named().size() == 1 && n.named().get(0).is("spread_element")) {
                    return expression(n.named().get(0));
                }
                return new Code.Display(Code.Display.Kind.LIST, List.of(), expressions(n.named()), span);
            }
            case "object" -> {
                return object(n, span);
            }
            case "arrow_function", "function_expression", "generator_function" -> {
                return lambda(n, span);
            }
            case "ternary_expression" -> {
                return new Code.Choice(
                        expression(field(n, "condition")),
                        expression(field(n, "consequence")),
                        expression(field(n, "alternative")),
                        span);
            }
            case "binary_expression" -> {
                return binary(n, span);
            }
            case "unary_expression" -> {
                return unary(n, span);
            }
            case "spread_element" -> {
                return n.named().isEmpty()
                        ? new Code.Other(List.of(), span)
                        : new Code.Element(expression(n.named().get(0)), null, span);
            }
            case "parenthesized_expression",
                    "await_expression",
                    "as_expression",
                    "satisfies_expression",
                    "non_null_expression",
                    "sequence_expression" -> {
                if (n.named().isEmpty()) {
                    return new Code.Other(List.of(), span);
                }
                boolean last = n.is("sequence_expression");
                return expression(n.named().get(last ? n.named().size() - 1 : 0));
            }
            case "type_assertion" -> {
                return expression(n.named().get(n.named().size() - 1));
            }
            case "assignment_expression" -> {
                SyntaxNode left = field(n, "left");
                Expression value = expression(field(n, "right"));
                return left != null && left.is("identifier")
                        ? new Code.Assigned(new Code.Name(text.of(left), left.span()), value, span)
                        : new Code.Other(List.of(value), span);
            }
            case "class" -> {
                return new Code.Other(List.of(), span);
            }
            default -> {
                return new Code.Other(expressions(n.named()), span);
            }
        }
    }

    private Expression lambda(SyntaxNode n, Span span) {
        SyntaxNode body = field(n, "body");
        List<Statement> before = new ArrayList<>();
        List<Code.Parameter> parameters = new ArrayList<>();
        outer(n, before);
        boolean writes = !before.isEmpty();
        parameters(n, parameters, before);
        boolean isExpression = body != null && !body.is("statement_block");
        if (isExpression && before.size() == (writes ? 1 : 0)) {
            List<Statement> does = new ArrayList<>();
            boolean acts = body.is("assignment_expression")
                    || body.is("augmented_assignment_expression")
                    || body.is("update_expression");
            if (!acts) {
                return new Code.Lambda(parameters, expression(body), span);
            }
            does.addAll(before);
            done(body, does);
            return new Code.Closure(parameters, does, span);
        }
        if (isExpression) {
            before.add(new Code.Return(expression(body), body.span()));
        } else {
            before.addAll(block(body));
        }
        return new Code.Closure(parameters, Closures.opened(parameters, before), span);
    }

    private Expression binary(SyntaxNode n, Span span) {
        String operator = text.of(field(n, "operator"));
        Expression left = expression(field(n, "left"));
        Expression right = expression(field(n, "right"));
        switch (operator) {
            case "&&" -> {
                return new Code.Operation("and", List.of(left, right), span);
            }
            case "||", "??" -> {
                return new Code.Operation("or", List.of(left, right), span);
            }
            case "instanceof" -> {
                return isA(left, right, span);
            }
            case "===", "==", "!==", "!=" -> {
                // which class made it is asked as whose example it is
                boolean ofClass = left instanceof Code.Member m && m.name().equals("constructor");
                if (ofClass) {
                    return isA(((Code.Member) left).on(), right, span);
                }
                return new Code.Operation(operator.startsWith("!") ? "!=" : "==", List.of(left, right), span);
            }
            default -> {
                return new Code.Operation(operator, List.of(left, right), span);
            }
        }
    }

    private static Expression isA(Expression left, Expression right, Span span) {
        return new Code.Call(
                new Code.Name(JavaScriptDialect.IS_A, point(span, 0)),
                List.of(new Code.Argument(null, left, false), new Code.Argument(null, right, false)),
                span);
    }

    private Expression unary(SyntaxNode n, Span span) {
        String operator = text.of(field(n, "operator"));
        SyntaxNode argument = field(n, "argument");
        Expression of = expression(argument);
        switch (operator) {
            case "!" -> {
                return new Code.Operation("not", List.of(of), span);
            }
            case "-", "+" -> {
                return argument != null && argument.is("number")
                        ? new Code.Literal(text.of(n).replaceAll("\\s", ""), Code.Literal.Kind.NUMBER, span)
                        : new Code.Operation("-", List.of(of), span);
            }
            case "void" -> {
                return new Code.None(span);
            }
            default -> {
                return new Code.Operation(operator, List.of(of), span);
            }
        }
    }

    private List<Code.Argument> given(SyntaxNode call) {
        List<Code.Argument> all = new ArrayList<>();
        for (SyntaxNode a : arguments(call)) {
            boolean spread = a.is("spread_element");
            all.add(new Code.Argument(
                    null, spread && !a.named().isEmpty() ? expression(a.named().get(0)) : expression(a), spread));
        }
        return all;
    }

    private Expression call(SyntaxNode n, Span span) {
        SyntaxNode callee = field(n, "function");
        if (callee == null) {
            return new Code.Other(List.of(), span);
        }
        if (callee.is("super")) {
            Expression above =
                    new Code.Call(new Code.Name(Marks.SUPER, callee.span()), List.of(), point(callee.span(), 0));
            return new Code.Call(new Code.Member(above, Marks.CONSTRUCTOR, callee.span()), given(n), span);
        }
        if (callee.is("member_expression")) {
            Expression worked = worked(n, callee, span);
            if (worked != null) {
                return worked;
            }
            SyntaxNode on = field(callee, "object");
            String name = text.of(field(callee, "property"));
            boolean same = on != null
                    && text.of(on).equals("Object")
                    && Set.of("freeze", "seal", "preventExtensions").contains(name)
                    && !arguments(n).isEmpty();
            if (same) {
                return expression(arguments(n).get(0));
            }
            if (on != null && name.equals("splice") && arguments(n).size() > 2) {
                // what is put in the place of what is taken out
                Expression puts = new Code.Member(expression(on), "push", callee.span());
                return new Code.Call(puts, given(n).subList(2, arguments(n).size()), span);
            }
            boolean bound = on != null && name.equals("bind") && on.is("member_expression");
            if (bound) {
                // an operation with its object
                return expression(on);
            }
            boolean asFunction = on != null && (name.equals("call") || name.equals("apply"));
            if (asFunction) {
                List<Code.Argument> all = given(n);
                Expression above = calledAbove(on, callee.span());
                return new Code.Call(
                        above != null ? above : expression(on), all.isEmpty() ? all : all.subList(1, all.size()), span);
            }
        }
        return new Code.Call(expression(callee), given(n), span);
    }

    /** Functions that go through a list are said as what is made of it. */
    private @Nullable Expression worked(SyntaxNode n, SyntaxNode callee, Span span) {
        List<SyntaxNode> given = arguments(n);
        String name = text.of(field(callee, "property"));
        boolean known = Set.of("map", "filter", "flatMap", "some", "every", "find", "findLast", "reduce", "forEach")
                .contains(name);
        if (!known || given.isEmpty()) {
            return null;
        }
        SyntaxNode function = given.get(0);
        Expression container = expression(field(callee, "object"));
        boolean inline = function.is("arrow_function");
        SyntaxNode body = inline ? field(function, "body") : null;
        if (inline && (body == null || body.is("statement_block"))) {
            List<SyntaxNode> only = body == null ? List.of() : body.named();
            boolean single = only.size() == 1 && only.get(0).is("return_statement");
            if (!single || only.get(0).named().isEmpty()) {
                return null;
            }
            body = only.get(0).named().get(0);
        }
        boolean folds = name.equals("reduce");
        List<Statement> parts = new ArrayList<>();
        Expression target;
        Expression element;
        if (inline) {
            List<SyntaxNode> parameters = parameterNodes(function);
            int at = folds ? 1 : 0;
            target = parameters.size() <= at ? nameless(span) : pattern(inner(parameters.get(at)), parts);
            element = expression(body);
        } else {
            Code.Name item = nameless(span);
            Expression handed = new Code.Name(item.name(), point(span, 1));
            List<Code.Argument> arguments = folds
                    ? List.of(
                            new Code.Argument(null, new Code.Other(List.of(), point(span, 2)), false),
                            new Code.Argument(null, handed, false))
                    : List.of(new Code.Argument(null, handed, false));
            target = item;
            element = new Code.Call(expression(function), arguments, function.span());
        }
        if (!parts.isEmpty()) {
            // names for its parts are read from it
            element = Closures.read(element, parts);
        }
        List<Code.Clause> clauses = List.of(new Code.Clause(target, container));
        Code.Display.Kind kind = Code.Display.Kind.LIST;
        switch (name) {
            case "filter" -> {
                return new Code.Comprehension(kind, item(target, span), clauses, List.of(element), span);
            }
            case "find", "findLast" -> {
                Expression all =
                        new Code.Comprehension(kind, item(target, span), clauses, List.of(element), point(span, 1));
                return new Code.Element(all, new Code.Literal("0", Code.Literal.Kind.NUMBER, point(span, 2)), span);
            }
            case "some", "every", "reduce" -> {
                Expression all = new Code.Comprehension(kind, element, clauses, List.of(), point(span, 1));
                boolean gathers = folds && !(element instanceof Code.Operation);
                return gathers
                        ? new Code.Element(all, new Code.Literal("0", Code.Literal.Kind.NUMBER, point(span, 2)), span)
                        : new Code.Operation(folds ? "+" : "any", List.of(all), span);
            }
            default -> {
                return new Code.Comprehension(kind, element, clauses, List.of(), span);
            }
        }
    }

    private static Expression item(Expression target, Span span) {
        return target instanceof Code.Name n ? new Code.Name(n.name(), point(span, 3)) : target;
    }

    private Expression created(SyntaxNode n, Span span) {
        SyntaxNode of = field(n, "constructor");
        List<SyntaxNode> given = arguments(n);
        boolean pairs = of != null
                && text.of(of).equals("Map")
                && given.size() == 1
                && given.get(0).is("array")
                && given.get(0).named().stream()
                        .allMatch(p -> p.is("array") && p.named().size() == 2);
        if (pairs) {
            List<Expression> keys = new ArrayList<>();
            List<Expression> items = new ArrayList<>();
            for (SyntaxNode p : given.get(0).named()) {
                keys.add(expression(p.named().get(0)));
                items.add(expression(p.named().get(1)));
            }
            return new Code.Display(Code.Display.Kind.MAP, keys, items, span);
        }
        if (of != null && text.of(of).equals("this.constructor")) {
            return new Code.Other(List.of(), span);
        }
        return new Code.Call(expression(of), given(n), span);
    }

    // objects that are written down

    private Expression object(SyntaxNode n, Span span) {
        boolean hasOperations = n.named().stream().anyMatch(this::isOperation);
        if (!hasOperations || isTable(n)) {
            return data(n, span);
        }
        List<Statement> members = new ArrayList<>();
        for (SyntaxNode p : n.named()) {
            SyntaxNode value = field(p, "value");
            if (p.is("method_definition")) {
                method(p, new ArrayList<>(), false, members);
            } else if (p.is("pair") && value != null && isFunction(value)) {
                String self = value.is("arrow_function") ? Marks.OBJECT : Marks.THIS;
                members.add(function(value, key(field(p, "key")), new ArrayList<>(), p.span(), self));
            } else if (p.is("pair") && value != null) {
                members.add(new Code.Field(key(field(p, "key")), List.of(), null, expression(value), false, p.span()));
            } else if (p.is("shorthand_property_identifier")) {
                members.add(new Code.Field(text.of(p), List.of(), null, expression(p), false, p.span()));
            }
        }
        String name = "object:" + span.from();
        String after = owner != null ? owner : functionName;
        List<Expression> decorators = after == null ? List.of() : List.of(Marks.mark(Code.CALLED + after, span));
        return new Code.Made(
                new Code.ClassDefinition(name, decorators, List.of(), List.of(), members, span), List.of(), span);
    }

    private static boolean isFunction(SyntaxNode value) {
        return value.is("arrow_function") || value.is("function_expression");
    }

    private boolean isOperation(SyntaxNode p) {
        SyntaxNode value = field(p, "value");
        return p.is("method_definition") || p.is("pair") && value != null && isFunction(value);
    }

    /** Whether it is looked up by keys that are worked out: a table of functions, and no object of its own. */
    private boolean isTable(SyntaxNode n) {
        boolean plain = n.named().stream().allMatch(p -> p.is("pair") || p.is("shorthand_property_identifier"));
        return plain && owner != null && indexed.contains(owner);
    }

    /** The name of the variable or field that an object is written down for. */
    private @Nullable String owner;

    private Expression data(SyntaxNode n, Span span) {
        List<Expression> keys = new ArrayList<>();
        List<Expression> items = new ArrayList<>();
        for (SyntaxNode p : n.named()) {
            switch (p.type()) {
                case "pair" -> {
                    SyntaxNode key = field(p, "key");
                    keys.add(
                            key != null && key.is("computed_property_name")
                                    ? new Code.Other(expressions(key.named()), key.span())
                                    : new Code.Literal(key(key), Code.Literal.Kind.TEXT, p.span()));
                    items.add(expression(field(p, "value")));
                }
                case "shorthand_property_identifier" -> {
                    keys.add(new Code.Literal(text.of(p), Code.Literal.Kind.TEXT, point(p.span(), 0)));
                    items.add(expression(p));
                }
                case "method_definition" -> items.add(lambda(p, p.span()));
                case "spread_element" -> items.add(expression(p));
                default -> {}
            }
        }
        return new Code.Display(Code.Display.Kind.MAP, keys, items, span);
    }

    private String string(SyntaxNode n) {
        StringBuilder all = new StringBuilder();
        for (SyntaxNode c : n.named()) {
            if (c.is("string_fragment")) {
                all.append(text.of(c));
            } else if (c.is("escape_sequence")) {
                all.append(text.of(c).equals("\\n") ? "\n" : text.of(c).substring(1));
            }
        }
        return all.toString();
    }
}
