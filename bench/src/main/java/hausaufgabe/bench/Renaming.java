package hausaufgabe.bench;

import hausaufgabe.core.language.SourceFile;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Makes another submission of one: its types are called otherwise, and its files come in another order. */
final class Renaming {

    private static final Pattern DECLARED = Pattern.compile("\\b(?:class|interface|enum|record)\\s+([A-Z]\\w*)");

    private Renaming() {}

    /** @param turn 0 for the submission as it is */
    static List<SourceFile> of(List<SourceFile> sources, int turn) {
        if (turn == 0) {
            return sources;
        }
        Set<String> names = new TreeSet<>();
        for (SourceFile s : sources) {
            Matcher m = DECLARED.matcher(s.text());
            while (m.find()) {
                names.add(m.group(1));
            }
        }
        List<SourceFile> renamed = new ArrayList<>();
        for (SourceFile s : sources) {
            String text = s.text();
            String path = s.path();
            for (String name : names) {
                text = text.replaceAll("\\b" + name + "\\b", name + "No" + turn);
                path = path.replaceAll("\\b" + name + "\\.java$", name + "No" + turn + ".java");
            }
            renamed.add(new SourceFile(path, text));
        }
        Collections.shuffle(renamed, new Random(turn));
        return renamed;
    }
}
