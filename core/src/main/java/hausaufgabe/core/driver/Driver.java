package hausaufgabe.core.driver;

import hausaufgabe.core.notation.RunLimits;

/**
 * Holds a submission's objects in a process of its own and does what it is told. It judges nothing: what comes back is
 * looked at on this side. For one thread at a time.
 */
public interface Driver extends AutoCloseable {

    /**
     * Asks for one thing and waits for the answer.
     *
     * @throws DriverLost when the process did not answer as it should; it is of no use after that
     */
    Answer ask(Request request) throws DriverLost;

    @Override
    void close();

    /** Opens drivers, one for each program run. */
    interface Source {

        /** @throws DriverLost when none could be started */
        Driver open(RunLimits limits) throws DriverLost;

        /** Whether the time allowed for the whole submission is used up. */
        boolean exhausted();
    }
}
