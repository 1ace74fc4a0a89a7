package hausaufgabe.bench;

import hausaufgabe.core.language.SourceFile;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A way to write a submission differently by machine. One that comes out broken is left out by whoever compares. */
enum Respelling {
    /** Nothing is changed. */
    NONE("As they are", sources -> sources),
    RENAMED("With types called otherwise, files in another order", sources -> Renaming.of(sources, 1)),
    LOOPS("With other loops: functions for statements, iterators for the rest", Respelling::otherLoops),
    RULES("With rules added to constructors, which refuse what the program does not mention", Respelling::withRules);

    private static final Pattern LOOP =
            Pattern.compile("for \\((?:final )?([\\w.<>]+) (\\w+) : ([\\w.()]+)\\) (\\w+)(\\.\\w+\\([\\w, .()]*\\));");
    private static final Pattern OPEN_LOOP =
            Pattern.compile("for \\((?:final )?([\\w.<>]+) (\\w+) : ([\\w.()]+)\\) \\{");
    private static final Pattern TYPE = Pattern.compile("\\b(?:class|enum)\\s+([A-Z]\\w*)");
    private static final List<String> USUAL_NUMBERS = List.of("3", "1", "12", "0", "100");
    private static final List<String> USUAL_TEXTS = List.of("Seeschwalbe", "A", "12", "");

    private final String title;
    private final UnaryOperator<List<SourceFile>> change;

    Respelling(String title, UnaryOperator<List<SourceFile>> change) {
        this.title = title;
        this.change = change;
    }

    String title() {
        return title;
    }

    List<SourceFile> of(List<SourceFile> sources) {
        return change.apply(sources);
    }

    private static List<SourceFile> otherLoops(List<SourceFile> sources) {
        return sources.stream()
                .map(s -> new SourceFile(s.path(), otherLoops(s.text())))
                .toList();
    }

    private static String otherLoops(String text) {
        String calls = LOOP.matcher(text)
                .replaceAll(m -> m.group(2).equals(m.group(4))
                        ? Matcher.quoteReplacement(
                                m.group(3) + ".forEach(" + m.group(2) + " -> " + m.group(2) + m.group(5) + ");")
                        : Matcher.quoteReplacement(m.group()));
        int[] count = {0};
        return OPEN_LOOP.matcher(calls).replaceAll(m -> Matcher.quoteReplacement(iterating(m, ++count[0])));
    }

    private static String iterating(MatchResult m, int number) {
        String it = "it" + number;
        return "for (java.util.Iterator<" + boxed(m.group(1)) + "> " + it + " = " + m.group(3) + ".iterator(); " + it
                + ".hasNext();) { " + m.group(1) + " " + m.group(2) + " = " + it + ".next();";
    }

    private static String boxed(String type) {
        return switch (type) {
            case "int" -> "Integer";
            case "long" -> "Long";
            case "double" -> "Double";
            case "char" -> "Character";
            default -> type;
        };
    }

    /** What the program itself writes down, it may hand over. */
    private static List<SourceFile> withRules(List<SourceFile> sources) {
        String all = sources.stream().map(SourceFile::text).collect(Collectors.joining("\n"));
        List<String> numbers = USUAL_NUMBERS.stream()
                .filter(n -> !Pattern.compile("\\b" + n + "\\b").matcher(all).find())
                .toList();
        List<String> texts =
                USUAL_TEXTS.stream().filter(t -> !all.contains('"' + t + '"')).toList();
        return sources.stream()
                .map(s -> new SourceFile(s.path(), withRules(s.text(), numbers, texts)))
                .toList();
    }

    private static String withRules(String text, List<String> numbers, List<String> texts) {
        String changed = text;
        Matcher types = TYPE.matcher(text);
        while (types.find()) {
            Pattern constructor = Pattern.compile("(?<!new )(?<![\\w.])(" + types.group(1)
                    + "\\(([^(){}]*)\\)(?:\\s*throws [\\w, ]+)?\\s*\\{)(\\s*(?:super|this)\\([^;]*\\);)?");
            changed = constructor
                    .matcher(changed)
                    .replaceAll(m -> Matcher.quoteReplacement(
                            m.group(1) + (m.group(3) == null ? "" : m.group(3)) + guards(m.group(2), numbers, texts)));
        }
        return changed;
    }

    private static String guards(String parameters, List<String> numbers, List<String> texts) {
        return Arrays.stream(parameters.split(","))
                .map(p -> p.strip().replaceFirst("^final ", "").split(" "))
                .filter(p -> p.length == 2)
                .map(p -> guard(p[0], p[1], numbers, texts))
                .collect(Collectors.joining());
    }

    private static String guard(String type, String name, List<String> numbers, List<String> texts) {
        List<String> refused = type.equals("String")
                ? texts.stream().map(t -> '"' + t + "\".equals(" + name + ")").toList()
                : type.equals("int") || type.equals("long")
                        ? numbers.stream().map(n -> name + " == " + n).toList()
                        : List.of();
        return refused.isEmpty()
                ? ""
                : " if (" + String.join(" || ", refused) + ") { throw new IllegalArgumentException(\"" + name
                        + "\"); }";
    }
}
