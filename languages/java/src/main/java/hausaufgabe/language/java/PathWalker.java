package hausaufgabe.language.java;

import com.sun.source.tree.Tree;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreeScanner;

/** Walks a tree knowing the path to where it is, and can be sent to any path and come back. */
abstract class PathWalker<R> extends TreeScanner<R, Void> {

    private TreePath current;

    final TreePath getCurrentPath() {
        return current;
    }

    final R walk(TreePath at) {
        TreePath before = current;
        current = at;
        try {
            return at.getLeaf().accept(this, null);
        } finally {
            current = before;
        }
    }

    @Override
    public R scan(Tree tree, Void nothing) {
        return tree == null ? null : walk(new TreePath(current, tree));
    }
}
