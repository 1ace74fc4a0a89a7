package hausaufgabe.checking.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class PatternCommandTest {
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @Test
    void listsAndShowsTheCatalogue() {
        assertEquals(0, run("list"));
        Catalogue.ids().forEach(id -> assertTrue(out.toString().contains(id), id));

        for (String id : Catalogue.ids()) {
            out.getBuffer().setLength(0);
            assertEquals(0, run("show", id));
            for (String heading : new String[] {"Participants", "What is asked", "What often goes wrong", "Hint:"}) {
                assertTrue(out.toString().contains(heading), id + " " + heading);
            }
            assertTrue(out.toString().lines().allMatch(l -> l.length() <= 96), id);
        }
    }

    @Test
    void showsAPatternAsAFileToBeginWith(@TempDir Path folder) throws Exception {
        assertEquals(0, run("show", "visitor", "--notation"));
        Path file = folder.resolve("own.muster");
        Files.writeString(file, out.toString());

        assertEquals(0, run("check", file.toString()), err.toString());
        assertTrue(out.toString().contains("is a pattern: Visitor, 6 roles"), out.toString());
    }

    @Test
    void layingOutKeepsThePatternAndItsComments(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("own.muster");
        Files.writeString(
                file,
                "pattern pier \"Pier\"\n\"Ships lie.\"\nrole Ship a class -- any\nrequire lies 1 \"{Ship} lies.\"\nShip is final");

        assertEquals(0, run("check", file.toString(), "--lay-out"), err.toString());

        assertEquals("""
                pattern pier "Pier"
                  "Ships lie."

                  role Ship a class  -- any

                  require lies 1 "{Ship} lies."
                    Ship is final
                """, Files.readString(file));
    }

    @Test
    void saysWhatIsWrongWithAFileAndWhere(@TempDir Path folder) throws Exception {
        assertRefused("there is no file at", folder.resolve("none.muster"), null);
        assertRefused(
                "is not UTF-8",
                folder.resolve("latin.muster"),
                "pattern pier \"M\u00f6we\"".getBytes(StandardCharsets.ISO_8859_1));
        assertRefused(
                "at most 200000",
                folder.resolve("long.muster"),
                ("pattern p \"P\"\n" + "-- much\n".repeat(130_000)).getBytes(StandardCharsets.UTF_8));
        assertRefused(
                "Did you mean 'realises'?",
                folder.resolve("word.muster"),
                "pattern p \"P\"\n\"P.\"\nrole A an abstraction\nrole B every class that realizes A"
                        .getBytes(StandardCharsets.UTF_8));
        assertRefused(
                "already names a requirement",
                folder.resolve("twice.muster"),
                "pattern p \"P\"\n\"P.\"\nrole A a class\nrequire x 1 \"X.\"\nA is final\nrequire x 1 \"X.\"\nA is final"
                        .getBytes(StandardCharsets.UTF_8));
        assertEquals(2, run("show", "pilotage"));
        assertTrue(err.toString().contains("there is no pattern pilotage"), err.toString());
    }

    private void assertRefused(String part, Path file, byte[] bytes) throws Exception {
        if (bytes != null) {
            Files.write(file, bytes);
        }
        err.getBuffer().setLength(0);
        assertEquals(2, run("check", file.toString()));
        assertTrue(err.toString().contains(part), err.toString());
    }

    private int run(String... arguments) {
        return new CommandLine(new PatternCommand())
                .setOut(new PrintWriter(out, true))
                .setErr(new PrintWriter(err, true))
                .execute(arguments);
    }
}
