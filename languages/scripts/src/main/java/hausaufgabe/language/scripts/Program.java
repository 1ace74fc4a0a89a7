package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a program declares, and what its names mean. */
final class Program {

    /** What a name means. */
    sealed interface Symbol {}

    record OfClass(ClassInfo type) implements Symbol {}

    record OfFunction(FunctionInfo function) implements Symbol {}

    /** A variable of a module. */
    record OfVariable(ModuleInfo module, String name) implements Symbol {}

    record OfModule(ModuleInfo module) implements Symbol {}

    /** Something of the language's library, by its qualified name. */
    record OfLibrary(String name) implements Symbol {}

    /** Something that was not handed in. */
    record Missing(String name) implements Symbol {}

    /** A file, which is a type with static members where it has state or operations. */
    static final class ModuleInfo {
        final Code.Module node;
        final Map<String, Symbol> names = new LinkedHashMap<>();
        final Map<String, Span> variables = new LinkedHashMap<>();
        final List<FunctionInfo> functions = new ArrayList<>();
        final List<ClassInfo> classes = new ArrayList<>();
        /** What is done when it is loaded. */
        final List<Statement> body = new ArrayList<>();

        ModuleInfo(Code.Module node) {
            this.node = node;
        }

        String id() {
            return node.name();
        }
    }

    /** A class. */
    static final class ClassInfo {
        final String id;
        final String name;
        final Code.ClassDefinition node;
        final ModuleInfo module;
        final @Nullable ClassInfo enclosing;
        final List<Symbol> bases = new ArrayList<>();
        final List<String> baseTexts = new ArrayList<>();
        final Map<String, FunctionInfo> operations = new LinkedHashMap<>();
        final Map<String, FunctionInfo> setters = new LinkedHashMap<>();
        final Map<String, FieldInfo> fields = new LinkedHashMap<>();
        final List<ClassInfo> inner = new ArrayList<>();
        boolean isPromise;
        boolean isAbstractByName;
        boolean isEnum;
        boolean isRecord;
        /** Whether it is the type of one object that is written down where it is made. */
        boolean isLiteral;

        boolean isFunction;
        /** Whether it is a union, which nothing else can become. */
        boolean isUnion;
        /** Whether it says what is written down in objects of a union, which are of no class. */
        boolean isShape;

        final List<Code.Field> initialised = new ArrayList<>();
        final List<Code.Parameter> recordParts = new ArrayList<>();

        ClassInfo(String id, String name, Code.ClassDefinition node, ModuleInfo module, @Nullable ClassInfo enclosing) {
            this.id = id;
            this.name = name;
            this.node = node;
            this.module = module;
            this.enclosing = enclosing;
        }

        List<ClassInfo> ownBases() {
            return bases.stream()
                    .filter(OfClass.class::isInstance)
                    .map(b -> ((OfClass) b).type())
                    .toList();
        }

        boolean hasOperations() {
            return operations.values().stream().anyMatch(o -> !o.isConstructor);
        }
    }

    /** @param isStatic whether it is one for all objects */
    record FieldInfo(
            String name,
            boolean isStatic,
            Span span,
            @Nullable Expression declared,
            @Nullable Expression initial,
            List<Expression> decorators) {

        FieldInfo(
                String name, boolean isStatic, Span span, @Nullable Expression declared, @Nullable Expression initial) {
            this(name, isStatic, span, declared, initial, List.of());
        }

        /** The only text that it can hold; null where it is not known to be the only one. */
        @Nullable
        String onlyValue() {
            for (Expression e : decorators) {
                if (e instanceof Code.Literal l) {
                    return l.text();
                }
            }
            return initial instanceof Code.Literal l && l.kind() == Code.Literal.Kind.TEXT ? l.text() : null;
        }
    }

    /** An operation, or a function of a module. */
    static final class FunctionInfo {
        final String id;
        final String owner;
        final Code.Function node;
        final ModuleInfo module;
        final @Nullable ClassInfo type;
        boolean isConstructor;
        boolean isStatic;
        boolean isOfClass;
        boolean isAbstract;
        boolean isProperty;
        boolean isSetter;
        boolean isLabelledAbstract;
        /** Whether somebody wrote it down, rather than that it follows from what is. */
        boolean isWritten = true;

