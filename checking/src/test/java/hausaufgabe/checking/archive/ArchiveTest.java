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
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveOutputStream;
import org.apache.commons.compress.archivers.tar.TarConstants;
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
                SHIP,
                "pom.xml",
                SHIP);

        Received received = archive.packed("work.zip", zip);
        Upload upload = received.upload();

        assertEquals(
                List.of("a/Quay.java", "b/Ship.java"),
                upload.sources().stream().map(SourceFile::path).toList());
        assertEquals("class Ship {}", upload.sources().get(1).text());
        assertEquals(
                List.of(
                        "__MACOSX/ belongs to a tool, not to the work",
                        "notes.txt is no source that this exercise reads",
                        "pom.xml is no source that this exercise reads",
                        "target/ is what a tool builds from the sources"),
                received.leftOut().stream().map(l -> l.path() + " " + l.why()).toList());
    }

    @Test
    void aPackageThatIsCalledLikeABuildFolderIsNoClutter() throws Exception {
        Upload upload = packed("work.zip", zip("harbour/target/Ship.java", SHIP, "harbour/build/Quay.java", SHIP));

        assertEquals(2, upload.sources().size());
    }

    @Test
    void readsATarGzAsItReadsAZip() throws Exception {
        byte[] tar = tar(Map.of("work/Ship.java", SHIP, "work/._Ship.java", SHIP, "work/notes.txt", SHIP));

        Received received = archive.packed("work.tar.gz", tar);

        assertEquals(
                List.of(new SourceFile("work/Ship.java", "class Ship {}")),
                received.upload().sources());
        assertEquals(
                List.of("work/._Ship.java", "work/notes.txt"),
                received.leftOut().stream().map(LeftOut::path).toList());
    }

    @Test
    void linksAreNotFollowed() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (TarArchiveOutputStream out = new TarArchiveOutputStream(new GZIPOutputStream(bytes))) {
            TarArchiveEntry link = new TarArchiveEntry("Secret.java", TarConstants.LF_SYMLINK);
            link.setLinkName("/etc/passwd");
            out.putArchiveEntry(link);
            out.closeArchiveEntry();
            TarArchiveEntry ship = new TarArchiveEntry("Ship.java");
            ship.setSize(SHIP.length);
            out.putArchiveEntry(ship);
            out.write(SHIP);
            out.closeArchiveEntry();
        }

        Received received = archive.packed("work.tgz", bytes.toByteArray());

        assertEquals(1, received.upload().sources().size());
        assertEquals(
                "is a link to another file, which is not followed",
                received.leftOut().get(0).why());
    }

    @Test
    void anArchiveThatHoldsNothingButAnotherIsOpenedTwiceAndNotThrice() throws Exception {
        byte[] one = zip("Ship.java", SHIP);
        byte[] two = zip("inner.zip", one);
        byte[] three = zip("outer.zip", two);

        assertEquals(1, packed("work.zip", two).sources().size());
        assertRefused("holds no source file", () -> packed("work.zip", three));
        assertEquals(
                "is an archive within the upload, which is not opened beside sources",
                archive.packed("work.zip", zip("Ship.java", SHIP, "inner.zip", one))
                        .leftOut()
                        .get(0)
                        .why());
    }

    @Test
    void whatWasCompiledIsToldFromItsSources() throws Exception {
        byte[] classes = zip("Ship.class", new byte[] {1, 2});

        assertRefused("not the sources", () -> packed("work.zip", classes));
        assertRefused("is compiled", () -> packed("work.jar", classes));
        assertRefused("is packed in a way that is not read here", () -> packed("work.rar", SHIP));
    }

    @Test
    void refusesWhatIsPackedWithAPassword() throws Exception {
        byte[] zip = zip("Ship.java", SHIP);
        // the bit that says so, in the file's own head and in the list at the end
        for (int i = 0; i + 4 < zip.length; i++) {
            boolean local = zip[i] == 'P' && zip[i + 1] == 'K' && zip[i + 2] == 3 && zip[i + 3] == 4;
            boolean central = zip[i] == 'P' && zip[i + 1] == 'K' && zip[i + 2] == 1 && zip[i + 3] == 2;
            if (local || central) {
                zip[i + (local ? 6 : 8)] |= 1;
            }
        }

        assertRefused("with a password", () -> packed("work.zip", zip));
    }

    @Test
    void refusesFoldersWithoutEnd() throws Exception {
        byte[] deep = zip("a/".repeat(60) + "Ship.java", SHIP);

        assertRefused("lies too deep", () -> packed("work.zip", deep));
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
        assertRefused("is not a zip", () -> packed("work.zip", SHIP));
        assertRefused("is not a zip", () -> packed("work.zip", new byte[0]));
    }

    @Test
    void refusesAnEmptyZipAndOneWithoutSources() throws Exception {
        byte[] empty = zip();
        byte[] pictures = zip("a.png", SHIP);

        assertRefused("empty archive", () -> packed("work.zip", empty));
        assertRefused("holds no source file", () -> packed("work.zip", pictures));
    }

    @Test
    void refusesPathsThatLeaveTheFolder() throws Exception {
        for (String path :
                List.of("../Ship.java", "a/../../Ship.java", "/etc/Ship.java", "C:\\Ship.java", "..\\Ship.java")) {
            byte[] zip = zip(path, SHIP);
            assertRefused("leaves the folder", () -> packed("work.zip", zip));
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

        assertRefused("unpacks to more than", () -> packed("work.zip", bomb));
        assertRefused("which no handwritten source is", () -> packed("work.zip", source));
        assertRefused("more than 10 files", () -> packed("work.zip", files));
    }

    @Test
    void refusesAZipThatWasCutOff() throws Exception {
        byte[] whole = zip(
                "Ship.java",
                "class Ship { String name = \"Seeschwalbe\"; }".repeat(40).getBytes(StandardCharsets.UTF_8));

        assertRefused("work.zip", () -> packed("work.zip", Arrays.copyOf(whole, 60)));
    }

    @Test
    void readsOtherEncodingsAndSaysSo() throws Exception {
        byte[] western = "class Möwe {}".getBytes(Charset.forName("windows-1252"));
        byte[] wide = "\uFEFFclass Möwe {}".getBytes(StandardCharsets.UTF_16LE);
        byte[] marked = "\uFEFFclass Möwe {}".getBytes(StandardCharsets.UTF_8);

        for (byte[] bytes : List.of(western, wide, marked)) {
            assertEquals(
                    "class Möwe {}",
                    archive.files(Map.of("Moewe.java", bytes))
                            .upload()
                            .sources()
                            .get(0)
                            .text());
        }
        assertTrue(archive.files(Map.of("Moewe.java", western))
                .upload()
                .remarks()
                .get(0)
                .message()
                .contains("not UTF-8"));
        assertTrue(
                archive.files(Map.of("Moewe.java", marked)).upload().remarks().isEmpty());
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

        Upload upload = packed("work.zip", bytes.toByteArray());

        assertEquals(
                List.of("Fähre.java", "Gebühren/Grösse.java"),
                upload.sources().stream().map(SourceFile::path).toList());
    }

    @Test
    void charactersThatCannotBeSeenAreSaidByTheirNumber() throws Exception {
        Upload upload = packed(
                "work.zip",
                zip("Sh\u202Eip\u0007.java", "class Ship {\n int x; // \u2066 }".getBytes(StandardCharsets.UTF_8)));

        assertEquals("Sh⟨U+202E⟩ip⟨U+0007⟩.java", upload.sources().get(0).path());
        assertEquals(2, upload.remarks().get(0).line());
        assertTrue(upload.remarks().get(0).message().contains("⟨U+2066⟩"));
    }

    @Test
    void refusesASourceThatIsNoText() {
        assertRefused(
                "is not a text file",
                () -> archive.files(Map.of("Ship.java", new byte[] {1, 0, 2})).upload());
        assertRefused(
                "not the sources",
                () -> archive.files(Map.of("Ship.class", SHIP)).upload());
    }

    private Upload packed(String name, byte[] bytes) throws ArchiveException {
        return archive.packed(name, bytes).upload();
    }

    private interface Reading {
        void run() throws ArchiveException, IOException;
    }

    private static void assertRefused(String part, Reading reading) {
        String message = assertThrows(ArchiveException.class, reading::run).getMessage();
        assertTrue(message.contains(part), message);
    }

    private static byte[] tar(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (TarArchiveOutputStream out = new TarArchiveOutputStream(new GZIPOutputStream(bytes))) {
            for (Map.Entry<String, byte[]> e : files.entrySet()) {
                TarArchiveEntry entry = new TarArchiveEntry(e.getKey());
                entry.setSize(e.getValue().length);
                out.putArchiveEntry(entry);
                out.write(e.getValue());
                out.closeArchiveEntry();
            }
        }
        return bytes.toByteArray();
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
