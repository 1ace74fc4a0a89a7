package hausaufgabe.language.java;

import com.sun.source.tree.*;
import com.sun.source.util.TreePath;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/**
 * Reads one body into facts. Each expression gives the value it stands for. A body is walked twice: the first walk only
 * learns what its variables are assigned anywhere, so that the second knows it wherever they are used.
 */
final class BodyReader extends PathWalker<Value> {

    static final Value UNKNOWN = new Value.Unknown();
    private static final Value SELF = new Value.Self();
    private static final Value COMPUTED = new Value.Computed();
    /** What a variable may stand for is kept to this many parts, else it is unknown. */
    private static final int PARTS = 64;

    private final DesignBuilder into;
    private final TypeResolver resolver;
    private final String operation;
    private final List<Fact> facts;
    private final Map<VariableElement, List<Value>> variables;
    private final Map<VariableElement, Value.Choice> counters = new HashMap<>();
    private LibraryCalls.Lending around = LibraryCalls.Lending.NONE;
    private final LibraryCalls library;
    private final Branches branches;
    private final FunctionReader functions;
    private boolean learning;

    /**
     * @param operation id of the operation whose body it is
     * @param facts where facts are added
     * @param variables what variables stand for, by all assignments seen so far; shared with the bodies around
     */
    BodyReader(DesignBuilder into, String operation, List<Fact> facts, Map<VariableElement, List<Value>> variables) {
        this.into = into;
        this.resolver = into.resolver;
        this.operation = operation;
        this.facts = facts;
        this.variables = variables;
        this.library = new LibraryCalls(resolver);
        this.branches = new Branches(into);
        this.functions = new FunctionReader(into, this);
    }

    void read(TreePath body) {
        twice(body, () -> walk(body));
    }

    Value readExpression(TreePath expression) {
        return twice(expression, () -> value(expression));
    }

    /** An enum's constant: what is handed to its constructor, not the constant itself. */
    Value readArguments(TreePath expression) {
        if (expression.getLeaf() instanceof NewClassTree made) {
            return twice(expression, () -> {
                List<Value> arguments = values(expression, made.getArguments());
                addCreate(expression, arguments);
                return UNKNOWN;
            });
        }
        return UNKNOWN;
    }

    private <T> T twice(TreePath text, java.util.function.Supplier<T> walk) {
        if (!Rewalk.isNeeded(text.getLeaf())) {
            return walk.get();
        }
        List<Fact> before = List.copyOf(facts);
        learning = true;
        walk.get();
        learning = false;
        facts.clear();
        facts.addAll(before);
        return walk.get();
    }

    // values

    Value value(TreePath at) {
        Value v = walk(at);
        return v == null ? UNKNOWN : v;
    }

    private Value value(TreePath parent, Tree tree) {
        return tree == null ? UNKNOWN : value(new TreePath(parent, tree));
    }

    private List<Value> values(TreePath parent, List<? extends Tree> trees) {
        return trees.stream().map(t -> value(parent, t)).toList();
    }

    private Span here() {
        return into.span(getCurrentPath());
    }

    private TypeMirror typeOf(Tree tree) {
        return into.trees.getTypeMirror(new TreePath(getCurrentPath(), tree));
    }

    private Element elementOf(Tree tree) {
        return into.trees.getElement(new TreePath(getCurrentPath(), tree));
    }

    static Value oneOf(List<Value> values) {
        List<Value> distinct = values.stream().distinct().toList();
        if (distinct.size() == 1) {
            return distinct.get(0);
        }
        return distinct.isEmpty() || size(new Value.OneOf(distinct), PARTS) > PARTS
                ? UNKNOWN
                : new Value.OneOf(distinct);
    }

    private static int size(Value value, int most) {
        List<Value> inner;
        if (value instanceof Value.OneOf x) {
            inner = x.values();
        } else if (value instanceof Value.Copy x) {
            inner = x.from();
        } else if (value instanceof Value.Derived x) {
            inner = x.from();
        } else if (value instanceof Value.ElementOf x) {
            inner = List.of(x.container());
        } else if (value instanceof Value.ResultOf x) {
            inner = new ArrayList<>(x.arguments());
            inner.add(x.receiver());
        } else {
            return 1;
        }
        int sum = 1;
        for (Value v : inner) {
            sum += size(v, most - sum);
            if (sum > most) {
                return sum;
            }
        }
        return sum;
    }

