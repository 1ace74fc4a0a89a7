package hausaufgabe.core.scenario;

import hausaufgabe.core.report.ScenarioResult.Line;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Sentence.Piece;
import java.util.ArrayList;
import java.util.List;

/** What was done in a scenario, line by line. Kept to {@value #MOST} lines. */
final class Account {

    static final int MOST = 60;

    private final List<Line> lines = new ArrayList<>();

    void add(LineKind kind, int depth, Boolean good, Object... parts) {
        if (lines.size() < MOST || kind == LineKind.EXPECTED || kind == LineKind.STOPPED) {
            lines.add(new Line(kind, depth, say(parts), good));
        }
    }

    List<Line> lines() {
        return List.copyOf(lines);
    }

    /** The place after the last line, to come back to. */
    int mark() {
        return lines.size();
    }

    /** Leaves out what was tried since a mark and led nowhere. */
    void dropSince(int mark) {
        while (lines.size() > mark) {
            lines.remove(lines.size() - 1);
        }
    }

    /** Text as it is, names of the program as {@link Code}. */
    static Sentence say(Object... parts) {
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

    /** @param role the role it plays, or null */
    record Code(String text, String role) {
        static Code of(String text) {
            return new Code(text, null);
        }
    }
}
