package hausaufgabe.core.notation;

import hausaufgabe.core.notation.Scenario.Argument.Literal;
import hausaufgabe.core.notation.ValidValues.Source;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes which values are valid, as the notation does. */
final class ValuesPrinter {

    private ValuesPrinter() {}

    static String print(ValidValues v) {
        String what = v.type() == null ? v.sort().name().toLowerCase(Locale.ROOT) : v.type();
        String role = v.role() == null ? "" : " of " + v.role();
        String words = v.words().isEmpty() ? "" : " " + PatternPrinter.quoted(String.join(", ", v.words()));
        return "values " + what + role + words + " " + source(v.source());
    }

    private static String source(Source source) {
        if (source instanceof Source.Matching m) {
            return "matching " + PatternPrinter.quoted(m.expression());
        }
        if (source instanceof Source.Range r) {
            return r.least() + " to " + r.most();
        }
        return source instanceof Source.From from ? "from " + list(from.all()) : list(((Source.Examples) source).all());
    }

    private static String list(List<Literal> all) {
        return all.stream().map(StepPrinter::print).collect(Collectors.joining(", "));
    }
}
