package hausaufgabe.core.language;

import java.util.function.Predicate;

/**
 * A language whose programs are judged by what is written in them, and not run.
 *
 * @param id its name as commands and records have it, such as {@code python}
 * @param name as people say it
 * @param isReserved whether a word is one of the language and so no name that a person could have given
 */
public record ReadLanguage(String id, String name, SourceReader reader, Predicate<String> isReserved) {}
