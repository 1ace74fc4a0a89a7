package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Literal;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Dialect.ContainerUse;
import hausaufgabe.language.scripts.Dialect.FunctionUse;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import hausaufgabe.language.scripts.Program.ModuleInfo;
import hausaufgabe.language.scripts.Program.Symbol;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What may stand in which field, parameter, variable, element and result of a program that mostly does not say so; and the
 * abstractions that nobody wrote down: what stands in the same place and is asked the same.
 */
final class Flow {

    /** What nothing is known of, and of which nothing is asked. */
    static final TypeRef ANY = TypeRef.of("any", "any");

    /** The operation of what is called as a function. */
    static final String CALL = "__call__";

    private static final int ROUNDS = 6;
    /** Stands where something is kept weakly. */
    private static final String WEAK = "=weak";
    /** Stand where a container is kept, with which one it is, and what its keys are. */
    private static final String CONTAINER = "#is ";

    private static final String KEY = "#key ";

    /** An abstraction that several types realise without saying so. */
    record Implied(
            String id, String name, Set<String> operations, Set<String> realisedBy, boolean isFunction, int arity) {}

    /** A function as a value. @param parameters how many it takes; -1 where that is not known */
    record FunctionValue(
            String id,
            Span span,
            List<Code.Parameter> parameters,
            @Nullable Frame frame,
            @Nullable Expression bound,
            @Nullable Symbol named,
            @Nullable FunctionInfo operation,
            List<Statement> body) {}

    /** A call of which it turns out later whose operation it is. */
    private record Pending(String receiver, String name, List<String> arguments, List<String> names, String result) {}

    private final Program program;
    private final Dialect dialect;
    private final Places places = new Places();
    private final List<Pending> pending = new ArrayList<>();
    private final Map<String, FunctionValue> functions = new LinkedHashMap<>();
    private final Map<String, TypeRef> resolved = new HashMap<>();
    private final Map<String, String> functionNames = new HashMap<>();
    private final Map<String, Implied> implied = new LinkedHashMap<>();
    private final Map<String, Set<String>> arities = new HashMap<>();

    Flow(Program program) {
        this.program = program;
        this.dialect = program.dialect;
        program.modules.values().forEach(this::follow);
        for (int i = 0; i < ROUNDS; i++) {
            places.follow();
            settleWritten();
            settle(i == ROUNDS - 1);
        }
        places.follow();
        places.roots().forEach(this::keepPromises);
        program.classes.values().forEach(this::passedOn);
        places.roots().forEach(this::resolve);
        fitAll();
    }

    Collection<Implied> implied() {
        return implied.values();
    }

    Collection<FunctionValue> functions() {
        return functions.values();
    }

    // everything that is written

    private void follow(ModuleInfo m) {
        Frame frame = Frame.of(program, m);
        m.body.forEach(s -> follow(s, frame));
        m.functions.forEach(o -> follow(o));
        m.functions.forEach(o -> decorated(new Program.OfFunction(o), o.node.decorators(), m));
        m.classes.forEach(this::follow);
    }

    private void follow(ClassInfo c) {
        Frame frame = Frame.of(c);
        decorated(c);
        for (Program.FieldInfo f : c.fields.values()) {
            String place = fieldPlace(c, f.name());
            places.root(place);
            declare(f.declared(), place, frame);
            if (f.initial() != null) {
                to(place, flow(f.initial(), frame));
            }
        }
        if (c.isRecord) {
            for (int i = 0; i < c.recordParts.size(); i++) {
                places.unite(fieldPlace(c, c.recordParts.get(i).name()), parameterPlace(constructorKey(c), i));
            }
        }
        c.operations.values().forEach(this::follow);
        c.setters.values().forEach(this::follow);
        c.inner.forEach(this::follow);
    }

    /** A function of the program's own that decorates a class, and gives it back as it is, is given it. */
    private void decorated(ClassInfo c) {
        decorated(new Program.OfClass(c), c.node.decorators(), c.module);
    }

    private void decorated(Symbol what, List<Expression> decorators, ModuleInfo m) {
        for (Expression d : decorators) {
            Expression named = d instanceof Code.Call call ? call.callee() : d;
            if (program.meaning(named, m, null) instanceof Program.OfFunction of && givesBack(of.function().node)) {
                String given = at("decorated", d.span());
                String value = symbol(what, d.span());
                if (value != null) {
                    places.held(given).addAll(places.held(value));
                }
                List<String> arguments = new ArrayList<>(List.of(given));
                String callee = flow(d, Frame.of(program, m));
                if (callee != null) {
                    String result = at("decorates", d.span());
                    places.root(result);
                    pending.add(new Pending(callee, CALL, arguments, Collections.singletonList(null), result));
                }
            }
        }
    }

    /** Whether a function, or one that it makes, gives back what it was given; what a class is replaced by is not it. */
    private static boolean givesBack(Code.Function f) {
        Set<String> given = f.parameters().stream().map(Code.Parameter::name).collect(Collectors.toSet());
        boolean[] back = new boolean[1];
        CodeWalk.through(f.body(), part -> {
            if (part instanceof Code.Function inner) {
                back[0] |= givesBack(inner);
                return false;
            }
            back[0] |= part instanceof Code.Return r && r.value() instanceof Code.Name n && given.contains(n.name());
            return !back[0];
        });
        return back[0];
    }

    private void follow(FunctionInfo o) {
        Frame frame = Frame.of(program, o);
        parameters(frame, keyOf(o), frame.parameters);
        String result = resultPlace(keyOf(o));
        places.root(result);
        declare(o.node.result(), result, frame);
        follow(o.node.body(), frame, result);
    }

    private void parameters(Frame frame, String key, List<Code.Parameter> parameters) {
        for (int i = 0; i < parameters.size(); i++) {
            Code.Parameter p = parameters.get(i);
            String place = parameterPlace(key, i);
            places.root(place);
            places.unite(place, localPlace(frame, p.name()));
            if (p.kind() == Code.Parameter.Kind.ALL || p.kind() == Code.Parameter.Kind.ALL_NAMED) {
                declare(p.declared(), places.element(place), frame);
            } else {
                declare(p.declared(), place, frame);
            }
            if (p.initial() != null) {
                to(place, flow(p.initial(), frame));
            }
        }
    }

    private void follow(List<Statement> body, Frame frame, @Nullable String result) {
        for (Statement s : body) {
            if (s instanceof Code.Return r && r.value() != null && result != null) {
                to(result, flow(r.value(), frame));
            } else if (s instanceof Code.If i) {
                flow(i.condition(), frame);
                follow(i.then(), frame, result);
                follow(i.otherwise(), frame, result);
            } else if (s instanceof Code.ForEach f) {
                bind(f.target(), f.container(), frame);
                follow(f.body(), frame, result);
            } else if (s instanceof Code.While w) {
                flow(w.condition(), frame);
                follow(w.body(), frame, result);
            } else if (s instanceof Code.Block b) {
                follow(b.body(), frame, result);
            } else if (s instanceof Code.Match m) {
                String subject = flow(m.subject(), frame);
                m.cases().forEach(c -> {
                    c.bound().forEach(n -> to(localPlace(frame, n), subject));
                    follow(c.body(), frame, result);
                });
            } else {
                follow(s, frame);
            }
        }
    }

