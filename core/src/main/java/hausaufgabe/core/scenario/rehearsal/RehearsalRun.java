package hausaufgabe.core.scenario.rehearsal;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.report.CallSequence;
import hausaufgabe.core.report.Demonstration;
import hausaufgabe.core.scenario.transcript.Trace;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Runs a program once for each way it can be started, to see how it uses itself. */
public final class RehearsalRun {

    /** How many ways to start it are tried. */
    private static final int MOST = 3;

    private final Rehearsal rehearsal;
    private final boolean spent;

    private final @Nullable Demonstration shown;

    private RehearsalRun(Rehearsal rehearsal, boolean spent, @Nullable Demonstration shown) {
        this.rehearsal = rehearsal;
        this.spent = spent;
        this.shown = shown;
    }

    /** What can be looked at of it; null where nothing was called that is shown. */
    public @Nullable Demonstration shown() {
        return shown;
    }

    /** What was seen. */
    public Rehearsal rehearsal() {
        return rehearsal;
    }

    /** Whether the driver is of no further use: the program ended it, or something of it still runs there. */
    public boolean isDriverSpent() {
        return spent;
    }

    /**
     * @param roles ids of the types whose part in it is to be looked at
     * @param driver holds the program as it is in the beginning
     * @throws DriverLost when the program did not come to an end
     */
    public static RehearsalRun of(Design design, Set<String> roles, Driver driver) throws DriverLost {
        List<Type> starts = design.operations().stream()
                .filter(o -> o.role() == Operation.Role.ENTRY)
                .flatMap(o -> design.type(o.owner()).stream())
                .distinct()
                .limit(MOST)
                .toList();
        RehearsalReader reader = new RehearsalReader(design);
        Trace trace = new Trace(roles::contains);
        boolean spent = false;
        for (Type start : starts) {
            if (!spent) {
                Answer answer = driver.ask(new Request.Main(start.id(), List.of(), "", true));
                reader.read(answer.events());
                answer.events().forEach(trace::happened);
                spent = answer.endedItself();
            }
        }
        CallSequence calls = trace.sequence();
        Demonstration shown = calls == null
                ? null
                : new Demonstration(starts.stream().map(Type::name).toList(), calls);
        return new RehearsalRun(reader.rehearsal(), spent, shown);
    }
}
