package hausaufgabe.server.review;

import hausaufgabe.core.report.CheckReport;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Puts a student's own names in the places of those of roles and members in a remark. */
final class RemarkNames {

    private static final Pattern PLACE = Pattern.compile("\\{([A-Za-z][\\w-]*)}");

    private RemarkNames() {}

    /** What nobody plays becomes words: {@code {ConcreteStrategy}} "the concrete strategy". */
    static String filled(String text, CheckReport report) {
        Matcher m = PLACE.matcher(text);
        StringBuilder filled = new StringBuilder();
        while (m.find()) {
            String name = m.group(1);
            m.appendReplacement(
                    filled, Matcher.quoteReplacement(called(name, report).orElseGet(() -> "the " + spaced(name))));
        }
        return m.appendTail(filled).toString();
    }

    private static Optional<String> called(String name, CheckReport report) {
        List<String> types = of(report.roles(), name);
        if (!types.isEmpty()) {
            return Optional.of(types.stream()
                    .map(t -> t.equals("lambda") ? "a function" : "`" + t + "`")
                    .collect(Collectors.joining(", ")));
        }
        List<String> operations = of(report.members(), name);
        return operations.isEmpty()
                ? Optional.empty()
                : Optional.of(operations.stream()
                        .map(o -> "`" + o.substring(o.lastIndexOf('.') + 1) + "()`")
                        .distinct()
                        .collect(Collectors.joining(", ")));
    }

    private static List<String> of(Map<String, List<String>> names, String name) {
        return names.getOrDefault(name, List.of());
    }

    private static String spaced(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }
}
