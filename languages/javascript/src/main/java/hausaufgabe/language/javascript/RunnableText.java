package hausaufgabe.language.javascript;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.SyntaxNode;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A file's text as it is run: what is said of types is blanked out, and what is written down tells the driver what it is.
 * Every line stays where it is.
 *
 * <p>{@code ǂ} is what the driver offers: {@code c} a class is there, {@code o} an object was written down, {@code f} a
 * function, {@code i}, {@code r}, {@code t}, {@code l} an operation is entered, gives something back, throws, is left,
 * {@code x} what stands in the module.
 */
final class RunnableText {

    private static final Set<String> TYPES_ONLY = Set.of(
            "type_annotation",
            "type_parameters",
            "type_arguments",
            "implements_clause",
            "accessibility_modifier",
            "override_modifier",
            "interface_declaration",
            "type_alias_declaration",
            "ambient_declaration",
            "function_signature",
            "abstract_method_signature",
            "method_signature",
            "index_signature",
            "type_predicate_annotation",
            "asserts_annotation");

    private static final Pattern WORD = Pattern.compile("[\\p{L}_$][\\p{L}\\p{N}_$]*");

    private final String path;
    private final String text;
    private final String module;
    private final Map<String, Set<String>> types;
    private final List<Edit> edits = new ArrayList<>();
    private final Set<String> names = new LinkedHashSet<>();
    private final Deque<Set<String>> scopes = new ArrayDeque<>();
    private int order;

    /** @param order of two at the same place the one with the lower comes first: what closes before what opens */
    private record Edit(int from, int to, String with, int order) {}

    private RunnableText(String path, String text, Map<String, Set<String>> types) {
        this.path = path;
        this.text = text;
        this.module = JavaScriptTree.moduleName(path);
        this.types = types;
    }

    /**
     * @param types names of what modules declare that is not there when they run, by module
     * @param isStarted whether it is one that a person starts: what it shows is shown only then
     */
    static String of(SyntaxNode root, String path, String text, Map<String, Set<String>> types, boolean isStarted) {
        RunnableText made = new RunnableText(path, text, types);
        made.top(root);
        if (isStarted) {
            root.named().forEach(made::shown);
        }
        made.walk(root, null);
        return made.applied();
    }

    /** Names of what a file declares, or gives out of another's, that is not there when it runs. */
    static Set<String> typesOf(SyntaxNode root) {
        Set<String> found = new HashSet<>();
        for (SyntaxNode n : root.named()) {
            SyntaxNode d = n.is("export_statement") && n.child("declaration") != null ? n.child("declaration") : n;
            SyntaxNode name = d.child("name");
            boolean isType = d.is("interface_declaration") || d.is("type_alias_declaration");
            if (isType && name != null) {
                found.add(name.text());
            }
        }
        return found;
    }

    private String applied() {
        edits.sort(Comparator.comparingInt(Edit::from).thenComparingInt(Edit::order));
        StringBuilder made = new StringBuilder();
        int at = 0;
        for (Edit e : edits) {
            if (e.from() >= at) {
                made.append(text, at, e.from());
                made.append(e.with());
                at = Math.max(at, e.to());
            } else if (e.from() == e.to()) {
                // inside what was blanked out: of no use there
                continue;
            } else {
                at = Math.max(at, e.to());
            }
        }
        return made.append(text.substring(at)).toString();
    }

    private void insert(int at, String what) {
        edits.add(new Edit(at, at, what, order++));
    }

    /** Closes what was opened: what is further inside, and was opened later, comes first. */
    private void close(int at, String what) {
        edits.add(new Edit(at, at, what, - ++order));
    }

    private void blank(int from, int to) {
        edits.add(new Edit(from, to, text.substring(from, to).replaceAll("[^\\n\\r]", " "), order++));
    }

    private void blank(SyntaxNode n) {
        blank(n.span().from(), n.span().to());
    }