    private void assign(VariableElement variable, Value value) {
        List<Value> known = variables.computeIfAbsent(variable, k -> new ArrayList<>());
        if (!known.contains(value) && known.size() < PARTS) {
            known.add(value);
        }
    }

    // names

    @Override
    public Value visitIdentifier(IdentifierTree tree, Void p) {
        String name = tree.getName().toString();
        if (name.equals("this") || name.equals("super")) {
            return SELF;
        }
        return named(into.trees.getElement(getCurrentPath()), SELF);
    }

    @Override
    public Value visitMemberSelect(MemberSelectTree tree, Void p) {
        String name = tree.getIdentifier().toString();
        if (name.equals("this")) {
            return SELF;
        }
        if (name.equals("class")) {
            return typeAsValue(tree.getExpression());
        }
        Element e = into.trees.getElement(getCurrentPath());
        boolean isStatic = e != null && e.getModifiers().contains(Modifier.STATIC);
        Value on = isStatic ? UNKNOWN : value(getCurrentPath(), tree.getExpression());
        return named(e, on);
    }

    /** Where objects are made of what is named as a type, to name one is to make one. */
    private Value typeAsValue(Tree named) {
        boolean makes = elementOf(named) instanceof TypeElement t
                && resolver.isOwn(t)
                && t.getKind() == ElementKind.CLASS
                && !t.getModifiers().contains(Modifier.ABSTRACT)
                && into.makesObjectsByType(getCurrentPath().getCompilationUnit());
        if (!makes) {
            return COMPUTED;
        }
        String id = resolver.idOf((TypeElement) elementOf(named));
        facts.add(new Fact.Create(id, null, List.of(), here()));
        return new Value.New(id, here());
    }

    private Value named(Element e, Value on) {
        if (!(e instanceof VariableElement v)) {
            return UNKNOWN;
        }
        switch (v.getKind()) {
            case FIELD, ENUM_CONSTANT -> {
                if (!resolver.isOwn(v.getEnclosingElement())) {
                    return COMPUTED;
                }
                Value whose = v.getModifiers().contains(Modifier.STATIC) ? UNKNOWN : on;
                String id = TypeReader.fieldId(resolver, v);
                facts.add(new Fact.Read(id, whose, here()));
                return new Value.OfField(id, whose);
            }
            case PARAMETER -> {
                List<Value> known = variables.get(v);
                return known != null ? oneOf(known) : parameter(v);
            }
            default -> {
                List<Value> known = variables.get(v);
                return known == null ? UNKNOWN : oneOf(known);
            }
        }
    }

    private Value parameter(VariableElement v) {
        if (v.getEnclosingElement() instanceof ExecutableElement m && resolver.isOwn(m.getEnclosingElement())) {
            return new Value.OfParameter(resolver.idOf(m), m.getParameters().indexOf(v));
        }
        return UNKNOWN;
    }

    // plain expressions

    @Override
    public Value visitLiteral(LiteralTree tree, Void p) {
        return tree.getValue() == null ? new Value.Null() : new Value.Literal(String.valueOf(tree.getValue()));
    }

    @Override
    public Value visitParenthesized(ParenthesizedTree tree, Void p) {
        return value(getCurrentPath(), tree.getExpression());
    }

    @Override
    public Value visitBinary(BinaryTree tree, Void p) {
        super.visitBinary(tree, p);
        branches.ofComparison(getCurrentPath(), tree, this::peek).ifPresent(facts::add);
        return COMPUTED;
    }

