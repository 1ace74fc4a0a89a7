package hausaufgabe.checking;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaLanguage;
import hausaufgabe.language.javascript.JavaScriptLanguage;
import hausaufgabe.language.python.PythonReader;
import hausaufgabe.language.scripts.DesignWriter;
import hausaufgabe.language.values.UsualValues;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Tells versions of the program apart by what they consist of, as far as a report depends on it: two machines get the same
 * exactly if they would judge alike. It depends on the classes and resources of the core, the readers and the checking, with
 * the drivers that lie in it.
 */
public final class ProgramVersion {

    private static final int LENGTH = 12;
    private static final String CURRENT = of(List.of(
            Check.class,
            CheckReport.class,
            JavaLanguage.class,
            PythonReader.class,
            JavaScriptLanguage.class,
            DesignWriter.class,
            UsualValues.class));

    private ProgramVersion() {}

    /** The version of the program that runs here. */
    public static String current() {
        return CURRENT;
    }

    private static String of(List<Class<?>> parts) {
        Map<String, String> contents = new TreeMap<>();
        try {
            for (Class<?> part : parts) {
                Path place = Path.of(
                        part.getProtectionDomain().getCodeSource().getLocation().toURI());
                contents.putAll(Files.isDirectory(place) ? ofFolder(place) : ofArchive(place));
            }
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(contents.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest()).substring(0, LENGTH);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (URISyntaxException | NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What is written down of a build, and no part of what it does. */
    private static boolean matters(String name) {
        return !name.startsWith("META-INF/");
    }

    private static Map<String, String> ofArchive(Path archive) throws IOException {
        Map<String, String> contents = new TreeMap<>();
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            zip.stream()
                    .filter(Predicate.not(ZipEntry::isDirectory))
                    .filter(e -> matters(e.getName()))
                    .forEach(e -> contents.put(e.getName(), Long.toHexString(e.getCrc())));
        }
        return contents;
    }

    private static Map<String, String> ofFolder(Path folder) throws IOException {
        Map<String, String> contents = new TreeMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path f : files.filter(Files::isRegularFile).toList()) {
                String name = folder.relativize(f).toString().replace('\\', '/');
                if (matters(name)) {
                    contents.put(name, sum(f));
                }
            }
        }
        return contents;
    }

    private static String sum(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file);
                CheckedInputStream summed = new CheckedInputStream(in, new CRC32())) {
            summed.transferTo(java.io.OutputStream.nullOutputStream());
            return Long.toHexString(summed.getChecksum().getValue());
        }
    }
}
