package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Fact.Arm;
import hausaufgabe.core.design.Fact.Question;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Dialect.ContainerUse;
import hausaufgabe.language.scripts.Dialect.FunctionUse;
import hausaufgabe.language.scripts.Flow.FunctionValue;
import hausaufgabe.language.scripts.Flow.Implied;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import hausaufgabe.language.scripts.Program.Symbol;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a body does, as facts. Whose operation a call is comes from what may stand where. */
final class BodyFacts {

    private static final Value UNKNOWN = new Value.Unknown();
    private static final Value SELF = new Value.Self();
    private static final Value COMPUTED = new Value.Computed();
    /** A variable that may stand for more than these stands for something unknown. */
    private static final int PARTS = 12;

    private final DesignWriter writer;
    private final Program program;
    private final Dialect dialect;
    private final Flow flow;
    private final Frame frame;
    private final String operation;
    private final Map<String, List<Value>> variables;
    private List<Fact> facts = new ArrayList<>();

    /** @param variables what variables stand for; shared with the bodies of functions inside */
    BodyFacts(DesignWriter writer, Frame frame, String operation, Map<String, List<Value>> variables) {
        this.writer = writer;
        this.program = writer.program();
        this.dialect = program.dialect;
        this.flow = writer.flow();
        this.frame = frame;
        this.operation = operation;
        this.variables = variables;
    }

    List<Fact> read(List<Statement> body) {
        boolean loops = body.stream().anyMatch(BodyFacts::isLoop);
        if (loops) {
            // once to learn what variables come to stand for, once to say it
            body.forEach(this::follow);
            facts = new ArrayList<>();
        }
        body.forEach(this::follow);
        return List.copyOf(facts);
    }

    private static boolean isLoop(Statement s) {
        return s instanceof Code.ForEach
                || s instanceof Code.While
                || s instanceof Code.Block b && b.body().stream().anyMatch(BodyFacts::isLoop)
                || s instanceof Code.If i
                        && (i.then().stream().anyMatch(BodyFacts::isLoop)
                                || i.otherwise().stream().anyMatch(BodyFacts::isLoop));
    }

    Value valueOf(Expression e) {
        return value(e);
    }

    /** The facts so far, which are then no longer here. */
    List<Fact> taken() {
        List<Fact> all = facts;
        facts = new ArrayList<>();
        return all;
    }

    // statements

    private void follow(Statement s) {
        if (s instanceof Code.Assign a) {
            assign(a);
        } else if (s instanceof Code.Do d) {
            value(d.value());
        } else if (s instanceof Code.Return r) {
            if (r.value() != null) {
                Value v = value(r.value());
                facts.add(new Fact.Return(v, s.span()));
            }
        } else if (s instanceof Code.If i && Program.isEntry(i)) {
            i.then().forEach(this::follow);
        } else if (s instanceof Code.If i) {
            branch(i);
            value(i.condition());
            i.then().forEach(this::follow);
            i.otherwise().forEach(this::followElse);
        } else if (s instanceof Code.ForEach f) {
            boolean leaves = leavesEarly(f.body());
            bind(f.target(), f.container(), leaves ? Value.Choice.SOME : Value.Choice.EACH);
            f.body().forEach(this::follow);
        } else if (s instanceof Code.While w) {
            value(w.condition());
            w.body().forEach(this::follow);
        } else if (s instanceof Code.Block b) {
            b.body().forEach(this::follow);
        } else if (s instanceof Code.Match m) {
            match(m);
        } else if (s instanceof Code.Raise r) {
            if (r.value() != null) {
                value(r.value());
            }
            facts.add(new Fact.Throw(r.value() == null ? "?" : Program.lastName(r.value()), s.span()));
        } else if (s instanceof Code.Delete d) {
            if (d.what() instanceof Code.Element x) {
                Value container = value(x.container());
                Value index = x.index() == null ? UNKNOWN : value(x.index());
                facts.add(new Fact.Remove(container, index, s.span()));
            }
        } else if (s instanceof Code.Function f) {
            FunctionValue made = flow.function(Flow.functionId(f.span()));
            if (made != null) {
                set(f.name(), function(made));
            }
        }
    }

    /** A chain goes on as one decision. */
    private void followElse(Statement s) {
        if (s instanceof Code.If i) {
            value(i.condition());
            i.then().forEach(this::follow);
            i.otherwise().forEach(this::followElse);
        } else {
            follow(s);
        }
    }

    static boolean leavesEarly(List<Statement> body) {
        return body.stream()
                .anyMatch(s -> s instanceof Code.Leave
                        || s instanceof Code.Return
                        || s instanceof Code.If i && (leavesEarly(i.then()) || leavesEarly(i.otherwise()))
                        || s instanceof Code.Block b && !b.handler() && leavesEarly(b.body()));
    }

    private void assign(Code.Assign a) {
        if (a.value() == null) {
            return;
        }
        if (a.augmented()) {
            Value before = value(a.target());
            Value more = value(a.value());
            if (a.value() instanceof Code.Display d && !d.items().isEmpty()) {
                d.items().forEach(i -> facts.add(new Fact.Put(before, peek(i), a.span())));
            } else if (flow.typeOf(a.target(), frame).many()) {
                facts.add(new Fact.Put(before, new Value.ElementOf(more, Value.Choice.EACH), a.span()));
            } else {
                store(a.target(), COMPUTED, a.span());
            }
            return;
        }
        if (a.target() instanceof Code.Display to
                && a.value() instanceof Code.Display from
                && to.items().size() == from.items().size()) {
            List<Value> all = values(from.items());
            for (int i = 0; i < all.size(); i++) {
                store(to.items().get(i), all.get(i), a.span());
            }
            return;
        }
        store(a.target(), value(a.value()), a.span());
    }

