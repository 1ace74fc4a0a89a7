package hausaufgabe.language.java;

import com.sun.source.tree.*;
import com.sun.source.util.TreePath;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Fact.Arm;
import hausaufgabe.core.design.Fact.Question;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeMirror;

/** Reads decisions: what is asked of what, and which alternatives there are. */
final class Branches {

    private static final Set<String> SAME_TEXT = Set.of("equals", "equalsIgnoreCase", "contentEquals");

    private static final Set<String> NULL_CHECKS = Set.of(
            "java.util.Objects.isNull",
            "java.util.Objects.nonNull",
            "java.util.Objects.requireNonNullElse",
            "java.util.Objects.requireNonNullElseGet",
            "java.util.Optional.ofNullable");

    private final DesignBuilder into;

    Branches(DesignBuilder into) {
        this.into = into;
    }

    /** @param label the constant compared with, or null */
    private record Comparison(Question on, TreePath subject, String type, String label) {}

    /** A chain of if and else-if is one decision. */
    Optional<Fact> ofIf(TreePath at, IfTree tree, Function<TreePath, Value> valueOf) {
        List<Arm> arms = new ArrayList<>();
        Comparison asked = null;
        TreePath path = at;
        StatementTree rest = tree;
        while (rest instanceof IfTree link) {
            Comparison a = classify(new TreePath(path, link.getCondition()));
            asked = asked == null || rank(a.on) > rank(asked.on) ? a : asked;
            arms.add(arm(path, link.getThenStatement(), labels(a), a.on != Question.TAG, false));
            rest = link.getElseStatement();
            path = rest == null ? path : new TreePath(path, rest);
        }
        if (rest != null) {
            arms.add(arm(path.getParentPath(), rest, List.of(), true, false));
        }
        return fact(asked, arms, into.span(at), valueOf);
    }

    Optional<Fact> ofConditional(TreePath at, ConditionalExpressionTree tree, Function<TreePath, Value> valueOf) {
        if (at.getParentPath().getLeaf() instanceof ConditionalExpressionTree outer
                && outer.getFalseExpression() == tree) {
            return Optional.empty();
        }
        boolean leaves = isReturned(at);
        List<Arm> arms = new ArrayList<>();
        Comparison asked = null;
        TreePath path = at;
        ExpressionTree rest = tree;
        while (rest instanceof ConditionalExpressionTree link) {
            Comparison a = classify(new TreePath(path, link.getCondition()));
            asked = asked == null || rank(a.on) > rank(asked.on) ? a : asked;
            arms.add(arm(path, link.getTrueExpression(), labels(a), a.on != Question.TAG, leaves));
            rest = link.getFalseExpression();
            path = new TreePath(path, rest);
        }
        arms.add(arm(path.getParentPath(), rest, List.of(), true, leaves));
        return fact(asked, arms, into.span(at), valueOf);
    }

    Optional<Fact> ofSwitch(
            TreePath at, ExpressionTree subject, List<? extends CaseTree> cases, Function<TreePath, Value> valueOf) {
        boolean leaves = isReturned(at);
        List<Arm> arms = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        for (CaseTree c : cases) {
            boolean isDefault = c.getExpressions().isEmpty()
                    || c.getExpressions().stream().anyMatch(e -> e.toString().equals("default"));
            boolean empty = c.getStatements() != null && c.getStatements().isEmpty();
            c.getExpressions().forEach(e -> labels.add(label(new TreePath(at, e))));
            if (!empty) {
                arms.add(arm(at, c, List.copyOf(labels), isDefault, leaves));
                labels.clear();
            }
        }
        TreePath asked = new TreePath(at, subject);
        return fact(new Comparison(Question.TAG, asked, typeOf(asked), null), arms, into.span(at), valueOf);
    }

    private boolean isReturned(TreePath at) {
        TreePath up = at.getParentPath();
        while (up.getLeaf() instanceof ParenthesizedTree) {
            up = up.getParentPath();
        }
        return up.getLeaf() instanceof ReturnTree
                || (up.getLeaf() instanceof LambdaExpressionTree l
                        && l.getBodyKind() == LambdaExpressionTree.BodyKind.EXPRESSION);
    }

    private Optional<Fact> fact(Comparison asked, List<Arm> arms, Span span, Function<TreePath, Value> valueOf) {
        if (asked == null) {
            return Optional.empty();
        }
        Value subject = asked.subject == null ? new Value.Unknown() : valueOf.apply(asked.subject);
        String type = asked.on == Question.TYPE ? null : asked.type;
        return Optional.of(new Fact.Branch(asked.on, subject, type, arms, span));
    }

    private static List<String> labels(Comparison asked) {
        return asked.label == null ? List.of() : List.of(asked.label);
    }

