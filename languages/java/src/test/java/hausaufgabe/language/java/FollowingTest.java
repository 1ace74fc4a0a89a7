package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.report.Status;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Following values ends, whatever a program hands to whom. The time-outs only guard against hanging. */
@Tag("slow")
class FollowingTest {

    private static final Duration AGES = Duration.ofMinutes(2);

    @Test
    void aDecoratorThatHandsTheInnerAnswerToItsOwnHelperIsReadToTheEnd() {
        String decorator = """
                interface Fee { int of(int km); }
                class Flat implements Fee { public int of(int km) { return 20 * km; } }
                class Halved implements Fee {
                    private final Fee inner;
                    Halved(Fee inner) { this.inner = inner; }
                    public int of(int km) { return half(inner.of(km)); }
                    private int half(int fee) { return fee / 2; }
                }
                """;
        String boxed = decorator
                .replace("int of(int km)", "Integer of(Integer km)")
                .replace("int half(int fee)", "Integer half(Integer fee)");

        for (String source : List.of(decorator, boxed)) {
            Match match = assertTimeoutPreemptively(AGES, () -> match("delegation", source));

            assertEquals(
                    List.of(),
                    match.findings().stream()
                            .filter(f -> f.status() == Status.UNMET)
                            .map(f -> f.id())
                            .toList());
            assertEquals(
                    "Halved", match.binding().type("Delegator").orElseThrow().name());
        }
    }

    @Test
    void manyDecoratorsThatHandOneAnotherTheirAnswersAreReadToTheEnd() {
        String all = "interface Text { String of(String t); }\n"
                + IntStream.range(0, 30).mapToObj(i -> """
                                class Step%d implements Text {
                                    private final Text inner;
                                    Step%d(Text inner) { this.inner = inner; }
                                    public String of(String t) { return trim(inner.of(trim(t)), inner.of(t)); }
                                    private String trim(String a) { return pair(a, inner.of(a)); }
                                    private String trim(String a, String b) { return pair(pair(a, b), pair(b, a)); }
                                    private String pair(String a, String b) { return inner.of(a + b); }
                                }
                                """.formatted(i, i)).collect(Collectors.joining());

        for (String pattern : Catalogue.ids()) {
            assertTimeoutPreemptively(AGES, () -> match(pattern, all), pattern);
        }
    }

    @Test
    void aListThatFollowsItselfIsReadToTheEnd() {
        Match match = assertTimeoutPreemptively(AGES, () -> match("composite", """
                abstract class Berth {
                    Berth next;
                    Berth last() { return next == null ? this : next.last(); }
                    Berth find(Berth from) { return from == this ? last() : next.find(find(from.last())); }
                    abstract int dues();
                }
                class Quay extends Berth { int dues() { return last().dues() + find(last()).dues(); } }
                """));

        assertTrue(match.binding().types("Composite").isEmpty());
    }

    @Test
    void theSameProgramIsReadTheSameEachTime() {
        String source = """
                interface Tow { Tow by(Tow other); }
                class Rope implements Tow {
                    Tow a;
                    Tow b;
                    public Tow by(Tow other) { return pick(a.by(other), b.by(pick(other, this))); }
                    private Tow pick(Tow x, Tow y) { return x == y ? x.by(y) : y.by(x); }
                }
                """;
        String first = said(match("delegation", source));

        for (int i = 0; i < 5; i++) {
            assertEquals(first, said(match("delegation", source)));
        }
    }

    private static String said(Match match) {
        return match.findings().stream()
                .map(f -> f.id() + " " + f.status() + " " + f.explanation().plain() + f.evidence())
                .collect(Collectors.joining("\n"));
    }

    private static Match match(String pattern, String source) {
        Reading reading = new JavaReader().read(List.of(new SourceFile("Harbour.java", source)));
        Design design = reading.design();
        return RoleMatcher.match(Catalogue.pattern(pattern).orElseThrow(), design, null, Map.of());
    }
}
