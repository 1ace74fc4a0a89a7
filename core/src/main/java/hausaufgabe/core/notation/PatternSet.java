package hausaufgabe.core.notation;

import hausaufgabe.core.notation.PatternOutline.Mention;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The patterns that one text asks for: usually one, several where an exercise wants them in the same program. Each is found
 * and judged for itself; a role of a later one can be said to be played by the same type as a role of an earlier one. No two
 * of them give the same name to a role, a member or a requirement.
 *
 * @param patterns in the order of the text, at least one
 */
public record PatternSet(List<DesignPattern> patterns) {

    /** Patterns that a text may hold. */
    private static final int MOST = 4;

    private static final Pattern BEGINNING = Pattern.compile("\\s*pattern\\s+[\\w-]+\\s+\".*", Pattern.DOTALL);

    public PatternSet {
        patterns = List.copyOf(patterns);
    }

    /**
     * @param text a whole file
     * @param vocabulary what it may say
     * @throws NotationException where the text is no pattern, or one that contradicts itself
     */
    public static PatternSet parse(String text, Vocabulary vocabulary) {
        List<DesignPattern> all = new ArrayList<>();
        for (String part : parts(text)) {
            DesignPattern pattern = PatternParser.parse(part, all, vocabulary);
            all.forEach(above -> refuseSameScenarios(above, pattern, part));
            all.add(pattern);
        }
        return new PatternSet(all);
    }

    /** Reports name scenarios and runs by their names. */
    private static void refuseSameScenarios(DesignPattern above, DesignPattern below, String part) {
        Set<String> taken = scenarios(above);
        for (String name : scenarios(below)) {
            if (taken.contains(name)) {
                List<String> lines = part.lines().toList();
                int at = 0;
                while (at < lines.size() - 1 && !lines.get(at).contains(PatternPrinter.quoted(name))) {
                    at++;
                }
                throw new NotationException(
                        at + 1,
                        lines.get(at).length() - lines.get(at).stripLeading().length() + 1,
                        "'" + name + "' already names a scenario of " + above.title() + "; give it another name here");
            }
        }
    }

    private static Set<String> scenarios(DesignPattern pattern) {
        Set<String> names = new LinkedHashSet<>();
        pattern.scenarios().forEach(s -> names.add(s.name()));
        pattern.runs().forEach(r -> names.add(r.name()));
        return names;
    }

    /**
     * The patterns as submissions are judged by them: limits hold for all of them, the last that is said; and so do lines of
     * values that name no role.
     */
    public List<DesignPattern> asJudged() {
        if (patterns.size() == 1) {
            return patterns;
        }
        RunLimits limits = patterns.stream()
                .map(DesignPattern::limits)
                .filter(l -> !l.equals(RunLimits.USUAL))
                .reduce(RunLimits.USUAL, (a, b) -> b);
        return patterns.stream()
                .map(p -> p.judgedWith(
                        Stream.concat(
                                        p.values().stream(),
                                        patterns.stream()
                                                .filter(other -> !other.equals(p))
                                                .flatMap(other -> other.values().stream())
                                                .filter(v -> v.role() == null))
                                .toList(),
                        limits))
                .toList();
    }

    /**
     * Each pattern with the places of the text.
     *
     * @throws NotationException as {@link #parse}
     */
    public static List<PatternOutline> outlines(String text, Vocabulary vocabulary) {
        List<PatternOutline> all = new ArrayList<>();
        for (String part : parts(text)) {
            all.add(PatternParser.outline(
                    part, all.stream().map(PatternOutline::pattern).toList(), vocabulary));
        }
        return List.copyOf(all);
    }

    /**
     * Everything that is wrong with a text, as far as one mistake can be told from what follows of it: what is wrong is
     * passed over with the lines it belongs to, and so is what would name it.
     *
     * @return in the order of the text; empty where it can be read
     */
    public static List<NotationException> mistakes(String text, Vocabulary vocabulary) {
        return new MistakeSearch(text, vocabulary).all();
    }

    /** As text, in the usual layout. */
    public String print() {
        return patterns.stream().map(PatternPrinter::print).collect(Collectors.joining("\n"));
    }

    /** The names, as one says them. */
    public String title() {
        return patterns.stream().map(DesignPattern::title).collect(Collectors.joining(" and "));
    }

    /** The ids, as reports name the whole. */
    public String id() {
        return patterns.stream().map(DesignPattern::id).collect(Collectors.joining("+"));
    }

    /** Names of all roles, in the order of the text. */
    public List<String> roles() {
        return patterns.stream()
                .flatMap(p -> p.roles().stream())
                .map(DesignPattern.Role::name)
                .toList();
    }

    /** What a submission can fail in: ids of requirements, names of scenarios and runs. */
    public Set<String> claims() {
        Set<String> all = new TreeSet<>();
        patterns.forEach(p -> {
            p.requirements().forEach(r -> all.add(r.id()));
            p.forms().forEach(f -> f.requirements().forEach(r -> all.add(r.id())));
            all.addAll(scenarios(p));
        });
        return all;
    }