    private void follow(Statement s, Frame frame) {
        if (s instanceof Code.Assign a) {
            assign(a, frame);
        } else if (s instanceof Code.Do d) {
            flow(d.value(), frame);
        } else if (s instanceof Code.Raise r && r.value() != null) {
            flow(r.value(), frame);
        } else if (s instanceof Code.Delete d) {
            flow(d.what(), frame);
        } else if (s instanceof Code.Function f) {
            String id = functionValue(f.span(), f.parameters(), frame, null, null, null, f.body());
            functionNames.put(id, f.name());
            places.held(localPlace(frame, f.name())).add(id);
        } else if (s instanceof Code.Return r && r.value() != null) {
            flow(r.value(), frame);
        } else if (s instanceof Code.If
                || s instanceof Code.ForEach
                || s instanceof Code.While
                || s instanceof Code.Block
                || s instanceof Code.Match) {
            follow(List.of(s), frame, null);
        }
    }

    private void assign(Code.Assign a, Frame frame) {
        String value = a.value() == null ? null : flow(a.value(), frame);
        if (a.target() instanceof Code.Display d) {
            for (int i = 0; i < d.items().size(); i++) {
                String item = target(d.items().get(i), frame);
                if (a.value() instanceof Code.Display all
                        && all.items().size() == d.items().size()) {
                    to(item, flow(all.items().get(i), frame));
                } else if (value != null) {
                    to(item, places.element(value));
                }
            }
            return;
        }
        String to = target(a.target(), frame);
        if (a.target() instanceof Code.Member m && value != null && !a.augmented()) {
            boolean ofItself = m.on() instanceof Code.Name n && frame.withSelf(n.name()) != null;
            String on = ofItself ? null : flow(m.on(), frame);
            if (on != null) {
                written.add(new Written(on, m.name(), value));
            }
        }
        if (to != null) {
            declare(a.declared(), to, frame);
            boolean adds = a.augmented() && a.value() instanceof Code.Display;
            if (!a.augmented() || adds) {
                to(to, value);
            }
        }
    }

    /** Something that is written to what stands under a name in an object. */
    private record Written(String on, String name, String value) {}

    private final Set<Written> written = new LinkedHashSet<>();

    /** What is written to a property of an object is handed to what writes it. */
    private void settleWritten() {
        for (Written w : written) {
            for (ClassInfo c : typesAt(w.on())) {
                FunctionInfo setter = setter(c, w.name());
                if (setter != null) {
                    places.lead(w.value(), parameterPlace(keyOf(setter), 0));
                } else if (program.declaring(c, w.name()) != null) {
                    places.lead(w.value(), fieldPlace(c, w.name()));
                }
            }
        }
    }

    /** Where something is assigned to; null for nowhere that is known. */
    private @Nullable String target(Expression e, Frame frame) {
        if (e instanceof Code.Element x) {
            String container = flow(x.container(), frame);
            if (x.index() != null) {
                flow(x.index(), frame);
            }
            return container == null ? null : places.element(container);
        }
        if (e instanceof Code.Member m) {
            Frame self = m.on() instanceof Code.Name n ? frame.withSelf(n.name()) : null;
            if (self != null && self.type != null) {
                FunctionInfo setter = setter(self.type, m.name());
                return setter != null ? parameterPlace(keyOf(setter), 0) : fieldPlace(self.type, m.name());
            }
        }
        return flow(e, frame);
    }

    private @Nullable FunctionInfo setter(ClassInfo c, String name) {
        return program.line(c).stream()
                .map(x -> x.setters.get(name))
                .filter(x -> x != null)
                .findFirst()
                .orElse(null);
    }

    private void to(@Nullable String place, @Nullable String value) {
        if (place != null && value != null) {
            places.lead(value, place);
        }
    }

    /** A loop's variable stands for each of what it goes through. */
    private void bind(Expression target, Expression container, Frame frame) {
        Program.targets(target).forEach(n -> frame.add(n.name()));
        Expression through = container;
        Expression item = target;
        if (target instanceof Code.Display d && !d.items().isEmpty()) {
            if (container instanceof Code.Call c
                    && isZip(c)
                    && c.arguments().size() == d.items().size()) {
                for (int i = 0; i < d.items().size(); i++) {
                    bind(d.items().get(i), c.arguments().get(i).value(), frame);
                }
                return;
            }
            boolean pairs = container instanceof Code.Call c
                    && (Program.lastName(c.callee()).equals("enumerate")
                            || Program.lastName(c.callee()).equals("items"));
            if (pairs) {
                Code.Call c = (Code.Call) container;
                through = c.callee() instanceof Code.Member m && m.name().equals("items")
                        ? m.on()
                        : c.arguments().isEmpty()
                                ? container
                                : c.arguments().get(0).value();
                item = d.items().get(d.items().size() - 1);
            } else {
                String all = flow(container, frame);
                if (all != null) {
                    String each = places.element(all);
                    d.items().forEach(i -> to(target(i, frame), places.element(each)));
                }
                return;
            }
        }
        String all = flow(through, frame);
        String each = target(item, frame);
        if (all != null && each != null) {
            gone(all, each);
        }
    }

    /** What is gone through: a container's elements, or those of what an own type's iterator gives. */
    private void gone(String all, String each) {
        places.lead(places.element(all), each);
    }

    private static boolean isZip(Code.Call c) {
        return c.callee() instanceof Code.Name n && n.name().equals("zip");
    }

    private void declare(@Nullable Expression declared, String place, Frame frame) {
        if (declared == null) {
            return;
        }
        Declared d = new Declared(program, frame.module, frame.type);
        Expression e = d.withoutNothing(declared);
        Expression content = d.content(e);
        if (content != null) {
            isA(dialect.container(Program.lastName(e)), place);
            Expression key = d.key(e);
            if (key != null && d.of(key) instanceof Program.OfLibrary l) {
                places.held(place).add(KEY + l.name());
            }
            declare(content, places.element(place), frame);
        } else if (d.of(e) instanceof Program.OfClass c) {
            places.declared(place).add(c.type().id);
        } else if (d.of(e) instanceof Program.OfLibrary l
                && dialect.simpleTypes().contains(l.name())) {
            places.held(place).add("=" + l.name());
        }
    }

    // expressions

    private static String at(String kind, Span span) {
        return kind + " " + span.file() + ":" + span.from() + "-" + span.to();
    }