    private void store(Expression target, Value value, Span span) {
        if (target instanceof Code.Display d) {
            d.items().forEach(i -> store(i, new Value.ElementOf(value, Value.Choice.PICKED), span));
        } else if (target instanceof Code.Element x) {
            Value container = value(x.container());
            if (x.index() != null) {
                value(x.index());
            }
            facts.add(new Fact.Put(container, value, span));
        } else if (target instanceof Code.Member m) {
            member(m, value, span);
        } else if (target instanceof Code.Name n) {
            Frame holding = frame.holding(n.name());
            if (holding != null) {
                put(holding, n.name(), value);
            } else if (symbolOf(n) instanceof Program.OfVariable v) {
                facts.add(new Fact.Write(v.module().id() + "#" + v.name(), UNKNOWN, value, span));
            } else {
                set(n.name(), value);
            }
        } else if (target instanceof Code.Other o) {
            o.inside().forEach(i -> store(i, value, span));
        }
    }

    private void member(Code.Member m, Value value, Span span) {
        ClassInfo named = named(m.on());
        ClassInfo type = named != null ? named : typeOf(m.on());
        if (type == null) {
            if (symbolOf(m) instanceof Program.OfVariable v) {
                facts.add(new Fact.Write(v.module().id() + "#" + v.name(), UNKNOWN, value, span));
                return;
            }
            Value on = value(m.on());
            List<ClassInfo> with = program.withField(m.name());
            if (with.size() == 1) {
                facts.add(new Fact.Write(with.get(0).id + "#" + m.name(), on, value, span));
            }
            return;
        }
        FunctionInfo setter = program.line(type).stream()
                .map(c -> c.setters.get(m.name()))
                .filter(o -> o != null)
                .findFirst()
                .orElse(null);
        Value on = named != null ? UNKNOWN : value(m.on());
        if (setter != null) {
            facts.add(new Fact.Call(DesignWriter.idOf(setter), m.name(), on, List.of(value), false, span));
            return;
        }
        ClassInfo owner = program.declaring(type, m.name());
        if (owner != null) {
            boolean isStatic = owner.fields.get(m.name()).isStatic();
            facts.add(new Fact.Write(owner.id + "#" + m.name(), isStatic ? UNKNOWN : on, value, span));
        }
    }

    private void set(String name, Value value) {
        Frame holding = frame.holding(name);
        variables.put((holding == null ? frame : holding).key + " " + name, new ArrayList<>(List.of(value)));
    }

    private void put(Frame holding, String name, Value value) {
        String key = holding.key + " " + name;
        List<Value> known = variables.get(key);
        if (known == null) {
            known = new ArrayList<>();
            int index = holding.parameter(name);
            if (index >= 0) {
                known.add(parameter(holding, index));
            }
            variables.put(key, known);
        }
        if (!known.contains(value) && known.size() < PARTS) {
            known.add(value);
        }
    }

    private Value parameter(Frame of, int index) {
        String id = of == frame ? operation : of.key.startsWith("lambda:") ? operationOf(of) : of.key;
        return new Value.OfParameter(id, index);
    }

    private static String operationOf(Frame lambda) {
        return Program.operationId(lambda.key, Flow.CALL, lambda.parameters.size());
    }

    private void bind(Expression target, Expression container, Value.Choice choice) {
        Program.targets(target).forEach(n -> frame.add(n.name()));
        if (target instanceof Code.Display d && container instanceof Code.Call c && c.callee() instanceof Code.Name n) {
            if (n.name().equals("enumerate")
                    && !c.arguments().isEmpty()
                    && d.items().size() == 2) {
                replace(d.items().get(0), COMPUTED);
                bind(d.items().get(1), c.arguments().get(0).value(), choice);
                return;
            }
            if (n.name().equals("zip") && c.arguments().size() == d.items().size()) {
                for (int i = 0; i < d.items().size(); i++) {
                    bind(d.items().get(i), c.arguments().get(i).value(), choice);
                }
                return;
            }
        }
        Value all = value(container);
        boolean pairs = target instanceof Code.Display
                && container instanceof Code.Call c
                && Program.lastName(c.callee()).equals("items");
        if (pairs) {
            List<Expression> items = ((Code.Display) target).items();
            replace(items.get(0), COMPUTED);
            replace(items.get(items.size() - 1), new Value.ElementOf(all, choice));
        } else if (target instanceof Code.Display d) {
            d.items()
                    .forEach(i ->
                            replace(i, new Value.ElementOf(new Value.ElementOf(all, choice), Value.Choice.PICKED)));
        } else {
            replace(target, new Value.ElementOf(all, choice));
        }
    }

    private void replace(Expression target, Value value) {
        if (target instanceof Code.Name n) {
            put(frame, n.name(), value);
        } else {
            store(target, value, target.span());
        }
    }

    // decisions

    private record Asked(
            Question on,
            @Nullable Expression subject,
            @Nullable String type,
            @Nullable String label) {}

    /** What makes an object without telling its constructor. */
    private static final String NEW = "__new__";

    private static final Asked NOTHING = new Asked(Question.OTHER, null, null, null);

    private void branch(Code.If first) {
        List<Arm> arms = new ArrayList<>();
        Asked asked = null;
        Statement at = first;
        while (at instanceof Code.If i) {
            Asked a = classify(i.condition());
            asked = asked == null || rank(a.on()) > rank(asked.on()) ? a : asked;
            arms.add(arm(
                    i.then(), a.label() == null ? List.of() : List.of(a.label()), a.on() != Question.TAG, i.span()));
            boolean goesOn = i.otherwise().size() == 1 && i.otherwise().get(0) instanceof Code.If;
            if (!goesOn && !i.otherwise().isEmpty()) {
                arms.add(arm(i.otherwise(), List.of(), true, i.span()));
            }
            at = goesOn ? i.otherwise().get(0) : null;
        }
        add(asked, arms, first.span());
    }