    /** A constant as it is told from others: its value, or an enum constant's name. */
    private String label(TreePath constant) {
        if (constant.getLeaf() instanceof LiteralTree l) {
            return String.valueOf(l.getValue());
        }
        if (into.trees.getElement(constant) instanceof VariableElement v) {
            return v.getConstantValue() == null
                    ? v.getSimpleName().toString()
                    : v.getConstantValue().toString();
        }
        return constant.getLeaf().toString();
    }

    /** An arm that is not told by a tag counts as the one for everything else. */
    private Arm arm(TreePath at, Tree tree, List<String> labels, boolean isDefault, boolean leaves) {
        Work work = new Work(into);
        work.walk(new TreePath(at, tree));
        return new Arm(
                into.span(at.getCompilationUnit(), tree), labels, isDefault, work.computes, leaves || work.returns);
    }

    /** Looks for arithmetic, calls of the program's own operations, and returned values. */
    private static final class Work extends PathWalker<Void> {
        private final DesignBuilder into;
        private boolean computes;
        private boolean returns;

        Work(DesignBuilder into) {
            this.into = into;
        }

        @Override
        public Void visitBinary(BinaryTree tree, Void p) {
            switch (tree.getKind()) {
                case PLUS, MINUS, MULTIPLY, DIVIDE, REMAINDER -> computes = true;
                default -> {}
            }
            return super.visitBinary(tree, p);
        }

        @Override
        public Void visitCompoundAssignment(CompoundAssignmentTree tree, Void p) {
            computes = true;
            return super.visitCompoundAssignment(tree, p);
        }

        @Override
        public Void visitMethodInvocation(MethodInvocationTree tree, Void p) {
            Element e = into.trees.getElement(getCurrentPath());
            boolean own = e instanceof ExecutableElement m && into.resolver.isOwn(m.getEnclosingElement());
            boolean math = e != null && e.getEnclosingElement().toString().equals("java.lang.Math");
            computes |= own || math;
            return super.visitMethodInvocation(tree, p);
        }

        @Override
        public Void visitReturn(ReturnTree tree, Void p) {
            returns = true;
            return super.visitReturn(tree, p);
        }

        @Override
        public Void visitThrow(ThrowTree tree, Void p) {
            returns = true;
            return super.visitThrow(tree, p);
        }

        @Override
        public Void visitLambdaExpression(LambdaExpressionTree tree, Void p) {
            return null;
        }

        @Override
        public Void visitClass(ClassTree tree, Void p) {
            return null;
        }
    }

    /** A comparison of classes, or of something with a constant, wherever it stands. */
    Optional<Fact> ofComparison(TreePath at, BinaryTree tree, Function<TreePath, Value> valueOf) {
        if (tree.getKind() != Tree.Kind.EQUAL_TO && tree.getKind() != Tree.Kind.NOT_EQUAL_TO) {
            return Optional.empty();
        }
        for (ExpressionTree side : List.of(tree.getLeftOperand(), tree.getRightOperand())) {
            if (side instanceof MemberSelectTree m && m.getIdentifier().contentEquals("class")) {
                return typeAsked(new TreePath(new TreePath(at, side), m.getExpression()), into.span(at));
            }
        }
        Comparison asked = classify(at);
        boolean enumConstant = asked.on == Question.TAG && asked.type != null;
        return enumConstant || asked.on == Question.NULL
                ? fact(asked, List.of(), into.span(at), valueOf)
                : Optional.empty();
    }

    /** {@code Objects.isNull} and its like, and {@code Optional.ofNullable}, ask for null. */
    Optional<Fact> ofNullCheck(TreePath at, MethodInvocationTree tree, Function<TreePath, Value> valueOf) {
        if (tree.getArguments().isEmpty() || !(into.trees.getElement(at) instanceof ExecutableElement m)) {
            return Optional.empty();
        }
        String called = m.getEnclosingElement() + "." + m.getSimpleName();
        return NULL_CHECKS.contains(called)
                ? fact(
                        new Comparison(
                                Question.NULL,
                                new TreePath(at, tree.getArguments().get(0)),
                                null,
                                null),
                        List.of(),
                        into.span(at),
                        valueOf)
                : Optional.empty();
    }

    /** {@code getClass().equals(X.class)} asks for a type. */
    Optional<Fact> ofEquality(TreePath at, MethodInvocationTree tree, Function<TreePath, Value> valueOf) {
        for (ExpressionTree argument : tree.getArguments()) {
            boolean asks = argument instanceof MemberSelectTree m
                    && m.getIdentifier().contentEquals("class")
                    && tree.getMethodSelect().toString().endsWith("equals");
            if (asks) {
                MemberSelectTree m = (MemberSelectTree) argument;
                return typeAsked(new TreePath(new TreePath(at, argument), m.getExpression()), into.span(at));
            }
        }
        return Optional.empty();
    }

    private Optional<Fact> typeAsked(TreePath type, Span span) {
        TypeMirror mirror = into.trees.getTypeMirror(type);
        if (mirror == null) {
            return Optional.empty();
        }
        return Optional.of(new Fact.Branch(
                Question.TYPE, new Value.Unknown(), into.resolver.ref(mirror).type(), List.of(), span));
    }