    /** Where the value of an expression stands; null where that says nothing. */
    private @Nullable String flow(Expression e, Frame frame) {
        if (e instanceof Code.Name n) {
            return name(n, frame);
        } else if (e instanceof Code.Member m) {
            return member(m, frame);
        } else if (e instanceof Code.Call c) {
            return call(c, frame);
        } else if (e instanceof Code.Literal l) {
            String place = at("v", l.span());
            places.held(place).add("=" + dialect.typeOf(l));
            return place;
        } else if (e instanceof Code.Display d) {
            String place = at("v", d.span());
            String element = places.element(place);
            d.keys().forEach(k -> flow(k, frame));
            for (Expression i : d.items()) {
                String item = flow(i, frame);
                // all of another one
                boolean all = i instanceof Code.Element x && x.index() == null && item != null;
                to(element, all ? places.element(item) : item);
            }
            isA(dialect.container(d.kind()), place);
            d.keys().stream()
                    .filter(Literal.class::isInstance)
                    .limit(1)
                    .forEach(k -> places.held(place).add(KEY + dialect.typeOf((Literal) k)));
            return place;
        } else if (e instanceof Code.Lambda l) {
            String place = at("v", l.span());
            places.held(place)
                    .add(functionValue(
                            l.span(),
                            l.parameters(),
                            frame,
                            null,
                            null,
                            null,
                            List.of(new Code.Return(l.body(), l.body().span()))));
            return place;
        } else if (e instanceof Code.Closure l) {
            String place = at("v", l.span());
            places.held(place).add(functionValue(l.span(), l.parameters(), frame, null, null, null, l.body()));
            return place;
        } else if (e instanceof Code.Choice c) {
            flow(c.condition(), frame);
            String place = at("v", c.span());
            to(place, flow(c.then(), frame));
            to(place, flow(c.otherwise(), frame));
            return place;
        } else if (e instanceof Code.Element x) {
            String container = flow(x.container(), frame);
            if (x.index() != null) {
                flow(x.index(), frame);
            }
            return container == null ? null : x.index() == null ? container : places.element(container);
        } else if (e instanceof Code.Comprehension c) {
            c.clauses().forEach(x -> bind(x.target(), x.container(), frame));
            c.conditions().forEach(x -> flow(x, frame));
            String place = at("v", c.span());
            to(places.element(place), flow(c.element(), frame));
            isA(dialect.container(c.kind()), place);
            return place;
        } else if (e instanceof Code.Made made) {
            List<String> arguments = new ArrayList<>();
            List<String> names = new ArrayList<>();
            for (Code.Argument a : made.arguments()) {
                arguments.add(flow(a.value(), frame));
                names.add(a.name());
            }
            String result = at("v", made.span());
            places.root(result);
            called(new Program.OfClass(program.made(made)), arguments, names, result, made.asCall());
            return result;
        } else if (e instanceof Code.Assigned a) {
            frame.add(a.target().name());
            String value = flow(a.value(), frame);
            to(localPlace(frame, a.target().name()), value);
            return value;
        } else if (e instanceof Code.Operation o) {
            return operation(o, frame);
        } else if (e instanceof Code.Other o) {
            o.inside().forEach(x -> flow(x, frame));
        }
        return null;
    }

    private @Nullable String operation(Code.Operation o, Frame frame) {
        List<String> inside = new ArrayList<>();
        o.operands().forEach(x -> inside.add(flow(x, frame)));
        boolean oneOf = o.operator().equals("or") || o.operator().equals("and");
        boolean joined = o.operator().equals("+") && o.operands().stream().anyMatch(Code.Display.class::isInstance);
        if (oneOf || joined) {
            String place = at("v", o.span());
            inside.forEach(p -> to(place, p));
            return place;
        }
        return null;
    }

    private @Nullable String name(Code.Name n, Frame frame) {
        Frame self = frame.withSelf(n.name());
        if (self != null && self.type != null) {
            String place = "self " + self.key;
            if (self.selfIsClass && isToldOfClassesBelow(self)) {
                program.classes.values().stream()
                        .filter(c -> c != self.type && program.isBelow(c, self.type))
                        .forEach(c -> places.held(place)
                                .add(functionValue(
                                        c.node.span(),
                                        List.of(),
                                        null,
                                        null,
                                        new Program.OfClass(c),
                                        null,
                                        List.of())));
                return at("v", n.span(), place);
            }
            if (self.selfIsClass) {
                places.held(place)
                        .add(functionValue(
                                n.span(), List.of(), null, null, new Program.OfClass(self.type), null, List.of()));
                return null;
            }
            places.held(place).add(self.type.id);
            places.declared(place).add(self.type.id);
            return at("v", n.span(), place);
        }
        Frame holding = frame.holding(n.name());
        if (holding != null) {
            return localPlace(holding, n.name());
        }
        return symbol(symbolOf(n, frame), n.span());
    }

    private boolean isToldOfClassesBelow(Frame self) {
        String operation = dialect.toldOfClassesBelow();
        return !operation.isEmpty()
                && self.type != null
                && self.type.operations.containsKey(operation)
                && self.key.equals(self.type.operations.get(operation).id);
    }

    /** The object itself is handed on as it is, but what else stands there is not asked of it. */
    private String at(String kind, Span span, String self) {
        String place = at(kind, span);
        places.held(place).addAll(places.held(self));
        return place;
    }

    Symbol symbolOf(Expression e, Frame frame) {
        if (e instanceof Code.Name n) {
            Symbol s = frame.imported(n.name());
            if (s != null) {
                return s;
            }
        } else if (e instanceof Code.Member m
                && m.on() instanceof Code.Name n
                && frame.imported(n.name()) instanceof Program.OfModule o) {
            Symbol s = o.module().names.get(m.name());
            return s == null ? new Program.Missing(m.name()) : s;
        }
        return program.meaning(e, frame.module, frame.type);
    }

    private @Nullable String symbol(Symbol s, Span span) {
        if (s instanceof Program.OfVariable v) {
            return variablePlace(v.module(), v.name());
        }
        String place = at("v", span);
        if (s instanceof Program.OfClass c) {
            places.held(place).add(functionValue(c.type().node.span(), List.of(), null, null, c, null, List.of()));
            return place;
        }
        if (s instanceof Program.OfFunction f) {
            places.held(place)
                    .add(functionValue(
                            f.function().node.span(),
                            f.function().parameters(dialect),
                            null,
                            null,
                            f,
                            f.function(),
                            List.of()));
            return place;
        }
        return null;
    }

    private @Nullable String member(Code.Member m, Frame frame) {
        if (m.on() instanceof Code.Name n && frame.holding(n.name()) == null) {
            Frame self = frame.withSelf(n.name());
            if (self != null && self.type != null) {
                return memberOf(self.type, m, frame);
            }
            Symbol s = symbolOf(m, frame);
            if (!(s instanceof Program.Missing)) {
                return symbol(s, m.span());
            }
            if (symbolOf(n, frame) instanceof Program.OfClass c) {
                return memberOf(c.type(), m, frame);
            }
        }
        if (isAbove(m.on())) {
            return null;
        }
        String on = flow(m.on(), frame);
        String place = at("v", m.span());
        places.root(place);
        if (on != null) {
            pending.add(new Pending(on, m.name(), List.of(), List.of(), place));
            bounds.put(place, m);
            frames.put(place, frame);
        }
        return place;
    }