    private void add(@Nullable Asked asked, List<Arm> arms, Span span) {
        if (asked != null) {
            Value subject = asked.subject() == null ? UNKNOWN : peek(asked.subject());
            facts.add(new Fact.Branch(
                    asked.on(), subject, asked.on() == Question.TYPE ? null : asked.type(), arms, span));
        }
    }

    private Arm arm(List<Statement> body, List<String> labels, boolean isDefault, Span around) {
        Span first = body.isEmpty() ? around : body.get(0).span();
        Span last = body.isEmpty() ? around : body.get(body.size() - 1).span();
        Span span = new Span(first.file(), first.line(), last.endLine(), first.from(), last.to());
        return new Arm(span, labels, isDefault, computes(body), leaves(body));
    }

    private static boolean leaves(List<Statement> body) {
        return body.stream()
                .anyMatch(s -> s instanceof Code.Return
                        || s instanceof Code.Raise
                        || s instanceof Code.If i && (leaves(i.then()) || leaves(i.otherwise()))
                        || s instanceof Code.Block b && leaves(b.body()));
    }

    private boolean computes(List<Statement> body) {
        return body.stream()
                .anyMatch(s -> s instanceof Code.Assign a && (a.augmented() || a.value() != null && computes(a.value()))
                        || s instanceof Code.Return r && r.value() != null && computes(r.value())
                        || s instanceof Code.Do d && computes(d.value())
                        || s instanceof Code.If i && (computes(i.then()) || computes(i.otherwise()))
                        || s instanceof Code.ForEach f && computes(f.body())
                        || s instanceof Code.Block b && computes(b.body()));
    }

    private boolean computes(Expression e) {
        if (e instanceof Code.Operation o) {
            return Set.of("+", "-", "*", "/", "//", "%", "**").contains(o.operator())
                    || o.operands().stream().anyMatch(this::computes);
        }
        if (e instanceof Code.Call c) {
            boolean own = c.callee() instanceof Code.Member m
                    ? !program.withOperation(m.name()).isEmpty()
                    : symbolOf(c.callee()) instanceof Program.OfFunction;
            return own || c.arguments().stream().anyMatch(a -> computes(a.value()));
        }
        if (e instanceof Code.Choice c) {
            return computes(c.then()) || computes(c.otherwise());
        }
        return false;
    }

    private static int rank(Question q) {
        return switch (q) {
            case TYPE, TABLE -> 3;
            case TAG -> 2;
            case NULL -> 1;
            case OTHER -> 0;
        };
    }

    private Asked classify(Expression e) {
        if (e instanceof Code.Operation o) {
            List<Expression> of = o.operands();
            switch (o.operator()) {
                case "not" -> {
                    return classify(of.get(0));
                }
                case "and", "or" -> {
                    Asked x = classify(of.get(0));
                    Asked y = classify(of.get(1));
                    return rank(y.on()) > rank(x.on()) ? y : x;
                }
                case "==", "!=", "is", "is not", "===", "!==" -> {
                    if (of.size() == 2) {
                        return comparison(of.get(0), of.get(1));
                    }
                }
                case "in", "not in" -> {
                    if (of.size() == 2
                            && of.get(1) instanceof Code.Display d
                            && !d.items().isEmpty()
                            && label(d.items().get(0)) != null) {
                        return new Asked(
                                Question.TAG, of.get(0), null, label(d.items().get(0)));
                    }
                }
                default -> {}
            }
            return NOTHING;
        }
        if (e instanceof Code.Call c
                && c.callee() instanceof Code.Name n
                && dialect.function(n.name()) == FunctionUse.IS_A
                && c.arguments().size() == 2) {
            return new Asked(Question.TYPE, c.arguments().get(0).value(), null, null);
        }
        return NOTHING;
    }

    private Asked comparison(Expression left, Expression right) {
        if (left instanceof Code.None || right instanceof Code.None) {
            return new Asked(Question.NULL, left instanceof Code.None ? right : left, null, null);
        }
        if (isTypeOf(left) || isTypeOf(right)) {
            Code.Call c = (Code.Call) (isTypeOf(left) ? left : right);
            return new Asked(Question.TYPE, c.arguments().get(0).value(), null, null);
        }
        if (label(right) != null) {
            return new Asked(Question.TAG, left, tagType(right), label(right));
        }
        return label(left) != null ? new Asked(Question.TAG, right, tagType(left), label(left)) : NOTHING;
    }

    private static boolean isTypeOf(Expression e) {
        return e instanceof Code.Call c
                && c.callee() instanceof Code.Name n
                && n.name().equals("type")
                && c.arguments().size() == 1;
    }

    /** A constant as it is told from others; null where it is none. */
    private @Nullable String label(Expression e) {
        if (e instanceof Code.Literal l && l.kind() != Code.Literal.Kind.TRUTH) {
            return l.text();
        }
        if (e instanceof Code.Member m && tagType(e) != null) {
            return m.name();
        }
        return null;
    }

    private @Nullable String tagType(Expression e) {
        ClassInfo c = e instanceof Code.Member m ? named(m.on()) : null;
        return c != null && c.isEnum ? c.id : null;
    }

