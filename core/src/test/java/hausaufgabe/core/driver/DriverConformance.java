package hausaufgabe.core.driver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.MentionedValues;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.notation.RunLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/**
 * What every driver must do. A language's own test gives it the same small harbour, written in that language:
 *
 * <ul>
 *   <li>an abstraction {@code Bell} with {@code ring(times)}, which gives back a number;
 *   <li>{@code Tower} with a constructor that takes a bell, {@code chime(times)}, which gives back what the bell gives;
 *       {@code hang(bell)}, {@code refuse()}, which throws, {@code count()}, which gives back how often this tower chimed;
 *   <li>{@code Tower.all()}, static, which gives back how often any tower chimed;
 *   <li>one way to start the program, which chimes a tower with 3.
 * </ul>
 */
public abstract class DriverConformance {

    private Driver driver;
    private Program program;
    private Design design;
    private Language language;

    protected abstract Language language();

    protected abstract SourceFile harbour();

    protected abstract Driver.Source drivers();

    @BeforeEach
    void load() throws DriverLost {
        language = language();
        Reading reading = language.reader().read(List.of(harbour()));
        assertTrue(reading.compiled(), () -> reading.diagnostics().toString());
        design = reading.design();
        program = language.reader().ready(reading.program());
        driver = drivers().open(RunLimits.USUAL);
        driver.ask(new Request.Load(program));
    }

    @AfterEach
    void close() {
        driver.close();
    }

    private Type type(String name) {
        return design.typesNamed(name).get(0);
    }

