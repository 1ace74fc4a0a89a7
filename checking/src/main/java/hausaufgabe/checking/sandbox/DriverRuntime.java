package hausaufgabe.checking.sandbox;

import hausaufgabe.core.notation.RunLimits;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** How a language's driver is started on this machine, and what it needs to see of it. */
public interface DriverRuntime {

    /** Where a driven process finds its driver's files, in the sandbox. */
    String DRIVER_FOLDER = "/driver";

    /** Why the runtime cannot be used here, with what to install; nothing where it can. */
    Optional<String> problem();

    /** The driver's files, laid out so that anyone can read them. */
    Path driverFiles();

    /**
     * The program and its arguments.
     *
     * @param folder where the process finds the driver's files
     * @param isolated whether it starts in the sandbox
     */
    List<String> command(String folder, RunLimits limits, boolean isolated);

    /** The program that {@link #command} starts, as this machine names it. */
    Path program();

    /** A command that starts the runtime and ends at once, to try whether it can be started at all. */
    List<String> trial();

    /** Files and folders of this machine that the runtime reads, itself among them. */
    List<Path> shown();

    /** Files whose libraries it needs to see, too. */
    List<Path> linked();

    /** Threads of the runtime's own, which the program's limit does not count. */
    int ownThreads();

    /** Names of files among the driver's by which given tests are compiled and run; none where it runs no tests. */
    List<String> testLibraries();
}