    /** The kinds of a union that the value of a field tells apart; empty where it is not such a field. */
    private Map<String, ClassInfo> kinds(@Nullable Expression asked) {
        ClassInfo union = asked instanceof Code.Member m ? typeOf(m.on()) : null;
        return union == null ? Map.of() : program.toldApartBy(((Code.Member) asked).name(), union);
    }

    private void askKind(@Nullable ClassInfo kind, Expression of, Span span) {
        if (kind != null) {
            facts.add(new Fact.Branch(Question.TYPE, peek(of), kind.id, List.of(), span));
        }
    }

    private void match(Code.Match m) {
        List<Arm> arms = new ArrayList<>();
        boolean byType = m.cases().stream().anyMatch(c -> !c.types().isEmpty());
        boolean byTable = m.cases().stream().flatMap(c -> c.types().stream()).anyMatch(BodyFacts::isOfTable);
        Question question = byTable ? Question.TABLE : byType ? Question.TYPE : Question.TAG;
        for (Code.Case c : m.cases()) {
            arms.add(arm(c.body(), c.labels(), c.isDefault(), c.span()));
        }
        add(new Asked(question, m.subject(), null, null), arms, m.span());
        Value subject = value(m.subject());
        Map<String, ClassInfo> kinds = kinds(m.subject());
        for (Code.Case c : m.cases()) {
            if (!kinds.isEmpty()) {
                c.labels().forEach(l -> askKind(kinds.get(l), ((Code.Member) m.subject()).on(), c.span()));
            }
            for (Expression t : c.types()) {
                ClassInfo type = symbolOf(t) instanceof Program.OfClass x ? x.type() : null;
                facts.add(new Fact.Branch(question, subject, type == null ? null : type.id, List.of(), c.span()));
            }
            c.bound().forEach(n -> put(frame, n, subject));
            c.body().forEach(this::follow);
        }
    }

    private static boolean isOfTable(Expression type) {
        return type instanceof Code.Name n && n.name().startsWith(Code.KIND);
    }

    // values

    private List<Value> values(List<Expression> all) {
        List<Value> values = new ArrayList<>();
        all.forEach(e -> values.add(value(e)));
        return values;
    }

    private Value peek(Expression e) {
        List<Fact> before = facts;
        facts = new ArrayList<>();
        Value v = value(e);
        facts = before;
        return v;
    }

    private Value value(Expression e) {
        if (e instanceof Code.Name n) {
            return name(n);
        } else if (e instanceof Code.Member m) {
            return member(m);
        } else if (e instanceof Code.Call c) {
            return call(c);
        } else if (e instanceof Code.Literal l) {
            return new Value.Literal(l.text());
        } else if (e instanceof Code.None) {
            return new Value.Null();
        } else if (e instanceof Code.Display d) {
            values(d.keys());
            List<Value> all = values(d.items());
            return all.isEmpty() ? new Value.Copy(List.of()) : new Value.Derived(all);
        } else if (e instanceof Code.Lambda || e instanceof Code.Closure) {
            FunctionValue f = flow.function(Flow.functionId(e.span()));
            return f == null ? UNKNOWN : function(f);
        } else if (e instanceof Code.Choice c) {
            return choice(c);
        } else if (e instanceof Code.Element x) {
            Value container = value(x.container());
            if (x.index() == null) {
                return new Value.Copy(List.of(container));
            }
            value(x.index());
            return new Value.ElementOf(container, Value.Choice.PICKED);
        } else if (e instanceof Code.Comprehension c) {
            return comprehension(c);
        } else if (e instanceof Code.Assigned a) {
            Value v = value(a.value());
            frame.add(a.target().name());
            put(frame, a.target().name(), v);
            return v;
        } else if (e instanceof Code.Made made) {
            return create(program.made(made), made.asCall());
        } else if (e instanceof Code.Operation o) {
            return operation(o);
        } else if (e instanceof Code.Other o) {
            values(o.inside());
        }
        return UNKNOWN;
    }

    private Value operation(Code.Operation o) {
        List<Value> all = values(o.operands());
        Asked asked = classify(o);
        boolean tells = asked.on() == Question.NULL
                || asked.on() == Question.TYPE
                || asked.on() == Question.TAG && asked.type() != null;
        boolean compares = !Set.of("and", "or", "not").contains(o.operator());
        if (tells && compares) {
            add(asked, List.of(), o.span());
        }
        if (compares && asked.on() == Question.TAG && asked.label() != null) {
            Map<String, ClassInfo> kinds = kinds(asked.subject());
            if (!kinds.isEmpty()) {
                askKind(kinds.get(asked.label()), ((Code.Member) asked.subject()).on(), o.span());
            }
        }
        if (o.operator().equals("or") || o.operator().equals("and")) {
            return oneOf(all);
        }
        boolean joined = o.operator().equals("+") && o.operands().stream().anyMatch(Code.Display.class::isInstance);
        return joined ? new Value.Derived(all) : COMPUTED;
    }

    private Value choice(Code.Choice c) {
        Asked asked = classify(c.condition());
        List<Statement> then = List.of(new Code.Return(c.then(), c.then().span()));
        List<Statement> otherwise =
                List.of(new Code.Return(c.otherwise(), c.otherwise().span()));
        List<Arm> arms = List.of(
                arm(
                        then,
                        asked.label() == null ? List.of() : List.of(asked.label()),
                        asked.on() != Question.TAG,
                        c.span()),
                arm(otherwise, List.of(), true, c.span()));
        add(asked, arms, c.span());
        value(c.condition());
        Value yes = value(c.then());
        return oneOf(List.of(yes, value(c.otherwise())));
    }

