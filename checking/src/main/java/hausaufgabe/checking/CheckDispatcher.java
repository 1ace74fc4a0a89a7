package hausaufgabe.checking;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;

/** The seam between who wants a check and who makes it. */
public interface CheckDispatcher extends AutoCloseable {

    /**
     * Takes a check on. Checks are begun in the order they come.
     *
     * @param progress told in a few words what is being done; may be told from any thread
     * @return the report; fails with {@link CheckFailed} where none could be made
     */
    CompletableFuture<CheckReport> submit(CheckRequest request, Consumer<String> progress);

    /**
     * Reads sources to say what they declare. Comes before all checks, since somebody waits for it.
     *
     * @return fails with {@link CheckFailed} where they cannot be read
     */
    CompletableFuture<ProgramOutline> outline(List<SourceFile> sources);

    /** How many checks are made at a time as things are; at least 1. */
    int capacity();

    @Override
    void close();
}