        FunctionInfo(String id, String owner, Code.Function node, ModuleInfo module, @Nullable ClassInfo type) {
            this.id = id;
            this.owner = owner;
            this.node = node;
            this.module = module;
            this.type = type;
        }

        /** Whether its first parameter stands for the object, or for the class. */
        boolean takesSelf(Dialect dialect) {
            return type != null && dialect.namesSelf() && !isStatic;
        }

        List<Code.Parameter> parameters(Dialect dialect) {
            List<Code.Parameter> all = node.parameters();
            return takesSelf(dialect) && !all.isEmpty() ? all.subList(1, all.size()) : all;
        }

        /** The name of the object, or class, inside; empty where there is none. */
        String self(Dialect dialect) {
            return takesSelf(dialect) && !node.parameters().isEmpty()
                    ? node.parameters().get(0).name()
                    : "";
        }
    }

    final Dialect dialect;
    final Map<String, ModuleInfo> modules = new LinkedHashMap<>();
    final Map<String, ClassInfo> classes = new LinkedHashMap<>();
    // asked again and again; nothing above a class changes any more once its bases are known
    private final Map<ClassInfo, List<ClassInfo>> lines = new HashMap<>();
    private final Map<ClassInfo, Set<String>> asked = new HashMap<>();
    private final Map<String, List<ClassInfo>> byOperation = new HashMap<>();
    private final Map<String, List<ClassInfo>> byField = new HashMap<>();

    Program(Dialect dialect, List<Code.Module> files) {
        this.dialect = dialect;
        for (Code.Module m : files) {
            ModuleInfo info = new ModuleInfo(m);
            modules.put(m.name(), info);
            declare(info);
        }
        modules.values().forEach(this::written);
        modules.values().forEach(this::imports);
        classes.values().forEach(this::resolveBases);
        classes.values().forEach(this::resolveUnion);
        Set<ClassInfo> completed = new HashSet<>();
        classes.values().forEach(c -> complete(c, completed));
        classes.values().forEach(this::settle);
        for (ClassInfo c : classes.values()) {
            c.operations
                    .keySet()
                    .forEach(o -> byOperation
                            .computeIfAbsent(o, k -> new ArrayList<>())
                            .add(c));
            c.fields
                    .keySet()
                    .forEach(f ->
                            byField.computeIfAbsent(f, k -> new ArrayList<>()).add(c));
        }
    }

    // declarations

    private final Map<String, ClassInfo> literals = new HashMap<>();

    /** Objects that are written down where they are made have types of their own. */
    private void written(ModuleInfo m) {
        CodeWalk.through(m.node.body(), part -> {
            if (part instanceof Code.Made made) {
                ClassInfo info = declareClass(m, null, made.type());
                info.isLiteral = true;
                m.classes.add(info);
                literals.put(key(made.span()), info);
            }
            return true;
        });
    }

    private static String key(Span span) {
        return span.file() + ":" + span.from() + "-" + span.to();
    }

    /** The type of an object that is written down. */
    ClassInfo made(Code.Made made) {
        return literals.get(key(made.span()));
    }

    private void declare(ModuleInfo m) {
        for (Statement s : m.node.body()) {
            declare(m, s);
        }
    }

    private void declare(ModuleInfo m, Statement s) {
        if (s instanceof Code.ClassDefinition c) {
            ClassInfo info = declareClass(m, null, c);
            m.classes.add(info);
            m.names.put(c.name(), new OfClass(info));
        } else if (s instanceof Code.Function f) {
            FunctionInfo info = new FunctionInfo(
                    operationId(m.id(), f.name(), f.parameters().size()), m.id(), f, m, null);
            info.isStatic = true;
            m.functions.add(info);
            m.names.put(f.name(), new OfFunction(info));
        } else if (s instanceof Code.If i) {
            // what is declared only under a condition, such as for another version
            boolean declares = i.then().stream().anyMatch(Program::isDeclaration);
            if (declares) {
                i.then().forEach(x -> declare(m, x));
                i.otherwise().forEach(x -> declare(m, x));
            } else {
                variables(m, s);
                m.body.add(s);
            }
        } else if (s instanceof Code.Block b && b.body().stream().anyMatch(Program::isDeclaration)) {
            b.body().forEach(x -> declare(m, x));
        } else {
            variables(m, s);
            m.body.add(s);
        }
    }

