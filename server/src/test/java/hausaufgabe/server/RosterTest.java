package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.server.course.Roster;
import hausaufgabe.server.course.RosterUnusable;
import hausaufgabe.server.course.Student;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RosterTest {

    @TempDir
    private Path folder;

    @Test
    void studentsAreReadInWhateverWayTheListWasSaved() throws Exception {
        String comma = "Number,Name,Group\n7,\"Böjer, Inken\",C\n8,Nis Kogge,D\n";
        String semicolon = "number;name;group\r\n7;Böjer, Inken;C\r\n\r\n8;Nis Kogge;D\r\n";
        String tab = "Gruppe\tMatrikel-Nr.\tNachname, Vorname\tName\nC\t7\t\tBöjer, Inken\nD\t8\t\tNis Kogge";
        Charset western = Charset.forName("windows-1252");

        for (byte[] bytes : List.of(
                comma.getBytes(StandardCharsets.UTF_8),
                ("\uFEFF" + comma).getBytes(StandardCharsets.UTF_8),
                ("\uFEFF" + semicolon).getBytes(StandardCharsets.UTF_8),
                semicolon.getBytes(western),
                tab.getBytes(StandardCharsets.UTF_8))) {
            assertEquals(
                    List.of(new Student(0, "7", "Böjer, Inken", "C"), new Student(0, "8", "Nis Kogge", "D")),
                    Roster.read(Files.write(folder.resolve("roster.csv"), bytes)));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | lists nobody",
                "'number,name,group' | lists nobody",
                "'number,name,group~7,,A' | record 2: no name",
                "'number,group~7,A' | Say which column holds the name",
                "'number,name,email~7,Nis Kogge,nis' | record 2: “nis” is no e-mail address",
                "'number,name,group~7,\"Nis,A~8,Inken,A' | a quotation mark there has no partner",
                "'number,name,group~7,Nis,A~7,Inken,A' | record 3: the number 7 stands in record 2 already"
            })
    void aListThatIsNoneIsRefusedWithThePlace(String text, String words) throws Exception {
        Path file = Files.writeString(folder.resolve("roster.csv"), text.replace('~', '\n'));

        RosterUnusable e = assertThrows(RosterUnusable.class, () -> Roster.read(file));

        assertTrue(e.getMessage().contains(words), e.getMessage());
    }

    @Test
    void aNameThatIsTooLongIsSaidToBe() throws Exception {
        Path file = Files.writeString(folder.resolve("roster.csv"), "number,name,group\n7," + "N".repeat(300) + ",A\n");

        RosterUnusable e = assertThrows(RosterUnusable.class, () -> Roster.read(file));

        assertTrue(e.getMessage().contains("record 2: the name has 300 characters; 120 is most"), e.getMessage());
    }

    @Test
    void aFileThatIsNotThereIsSaidToBeMissing() {
        Path file = folder.resolve("none.csv");

        assertTrue(assertThrows(RosterUnusable.class, () -> Roster.read(file))
                .getMessage()
                .contains("There is no file"));
    }
}