    static Value oneOf(List<Value> values) {
        List<Value> distinct = List.copyOf(new LinkedHashSet<>(values));
        if (distinct.size() == 1) {
            return distinct.get(0);
        }
        return distinct.isEmpty() || distinct.size() > PARTS ? UNKNOWN : new Value.OneOf(distinct);
    }

    private Value comprehension(Code.Comprehension c) {
        Value.Choice choice = c.conditions().isEmpty() ? Value.Choice.EACH : Value.Choice.SOME;
        for (Code.Clause x : c.clauses()) {
            Program.targets(x.target()).forEach(n -> {
                frame.add(n.name());
                variables.remove(frame.key + " " + n.name());
            });
            bind(x.target(), x.container(), choice);
        }
        c.conditions().forEach(this::value);
        Value element = value(c.element());
        boolean same = c.clauses().size() == 1
                && c.element() instanceof Code.Name n
                && c.clauses().get(0).target() instanceof Code.Name t
                && t.name().equals(n.name());
        return same && element instanceof Value.ElementOf x
                ? new Value.Copy(List.of(x.container()))
                : new Value.Derived(List.of(element));
    }

    private Value name(Code.Name n) {
        Frame self = frame.withSelf(n.name());
        if (self != null) {
            return self.selfIsClass ? UNKNOWN : SELF;
        }
        Frame holding = frame.holding(n.name());
        if (holding != null) {
            List<Value> known = variables.get(holding.key + " " + n.name());
            if (known != null) {
                return oneOf(known);
            }
            int index = holding.parameter(n.name());
            return index >= 0 ? parameter(holding, index) : UNKNOWN;
        }
        List<Value> known = variables.get(frame.key + " " + n.name());
        if (known != null && !(symbolOf(n) instanceof Program.OfVariable)) {
            return oneOf(known);
        }
        return symbol(symbolOf(n), n.span());
    }

    private Symbol symbolOf(Expression e) {
        return flow.symbolOf(e, frame);
    }

    private Value symbol(Symbol s, Span span) {
        if (s instanceof Program.OfVariable v) {
            String field = v.module().id() + "#" + v.name();
            facts.add(new Fact.Read(field, UNKNOWN, span));
            return new Value.OfField(field, UNKNOWN);
        }
        if (s instanceof Program.OfClass || s instanceof Program.OfFunction) {
            Span declared = s instanceof Program.OfClass c
                    ? c.type().node.span()
                    : ((Program.OfFunction) s).function().node.span();
            FunctionValue f = flow.function(Flow.functionId(declared));
            return f == null ? UNKNOWN : function(f);
        }
        return s instanceof Program.OfLibrary ? COMPUTED : UNKNOWN;
    }

    /** The class that an expression names; null where it names none. */
    private @Nullable ClassInfo named(Expression e) {
        if (e instanceof Code.Name n) {
            Frame self = frame.withSelf(n.name());
            if (self != null) {
                return self.selfIsClass ? self.type : null;
            }
            if (frame.holding(n.name()) != null) {
                return null;
            }
        }
        boolean ofObject = e instanceof Code.Call c
                && c.callee() instanceof Code.Name t
                && t.name().equals("type")
                && c.arguments().size() == 1
                && c.arguments().get(0).value() instanceof Code.Name s
                && frame.withSelf(s.name()) != null;
        if (ofObject || e instanceof Code.Member m && m.name().equals("__class__")) {
            Frame self = Flow.within(frame);
            return self == null ? null : self.type;
        }
        return (e instanceof Code.Name || e instanceof Code.Member) && symbolOf(e) instanceof Program.OfClass c
                ? c.type()
                : null;
    }

    /** The own type of what an expression gives; null where it is not one, or not known. */
    private @Nullable ClassInfo typeOf(Expression e) {
        return program.classes.get(flow.typeOf(e, frame).type());
    }

    private Value member(Code.Member m) {
        ClassInfo named = named(m.on());
        if (named != null) {
            return ofType(named, m, UNKNOWN);
        }
        if (m.on() instanceof Code.Name n && frame.holding(n.name()) == null && frame.withSelf(n.name()) == null) {
            Symbol s = symbolOf(m);
            if (!(s instanceof Program.Missing)) {
                return symbol(s, m.span());
            }
        }
        Value on = value(m.on());
        ClassInfo type = typeOf(m.on());
        if (type != null) {
            return ofType(type, m, on);
        }
        if (flow.isOpenMap(flow.typeOf(m.on(), frame))) {
            // of each record that is gone through the same part is read
            return new Value.ElementOf(on, on instanceof Value.ElementOf each ? each.choice() : Value.Choice.PICKED);
        }
        List<ClassInfo> with = program.withField(m.name());
        if (with.size() == 1) {
            return read(with.get(0), m.name(), on, m.span());
        }
        Implied implied = flow.impliedAs(flow.typeOf(m.on(), frame).type());
        if (implied != null && implied.operations().contains(m.name())) {
            String id = writer.impliedId(implied, m.name());
            facts.add(new Fact.Call(id, m.name(), on, List.of(), false, m.span()));
            return new Value.ResultOf(id, on, List.of());
        }
        return UNKNOWN;
    }

    private Value ofType(ClassInfo type, Code.Member m, Value on) {
        ClassInfo owner = program.declaring(type, m.name());
        if (owner != null) {
            return read(owner, m.name(), on, m.span());
        }
        FunctionInfo o = program.operation(type, m.name()).orElse(null);
        if (o == null) {
            return UNKNOWN;
        }
        if (o.isProperty) {
            facts.add(new Fact.Call(o.id, m.name(), on, List.of(), false, m.span()));
            return new Value.ResultOf(o.id, on, List.of());
        }
        FunctionValue f = flow.function(Flow.functionId(m.span()));
        return f == null ? UNKNOWN : function(f);
    }

