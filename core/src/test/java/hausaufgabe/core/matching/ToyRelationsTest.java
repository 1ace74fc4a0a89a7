package hausaufgabe.core.matching;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.toy.ToyLanguage;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Relations one by one: a program of which each holds, and one of which it does not. */
class ToyRelationsTest {

    private static final String PATTERN = """
            pattern asked "Asked"
              "Asks one thing."

              role Main a class
              role Other an abstraction
              role Kind every concrete type that realises Other
              member ask every operation of Other
              member held every field of Main
              member op every operation of Main
              require asked 1 "It is so."
                %s
            """;

    private static final String OTHERS = """
            abstract Other
              ask(n)
            type One is Other
              ask(n)
                return n + 1
            type Two is Other
              ask(n)
                return n * 2
            """;

    static Stream<Arguments> cases() {
        return Stream.of(
                // fields
                of(
                        "some held holds many Other",
                        "field all = [];a(o);  add o to all;  for x in all;    x.ask(1)",
                        "field o;a();  return o.ask(1)"),
                of(
                        "some held holds one Other",
                        "field o;a();  return o.ask(1)",
                        "field all = [];a(o);  add o to all;  for x in all;    x.ask(1)"),
                of("some held is of type Other", "field o;a();  return o.ask(1)", "field n = 3"),
                of("some held leads to Other", "field o;a();  return o.ask(1)", "field n = 3"),
                of("some held is assigned from a parameter", "field o;new(x);  self.o = x", "field o = new One()"),
                of("some held is assigned from a new object", "field o = new One()", "field o;new(x);  self.o = x"),
                of(
                        "some held is assigned lazily",
                        "field o;get();  if o is none;    self.o = new One();  return o",
                        "field o;set();  self.o = new One()"),
                of("some held starts as null", "field o = none", "field o = new One()"),
                of("some held starts as a Kind", "field o = new One()", "field o = 3"),
                of("some held is static", "static field n = 1", "field n = 1"),
                of("some held is private", "private field n = 1", "field n = 1"),
                // operations by what they are
                of("some op is static", "static a();  return 1", "a();  return 1"),
                of("some op is private", "private a();  return 1", "a();  return 1"),
                of("some op is overridable", "a();  return 1", "static a();  return 1"),
                of("some op is final", "static a();  return 1", "a();  return 1"),
                of("some op takes Other", "a(o);  return o.ask(1)", "a(n);  return n + 1"),
                of("some op takes any of Kind", "a(o);  return o.ask(1)", "a(n);  return n + 1"),
                of("some op takes something", "a(n);  return n", "a();  return 1"),
                of("some op takes or returns something", "a();  return 1", "a();  pass"),
                of("some op returns something", "a();  return 1", "a();  pass"),
                of("some op returns Other", "field o;a();  return o;b();  return o.ask(1)", "a();  return 3"),
                of("some op works something out", "a(n);  return n + 1", "a();  return 3"),
                of("some op is open to variation", "a();  pass", "a(n);  return n + 1"),
                // calls
                of(
                        "some op calls ask on each of held",
                        "field all = [];put(o);  add o to all;a();  for x in all;    x.ask(1)",
                        "field all = [];put(o);  add o to all;a();  return 1"),
                of("some op calls ask on held", "field o;a();  return o.ask(1)", "a(o);  return o.ask(1)"),
                of("some op calls ask on a parameter", "a(o);  return o.ask(1)", "field o;a();  return o.ask(1)"),
                of("some op calls ask", "field o;a();  return o.ask(1)", "a();  return 1"),
                of("some op itself calls ask", "field o;a();  return o.ask(1)", "a();  return 1"),
                of("some op reaches ask", "field o;a();  return self.b();b();  return o.ask(1)", "a();  return 1"),
                of("some op passes itself to ask", "field o;a();  return o.ask(self)", "field o;a();  return o.ask(1)"),
                of("ask is called in Main", "field o;a();  return o.ask(1)", "a();  return 1"),
                of("some op calls op on itself", "a();  return self.b();b();  return 1", "a();  return 1"),
                of("some op is called on itself by op", "a();  return self.b();b();  return 1", "a();  return 1"),
                // bodies
                of("some op creates Kind", "a();  return new One()", "a();  return 1"),
                of(
                        "some op creates several Kind",
                        "a(n);  if n == 1;    return new One();  return new Two()",
                        "a();  return new One()"),
                of("some op returns held", "field o = 3;a();  return o", "field o = 3;a();  return 4"),
                of("some op returns a new Kind", "a();  return new One()", "a();  return 4"),
                of("some op returns itself", "a();  return self", "a();  return 1"),
                of("every op never returns null", "a();  return 1", "a(n);  if n == 1;    return none;  return 1"),
                of("some op adds to held", "field all = [];a(o);  add o to all", "field all = [];a(o);  return o"),
                of(
                        "some op removes from held",
                        "field all = [];a(o);  remove o from all",
                        "field all = [];a(o);  add o to all"),
                of("some op reads held", "field n = 3;a();  return n", "field n = 3;a();  return 4"),
                of("some op writes held", "field n = 3;a();  self.n = 4", "field n = 3;a();  return 4"),
                of("some op assigns held from a parameter", "field n;a(x);  self.n = x", "field n;a(x);  self.n = 4"),
                of(
                        "some op branches on the type of Kind",
                        "a(o);  if o is a One;    return 1;  return 2",
                        "a(o);  return 1"),
                of("some op branches on a tag", "a(n);  if n == 1;    return 1;  else;    return 2", "a(n);  return 1"),
                of(
                        "some op branches on null of Other",
                        "field o;a();  if o is none;    return 1;  return o.ask(1)",
                        "field o;a();  return o.ask(1)"),
                of("some op does nothing", "a();  pass", "field n;a(x);  self.n = x"),
                of("some op throws", "a();  throw \"never\"", "a();  return 1"),
                of("some op leaves something behind", "field n = 1;a(x);  self.n = x;b();  return n", "a();  return 1"),
                // types
                of("Main depends on Kind", "a();  return new One()", "a();  return 1"),
                of("Main holds Other", "field o;a();  return o.ask(1)", "a();  return 1"),
                of(
                        "Main holds several Other",
                        "field o;field p;a();  return o.ask(1) + p.ask(2)",
                        "field o;a();  return o.ask(1)"),
                of("Main calls into Other", "field o;a();  return o.ask(1)", "a();  return 1"),
                of("Main asks for the type of Kind", "a(o);  if o is a One;    return 1;  return 2", "a(o);  return 1"),
                of(
                        "Main picks among Kind",
                        "field o;a(n);  if n == 1;    self.o = new One();  else;    self.o = new Two();  return o.ask(1)",
                        "field o;a();  return o.ask(1)"),
                of(
                        "Main creates several Kind",
                        "a(n);  if n == 1;    return new One();  return new Two()",
                        "a();  return 1"),
                of("Main is only there to start the program", "static main();  print 1", "a();  return 1"),
                of("Main keeps what it calls ask on", "field o;a(x);  x.ask(1);  self.o = x", "a(x);  x.ask(1)"),
                of(
                        "Main works by a tag beside ask",
                        "field o;a(n);  if n == 1;    return n + 1;  if n == 2;    return n + 2;  return o.ask(n)",
                        "field o;a(n);  return o.ask(n)"),
                of(
                        "Main gives out an object of its own",
                        "static private field only;static get();  if only is none;    Main.only = new Main();  return only",
                        "a();  return 1"),
                of(
                        "Main forwards ask to held",
                        "field o;ask(n);  return o.ask(n)",
                        "field o;a(n);  return o.ask(n)",
                        true),
                of(
                        "Main passes ask on to each of held",
                        "field all = [];put(o);  add o to all;ask(n);  for x in all;    x.ask(n)",
                        "field all = [];put(o);  add o to all;ask(n);  return n",
                        true),
                of("Main does nothing in ask", "ask(n);  pass", "field x = 1;ask(n);  self.x = n", true),
                of("Main gives null in ask", "ask(n);  return none", "ask(n);  return n", true),
                of("Main throws in ask", "ask(n);  throw \"never\"", "ask(n);  return n", true),
                of("Main has only empty answers in ask", "ask(n);  return 0", "ask(n);  return n + 1", true),
                of("Main realises Other", "ask(n);  return 0", "a(n);  return 0", true));
    }

    private static Arguments of(String condition, String right, String wrong) {
        return of(condition, right, wrong, false);
    }

    /** @param isOther whether the main type realises the other one */
    private static Arguments of(String condition, String right, String wrong, boolean isOther) {
        return arguments(
                condition, program(right, isOther), program(wrong, isOther && !condition.contains("realises")));
    }

    private static String program(String body, boolean isOther) {
        return OTHERS + "type Main" + (isOther ? " is Other\n" : "\n")
                + body.replace(";", "\n").indent(2);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void aRelationHoldsOfOneProgramAndNotOfTheOther(String condition, String right, String wrong) {
        assertEquals(Status.MET, judged(condition, right), right);
        assertEquals(Status.UNMET, judged(condition, wrong), wrong);
    }

    private static Status judged(String condition, String program) {
        return RoleMatcher.match(
                        Patterns.parse(PATTERN.formatted(condition)),
                        new ToyLanguage()
                                .reader()
                                .read(List.of(new SourceFile("Main.toy", program)))
                                .design(),
                        null,
                        Map.of("Main", List.of("Main"), "Other", List.of("Other")))
                .findings()
                .get(0)
                .status();
    }
}
