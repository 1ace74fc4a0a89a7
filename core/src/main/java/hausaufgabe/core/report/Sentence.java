package hausaufgabe.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A sentence in which names of the submission stand out and say which role they play. */
public record Sentence(List<Piece> pieces) {

    /**
     * Some words, or a name.
     *
     * @param text what to read
     * @param isCode whether it is a name of the submission
     * @param role the role played by what it names; null where none
     */
    public record Piece(
            String text, boolean isCode, @Nullable String role) {

        /** Characters that are kept of a piece: what a program makes up may be of any length. */
        private static final int LONGEST = 2_000;

        public Piece {
            if (text.length() > LONGEST) {
                text = text.substring(0, LONGEST) + "… (" + text.length() + " characters)";
            }
        }
    }

    public static final Sentence NONE = new Sentence(List.of());

    public static Sentence words(String text) {
        return new Sentence(List.of(new Piece(text, false, null)));
    }

    public boolean isEmpty() {
        return pieces.isEmpty();
    }

    /** This one, a space, and another. */
    public Sentence then(Sentence next) {
        if (isEmpty() || next.isEmpty()) {
            return isEmpty() ? next : this;
        }
        List<Piece> all = new ArrayList<>(pieces);
        all.add(new Piece(" ", false, null));
        all.addAll(next.pieces);
        return new Sentence(List.copyOf(all));
    }

    /** Its text without marks. */
    public String plain() {
        return pieces.stream().map(Piece::text).collect(Collectors.joining());
    }
}
