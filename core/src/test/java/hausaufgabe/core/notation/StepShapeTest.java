package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StepShapeTest {

    private static final Map<String, String> SOME = Map.of(
            "NEW", "fresh",
            "VARIABLE", "one",
            "ROLE", "Ship",
            "OPERATION", "sail",
            "FIELD", "flag",
            "ARGUMENT", "any",
            "ARGUMENTS", "one, 3, \"x\"",
            "NUMBER", "2",
            "TEXT", "\"x\"");

    static Stream<StepShape> shapes() {
        return StepShape.ALL.stream();
    }

    private static String filled(StepShape shape) {
        return Stream.of(shape.words().split(" "))
                .map(w -> SOME.getOrDefault(w, w))
                .collect(Collectors.joining(" "))
                .replace(" . ", ".")
                .replace(" , ", ", ");
    }

    private static DesignPattern with(String step) {
        return Patterns.parse("""
                pattern pier "Pier"
                  "Ships lie at it."
                  role Ship an abstraction
                  member sail operation of Ship
                  member flag field of Ship
                  require ship 1 "There is a {Ship}."
                    Ship is an abstraction
                  scenario "a ship sails" 1
                    one := double of Ship
                    result := call one.sail
                """ + "    " + step + "\n");
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void aShapeFilledInIsAStepThatIsWrittenJustSo(StepShape shape) {
        String words =
                shape.words().contains("do again") ? filled(shape).replace("gave one", "gave result") : filled(shape);
        List<Scenario.Step> steps = with(words).scenarios().get(0).steps();
        assertEquals(words, PatternPrinter.step(steps.get(steps.size() - 1)));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void wordsThatStandBeforeAStepMayStandBeforeACall(StepShape shape) {
        for (StepShape before : StepShape.BEFORE) {
            if (shape.words().equals("call VARIABLE . OPERATION")) {
                String words = filled(before) + " " + filled(shape);
                List<Scenario.Step> steps = with(words).scenarios().get(0).steps();
                assertEquals(words, PatternPrinter.step(steps.get(steps.size() - 1)));
            }
        }
    }

    @Test
    void everyStepOfTheCatalogueHasAShape() {
        String before = StepShape.BEFORE.stream().map(s -> regex(s.words())).collect(Collectors.joining("|"));
        Pattern any = Pattern.compile("(?:(?:" + before + ") )*(?:"
                + StepShape.ALL.stream().map(s -> regex(s.words())).collect(Collectors.joining("|")) + ")");
        Catalogue.ids().stream()
                .flatMap(id -> Catalogue.pattern(id).orElseThrow().scenarios().stream())
                .flatMap(s -> s.steps().stream())
                .map(PatternPrinter::step)
                .forEach(step -> assertTrue(any.matcher(step).matches(), step));
    }

    private static String regex(String words) {
        return Stream.of(words.replace(" . ", ".").replace(" , ", ", ").split("(?<= )|(?= )|(?<=[.,])|(?=[.,])"))
                .map(w -> StepShape.isSlot(w)
                        ? w.equals("ARGUMENTS") ? ".+" : w.equals("ARGUMENT") ? "[^,]+" : "[\\w\"-]+"
                        : Pattern.quote(w))
                .collect(Collectors.joining());
    }
}
