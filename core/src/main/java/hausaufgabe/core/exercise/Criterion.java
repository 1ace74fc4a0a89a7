package hausaufgabe.core.exercise;

import java.util.List;

/**
 * What a person judges, and no check can: whether names are good, whether a decision is explained. Its points stay open until
 * somebody has chosen a level.
 *
 * @param id word by which it is known, of which no two of an exercise share one
 * @param text what is looked at, a sentence
 * @param levels what can be chosen, in the order in which they are shown; at least one
 */
public record Criterion(String id, String text, List<Level> levels) {

    public Criterion {
        levels = List.copyOf(levels);
    }

    /**
     * @param points what it is worth, in quarters
     * @param text what work of this level is like
     */
    public record Level(double points, String text) {}

    /** The most that it can bring. */
    public double possible() {
        return levels.stream().mapToDouble(Level::points).max().orElse(0);
    }
}
