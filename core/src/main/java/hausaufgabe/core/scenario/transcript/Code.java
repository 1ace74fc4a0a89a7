package hausaufgabe.core.scenario.transcript;

import org.jspecify.annotations.Nullable;

/**
 * A name of the program within a sentence.
 *
 * @param role the role it plays, or null
 */
public record Code(String text, @Nullable String role) {
    public static Code of(String text) {
        return new Code(text, null);
    }
}
