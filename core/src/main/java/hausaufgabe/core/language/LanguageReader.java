package hausaufgabe.core.language;

import hausaufgabe.core.driver.Program;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads a language, and makes what is run. */
public interface LanguageReader extends SourceReader {

    /**
     * Compiles sources together with tests that use them.
     *
     * @param libraries places of what the tests need beside them
     */
    CompiledTests compile(List<SourceFile> sources, List<SourceFile> tests, List<String> libraries);

    /**
     * @param program the compiled sources and tests; empty where they do not compile together
     * @param classes names of the tests' types
     * @param problem the first error; null where there was none
     */
    record CompiledTests(
            Map<String, byte[]> program,
            List<String> classes,
            @Nullable String problem) {}

    /** Makes a compiled program ready to be run and listened to. */
    Program ready(Map<String, byte[]> program);
}