    /** Whether some pattern has such a role. */
    public boolean hasRole(String name) {
        return patterns.stream().anyMatch(p -> p.role(name).isPresent());
    }

    /**
     * The text of a further pattern put below another text. Names that are taken above are given anew: {@code operation}
     * becomes {@code operation2}.
     *
     * @param same by the name of a role below the role above that the same type plays
     * @throws NotationException where one of the texts is no pattern, or a role that is none
     */
    public static String joined(String above, String below, Map<String, String> same, Vocabulary vocabulary) {
        PatternSet first = parse(above, vocabulary);
        PatternOutline second = PatternParser.outline(below, List.of(), vocabulary);
        Set<String> members = new HashSet<>();
        Set<String> requirements = new HashSet<>();
        first.patterns.forEach(p -> {
            members.addAll(p.order());
            p.requirements().forEach(r -> requirements.add(r.id()));
            p.remarks().forEach(r -> requirements.add(r.id()));
            p.forms().forEach(f -> f.requirements().forEach(r -> requirements.add(r.id())));
        });
        Set<String> taken = new HashSet<>(members);
        taken.addAll(requirements);
        second.mentions().forEach(m -> taken.add(m.name()));
        Map<Mention.Sort, Map<String, String>> renamed = new HashMap<>();
        for (Mention m : second.mentions()) {
            boolean clash = (m.sort() == Mention.Sort.REQUIREMENT ? requirements : members).contains(m.name());
            if (clash) {
                renamed.computeIfAbsent(m.sort(), s -> new HashMap<>()).computeIfAbsent(m.name(), n -> free(n, taken));
            }
        }
        String added = renamed(below, second.mentions(), renamed);
        Set<String> played = new HashSet<>();
        first.patterns.forEach(p -> played.addAll(scenarios(p)));
        for (String name : scenarios(second.pattern())) {
            if (played.contains(name)) {
                added = added.replace(PatternPrinter.quoted(name), PatternPrinter.quoted(name + " (2)"));
            }
        }
        String whole = above.stripTrailing() + "\n\n" + added;
        Map<String, String> anew = renamed.getOrDefault(Mention.Sort.ROLE_OR_MEMBER, Map.of());
        for (Map.Entry<String, String> e : same.entrySet()) {
            String line = "  same " + anew.getOrDefault(e.getKey(), e.getKey()) + " as " + e.getValue();
            whole = PatternEditor.apply(whole, first.patterns.size(), new PatternEdit.Addition(line), vocabulary);
        }
        return whole;
    }

    private static String free(String name, Set<String> taken) {
        int number = 2;
        while (!taken.add(name + number)) {
            number++;
        }
        return name + number;
    }

    private static String renamed(String text, List<Mention> mentions, Map<Mention.Sort, Map<String, String>> renamed) {
        List<StringBuilder> lines = text.lines().map(StringBuilder::new).toList();
        mentions.stream()
                .sorted(Comparator.comparingInt(Mention::line)
                        .thenComparingInt(Mention::column)
                        .reversed())
                .forEach(m -> {
                    String name = renamed.getOrDefault(m.sort(), Map.of()).get(m.name());
                    if (name != null) {
                        int from = m.column() - 1;
                        lines.get(m.line() - 1).replace(from, from + m.name().length(), name);
                    }
                });
        String result = lines.stream().collect(Collectors.joining("\n")) + "\n";
        // in sentences names stand in braces, and nothing else does
        for (Map.Entry<String, String> e :
                renamed.getOrDefault(Mention.Sort.ROLE_OR_MEMBER, Map.of()).entrySet()) {
            result = result.replace("{" + e.getKey() + "}", "{" + e.getValue() + "}");
        }
        return result;
    }

    /** For each pattern the text with everything else blanked, so that lines are where they are. */
    static List<String> parts(String text) {
        PatternParser.notTooLong(text);
        List<String> lines = List.of(text.split("\n", -1));
        List<Integer> beginnings = beginnings(lines);
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < beginnings.size(); i++) {
            int from = beginnings.get(i);
            int to = i + 1 < beginnings.size() ? beginnings.get(i + 1) : lines.size();
            parts.add("\n".repeat(from) + String.join("\n", lines.subList(from, to)));
        }
        if (parts.size() > MOST) {
            throw new NotationException(
                    beginnings.get(MOST) + 1, 1, "there are " + parts.size() + " patterns; a text has at most " + MOST);
        }
        return parts;
    }

    /** The last line of a pattern that says something, from 1. */
    static int lastLine(String text, int part) {
        String[] lines = parts(text).get(part).split("\n", -1);
        int last = lines.length;
        while (last > 1 && lines[last - 1].isBlank()) {
            last--;
        }
        return last;
    }

    /** The lines that patterns begin with, from 0; comments directly above one are its own. */
    private static List<Integer> beginnings(List<String> lines) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (BEGINNING.matcher(lines.get(i)).matches()) {
                int from = i;
                while (from > 0 && lines.get(from - 1).strip().startsWith("--")) {
                    from--;
                }
                // what stands above the first belongs to it, if only to be refused
                all.add(all.isEmpty() ? 0 : from);
            }
        }
        return all.isEmpty() ? List.of(0) : all;
    }
}
