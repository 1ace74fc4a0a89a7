package hausaufgabe.core.scenario.transcript;

import hausaufgabe.core.report.ScenarioResult.Comparison;
import hausaufgabe.core.report.ScenarioResult.Line;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Sentence.Piece;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What was done in a scenario, line by line. Kept to {@value #MOST} lines. */
public final class Transcript {

    public static final int MOST = 60;

    private final List<Line> lines = new ArrayList<>();
    private @Nullable Comparison comparison;

    /** @param depth 0 for what was done, 1 for what came of it */
    public void add(LineKind kind, int depth, @Nullable Boolean good, Object... parts) {
        if (lines.size() < MOST || kind == LineKind.EXPECTED || kind == LineKind.STOPPED) {
            lines.add(new Line(kind, depth, say(parts), good));
        }
    }

    public void called(Object... parts) {
        add(LineKind.CALLED, 0, null, parts);
    }

    /** What came of the last call. */
    public void came(Object... parts) {
        add(LineKind.CALLED, 1, null, parts);
    }

    public void built(Object... parts) {
        add(LineKind.BUILT, 0, null, parts);
    }

    public void expected(boolean holds, Object... parts) {
        add(LineKind.EXPECTED, 0, holds, parts);
    }

    public void stopped(@Nullable Boolean good, String why) {
        add(LineKind.STOPPED, 0, good, why);
    }

    /** Two texts that should have been the same. */
    public void differs(Comparison texts) {
        comparison = texts;
    }

    public @Nullable Comparison comparison() {
        return comparison;
    }

    public List<Line> lines() {
        return List.copyOf(lines);
    }

    /** What is to be known before the first line. */
    public void begin(Object... parts) {
        lines.add(0, new Line(LineKind.BUILT, 0, say(parts), null));
    }

    /** The place after the last line, to come back to. */
    public int mark() {
        return lines.size();
    }

    /** Leaves out what was tried since a mark and led nowhere. */
    public void dropSince(int mark) {
        while (lines.size() > mark) {
            lines.remove(lines.size() - 1);
        }
    }

    /** Text as it is, names of the program as {@link Code}. */
    public static Sentence say(Object... parts) {
        List<Piece> pieces = new ArrayList<>();
        for (Object part : parts) {
            if (part instanceof Code c) {
                pieces.add(new Piece(c.text(), true, c.role()));
            } else if (part instanceof Sentence s) {
                pieces.addAll(s.pieces());
            } else {
                pieces.add(new Piece(String.valueOf(part), false, null));
            }
        }
        pieces.removeIf(p -> p.text().isEmpty());
        return new Sentence(List.copyOf(pieces));
    }
}
