package hausaufgabe.language.java;

import com.sun.source.tree.BlockTree;
import com.sun.source.tree.BreakTree;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.EmptyStatementTree;
import com.sun.source.tree.EnhancedForLoopTree;
import com.sun.source.tree.ForLoopTree;
import com.sun.source.tree.IfTree;
import com.sun.source.tree.LambdaExpressionTree;
import com.sun.source.tree.ReturnTree;
import com.sun.source.tree.StatementTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.tree.SynchronizedTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.WhileLoopTree;
import com.sun.source.util.TreePath;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The statements of a body as text, so that copies can be found. */
final class Statements extends PathWalker<Void> {

    private static final Pattern COMMENT = Pattern.compile("//[^\\n]*|/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern SPACE = Pattern.compile("\\s+");

    private final DesignBuilder into;
    private final List<Operation.Statement> found = new ArrayList<>();
    private final List<Span> guards = new ArrayList<>();

    private Statements(DesignBuilder into) {
        this.into = into;
    }

    static Statements in(DesignBuilder into, TreePath body) {
        Statements statements = new Statements(into);
        if (body != null) {
            statements.walk(body);
        }
        return statements;
    }

    List<Operation.Statement> all() {
        return List.copyOf(found);
    }

    /** Blocks that let in one thread at a time. */
    List<Span> guards() {
        return List.copyOf(guards);
    }

    @Override
    public Void visitSynchronized(SynchronizedTree tree, Void p) {
        guards.add(into.span(getCurrentPath()));
        return super.visitSynchronized(tree, p);
    }

    @Override
    public Void scan(Tree tree, Void p) {
        if (tree instanceof StatementTree s
                && !(tree instanceof BlockTree)
                && !(tree instanceof ClassTree)
                && !(tree instanceof EmptyStatementTree)) {
            boolean alone = s instanceof BreakTree || s instanceof ReturnTree r && r.getExpression() == null;
            found.add(new Operation.Statement(
                    text(s), alone ? 0 : 1, into.span(getCurrentPath().getCompilationUnit(), s)));
        }
        return super.scan(tree, p);
    }

    /** A statement that holds others is told by its head. */
    private String text(StatementTree s) {
        if (s instanceof IfTree i) {
            return "if " + source(i.getCondition());
        }
        if (s instanceof ForLoopTree f) {
            return "for " + f.getInitializer() + f.getCondition() + f.getUpdate();
        }
        if (s instanceof EnhancedForLoopTree f) {
            return "for " + source(f.getVariable()) + " : " + source(f.getExpression());
        }
        if (s instanceof WhileLoopTree w) {
            return "while " + source(w.getCondition());
        }
        if (s instanceof SwitchTree w) {
            return "switch " + source(w.getExpression());
        }
        return source(s);
    }

    private String source(Tree tree) {
        Span span = into.span(getCurrentPath().getCompilationUnit(), tree);
        String written = into.source(getCurrentPath().getCompilationUnit(), span);
        String bare =
                written.indexOf('/') < 0 ? written : COMMENT.matcher(written).replaceAll(" ");
        return SPACE.matcher(bare).replaceAll(" ");
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