    private static boolean isDeclaration(Statement s) {
        return s instanceof Code.ClassDefinition || s instanceof Code.Function || s instanceof Code.Import;
    }

    private static void variables(ModuleInfo m, Statement s) {
        if (s instanceof Code.Assign a) {
            targets(a.target()).forEach(n -> variable(m, n));
        } else if (s instanceof Code.ForEach f) {
            targets(f.target()).forEach(n -> variable(m, n));
            f.body().forEach(x -> variables(m, x));
        } else if (s instanceof Code.If i && !isEntry(i)) {
            i.then().forEach(x -> variables(m, x));
            i.otherwise().forEach(x -> variables(m, x));
        } else if (s instanceof Code.Block b) {
            b.body().forEach(x -> variables(m, x));
        }
    }

    private static void variable(ModuleInfo m, Code.Name n) {
        m.variables.putIfAbsent(n.name(), n.span());
        m.names.putIfAbsent(n.name(), new OfVariable(m, n.name()));
    }

    /** Whether something is done only where the file is what was started. */
    static boolean isEntry(Code.If i) {
        return i.condition() instanceof Code.Operation o
                && o.operands().stream()
                        .anyMatch(x -> x instanceof Code.Name n && n.name().equals("__name__"));
    }

    static List<Code.Name> targets(Expression target) {
        if (target instanceof Code.Name n) {
            return List.of(n);
        }
        if (target instanceof Code.Display d) {
            return d.items().stream().flatMap(i -> targets(i).stream()).toList();
        }
        if (target instanceof Code.Other o) {
            return o.inside().stream().flatMap(i -> targets(i).stream()).toList();
        }
        return List.of();
    }

    static String operationId(String owner, String name, int parameters) {
        return owner + "#" + name + "(" + "?,".repeat(Math.max(0, parameters - 1)) + (parameters > 0 ? "?" : "") + ")";
    }

    private ClassInfo declareClass(ModuleInfo m, @Nullable ClassInfo around, Code.ClassDefinition c) {
        String name = around == null ? c.name() : around.name + "." + c.name();
        String id = m.id() + "." + name;
        for (int n = 2; classes.containsKey(id); n++) {
            id = m.id() + "." + name + "-" + n;
        }
        String shown = c.decorators().stream()
                .map(Program::lastName)
                .filter(d -> d.startsWith(Code.CALLED) || d.startsWith(Code.SHOWN))
                .map(d -> d.startsWith(Code.SHOWN)
                        ? d.substring(Code.SHOWN.length())
                        : d.substring(Code.CALLED.length()) + " (anonymous)")
                .findFirst()
                .orElse(name);
        ClassInfo info = new ClassInfo(id, shown, c, m, around);
        classes.put(id, info);
        info.isRecord = c.decorators().stream().anyMatch(d -> lastName(d).equals("dataclass"));
        for (Statement s : c.body()) {
            member(m, info, s);
        }
        return info;
    }

    private void member(ModuleInfo m, ClassInfo info, Statement s) {
        if (s instanceof Code.Function f) {
            operation(m, info, f);
        } else if (s instanceof Code.Field f) {
            Expression initial = f.isStatic() ? f.initial() : null;
            info.fields.put(
                    f.name(), new FieldInfo(f.name(), f.isStatic(), f.span(), f.declared(), initial, f.decorators()));
            if (!f.isStatic() && f.initial() != null) {
                info.initialised.add(f);
            }
        } else if (s instanceof Code.ClassDefinition inner) {
            info.inner.add(declareClass(m, info, inner));
        } else if (s instanceof Code.Assign a) {
            for (Code.Name n : targets(a.target())) {
                boolean part = info.isRecord && a.declared() != null && !isForAll(a.declared());
                info.fields.put(n.name(), new FieldInfo(n.name(), !part, n.span(), a.declared(), a.value()));
                if (part && !isField(a.value(), "init")) {
                    info.recordParts.add(
                            new Code.Parameter(n.name(), a.declared(), a.value(), Code.Parameter.Kind.USUAL));
                }
            }
        } else if (s instanceof Code.If i) {
            i.then().forEach(x -> member(m, info, x));
            i.otherwise().forEach(x -> member(m, info, x));
        }
    }