    private Operation operation(String type, String name) {
        return design.operationsOf(type(type)).stream()
                .filter(o -> o.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Request.Call call(String name, ObjectRef on, Input... arguments) {
        Operation o = operation("Tower", name);
        return new Request.Call(type("Tower").id(), name, o.parameterTokens(), on, List.of(arguments));
    }

    private Input number(int n) {
        Operation chime = operation("Tower", "chime");
        return language.values()
                .literal(
                        new Observed(Kind.NUMBER, null, null, String.valueOf(n)),
                        chime.parameters().get(0).type().type())
                .orElseThrow();
    }

    private ObjectRef bell() throws DriverLost {
        Program.Part part = program.doubleOf(type("Bell").id()).orElseThrow();
        driver.ask(new Request.Add(part));
        return driver.ask(new Request.Construct(part.name(), List.of(), List.of()))
                .value()
                .ref();
    }

    private ObjectRef tower(Input bell) throws DriverLost {
        Operation c = design.operationsOf(type("Tower")).stream()
                .filter(Operation::isConstructor)
                .findFirst()
                .orElseThrow();
        return driver.ask(new Request.Construct(type("Tower").id(), c.parameterTokens(), List.of(bell)))
                .value()
                .ref();
    }

    private void answering(ObjectRef bell, Input... given) throws DriverLost {
        Operation ring = operation("Bell", "ring");
        String key = "ring(" + String.join(",", ring.parameterTokens()) + ")";
        driver.ask(new Request.Answers(bell, Map.of(key, List.of(given))));
    }

    @Test
    void aDoubleIsAskedAndAnswersInTurn() throws DriverLost {
        ObjectRef bell = bell();
        answering(bell, number(4), number(7));
        ObjectRef tower = tower(bell);

        Answer first = driver.ask(call("chime", tower, number(2)));
        Answer second = driver.ask(call("chime", tower, number(2)));
        Answer third = driver.ask(call("chime", tower, number(2)));

        assertEquals("4", first.value().text());
        assertEquals(Kind.NUMBER, first.value().kind());
        assertEquals("7", second.value().text());
        assertEquals("7", third.value().text());
    }

    @Test
    void whatHappensIsToldBeforeTheAnswerAndInOrder() throws DriverLost {
        ObjectRef bell = bell();
        ObjectRef tower = tower(bell);

        List<Event> events = driver.ask(call("chime", tower, number(3))).events();

        List<String> told = new ArrayList<>();
        for (Event e : events) {
            if (e instanceof Event.Entered n) {
                told.add("entered " + n.called().name());
            } else if (e instanceof Event.DoubleCalled d) {
                told.add("asked " + d.called().name() + " "
                        + d.arguments().get(0).text());
                assertEquals(bell.id(), d.object());
            } else if (e instanceof Event.Left l) {
                told.add("left " + l.called().name());
            }
        }
        assertEquals(List.of("entered chime", "asked ring 3", "left chime"), told);
    }

    @Test
    void whatIsThrownIsToldWithItsPlaceAndIsTheProgramsOwn() throws DriverLost {
        ThrownError thrown = driver.ask(call("refuse", tower(bell()))).thrown();

        assertNotNull(thrown);
        assertEquals(ThrownError.Cause.PROGRAM, thrown.cause());
        assertTrue(thrown.message().contains("no bells today"), thrown.message());
        assertTrue(thrown.at().startsWith(harbour().path() + ":"), thrown.at());
    }

    @Test
    void theSameObjectHasTheSameNumberAndEqualsItself() throws DriverLost {
        ObjectRef bell = bell();
        ObjectRef one = tower(bell);
        ObjectRef two = tower(bell);

        assertNotEquals(one.id(), two.id());
        assertEquals("true", driver.ask(new Request.AreEqual(one, one)).value().text());
        assertEquals("false", driver.ask(new Request.AreEqual(one, two)).value().text());
    }

    @Test
    void whatAnObjectKeepsIsSeenWithoutWhatIsLeftOut() throws DriverLost {
        ObjectRef bell = bell();
        ObjectRef tower = tower(bell);
        Map<String, String> before =
                driver.ask(new Request.State(tower, List.of(bell))).named();
        driver.ask(call("chime", tower, number(1)));

        Map<String, String> after =
                driver.ask(new Request.State(tower, List.of(bell))).named();

        assertNotEquals(before, after);
    }

    @Test
    void forgettingBringsBackStaticStateAsItWas() throws DriverLost {
        driver.ask(call("chime", tower(bell()), number(1)));
        assertEquals("1", driver.ask(call("all", null)).value().text());

        driver.ask(new Request.Forget());

        assertEquals("0", driver.ask(call("all", null)).value().text());
    }

    @Test
    void severalThreadsEachGetAnAnswer() throws DriverLost {
        ObjectRef tower = tower(bell());

        Answer all = driver.ask(new Request.Parallel(call("count", tower), 4));

        assertEquals(4, all.several().size());
        assertTrue(all.several().stream().allMatch(a -> a.value().kind() == Kind.NUMBER));
    }

    @Test
    void aDoubleLooksAtOthersWhenItIsAsked() throws DriverLost {
        ObjectRef bell = bell();
        ObjectRef tower = tower(bell);
        driver.ask(new Request.Watch(bell, List.of(call("count", tower))));

        Event.DoubleCalled asked = driver.ask(call("chime", tower, number(1))).events().stream()
                .filter(Event.DoubleCalled.class::isInstance)
                .map(Event.DoubleCalled.class::cast)
                .findFirst()
                .orElseThrow();

        assertEquals(1, asked.seen().size());
        assertEquals(Kind.NUMBER, asked.seen().get(0).kind());
    }

    @Test
    void nothingIsANothingAndWhatGivesNothingBackGivesNone() throws DriverLost {
        Answer hung = driver.ask(call("hang", tower(bell()), bell()));

        assertNull(hung.thrown());
        assertTrue(hung.value().isNothing());
    }

    @Test
    void aLanguageKnowsValuesForItsOwnParameters() {
        String type = operation("Tower", "chime").parameters().get(0).type().type();

        List<Input> samples = language.values().samples(type, MentionedValues.NONE);

        assertFalse(samples.isEmpty());
        assertEquals(samples.size(), samples.stream().distinct().count());
        assertEquals(
                samples.get(0),
                language.values()
                        .sample(type, samples.size(), MentionedValues.NONE)
                        .orElseThrow());
    }

    @Test
    void whatIsLeftOutOfAStateIsSeenToBeLedTo() throws DriverLost {
        ObjectRef bell = bell();
        ObjectRef with = tower(bell);
        ObjectRef other = tower(bell());

        assertNotEquals(state(with), state(with, bell));
        assertEquals(state(other), state(other, bell));
    }

    private Map<String, String> state(ObjectRef on, ObjectRef... without) throws DriverLost {
        return driver.ask(new Request.State(on, List.of(without))).named();
    }

    @Test
    void whoeverIsCalledIsToldOfInARehearsal() throws DriverLost {
        String start = design.operations().stream()
                .filter(o -> o.role() == Operation.Role.ENTRY)
                .findFirst()
                .orElseThrow()
                .owner();

        Answer answer = driver.ask(new Request.Main(start, List.of(), "", true));

        List<Event.Entered> chimed = answer.events().stream()
                .filter(e -> e instanceof Event.Entered n && n.called().name().equals("chime"))
                .map(e -> (Event.Entered) e)
                .toList();
        assertEquals(1, chimed.size());
        assertEquals("3", chimed.get(0).arguments().get(0).text());
        assertEquals(operation("Tower", "chime").owner(), chimed.get(0).type());
    }
}
