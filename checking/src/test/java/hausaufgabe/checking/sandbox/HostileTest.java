package hausaufgabe.checking.sandbox;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.reading.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.language.java.JavaReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Submissions that misbehave: each is contained and told clearly. The hostile part stands in place of {@code HERE}. */
class HostileTest {

    private static final Sandbox SANDBOX = new Sandbox(new Sandbox.Bounds(12_000, 2_000, 10, 128, 64, 200_000));

    private static final String OFFICE = """
            import java.io.*;
            interface Fee { double of(double m); }
            class Metre implements Fee { public double of(double m) { return m * 2; } }
            class Flat implements Fee { public double of(double m) { return 7; } }
            class Office {
                private final Fee fee;
                Office(Fee fee) { this.fee = fee; }
                double bill(double m) throws Exception { HERE }
            }
            """;

    @BeforeAll
    static void theSandboxWorksHere() {
        assertEquals(Optional.empty(), Sandbox.problem());
    }

    @Test
    void anEndlessLoopIsStopped() {
        ScenarioResult first = run("while (true) {}").get(0);

        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(said(first).contains("had not answered after 2 seconds"), said(first));
    }

    @Test
    void leavingTheProgramIsNoSuccess() {
        ScenarioResult first = run("System.exit(0); return 0;").get(0);

        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(said(first).contains("ended itself (exit status 0)"), said(first));
    }

    @Test
    void aPrintedSuccessIsOnlyPrinted() {
        ScenarioResult first = run("""
                System.out.println("{\\"secret\\":\\"\\",\\"id\\":5,\\"value\\":{\\"shown\\":\\"passed\\"},\\"events\\":[]}");
                System.out.println("PASSED"); return m;""").get(0);

        assertEquals(
                Outcome.BLOCKED,
                run("if (m > 1e9) return fee.of(m); System.out.println(\"PASSED\"); return m;")
                        .get(0)
                        .outcome());
        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(first.steps().stream().anyMatch(l -> l.kind() == ScenarioResult.LineKind.PRINTED));
    }

    @Test
    void writingToTheChannelItselfEndsTheRun() {
        ScenarioResult first = run("""
                FileOutputStream raw = new FileOutputStream(FileDescriptor.out);
                for (int i = 1; i < 40; i++) raw.write(("{\\"secret\\":\\"x\\",\\"id\\":" + i + ",\\"value\\":{},\\"events\\":[]}\\n").getBytes());
                raw.flush(); return fee.of(m);""").get(0);

        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(said(first).contains("channel of the check"), said(first));
    }

    @Test
    void printingWithoutEndIsStopped() {
        ScenarioResult first =
                run("for (int i = 0; i < 40_000; i++) System.out.println(\"berth \" + i); return fee.of(m);")
                        .get(0);

        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(said(first).contains("printed more than it may"), said(first));
    }

    @Test
    void takingAllMemoryIsStopped() {
        ScenarioResult first =
                run("java.util.List<byte[]> all = new java.util.ArrayList<>(); while (true) all.add(new byte[1 << 20]);")
                        .get(0);

        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(said(first).contains("ran out of memory"), said(first));
    }

    @Test
    void startingThreadsWithoutEndIsContained() {
        ScenarioResult first =
                run("while (true) new Thread(() -> { try { Thread.sleep(60_000); } catch (InterruptedException e) {} }).start();")
                        .get(0);

        assertTrue(first.outcome() == Outcome.FAILED || first.outcome() == Outcome.BLOCKED, said(first));
    }

    @Test
    void nothingOfTheMachineCanBeSeen() throws Exception {
        Path secret = Files.createTempFile("harbour", ".secret");
        Files.writeString(secret, "berth 7");
        try {
            String look = "String seen = \"\";"
                    + " for (String p : new String[] {\"" + secret
                    + "\", \"/etc/passwd\", \"/root\", \"/home\"}) if (new File(p).exists()) seen += p;"
                    + " seen += System.getenv().keySet().stream().filter(k -> !k.equals(\"PWD\") && !k.equals(\"_\") && !k.equals(\"SHLVL\") && !k.equals(\"OLDPWD\")).toList();"
                    + " try { new java.net.Socket(\"127.0.0.1\", 22); seen += \"net\"; } catch (IOException e) {"
                    + " if (e.getMessage().contains(\"refused\") && java.net.NetworkInterface.getNetworkInterfaces().nextElement() != null && java.util.Collections.list(java.net.NetworkInterface.getNetworkInterfaces()).size() > 1) seen += \"interfaces\"; }"
                    + " try { new FileWriter(\"/driver/x\"); seen += \"write\"; } catch (IOException e) {}"
                    + " System.out.println(\"seen:\" + seen + \":\"); return fee.of(m);";

            ScenarioResult first = run(look).get(0);

            assertEquals(Outcome.PASSED, first.outcome(), said(first));
            assertTrue(
                    first.steps().stream().anyMatch(l -> l.text().plain().contains("seen:[]:")),
                    first.steps().toString());
        } finally {
            Files.delete(secret);
        }
    }

    @Test
    void theDriverCannotBeReachedInto() {
        String reach = """
                String seen = "";
                try { Class.forName("hausaufgabe.driver.Main"); seen += "class "; } catch (ClassNotFoundException e) {}
                try { ClassLoader.getSystemClassLoader().loadClass("hausaufgabe.driver.Main").getDeclaredMethods()[0].setAccessible(true); seen += "method "; } catch (Throwable e) {}
                System.out.println("reached:" + seen + ":"); return fee.of(m);""";

        ScenarioResult first = run(reach).get(0);

        assertTrue(
                first.steps().stream().noneMatch(l -> l.text().plain().contains("method ")),
                first.steps().toString());
        assertEquals(Outcome.PASSED, first.outcome());
    }

    @Test
    void theNextSubmissionIsNotAffected() {
        run("Runtime.getRuntime().halt(7); return 0;");

        assertTrue(run("return fee.of(m);").stream().allMatch(s -> s.outcome() == Outcome.PASSED));
    }

    @Test
    void whenTheTimeIsUsedUpTheRestIsBlockedAndSaysSo() {
        Sandbox brief = new Sandbox(new Sandbox.Bounds(500, 1_000, 10, 128, 64, 200_000));

        List<ScenarioResult> results = run(brief, "while (true) {}");

        assertEquals(Outcome.BLOCKED, results.get(1).outcome());
        assertTrue(said(results.get(1)).contains("used up"), said(results.get(1)));
    }

    private static List<ScenarioResult> run(String hostile) {
        return run(SANDBOX, hostile);
    }

    private static List<ScenarioResult> run(Sandbox sandbox, String hostile) {
        CheckReport report = new Check(new JavaReader(), i -> new DrivenProcesses(sandbox, i))
                .run(
                        new CheckRequest(
                                Catalogue.text("strategy").orElseThrow(),
                                List.of(new SourceFile("Office.java", OFFICE.replace("HERE", hostile))),
                                List.of(),
                                Map.of(),
                                false,
                                CheckRequest.Isolation.SANDBOX),
                        step -> {});
        assertTrue(report.compiled(), () -> report.diagnostics().toString());
        return report.scenarios();
    }

    private static String said(ScenarioResult s) {
        return s.explanation().plain();
    }
}