    /** The parts of a record: those that it inherits first. */
    List<Code.Parameter> recordParts(ClassInfo c) {
        Map<String, Code.Parameter> all = new LinkedHashMap<>();
        List<ClassInfo> line = new ArrayList<>(line(c));
        Collections.reverse(line);
        line.forEach(x -> x.recordParts.forEach(p -> all.put(p.name(), p)));
        return List.copyOf(all.values());
    }

    /** Those parts of a record that have to be given when one is made. */
    List<Code.Parameter> requiredParts(ClassInfo c) {
        return recordParts(c).stream()
                .filter(p -> p.initial() == null
                        || isField(p.initial(), "") && !isField(p.initial(), "default", "default_factory"))
                .toList();
    }

    /** Whether it says something of a record's part, and that by one of the names; an empty name stands for anything. */
    private static boolean isField(@Nullable Expression initial, String... says) {
        return initial instanceof Code.Call c
                && lastName(c.callee()).equals("field")
                && Stream.of(says)
                        .anyMatch(s -> s.isEmpty() || c.arguments().stream().anyMatch(a -> s.equals(a.name())));
    }

    private static boolean isForAll(Expression declared) {
        return declared instanceof Code.Element e
                ? isForAll(e.container())
                : lastName(declared).equals("ClassVar");
    }

    private void operation(ModuleInfo m, ClassInfo info, Code.Function f) {
        boolean isStatic =
                f.decorators().stream().anyMatch(d -> dialect.statics().contains(lastName(d)));
        boolean self = dialect.namesSelf() && !isStatic;
        int parameters = Math.max(0, f.parameters().size() - (self ? 1 : 0));
        FunctionInfo o = new FunctionInfo(operationId(info.id, f.name(), parameters), info.id, f, m, info);
        o.isStatic = isStatic;
        o.isConstructor = f.name().equals(dialect.constructor());
        o.isOfClass =
                f.decorators().stream().anyMatch(d -> dialect.classOperations().contains(lastName(d)))
                        || f.name().equals("__new__")
                        || f.name().equals(dialect.toldOfClassesBelow());
        o.isLabelledAbstract = f.decorators().stream()
                .map(Program::lastName)
                .anyMatch(d -> dialect.abstracts().contains(d) || d.equals(Code.PROMISE));
        o.isProperty =
                f.decorators().stream().anyMatch(d -> dialect.properties().contains(lastName(d)));
        o.isSetter = f.decorators().stream()
                .anyMatch(d -> d instanceof Code.Member x && x.name().equals("setter"));
        o.isAbstract = o.isLabelledAbstract || onlyRefuses(f.body());
        o.isWritten = f.decorators().stream()
                .map(Program::lastName)
                .noneMatch(d -> d.equals(Code.PROMISE) || d.equals(Code.GIVEN));
        if (o.isSetter) {
            info.setters.put(f.name(), o);
        } else {
            info.operations.put(f.name(), o);
        }
    }

    /** Whether a body does nothing but say that it is not done here. */
    private boolean onlyRefuses(List<Statement> body) {
        List<Statement> done = body.stream().filter(s -> !isText(s)).toList();
        return done.size() == 1
                && done.get(0) instanceof Code.Raise r
                && r.value() != null
                && dialect.refusals().contains(lastName(r.value()));
    }

    static boolean isText(Statement s) {
        return s instanceof Code.Do d && d.value() instanceof Code.Literal l && l.kind() == Code.Literal.Kind.TEXT;
    }

    static boolean isEmpty(List<Statement> body) {
        return body.stream().allMatch(s -> s instanceof Code.Nothing || isText(s));
    }

    /** The last part of a name that may be qualified, or called. */
    static String lastName(Expression e) {
        if (e instanceof Code.Name n) {
            return n.name();
        } else if (e instanceof Code.Member m) {
            return m.name();
        } else if (e instanceof Code.Call c) {
            return lastName(c.callee());
        } else if (e instanceof Code.Element x) {
            return lastName(x.container());
        }
        return "";
    }