    private void replace(SyntaxNode n, String with) {
        long lines = n.text().chars().filter(c -> c == '\n').count();
        edits.add(new Edit(n.span().from(), n.span().to(), with + "\n".repeat((int) lines), order++));
    }

    private static String quoted(String s) {
        return "\"" + s.replace("\\", "\\\\").replace("\"", "\\\"") + "\"";
    }

    private String key(SyntaxNode n) {
        return quoted(path + ":" + n.span().from());
    }

    // modules

    /** What stands in the module can be got at by its name. */
    private void top(SyntaxNode root) {
        for (SyntaxNode n : root.named()) {
            SyntaxNode d = n.is("export_statement") && n.child("declaration") != null ? n.child("declaration") : n;
            switch (d.type()) {
                case "class_declaration",
                        "abstract_class_declaration",
                        "function_declaration",
                        "generator_function_declaration",
                        "enum_declaration" -> name(d.child("name"));
                case "lexical_declaration", "variable_declaration" -> d.named().forEach(v -> name(v.child("name")));
                default -> {}
            }
        }
        StringBuilder told = new StringBuilder("ǂ.x(" + quoted(module) + ",{");
        for (String n : names) {
            told.append(quoted(n)).append(":()=>").append(n).append(',');
        }
        insert(start(), told.append("});").toString());
    }

    /** What is only done to show what the program can do. */
    private void shown(SyntaxNode n) {
        boolean isShown = switch (n.type()) {
            case "for_statement",
                    "for_in_statement",
                    "while_statement",
                    "do_statement",
                    "if_statement",
                    "try_statement",
                    "switch_statement" -> !DECLARES.matcher(n.text()).find();
            case "expression_statement" -> {
                SyntaxNode e = n.named().isEmpty() ? n : n.named().get(0);
                while (e.is("await_expression") && !e.named().isEmpty()) {
                    e = e.named().get(0);
                }
                yield e.is("call_expression") && !isOfType(e);
            }
            default -> false;
        };
        if (isShown) {
            insert(n.span().from(), "if(ǂ.m(" + quoted(module) + "))");
        }
    }

    private static final Pattern DECLARES = Pattern.compile("\\b(function|class|var|exports|prototype)\\b");

    /** Whether a class, or what the language has as one, is asked for something, such as to keep what is registered. */
    private static boolean isOfType(SyntaxNode call) {
        SyntaxNode at = call;
        while (at.child("function") != null || at.child("object") != null) {
            at = at.child("function") != null ? at.child("function") : at.child("object");
        }
        return at.is("identifier")
                && Character.isUpperCase(at.text().charAt(0))
                && !at.text().equals("Promise");
    }

    /** Where something can be put in before everything else. */
    private int start() {
        return text.startsWith("#!") ? Math.max(0, text.indexOf('\n')) : 0;
    }

    private void name(@Nullable SyntaxNode n) {
        if (n == null) {
            return;
        }
        if (n.is("identifier") || n.is("type_identifier") || n.is("shorthand_property_identifier_pattern")) {
            names.add(n.text());
        } else {
            n.named().forEach(c -> name(c.child("value") != null ? c.child("value") : c));
        }
    }

    private void importing(SyntaxNode n) {
        if (hasWord(n, "type")) {
            blank(n);
            return;
        }
        SyntaxNode clause = first(n, "import_require_clause");
        if (clause != null) {
            SyntaxNode source = clause.child("source");
            replace(
                    n,
                    "const " + clause.named().get(0).text() + "=require(" + (source == null ? "''" : source.text())
                            + ");");
            return;
        }
        SyntaxNode imported = first(n, "import_clause");
        SyntaxNode list = imported == null ? null : first(imported, "named_imports");
        if (list == null) {
            return;
        }
        int left = specifiers(list, n.child("source"));
        boolean others = imported.named().size() > 1;
        if (left == 0 && !list.named().isEmpty()) {
            if (others) {
                // import A, {} from
                return;
            }
            blank(n);
        }
    }