    private Value read(ClassInfo owner, String field, Value on, Span span) {
        Value whose = owner.fields.get(field).isStatic() ? UNKNOWN : on;
        String id = owner.id + "#" + field;
        facts.add(new Fact.Read(id, whose, span));
        return new Value.OfField(id, whose);
    }

    // functions as values

    private Value function(FunctionValue f) {
        facts.add(new Fact.Create(f.id(), null, List.of(), f.span()));
        String id = DesignWriter.operationOf(f);
        List<Fact> body = new ArrayList<>();
        if (!f.body().isEmpty() && f.frame() != null) {
            body.addAll(new BodyFacts(writer, f.frame(), id, variables).read(f.body()));
        } else if (f.operation() != null) {
            List<Value> arguments = new ArrayList<>();
            for (int i = 0; i < f.parameters().size(); i++) {
                arguments.add(new Value.OfParameter(id, i));
            }
            Value on = f.bound() == null || named(f.bound()) != null ? UNKNOWN : peek(f.bound());
            body.add(new Fact.Call(f.operation().id, f.operation().node.name(), on, arguments, false, f.span()));
            body.add(new Fact.Return(new Value.ResultOf(f.operation().id, on, arguments), f.span()));
        } else if (f.named() instanceof Program.OfClass c) {
            body.add(new Fact.Create(c.type().id, constructorOf(c.type()), List.of(), f.span()));
            body.add(new Fact.Return(new Value.New(c.type().id, f.span()), f.span()));
        }
        int hash = operation.indexOf('#');
        writer.functionValue(f, hash < 0 ? operation : operation.substring(0, hash), body);
        return new Value.New(f.id(), f.span());
    }

    private @Nullable String constructorOf(ClassInfo type) {
        return program.operation(type, dialect.constructor())
                .map(o -> o.id)
                .orElseGet(() -> Program.operationId(
                        type.id,
                        dialect.constructor(),
                        program.recordParts(type).size()));
    }

    // calls

    private Value call(Code.Call c) {
        if (c.callee() instanceof Code.Member m) {
            return callOn(m, c);
        }
        if (c.callee() instanceof Code.Name n && frame.holding(n.name()) == null) {
            ClassInfo named = named(n);
            if (named != null) {
                return create(named, c);
            }
            Symbol s = symbolOf(n);
            if (s instanceof Program.OfFunction f) {
                List<Value> arguments = ordered(f.function().parameters(dialect), c);
                return called(f.function().id, n.name(), UNKNOWN, arguments, c.span());
            }
            if (s instanceof Program.OfLibrary l) {
                return library(l.name(), c);
            }
            if (s instanceof Program.Missing && variables.get(frame.key + " " + n.name()) == null) {
                List<Value> arguments = arguments(c);
                facts.add(new Fact.Call(null, n.name(), UNKNOWN, arguments, false, c.span()));
                return UNKNOWN;
            }
        }
        Value callee = value(c.callee());
        if (c.arguments().isEmpty() && flow.isWeak(c.callee(), frame)) {
            return callee;
        }
        return invoked(callee, flow.typeOf(c.callee(), frame), c);
    }

    /** A function that stands somewhere is called. */
    private Value invoked(Value callee, TypeRef type, Code.Call c) {
        List<Value> arguments = arguments(c);
        Implied implied = flow.impliedAs(type.type());
        List<ClassInfo> asked = implied == null ? List.of() : flow.classesAmong(implied);
        if (!asked.isEmpty()) {
            // one of several classes is asked for an object
            List<Value> objects = new ArrayList<>();
            for (ClassInfo k : asked) {
                facts.add(new Fact.Create(k.id, constructorOf(k), arguments, c.span()));
                objects.add(new Value.New(k.id, c.span()));
            }
            return oneOf(objects);
        }
        if (implied != null) {
            return called(writer.impliedId(implied, Flow.CALL), Flow.CALL, callee, arguments, c.span());
        }
        ClassInfo own = program.classes.get(type.type());
        FunctionInfo o = own == null ? null : program.operation(own, Flow.CALL).orElse(null);
        if (o != null) {
            return called(o.id, Flow.CALL, callee, arguments, c.span());
        }
        if (callee instanceof Value.New made && flow.function(made.type()) != null) {
            FunctionValue f = flow.function(made.type());
            return called(DesignWriter.operationOf(f), Flow.CALL, callee, arguments, c.span());
        }
        facts.add(new Fact.HandOver(List.of(callee), arguments.isEmpty() ? null : arguments.get(0), c.span()));
        return UNKNOWN;
    }

    private Value called(String id, String name, Value receiver, List<Value> arguments, Span span) {
        facts.add(new Fact.Call(id, name, receiver, arguments, false, span));
        return new Value.ResultOf(id, receiver, arguments);
    }

    private List<Value> arguments(Code.Call c) {
        List<Value> all = new ArrayList<>();
        c.arguments().forEach(a -> all.add(value(a.value())));
        return all;
    }

