package hausaufgabe.core.notation;

import hausaufgabe.core.notation.PatternOutline.Block;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Changes a pattern's text in one place and leaves the rest as it stands: comments, blank lines and the layout of everything
 * else are those of whoever wrote them.
 */
public final class PatternEditor {

    private static final String QUOTED = "\"(?:\\\\.|[^\"\\\\])*\"";
    private static final Pattern REQUIREMENT = Pattern.compile(
            "(\\s*)(require|forbid|remark)(\\s+\\S+)(\\s+essential)?(\\s+[0-9.]+)?(\\s+)(" + QUOTED + ")(.*)");
    private static final Pattern WORTH =
            Pattern.compile("(\\s*(?:scenario|run)\\s+" + QUOTED + "\\s+|\\s*tests\\s+)([0-9.]+)(.*)");
    private static final Pattern HINT = Pattern.compile("(\\s*hint\\s+)(" + QUOTED + ")(.*)");
    private static final Pattern MENTIONS =
            Pattern.compile("(\\s*\\b(?:caught by|instead of|shows|settles)\\s+)([\\w-]+(?:\\s*,\\s*[\\w-]+)*)");
    private static final List<String> LAST_OF_ALL = List.of("limit", "values", "tests", "run", "scenario", "pitfall");

    private final List<String> lines;
    private final PatternOutline outline;
    /** Of the pattern's own last line, from 1. */
    private final int last;

    private final String lineEnd;

    private PatternEditor(String text, int part, Vocabulary vocabulary) {
        List<PatternOutline> all = PatternSet.outlines(text, vocabulary);
        if (part < 0 || part >= all.size()) {
            throw goneFromText();
        }
        this.outline = all.get(part);
        this.last = PatternSet.lastLine(text, part);
        this.lineEnd = text.contains("\r\n") ? "\r\n" : "\n";
        this.lines = new ArrayList<>(List.of(text.split("\r?\n", -1)));
    }

