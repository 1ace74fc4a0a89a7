package hausaufgabe.core.scenario;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Samples.Mentioned;
import java.util.List;
import org.junit.jupiter.api.Test;

class SamplesOfTypesTest {

    @Test
    void boundariesAreAmongTheWholeNumbers() {
        List<String> texts = texts("int", Mentioned.NOTHING);

        assertTrue(texts.containsAll(List.of("0", "1", "-7", "1000")), texts.toString());
    }

    @Test
    void whatTheCodeMentionsIsTriedWithWhatIsNextToIt() {
        List<String> texts = texts("double", new Mentioned(List.of(), List.of("350")));

        assertTrue(texts.containsAll(List.of("351.0", "350.0", "349.0")), texts.toString());
    }

    @Test
    void ordinaryValuesComeFirst() {
        Given first = Samples.of("java.lang.String", 0, new Mentioned(List.of("ferry"), List.of()))
                .orElseThrow();

        assertEquals(new Given.Simple("java.lang.String", "Seeschwalbe"), first);
        assertTrue(texts("java.lang.String", new Mentioned(List.of("ferry"), List.of()))
                .contains("ferry"));
    }

    @Test
    void aByteHoldsWhatItIsGiven() {
        assertTrue(texts("byte", new Mentioned(List.of(), List.of("4000"))).stream()
                .allMatch(t -> Math.abs(Integer.parseInt(t)) < 128));
    }

    @Test
    void lettersThatTheCodeMentionsAreTried() {
        assertTrue(texts("char", new Mentioned(List.of(), List.of("75"))).contains("K"));
    }

    @Test
    void anUnknownTypeHasNone() {
        assertTrue(Samples.of("harbour.Ship", 0, Mentioned.NOTHING).isEmpty());
    }

    private static List<String> texts(String type, Mentioned mentioned) {
        return Samples.all(type, mentioned).stream()
                .map(g -> ((Given.Simple) g).text())
                .toList();
    }
}
