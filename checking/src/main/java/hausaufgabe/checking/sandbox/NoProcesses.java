package hausaufgabe.checking.sandbox;

import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.notation.RunLimits;

/**
 * Where a language's runtime is not there, nothing is run, and everybody is told why.
 *
 * @param problem what is missing, and what to install
 */
public record NoProcesses(String problem) implements Driver.Source {

    @Override
    public Driver open(RunLimits limits) throws DriverLost {
        throw new DriverLost(DriverLost.Reason.NOT_STARTED, "Not run: " + problem + ".");
    }

    @Override
    public boolean exhausted() {
        return false;
    }
}
