package hausaufgabe.core.notation;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds the word that a misspelt one may stand for. */
final class Spelling {

    private Spelling() {}

    /** The known word at most a third of its letters away, or nothing. */
    static Optional<String> nearest(String word, List<String> known) {
        return known.stream()
                .filter(k -> !word.isEmpty() && distance(word, k) <= Math.max(1, (k.length() + 1) / 3))
                .min(Comparator.comparingInt((String k) -> distance(word, k)).thenComparing(k -> k));
    }

    /** The fewest letters to add, leave out or change (Levenshtein's distance), case not counted. */
    static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                boolean same = Character.toLowerCase(a.charAt(i - 1)) == Character.toLowerCase(b.charAt(j - 1));
                int change = diagonal + (same ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
