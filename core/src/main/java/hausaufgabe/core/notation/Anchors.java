package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where a text says what: the comments, the lines and the blocks of lines, by the names the printer has for them. */
final class Anchors {

    private final Map<String, List<String>> comments = new LinkedHashMap<>();
    private final Map<String, Integer> lines = new LinkedHashMap<>();
    private final List<PatternOutline.Block> blocks = new ArrayList<>();

    /** Keeps the comments read since the last time, and the line that was read, for what {@code anchor} names. */
    void remember(Tokens tokens, String anchor) {
        lines.put(anchor, tokens.lastLine());
        List<String> alone = tokens.takeRemarks(true);
        List<String> behind = tokens.takeRemarks(false);
        tokens.leaveRemarks();
        if (!alone.isEmpty()) {
            comments.put(anchor, List.copyOf(alone));
        }
        if (!behind.isEmpty()) {
            comments.put(anchor + PatternPrinter.BEHIND, List.of(String.join(" -- ", behind)));
        }
    }

    /** Keeps which lines something takes up, once they were read. */
    void block(String opener, String anchor, int from, Tokens tokens) {
        blocks.add(new PatternOutline.Block(opener, anchor, from, tokens.lastLine()));
    }

    Map<String, List<String>> comments() {
        return Map.copyOf(comments);
    }

    Map<String, Integer> lines() {
        return Map.copyOf(lines);
    }

    List<PatternOutline.Block> blocks() {
        return List.copyOf(blocks);
    }
}
