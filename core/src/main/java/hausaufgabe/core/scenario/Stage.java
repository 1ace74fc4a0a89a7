package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Type;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Event;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import hausaufgabe.core.scenario.Driver.Thrown;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** One driver during one scenario, with everything heard and printed so far. */
final class Stage {

    private static final int PRINTED = 300;

    private final Driver driver;
    private final Account account;
    private final List<Event.Heard> heard = new ArrayList<>();

    Stage(Driver driver, Account account) {
        this.driver = driver;
        this.account = account;
    }

    Answer ask(Request request) throws DriverLost {
        Answer a = driver.ask(request);
        for (Event e : a.events()) {
            if (e instanceof Event.Heard h) {
                heard.add(h);
            } else if (e instanceof Event.Printed p) {
                account.add(LineKind.PRINTED, 1, null, "printed ", Code.of(shortened(p.text())));
            }
        }
        return a;
    }

    Given.Ref makeDouble(Type type, Map<String, Given> answers) throws DriverLost, Maker.Unmakeable {
        Answer a = ask(new Request.Double(type.id(), answers));
        if (a.thrown() != null) {
            throw new Maker.Unmakeable("nothing could stand in for " + type.name() + ": " + said(a.thrown()));
        }
        return a.value().ref();
    }

    /** How often an object heard one of some operations, told by name and number of parameters. */
    int count(Given.Ref object, List<hausaufgabe.core.design.Operation> operations) {
        return (int) heard.stream()
                .filter(h -> h.object() == object.id())
                .filter(h -> operations.stream()
                        .anyMatch(o ->
                                o.name().equals(h.operation()) && o.parameters().size() == h.parameters()))
                .count();
    }

    void forgetCalls() {
        heard.clear();
    }

    static String said(Thrown thrown) {
        String simple = thrown.type().substring(thrown.type().lastIndexOf('.') + 1);
        String message =
                thrown.message() == null || thrown.message().isBlank() ? "" : ": " + shortened(thrown.message());
        return simple + message;
    }

    private static String shortened(String text) {
        String line = text.strip().replace("\n", " ⏎ ");
        return line.length() <= PRINTED ? line : line.substring(0, PRINTED) + " …";
    }
}
