package hausaufgabe.language.java;

import com.sun.source.tree.AssignmentTree;
import com.sun.source.tree.DoWhileLoopTree;
import com.sun.source.tree.IdentifierTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.WhileLoopTree;
import com.sun.source.util.TreeScanner;

/**
 * Whether a body must be walked twice: only where something without a qualifier is assigned again, or counts in a loop, can a
 * use before the assignment depend on it.
 */
final class Rewalk extends TreeScanner<Void, Void> {
    private boolean needed;

    private Rewalk() {}

    static boolean isNeeded(Tree body) {
        Rewalk scanner = new Rewalk();
        scanner.scan(body, null);
        return scanner.needed;
    }

    @Override
    public Void scan(Tree tree, Void nothing) {
        return needed ? null : super.scan(tree, nothing);
    }

    @Override
    public Void visitAssignment(AssignmentTree tree, Void nothing) {
        needed |= tree.getVariable() instanceof IdentifierTree;
        return super.visitAssignment(tree, nothing);
    }

    @Override
    public Void visitWhileLoop(WhileLoopTree tree, Void nothing) {
        needed = true;
        return null;
    }

    @Override
    public Void visitDoWhileLoop(DoWhileLoopTree tree, Void nothing) {
        needed = true;
        return null;
    }
}
