package hausaufgabe.language.java;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.BlockTree;
import com.sun.source.tree.BreakTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.ForLoopTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.ReturnTree;
import com.sun.source.tree.StatementTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import hausaufgabe.core.design.Value;
import java.util.List;

/** How much of a container a loop walks through, as far as its own text tells. */
final class Loops {

    private Loops() {}

    /** Whether the loop's body ends the loop in its first turn, whatever happens. */
    static boolean leavesEarly(StatementTree body) {
        List<? extends StatementTree> statements =
                body instanceof BlockTree block ? block.getStatements() : List.of(body);
        return statements.stream().anyMatch(s -> s instanceof BreakTree || s instanceof ReturnTree);
    }

    /** A counting loop that begins after the first, ends before the last, or stops at a number, leaves some out. */
    static Value.Choice walkedBy(ForLoopTree loop) {
        boolean some = leavesEarly(loop.getStatement()) || beginsLate(loop) || endsEarly(loop.getCondition());
        return some ? Value.Choice.SOME : Value.Choice.EACH;
    }

    private static boolean beginsLate(ForLoopTree loop) {
        boolean up = loop.getCondition() instanceof BinaryTree b
                && (b.getKind() == Tree.Kind.LESS_THAN || b.getKind() == Tree.Kind.LESS_THAN_EQUAL);
        return up
                && loop.getInitializer().stream()
                        .anyMatch(s -> s instanceof VariableTree v
                                && v.getInitializer() instanceof LiteralTree l
                                && l.getValue() instanceof Integer from
                                && from > 0);
    }

    private static boolean endsEarly(ExpressionTree condition) {
        if (!(condition instanceof BinaryTree b)) {
            return false;
        }
        boolean sizeLessOne = b.getKind() == Tree.Kind.LESS_THAN
                && b.getRightOperand() instanceof BinaryTree r
                && r.getKind() == Tree.Kind.MINUS
                && r.getRightOperand() instanceof LiteralTree;
        boolean downToOne = b.getKind() == Tree.Kind.GREATER_THAN
                && b.getRightOperand() instanceof LiteralTree l
                && Integer.valueOf(0).equals(l.getValue());
        return sizeLessOne || (downToOne && !b.getLeftOperand().toString().contains("("));
    }
}