    // imports

    private void imports(ModuleInfo m) {
        for (Statement s : m.node.body()) {
            imports(m, s);
        }
    }

    private void imports(ModuleInfo m, Statement s) {
        if (s instanceof Code.Import i) {
            imported(m, i);
        } else if (s instanceof Code.If x) {
            x.then().forEach(t -> imports(m, t));
            x.otherwise().forEach(t -> imports(m, t));
        } else if (s instanceof Code.Block b) {
            b.body().forEach(t -> imports(m, t));
        }
    }

    /** What an import makes a name mean. */
    Symbol meaning(ModuleInfo m, Code.Import i) {
        ModuleInfo from = module(m, i.module());
        if (i.name() == null) {
            return from != null
                    ? new OfModule(from)
                    : dialect.isLibrary(i.module()) ? new OfLibrary(i.module()) : new Missing(i.module());
        }
        if (from != null) {
            Symbol s = from.names.get(i.name());
            if (s == null) {
                ModuleInfo sub = i.name().equals(Code.WHOLE) ? from : module(m, i.module() + "." + i.name());
                return sub != null ? new OfModule(sub) : new Missing(i.name());
            }
            return s;
        }
        ModuleInfo sub = module(m, i.module().isEmpty() ? i.name() : i.module() + "." + i.name());
        if (sub != null) {
            return new OfModule(sub);
        }
        return dialect.isLibrary(i.module()) ? new OfLibrary(i.module() + "." + i.name()) : new Missing(i.name());
    }

    private void imported(ModuleInfo m, Code.Import i) {
        if ("*".equals(i.name())) {
            ModuleInfo from = module(m, i.module());
            if (from != null && from != m) {
                from.names.forEach(m.names::putIfAbsent);
            }
            return;
        }
        m.names.put(i.as(), meaning(m, i));
    }

    /** A module that was handed in, whatever folder it is imported from. */
    private @Nullable ModuleInfo module(ModuleInfo from, String name) {
        String plain = name.replaceFirst("^\\.+", "");
        ModuleInfo exact = modules.get(plain);
        if (exact != null || plain.isEmpty()) {
            return exact;
        }
        int dot = from.id().lastIndexOf('.');
        ModuleInfo beside = dot < 0 ? null : modules.get(from.id().substring(0, dot) + "." + plain);
        if (beside != null) {
            return beside;
        }
        if (dialect.isLibrary(plain)) {
            return null;
        }
        List<ModuleInfo> ending = modules.values().stream()
                .filter(x -> x.id().endsWith("." + plain))
                .toList();
        return ending.size() == 1 ? ending.get(0) : null;
    }

    // classes

    private void resolveBases(ClassInfo c) {
        for (Expression b : c.node.bases()) {
            Expression bare = b instanceof Code.Element e ? e.container() : b;
            c.bases.add(meaning(bare, c.module, c));
            c.baseTexts.add(text(bare));
        }
    }

    /** All that a union is made of are examples of it. */
    private void resolveUnion(ClassInfo c) {
        if (isMarked(c, Dialect.ClassMark.UNION)) {
            for (Code.Argument a : c.node.options()) {
                if (meaning(a.value(), c.module, c) instanceof OfClass x && x.type() != c) {
                    x.type().bases.add(new OfClass(c));
                    x.type().baseTexts.add(c.name);
                }
            }
        }
    }

    /**
     * The kinds that a union is made of, by the value of a field that tells them apart.
     *
     * @return empty where that field does not tell all of them apart, or it is no union
     */
    Map<String, ClassInfo> toldApartBy(String field, ClassInfo union) {
        Map<String, ClassInfo> kinds = new LinkedHashMap<>();
        int all = 0;
        for (ClassInfo c : classes.values()) {
            if (union.isUnion && c.ownBases().contains(union)) {
                all++;
                FieldInfo f = c.fields.get(field);
                if (f != null && f.onlyValue() != null) {
                    kinds.put(f.onlyValue(), c);
                }
            }
        }
        return kinds.size() == all ? kinds : Map.of();
    }

