package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.notation.Scenario.Argument;
import hausaufgabe.core.notation.Scenario.Step;
import java.time.Duration;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever stands in a text, it is read in reasonable time or refused with the place and what to do. */
class BadNotationTest {

    private static final String HEAD = """
            pattern bells "Bells"
              "A tower rings bells."
              role Bell an abstraction
              role Tower a class that holds Bell
              member ring every operation of Bell
              member bells field of Tower that leads to Bell
              member rings every operation of Tower that calls ring
              require held essential 2 "{Tower} holds {Bell}."
                some rings calls ring
            """;
    private static final String SCENARIO = HEAD + """
              scenario "played" 1
                one := double of Bell
                tower := new Tower with one
            """;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "in parallel by 4 threads forget calls | only a single call can be made in parallel",
                "in parallel by 4 threads expect one.ring called once | only a single call can be made in parallel",
                "in parallel by 4 threads call tower.anything until one.ring is called | only a single call",
                "in parallel by 4 threads repeat 2 times call tower.rings | only a single call can be made in parallel",
                "in parallel by 1000000 threads call tower.rings | is between 2 and 64, not 1000000",
                "in parallel by 0 threads call tower.rings | is between 2 and 64, not 0",
                "repeat 2000000000 times call tower.rings | is between 1 and 1000",
                "repeat 99999999999999999 times call tower.rings | is between 1 and 1000",
                "repeat -3 times call tower.rings | is between 1 and 1000, not -3",
                "repeat 2.5 times call tower.rings | is a whole number, not 2.5",
                "call tower.rings with 1.2.3 | is no number",
                "call tower.rings with 12. | is no number",
                "call tower.rings with 123456789012345678901234567890 | at most 18 characters",
                "expect one.ring called 99999 times | is between 0 and 1000"
            })
    void aStepThatCannotBeMeantIsRefusedWhereItStands(String step, String words) {
        NotationException e = refused(SCENARIO + "    " + step + "\n");

        assertTrue(e.getMessage().contains(words), e.getMessage());
        assertEquals(13, e.line());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "text | found the end of the line, expected a text in quotes",
                "text \"berth\" \"B-1\" \"B-2\" | expected the end of the line",
                "text \" , \" \"B-1\" | expected words of a parameter's name",
                "text matching \"B-(\" | no regular expression",
                "text matching \"(a{300}){300}\" | could be longer than 10000 characters",
                "text of Towr \"B-1\" | Did you mean 'Tower'?",
                "number 9 to 3 | nothing is between 9 and 3",
                "number \"hours\" \"3\" | expected a number",
                "Tide | or 'from' and what one is made from",
                "Tide from SPRING | expected a text, a number, true or false"
            })
    void aLineOfValuesThatCannotBeMeantIsRefusedWhereItStands(String line, String words) {
        NotationException e = refused(HEAD + "    some rings calls ring\n  values " + line + "\n");

        assertTrue(e.getMessage().contains(words), e.getMessage());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "scenario \"played\" 1 | scenario \"played\" -1 | cannot be below 0",
                "require held essential 2 | require held essential -2 | cannot be below 0",
                "require held essential 2 | require held essential 2.2.2 | is no number"
            })
    void pointsAreNumbersFromZero(String from, String to, String words) {
        NotationException e = refused(SCENARIO.replace(from, to) + "    call tower.rings\n");

        assertTrue(e.getMessage().contains(words), e.getMessage());
    }

    @Test
    void numbersBelowZeroAreReadAndWritten() {
        String text = SCENARIO + "    call tower.rings with -3, -0.5, 12\n";

        DesignPattern p = Patterns.parse(text);

        Step.Call call = (Step.Call) p.scenarios().get(0).steps().get(2);
        assertEquals(new Argument.Literal("-3", false), call.with().get(0));
        assertEquals(new Argument.Literal("-0.5", false), call.with().get(1));
        assertEquals(p, Patterns.parse(PatternPrinter.print(p)));
    }

    @Test
    void stepsInOneAnotherEndSomewhere() {
        String deep = "repeat 2 times ".repeat(12_000) + "call tower.rings\n";

        assertTrue(refused(SCENARIO + "    " + deep).getMessage().contains("nested too deeply"));
        assertTrue(refused(SCENARIO + "    " + "for each Bell as b ".repeat(5_000) + "call b.ring\n")
                .getMessage()
                .contains("nested too deeply"));
    }

    @Test
    void aTextOfFullLengthIsReadInReasonableTime() {
        String steps = many(5_500, i -> "    call tower.rings with " + i + "\n");
        String conditions = HEAD + many(5_000, i -> "    some rings calls ring\n");
        String comments = HEAD + many(60_000, i -> "--\n");
        String variables = many(
                3_000,
                i -> "    d" + i
                        + " := double of Bell\n    call tower.hear with d"
                                .replace("call tower.hear with d", "forget calls")
                        + "\n");
        String forms = HEAD
                + many(
                        90,
                        i -> "  form \"f" + i + "\" instead of held\n    require held 1 \"{Tower}.\"\n"
                                + many(25, k -> "      some rings calls ring\n"));

        for (String text : new String[] {SCENARIO + steps, conditions, comments, SCENARIO + variables, forms}) {
            assertTrue(text.length() <= PatternParser.LONGEST, () -> "too long: " + text.length());
            // only guards against what takes the square of the length
            assertTimeoutPreemptively(Duration.ofSeconds(30), () -> Patterns.parse(text));
        }
    }

    private static String many(int times, java.util.function.IntFunction<String> line) {
        return IntStream.range(0, times).mapToObj(line).collect(Collectors.joining());
    }

    private static NotationException refused(String text) {
        return assertThrows(NotationException.class, () -> Patterns.parse(text));
    }
}