    /** Members that are read of something, and where. */
    private final Map<String, Code.Member> bounds = new HashMap<>();

    private final Map<String, Frame> frames = new HashMap<>();

    private @Nullable String memberOf(ClassInfo c, Code.Member m, Frame frame) {
        FunctionInfo o = program.operation(c, m.name()).orElse(null);
        if (program.declaring(c, m.name()) != null || o == null) {
            return fieldPlace(c, m.name());
        }
        if (o.isProperty) {
            return resultPlace(keyOf(o));
        }
        String place = at("v", m.span());
        places.held(place).add(functionValue(m.span(), o.parameters(dialect), frame, m.on(), null, o, List.of()));
        return place;
    }

    private boolean isAbove(Expression e) {
        return e instanceof Code.Call c
                && c.callee() instanceof Code.Name n
                && n.name().equals(dialect.above());
    }

    // calls

    private @Nullable String call(Code.Call c, Frame frame) {
        List<String> arguments = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (Code.Argument a : c.arguments()) {
            String value = flow(a.value(), frame);
            arguments.add(a.spread() && value != null ? places.element(value) : value);
            names.add(a.name());
        }
        String result = at("v", c.span());
        places.root(result);
        if (c.callee() instanceof Code.Member m) {
            if (isAbove(m.on()) && frame.type != null || isAbove(m.on())) {
                Frame self = within(frame);
                if (self != null && self.type != null) {
                    if (m.name().equals("__new__")) {
                        places.held(result).add(self.type.id);
                    }
                    above(self.type, m.name()).ifPresent(o -> pass(o, arguments, names, result));
                }
                return result;
            }
            return callOf(m, c, arguments, names, result, frame);
        }
        if (c.callee() instanceof Code.Name n && frame.holding(n.name()) == null) {
            Frame self = frame.withSelf(n.name());
            Symbol s = self != null && self.selfIsClass && self.type != null
                    ? new Program.OfClass(self.type)
                    : symbolOf(n, frame);
            if (called(s, arguments, names, result, c)) {
                return result;
            }
            if (s instanceof Program.OfLibrary l) {
                return library(l.name(), c, arguments, result);
            }
        }
        String callee = flow(c.callee(), frame);
        if (callee != null) {
            pending.add(new Pending(callee, CALL, arguments, names, result));
        }
        return result;
    }

    static @Nullable Frame within(Frame frame) {
        for (Frame f = frame; f != null; f = f.outer) {
            if (!f.self.isEmpty()) {
                return f;
            }
        }
        return null;
    }

    /** The operation that is asked past the own one. */
    Optional<FunctionInfo> above(ClassInfo c, String name) {
        return program.line(c).stream()
                .skip(1)
                .map(x -> x.operations.get(name))
                .filter(o -> o != null)
                .findFirst();
    }

    private boolean called(Symbol s, List<String> arguments, List<String> names, String result, Code.Call c) {
        if (s instanceof Program.OfClass type) {
            places.held(result).add(type.type().id);
            FunctionInfo constructor =
                    program.operation(type.type(), dialect.constructor()).orElse(null);
            if (constructor != null) {
                pass(constructor, arguments, names, null);
            } else {
                ClassInfo record = program.line(type.type()).stream()
                        .filter(x -> x.isRecord)
                        .findFirst()
                        .orElse(null);
                if (record != null) {
                    pass(constructorKey(record), record.recordParts, arguments, names);
                }
            }
            FunctionInfo maker = program.operation(type.type(), "__new__").orElse(null);
            if (maker != null) {
                pass(maker, arguments, names, null);
            }
            return true;
        }
        if (s instanceof Program.OfFunction f) {
            pass(f.function(), arguments, names, result);
            return true;
        }
        return false;
    }

    private @Nullable String callOf(
            Code.Member m, Code.Call c, List<String> arguments, List<String> names, String result, Frame frame) {
        if (m.on() instanceof Code.Name n && frame.holding(n.name()) == null) {
            Frame self = frame.withSelf(n.name());
            if (self != null && self.type != null) {
                return callOn(self.type, m, c, arguments, names, result, frame);
            }
            Symbol s = symbolOf(m, frame);
            if (called(s, arguments, names, result, c)) {
                return result;
            }
            if (s instanceof Program.OfLibrary l) {
                return library(l.name(), c, arguments, result);
            }
            if (symbolOf(n, frame) instanceof Program.OfClass type) {
                return callOn(type.type(), m, c, arguments, names, result, frame);
            }
        }
        String receiver = flow(m.on(), frame);
        if (receiver != null) {
            pending.add(new Pending(receiver, m.name(), arguments, names, result));
        }
        return result;
    }

    private String callOn(
            ClassInfo type,
            Code.Member m,
            Code.Call c,
            List<String> arguments,
            List<String> names,
            String result,
            Frame frame) {
        FunctionInfo o = program.operation(type, m.name()).orElse(null);
        if (o == null && m.name().equals("__new__")) {
            places.held(result).add(type.id);
            return result;
        }
        if (o != null && !o.isProperty) {
            boolean explicit = m.on() instanceof Code.Name n
                    && frame.withSelf(n.name()) == null
                    && o.takesSelf(dialect)
                    && !o.isOfClass;
            // the operation of a class that is named is told the object, too
            int skip = explicit && !arguments.isEmpty() ? 1 : 0;
            pass(o, arguments.subList(skip, arguments.size()), names.subList(skip, names.size()), result);
            return result;
        }
        String callee = o != null ? resultPlace(keyOf(o)) : fieldPlace(type, m.name());
        pending.add(new Pending(callee, CALL, arguments, names, result));
        return result;
    }

    /** Whether what stands where an expression is got from is kept weakly. */
    boolean isWeak(Expression e, Frame frame) {
        return e instanceof Code.Name n
                && frame.holding(n.name()) != null
                && places.held(localPlace(frame, n.name())).contains(WEAK);
    }

    private @Nullable String library(String name, Code.Call c, List<String> arguments, String result) {
        FunctionUse use = dialect.function(name);
        String first = arguments.isEmpty() ? null : arguments.get(0);
        if (use == FunctionUse.CONTAINER || use == FunctionUse.COPY) {
            isA(dialect.container(name.substring(name.lastIndexOf('.') + 1)), result);
        }
        switch (use) {
            case CONTAINER -> places.element(result);
            case COPY, VIEW -> {
                String element = places.element(result);
                if (first != null) {
                    gone(first, element);
                }
            }
            case PICK -> {
                if (first != null && arguments.size() == 1) {
                    gone(first, result);
                }
            }
            case APPLIES -> {
                String second = arguments.size() < 2 ? null : arguments.get(1);
                if (first != null && second != null) {
                    List<String> each = new ArrayList<>();
                    each.add(places.element(second));
                    pending.add(new Pending(
                            first,
                            CALL,
                            each,
                            Collections.singletonList(null),
                            name.equals("map") ? places.element(result) : result));
                    if (name.equals("filter")) {
                        to(places.element(result), places.element(second));
                    }
                }
            }
            default -> {
                // what is kept weakly, deferred or wrapped is given out again by being called
                if (use == FunctionUse.SAME && first != null) {
                    to(result, first);
                }
                if (use == FunctionUse.WEAK && first != null) {
                    to(result, first);
                    places.held(result).add(WEAK);
                }
            }
        }
        return result;
    }

