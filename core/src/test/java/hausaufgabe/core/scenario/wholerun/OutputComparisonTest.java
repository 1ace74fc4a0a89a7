package hausaufgabe.core.scenario.wholerun;

import static org.junit.jupiter.api.Assertions.assertEquals;

import hausaufgabe.core.notation.Run.How;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutputComparisonTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Tide 3\\n | Tide 3       | EXACT | 0",
                "Tide 3    | Tide 3\\n    | EXACT | 0",
                "Tide  3   | Tide 3       | LIKE  | 0",
                "Tide\\n\\n3 | Tide 3      | LIKE  | 0",
                "sum 3.51  | sum 3.5      | EXACT | 0.05",
                "x -2e3 y  | x -2000 y    | LIKE  | 1",
                "Tide 17   | Tide [0-9]+  | MATCHING | 0",
            })
    void whatAgreesAgrees(String came, String expected, How how, double tolerance) {
        assertEquals("", OutputComparison.difference(lines(came), lines(expected), how, tolerance));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Tide 3\\nTide 5 | Tide 3\\nTide 4 | EXACT | 0    | line 2: expected “Tide 4”; it is “Tide 5”",
                "Tide 3         | Tide 3\\nTide 4 | EXACT | 0    | line 2: expected “Tide 4”; there is no more",
                "Tide 3\\nand so | Tide 3         | EXACT | 0    | line 2: there should be no more; it is “and so”",
                "Tide  3        | Tide 3         | EXACT | 0    | line 1: expected “Tide 3”; it is “Tide  3”",
                "sum 3.6        | sum 3.5        | EXACT | 0.05 | line 1: expected “sum 3.5”; it is “sum 3.6”",
                "sum 3.5 m      | sum 3.5 cm     | LIKE  | 1    | line 1: expected “sum 3.5 cm”; it is “sum 3.5 m”",
                "Tide x         | Tide [0-9]+    | MATCHING | 0 | it does not match the expression; it is “Tide x”",
            })
    void theFirstDifferenceIsSaid(String came, String expected, How how, double tolerance, String difference) {
        assertEquals(difference, OutputComparison.difference(lines(came), lines(expected), how, tolerance));
    }

    private static String lines(String text) {
        return text.replace("\\n", "\n");
    }
}