    @Override
    public Value visitUnary(UnaryTree tree, Void p) {
        super.visitUnary(tree, p);
        boolean changes = switch (tree.getKind()) {
            case PREFIX_INCREMENT, PREFIX_DECREMENT, POSTFIX_INCREMENT, POSTFIX_DECREMENT -> true;
            default -> false;
        };
        if (changes) {
            // a variable that counts walks through what it indexes
            if (elementOf(tree.getExpression()) instanceof VariableElement v
                    && v.getKind() == ElementKind.LOCAL_VARIABLE) {
                counters.putIfAbsent(v, Value.Choice.EACH);
            }
            store(tree.getExpression(), COMPUTED);
        }
        boolean minus = tree.getKind() == Tree.Kind.UNARY_MINUS && tree.getExpression() instanceof LiteralTree;
        return minus ? new Value.Literal(tree.toString()) : COMPUTED;
    }

    @Override
    public Value visitTypeCast(TypeCastTree tree, Void p) {
        Value inner = value(getCurrentPath(), tree.getExpression());
        branches.ofCast(getCurrentPath(), tree, inner).ifPresent(facts::add);
        return inner;
    }

    @Override
    public Value visitInstanceOf(InstanceOfTree tree, Void p) {
        Value inner = value(getCurrentPath(), tree.getExpression());
        if (tree.getPattern() instanceof BindingPatternTree binding
                && elementOf(binding.getVariable()) instanceof VariableElement v) {
            assign(v, inner);
        }
        Tree asked = tree.getType() != null
                ? tree.getType()
                : ((BindingPatternTree) tree.getPattern()).getVariable().getType();
        String type = resolver.ref(typeOf(asked)).type();
        facts.add(new Fact.Branch(Fact.Question.TYPE, inner, type, List.of(), here()));
        return COMPUTED;
    }

    @Override
    public Value visitArrayAccess(ArrayAccessTree tree, Void p) {
        Value container = value(getCurrentPath(), tree.getExpression());
        value(getCurrentPath(), tree.getIndex());
        return new Value.ElementOf(container, choice(tree.getIndex()));
    }

    private Value.Choice choice(Tree index) {
        if (index instanceof BinaryTree b) {
            boolean counted = elementOf(b.getLeftOperand()) instanceof VariableElement v && counters.containsKey(v)
                    || elementOf(b.getRightOperand()) instanceof VariableElement w && counters.containsKey(w);
            return counted ? Value.Choice.EACH : Value.Choice.PICKED;
        }
        return elementOf(index) instanceof VariableElement v
                ? counters.getOrDefault(v, Value.Choice.PICKED)
                : Value.Choice.PICKED;
    }

    @Override
    public Value visitNewArray(NewArrayTree tree, Void p) {
        List<Value> all = new ArrayList<>();
        if (tree.getDimensions() != null) {
            values(getCurrentPath(), tree.getDimensions());
        }
        if (tree.getInitializers() != null) {
            all.addAll(values(getCurrentPath(), tree.getInitializers()));
        }
        return new Value.Derived(all);
    }

    @Override
    public Value visitConditionalExpression(ConditionalExpressionTree tree, Void p) {
        branches.ofConditional(getCurrentPath(), tree, this::peek).ifPresent(facts::add);
        value(getCurrentPath(), tree.getCondition());
        Value yes = value(getCurrentPath(), tree.getTrueExpression());
        Value no = value(getCurrentPath(), tree.getFalseExpression());
        return oneOf(List.of(yes, no));
    }

    // assignments

    @Override
    public Value visitVariable(VariableTree tree, Void p) {
        Element e = into.trees.getElement(getCurrentPath());
        if (tree.getInitializer() != null) {
            Value v = value(getCurrentPath(), tree.getInitializer());
            if (e instanceof VariableElement variable) {
                assign(variable, v);
            }
        }
        return null;
    }

    @Override
    public Value visitAssignment(AssignmentTree tree, Void p) {
        Value v = value(getCurrentPath(), tree.getExpression());
        store(tree.getVariable(), v);
        return v;
    }

    @Override
    public Value visitCompoundAssignment(CompoundAssignmentTree tree, Void p) {
        value(getCurrentPath(), tree.getVariable());
        value(getCurrentPath(), tree.getExpression());
        store(tree.getVariable(), COMPUTED);
        return COMPUTED;
    }

