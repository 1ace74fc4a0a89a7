package hausaufgabe.core.language;

/** A programming language: all that is known of it. A further one is a further object of this type. */
public interface Language {

    /** Its name as commands and records have it, such as {@code java}. */
    String id();

    /** Its name as people say it. */
    String name();

    LanguageReader reader();

    LanguageValues values();

    /** Whether a word is one of the language and so no name that a person could have given. */
    boolean isReserved(String word);

    /** The name by which highlighters know it. */
    String highlighting();
}