    private void pass(FunctionInfo o, List<String> arguments, List<String> names, @Nullable String result) {
        pass(keyOf(o), o.parameters(dialect), arguments, names);
        if (result != null) {
            places.lead(resultPlace(keyOf(o)), result);
        }
    }

    private void pass(String key, List<Code.Parameter> parameters, List<String> arguments, List<String> names) {
        for (int i = 0; i < arguments.size(); i++) {
            int at = index(parameters, i, names.get(i));
            if (at >= 0 && arguments.get(i) != null) {
                Code.Parameter.Kind kind =
                        at < parameters.size() ? parameters.get(at).kind() : Code.Parameter.Kind.USUAL;
                String place = parameterPlace(key, at);
                boolean all = kind == Code.Parameter.Kind.ALL || kind == Code.Parameter.Kind.ALL_NAMED;
                places.lead(arguments.get(i), all ? places.element(place) : place);
            }
        }
    }

    /** Which parameter an argument is for; -1 where there is none. */
    static int index(List<Code.Parameter> parameters, int place, @Nullable String name) {
        for (int i = 0; i < parameters.size(); i++) {
            Code.Parameter p = parameters.get(i);
            if (name != null ? p.name().equals(name) : p.kind() == Code.Parameter.Kind.ALL && place >= i) {
                return i;
            }
        }
        if (name != null) {
            for (int i = 0; i < parameters.size(); i++) {
                if (parameters.get(i).kind() == Code.Parameter.Kind.ALL_NAMED) {
                    return i;
                }
            }
            return -1;
        }
        return place < parameters.size() ? place : -1;
    }

    /** A function as a value; the same text is the same one. */
    private String functionValue(
            Span span,
            List<Code.Parameter> parameters,
            @Nullable Frame around,
            @Nullable Expression bound,
            @Nullable Symbol named,
            @Nullable FunctionInfo operation,
            List<Statement> body) {
        String id = functionId(span);
        if (functions.containsKey(id)) {
            return id;
        }
        Frame frame = body.isEmpty() || around == null ? around : around.inside(program, id, parameters, body);
        functions.put(id, new FunctionValue(id, span, parameters, frame, bound, named, operation, body));
        if (!body.isEmpty() && frame != null) {
            parameters(frame, id, parameters);
            follow(body, frame, resultPlace(id));
        } else if (operation != null) {
            for (int i = 0; i < parameters.size(); i++) {
                places.lead(parameterPlace(id, i), parameterPlace(keyOf(operation), i));
            }
            places.lead(resultPlace(keyOf(operation)), resultPlace(id));
        } else if (named instanceof Program.OfClass c) {
            places.held(resultPlace(id)).add(c.type().id);
            program.operation(c.type(), dialect.constructor()).ifPresent(o -> {
                List<Code.Parameter> all = o.parameters(dialect);
                for (int i = 0; i < all.size(); i++) {
                    places.lead(parameterPlace(id, i), parameterPlace(keyOf(o), i));
                }
            });
        }
        return id;
    }

    static String functionId(Span span) {
        return "lambda:" + span.file() + ":" + span.from();
    }

    // whose operation it is, once it is known what stands there

    private void settle(boolean last) {
        for (Pending p : List.copyOf(pending)) {
            settle(p, last);
        }
    }

    private void settle(Pending p, boolean last) {
        String receiver = p.receiver();
        Set<String> held = Set.copyOf(places.held(receiver));
        if (p.name().equals(CALL) && p.arguments().isEmpty() && held.contains(WEAK)) {
            // what is kept weakly is got at so
            to(p.result(), receiver);
            return;
        }
        for (String id : held) {
            if (p.name().equals(CALL) && functions.containsKey(id)) {
                FunctionValue f = functions.get(id);
                pass(id, f == null ? List.of() : f.parameters(), p.arguments(), p.names());
                if (f != null && f.parameters().isEmpty()) {
                    for (int i = 0; i < p.arguments().size(); i++) {
                        to(parameterPlace(id, i), p.arguments().get(i));
                    }
                }
                to(p.result(), resultPlace(id));
            }
        }
        List<ClassInfo> types = typesAt(receiver);
        if (p.name().equals(CALL)) {
            places.asked(receiver).add(CALL);
            arities.computeIfAbsent(places.root(receiver), k -> new TreeSet<>())
                    .add(String.valueOf(p.arguments().size()));
        }
        boolean own = false;
        Code.Member member = bounds.get(p.result());
        for (ClassInfo c : types) {
            FunctionInfo o = program.operation(c, p.name()).orElse(null);
            if (o != null) {
                own = true;
                if (member != null && !o.isProperty) {
                    places.held(p.result())
                            .add(functionValue(
                                    member.span(),
                                    o.parameters(dialect),
                                    frames.get(p.result()),
                                    member.on(),
                                    null,
                                    o,
                                    List.of()));
                } else {
                    pass(o, p.arguments(), p.names(), p.result());
                }
            } else if (program.declaring(c, p.name()) != null) {
                own = true;
                if (member != null) {
                    to(p.result(), fieldPlace(c, p.name()));
                } else {
                    String callee = fieldPlace(c, p.name());
                    places.asked(callee).add(CALL);
                }
            }
        }
        ContainerUse use = dialect.use(p.name());
        if (!own && member == null && use == ContainerUse.NONE && isOpenMap(receiver)) {
            if (opened.add(p)) {
                pending.add(new Pending(places.element(receiver), CALL, p.arguments(), p.names(), p.result()));
            }
        } else if (!own && member == null) {
            if (use == ContainerUse.NONE
                    || types.isEmpty() && !program.withOperation(p.name()).isEmpty() && !places.isContainer(receiver)) {
                places.asked(receiver).add(p.name());
            } else {
                contained(use, p);
            }
        } else if (own && member == null) {
            places.asked(receiver).add(p.name());
        } else if (!own && isOpenMap(receiver)) {
            // what stands under a name in it
            to(p.result(), places.element(receiver));
        } else if (!own && last) {
            byField(p);
        }
        if (types.isEmpty() && !places.isContainer(receiver)) {
            guess(p, member);
        }
    }

    private final Set<Pending> opened = new LinkedHashSet<>();

    /** Whether it is a map whose keys are names that are read like fields. */
    private boolean isOpenMap(String place) {
        return dialect.hasOpenMaps()
                && places.held(place).contains(CONTAINER + dialect.container(Code.Display.Kind.MAP));
    }

    /** The same of a type. */
    boolean isOpenMap(TypeRef type) {
        return dialect.hasOpenMaps() && type.many() && type.type().equals(dialect.container(Code.Display.Kind.MAP));
    }

