package hausaufgabe.language.java.running;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.language.MentionedValues;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JavaValuesTest {

    private final JavaValues values = new JavaValues();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "int",
                "long",
                "short",
                "byte",
                "double",
                "float",
                "java.lang.Integer",
                "java.lang.Long",
                "java.lang.Double",
                "java.lang.Number",
                "java.lang.Object",
                "java.math.BigDecimal",
                "java.math.BigInteger",
                "java.lang.Comparable"
            })
    void aWholeNumberFitsWhateverIsANumber(String type) {
        assertTrue(as("12", false, type).isPresent(), type);
        assertTrue(as("-12", false, type).isPresent(), type);
    }

    @ParameterizedTest
    @CsvSource({
        "12.5, int",
        "12.5, java.math.BigInteger",
        "300, byte",
        "40000, short",
        "3000000000, int",
        "3, boolean",
        "3, java.lang.String"
    })
    void aNumberDoesNotFitWhatCannotHoldIt(String number, String type) {
        assertTrue(as(number, false, type).isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"java.lang.String", "java.lang.CharSequence", "java.lang.Object", "java.lang.Comparable"})
    void aTextFitsWhateverATextIs(String type) {
        assertEquals(Optional.of(new Input.Simple(Kind.TEXT, "java.lang.String", "fog")), as("fog", true, type));
    }

    @Test
    void aTextIsMadeADateWhereOneIsAskedFor() {
        assertEquals(
                Optional.of(new Input.Parsed("java.time.LocalDate", "parse", "2026-05-04")),
                as("2026-05-04", true, "java.time.LocalDate"));
        assertTrue(as("12", true, "int").isEmpty());
        assertEquals(Optional.of(new Input.Simple(Kind.LETTER, "char", "a")), as("a", true, "char"));
    }

    @Test
    void nothingCanStandForAnyTypeThatIsNoPrimitive() {
        assertTrue(values.canBeNothing("ship"));
        assertTrue(values.canBeNothing("harbour.ship"));
        assertTrue(values.canBeNothing("java.lang.Integer"));
        assertFalse(values.canBeNothing("int"));
        assertFalse(values.canBeNothing("boolean"));
    }

    @Test
    void boundariesAreAmongTheWholeNumbers() {
        List<String> texts = texts("int", MentionedValues.NONE);

        assertTrue(texts.containsAll(List.of("0", "1", "-7", "1000")), texts.toString());
    }

    @Test
    void whatTheCodeMentionsIsTriedWithWhatIsNextToIt() {
        List<String> texts = texts("double", new MentionedValues(List.of(), List.of("350"), List.of()));

        assertTrue(texts.containsAll(List.of("351.0", "350.0", "349.0")), texts.toString());
    }

    @Test
    void ordinaryValuesComeFirst() {
        Input first = values.sample("java.lang.String", 0, new MentionedValues(List.of("ferry"), List.of(), List.of()))
                .orElseThrow();

        assertEquals(new Input.Simple(Kind.TEXT, "java.lang.String", "Seeschwalbe"), first);
        assertTrue(texts("java.lang.String", new MentionedValues(List.of("ferry"), List.of(), List.of()))
                .contains("ferry"));
    }

    @Test
    void aByteHoldsWhatItIsGiven() {
        assertTrue(texts("byte", new MentionedValues(List.of(), List.of("4000"), List.of())).stream()
                .allMatch(t -> Math.abs(Integer.parseInt(t)) < 128));
    }

    @Test
    void lettersThatTheCodeMentionsAreTried() {
        assertTrue(texts("char", new MentionedValues(List.of(), List.of("75"), List.of()))
                .contains("K"));
    }

    @Test
    void anUnknownTypeHasNone() {
        assertTrue(values.sample("harbour.Ship", 0, MentionedValues.NONE).isEmpty());
    }

    private List<String> texts(String type, MentionedValues mentioned) {
        return values.samples(type, mentioned).stream()
                .map(g -> ((Input.Simple) g).text())
                .toList();
    }

    private Optional<Input> as(String text, boolean quoted, String type) {
        return values.literal(new Observed(quoted ? Kind.TEXT : Kind.NUMBER, null, null, text), type);
    }
}