    /** Arguments in the order of the parameters that they are for; those that are left out are not known. */
    private List<Value> ordered(List<Code.Parameter> parameters, Code.Call c) {
        boolean named = c.arguments().stream().anyMatch(a -> a.name() != null);
        List<Value> given = arguments(c);
        if (!named) {
            return given;
        }
        List<Value> all = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            int at = Flow.index(parameters, i, c.arguments().get(i).name());
            while (at >= 0 && all.size() <= at) {
                all.add(UNKNOWN);
            }
            if (at >= 0) {
                all.set(at, given.get(i));
            }
        }
        return all;
    }

    private Value create(ClassInfo type, Code.Call c) {
        String kept = writer.keptOperation(type);
        if (kept != null) {
            List<Value> arguments = arguments(c);
            return called(kept, Program.lastName(c.callee()), UNKNOWN, arguments, c.span());
        }
        FunctionInfo maker = program.operation(type, NEW).orElse(null);
        if (maker != null) {
            // to call the class asks its own operation for an object, which need not be a new one
            return called(maker.id, maker.node.name(), UNKNOWN, arguments(c), c.span());
        }
        FunctionInfo constructor =
                program.operation(type, dialect.constructor()).orElse(null);
        List<Value> arguments = ordered(constructor == null ? type.recordParts : constructor.parameters(dialect), c);
        Frame around = Flow.within(frame);
        boolean inside = around != null && around.type != null && program.isBelow(around.type, type);
        if (!inside && program.refusesOthers(type)) {
            // it throws: nothing is made
            return UNKNOWN;
        }
        Value made = new Value.New(type.id, c.span());
        facts.add(new Fact.Create(type.id, constructorOf(type), arguments, c.span()));
        if (constructor != null && !constructor.node.parameters().isEmpty()) {
            keptByItself(type, constructor, made, c.span());
        }
        return made;
    }

    /** What a constructor puts into a field of its class stands there once it is made. */
    private void keptByItself(ClassInfo type, FunctionInfo constructor, Value made, Span span) {
        String self = constructor.node.parameters().get(0).name();
        for (Statement s : constructor.node.body()) {
            if (s instanceof Code.Assign a
                    && a.value() instanceof Code.Name n
                    && n.name().equals(self)
                    && a.target() instanceof Code.Member m
                    && program.meaning(m.on(), type.module, type) instanceof Program.OfClass x
                    && x.type().fields.containsKey(m.name())) {
                facts.add(new Fact.Write(x.type().id + "#" + m.name(), UNKNOWN, made, span));
            }
        }
    }

    private boolean isAbove(Expression e) {
        return e instanceof Code.Call c
                && c.callee() instanceof Code.Name n
                && n.name().equals(dialect.above());
    }

    private Value callOn(Code.Member m, Code.Call c) {
        ClassInfo bare = m.name().equals(NEW) ? named(m.on()) : null;
        if (bare != null && program.operation(bare, NEW).isEmpty()) {
            arguments(c);
            facts.add(new Fact.Create(bare.id, null, List.of(), c.span()));
            return new Value.New(bare.id, c.span());
        }

        Frame self = Flow.within(frame);
        if (isAbove(m.on())) {
            return above(m, c, self);
        }
        ClassInfo named = named(m.on());
        if (named != null) {
            return ofNamed(named, m, c, self);
        }
        boolean plainName =
                m.on() instanceof Code.Name n && frame.holding(n.name()) == null && frame.withSelf(n.name()) == null;
        if (plainName || m.on() instanceof Code.Member) {
            Symbol s = symbolOf(m);
            if (s instanceof Program.OfClass t) {
                return create(t.type(), c);
            }
            if (s instanceof Program.OfFunction f) {
                return called(
                        f.function().id, m.name(), UNKNOWN, ordered(f.function().parameters(dialect), c), c.span());
            }
            if (plainName && s instanceof Program.OfLibrary l) {
                return library(l.name(), c);
            }
        }
        Value receiver = value(m.on());
        TypeRef type = flow.typeOf(m.on(), frame);
        ClassInfo own = program.classes.get(type.type());
        if (own != null) {
            FunctionInfo o = program.operation(own, m.name()).orElse(null);
            if (o != null && o.isProperty) {
                Value callee = member(m);
                return invoked(callee, flow.typeOf(m, frame), c);
            }
            if (o != null) {
                return called(o.id, m.name(), receiver, ordered(o.parameters(dialect), c), c.span());
            }
            if (program.declaring(own, m.name()) != null) {
                Value callee = read(program.declaring(own, m.name()), m.name(), receiver, c.span());
                return invoked(callee, flow.typeOf(m, frame), c);
            }
        }
        Implied implied = flow.impliedAs(type.type());
        if (implied != null && implied.operations().contains(m.name())) {
            return called(writer.impliedId(implied, m.name()), m.name(), receiver, arguments(c), c.span());
        }
        if (flow.isOpenMap(type) && dialect.use(m.name()) == ContainerUse.NONE) {
            return invoked(
                    new Value.ElementOf(receiver, Value.Choice.PICKED),
                    type.contents().get(0),
                    c);
        }
        if (own == null && implied == null && !type.many() && type.contents().isEmpty()) {
            FunctionInfo guess = guess(m.name(), type);
            if (guess != null) {
                return called(guess.id, m.name(), receiver, arguments(c), c.span());
            }
        }
        return contained(m, c, receiver, type);
    }

    /** The one operation of that name, or the topmost of those that override each other; null where there are several. */
    private @Nullable FunctionInfo guess(String name, TypeRef type) {
        if (dialect.simpleTypes().contains(type.type())) {
            return null;
        }
        List<ClassInfo> with = program.withOperation(name);
        List<ClassInfo> top = with.stream()
                .filter(c -> with.stream().noneMatch(x -> x != c && program.isBelow(c, x)))
                .toList();
        return top.size() == 1 && dialect.use(name) == ContainerUse.NONE
                ? top.get(0).operations.get(name)
                : null;
    }

    private Value above(Code.Member m, Code.Call c, @Nullable Frame self) {
        if (self == null || self.type == null) {
            return UNKNOWN;
        }
        if (m.name().equals(NEW)) {
            arguments(c);
            facts.add(new Fact.Create(self.type.id, null, List.of(), c.span()));
            return new Value.New(self.type.id, c.span());
        }
        FunctionInfo o = flow.above(self.type, m.name()).orElse(null);
        if (o == null) {
            arguments(c);
            boolean open = program.isOpen(self.type);
            if (open) {
                facts.add(new Fact.Call(null, m.name(), SELF, List.of(), true, c.span()));
            }
            return UNKNOWN;
        }
        List<Value> arguments = ordered(o.parameters(dialect), c);
        facts.add(new Fact.Call(o.id, m.name(), SELF, arguments, !o.isConstructor, c.span()));
        return new Value.ResultOf(o.id, SELF, arguments);
    }

    private Value ofNamed(ClassInfo type, Code.Member m, Code.Call c, @Nullable Frame self) {
        FunctionInfo o = program.operation(type, m.name()).orElse(null);
        if (o == null) {
            if (program.declaring(type, m.name()) != null) {
                Value callee = member(m);
                return invoked(callee, flow.typeOf(m, frame), c);
            }
            arguments(c);
            return UNKNOWN;
        }
        boolean explicit =
                o.takesSelf(dialect) && !o.isOfClass && !c.arguments().isEmpty();
        List<Value> all = arguments(c);
        if (!explicit) {
            return called(o.id, m.name(), UNKNOWN, all, c.span());
        }
        // Base.operation(self, ...) asks past the own one
        boolean up = self != null
                && self.type != null
                && self.type != type
                && program.isBelow(self.type, type)
                && all.get(0) instanceof Value.Self;
        List<Value> arguments = all.subList(1, all.size());
        facts.add(new Fact.Call(o.id, m.name(), all.get(0), arguments, up && !o.isConstructor, c.span()));
        return new Value.ResultOf(o.id, all.get(0), arguments);
    }

    private Value contained(Code.Member m, Code.Call c, Value receiver, TypeRef type) {
        List<Value> arguments = arguments(c);
        Value last = arguments.isEmpty() ? UNKNOWN : arguments.get(arguments.size() - 1);
        Span span = c.span();
        switch (dialect.use(m.name())) {
            case PUT, PUT_AT -> facts.add(new Fact.Put(receiver, last, span));
            case PUT_ALL -> facts.add(new Fact.Put(receiver, new Value.ElementOf(last, Value.Choice.EACH), span));
            case REMOVE -> facts.add(new Fact.Remove(receiver, last, span));
            case TAKE -> {
                facts.add(new Fact.Remove(receiver, UNKNOWN, span));
                return new Value.ElementOf(receiver, Value.Choice.PICKED);
            }
            case PICK -> {
                Value picked = new Value.ElementOf(receiver, Value.Choice.PICKED);
                return arguments.size() == 2 ? oneOf(List.of(picked, last)) : picked;
            }
            case VIEW -> {
                return receiver;
            }
            case COPY -> {
                return new Value.Copy(List.of(receiver));
            }
            case NONE -> {
                facts.add(new Fact.Library(type.type(), m.name(), dialect.traits(m.name()), receiver, arguments, span));
                functions(arguments, span);
                return type.equals(Flow.ANY) && receiver instanceof Value.Unknown ? UNKNOWN : COMPUTED;
            }
        }
        return COMPUTED;
    }

    /** Functions that are handed to the library, which will call them. */
    private void functions(List<Value> arguments, Span span) {
        List<Value> handed = arguments.stream()
                .filter(v -> v instanceof Value.New n && flow.function(n.type()) != null)
                .toList();
        if (!handed.isEmpty()) {
            facts.add(new Fact.HandOver(handed, null, span));
        }
    }

    private Value library(String name, Code.Call c) {
        FunctionUse use = dialect.function(name);
        Frame self = Flow.within(frame);
        if (name.equals("object.__new__") && self != null && self.type != null) {
            arguments(c);
            facts.add(new Fact.Create(self.type.id, null, List.of(), c.span()));
            return new Value.New(self.type.id, c.span());
        }
        if (use == FunctionUse.IS_A && c.arguments().size() == 2) {
            Value subject = value(c.arguments().get(0).value());
            Expression types = c.arguments().get(1).value();
            List<Expression> all = types instanceof Code.Display d ? d.items() : List.of(types);
            for (Expression t : all) {
                ClassInfo type = named(t);
                facts.add(new Fact.Branch(
                        Question.TYPE, subject, type == null ? Program.text(t) : type.id, List.of(), c.span()));
            }
            return COMPUTED;
        }
        List<Value> arguments = arguments(c);
        Value first = arguments.isEmpty() ? UNKNOWN : arguments.get(0);
        switch (use) {
            case CONTAINER -> {
                return new Value.Copy(List.of());
            }
            case COPY -> {
                return new Value.Copy(arguments);
            }
            case VIEW, WEAK, SAME -> {
                return first;
            }
            case PICK -> {
                return new Value.ElementOf(first, Value.Choice.SOME);
            }
            case APPLIES -> {
                Value lent = arguments.size() < 2 ? null : new Value.ElementOf(arguments.get(1), Value.Choice.EACH);
                facts.add(new Fact.HandOver(List.of(first), lent, c.span()));
                return new Value.Derived(arguments);
            }
            default -> {
                int dot = name.lastIndexOf('.');
                facts.add(new Fact.Library(
                        dot < 0 ? "builtins" : name.substring(0, dot),
                        name.substring(dot + 1),
                        dialect.traits(name),
                        UNKNOWN,
                        arguments,
                        c.span()));
                functions(arguments, c.span());
                return use == FunctionUse.COMPUTES ? COMPUTED : new Value.Derived(arguments);
            }
        }
    }
}
