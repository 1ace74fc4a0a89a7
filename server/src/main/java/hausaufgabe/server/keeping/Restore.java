package hausaufgabe.server.keeping;

import java.io.Console;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Puts the records of a copy in their place. What was there is moved aside, never taken away. */
@Command(
        name = "restore",
        description = "Puts back the records of a file that backup has written, while no server has them open.")
public final class Restore implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "What backup has written.")
    private Path file;

    @Option(
            names = "--data",
            paramLabel = "DIR",
            defaultValue = "data",
            description = "Where the records are to be (default: ${DEFAULT-VALUE}).")
    private Path data;

    @Option(names = "--over", description = "Do not ask before records that are there are put aside.")
    private boolean over;

    @Override
    public Integer call() throws Exception {
        if (!Files.isRegularFile(file)) {
            return say("There is no file " + file + ". Nothing was changed.");
        }
        Path records = data.resolve(RecordsCopy.RECORDS);
        try {
            RecordsCopy.Contents contents = RecordsCopy.verify(file);
            if (contents.version() > RecordsCopy.known()) {
                return say(file + " was written by a later Hausaufgabe, with records of version " + contents.version()
                        + "; this one knows them up to " + RecordsCopy.known()
                        + ". Bring the program up to date first. Nothing was changed.");
            }
            boolean there = Files.exists(records);
            if (there && inUse()) {
                return say("A server has the records in " + data + " open. Stop it first. Nothing was changed.");
            }
            if (there && !over && !agreed(contents)) {
                return say("Nothing was changed. To answer beforehand, give --over.");
            }
            Files.createDirectories(data);
            Path fresh = Files.createTempDirectory(data, "restoring-");
            Path aside = null;
            try {
                RecordsCopy.unpack(file, fresh);
                if (there) {
                    aside = data.resolve("before-"
                            + DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT)
                                    .format(LocalDateTime.now()));
                    Files.createDirectories(aside);
                    move(data, aside);
                }
                move(fresh, data);
            } finally {
                RecordsCopy.delete(fresh);
            }
            spec.commandLine()
                    .getOut()
                    .println("Put back: " + contents.inWords() + "."
                            + (aside == null ? "" : " What was there is kept as " + aside + "."));
            return 0;
        } catch (RecordsCopy.Unusable e) {
            return say(e.getMessage() + " Nothing was changed.");
        } catch (IOException e) {
            return say("The records could not be put back: " + e.getMessage() + ".");
        }
    }

    /** The records, and what was pushed where there is anything. */
    private static void move(Path from, Path to) throws IOException {
        Path git = from.resolve(RecordsCopy.GIT);
        if (Files.exists(git)) {
            Files.move(git, to.resolve(RecordsCopy.GIT), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.move(from.resolve(RecordsCopy.RECORDS), to.resolve(RecordsCopy.RECORDS), StandardCopyOption.ATOMIC_MOVE);
    }

    private boolean inUse() throws SQLException {
        try (Connection c = RecordsCopy.open(data)) {
            return false;
        } catch (SQLException e) {
            if (RecordsCopy.isInUse(e)) {
                return true;
            }
            // damaged records are a good reason to put others in their place
            return false;
        }
    }

    private boolean agreed(RecordsCopy.Contents contents) {
        Console console = System.console();
        String answer = console == null
                ? null
                : console.readLine(
                        "There are records in %s. Put them aside and put back %s? [yes/no] ", data, contents.inWords());
        return "yes".equalsIgnoreCase(answer == null ? "" : answer.strip());
    }

    private int say(String what) {
        spec.commandLine().getErr().println(what);
        return 1;
    }
}
