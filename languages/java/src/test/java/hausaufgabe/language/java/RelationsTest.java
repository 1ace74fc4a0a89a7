package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Status;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Relations, each in a program where it holds and in one where it does not. */
class RelationsTest {
    private static final String HEAD = """
            pattern any "Any"
              "Anything."
              role Other an abstraction
              role Main a class
              role Kind every concrete type that realises Other
              member ask every operation of Other
              member held every field of Main
              member op every operation of Main
              require asked 1 "It is so."
                %s
            """;
    private static final String OTHER = "interface Other { int ask(int n); } "
            + "class One implements Other { public int ask(int n) { return n + 1; } } "
            + "class Two implements Other { public int ask(int n) { return n * 2; } } ";

    private final JavaReader reader = new JavaReader();

    static Stream<Arguments> cases() {
        return Stream.of(
                // fields
                c("some held holds many Other", "java.util.List<Other> l;", "Other o;"),
                c("some held holds one Other", "Other o;", "Other[] l;"),
                c("some held is of type Other", "java.util.Map<String, ? extends Other> m;", "One o;"),
                c("some held leads to Other", "java.util.Optional<One> o;", "String s;"),
                c(
                        "some held is assigned from a parameter",
                        "Other o; Main(Other x) { o = x; }",
                        "Other o = new One();"),
                c(
                        "some held is assigned from a new object",
                        "Other o = new One();",
                        "Other o; Main(Other x) { o = x; }"),
                c(
                        "some held is assigned lazily",
                        "Other o; Other get() { if (o == null) o = new One(); return o; }",
                        "Other o; void set() { o = new One(); }"),
                c("some held starts as null", "Other o = null;", "Other o = new One();"),
                c("some held starts as a Kind", "Other o = new One();", "Other o;"),
                c("some held is final", "final int i = 1;", "int i = 1;"),
                c("some held is static", "static int i;", "int i;"),
                c("some held is private", "private int i;", "int i;"),
                // operations by what they are
                c("some op is overridable", "void a() {}", "final void a() {}"),
                c("some op is static", "static void a() {}", "void a() {}"),
                c("some op takes Other", "void a(Other... o) {}", "void a(One o) {}"),
                c("some op takes something", "void a(int i) {}", "void a() {}"),
                c("some op returns Other", "java.util.List<Other> a() { return null; }", "One a() { return null; }"),
                c(
                        "some op answers for any object",
                        "public String toString() { return \"\"; }",
                        "String text() { return \"\"; }"),
                // calls
                c(
                        "some op calls ask on each of held",
                        "java.util.List<Other> l; void a() { for (int i = l.size(); i > 0; i--) l.get(i - 1).ask(1); }",
                        "java.util.List<Other> l; void a() { for (Other o : l) { o.ask(1); break; } }"),
                c(
                        "some op calls ask on each of held",
                        "Other[] l; int a() { return java.util.Arrays.stream(l).mapToInt(o -> o.ask(2)).sum(); }",
                        "Other[] l; int a() { return l[0].ask(1); }"),
                c(
                        "some op calls ask on each of held",
                        "java.util.List<Other> l; void a() { each(o -> o.ask(1)); }"
                                + " void each(java.util.function.Consumer<Other> c) { for (Other o : l) c.accept(o); }",
                        "java.util.List<Other> l; void a() { l.stream().skip(1).forEach(o -> o.ask(1)); }"),
                c(
                        "some op calls ask on one of held",
                        "java.util.Map<String, Other> m; int a(String k) { return m.get(k).ask(1); }",
                        "java.util.List<Other> l; void a() { l.forEach(o -> o.ask(1)); }"),
                c(
                        "some op calls ask on a parameter",
                        "void a(Other o) { o.ask(1); }",
                        "void a() { new One().ask(1); }"),
                c(
                        "some op calls ask on held",
                        "Other o; int a() { Other x = pick(); return x.ask(1); } Other pick() { return o; }",
                        "Other o; int a() { return new One().ask(1); }"),
                c("some op itself calls ask", "Other o; void a() { o.ask(1); }", "Other o; void b() { }"),
                c("some op passes itself to ask", "void a(Other o) { o.ask(hashCode()); }", "void a() {}", false),
                // bodies
                c("some op creates Kind", "Object a() { return new One(); }", "Object a() { return null; }"),
                c(
                        "some op creates several Kind",
                        "Other a(int i) { return i > 0 ? new One() : new Two(); }",
                        "Other a() { return new One(); }"),
                c(
                        "some op returns held",
                        "Other o; Other a() { return o; }",
                        "Other o; Other a() { return new One(); }"),
                c("some op returns a new Kind", "Other a() { return new Two(); }", "Other o; Other a() { return o; }"),
                c("some op returns itself", "Main a() { return this; }", "Main a() { return new Main(); }"),
                c(
                        "every op never returns null",
                        "Other a() { return new One(); }",
                        "Other a(int i) { return i > 0 ? new One() : null; }"),
                c(
                        "some op adds to held",
                        "java.util.Set<Other> s; void a(Other o) { s.add(o); }",
                        "java.util.Set<Other> s; void a(Other o) { new java.util.HashSet<>(s).add(o); }"),
                c(
                        "some op removes from held",
                        "java.util.List<Other> s; void a(Other o) { s = s.stream().filter(x -> x != o).toList(); }",
                        "java.util.List<Other> s; void a(Other o) { java.util.List.copyOf(s).remove(o); }"),
                c("some op writes held", "int i; void a() { i++; }", "int i; int a() { return i; }"),
                c("some op reads held", "int i; int a() { return i; }", "int i; void a() { }"),
                c(
                        "some op branches on the type of Kind",
                        "void a(Object o) { if (o instanceof One one) one.ask(1); }",
                        "void a(Object o) { if (o == null) return; }"),
                c(
                        "some op branches on a tag",
                        "int a(String s) { return switch (s) { case \"a\" -> 1; case \"b\" -> 2; default -> 0; }; }",
                        "int a(int i) { return i > 3 ? 1 : 2; }"),
                c(
                        "some op branches on null of Other",
                        "void a(Other o) { if (java.util.Objects.nonNull(o)) o.ask(1); }",
                        "void a(Other o) { if (o == null) throw new IllegalArgumentException(); o.ask(1); }"),
                c(
                        "some op branches on null of Other",
                        "Other o; int a() { return o != null ? o.ask(1) : 0; }",
                        "Other o; Other a() { return o != null ? o : new One(); }"),
                c("some op does nothing", "int a() { return 0; }", "int i; void a() { i = 1; }"),
                c("some op throws", "void a() { throw new UnsupportedOperationException(); }", "void a() { }"),
                // types
                c("Main depends on Kind", "Object o = new One();", "Other o;"),
                c("Main holds several Other", "Other a; Other b;", "Other a;"),
                c("Main calls into Other", "void a(Other o) { o.ask(1); }", "Other o;"),
                c(
                        "Main asks for the type of Kind",
                        "void a(Object o) { ((One) o).ask(1); }",
                        "public boolean equals(Object o) { return o instanceof One; }"),
                c("Main has only private constructors", "private Main() {}", "Main() {}"),
                c(
                        "Main gives out an object of its own",
                        "static Main m = new Main();",
                        "private static Main m = new Main();"),
                c(
                        "Main makes its object in one place",
                        "static final Main M = new Main();",
                        "static Main a() { return new Main(); } Main b() { return new Main(); }"));
    }

