package hausaufgabe.core.scenario.wholerun;

import hausaufgabe.core.notation.Run;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Compares what a program printed or wrote with what was expected of it. */
final class OutputComparison {

    private static final Pattern NUMBER = Pattern.compile("[-+]?\\d+(?:\\.\\d+)?(?:[eE][-+]?\\d+)?");
    private static final int SHOWN = 120;

    private OutputComparison() {}

    /** In words where they first differ, by line; empty where they agree. */
    static String difference(String came, String expected, Run.How how, double tolerance) {
        if (how == Run.How.MATCHING) {
            boolean matches = Pattern.compile(expected).matcher(plain(came)).matches();
            return matches ? "" : "it does not match the expression; it is " + shown(plain(came));
        }
        if (how == Run.How.LIKE) {
            return agree(spaced(came), spaced(expected), tolerance) ? "" : byLine(came, expected, true, tolerance);
        }
        return byLine(came, expected, false, tolerance);
    }

    private static String byLine(String came, String expected, boolean loose, double tolerance) {
        List<String> is = lines(came, loose);
        List<String> wanted = lines(expected, loose);
        for (int i = 0; i < Math.max(is.size(), wanted.size()); i++) {
            String at = "line " + (i + 1) + ": ";
            if (i >= wanted.size()) {
                return at + "there should be no more; it is " + shown(is.get(i));
            }
            if (i >= is.size()) {
                return at + "expected " + shown(wanted.get(i)) + "; there is no more";
            }
            if (!agree(is.get(i), wanted.get(i), tolerance)) {
                return at + "expected " + shown(wanted.get(i)) + "; it is " + shown(is.get(i));
            }
        }
        return "";
    }

    /** Without empty lines and with single spaces where any space is as good as any other. */
    private static List<String> lines(String text, boolean loose) {
        List<String> all =
                plain(text).isEmpty() ? List.of() : List.of(plain(text).split("\n", -1));
        return loose
                ? all.stream()
                        .map(OutputComparison::spaced)
                        .filter(l -> !l.isEmpty())
                        .toList()
                : all;
    }

    private static String plain(String text) {
        String unix = text.replace("\r\n", "\n");
        return unix.endsWith("\n") ? unix.substring(0, unix.length() - 1) : unix;
    }

    private static String spaced(String text) {
        return text.strip().replaceAll("\\s+", " ");
    }

    /** Numbers may differ by the tolerance; everything between them must not. */
    private static boolean agree(String a, String b, double tolerance) {
        if (tolerance == 0 || a.equals(b)) {
            return a.equals(b);
        }
        Matcher x = NUMBER.matcher(a);
        Matcher y = NUMBER.matcher(b);
        int endX = 0;
        int endY = 0;
        while (true) {
            boolean moreX = x.find();
            boolean moreY = y.find();
            String betweenX = a.substring(endX, moreX ? x.start() : a.length());
            String betweenY = b.substring(endY, moreY ? y.start() : b.length());
            if (moreX != moreY || !betweenX.equals(betweenY)) {
                return false;
            }
            if (!moreX) {
                return true;
            }
            if (Math.abs(Double.parseDouble(x.group()) - Double.parseDouble(y.group())) > tolerance + 1e-12) {
                return false;
            }
            endX = x.end();
            endY = y.end();
        }
    }

    private static String shown(String text) {
        String line = text.replace("\n", " ⏎ ");
        return "“" + (line.length() > SHOWN ? line.substring(0, SHOWN) + "…" : line) + "”";
    }
}
