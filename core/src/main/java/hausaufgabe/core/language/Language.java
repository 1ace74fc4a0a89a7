package hausaufgabe.core.language;

import hausaufgabe.core.design.Fact;

/** A programming language: all that is known of it. A further one is a further object of this type. */
public interface Language {

    /** Its name as commands and records have it, such as {@code java}. */
    String id();

    LanguageReader reader();

    LanguageValues values();

    /** Whether a call of a library leaves something to chance: random numbers, the time, threads. */
    boolean leavesToChance(Fact.Library call);

    /** The name by which highlighters know it. */
    String highlighting();
}