    /** Blanks out those that are types; how many are left. */
    private int specifiers(SyntaxNode list, @Nullable SyntaxNode source) {
        Set<String> gone = source == null ? Set.of() : types.getOrDefault(resolved(source), Set.of());
        int left = 0;
        List<SyntaxNode> all = list.children();
        for (int i = 0; i < all.size(); i++) {
            SyntaxNode s = all.get(i);
            if (!s.is("import_specifier") && !s.is("export_specifier")) {
                continue;
            }
            SyntaxNode name = s.child("name");
            boolean own = source == null && name != null && typesHere().contains(name.text());
            if (hasWord(s, "type") || name != null && gone.contains(name.text()) || own) {
                blank(s);
                if (i + 1 < all.size() && all.get(i + 1).is(",")) {
                    blank(all.get(i + 1));
                }
            } else {
                left++;
            }
        }
        return left;
    }

    private Set<String> typesHere() {
        return types.getOrDefault(module, Set.of());
    }

    private String resolved(SyntaxNode source) {
        String name = source.text().replaceAll("^['\"]|['\"]$", "");
        if (!name.startsWith(".")) {
            return name;
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
        String found = JavaScriptTree.moduleName(String.join("/", at));
        return types.containsKey(found) ? found : found + ".index";
    }

    private static @Nullable SyntaxNode first(SyntaxNode n, String type) {
        return n.named().stream().filter(c -> c.is(type)).findFirst().orElse(null);
    }

    private static boolean hasWord(SyntaxNode n, String word) {
        return n.children().stream().anyMatch(c -> !c.isNamed() && c.is(word));
    }

    // everything

    private void walk(SyntaxNode n, @Nullable SyntaxNode parent) {
        if (TYPES_ONLY.contains(n.type())) {
            blank(n);
            return;
        }
        switch (n.type()) {
            case "import_statement" -> {
                importing(n);
                return;
            }
            case "export_statement" -> {
                if (exporting(n)) {
                    return;
                }
            }
            case "class_declaration", "abstract_class_declaration", "class" -> type(n);
            case "public_field_definition" -> {
                boolean empty = n.child("value") == null
                        && n.child("name") != null
                        && !n.child("name").is("private_property_identifier");
                if (empty || hasWord(n, "declare") || hasWord(n, "abstract")) {
                    blank(n);
                    return;
                }
                words(n, Set.of("readonly", "?", "!", "override"));
            }
            case "method_definition" -> words(n, Set.of("?", "override"));
            case "required_parameter", "optional_parameter" -> {
                if (n.child("pattern") != null && n.child("pattern").is("this")) {
                    blank(n);
                    if (parent != null) {
                        int at = parent.children().indexOf(n);
                        if (at + 1 < parent.children().size()
                                && parent.children().get(at + 1).is(",")) {
                            blank(parent.children().get(at + 1));
                        }
                    }
                    return;
                }
                words(n, Set.of("readonly", "?"));
            }
            case "variable_declarator" -> words(n, Set.of("!"));
            case "as_expression", "satisfies_expression" -> {
                SyntaxNode value = n.children().get(0);
                blank(value.span().to(), n.span().to());
                walk(value, n);
                return;
            }
            case "non_null_expression" -> {
                SyntaxNode value = n.children().get(0);
                blank(value.span().to(), n.span().to());
                walk(value, n);
                return;
            }
            case "type_assertion" -> {
                SyntaxNode value = n.children().get(n.children().size() - 1);
                blank(n.span().from(), value.span().from());
                walk(value, n);
                return;
            }
            case "enum_declaration" -> {
                enumeration(n);
                return;
            }
            case "object" -> object(n, parent);
            default -> {}
        }
        boolean isFunction = isFunction(n);
        if (isFunction) {
            function(n, parent);
            Set<String> own = new LinkedHashSet<>();
            for (SyntaxNode p : parameters(n)) {
                SyntaxNode pattern = p.child("pattern") == null ? p : p.child("pattern");
                if (pattern.is("identifier")) {
                    own.add(pattern.text());
                }
            }
            if (n.child("body") != null) {
                declared(n.child("body"), own);
            }
            scopes.push(own);
        }
        for (SyntaxNode c : n.children()) {
            walk(c, n);
        }
        if (isFunction) {
            scopes.pop();
        }
    }

    private void words(SyntaxNode n, Set<String> gone) {
        n.children().stream()
                .filter(c -> !c.isNamed() && gone.contains(c.type()))
                .forEach(this::blank);
    }

    /** Whether nothing of it is left to be looked at. */
    private boolean exporting(SyntaxNode n) {
        if (hasWord(n, "type")) {
            blank(n);
            return true;
        }
        SyntaxNode d = n.child("declaration");
        if (d != null && TYPES_ONLY.contains(d.type())) {
            blank(n);
            return true;
        }
        SyntaxNode clause = first(n, "export_clause");
        if (clause != null) {
            specifiers(clause, n.child("source"));
            return true;
        }
        boolean whole = n.named().size() == 1 && n.named().get(0).is("identifier") && hasWord(n, "=");
        if (whole) {
            replace(n, "module.exports=" + n.named().get(0).text() + ";");
            return true;
        }
        return false;
    }

    private void enumeration(SyntaxNode n) {
        StringBuilder made = new StringBuilder("var ")
                .append(n.child("name") == null ? "ǂenum" : n.child("name").text())
                .append("=ǂ.e(");
        SyntaxNode name = n.child("name");
        made.append(quoted(module + "." + (name == null ? "" : name.text()))).append(",[");
        SyntaxNode body = n.child("body");
        for (SyntaxNode m : body == null ? List.<SyntaxNode>of() : body.named()) {
            boolean assigned = m.is("enum_assignment");
            SyntaxNode of = assigned ? m.child("name") : m;
            SyntaxNode value = assigned ? m.child("value") : null;
            String said = of == null ? "" : of.text().replaceAll("^['\"]|['\"]$", "");
            made.append('[').append(quoted(said)).append(',');
            made.append(value == null ? "undefined" : value.text().replaceAll("\\s+", " "))
                    .append("],");
        }
        replace(n, made.append("]);").toString());
    }

    // what tells what it is

    /** What classes are called that stand in a static field of another one, by where they begin. */
    private final Map<Integer, String> nested = new HashMap<>();

    private void type(SyntaxNode n) {
        for (SyntaxNode c : n.children()) {
            if (!c.isNamed() && c.is("abstract")) {
                blank(c);
            }
        }
        SyntaxNode name = n.child("name");
        SyntaxNode body = n.child("body");
        String called = nested.getOrDefault(n.span().from(), name == null ? "" : name.text());
        if (body != null) {
            StringBuilder own = new StringBuilder();
            StringBuilder shared = new StringBuilder();
            String first = null;
            for (SyntaxNode m : body.named()) {
                SyntaxNode field = m.child("property") == null ? m.child("name") : m.child("property");
                boolean hidden = m.type().endsWith("field_definition")
                        && field != null
                        && field.is("private_property_identifier");
                SyntaxNode value = m.child("value");
                if (value != null && value.is("class") && field != null && hasWord(m, "static")) {
                    nested.put(value.span().from(), called + "." + field.text());
                }
                if (hidden && hasWord(m, "static")) {
                    shared.append("[\"" + field.text() + "\",()=>this." + field.text() + "],");
                } else if (hidden) {
                    first = field.text();
                    own.append("[\"" + field.text() + "\",o." + field.text() + "],");
                }
            }
            insert(
                    body.span().from() + 1,
                    "static{ǂ.c(" + quoted(module + ".") + "," + (called.isEmpty() ? "this.name" : quoted(called))
                            + ",this," + (first == null ? "null" : "(o)=>" + first + " in o?[" + own + "]:[]")
                            + "," + (shared.isEmpty() ? "null" : "()=>[" + shared + "]") + ")}");
        }
    }

    private static boolean isFunction(SyntaxNode n) {
        return n.is("method_definition")
                || n.is("function_declaration")
                || n.is("function_expression")
                || n.is("arrow_function")
                || n.is("generator_function_declaration")
                || n.is("generator_function");
    }

    private void function(SyntaxNode n, @Nullable SyntaxNode parent) {
        SyntaxNode body = n.child("body");
        if (body == null) {
            blank(n);
            return;
        }
        boolean generates = n.type().startsWith("generator") || hasWord(n, "*");
        boolean isValue = n.is("arrow_function") || n.is("function_expression") || n.is("generator_function");
        if (isValue) {
            insert(n.span().from(), "ǂ.f(" + key(n) + "," + around(parent) + "," + quoted(nameOf(parent)) + ",");
        }
        if (isValue) {
            close(n.span().to(), ")");
        }
        if (!generates) {
            told(n, body, parent);
        }
        if (n.is("function_declaration")) {
            SyntaxNode name = n.child("name");
            if (name != null && parent != null && (parent.is("program") || parent.is("export_statement"))) {
                insert(start(), "ǂ.f(" + key(n) + ",\"\"," + quoted(name.text()) + "," + name.text() + ");");
            } else if (name != null && parent != null && parent.is("statement_block")) {
                insert(
                        parent.span().from() + 1,
                        "ǂ.f(" + key(n) + ",\"\"," + quoted(name.text()) + "," + name.text() + ");");
            }
        }
    }

    /** The place of what a function is written down for, by which it may be known as well. */
    private String around(@Nullable SyntaxNode parent) {
        boolean names = parent != null
                && (parent.is("variable_declarator")
                        || parent.is("pair")
                        || parent.is("field_definition")
                        || parent.is("public_field_definition"));
        return names ? key(parent) : "\"\"";
    }

    /** What a function without a name is called after. */
    private static String nameOf(@Nullable SyntaxNode parent) {
        if (parent == null) {
            return "";
        }
        SyntaxNode name = parent.child("name");
        name = name == null ? parent.child("key") : name;
        name = name == null ? parent.child("property") : name;
        name = name == null && parent.is("assignment_expression") ? parent.child("left") : name;
        return name != null && WORD.matcher(name.text()).matches() ? name.text() : "";
    }

    /** It tells when it is entered and left. */
    private void told(SyntaxNode n, SyntaxNode body, @Nullable SyntaxNode parent) {
        boolean makes = n.is("method_definition")
                && n.child("name") != null
                && n.child("name").text().equals(Marks.CONSTRUCTOR);
        boolean derived = makes && parent != null && isDerived(parent);
        String self = derived ? "null" : n.is("arrow_function") ? ownThis(n, parent) : "this";
        StringBuilder enters = new StringBuilder("const ǂe=ǂ.i(" + key(n) + "," + around(parent) + "," + self + ",[");
        StringBuilder kept = new StringBuilder();
        for (SyntaxNode p : parameters(n)) {
            SyntaxNode pattern = p.child("pattern") == null ? p : p.child("pattern");
            boolean keeps =
                    p.children().stream().anyMatch(c -> c.is("accessibility_modifier")) || hasWord(p, "readonly");
            if (pattern.is("assignment_pattern")) {
                pattern = pattern.child("left");
            } else if (pattern.is("rest_pattern") && !pattern.named().isEmpty()) {
                pattern = pattern.named().get(0);
            }
            if (pattern == null || pattern.is("this")) {
                continue;
            }
            enters.append(pattern.is("identifier") ? pattern.text() : "undefined")
                    .append(',');
            if (makes && keeps && pattern.is("identifier")) {
                kept.append("this.")
                        .append(pattern.text())
                        .append('=')
                        .append(pattern.text())
                        .append(';');
            }
        }
        enters.append("]);try{");
        String leaves = "}catch(ǂx){throw ǂ.t(ǂe,ǂx)}finally{ǂ.l(ǂe" + (derived ? ",()=>this" : "") + ")}";
        if (!body.is("statement_block")) {
            insert(body.span().from(), "{" + enters + "return ǂ.r(ǂe,(");
            close(body.span().to(), "))" + leaves + "}");
            return;
        }
        if (body.span().from() + 1 == body.span().to() - 1) {
            insert(body.span().from() + 1, enters + kept.toString() + leaves);
            return;
        }
        insert(body.span().from() + 1, enters + (derived ? "" : kept.toString()));
        if (derived && kept.length() > 0) {
            SyntaxNode above = superCall(body);
            if (above != null) {
                insert(above.span().to(), ";" + kept);
            }
        }
        returns(body);
        close(body.span().to() - 1, leaves);
    }

    /** An arrow function that is a class's field is asked as the object's operation. */
    private static String ownThis(SyntaxNode n, @Nullable SyntaxNode parent) {
        boolean isField = parent != null && (parent.is("field_definition") || parent.is("public_field_definition"));
        return isField ? "this" : "undefined";
    }

    private static boolean isDerived(SyntaxNode classBody) {
        // the body's text does not say it: what is asked above can only be asked there
        return classBody.named().stream()
                .filter(m -> m.is("method_definition"))
                .filter(m -> m.child("name") != null && m.child("name").text().equals(Marks.CONSTRUCTOR))
                .anyMatch(m -> m.child("body") != null && superCall(m.child("body")) != null);
    }

    private static @Nullable SyntaxNode superCall(SyntaxNode n) {
        for (SyntaxNode c : n.children()) {
            boolean found = c.is("expression_statement")
                    && !c.named().isEmpty()
                    && c.named().get(0).is("call_expression")
                    && c.named().get(0).child("function") != null
                    && c.named().get(0).child("function").is("super");
            if (found) {
                return c;
            }
            SyntaxNode inside = isFunction(c) ? null : superCall(c);
            if (inside != null) {
                return inside;
            }
        }
        return null;
    }

    private static List<SyntaxNode> parameters(SyntaxNode n) {
        SyntaxNode one = n.child("parameter");
        SyntaxNode all = n.child("parameters");
        return one != null ? List.of(one) : all == null ? List.of() : all.named();
    }

    private void returns(SyntaxNode n) {
        for (SyntaxNode c : n.children()) {
            if (isFunction(c) || c.type().startsWith("class")) {
                continue;
            }
            if (c.is("return_statement") && !c.named().isEmpty()) {
                Span value = c.named().get(0).span();
                insert(value.from(), "ǂ.r(ǂe,(");
                returns(c);
                close(value.to(), "))");
                continue;
            }
            returns(c);
        }
    }

    private static void mentioned(SyntaxNode n, Set<String> into) {
        if (n.is("identifier") || n.is("shorthand_property_identifier")) {
            into.add(n.text());
        }
        n.children().forEach(c -> mentioned(c, into));
    }

    /** Variables that a function declares, those of functions in it left out. */
    private static void declared(SyntaxNode n, Set<String> into) {
        for (SyntaxNode c : n.children()) {
            if (c.is("variable_declarator")
                    && c.child("name") != null
                    && c.child("name").is("identifier")) {
                into.add(c.child("name").text());
            }
            if (!isFunction(c)) {
                declared(c, into);
            }
        }
    }

    private void object(SyntaxNode n, @Nullable SyntaxNode parent) {
        boolean hasOperations = n.named().stream()
                .anyMatch(p -> p.is("method_definition")
                        || p.is("pair") && p.child("value") != null && isFunction(p.child("value"))
                        || p.is("shorthand_property_identifier"));
        boolean isValue = parent == null || !parent.is("assignment_expression") || parent.child("left") != n;
        if (hasOperations && isValue) {
            insert(
                    n.span().from(),
                    "ǂ.o(" + quoted(module + ".object:" + n.span().from()) + ",");
            close(n.span().to(), ")");
        }
    }
}