    private void byField(Pending p) {
        List<ClassInfo> with = program.withField(p.name());
        if (with.size() == 1) {
            to(p.result(), fieldPlace(with.get(0), p.name()));
        }
    }

    /** Of what nothing is known than what it is asked, the types that can be asked all of it. */
    private void guess(Pending p, Code.@Nullable Member member) {
        Set<String> asked = places.asked(p.receiver());
        if (asked.isEmpty() || places.held(p.receiver()).stream().anyMatch(h -> h.startsWith("="))) {
            return;
        }
        for (ClassInfo c : fitting(asked)) {
            program.operation(c, p.name()).ifPresent(o -> {
                if (member == null) {
                    pass(o, p.arguments(), p.names(), p.result());
                }
            });
        }
    }

    private List<ClassInfo> fitting(Set<String> asked) {
        List<ClassInfo> first = program.withOperation(asked.iterator().next());
        return program.classes.values().stream()
                .filter(c -> program.operationsOf(c).containsAll(asked))
                .filter(c -> !first.isEmpty())
                .toList();
    }

    private void contained(ContainerUse use, Pending p) {
        String element = places.element(p.receiver());
        List<String> given = p.arguments();
        String last = given.isEmpty() ? null : given.get(given.size() - 1);
        switch (use) {
            case PUT, PUT_AT -> to(element, last);
            case REMOVE -> {
                if (last != null) {
                    places.compare(last, element);
                }
            }
            case PUT_ALL -> {
                if (last != null) {
                    to(element, places.element(last));
                }
            }
            case TAKE, PICK -> {
                to(p.result(), element);
                if (given.size() == 2) {
                    to(p.result(), given.get(1));
                }
            }
            case VIEW, COPY -> to(places.element(p.result()), element);
            default -> {}
        }
    }

    /** The own types of which objects stand in a place, or are declared to. */
    /** The classes whose objects a field may hold. */
    List<ClassInfo> classesIn(ClassInfo c, String field) {
        return typesAt(fieldPlace(c, field));
    }

    private List<ClassInfo> typesAt(String place) {
        Set<ClassInfo> found = new LinkedHashSet<>();
        places.declared(place).forEach(id -> add(id, found));
        places.held(place).forEach(id -> add(id, found));
        return List.copyOf(found);
    }

    private void add(String id, Set<ClassInfo> into) {
        ClassInfo c = program.classes.get(id);
        if (c != null) {
            into.add(c);
        }
    }

    // places

    String fieldPlace(ClassInfo c, String field) {
        ClassInfo owner = program.declaring(c, field);
        return "field " + (owner == null ? c : owner).id + "." + field;
    }

    static String variablePlace(ModuleInfo m, String name) {
        return "field " + m.id() + "." + name;
    }

    private String localPlace(Frame frame, String name) {
        Frame holding = frame.holding(name);
        if (holding == null) {
            return frame.outer == null && frame.key.equals(frame.module.id())
                            || frame.module.variables.containsKey(name)
                    ? variablePlace(frame.module, name)
                    : "local " + frame.key + " " + name;
        }
        return "local " + holding.key + " " + name;
    }

    /** Overriding operations are one with what they override. */
    String keyOf(FunctionInfo o) {
        if (o.type == null || o.isConstructor) {
            return o.id;
        }
        String suffix = o.isSetter ? "=" : "";
        ClassInfo top = o.type;
        for (ClassInfo c : program.line(o.type)) {
            if (c.operations.containsKey(o.node.name()) || c.setters.containsKey(o.node.name())) {
                top = c;
            }
        }
        return top.id + "#" + o.node.name() + suffix;
    }

    private String constructorKey(ClassInfo c) {
        return program.operation(c, dialect.constructor()).map(this::keyOf).orElse(c.id + "#" + dialect.constructor());
    }

    static String parameterPlace(String key, int index) {
        return "parameter " + key + " " + index;
    }

    static String resultPlace(String key) {
        return "result " + key;
    }

    // types

    TypeRef ofField(ClassInfo c, String field) {
        return of(fieldPlace(c, field), 0);
    }

    TypeRef ofVariable(ModuleInfo m, String name) {
        return of(variablePlace(m, name), 0);
    }

    /** What was found out to be one of several kinds before it is handed on is what the parameter says. */
    TypeRef ofParameter(FunctionInfo o, int index) {
        TypeRef found = of(parameterPlace(keyOf(o), index), 0);
        List<Code.Parameter> parameters = o.parameters(dialect);
        Expression declared = index < parameters.size() ? parameters.get(index).declared() : null;
        ClassInfo wide = program.classes.get(found.type());
        if (declared != null && wide != null) {
            Declared d = new Declared(program, o.module, o.type);
            if (d.of(d.withoutNothing(declared)) instanceof Program.OfClass said
                    && said.type() != wide
                    && program.isBelow(said.type(), wide)) {
                return ref(said.type());
            }
        }
        return found;
    }

    TypeRef ofRecordPart(ClassInfo c, int index) {
        return of(parameterPlace(constructorKey(c), index), 0);
    }

    TypeRef ofParameter(FunctionValue f, int index) {
        return of(parameterPlace(f.id(), index), 0);
    }

    TypeRef ofResult(FunctionInfo o) {
        return of(resultPlace(keyOf(o)), 0);
    }

    TypeRef ofResult(FunctionValue f) {
        return of(resultPlace(f.id()), 0);
    }

    /** The type of what an expression of a body that was followed gives. */
    TypeRef typeOf(Expression e, Frame frame) {
        if (e instanceof Code.Name n) {
            Frame self = frame.withSelf(n.name());
            if (self != null && self.type != null) {
                return TypeRef.of(self.type.id, self.type.name);
            }
            if (frame.holding(n.name()) != null) {
                return of(localPlace(frame, n.name()), 0);
            }
            return symbolOf(n, frame) instanceof Program.OfVariable v ? ofVariable(v.module(), v.name()) : ANY;
        }
        if (e instanceof Code.Member m) {
            Frame self = m.on() instanceof Code.Name n ? frame.withSelf(n.name()) : null;
            if (self != null && self.type != null) {
                FunctionInfo o = program.operation(self.type, m.name()).orElse(null);
                return o != null && o.isProperty ? ofResult(o) : ofField(self.type, m.name());
            }
            if (symbolOf(m, frame) instanceof Program.OfVariable v) {
                return ofVariable(v.module(), v.name());
            }
        }
        if (e instanceof Code.Element x && x.index() != null) {
            TypeRef container = typeOf(x.container(), frame);
            return container.contents().isEmpty() ? ANY : container.contents().get(0);
        }
        if (e instanceof Code.Assigned a) {
            return typeOf(a.value(), frame);
        }
        return of(at("v", e.span()), 0);
    }

