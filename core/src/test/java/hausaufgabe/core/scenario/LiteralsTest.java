package hausaufgabe.core.scenario;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Value;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LiteralsTest {

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
        assertEquals(Optional.of(new Given.Simple("java.lang.String", "fog")), as("fog", true, type));
    }

    @Test
    void aTextIsMadeADateWhereOneIsAskedFor() {
        assertEquals(
                Optional.of(new Given.Parsed("java.time.LocalDate", "parse", "2026-05-04")),
                as("2026-05-04", true, "java.time.LocalDate"));
        assertTrue(as("12", true, "int").isEmpty());
        assertEquals(Optional.of(new Given.Simple("char", "a")), as("a", true, "char"));
    }

    @Test
    void nothingCanStandForAnyTypeThatIsNoPrimitive() {
        assertTrue(Literals.isReference("ship"));
        assertTrue(Literals.isReference("harbour.ship"));
        assertTrue(Literals.isReference("java.lang.Integer"));
        assertFalse(Literals.isReference("int"));
        assertFalse(Literals.isReference("boolean"));
    }

    @Test
    void numbersAreComparedByWhatTheyAreWorthAndTextsAsTheyStand() {
        assertTrue(Literals.areEqual(value("java.lang.Double", "1.0"), value("java.lang.Integer", "1")));
        assertTrue(Literals.areEqual(
                value("java.math.BigDecimal", "1.50"), Literals.valueOf(new Argument.Literal("1.5", false))));
        assertTrue(Literals.areEqual(value("java.lang.Double", "NaN"), value("java.lang.Double", "NaN")));
        assertFalse(Literals.areEqual(value("java.lang.String", "01"), value("java.lang.String", "1")));
        assertFalse(
                Literals.areEqual(value("java.lang.String", "1"), Literals.valueOf(new Argument.Literal("1", false))));
        assertTrue(
                Literals.areEqual(value("java.lang.String", "1"), Literals.valueOf(new Argument.Literal("1", true))));
        assertTrue(Literals.areEqual(
                value("java.lang.Boolean", "true"), Literals.valueOf(new Argument.Literal("true", false))));
    }

    private static Value value(String type, String text) {
        return new Value(type, null, text);
    }

    private static Optional<Given> as(String text, boolean quoted, String type) {
        return Literals.as(Literals.valueOf(new Argument.Literal(text, quoted)), type);
    }
}