    /** A change that cannot be made; the message says why and what to do. */
    public static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Refused(String message) {
            super(message);
        }
    }

    /** Changes a text that holds one pattern, or the first of several. */
    public static String apply(String text, PatternEdit edit, Vocabulary vocabulary) {
        return apply(text, 0, edit, vocabulary);
    }

    /**
     * @param text one pattern or several
     * @param part which of them is changed, from 0
     * @return the text with the change made
     * @throws NotationException where the text is no pattern to begin with
     * @throws Refused where it would be none with the change made
     */
    public static String apply(String text, int part, PatternEdit edit, Vocabulary vocabulary) {
        String changed = new PatternEditor(text, part, vocabulary).with(edit);
        try {
            PatternSet.parse(changed, vocabulary);
        } catch (NotationException e) {
            throw new Refused("This would no longer be a pattern: " + e.reason() + ".");
        }
        return changed;
    }

    private String with(PatternEdit edit) {
        if (edit instanceof PatternEdit.Worth e) {
            worth(block(e.place()), PatternPrinter.number(e.points()));
        } else if (edit instanceof PatternEdit.Essential e) {
            header(
                    e.place(),
                    m -> m.group(1)
                            + m.group(2)
                            + m.group(3)
                            + (e.essential() ? " essential" : "")
                            + (m.group(5) == null ? "" : " " + m.group(5).strip())
                            + m.group(6)
                            + m.group(7)
                            + m.group(8));
        } else if (edit instanceof PatternEdit.Forbidden e) {
            header(e.place(), m -> m.group(1) + (e.forbidden() ? "forbid" : "require") + rest(m, 3));
        } else if (edit instanceof PatternEdit.Wording e) {
            header(
                    e.place(),
                    m -> m.group(1)
                            + m.group(2)
                            + m.group(3)
                            + text(m.group(4))
                            + text(m.group(5))
                            + m.group(6)
                            + PatternPrinter.quoted(oneLine(e.text()))
                            + m.group(8));
        } else if (edit instanceof PatternEdit.Hint e) {
            hint(block(e.place()), oneLine(e.text()));
        } else if (edit instanceof PatternEdit.Says e) {
            says(block(e.place()), e);
        } else if (edit instanceof PatternEdit.Unsaid e) {
            unsaid(block(e.place()), e.index());
        } else if (edit instanceof PatternEdit.Removal e) {
            remove(block(e.place()));
        } else if (edit instanceof PatternEdit.Move e) {
            move(block(e.place()), e.up());
        } else if (edit instanceof PatternEdit.Limit e) {
            limit(e.of(), e.amount());
        } else if (edit instanceof PatternEdit.Addition e) {
            add(e.block());
        }
        stepLine(edit);
        return String.join(lineEnd, lines);
    }

    private void stepLine(PatternEdit edit) {
        if (edit instanceof PatternEdit.Line e) {
            int at = line(e.place(), e.index());
            lines.set(at, indentOf(at) + oneLine(e.text()) + remarkOf(lines.get(at)));
        } else if (edit instanceof PatternEdit.LineIn e) {
            Block block = block(e.place());
            boolean last = !outline.lines().containsKey(e.place() + " " + (e.index() + 1));
            int at = last ? block.to() : line(e.place(), e.index());
            String indent = last ? indentOf(block.from() - 1) + "  " : indentOf(at);
            lines.add(at, indent + oneLine(e.text()));
        } else if (edit instanceof PatternEdit.LineOut e) {
            if (!outline.lines().containsKey(e.place() + " 2")) {
                throw new Refused("One has to stay. Leave the whole scenario out instead.");
            }
            lines.remove(line(e.place(), e.index()));
        } else if (edit instanceof PatternEdit.LineMove e) {
            int other = e.index() + (e.up() ? -1 : 1);
            if (outline.lines().containsKey(e.place() + " " + (other + 1))) {
                Collections.swap(lines, line(e.place(), e.index()), line(e.place(), other));
            }
        }
    }

    /** Where a step or a line of a run stands, from 0. */
    private int line(String place, int index) {
        Integer line = outline.lines().get(block(place).place() + " " + (index + 1));
        if (line == null) {
            throw goneFromText();
        }
        return line - 1;
    }

    private void limit(RunLimits.Of of, int amount) {
        boolean usual = amount == RunLimits.USUAL.amount(of);
        Pattern said =
                Pattern.compile("(\\s*limit\\s+)\\d+(\\s+" + of.words().replace(" ", "\\s+") + ")(\\s*(?:--.*)?)");
        for (Block b : outline.blocks()) {
            Matcher m = said.matcher(lines.get(b.from() - 1));
            if (b.opener().equals("limit") && m.matches()) {
                if (usual) {
                    lines.remove(b.from() - 1);
                } else {
                    lines.set(b.from() - 1, m.group(1) + amount + m.group(2) + m.group(3));
                }
                return;
            }
        }
        if (!usual) {
            add("  limit " + amount + " " + of.words());
        }
    }

    private Block block(String place) {
        return outline.block(place).orElseThrow(PatternEditor::goneFromText);
    }

    private static Refused goneFromText() {
        return new Refused("This stands in the text no more. What is shown now is the text as it is.");
    }

    private static String oneLine(String text) {
        return text.strip().replaceAll("\\s*[\r\n]+\\s*", " ");
    }

    private static String text(String group) {
        return group == null ? "" : group;
    }

    private static String rest(Matcher m, int from) {
        StringBuilder rest = new StringBuilder();
        for (int i = from; i <= m.groupCount(); i++) {
            rest.append(text(m.group(i)));
        }
        return rest.toString();
    }

    private interface Rewriting {
        String of(Matcher header);
    }

    private void header(String place, Rewriting rewriting) {
        int at = block(place).from() - 1;
        Matcher m = REQUIREMENT.matcher(lines.get(at));
        if (!m.matches()) {
            throw notOnOneLine();
        }
        lines.set(at, rewriting.of(m));
    }

    private static Refused notOnOneLine() {
        return new Refused("This is written in a way that can only be changed in the text.");
    }

    private void worth(Block block, String points) {
        int at = block.from() - 1;
        Matcher scenario = WORTH.matcher(lines.get(at));
        if (scenario.matches()) {
            lines.set(at, scenario.group(1) + points + scenario.group(3));
            return;
        }
        header(
                block.place(),
                m -> m.group(1) + m.group(2) + m.group(3) + text(m.group(4)) + " " + points + m.group(6) + m.group(7)
                        + m.group(8));
    }

    private void hint(Block block, String text) {
        Integer line = outline.lines().get(block.place() + " hint");
        if (line == null) {
            if (!text.isEmpty()) {
                lines.add(block.from(), indentOf(block.from() - 1) + "  hint " + PatternPrinter.quoted(text));
            }
            return;
        }
        Matcher m = HINT.matcher(lines.get(line - 1));
        if (!m.matches()) {
            throw notOnOneLine();
        }
        if (text.isEmpty()) {
            lines.remove(line - 1);
        } else {
            lines.set(line - 1, m.group(1) + PatternPrinter.quoted(text) + m.group(3));
        }
    }

    private String indentOf(int at) {
        String line = lines.get(at);
        return line.substring(0, line.length() - line.stripLeading().length());
    }

    private void says(Block block, PatternEdit.Says says) {
        String text = PatternPrinter.condition(says.condition());
        Integer line = outline.lines().get(block.place() + " " + (says.index() + 1));
        if (line == null) {
            lines.add(block.to(), indentOf(block.from() - 1) + "  " + text);
        } else {
            lines.set(line - 1, indentOf(line - 1) + text + remarkOf(lines.get(line - 1)));
        }
    }

    /** The comment at the end of a line with the space before it; empty where there is none. */
    private static String remarkOf(String line) {
        int at = masked(line).indexOf("--");
        if (at < 0) {
            return "";
        }
        int from = at;
        while (from > 0 && Character.isWhitespace(line.charAt(from - 1))) {
            from--;
        }
        return line.substring(from);
    }

    /** The line with everything in quotes blanked out. */
    private static String masked(String line) {
        Matcher m = Pattern.compile(QUOTED).matcher(line);
        return m.replaceAll(q -> "#".repeat(q.group().length()));
    }

    private void unsaid(Block block, int index) {
        Integer line = outline.lines().get(block.place() + " " + (index + 1));
        if (line == null) {
            throw new Refused("There is no such condition any more.");
        }
        if (!outline.lines().containsKey(block.place() + " 2")) {
            throw new Refused("A requirement needs a condition. Leave the whole requirement out instead.");
        }
        lines.remove(line - 1);
    }

    private void remove(Block block) {
        int from = withRemarks(block);
        String id = block.place().substring(block.place().lastIndexOf(' ') + 1);
        List<String> taken = lines.subList(from, block.to());
        taken.clear();
        boolean gap = from > 0
                && from < lines.size()
                && lines.get(from - 1).isBlank()
                && lines.get(from).isBlank();
        if (gap) {
            lines.remove(from);
        }
        boolean required = block.opener().equals("require") || block.opener().equals("forbid");
        if (required && outline.blocks().stream().filter(b -> isOf(b, id)).count() == 1) {
            forget(id);
        }
    }

    private static boolean isOf(Block b, String id) {
        return b.place().endsWith("require " + id) && !b.opener().equals("remark");
    }

    /** Takes an id out of every list that names it. */
    private void forget(String id) {
        for (int i = lines.size() - 1; i >= 0; i--) {
            String line = lines.get(i);
            String bare = masked(line);
            int remark = bare.indexOf("--");
            Matcher m = MENTIONS.matcher(remark < 0 ? bare : bare.substring(0, remark));
            if (!m.find() || !List.of(m.group(2).split("\\s*,\\s*")).contains(id)) {
                continue;
            }
            String left = List.of(m.group(2).split("\\s*,\\s*")).stream()
                    .filter(x -> !x.equals(id))
                    .collect(Collectors.joining(", "));
            if (left.isEmpty() && m.group(1).contains("instead of")) {
                throw new Refused("A form asks for something else in its place. Leave out the form first.");
            }
            boolean whole = bare.substring(0, m.start()).isBlank();
            if (left.isEmpty() && whole) {
                lines.remove(i);
            } else {
                lines.set(
                        i,
                        line.substring(0, m.start())
                                + (left.isEmpty() ? "" : m.group(1) + left)
                                + line.substring(m.end()));
            }
        }
    }

    /** Index of the first line of what belongs to a block: comments that stand directly above it are about it. */
    private int withRemarks(Block block) {
        int from = block.from() - 1;
        while (from > 0 && lines.get(from - 1).strip().startsWith("--")) {
            from--;
        }
        return from;
    }

    private void move(Block block, boolean up) {
        List<Block> alike = outline.blocks().stream().filter(block::isAlike).toList();
        int at = alike.indexOf(block) + (up ? -1 : 1);
        if (at < 0 || at >= alike.size()) {
            return;
        }
        Block first = up ? alike.get(at) : block;
        Block second = up ? block : alike.get(at);
        List<String> above = new ArrayList<>(lines.subList(withRemarks(first), first.to()));
        List<String> between = new ArrayList<>(lines.subList(first.to(), withRemarks(second)));
        List<String> below = new ArrayList<>(lines.subList(withRemarks(second), second.to()));
        List<String> exchanged = new ArrayList<>(below);
        exchanged.addAll(between);
        exchanged.addAll(above);
        List<String> place = lines.subList(withRemarks(first), second.to());
        place.clear();
        place.addAll(exchanged);
    }

    private void add(String block) {
        List<String> added = List.of(block.stripTrailing().split("\r?\n"));
        String opener = added.stream()
                .map(String::strip)
                .filter(l -> !l.isEmpty() && !l.startsWith("--"))
                .map(l -> l.split("\\s+")[0])
                .findFirst()
                .orElse("");
        if (!PatternParser.OPENERS.contains(opener)) {
            throw new Refused(
                    "What is to be added does not begin with one of " + String.join(", ", PatternParser.OPENERS) + ".");
        }
        boolean required = opener.equals("require") || opener.equals("forbid");
        Optional<Block> last = outline.blocks().stream()
                .filter(b -> required
                        ? b.place().startsWith("require ") && !b.opener().equals("remark")
                        : b.opener().equals(opener))
                .reduce((a, b) -> b);
        boolean apart = List.of("scenario", "run", "form").contains(opener) || last.isEmpty();
        int at = last.map(Block::to).orElseGet(() -> end(opener));
        List<String> all = new ArrayList<>();
        if (apart) {
            all.add("");
        }
        all.addAll(added);
        if (apart && at < lines.size() && !lines.get(at).isBlank()) {
            all.add("");
        }
        lines.addAll(at, all);
    }

    /** Behind what stands before the first of its sort in the usual layout. */
    private int end(String opener) {
        if (opener.equals("same")) {
            return outline.blocks().stream()
                    .filter(b -> b.opener().equals("role") || b.opener().equals("member"))
                    .mapToInt(Block::to)
                    .max()
                    .orElse(last);
        }
        int own = LAST_OF_ALL.indexOf(opener);
        List<String> after = own < 0 ? LAST_OF_ALL : LAST_OF_ALL.subList(0, own);
        List<String> later = new ArrayList<>(after);
        if (own < 0) {
            later.add("form");
            later.add("remark");
        }
        int end = outline.blocks().stream()
                .filter(b -> !later.contains(b.opener()))
                .filter(b -> own >= 0 || !b.place().startsWith("form "))
                .mapToInt(Block::to)
                .max()
                .orElse(last);
        return Math.min(end, lines.size());
    }
}
