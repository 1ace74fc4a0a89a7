package hausaufgabe.checking.exercise;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.core.catalogue.Catalogue;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExerciseFolderTest {

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static ExerciseFolder berths() throws ArchiveException {
        Map<String, byte[]> files = new TreeMap<>();
        files.put("exercise.yaml", bytes("""
                title: What a berth costs
                zone: Europe/Berlin
                due: 2026-12-04T20:00
                names: {Strategy: BerthRule}
                wrong: {switch: [switch, delegates]}
                """));
        files.put("brief.md", bytes("# What a berth costs\n\nÄnderbar.\n"));
        files.put("pattern.muster", bytes(Catalogue.text("strategy").orElseThrow()));
        files.put("starter/harbour/Office.java", bytes("class Office {}"));
        files.put("tests/OfficeTest.java", bytes("class OfficeTest {}"));
        files.put("solutions/reference/Office.java", bytes("class Office { int fee; }"));
        files.put("wrong/switch/Office.java", bytes("class Office { int other; }"));
        files.put("images/quay.png", new byte[] {(byte) 0x89, 'P', 'N', 'G', 0});
        return ExerciseFolder.of(files);
    }

    @Test
    void itsPartsLieInTheirPlaces() throws Exception {
        ExerciseFolder exercise = berths();

        assertEquals("What a berth costs", exercise.settings().title());
        assertEquals("strategy", exercise.patterns().id());
        assertEquals("harbour/Office.java", exercise.starter().get(0).path());
        assertEquals("OfficeTest.java", exercise.tests().get(0).path());
        assertEquals(
                List.of("reference true []", "switch false [switch, delegates]"),
                exercise.solutions().stream()
                        .map(s -> s.name() + " " + s.isRight() + " " + s.caughtBy())
                        .toList());
        assertEquals(List.of(), exercise.problems());
    }

    @Test
    void aZipGivesItBackAndIsTheSameEveryTime() throws Exception {
        byte[] zip = ExerciseFiles.pack(berths());

        assertEquals(berths(), ExerciseFiles.unpack("berths.zip", zip));
        assertArrayEquals(zip, ExerciseFiles.pack(ExerciseFiles.unpack("berths.zip", zip)));
    }

    @Test
    void aFolderGivesItBackAndWhatIsHiddenIsLeftOut(@TempDir Path folder) throws Exception {
        ExerciseFiles.write(berths(), folder);
        Files.createDirectories(folder.resolve(".git"));
        Files.writeString(folder.resolve(".git/config"), "");
        Files.writeString(folder.resolve(".gitignore"), "");

        assertEquals(berths(), ExerciseFiles.read(folder));
    }

    @Test
    void aZipOfTheWholeFolderIsReadFromWithinIt() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> e : berths().files().entrySet()) {
                out.putNextEntry(new ZipEntry("berths/" + e.getKey()));
                out.write(e.getValue());
            }
        }

        assertEquals(berths(), ExerciseFiles.unpack("berths.zip", bytes.toByteArray()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../outside.java",
                "/etc/passwd",
                "starter/../../x.java",
                "notes.txt",
                "images/run.svg",
                "solutions/Loose.java",
                "C:/x.java",
                "starter//x.java",
                "starter/a\\b.java"
            })
    void whatIsNoPartOfAnExerciseIsRefused(String path) {
        assertThrows(ArchiveException.class, () -> berths().with(path, "x"), path);
    }

    @Test
    void whatIsTooLargeOrNoTextIsRefused() throws Exception {
        ExerciseFolder exercise = berths();

        assertThrows(ArchiveException.class, () -> exercise.with("brief.md", new byte[(2 << 20) + 1]));
        assertThrows(ArchiveException.class, () -> exercise.with("starter/X.java", new byte[] {1, 0, 2}));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "title: T;;due: 2027-03-28T02:30;;zone: Europe/Berlin | skip that night. Take 03:30",
                "title: T;;opens: 2027-03-28T20:00;;due: 2027-03-28T19:00 | due before it opens",
                "title: T;;due: 2027-03-28T19:00;;late: {closes: 2027-03-28T18:00} | closes before it is due",
                "title: T;;late: {pointsPerDay: 1} | no time at which it is due",
                "title: T;;names: {Whale: Moby} | for the role Whale, which the pattern does not have",
                "title: T;;names: {Strategy: a rule} | which no type can have",
                "title: T;;wrong: {other: []} | 'other', which is not there; there are switch",
            })
    void whatContradictsItselfKeepsItFromBeingOpened(String settings, String said) throws Exception {
        List<Problem> problems =
                berths().with("exercise.yaml", settings.replace(";;", "\n")).problems();

        assertTrue(problems.get(0).blocks());
        assertTrue(problems.get(0).message().contains(said), problems.toString());
    }

    @Test
    void anUnknownCatcherIsToldWhereNoTestsCouldBearTheName() throws Exception {
        ExerciseFolder exercise =
                berths().without("tests/OfficeTest.java").with("exercise.yaml", "title: T\nwrong: {switch: [whale]}");

        assertTrue(exercise.problems().get(0).message().contains("no requirement, scenario or run has that name"));
    }

    @Test
    void aPatternThatIsNoneIsToldWithLineAndColumn() throws Exception {
        Problem p = berths().with("pattern.muster", "pattern x \"X\"\n  \"Y.\"\n  rolle Z")
                .problems()
                .get(0);

        assertEquals("pattern.muster", p.path());
        assertEquals(3, p.line());
        assertEquals(3, p.column());
        assertTrue(p.message().contains("Did you mean 'role'?"), p.message());
    }

    @Test
    void pointsThatSumToNothingAreRefused() throws Exception {
        String worthless =
                "pattern x \"X\"\n  \"Y.\"\n  role A a class\n  require a 0 \"{A} is there.\"\n    A is a class\n";

        assertTrue(berths().with("pattern.muster", worthless).problems().stream()
                .anyMatch(p -> p.blocks() && p.message().contains("worth a point")));
    }

    @Test
    void markupInABriefIsNoticedAndCodeIsNot() throws Exception {
        ExerciseFolder marked =
                berths().with("brief.md", "One `List<Ship>`.\n```\n<b>\n```\n<script>alert(1)</script>\n");

        List<Problem> problems = marked.problems();

        assertEquals(1, problems.size(), problems.toString());
        assertEquals(5, problems.get(0).line());
        assertTrue(!problems.get(0).blocks());
    }
}