    private void store(ExpressionTree target, Value value) {
        ExpressionTree to = target;
        while (to instanceof ParenthesizedTree inner) {
            to = inner.getExpression();
        }
        if (to instanceof ArrayAccessTree array) {
            Value container = value(getCurrentPath(), array.getExpression());
            value(getCurrentPath(), array.getIndex());
            facts.add(new Fact.Put(container, value, here()));
            filledFrom(array.getExpression(), value);
            return;
        }
        if (!(elementOf(to) instanceof VariableElement v)) {
            return;
        }
        if (v.getKind() == ElementKind.FIELD) {
            if (resolver.isOwn(v.getEnclosingElement())) {
                boolean isStatic = v.getModifiers().contains(Modifier.STATIC);
                Value on = isStatic ? UNKNOWN : SELF;
                if (!isStatic && to instanceof MemberSelectTree select) {
                    on = value(new TreePath(getCurrentPath(), to), select.getExpression());
                }
                facts.add(new Fact.Write(TypeReader.fieldId(resolver, v), on, value, here()));
            }
            return;
        }
        if (v.getKind() == ElementKind.PARAMETER && !variables.containsKey(v)) {
            assign(v, parameter(v));
        }
        assign(v, value);
    }

    /** A local container into which elements of another go one by one is a copy of that one, or of part of it. */
    private void filledFrom(ExpressionTree container, Value value) {
        if (value instanceof Value.ElementOf element) {
            copiedFrom(container, element.container());
        }
    }

    private void copiedFrom(ExpressionTree container, Value from) {
        if (elementOf(container) instanceof VariableElement v && v.getKind() == ElementKind.LOCAL_VARIABLE) {
            assign(v, new Value.Copy(List.of(from)));
        }
    }

    // calls

    @Override
    public Value visitMethodInvocation(MethodInvocationTree tree, Void p) {
        TreePath at = getCurrentPath();
        ExpressionTree select = tree.getMethodSelect();
        ExecutableElement method = into.trees.getElement(at) instanceof ExecutableElement m ? m : null;
        boolean isStatic = method != null && method.getModifiers().contains(Modifier.STATIC);
        Value receiver = isStatic ? UNKNOWN : SELF;
        TypeMirror receiverType = null;
        boolean toSuper = false;
        String name = select.toString();
        if (select instanceof MemberSelectTree member) {
            name = member.getIdentifier().toString();
            toSuper = member.getExpression().toString().equals("super")
                    || member.getExpression().toString().endsWith(".super");
            receiverType = into.trees.getTypeMirror(new TreePath(new TreePath(at, select), member.getExpression()));
            if (!isStatic && !toSuper) {
                receiver = value(new TreePath(at, select), member.getExpression());
            }
        }
        Value onWhat = receiver;
        LibraryCalls.Lending lending = library.lending(method, receiver, receiverType);
        LibraryCalls.Lending outer = around;
        // what a collector or comparator is made of is called with the elements of the stream around it
        lending = lending == LibraryCalls.Lending.NONE && isStatic && !resolver.isOwn(method.getEnclosingElement())
                ? outer
                : lending;
        around = lending;
        List<Value> arguments = arguments(at, tree.getArguments(), lending);
        around = outer;
        branches.ofEquality(at, tree, this::peek).ifPresent(facts::add);
        branches.ofNullCheck(at, tree, this::peek).ifPresent(facts::add);

        String target = method == null ? null : resolver.target(method, receiverType);
        boolean constructor = method != null && method.getKind() == ElementKind.CONSTRUCTOR;
        if (method == null || target != null) {
            facts.add(new Fact.Call(target, name, receiver, arguments, toSuper && !constructor, here()));
            return result(method, target, receiver, arguments, receiverType);
        }
        library.facts(method, receiver, receiverType, arguments, here()).forEach(f -> {
            facts.add(f);
            if (f instanceof Fact.Put put
                    && select instanceof MemberSelectTree member
                    && put.container().equals(onWhat)) {
                filledFrom(member.getExpression(), put.value());
            }
        });
        if (LibraryCalls.isArrayCopy(method)) {
            copiedFrom(tree.getArguments().get(2), arguments.get(0));
        }
        return library.result(
                method, into.trees.getTypeMirror(at), receiver, receiverType, arguments, pickedBy(tree.getArguments()));
    }

