package hausaufgabe.core.reading;

import hausaufgabe.core.scenario.Program;
import java.util.List;
import java.util.Map;

/** Reads a language. */
public interface LanguageReader {

    /** Whether a file is one of this language's sources, by its name. */
    boolean reads(String path);

    /**
     * Reads and compiles. Errors in the sources are no errors here: they are in the result.
     *
     * @param sources files in the order of their paths
     */
    Reading read(List<SourceFile> sources);

    /** Makes a compiled program ready to be run and listened to. */
    Program ready(Map<String, byte[]> program);
}
