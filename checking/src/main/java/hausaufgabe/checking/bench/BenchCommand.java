package hausaufgabe.checking.bench;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Measures speed on this machine. */
@Command(
        name = "bench",
        description = {
            "Measures speed on this machine and prints a table.",
            "structure: reading sources and finding the roles, for programs of 10, 100 and 1,000 types."
        })
public final class BenchCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "WHAT", description = "What to measure: structure.")
    private String what;

    @Override
    public Integer call() {
        if (!what.equals("structure")) {
            throw new ParameterException(spec.commandLine(), "bench measures structure, not " + what);
        }
        spec.commandLine().getOut().println(new StructureBench().run());
        return 0;
    }
}
