package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Finds further mistakes behind the first: reads the text again without the lines that hold the one found. */
final class MistakeSearch {

    /** Mistakes that are told at once; who has more has other worries. */
    private static final int MOST = 20;
    /** Readings of the text, those among them that only show what follows from a mistake. */
    private static final int MOST_READINGS = 60;

    private final Vocabulary vocabulary;
    private final String[] lines;
    private final Set<String> lost = new HashSet<>();
    private final Set<String> standIns = new HashSet<>();

    MistakeSearch(String text, Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.lines = text.split("\n", -1);
    }

    List<NotationException> all() {
        List<NotationException> found = new ArrayList<>();
        for (int i = 0; i < MOST_READINGS && found.size() < MOST; i++) {
            try {
                PatternSet.parse(String.join("\n", lines), vocabulary);
                break;
            } catch (NotationException e) {
                if (!follows(e)) {
                    found.add(e);
                }
                if (!passOver(e.line() - 1)) {
                    // with nothing left to pass over, the mistake is of the whole
                    break;
                }
            }
        }
        found.sort(Comparator.comparingInt(NotationException::line).thenComparingInt(NotationException::column));
        return List.copyOf(found);
    }

    /** Whether what stands there is the name of something that was passed over. */
    private boolean follows(NotationException e) {
        if (e.line() < 1 || e.line() > lines.length) {
            return false;
        }
        String line = lines[e.line() - 1];
        String rest = line.substring(Math.min(Math.max(0, e.column() - 1), line.length()));
        return lost.stream()
                .anyMatch(name ->
                        rest.startsWith(name) && !continues(rest, name.length()) || rest.startsWith("{" + name + "}"));
    }

    private static boolean continues(String rest, int at) {
        return at < rest.length() && (Character.isLetterOrDigit(rest.charAt(at)) || "-_".indexOf(rest.charAt(at)) >= 0);
    }

    /** Blanks what is declared around a line; false where that is no declaration of its own. */
    private boolean passOver(int at) {
        int from = Math.min(at, lines.length - 1);
        while (from >= 0 && !begins(lines[from])) {
            from--;
        }
        if (from < 0) {
            return false;
        }
        int to = Math.max(from, at);
        do {
            to++;
        } while (to < lines.length && !begins(lines[to]) && !isPattern(lines[to]));
        String[] words = lines[from].strip().split("\\s+");
        String stand = standIn(words, lines[from]);
        Arrays.fill(lines, from, to, "");
        if (!stand.isEmpty() && standIns.add(words[0] + " " + words[1])) {
            lines[from] = stand;
        } else if (words.length > 1) {
            lost.add(words[1]);
        }
        return true;
    }

    /** Something that declares the same name and is right as far as one can tell; empty for none. */
    private String standIn(String[] words, String line) {
        if (words.length < 2) {
            return "";
        }
        if (words[0].equals("role")) {
            return "role " + words[1] + " a type";
        }
        String owner = Arrays.stream(lines)
                .map(l -> l.strip().split("\\s+"))
                .filter(w -> w[0].equals("role") && w.length > 1)
                .map(w -> w[1])
                .findFirst()
                .orElse("");
        return words[0].equals("member") && !owner.isEmpty()
                ? "member " + words[1] + (line.contains(" field ") ? " field of " : " operation of ") + owner
                : "";
    }

    private static boolean begins(String line) {
        return PatternParser.OPENERS.contains(line.strip().split("\\s+")[0]);
    }

    private static boolean isPattern(String line) {
        return line.strip().startsWith("pattern ");
    }
}