    private TypeRef of(String place, int depth) {
        String root = places.root(place);
        if (places.isContainer(root) && depth < 4 && typesAt(root).isEmpty()) {
            TypeRef content = of(places.element(root), depth + 1);
            String kind = kept(root, CONTAINER, dialect.container(Code.Display.Kind.LIST));
            if (kind.equals(dialect.container(Code.Display.Kind.MAP))) {
                String key = kept(root, KEY, ANY.type());
                List<TypeRef> both = List.of(TypeRef.of(key, key), content);
                return new TypeRef(kind, kind + " of " + content.text(), List.of(content), true, both);
            }
            return new TypeRef(kind, "list of " + content.text(), List.of(content), true, List.of(content));
        }
        if (!resolved.containsKey(root)) {
            resolve(root);
        }
        return resolved.getOrDefault(root, ANY);
    }

    /** What is noted of a container in some way; the other where nothing is. */
    private String kept(String root, String mark, String otherwise) {
        return places.held(root).stream()
                .filter(h -> h.startsWith(mark))
                .map(h -> h.substring(mark.length()))
                .findFirst()
                .orElse(otherwise);
    }

    private void isA(String container, String place) {
        places.held(place).add(CONTAINER + container);
    }

    private void resolve(String root) {
        if (resolved.containsKey(root)) {
            return;
        }
        resolved.put(root, ANY);
        List<ClassInfo> declared = places.declared(root).stream()
                .map(program.classes::get)
                .filter(c -> c != null)
                .toList();
        Set<String> asked = new LinkedHashSet<>(places.asked(root));
        Set<String> held = places.held(root);
        List<ClassInfo> own =
                held.stream().map(program.classes::get).filter(c -> c != null).toList();
        if (!declared.isEmpty()) {
            ClassInfo top = declared.stream()
                    .filter(d -> declared.stream().allMatch(x -> program.isBelow(x, d)))
                    .findFirst()
                    .orElse(declared.get(0));
            resolved.put(root, ref(top));
            return;
        }
        if (asked.contains(CALL) && own.isEmpty()) {
            function(root, asked, held);
            return;
        }
        asked.retainAll(namesOfOwnOperations());
        List<ClassInfo> candidates = own;
        boolean simple = held.stream().anyMatch(h -> h.startsWith("=") && !h.equals(WEAK));
        if (candidates.isEmpty() && !asked.isEmpty() && !simple) {
            candidates = fitting(asked);
        }
        if (candidates.isEmpty()) {
            List<String> known = held.stream()
                    .filter(h -> h.startsWith("=") && !h.equals(WEAK))
                    .map(h -> h.substring(1))
                    .toList();
            if (known.size() == 1) {
                resolved.put(root, TypeRef.of(known.get(0), known.get(0)));
            }
            return;
        }
        TypeRef wider =
                root.startsWith("parameter ") || places.isOf(root, "parameter ") ? wider(root, candidates) : null;
        ClassInfo common = common(candidates, asked);
        if (wider != null) {
            Implied i = impliedAs(wider.type());
            if (i != null) {
                i.operations().addAll(asked);
            }
            resolved.put(root, wider);
        } else if (common != null) {
            resolved.put(root, ref(kept(root, common)));
        } else if (!asked.isEmpty()) {
            imply(root, asked, candidates);
        } else if (candidates.size() > 1) {
            // nothing is asked of them, though all could be asked the same
            Set<String> shared = new TreeSet<>(program.operationsOf(candidates.get(0)));
            candidates.forEach(c -> shared.retainAll(program.operationsOf(c)));
            shared.remove(dialect.constructor());
            shared.removeAll(dialect.universal());
            if (!shared.isEmpty()) {
                imply(root, shared, candidates);
            }
        }
    }

    /**
     * What is handed to where others come to stand as well is there as one of them; so is what an operation takes under the name
     * by which another operation of its class takes all of them.
     */
    private @Nullable TypeRef wider(String root, List<ClassInfo> candidates) {
        List<String> others = new ArrayList<>(places.ends(root));
        others.addAll(namesakes().getOrDefault(root, List.of()));
        for (String other : others) {
            resolve(places.root(other));
            TypeRef there = resolved.getOrDefault(places.root(other), ANY);
            Implied i = impliedAs(there.type());
            ClassInfo c = program.classes.get(there.type());
            boolean fits = i != null
                    ? candidates.stream().allMatch(x -> i.realisedBy().contains(x.id))
                    : c != null && candidates.stream().allMatch(x -> x != c && program.isBelow(x, c));
            if (fits) {
                return there;
            }
        }
        return null;
    }

    private @Nullable Map<String, List<String>> namesakes;

    /** The parameters of the same name that other operations of a class have, by where a parameter's value stands. */
    private Map<String, List<String>> namesakes() {
        Map<String, List<String>> known = namesakes;
        if (known == null) {
            known = new HashMap<>();
            for (ClassInfo c : program.classes.values()) {
                Map<String, List<String>> byName = new HashMap<>();
                for (FunctionInfo o : c.operations.values()) {
                    List<Code.Parameter> all = o.parameters(dialect);
                    for (int i = 0; !o.isConstructor && i < all.size(); i++) {
                        byName.computeIfAbsent(all.get(i).name(), k -> new ArrayList<>())
                                .add(places.root(parameterPlace(keyOf(o), i)));
                    }
                }
                for (List<String> alike : byName.values()) {
                    for (String root : alike) {
                        known.computeIfAbsent(root, k -> new ArrayList<>()).addAll(alike);
                    }
                }
            }
            namesakes = known;
        }
        return known;
    }

    /** What a class passes on by the same names makes it and the one it passes it to alike. */
    private void passedOn(ClassInfo c) {
        for (Program.FieldInfo f : c.fields.values()) {
            String root = places.root(fieldPlace(c, f.name()));
            List<ClassInfo> own = typesAt(root);
            if (own.size() != 1
                    || own.get(0) == c
                    || places.isContainer(root)
                    || common(List.of(c, own.get(0)), Set.of()) != null) {
                continue;
            }
            Set<String> passed = new TreeSet<>();
            for (FunctionInfo o : c.operations.values()) {
                boolean both = program.operation(own.get(0), o.node.name()).isPresent();
                if (both && !o.isConstructor && !dialect.universal().contains(o.node.name()) && asks(o, f.name())) {
                    passed.add(o.node.name());
                }
            }
            if (!passed.isEmpty()) {
                imply(root, passed, List.of(c, own.get(0)));
            }
        }
    }

    /** Whether a body asks what stands in a field of its object for the operation of its own name. */
    private static boolean asks(FunctionInfo o, String field) {
        return o.node.body()
                        .toString()
                        .contains("on=Member[on=Name[name="
                                + o.node.parameters().stream()
                                        .findFirst()
                                        .map(Code.Parameter::name)
                                        .orElse("?"))
                && o.node.body().stream().anyMatch(s -> mentions(s.toString(), field, o.node.name()));
    }

    private static boolean mentions(String written, String field, String operation) {
        String plain = written.replaceAll(", span=Span\\[[^]]*]", "");
        return plain.contains("name=" + field + "], name=" + operation + "]");
    }

