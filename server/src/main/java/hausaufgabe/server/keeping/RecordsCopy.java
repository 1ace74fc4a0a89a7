package hausaufgabe.server.keeping;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Enumeration;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.h2.api.ErrorCode;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Copies of the records of a data folder: one zip that the database itself writes, whole even while others write to it. */
final class RecordsCopy {

    /** The file of the records in a data folder. */
    static final String RECORDS = "records.mv.db";

    /** The folder of what was pushed, beside them. */
    static final String GIT = "git";

    /** Tables of which it is told how much is in them, in the words it is told in. */
    private static final List<String> TOLD = List.of("course", "student", "exercise", "submission", "grade_change");

    private RecordsCopy() {}

    /** What is in a copy, as it was counted there. */
    record Contents(int version, List<Long> counts) {

        String inWords() {
            return counts.get(0) + " courses, " + counts.get(1) + " students, " + counts.get(2) + " exercises, "
                    + counts.get(3) + " attempts, " + counts.get(4) + " changes of marks; records of version "
                    + version;
        }
    }

    /** Something that cannot be done with a copy, in words for whoever asked for it. */
    static final class Unusable extends IOException {

        private static final long serialVersionUID = 1L;

        Unusable(String message) {
            super(message);
        }
    }

    private static String url(Path folder) {
        return "jdbc:h2:file:" + folder.toAbsolutePath().resolve("records") + ";IFEXISTS=TRUE;DB_CLOSE_ON_EXIT=FALSE";
    }

    /** Opens the records of a folder that no server has open. */
    static Connection open(Path folder) throws SQLException {
        return DriverManager.getConnection(url(folder), "sa", "");
    }

    /** Whether a running server has the records. */
    static boolean isInUse(SQLException e) {
        return e.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1;
    }

    /**
     * Writes a copy.
     *
     * @param data the folder of the records, with what was pushed beside them
     * @param file appears only once it is whole
     */
    static void write(Connection records, Path data, Path file) throws SQLException, IOException {
        Path made = beside(file);
        try {
            try (PreparedStatement backup = records.prepareStatement("backup to ?")) {
                backup.setString(1, made.toAbsolutePath().toString());
                backup.execute();
            }
            addRepositories(data.resolve(GIT), made);
            close(made);
            Files.move(made, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(made);
        }
    }

    /** References first: what they name was there before them, and stays. */
    private static void addRepositories(Path git, Path zip) throws IOException {
        if (!Files.exists(git)) {
            return;
        }
        List<Path> files;
        try (Stream<Path> all = Files.walk(git)) {
            files = all.filter(Files::isRegularFile)
                    .sorted(Comparator.comparing(p -> p.toString().contains("objects")))
                    .toList();
        }
        try (FileSystem inside = FileSystems.newFileSystem(zip)) {
            for (Path f : files) {
                Path to = inside.getPath(GIT, git.relativize(f).toString());
                Files.createDirectories(to.getParent());
                try {
                    Files.copy(f, to, StandardCopyOption.REPLACE_EXISTING);
                } catch (NoSuchFileException e) {
                    // a lock or a file that was being made
                }
            }
        }
    }

    private static Path beside(Path file) {
        Path absolute = file.toAbsolutePath();
        return absolute.resolveSibling(absolute.getFileName() + ".unfinished");
    }

    private static void close(Path file) throws IOException {
        if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
    }

    /**
     * Unpacks a copy's records into a folder.
     *
     * @throws Unusable where it is no copy, or a damaged one
     */
    static void unpack(Path file, Path folder) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            ZipEntry records = zip.getEntry(RECORDS);
            Enumeration<? extends ZipEntry> all = zip.entries();
            while (records == null && all.hasMoreElements()) {
                ZipEntry e = all.nextElement();
                records = e.getName().endsWith("/" + RECORDS) ? e : null;
            }
            if (records == null) {
                throw new Unusable(file + " is no copy of Hausaufgabe's records: there is no " + RECORDS + " in it.");
            }
            try (InputStream in = zip.getInputStream(records)) {
                Files.copy(in, folder.resolve(RECORDS), StandardCopyOption.REPLACE_EXISTING);
            }
            close(folder.resolve(RECORDS));
            unpackRepositories(zip, folder);
        } catch (ZipException e) {
            throw new Unusable(file + " is no zip, or a damaged one: " + e.getMessage() + ".");
        }
    }

    private static void unpackRepositories(ZipFile zip, Path folder) throws IOException {
        Path git = folder.resolve(GIT).toAbsolutePath().normalize();
        for (ZipEntry e : (Iterable<ZipEntry>) zip.stream().map(ZipEntry.class::cast)::iterator) {
            Path to = folder.resolve(e.getName()).toAbsolutePath().normalize();
            if (!e.isDirectory() && to.startsWith(git)) {
                Files.createDirectories(to.getParent());
                try (InputStream in = zip.getInputStream(e)) {
                    Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
                }
            }
        }
    }

    /**
     * Opens a copy apart from everything else and reads in it.
     *
     * @throws Unusable where that cannot be done
     */
    static Contents verify(Path file) throws IOException {
        Path apart = Files.createTempDirectory("hausaufgabe-copy");
        try {
            unpack(file, apart);
            try (Connection c = open(apart);
                    Statement s = c.createStatement()) {
                List<Long> counts = new ArrayList<>();
                for (String table : TOLD) {
                    counts.add(Long.valueOf(one(s, "select count(*) from " + table)));
                }
                return new Contents(
                        Integer.parseInt(one(s, "select max(cast(\"version\" as int)) from \"flyway_schema_history\"")),
                        List.copyOf(counts));
            } catch (SQLException e) {
                throw new Unusable(file + " cannot be read as records: " + e.getMessage());
            }
        } finally {
            delete(apart);
        }
    }

    /** The latest version of records that this program knows. */
    static int known() throws IOException {
        int latest = 0;
        for (Resource r : new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V*__*.sql")) {
            String name = String.valueOf(r.getFilename());
            latest = Math.max(latest, Integer.parseInt(name.substring(1, name.indexOf("__"))));
        }
        return latest;
    }

    private static String one(Statement s, String query) throws SQLException {
        try (ResultSet r = s.executeQuery(query)) {
            r.next();
            return r.getString(1);
        }
    }

    static void delete(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path f, BasicFileAttributes a) throws IOException {
                Files.delete(f);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path d, IOException e) throws IOException {
                Files.delete(d);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
