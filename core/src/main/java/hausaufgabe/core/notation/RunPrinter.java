package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Writes runs of the program as a whole, and limits, as the notation does. */
final class RunPrinter {

    private RunPrinter() {}

    static List<String> lines(Run run) {
        List<String> lines = new ArrayList<>();
        if (run.main() != null) {
            lines.add("main " + PatternPrinter.quoted(run.main()));
        }
        if (!run.arguments().isEmpty()) {
            lines.add("arguments " + texts(run.arguments()));
        }
        if (!run.input().isEmpty()) {
            lines.add("input " + texts(run.input()));
        }
        run.expected().forEach(e -> lines.add(expected(e)));
        return lines;
    }

    private static String expected(Run.Expected e) {
        String what = e.file() == null ? "output" : "file " + PatternPrinter.quoted(e.file());
        String how = e.how().words().isEmpty() ? "" : " " + e.how().words();
        String within = e.tolerance() == 0 ? "" : " within " + plain(e.tolerance());
        return "expect " + what + how + (e.lines().isEmpty() ? "" : " " + texts(e.lines())) + within;
    }

    private static String plain(double value) {
        return new java.math.BigDecimal(String.valueOf(value))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String texts(List<String> all) {
        return all.stream().map(PatternPrinter::quoted).collect(Collectors.joining(" "));
    }

    /** Only those that are not the usual. */
    static List<String> limits(RunLimits limits) {
        RunLimits usual = RunLimits.USUAL;
        List<String> lines = new ArrayList<>();
        add(lines, limits.wallSeconds(), usual.wallSeconds(), "seconds");
        add(lines, limits.cpuSeconds(), usual.cpuSeconds(), "seconds of CPU");
        add(lines, limits.megabytes(), usual.megabytes(), "MB of memory");
        add(lines, limits.threads(), usual.threads(), "threads");
        add(lines, limits.outputMegabytes(), usual.outputMegabytes(), "MB of output");
        return lines;
    }

    private static void add(List<String> lines, int limit, int usual, String of) {
        if (limit != usual) {
            lines.add("limit " + limit + " " + of);
        }
    }
}