    private boolean isMarked(ClassInfo c, Dialect.ClassMark mark) {
        Set<String> marks = dialect.classMarks(mark);
        String always =
                mark == Dialect.ClassMark.UNION ? Code.UNION : mark == Dialect.ClassMark.PROMISE ? Code.PROMISE : "";
        return c.node.decorators().stream().map(Program::lastName).anyMatch(d -> marks.contains(d) || d.equals(always));
    }

    /** What fields begin with is written when an object is made; where nobody wrote down how that is done, as it is done above. */
    private void complete(ClassInfo c, Set<ClassInfo> completed) {
        if (!completed.add(c)) {
            return;
        }
        c.ownBases().forEach(b -> complete(b, completed));
        if (c.initialised.isEmpty()) {
            return;
        }
        FunctionInfo own = c.operations.get(dialect.constructor());
        FunctionInfo above = c.ownBases().stream()
                .flatMap(b -> lineOf(b).stream())
                .map(b -> b.operations.get(dialect.constructor()))
                .filter(o -> o != null)
                .findFirst()
                .orElse(null);
        Span span = c.node.span();
        List<Code.Parameter> parameters = own != null
                ? own.node.parameters()
                : above != null
                        ? above.node.parameters()
                        : List.of(new Code.Parameter("this", null, null, Code.Parameter.Kind.USUAL));
        List<Statement> body = new ArrayList<>(own != null ? own.node.body() : List.of());
        int at = 0;
        for (int i = 0; i < body.size(); i++) {
            at = isSuperCall(body.get(i)) ? i + 1 : at;
        }
        if (own == null && above != null) {
            List<Code.Argument> handed = above.parameters(dialect).stream()
                    .map(p -> new Code.Argument(null, new Code.Name(p.name(), span), false))
                    .toList();
            Expression asked = new Code.Member(
                    new Code.Call(new Code.Name(dialect.above(), span), List.of(), span), dialect.constructor(), span);
            body.add(new Code.Do(new Code.Call(asked, handed, span), span));
            at = 1;
        }
        String self = parameters.isEmpty() ? "this" : parameters.get(0).name();
        for (Code.Field f : c.initialised) {
            Expression target = new Code.Member(new Code.Name(self, f.span()), f.name(), f.span());
            body.add(at++, new Code.Assign(target, f.initial(), f.declared(), false, f.span()));
        }
        Code.Function node = new Code.Function(
                dialect.constructor(),
                own == null ? List.of() : own.node.decorators(),
                parameters,
                null,
                body,
                own == null ? span : own.node.span());
        FunctionInfo made = new FunctionInfo(
                operationId(c.id, dialect.constructor(), Math.max(0, parameters.size() - 1)), c.id, node, c.module, c);
        made.isConstructor = true;
        made.isWritten = own != null;
        c.operations.put(dialect.constructor(), made);
    }

    /** The class and what is above it, before anything is remembered. */
    private static List<ClassInfo> lineOf(ClassInfo c) {
        Set<ClassInfo> all = new LinkedHashSet<>();
        line(c, all);
        return List.copyOf(all);
    }

    /**
     * Whether a constructor throws unless it is told what only its module knows, or where there is an object already, or always:
     * then its class makes objects without it.
     */
    boolean refusesOthers(ClassInfo c) {
        FunctionInfo o = c.operations.get(dialect.constructor());
        return o != null
                && o.node.body().stream()
                        .anyMatch(s -> s instanceof Code.Raise
                                || s instanceof Code.If i
                                        && i.then().stream().anyMatch(Code.Raise.class::isInstance)
                                        && asksForOwn(i.condition(), c));
    }

    private boolean asksForOwn(Expression condition, ClassInfo c) {
        boolean[] found = new boolean[1];
        CodeWalk.through(condition, part -> {
            if (part instanceof Code.Name n) {
                boolean ofModule = meaning(n, c.module, c) instanceof OfVariable v && v.module() == c.module;
                boolean ofClass = meaning(n, c.module, c) instanceof OfClass x && x.type() == c;
                found[0] |= ofModule || ofClass;
            }
            return true;
        });
        return found[0];
    }

