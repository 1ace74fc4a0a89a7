package hausaufgabe.server.git;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.eclipse.jgit.lib.FileMode;
import org.eclipse.jgit.lib.ObjectLoader;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.revwalk.RevCommit;
import org.eclipse.jgit.treewalk.TreeWalk;

/** The files of a commit, as they would be uploaded. */
final class CommitFiles {

    private static final int MOST = 5_000;
    private static final long LARGEST = 40L << 20;

    private CommitFiles() {}

    /** More files, or more in them, than anybody hands in. */
    static final class TooMuch extends Exception {
        private static final long serialVersionUID = 1L;

        TooMuch(String message) {
            super(message);
        }
    }

    /** Links and repositories in repositories are not followed, and the brief is no work. */
    static Map<String, byte[]> of(Repository repository, RevCommit commit) throws IOException, TooMuch {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long bytes = 0;
        try (TreeWalk walk = new TreeWalk(repository)) {
            walk.addTree(commit.getTree());
            walk.setRecursive(true);
            while (walk.next()) {
                FileMode mode = walk.getFileMode(0);
                boolean file = mode == FileMode.REGULAR_FILE || mode == FileMode.EXECUTABLE_FILE;
                if (!file || walk.getPathString().equals(Repositories.BRIEF)) {
                    continue;
                }
                ObjectLoader content = repository.open(walk.getObjectId(0));
                bytes += content.getSize();
                if (files.size() >= MOST || bytes > LARGEST) {
                    throw new TooMuch("There are more than " + MOST + " files in it, or more than " + (LARGEST >> 20)
                            + " MB. Leave out what is built, and push just the sources.");
                }
                files.put(walk.getPathString(), content.getCachedBytes());
            }
        }
        return files;
    }
}
