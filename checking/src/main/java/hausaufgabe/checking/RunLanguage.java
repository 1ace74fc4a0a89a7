package hausaufgabe.checking;

import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.language.Language;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;

/**
 * A language with what runs its programs.
 *
 * @param drivers opens a source of driven processes for one submission
 * @param testLibraries what test classes are compiled with
 */
public record RunLanguage(
        Language language, Function<CheckRequest.Isolation, Driver.Source> drivers, List<Path> testLibraries) {

    List<String> testLibraryNames() {
        return testLibraries.stream().map(Path::toString).toList();
    }
}
