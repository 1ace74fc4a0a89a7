package hausaufgabe.bench;

import picocli.CommandLine;

/** Runs one benchmark and prints its table. */
public final class BenchMain {

    private BenchMain() {}

    public static void main(String[] arguments) {
        CommandLine line = new CommandLine(new BenchCommand());
        line.setExecutionExceptionHandler((e, c, parsed) -> {
            c.getErr().println("Something of ours failed: " + e);
            return 1;
        });
        System.exit(line.execute(arguments));
    }
}