    private Value.Choice pickedBy(List<? extends ExpressionTree> arguments) {
        return arguments.size() == 1 ? choice(arguments.get(0)) : Value.Choice.PICKED;
    }

    private Value result(
            ExecutableElement method, String target, Value receiver, List<Value> arguments, TypeMirror receiverType) {
        if (method == null || method.getReturnType().getKind().isPrimitive()) {
            return method == null ? UNKNOWN : COMPUTED;
        }
        return new Value.ResultOf(target, receiver, arguments);
    }

    private List<Value> arguments(TreePath at, List<? extends ExpressionTree> trees, LibraryCalls.Lending lending) {
        List<Value> all = new ArrayList<>();
        for (ExpressionTree t : trees) {
            TreePath argument = new TreePath(at, t);
            Tree bare = t;
            while (bare instanceof ParenthesizedTree inner) {
                bare = inner.getExpression();
            }
            if (bare instanceof LambdaExpressionTree lambda) {
                all.add(functions.lambda(new TreePath(at, bare), lambda, lending));
            } else if (bare instanceof MemberReferenceTree reference) {
                all.add(functions.reference(new TreePath(at, bare), reference, lending));
            } else {
                all.add(value(argument));
            }
        }
        return all;
    }

    @Override
    public Value visitNewClass(NewClassTree tree, Void p) {
        TreePath at = getCurrentPath();
        if (tree.getEnclosingExpression() != null) {
            value(at, tree.getEnclosingExpression());
        }
        List<Value> arguments = arguments(at, tree.getArguments(), LibraryCalls.Lending.NONE);
        if (tree.getClassBody() != null && !learning) {
            new TypeReader(into, new TreePath(at, tree.getClassBody()), variables).read();
        }
        return addCreate(at, arguments);
    }

    private Value addCreate(TreePath at, List<Value> arguments) {
        NewClassTree tree = (NewClassTree) at.getLeaf();
        Element made = tree.getClassBody() != null
                ? into.trees.getElement(new TreePath(at, tree.getClassBody()))
                : into.trees.getElement(new TreePath(at, tree.getIdentifier()));
        ExecutableElement constructor = into.trees.getElement(at) instanceof ExecutableElement c ? c : null;
        Span span = into.span(at);
        if (made instanceof TypeElement type && resolver.isOwn(type)) {
            String id = resolver.idOf(type);
            boolean ownConstructor = constructor != null && resolver.isOwn(constructor.getEnclosingElement());
            facts.add(new Fact.Create(id, ownConstructor ? resolver.idOf(constructor) : null, arguments, span));
            return new Value.New(id, span);
        }
        if (constructor != null) {
            library.facts(constructor, UNKNOWN, null, arguments, span).forEach(facts::add);
        }
        TypeMirror type = into.trees.getTypeMirror(at);
        if (type == null || type.getKind() == TypeKind.ERROR) {
            facts.add(new Fact.Call(null, tree.getIdentifier().toString(), UNKNOWN, arguments, false, span));
            return UNKNOWN;
        }
        if (resolver.isContainer(type) && !arguments.isEmpty()) {
            return new Value.Copy(arguments);
        }
        return resolver.isHolder(type) && !arguments.isEmpty()
                ? new Value.Derived(arguments)
                : new Value.New(into.types.erasure(type).toString(), span);
    }

    // functions

    @Override
    public Value visitLambdaExpression(LambdaExpressionTree tree, Void p) {
        return functions.lambda(getCurrentPath(), tree, LibraryCalls.Lending.NONE);
    }

    @Override
    public Value visitMemberReference(MemberReferenceTree tree, Void p) {
        return functions.reference(getCurrentPath(), tree, LibraryCalls.Lending.NONE);
    }

    /** A reader for the body of a function in this one, which knows the same variables. */
    BodyReader inside(String function, List<Fact> into) {
        BodyReader reader = new BodyReader(this.into, function, into, variables);
        reader.learning = learning;
        reader.counters.putAll(counters);
        return reader;
    }

    String operation() {
        return operation;
    }

    boolean isLearning() {
        return learning;
    }