    private boolean isSuperCall(Statement s) {
        return s instanceof Code.Do d
                && d.value() instanceof Code.Call c
                && c.callee() instanceof Code.Member m
                && m.name().equals(dialect.constructor())
                && m.on() instanceof Code.Call x
                && lastName(x).equals(dialect.above());
    }

    static String text(Expression e) {
        if (e instanceof Code.Member m) {
            return text(m.on()) + "." + m.name();
        }
        return lastName(e);
    }

    private void settle(ClassInfo c) {
        c.isFunction = isMarked(c, Dialect.ClassMark.FUNCTION);
        c.isPromise |= c.isFunction || isMarked(c, Dialect.ClassMark.PROMISE) || isMarked(c, Dialect.ClassMark.UNION);
        c.isUnion = isMarked(c, Dialect.ClassMark.UNION);
        c.isShape = isMarked(c, Dialect.ClassMark.PROMISE)
                && !c.hasOperations()
                && c.ownBases().stream().anyMatch(b -> isMarked(b, Dialect.ClassMark.UNION))
                && classes.values().stream().noneMatch(x -> x.ownBases().contains(c));
        c.isAbstractByName |= isMarked(c, Dialect.ClassMark.ABSTRACT);
        c.isEnum |= isMarked(c, Dialect.ClassMark.ENUM);
        for (Symbol b : c.bases) {
            if (b instanceof OfLibrary l) {
                c.isPromise |= dialect.promises().contains(l.name());
                c.isAbstractByName |= dialect.abstractBases().contains(l.name());
                c.isEnum |= l.name().startsWith("enum.");
                c.isRecord |= l.name().equals("typing.NamedTuple");
            }
        }
        for (Code.Argument a : c.node.options()) {
            c.isAbstractByName |= "metaclass".equals(a.name())
                    && meaning(a.value(), c.module, c) instanceof OfLibrary l
                    && dialect.abstractBases().contains(l.name());
        }
        if (c.isPromise) {
            c.operations.values().stream().filter(o -> isEmpty(o.node.body())).forEach(o -> o.isAbstract = true);
        }
        // fields that objects get in any operation
        for (FunctionInfo o : c.operations.values()) {
            ownFields(c, o);
        }
        c.setters.values().forEach(o -> ownFields(c, o));
    }

    private void ownFields(ClassInfo c, FunctionInfo o) {
        String self = o.self(dialect);
        if (!self.isEmpty()) {
            assigned(o.node.body(), self, o.isOfClass, c);
        }
    }

    private void assigned(List<Statement> body, String self, boolean ofClass, ClassInfo c) {
        for (Statement s : body) {
            if (s instanceof Code.Assign a) {
                field(a.target(), a, self, ofClass, c);
            } else if (s instanceof Code.If i) {
                assigned(i.then(), self, ofClass, c);
                assigned(i.otherwise(), self, ofClass, c);
            } else if (s instanceof Code.ForEach f) {
                assigned(f.body(), self, ofClass, c);
            } else if (s instanceof Code.While w) {
                assigned(w.body(), self, ofClass, c);
            } else if (s instanceof Code.Block b) {
                assigned(b.body(), self, ofClass, c);
            } else if (s instanceof Code.Match m) {
                m.cases().forEach(x -> assigned(x.body(), self, ofClass, c));
            }
        }
    }

    private void field(Expression target, Code.Assign a, String self, boolean ofClass, ClassInfo c) {
        boolean makes = a.value() != null
                && c.operations.containsKey("__new__")
                && target instanceof Code.Member t
                && ofClass
                && !(t.on() instanceof Code.Name);
        if (makes) {
            // what is put into the object that is about to be given out
            String name = ((Code.Member) target).name();
            if (declaring(c, name) == null) {
                c.fields.put(name, new FieldInfo(name, false, target.span(), a.declared(), null));
            }
        } else if (target instanceof Code.Member m
                && m.on() instanceof Code.Name n
                && n.name().equals(self)) {
            FieldInfo known = c.fields.get(m.name());
            boolean above = known == null && declaring(c, m.name()) != null;
            boolean isOperation = c.setters.containsKey(m.name());
            if (above || isOperation) {
                return;
            }
            if (known == null || known.isStatic() && !ofClass && known.declared() == null) {
                // one of each object in place of the one that all begin with
                c.fields.put(
                        m.name(),
                        new FieldInfo(m.name(), ofClass, known == null ? m.span() : known.span(), a.declared(), null));
            }
        } else if (target instanceof Code.Display d) {
            d.items().forEach(i -> field(i, a, self, ofClass, c));
        }
    }

