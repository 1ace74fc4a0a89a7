package hausaufgabe.core.language;

import java.util.List;

/** Makes designs of sources. */
public interface SourceReader {

    /** Whether a file is one of this language's sources, by its name. */
    boolean reads(String path);

    /**
     * Reads, and compiles where the language does. Errors in the sources are no errors here: they are in the result.
     *
     * @param sources files in the order of their paths
     */
    Reading read(List<SourceFile> sources);
}