    private static Arguments c(String condition, String holds, String not) {
        return c(condition, holds, not, true);
    }

    private static Arguments c(String condition, String holds, String not, boolean first) {
        return Arguments.of(condition, holds, not, first);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("cases")
    void aRelationHoldsWhereItDoesAndNowhereElse(String condition, String holds, String not, boolean first) {
        assertEquals(first ? Status.MET : Status.UNMET, status(condition, holds));
        assertEquals(Status.UNMET, status(condition, not));
    }

    @Test
    void whatCannotBeFollowedIsUnclearAndNotMissing() {
        String body = "Other o; int a() { return Missing.find(o).ask(1); }";

        Match match = match("some op calls ask on held", body, null);

        assertTrue(match.findings().get(0).status() != Status.MET);
    }

    @Test
    void againstStarterCodeTypesOfOneNameAreCompared() {
        String before = "int a(Other o) { if (o == null) return 0; if (o instanceof One) return 1; return 2; }";
        String after = "int a(Other o) { return o.ask(1); }";

        assertEquals(Status.MET, status("Main has fewer branches", after, before));
        assertEquals(Status.UNMET, status("Main has fewer branches", before, before));
        assertEquals(Status.MET, status("Main has fewer null checks", after, before));
        assertEquals(Status.MET, status("Main is unchanged", before, before));
        assertEquals(Status.UNMET, status("Main is unchanged", after, before));
        assertEquals(Status.MET, status("Main has no more lines", after, before));
        assertEquals(Status.UNCLEAR, status("Main is unchanged", after));
    }

    @Test
    void nowhereElseLooksAtTheWholeSubmission() {
        String alone = "Object a() { return new One(); }";

        assertEquals(Status.MET, status("some op creates Kind, and nowhere else", alone));
        assertEquals(
                Status.UNMET,
                match(
                                "some op creates Kind, and nowhere else",
                                alone + "} class Shop { Object b() { return new Two(); }",
                                null)
                        .findings()
                        .get(0)
                        .status());
    }

    @Test
    void severalInstancesOfAPatternAreNamed() {
        String twice =
                "class Gate { private static final Gate G = new Gate(); private Gate() {} static Gate g() { return G; } }"
                        + "class Lamp { private static final Lamp L = new Lamp(); private Lamp() {} static Lamp l() { return L; } }";
        DesignPattern singleton =
                hausaufgabe.core.catalogue.Catalogue.pattern("singleton").orElseThrow();

        Match match = RoleMatcher.match(singleton, read(twice), null, Map.of());

        assertEquals(List.of("Lamp as Singleton"), match.instances());
        assertTrue(!match.ambiguous());
    }

    @Test
    void aRemarkIsMadeAndCountsForNothing() {
        String lazy =
                "class Gate { private static Gate g; private Gate() {} static Gate g() { if (g == null) g = new Gate(); return g; } }";
        DesignPattern singleton =
                hausaufgabe.core.catalogue.Catalogue.pattern("singleton").orElseThrow();

        Match open = RoleMatcher.match(singleton, read(lazy), null, Map.of());
        Match guarded = RoleMatcher.match(
                singleton, read(lazy.replace("static Gate g()", "static synchronized Gate g()")), null, Map.of());

        assertEquals(1, open.remarks().size());
        assertEquals(0, guarded.remarks().size());
        assertTrue(open.findings().stream().allMatch(f -> f.status() == Status.MET));
    }

    private Status status(String condition, String body) {
        return status(condition, body, null);
    }

    private Status status(String condition, String body, String starter) {
        return match(condition, body, starter).findings().get(0).status();
    }

    private Match match(String condition, String body, String starter) {
        DesignPattern pattern = Patterns.parse(HEAD.formatted(condition));
        return RoleMatcher.match(
                pattern,
                read(program(body)),
                starter == null ? null : read(program(starter)),
                Map.of("Main", List.of("Main"), "Other", List.of("Other")));
    }

    private static String program(String body) {
        return OTHER + "class Main { " + body + " }";
    }

    private Design read(String text) {
        Reading reading = reader.read(List.of(new SourceFile("Main.java", text)));
        return reading.design();
    }
}
