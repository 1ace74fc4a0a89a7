package hausaufgabe.checking.sandbox;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.language.java.JavaLanguage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Submissions that misbehave: each is contained and told clearly. The hostile part stands in place of {@code HERE}. */
@Isolated("counts processes, or needs the machine for itself")
@Tag("slow")
class HostileTest {

    private static final Sandbox SANDBOX = new Sandbox(new JvmRuntime());
    private static final ReadyProcesses SUPPLY = new ReadyProcesses(SANDBOX, 1);
    private static final String STRATEGY = Catalogue.text("strategy").orElseThrow();

    private static final String BRIEFLY = STRATEGY + "\n  limit 4 seconds\n";

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

    @AfterAll
    static void noneIsKeptReady() {
        SUPPLY.close();
    }

    @BeforeAll
    static void theSandboxWorksHere() {
        assertEquals(Optional.empty(), Sandbox.problem(new JvmRuntime()));
    }

    @Test
    void anEndlessLoopIsStopped() {
        ScenarioResult first = run("while (true) {}").get(0);

        assertEquals(Outcome.FAILED, first.outcome());
        assertTrue(said(first).contains("had not answered after 3 seconds"), said(first));
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
                run("for (int i = 0; i < 60_000; i++) System.out.println(\"berth, and then the next berth \" + i); return fee.of(m);")
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
    void theNextSubmissionIsNotAffected() {
        run("Runtime.getRuntime().halt(7); return 0;");

        theNextIsUnaffected();
    }

    @Test
    void whenTheTimeIsUsedUpTheRestIsBlockedAndSaysSo() {
        List<ScenarioResult> results = run(STRATEGY + "\n  limit 1 seconds\n", "", "while (true) {}");

        assertEquals(Outcome.BLOCKED, results.get(1).outcome());
        assertTrue(said(results.get(1)).contains("used up"), said(results.get(1)));
    }

    /** A name, what stands beside the office, what it does, how the first scenario ends, and words of its explanation. */
    static Stream<Arguments> hostile() {
        return Stream.of(
                arguments("recursion", "", "return bill(m);", Outcome.FAILED, "called itself again and again"),
                arguments("halting", "", "Runtime.getRuntime().halt(0); return m;", Outcome.FAILED, "ended itself"),
                arguments("a shutdown hook that says it passed", "", """
                        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                          try { new FileOutputStream(FileDescriptor.out).write("{\\"id\\":5,\\"value\\":{}}\\n".getBytes()); } catch (IOException e) {}
                        })); System.exit(0); return m;""", Outcome.FAILED, ""),
                arguments(
                        "a process of its own",
                        "",
                        "new ProcessBuilder(\"/bin/sh\", \"-c\", \"true\").start(); return m;",
                        Outcome.BLOCKED,
                        "Cannot run program"),
                arguments(
                        "streams replaced",
                        "",
                        "System.setOut(new PrintStream(new ByteArrayOutputStream())); System.setIn(null); System.setErr(null); return fee.of(m);",
                        Outcome.PASSED,
                        ""),
                arguments(
                        "the runtime's streams closed",
                        "",
                        "System.out.close(); new FileOutputStream(FileDescriptor.out).close(); return fee.of(m);",
                        Outcome.FAILED,
                        ""),
                arguments("requests stolen from the channel", "", """
                        Thread t = new Thread(() -> { try { new FileInputStream(FileDescriptor.in).read(new byte[9]); } catch (IOException e) {} });
                        t.setDaemon(true); t.start(); return m;""", Outcome.FAILED, ""),
                arguments(
                        "a server",
                        "",
                        "new java.net.ServerSocket(0).accept(); return m;",
                        Outcome.FAILED,
                        "had not answered"),
                arguments(
                        "a call out",
                        "",
                        "new java.net.Socket(\"10.0.0.1\", 80); return m;",
                        Outcome.BLOCKED,
                        "SocketException"),
                arguments("a file too large", "", """
                        try (FileOutputStream f = new FileOutputStream("tide.bin")) { for (int i = 0; i < 100; i++) f.write(new byte[1 << 20]); } return m;""", Outcome.BLOCKED, "IOException"),
                arguments(
                        "all threads interrupted",
                        "",
                        "for (Thread t : Thread.getAllStackTraces().keySet()) t.interrupt(); return fee.of(m);",
                        Outcome.PASSED,
                        ""),
                arguments("raw memory", "", """
                        try {
                          Class<?> u = Class.forName("sun.misc.Unsafe");
                          java.lang.reflect.Constructor<?> c = u.getDeclaredConstructor(); c.setAccessible(true);
                          u.getMethod("putLong", long.class, long.class).invoke(c.newInstance(), 0L, 0L);
                        } catch (java.lang.reflect.InvocationTargetException e) { throw new IllegalStateException("refused " + e.getCause()); }
                        return m;""", Outcome.BLOCKED, "refused"),
                arguments("a deadlock", "", """
                        Object a = new Object(), b = new Object(); java.util.concurrent.CountDownLatch both = new java.util.concurrent.CountDownLatch(2);
                        Thread t = new Thread(() -> { synchronized (b) { both.countDown(); try { both.await(); } catch (InterruptedException e) {} synchronized (a) {} } });
                        t.start(); synchronized (a) { both.countDown(); both.await(); synchronized (b) {} } return m;""", Outcome.FAILED, "had not answered"),
                arguments(
                        "a failing initialiser",
                        "class Broken { static int x = 1 / 0; }",
                        "return Broken.x;",
                        Outcome.BLOCKED,
                        "ArithmeticException"),
                arguments(
                        "equals, hashCode and toString that hang",
                        "class Stuck { public boolean equals(Object o) { while (true) {} } public int hashCode() { while (true) {} } public String toString() { while (true) {} } }",
                        "Object s = new Stuck(); return fee.of(m);",
                        Outcome.PASSED,
                        ""),
                arguments(
                        "an error whose message cannot be read",
                        "class Rude extends RuntimeException { public String getMessage() { throw new Error(); } public StackTraceElement[] getStackTrace() { throw new Error(); } }",
                        "throw new Rude();",
                        Outcome.BLOCKED,
                        "Rude"),
                arguments(
                        "good behaviour only where a test is seen",
                        "",
                        """
                        for (StackTraceElement e : new Throwable().getStackTrace())
                          if (e.getClassName().toLowerCase().contains("junit") || e.getMethodName().contains("Test")) return fee.of(m);
                        return m;""",
                        Outcome.BLOCKED,
                        "none of the values tried took it"),
                arguments("fields of the driver looked for", "", """
                        String seen = "";
                        for (String n : new String[] {"Main", "RequestLoop", "RequestHandler", "CallTracer"})
                          for (java.lang.reflect.Field f : ClassLoader.getSystemClassLoader().loadClass("hausaufgabe.driver." + n).getDeclaredFields())
                            if (java.lang.reflect.Modifier.isStatic(f.getModifiers())) { f.setAccessible(true); seen += f.get(null); }
                        if (seen.matches(".*[0-9a-f]{40}.*")) return m;
                        return fee.of(m);""", Outcome.PASSED, ""),
                arguments("the ear called by name", "", """
                        for (Package p : getClass().getClassLoader().getDefinedPackages()) if (p.getName().startsWith("e"))
                          return m;
                        try { Class.forName("hausaufgabe.language.java.running.Ear"); } catch (ClassNotFoundException e) { return m; }
                        return fee.of(m);""", Outcome.BLOCKED, "none of the values tried took it"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("hostile")
    void whatMisbehavesIsContainedAndTold(String name, String beside, String hostile, Outcome outcome, String words) {
        ScenarioResult first = run(BRIEFLY, beside, hostile).get(0);

        assertEquals(outcome, first.outcome(), said(first));
        assertTrue(said(first).contains(words), said(first));
        theNextIsUnaffected();
    }

    @Test
    void packagesNamedLikeOursOrThePlatformsGainNothing() {
        CheckReport ours = check(
                STRATEGY,
                List.of(
                        new SourceFile(
                                "hausaufgabe/driver/Main.java",
                                "package hausaufgabe.driver; public class Main { static { System.exit(0); } }"),
                        new SourceFile("Office.java", OFFICE.replace("HERE", "return fee.of(m);"))));
        CheckReport platforms = check(
                STRATEGY,
                List.of(new SourceFile("java/lang/String.java", "package java.lang; public class String { }")));

        assertTrue(ours.scenarios().stream().allMatch(s -> s.outcome() == Outcome.PASSED));
        assertTrue(!platforms.compiled());
    }

    @Test
    void annotationProcessorsAndModulesInTheUploadAreNotUsed() {
        CheckReport report = check(
                STRATEGY,
                List.of(
                        new SourceFile(
                                "META-INF/services/javax.annotation.processing.Processor.java", "class Nothing {}"),
                        new SourceFile("P.java", """
                                import javax.annotation.processing.*; import javax.lang.model.element.*; import java.util.*;
                                @SupportedAnnotationTypes("*") public class P extends AbstractProcessor {
                                  static { System.exit(3); }
                                  public boolean process(Set<? extends TypeElement> a, RoundEnvironment r) { System.exit(3); return false; } }"""),
                        new SourceFile("module-info.java", "module x { requires java.se; }"),
                        new SourceFile("Office.java", OFFICE.replace("HERE", "return fee.of(m);"))));

        assertTrue(report.compiled(), () -> report.diagnostics().toString());
        assertTrue(report.scenarios().stream().allMatch(s -> s.outcome() == Outcome.PASSED));
    }

    /** A program like everybody's, given the time that everybody's is given. */
    private static void theNextIsUnaffected() {
        for (ScenarioResult next : run(STRATEGY, "", "return fee.of(m);")) {
            assertEquals(Outcome.PASSED, next.outcome(), said(next));
        }
    }

    private static List<ScenarioResult> run(String hostile) {
        return run(BRIEFLY, "", hostile);
    }

    private static List<ScenarioResult> run(String pattern, String beside, String hostile) {
        CheckReport report =
                check(pattern, List.of(new SourceFile("Office.java", OFFICE.replace("HERE", hostile) + beside)));
        assertTrue(report.compiled(), () -> report.diagnostics().toString());
        return report.scenarios();
    }

    private static CheckReport check(String pattern, List<SourceFile> sources) {
        return new Check(new JavaLanguage(), i -> new DrivenProcesses(SUPPLY, i), List.of())
                .run(
                        new CheckRequest(pattern, sources, List.of(), Map.of(), false, CheckRequest.Isolation.SANDBOX),
                        step -> {});
    }

    private static String said(ScenarioResult s) {
        return s.explanation().plain();
    }
}
