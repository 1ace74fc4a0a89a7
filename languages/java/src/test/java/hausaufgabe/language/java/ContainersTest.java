package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Status;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** However a program keeps several things, it is seen what it keeps and that all of them are asked. */
class ContainersTest {

    private static final String LISTENERS = """
            import java.util.*;
            import javax.swing.event.EventListenerList;
            interface TideListener extends EventListener { void levelChanged(int centimetres); }
            class Siren implements TideListener { public void levelChanged(int c) { System.out.println("!" + c); } }
            """;
    private static final String REST = """
                private int level;
                void setLevel(int centimetres) { level = centimetres; tell(); }
            }
            """;

    @ParameterizedTest
    @ValueSource(
            strings = {
                // a raw list, with a cast at use
                """
                class Gauge {
                    private List listeners = new ArrayList();
                    void attach(TideListener l) { listeners.add(l); }
                    void detach(TideListener l) { listeners.remove(l); }
                    private void tell() {
                        for (Iterator i = listeners.iterator(); i.hasNext(); ) {
                            TideListener l = (TideListener) i.next();
                            l.levelChanged(level);
                        }
                    }
                """,
                // a vector by index
                """
                class Gauge {
                    private Vector listeners = new Vector();
                    void attach(TideListener l) { listeners.addElement(l); }
                    void detach(TideListener l) { listeners.removeElement(l); }
                    private void tell() {
                        for (int i = 0; i < listeners.size(); i++) {
                            ((TideListener) listeners.elementAt(i)).levelChanged(level);
                        }
                    }
                """,
                // a list of objects
                """
                class Gauge {
                    private final List<Object> listeners = new ArrayList<>();
                    void attach(TideListener l) { listeners.add(l); }
                    void detach(TideListener l) { listeners.remove(l); }
                    private void tell() {
                        for (Object o : listeners) {
                            TideListener l = (TideListener) o;
                            l.levelChanged(level);
                        }
                    }
                """,
                // an array that grows and shrinks by copying
                """
                class Gauge {
                    private TideListener[] listeners = new TideListener[0];
                    void attach(TideListener l) {
                        TideListener[] more = new TideListener[listeners.length + 1];
                        System.arraycopy(listeners, 0, more, 0, listeners.length);
                        more[listeners.length] = l;
                        listeners = more;
                    }
                    void detach(TideListener l) {
                        TideListener[] fewer = new TideListener[listeners.length - 1];
                        int at = 0;
                        for (int i = 0; i < listeners.length; i++) {
                            if (listeners[i] != l) {
                                fewer[at++] = listeners[i];
                            }
                        }
                        listeners = fewer;
                    }
                    private void tell() {
                        for (int i = 0; i < listeners.length; i++) listeners[i].levelChanged(level);
                    }
                """,
                // copied by hand, and by the library
                """
                class Gauge {
                    private TideListener[] listeners = {};
                    void attach(TideListener l) {
                        listeners = Arrays.copyOf(listeners, listeners.length + 1);
                        listeners[listeners.length - 1] = l;
                    }
                    void detach(TideListener l) {
                        List<TideListener> rest = new ArrayList<>();
                        for (TideListener x : listeners) {
                            if (x != l) rest.add(x);
                        }
                        listeners = rest.toArray(new TideListener[0]);
                    }
                    private void tell() { for (TideListener l : listeners) l.levelChanged(level); }
                """,
                // an array with a counter
                """
                class Gauge {
                    private TideListener[] listeners = new TideListener[4];
                    private int count;
                    void attach(TideListener l) {
                        if (count == listeners.length) {
                            TideListener[] more = new TideListener[2 * count];
                            for (int i = 0; i < count; i++) more[i] = listeners[i];
                            listeners = more;
                        }
                        listeners[count++] = l;
                    }
                    private void tell() { for (int i = 0; i < count; i++) listeners[i].levelChanged(level); }
                """,
                // the platform's list of listeners
                """
                class Gauge {
                    private final EventListenerList listeners = new EventListenerList();
                    void attach(TideListener l) { listeners.add(TideListener.class, l); }
                    void detach(TideListener l) { listeners.remove(TideListener.class, l); }
                    private void tell() {
                        for (TideListener l : listeners.getListeners(TideListener.class)) l.levelChanged(level);
                    }
                """,
                // the same, by pairs
                """
                class Gauge {
                    private final EventListenerList listeners = new EventListenerList();
                    void attach(TideListener l) { listeners.add(TideListener.class, l); }
                    void detach(TideListener l) { listeners.remove(TideListener.class, l); }
                    private void tell() {
                        Object[] pairs = listeners.getListenerList();
                        for (int i = pairs.length - 2; i >= 0; i -= 2) {
                            if (pairs[i] == TideListener.class) {
                                ((TideListener) pairs[i + 1]).levelChanged(level);
                            }
                        }
                    }
                """
            })
    void listenersAreKeptAndAllAreTold(String gauge) {
        Match match = match("observer", LISTENERS + gauge + REST);

        for (Finding f : match.findings()) {
            assertTrue(
                    f.status() == Status.MET || f.status() == Status.NOT_APPLICABLE,
                    f.id() + ": " + f.explanation().plain());
        }
        assertEquals("Gauge", match.binding().type("Subject").orElseThrow().name());
    }

    @Test
    void aRawListOfPartsMakesAComposite() {
        Match match = match("composite", """
                import java.util.*;
                abstract class Cargo { abstract int weight(); }
                class Box extends Cargo { int weight() { return 3; } }
                class Container extends Cargo {
                    private List parts = new ArrayList();
                    public void load(Cargo c) { parts.add(c); }
                    int weight() {
                        int sum = 0;
                        for (Object o : parts) sum += ((Cargo) o).weight();
                        return sum;
                    }
                }
                """);

        assertTrue(match.findings().stream()
                .allMatch(f -> f.status() == Status.MET || f.status() == Status.NOT_APPLICABLE));
    }

    @Test
    void anArrayIntoWhichNothingIsTakenOverIsNoCopy() {
        Match match = match("observer", LISTENERS + """
                class Gauge {
                    private TideListener[] listeners = new TideListener[0];
                    void attach(TideListener l) {
                        TideListener[] more = new TideListener[listeners.length + 1];
                        more[listeners.length] = l;
                    }
                    private void tell() { for (TideListener l : listeners) l.levelChanged(level); }
                """ + REST);

        Finding attach = match.findings().stream()
                .filter(f -> f.id().equals("attach"))
                .findFirst()
                .orElseThrow();
        assertEquals(Status.UNMET, attach.status());
    }

    private static Match match(String pattern, String source) {
        Reading reading = new JavaReader().read(List.of(new SourceFile("Harbour.java", source)));
        assertTrue(reading.compiled(), () -> reading.diagnostics().toString());
        return RoleMatcher.match(Catalogue.pattern(pattern).orElseThrow(), reading.design(), null, Map.of());
    }
}
