package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.driver.Input;
import java.util.List;

/** A call that was made. */
public record MadeCall(Operation operation, List<Input> arguments) {}
