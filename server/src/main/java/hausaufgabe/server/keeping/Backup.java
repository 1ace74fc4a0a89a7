package hausaufgabe.server.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.UUID;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a copy of the records, also while the server runs. */
@Command(
        name = "backup",
        description = "Writes all records to one file, also while the server runs, and reads it again.")
public final class Backup implements Callable<Integer> {

    private static final int LOOKS_MILLISECONDS = 200;
    private static final int PATIENCE_SECONDS = 600;

    /** A server that runs looks at its folder twice a second. */
    private static final int NOBODY_SECONDS = 15;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "The file to write. One that is there is not written over.")
    private Path file;

    @Option(
            names = "--data",
            paramLabel = "DIR",
            defaultValue = "data",
            description = "Where the records are (default: ${DEFAULT-VALUE}).")
    private Path data;

    @Override
    public Integer call() throws Exception {
        if (!Files.exists(data.resolve(RecordsCopy.RECORDS))) {
            return say("There are no records in " + data + ". Name their folder with --data. Nothing was written.");
        }
        if (Files.exists(file)) {
            return say(file + " is there already. Choose another name, or move it away. Nothing was written.");
        }
        try {
            try (Connection c = RecordsCopy.open(data)) {
                RecordsCopy.write(c, data, file);
            } catch (SQLException e) {
                if (!RecordsCopy.isInUse(e)) {
                    throw e;
                }
                askServer();
            }
            RecordsCopy.Contents contents = RecordsCopy.verify(file);
            spec.commandLine()
                    .getOut()
                    .println("Written to " + file + " and read again: " + contents.inWords() + "; "
                            + Files.size(file) / 1024 + " KB.");
            return 0;
        } catch (RecordsCopy.Unusable e) {
            return say(e.getMessage());
        } catch (IOException | SQLException e) {
            return say("The copy could not be written: " + e.getMessage() + " Nothing of it was left at " + file + ".");
        }
    }

    private void askServer() throws IOException, InterruptedException {
        String name = UUID.randomUUID().toString();
        Path asked = data.resolve(AskedCopies.ASKED + name);
        Path done = data.resolve(AskedCopies.DONE + name);
        Path failed = data.resolve(AskedCopies.FAILED + name);
        Files.writeString(asked, "");
        try {
            for (int i = 0; !Files.exists(done); i++) {
                if (Files.exists(failed)) {
                    throw new IOException(Files.readString(failed));
                }
                int seconds = i * LOOKS_MILLISECONDS / 1000;
                if (seconds > PATIENCE_SECONDS || (seconds > NOBODY_SECONDS && Files.exists(asked))) {
                    throw new IOException("whoever has the records open does not answer; is it an older Hausaufgabe?");
                }
                Thread.sleep(LOOKS_MILLISECONDS);
            }
            Files.move(done, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(asked);
            Files.deleteIfExists(failed);
            Files.deleteIfExists(done);
        }
    }

    private int say(String what) {
        spec.commandLine().getErr().println(what);
        return 1;
    }
}
