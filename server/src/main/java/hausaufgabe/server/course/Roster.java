package hausaufgabe.server.course;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;

/** A roster that is taken as it is, without anybody to look at it first: what does not fit in it refuses all of it. */
public final class Roster {

    private Roster() {}

    /** @throws RosterUnusable where the file is no roster, lists nobody, or something in it does not fit */
    public static List<Student> read(Path file) throws RosterUnusable, IOException {
        try {
            return read(file.toString(), Files.readAllBytes(file));
        } catch (NoSuchFileException e) {
            throw new RosterUnusable("There is no file " + file + ".");
        }
    }

    private static List<Student> read(String name, byte[] bytes) throws RosterUnusable {
        RosterTable table = RosterTable.read(name, bytes);
        RosterPlan plan = RosterPlan.of(table, RosterField.guess(table), List.of());
        for (RosterPlan.Row row : plan.rows()) {
            if (row.why() != null) {
                throw new RosterUnusable(
                        name + ", record " + row.record() + ": " + row.why() + ". Nothing was stored.");
            }
        }
        return plan.rows().stream().map(RosterPlan.Row::student).toList();
    }
}
