package hausaufgabe.core.toy;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import hausaufgabe.core.report.CheckReport.Verdict;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The one catalogue judges a language that has no types, no library and no compiler. */
class ToyCatalogueTest {

    private static String source(String name) throws IOException {
        try (InputStream in = ToyCatalogueTest.class.getResourceAsStream(name + ".toy")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "strategy",
                "observer",
                "composite",
                "visitor",
                "singleton",
                "null-object",
                "template-method",
                "delegation",
                "command",
                "polymorphic-factory",
                "builder"
            })
    void aRightProgramIsAcceptedAndAWrongOneFaulted(String pattern) throws IOException {
        ToyCheck right = ToyCheck.of(pattern, source(pattern));
        ToyCheck wrong = ToyCheck.of(pattern, source(pattern + "-wrong"));

        assertEquals(Verdict.ACCEPTED, right.verdict(), right::problems);
        assertEquals(Verdict.FAULTED, wrong.verdict(), wrong::problems);
        assertNotEquals(right.problems(), wrong.problems());
    }
}
