package hausaufgabe.checking.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.language.SourceFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ArchiveTest {

    private static final byte[] SHIP = "class Ship {}".getBytes(StandardCharsets.UTF_8);

    private final Archive archive = new Archive(p -> p.endsWith(".java"), new ArchiveLimits(10, 40_000, 20_000));

    @Test
    void takesTheSourcesOutOfAZipInTheOrderOfTheirPaths() throws Exception {
        byte[] zip = zip(
                "b/Ship.java",
                SHIP,
                "a/Quay.java",
                "class Quay {}".getBytes(StandardCharsets.UTF_8),
                "notes.txt",
                SHIP,
                "__MACOSX/a/._Quay.java",
                new byte[] {0, 5},
                "target/Old.java",
                SHIP);

        Upload upload = archive.zip("work.zip", zip);

        assertEquals(
                List.of("a/Quay.java", "b/Ship.java"),
                upload.sources().stream().map(SourceFile::path).toList());
        assertEquals("class Ship {}", upload.sources().get(1).text());
    }

    @Test
    void readsAFolderTheSameWay(@TempDir Path folder) throws Exception {
        Files.createDirectories(folder.resolve("src/.git"));
        Files.write(folder.resolve("src/Ship.java"), SHIP);
        Files.write(folder.resolve("src/.git/Ship.java"), SHIP);

        assertEquals(
                List.of(new SourceFile("src/Ship.java", "class Ship {}")),
                archive.read(folder).sources());
    }

    @Test
    void refusesWhatIsNoZip() {
        assertRefused("is not a zip", () -> archive.zip("work.zip", SHIP));
        assertRefused("is not a zip", () -> archive.zip("work.zip", new byte[0]));
    }

    @Test
    void refusesAnEmptyZipAndOneWithoutSources() throws Exception {
        byte[] empty = zip();
        byte[] pictures = zip("a.png", SHIP);

        assertRefused("empty zip", () -> archive.zip("work.zip", empty));
        assertRefused("holds no source file", () -> archive.zip("work.zip", pictures));
    }

    @Test
    void refusesPathsThatLeaveTheFolder() throws Exception {
        for (String path :
                List.of("../Ship.java", "a/../../Ship.java", "/etc/Ship.java", "C:\\Ship.java", "..\\Ship.java")) {
            byte[] zip = zip(path, SHIP);
            assertRefused("leaves the folder", () -> archive.zip("work.zip", zip));
        }
    }

    @Test
    void refusesWhatIsTooLarge() throws Exception {
        byte[] bomb = zip("a.bin", new byte[60_000]);
        byte[] source = zip("Ship.java", new byte[25_000]);
        Object[] many = new Object[24];
        for (int i = 0; i < many.length; i += 2) {
            many[i] = "Ship" + i + ".java";
            many[i + 1] = SHIP;
        }
        byte[] files = zip(many);

        assertRefused("unpacks to more than", () -> archive.zip("work.zip", bomb));
        assertRefused("which no handwritten source is", () -> archive.zip("work.zip", source));
        assertRefused("more than 10 files", () -> archive.zip("work.zip", files));
    }

    @Test
    void refusesAZipThatWasCutOff() throws Exception {
        byte[] whole = zip(
                "Ship.java",
                "class Ship { String name = \"Seeschwalbe\"; }".repeat(40).getBytes(StandardCharsets.UTF_8));

        assertRefused("work.zip", () -> archive.zip("work.zip", Arrays.copyOf(whole, 60)));
    }

    @Test
    void readsOtherEncodingsAndSaysSo() throws Exception {
        byte[] western = "class Möwe {}".getBytes(Charset.forName("windows-1252"));
        byte[] wide = "\uFEFFclass Möwe {}".getBytes(StandardCharsets.UTF_16LE);
        byte[] marked = "\uFEFFclass Möwe {}".getBytes(StandardCharsets.UTF_8);

        for (byte[] bytes : List.of(western, wide, marked)) {
            assertEquals(
                    "class Möwe {}",
                    archive.files(Map.of("Moewe.java", bytes)).sources().get(0).text());
        }
        assertTrue(archive.files(Map.of("Moewe.java", western))
                .remarks()
                .get(0)
                .message()
                .contains("not UTF-8"));
        assertTrue(archive.files(Map.of("Moewe.java", marked)).remarks().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"IBM437", "windows-1252", "UTF-8"})
    void namesOfFilesAreReadAsTheyWereWritten(String charset) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes, Charset.forName(charset))) {
            for (String name : List.of("Gebühren/Grösse.java", "Fähre.java")) {
                out.putNextEntry(new ZipEntry(name));
                out.write(SHIP);
            }
        }

        Upload upload = archive.zip("work.zip", bytes.toByteArray());

        assertEquals(
                List.of("Fähre.java", "Gebühren/Grösse.java"),
                upload.sources().stream().map(SourceFile::path).toList());
    }

    @Test
    void charactersThatCannotBeSeenAreSaidByTheirNumber() throws Exception {
        Upload upload = archive.zip(
                "work.zip",
                zip("Sh\u202Eip\u0007.java", "class Ship {\n int x; // \u2066 }".getBytes(StandardCharsets.UTF_8)));

        assertEquals("Sh⟨U+202E⟩ip⟨U+0007⟩.java", upload.sources().get(0).path());
        assertEquals(2, upload.remarks().get(0).line());
        assertTrue(upload.remarks().get(0).message().contains("⟨U+2066⟩"));
    }

    @Test
    void refusesASourceThatIsNoText() {
        assertRefused("is not a text file", () -> archive.files(Map.of("Ship.java", new byte[] {1, 0, 2})));
        assertRefused("is no source file", () -> archive.files(Map.of("Ship.class", SHIP)));
    }

    private interface Reading {
        void run() throws ArchiveException, IOException;
    }

    private static void assertRefused(String part, Reading reading) {
        String message = assertThrows(ArchiveException.class, reading::run).getMessage();
        assertTrue(message.contains(part), message);
    }

    private static byte[] zip(Object... namesAndBytes) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (int i = 0; i < namesAndBytes.length; i += 2) {
                out.putNextEntry(new ZipEntry((String) namesAndBytes[i]));
                out.write((byte[]) namesAndBytes[i + 1]);
            }
        }
        return bytes.toByteArray();
    }
}
