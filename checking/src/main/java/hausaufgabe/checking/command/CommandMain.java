package hausaufgabe.checking.command;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** What the command line offers without the server. */
@Command(
        name = "hausaufgabe",
        description = "Checks design-pattern exercises.",
        subcommands = {CheckCommand.class, PatternCommand.class, ExerciseCommand.class, CommandLine.HelpCommand.class})
public final class CommandMain {

    private CommandMain() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    /** Runs a command and gives its exit status. */
    static int run(String... arguments) {
        return line().execute(arguments);
    }

    static CommandLine line() {
        CommandLine line = new CommandLine(new CommandMain());
        line.setExecutionExceptionHandler((e, c, parsed) -> {
            c.getErr().println("Something of ours failed: " + e);
            return 1;
        });
        return line;
    }
}