    void add(Fact fact) {
        facts.add(fact);
    }

    /** Says what a variable stands for, in place of what was known. */
    void set(VariableElement variable, Value value) {
        variables.put(variable, new ArrayList<>(List.of(value)));
    }

    // statements

    @Override
    public Value visitReturn(ReturnTree tree, Void p) {
        if (tree.getExpression() != null) {
            Value v = value(getCurrentPath(), tree.getExpression());
            facts.add(new Fact.Return(v, here()));
        }
        return null;
    }

    @Override
    public Value visitThrow(ThrowTree tree, Void p) {
        value(getCurrentPath(), tree.getExpression());
        TypeMirror type = typeOf(tree.getExpression());
        facts.add(new Fact.Throw(type == null ? "?" : into.types.erasure(type).toString(), here()));
        return null;
    }

    @Override
    public Value visitIf(IfTree tree, Void p) {
        boolean continues =
                getCurrentPath().getParentPath().getLeaf() instanceof IfTree outer && outer.getElseStatement() == tree;
        if (!continues) {
            branches.ofIf(getCurrentPath(), tree, this::peek).ifPresent(facts::add);
        }
        return super.visitIf(tree, p);
    }

    @Override
    public Value visitSwitch(SwitchTree tree, Void p) {
        branches.ofSwitch(getCurrentPath(), tree.getExpression(), tree.getCases(), this::peek)
                .ifPresent(facts::add);
        return super.visitSwitch(tree, p);
    }

    @Override
    public Value visitSwitchExpression(SwitchExpressionTree tree, Void p) {
        branches.ofSwitch(getCurrentPath(), tree.getExpression(), tree.getCases(), this::peek)
                .ifPresent(facts::add);
        value(getCurrentPath(), tree.getExpression());
        List<Value> results = new ArrayList<>();
        for (CaseTree c : tree.getCases()) {
            TreePath at = new TreePath(getCurrentPath(), c);
            if (c.getCaseKind() == CaseTree.CaseKind.RULE && c.getBody() instanceof ExpressionTree) {
                results.add(value(at, c.getBody()));
            } else {
                walk(at);
                new PathWalker<Void>() {
                    @Override
                    public Void visitYield(YieldTree y, Void q) {
                        results.add(peek(new TreePath(getCurrentPath(), y.getValue())));
                        return null;
                    }
                }.walk(at);
            }
        }
        return oneOf(results);
    }

    /** The value of an expression that is, or will be, walked anyway: its facts are not kept a second time. */
    private Value peek(TreePath at) {
        int before = facts.size();
        Value v = value(at);
        while (facts.size() > before) {
            facts.remove(facts.size() - 1);
        }
        return v;
    }

    @Override
    public Value visitEnhancedForLoop(EnhancedForLoopTree tree, Void p) {
        Value container = iterated(tree.getExpression());
        if (elementOf(tree.getVariable()) instanceof VariableElement v) {
            Value.Choice choice = Loops.leavesEarly(tree.getStatement()) ? Value.Choice.SOME : Value.Choice.EACH;
            assign(v, new Value.ElementOf(container, choice));
        }
        scan(tree.getStatement(), p);
        return null;
    }

    /** What a loop goes through: of an own type, what its iterator goes through. */
    private Value iterated(ExpressionTree expression) {
        Value value = value(getCurrentPath(), expression);
        ExecutableElement iterator = resolver.iteratorOf(typeOf(expression)).orElse(null);
        return iterator == null ? value : new Value.ResultOf(resolver.idOf(iterator), value, List.of());
    }

    @Override
    public Value visitForLoop(ForLoopTree tree, Void p) {
        for (StatementTree s : tree.getInitializer()) {
            if (s instanceof VariableTree && elementOf(s) instanceof VariableElement v) {
                counters.put(v, Loops.walkedBy(tree));
            }
        }
        return super.visitForLoop(tree, p);
    }

    @Override
    public Value visitClass(ClassTree tree, Void p) {
        if (!learning) {
            new TypeReader(into, getCurrentPath(), variables).read();
        }
        return null;
    }

    @Override
    public Value reduce(Value last, Value before) {
        return null;
    }
}