    /** A cast to a type of the program that says more than was known. */
    Optional<Fact> ofCast(TreePath at, TypeCastTree tree, Value subject) {
        TypeMirror to = into.trees.getTypeMirror(new TreePath(at, tree.getType()));
        TypeMirror from = into.trees.getTypeMirror(new TreePath(at, tree.getExpression()));
        boolean own = to instanceof DeclaredType d && into.resolver.isOwn(d.asElement());
        if (!own || from == null || into.types.isSubtype(into.types.erasure(from), into.types.erasure(to))) {
            return Optional.empty();
        }
        return Optional.of(
                new Fact.Branch(Question.TYPE, subject, into.resolver.ref(to).type(), List.of(), into.span(at)));
    }

    private static int rank(Question q) {
        return switch (q) {
            case TYPE, TABLE -> 3;
            case TAG -> 2;
            case NULL -> 1;
            case OTHER -> 0;
        };
    }

    private Comparison classify(TreePath at) {
        Tree tree = at.getLeaf();
        if (tree instanceof ParenthesizedTree p) {
            return classify(new TreePath(at, p.getExpression()));
        }
        if (tree instanceof UnaryTree u) {
            return classify(new TreePath(at, u.getExpression()));
        }
        if (tree instanceof InstanceOfTree i) {
            return new Comparison(Question.TYPE, new TreePath(at, i.getExpression()), null, null);
        }
        if (tree instanceof BinaryTree b) {
            return binary(at, b);
        }
        if (tree instanceof MethodInvocationTree m) {
            return call(at, m);
        }
        return new Comparison(Question.OTHER, null, null, null);
    }

    private Comparison binary(TreePath at, BinaryTree b) {
        TreePath left = new TreePath(at, b.getLeftOperand());
        TreePath right = new TreePath(at, b.getRightOperand());
        switch (b.getKind()) {
            case CONDITIONAL_AND, CONDITIONAL_OR -> {
                Comparison x = classify(left);
                Comparison y = classify(right);
                return rank(y.on) > rank(x.on) ? y : x;
            }
            case EQUAL_TO, NOT_EQUAL_TO -> {
                if (isNull(b.getLeftOperand()) || isNull(b.getRightOperand())) {
                    return new Comparison(Question.NULL, isNull(b.getLeftOperand()) ? right : left, null, null);
                }
                if (isConstant(right)) {
                    return new Comparison(Question.TAG, left, typeOf(left), label(right));
                }
                if (isConstant(left)) {
                    return new Comparison(Question.TAG, right, typeOf(right), label(left));
                }
                return new Comparison(Question.OTHER, null, null, null);
            }
            default -> {
                return new Comparison(Question.OTHER, null, null, null);
            }
        }
    }

    private Comparison call(TreePath at, MethodInvocationTree m) {
        if (!(m.getMethodSelect() instanceof MemberSelectTree select)) {
            return new Comparison(Question.OTHER, null, null, null);
        }
        String name = select.getIdentifier().toString();
        TreePath on = new TreePath(new TreePath(at, select), select.getExpression());
        if (m.getArguments().size() == 1) {
            TreePath argument = new TreePath(at, m.getArguments().get(0));
            if (SAME_TEXT.contains(name)) {
                if (isConstant(argument)) {
                    return new Comparison(Question.TAG, on, typeOf(on), label(argument));
                }
                if (isConstant(on)) {
                    return new Comparison(Question.TAG, argument, typeOf(argument), label(on));
                }
            }
            if (name.equals("isNull") || name.equals("nonNull")) {
                return new Comparison(Question.NULL, argument, null, null);
            }
        }
        return new Comparison(Question.OTHER, null, null, null);
    }

    private static boolean isNull(Tree tree) {
        return tree.getKind() == Tree.Kind.NULL_LITERAL;
    }

    /** A literal, an enum's constant, or a named constant of a simple kind. */
    private boolean isConstant(TreePath at) {
        if (at.getLeaf() instanceof LiteralTree l) {
            return l.getValue() != null && !(l.getValue() instanceof Boolean);
        }
        if (!(into.trees.getElement(at) instanceof VariableElement v)) {
            return false;
        }
        return v.getKind() == ElementKind.ENUM_CONSTANT
                || (v.getKind() == ElementKind.FIELD
                        && v.getModifiers().containsAll(Set.of(Modifier.STATIC, Modifier.FINAL))
                        && v.getConstantValue() != null);
    }

    /** The id of an own type; null for any other. */
    private String typeOf(TreePath at) {
        TypeMirror type = into.trees.getTypeMirror(at);
        boolean own =
                type instanceof DeclaredType d && d.asElement() instanceof TypeElement t && into.resolver.isOwn(t);
        return own ? into.resolver.ref(type).type() : null;
    }
}
