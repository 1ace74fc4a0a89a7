package hausaufgabe.language.java;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which files of a submission are read. Left out, with a remark, are module declarations, files that need a test library which
 * is not here, and files that claim a package of the runtime, of the test platform or of this application: what such a file
 * says would be taken for what they say.
 */
record SourceSelection(List<SourceFile> used, List<CheckReport.Diagnostic> remarks) {

    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|//[^\\n]*", Pattern.DOTALL);
    private static final Pattern PACKAGE =
            Pattern.compile("^\\s*(?:@\\S+\\s+)*package\\s+([\\p{L}\\p{N}_$.\\s]+?)\\s*;");
    private static final Pattern IMPORT = Pattern.compile(
            "^\\s*import\\s+(?:static\\s+)?((?:org\\.junit|junit|org\\.mockito|org\\.assertj|org\\.hamcrest)\\.[\\w.]*)",
            Pattern.MULTILINE);
    private static final Pattern RESERVED = Pattern.compile(
            "(java|javax|jdk|sun|com\\.sun|org\\.junit|org\\.opentest4j|org\\.apiguardian|hausaufgabe)(\\..*)?");

    static SourceSelection of(List<SourceFile> sources) {
        Set<String> declared = new HashSet<>();
        sources.forEach(s -> declared.add(packageOf(s.text())));
        List<SourceFile> used = new ArrayList<>();
        List<CheckReport.Diagnostic> remarks = new ArrayList<>();
        for (SourceFile s : sources) {
            String why = whyNot(s, declared);
            if (why == null) {
                used.add(s);
            } else {
                remarks.add(new CheckReport.Diagnostic(s.path(), 0, "left out: " + why));
            }
        }
        return new SourceSelection(List.copyOf(used), List.copyOf(remarks));
    }

    /** Null where the file is read. */
    private static String whyNot(SourceFile source, Set<String> declared) {
        if (source.path().endsWith("module-info.java")) {
            return "modules are not needed here";
        }
        String own = packageOf(source.text());
        if (isReserved(own)) {
            return "the package " + own + " belongs to the runtime, the test platform or this application;"
                    + " give the package another name";
        }
        Matcher imports = IMPORT.matcher(source.text());
        while (imports.find()) {
            String name = imports.group(1);
            boolean brought =
                    declared.stream().anyMatch(p -> !p.isEmpty() && !isReserved(p) && (name.startsWith(p + ".")));
            if (!brought) {
                return "it needs a test library, which is not here";
            }
        }
        return null;
    }

    /** Whether nobody may hand in classes of the package. */
    static boolean isReserved(String packageName) {
        return RESERVED.matcher(packageName).matches();
    }

    /** The package a file declares; empty where it declares none. */
    static String packageOf(String text) {
        String start = text.length() > 20_000 ? text.substring(0, 20_000) : text;
        Matcher declared = PACKAGE.matcher(COMMENT.matcher(start).replaceAll(" "));
        return declared.find() ? declared.group(1).replaceAll("\\s", "") : "";
    }
}