    private Set<String> names;

    private Set<String> namesOfOwnOperations() {
        if (names == null) {
            names = new TreeSet<>();
            program.classes.values().forEach(c -> names.addAll(c.operations.keySet()));
        }
        return names;
    }

    private static TypeRef ref(ClassInfo c) {
        return TypeRef.of(c.id, c.name);
    }

    /** The one type, or the nearest that all of them have above them; null where there is none. */
    private @Nullable ClassInfo common(List<ClassInfo> candidates, Set<String> asked) {
        List<ClassInfo> shared = program.line(candidates.get(0)).stream()
                .filter(a -> candidates.stream().allMatch(c -> program.isBelow(c, a)))
                .toList();
        return shared.stream()
                .filter(a -> program.operationsOf(a).containsAll(asked))
                // nobody says what it is: then it is whatever can be asked so much
                .reduce((near, far) -> asked.isEmpty() ? near : far)
                .or(() -> shared.stream().findFirst())
                .orElse(null);
    }

    /** What is kept, or handed over, is kept as what its class is an example of. */
    private @Nullable ClassInfo kept(String root, ClassInfo found) {
        boolean open = places.aliases(root).stream()
                .anyMatch(p -> p.startsWith("element ") || p.startsWith("field ") || p.startsWith("parameter "));
        return open && places.asked(root).isEmpty()
                ? program.line(found).stream()
                        .filter(c -> c != found)
                        .filter(c -> c.isPromise
                                || c.isAbstractByName
                                || c.operations.values().stream().anyMatch(o -> o.isAbstract))
                        .findFirst()
                        .orElse(found)
                : found;
    }

    private void function(String root, Set<String> asked, Set<String> held) {
        Set<String> realised = new TreeSet<>();
        held.stream().filter(functions::containsKey).forEach(realised::add);
        for (String end : places.ends(root)) {
            // what is handed to where others come to stand as well is there as one of them
            resolve(places.root(end));
            Implied there =
                    impliedAs(resolved.getOrDefault(places.root(end), ANY).type());
            if (there != null && there.isFunction() && there.realisedBy().containsAll(realised)) {
                resolved.put(root, TypeRef.of(there.id(), there.name()));
                return;
            }
        }
        String key = "function " + (realised.isEmpty() ? root : realised);
        int known = Integer.parseInt(
                arities.getOrDefault(root, Set.of("0")).iterator().next());
        int arity = realised.stream()
                .map(functions::get)
                .filter(f -> !f.parameters().isEmpty())
                .map(f -> (int) f.parameters().stream()
                        .filter(p -> p.initial() == null && p.kind() == Code.Parameter.Kind.USUAL)
                        .count())
                .findFirst()
                .orElse(known);
        Implied i = implied.get(key);
        if (i == null) {
            i = new Implied(
                    "implied:" + implied.size(),
                    unique("what " + owner(root) + " calls"),
                    Set.of(CALL),
                    realised,
                    true,
                    arity);
            implied.put(key, i);
        }
        resolved.put(root, TypeRef.of(i.id(), i.name()));
    }

    private void imply(String root, Set<String> asked, List<ClassInfo> candidates) {
        Set<String> realised = new TreeSet<>();
        candidates.forEach(c -> realised.add(c.id));
        List<ClassInfo> fitting = fitting(asked);
        fitting.forEach(c -> realised.add(c.id));
        // one abstraction for those who stand together, with all that they are asked anywhere
        String key = "types " + realised;
        Implied i = implied.get(key);
        if (i == null) {
            i = new Implied(
                    "implied:" + implied.size(),
                    unique("what " + owner(root) + " asks"),
                    new TreeSet<>(),
                    realised,
                    false,
                    0);
            implied.put(key, i);
        }
        i.operations().addAll(asked);
        resolved.put(root, TypeRef.of(i.id(), i.name()));
    }

    private String unique(String name) {
        String tried = name;
        for (int n = 2; taken(tried); n++) {
            tried = name + " (" + n + ")";
        }
        return tried;
    }

    private boolean taken(String name) {
        return implied.values().stream().anyMatch(i -> i.name().equals(name));
    }

    /** Whose field, parameter or result it is, by a person's name. */
    private String owner(String root) {
        List<String> all = new ArrayList<>(places.aliases(root));
        all.addAll(places.ends(root));
        for (String kind : List.of("element of field ", "field ", "parameter ", "element of ", "local ")) {
            for (String place : all) {
                for (ClassInfo c : place.startsWith(kind) ? program.classes.values() : List.<ClassInfo>of()) {
                    if (place.contains(" " + c.id + "#") || place.contains(" " + c.id + ".")) {
                        return c.name;
                    }
                }
            }
        }
        return "the program";
    }

    /** The classes that an implied function stands for, where it stands for nothing else. */
    List<ClassInfo> classesAmong(Implied i) {
        List<ClassInfo> all = new ArrayList<>();
        for (String id : i.realisedBy()) {
            FunctionValue f = functions.get(id);
            if (f == null || !(f.named() instanceof Program.OfClass c)) {
                return List.of();
            }
            all.add(c.type());
        }
        return all;
    }

    /** What cannot be asked all that is asked of an abstraction is no example of it. */
    private void fitAll() {
        for (Implied i : implied.values()) {
            i.realisedBy().removeIf(id -> {
                ClassInfo c = program.classes.get(id);
                return c != null && !i.isFunction() && !program.operationsOf(c).containsAll(i.operations());
            });
        }
    }

    /** How many arguments an implied function is called with. */
    int arityOf(Implied i) {
        return i.arity();
    }

    List<Implied> realisedBy(String type) {
        return implied.values().stream()
                .filter(i -> i.realisedBy().contains(type))
                .toList();
    }

    /** The abstraction that nobody wrote down which a type is; null where it is none. */
    @Nullable
    Implied impliedAs(String id) {
        return implied.values().stream()
                .filter(i -> i.id().equals(id))
                .findFirst()
                .orElse(null);
    }

    @Nullable
    FunctionValue function(String id) {
        return functions.get(id);
    }

    private final Map<String, Set<ClassInfo>> kept = new HashMap<>();

    /** Functions that stand where a function type is declared are examples of it. */
    private void keepPromises(String root) {
        for (String id : places.declared(root)) {
            ClassInfo c = program.classes.get(id);
            if (c != null && c.isFunction) {
                places.held(root).stream()
                        .filter(functions::containsKey)
                        .forEach(f -> kept.computeIfAbsent(f, k -> new LinkedHashSet<>())
                                .add(c));
            }
        }
    }

    /** The function types that a function is an example of since somebody says so. */
    Set<ClassInfo> keptBy(String function) {
        return kept.getOrDefault(function, Set.of());
    }

    /** All functions, operations and classes that stand as values. */
    List<FunctionValue> functionValues() {
        return List.copyOf(functions.values());
    }

    /** The name of a function that stands inside another one; null for what has none. */
    @Nullable
    String functionName(String id) {
        return functionNames.get(id);
    }
}
