package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.analysis.NameFreePrint;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Programs that are equal but for their names have one mark, others have not. */
class NameFreePrintTest {

    private static final String FEES = """
            interface Fee { double of(int metres); }
            class Flat implements Fee {
                public double of(int metres) {
                    double sum = 7;
                    if (metres > 20) { sum = sum + 3; }
                    System.out.println("flat " + sum);
                    return sum;
                }
            }
            class Office {
                private final Fee fee;
                private int asked;
                Office(Fee fee) { this.fee = fee; }
                double bill(int metres) {
                    asked = asked + 1;
                    double due = fee.of(metres);
                    for (int i = 0; i < 3; i++) { due = due * 1.1; }
                    if (due < 0) { throw new IllegalStateException("below"); }
                    return Math.round(due);
                }
            }
            """;

    private static Design read(String text) {
        return new JavaLanguage()
                .reader()
                .read(List.of(new SourceFile("Main.java", text)))
                .design();
    }

    private static String print(String text) {
        return NameFreePrint.of(read(text), null, new JavaLanguage()::isReserved);
    }

    @Test
    void otherNamesCommentsSpacingAndOrderChangeNothing() {
        String renamed = FEES.replace("Office", "Kontor")
                .replace("Fee", "Gebuehr")
                .replace("fee", "gebuehr")
                .replace("metres", "laenge")
                .replace("due", "betrag")
                .replace("bill", "rechnung")
                .replace("        asked = asked + 1;", "        // counts\n        asked =  asked + 1;");
        String[] parts = FEES.split("(?=class Office)");

        assertNotNull(print(FEES));
        assertEquals(print(FEES), print(renamed));
        assertEquals(print(FEES), print(parts[1] + parts[0]));
    }

    @Test
    void whatIsDoneOtherwiseIsAnother() {
        assertNotEquals(print(FEES), print(FEES.replace("sum + 3", "sum - 3")));
        assertNotEquals(print(FEES), print(FEES.replace("metres > 20", "metres > 21")));
        assertNotEquals(print(FEES), print(FEES.replace("Math.round", "Math.floor")));
        assertNotEquals(print(FEES), print(FEES.replace("due < 0", "asked < 0")));
        assertNotEquals(print(FEES), print(FEES.replace("\"below\"", "\"under\"")));
    }

    @Test
    void smallProgramsHaveNone() {
        assertNull(print("class A { int f() { return 1; } }"));
    }

    @Test
    void whatWasHandedOutDoesNotCount() {
        assertNull(NameFreePrint.of(read(FEES), read(FEES), new JavaLanguage()::isReserved));
        String more = FEES + "class Own { int f(int n) { int s = 0; " + "s = s + n; ".repeat(14) + "return s; } }";

        assertNotNull(NameFreePrint.of(read(more), read(FEES), new JavaLanguage()::isReserved));
        assertNotEquals(print(more), NameFreePrint.of(read(more), read(FEES), new JavaLanguage()::isReserved));
    }
}