    /** The class itself, then what is above it, near ones first, as far as it was handed in. */
    List<ClassInfo> line(ClassInfo c) {
        return lines.computeIfAbsent(c, x -> {
            LinkedHashSet<ClassInfo> all = new LinkedHashSet<>();
            line(x, all);
            return List.copyOf(all);
        });
    }

    private static void line(ClassInfo c, Set<ClassInfo> all) {
        if (all.add(c)) {
            c.ownBases().forEach(b -> line(b, all));
        }
    }

    boolean isBelow(ClassInfo c, ClassInfo above) {
        return c == above || !c.bases.isEmpty() && line(c).contains(above);
    }

    /** The class that declares a field of an object of this one; null where none does. */
    @Nullable
    ClassInfo declaring(ClassInfo c, String field) {
        return line(c).stream()
                .filter(x -> x.fields.containsKey(field))
                .findFirst()
                .orElse(null);
    }

    /** The nearest operation of that name. */
    Optional<FunctionInfo> operation(ClassInfo c, String name) {
        return line(c).stream()
                .map(x -> x.operations.get(name))
                .filter(o -> o != null)
                .findFirst();
    }

    /** Whether something above it was not handed in, or is the library's and has operations of its own. */
    boolean isOpen(ClassInfo c) {
        return line(c).stream().anyMatch(x -> x.bases.stream().anyMatch(b -> b instanceof Missing));
    }

    List<ClassInfo> withOperation(String name) {
        return byOperation.getOrDefault(name, List.of());
    }

    List<ClassInfo> withField(String name) {
        return byField.getOrDefault(name, List.of());
    }

    /** Names of operations that objects of a class can be asked. */
    Set<String> operationsOf(ClassInfo c) {
        return asked.computeIfAbsent(c, k -> {
            Set<String> all = new HashSet<>();
            line(k).forEach(x -> all.addAll(x.operations.keySet()));
            return Set.copyOf(all);
        });
    }

    /** What an expression that is a name, or a qualified one, means; missing where nothing does. */
    Symbol meaning(Expression e, ModuleInfo m, @Nullable ClassInfo inside) {
        if (e instanceof Code.Name n && n.name().startsWith(Code.KIND)) {
            ClassInfo c = classes.get(n.name().substring(Code.KIND.length()));
            return c == null ? new Missing("") : new OfClass(c);
        }
        if (e instanceof Code.Name n) {
            for (ClassInfo c = inside; c != null; c = c.enclosing) {
                for (ClassInfo x : c.inner) {
                    if (x.node.name().equals(n.name())) {
                        return new OfClass(x);
                    }
                }
            }
            Symbol s = m.names.get(n.name());
            if (s != null) {
                return s;
            }
            return dialect.builtIns().contains(n.name()) ? new OfLibrary(n.name()) : new Missing(n.name());
        }
        if (e instanceof Code.Literal l && l.kind() == Code.Literal.Kind.TEXT) {
            // a type that is named before it is there
            return meaning(new Code.Name(l.text().replaceFirst("\\[.*", ""), l.span()), m, inside);
        }
        if (e instanceof Code.Member x) {
            Symbol on = meaning(x.on(), m, inside);
            if (on instanceof OfModule o) {
                Symbol s = o.module().names.get(x.name());
                return s == null ? new Missing(x.name()) : s;
            }
            if (on instanceof OfLibrary l) {
                return new OfLibrary(l.name() + "." + x.name());
            }
            if (on instanceof OfClass c) {
                for (ClassInfo i : c.type().inner) {
                    if (i.node.name().equals(x.name())) {
                        return new OfClass(i);
                    }
                }
            }
            return new Missing(x.name());
        }
        return new Missing("");
    }
}
