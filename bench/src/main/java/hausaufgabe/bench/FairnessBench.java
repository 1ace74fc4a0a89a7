package hausaufgabe.bench;

import com.fasterxml.jackson.databind.JsonNode;
import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.driver.TypeToken;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaLanguage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;

/**
 * How fair verdicts are: programs of which a person has said whether they are right, each as it is and with its types called
 * otherwise, against what the check says.
 */
final class FairnessBench {

    private static final String EXPECTED = ".expected.json";

    private final List<Path> folders;
    private final StringBuilder out = new StringBuilder();

    /**
     * @param folders of samples, a folder for each pattern, each with an expected report beside it; or of cases, each with its
     *     sources in {@code src} and {@code case.json}, which says whether it is correct
     */
    FairnessBench(List<Path> folders) {
        this.folders = folders;
    }

    /** @param roles by name, what a person says plays them; empty where nobody said */
    private record Case(String pattern, String name, boolean correct, Map<String, List<String>> roles, Path sources) {}

    private static final class Count {
        int accepted;
        int faulted;
        int undecided;

        int all() {
            return accepted + faulted + undecided;
        }

        void add(String verdict) {
            switch (verdict) {
                case "accepted" -> accepted++;
                case "faulted" -> faulted++;
                default -> undecided++;
            }
        }
    }

    private static final class Tally {
        final Count correct = new Count();
        final Count wrong = new Count();
        int lists;
        int right;
    }

    String run() throws IOException, ArchiveException {
        List<String> odd = new ArrayList<>();
        try (ReadyProcesses supply = new ReadyProcesses(new Sandbox(new JvmRuntime()), 1)) {
            Check check = new Check(new JavaLanguage(), i -> new DrivenProcesses(supply, i), List.of());
            for (Respelling spelling : Respelling.values()) {
                Map<String, Tally> byPattern = new TreeMap<>();
                int left = 0;
                for (Path folder : folders) {
                    for (Case c : casesIn(folder)) {
                        List<SourceFile> sources = sourcesOf(c);
                        List<SourceFile> respelt = spelling.of(sources);
                        CheckReport report = spelling != Respelling.NONE && respelt.equals(sources)
                                ? null
                                : report(check, c, respelt);
                        if (report == null || spelling != Respelling.NONE && !report.compiled()) {
                            left++;
                            continue;
                        }
                        Tally tally = byPattern.computeIfAbsent(c.pattern(), p -> new Tally());
                        count(c, report, spelling, tally, odd);
                    }
                }
                line(spelling.title()
                        + (left == 0 ? "" : " (" + left + " left out: nothing to change, or broken by it)"));
                table(byPattern);
            }
        }
        line("Not as a person says:");
        odd.forEach(this::line);
        return out.toString();
    }

    private static void count(Case c, CheckReport report, Respelling spelling, Tally tally, List<String> odd) {
        String verdict = report.verdict().word();
        (c.correct() ? tally.correct : tally.wrong).add(verdict);
        if (!verdict.equals(c.correct() ? "accepted" : "faulted")) {
            String form =
                    spelling == Respelling.NONE ? "" : ", " + spelling.name().toLowerCase(Locale.ROOT);
            odd.add("- " + c.pattern() + "/" + c.name() + form + ": " + (c.correct() ? "correct" : "wrong") + ", "
                    + verdict);
        }
        if (spelling != Respelling.NONE) {
            return;
        }
        c.roles().forEach((role, said) -> {
            List<String> found = report.roles().getOrDefault(role, List.of());
            if (!said.isEmpty() || !found.isEmpty()) {
                tally.lists++;
                tally.right += plain(said).equals(plain(found)) ? 1 : 0;
            }
        });
    }

    /** What has no name of its own counts as one and the same. */
    private static TreeSet<String> plain(List<String> names) {
        TreeSet<String> plain = new TreeSet<>();
        for (String n : names) {
            boolean nameless = n.toLowerCase(Locale.ROOT).matches(".*(lambda|anonymous).*");
            plain.add(nameless ? "lambda" : TypeToken.simpleName(n));
        }
        return plain;
    }

    private static List<SourceFile> sourcesOf(Case c) throws IOException, ArchiveException {
        return new Archive(p -> p.endsWith(".java"), ArchiveLimits.USUAL)
                .read(c.sources())
                .sources();
    }

    private static CheckReport report(Check check, Case c, List<SourceFile> sources) {
        return check.run(
                new CheckRequest(
                        Catalogue.text(c.pattern()).orElseThrow(),
                        sources,
                        List.of(),
                        Map.of(),
                        false,
                        Isolation.SANDBOX),
                step -> {});
    }

    private void table(Map<String, Tally> byPattern) {
        Tally all = new Tally();
        line("");
        line(
                "| pattern | correct | accepted | faulted | undecided | wrong | faulted | accepted | undecided | role lists right |");
        line("|---|---|---|---|---|---|---|---|---|---|");
        byPattern.forEach((pattern, t) -> {
            row(pattern, t);
            sum(all.correct, t.correct);
            sum(all.wrong, t.wrong);
            all.lists += t.lists;
            all.right += t.right;
        });
        row("all", all);
        line("");
    }

    private static void sum(Count into, Count more) {
        into.accepted += more.accepted;
        into.faulted += more.faulted;
        into.undecided += more.undecided;
    }

    private void row(String name, Tally t) {
        line(String.format(
                Locale.ROOT,
                "| %s | %d | %d | %d | %d | %d | %d | %d | %d | %s |",
                name,
                t.correct.all(),
                t.correct.accepted,
                t.correct.faulted,
                t.correct.undecided,
                t.wrong.all(),
                t.wrong.faulted,
                t.wrong.accepted,
                t.wrong.undecided,
                t.lists == 0 ? "" : t.right + " of " + t.lists));
    }

    private void line(String text) {
        out.append(text).append('\n');
    }

    private static List<Case> casesIn(Path folder) throws IOException {
        List<Case> cases = new ArrayList<>();
        for (String pattern : Catalogue.ids()) {
            if (!Files.isDirectory(folder.resolve(pattern))) {
                continue;
            }
            try (Stream<Path> all = Files.list(folder.resolve(pattern))) {
                for (Path p : all.filter(Files::isDirectory).sorted().toList()) {
                    caseAt(pattern, p, cases);
                }
            }
        }
        return cases;
    }

    /** What nobody has decided, such as what does not compile, is no case. */
    private static void caseAt(String pattern, Path at, List<Case> into) throws IOException {
        String name = at.getFileName().toString();
        Path said = at.resolve("case.json");
        Path expected = at.resolveSibling(name + EXPECTED);
        if (Files.exists(said)) {
            JsonNode node = Json.mapper().readTree(said.toFile());
            boolean correct = node.path("correct").asBoolean();
            into.add(new Case(pattern, name, correct, roles(node), at.resolve("src")));
        } else if (Files.exists(expected)) {
            JsonNode node = Json.mapper().readTree(expected.toFile());
            String verdict = node.path("verdict").asText();
            if (!verdict.equals("undecided")) {
                into.add(new Case(pattern, name, verdict.equals("accepted"), roles(node), at));
            }
        }
    }

    private static Map<String, List<String>> roles(JsonNode node) {
        Map<String, List<String>> roles = new LinkedHashMap<>();
        Iterator<String> names = node.path("roles").fieldNames();
        while (names.hasNext()) {
            String role = names.next();
            roles.put(
                    role,
                    StreamSupport.stream(node.path("roles").path(role).spliterator(), false)
                            .map(JsonNode::asText)
                            .toList());
        }
        return roles;
    }
}
