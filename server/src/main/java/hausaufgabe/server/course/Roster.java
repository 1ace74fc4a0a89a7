package hausaufgabe.server.course;

import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * The students of a course as a CSV file lists them: columns number, name and group, with any usual separator, in UTF-8 or
 * Windows-1252, with a byte order mark or without.
 */
public final class Roster {

    private static final List<String> COLUMNS = List.of("number", "name", "group");
    private static final Map<String, Integer> LONGEST = Map.of("number", 40, "name", 120, "group", 40);
    private static final int LARGEST = 5 << 20;

    private Roster() {}

    /** A roster that cannot be used; the message says what to mend. */
    public static final class Unusable extends Exception {
        private static final long serialVersionUID = 1L;

        Unusable(String message) {
            super(message);
        }
    }

    /** @throws Unusable where the file is no roster, lists nobody, or something in it does not fit */
    public static List<Student> read(Path file) throws Unusable, IOException {
        byte[] bytes;
        try {
            if (Files.size(file) > LARGEST) {
                throw new Unusable(file + " is larger than " + (LARGEST >> 20) + " MB, which no roster is.");
            }
            bytes = Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw new Unusable("There is no file " + file + ".");
        }
        return read(file.toString(), bytes);
    }

    /**
     * @param name what whoever gave it calls it, for messages
     * @throws Unusable as for a file
     */
    public static List<Student> read(String name, byte[] bytes) throws Unusable, IOException {
        if (bytes.length > LARGEST) {
            throw new Unusable(name + " is larger than " + (LARGEST >> 20) + " MB, which no roster is.");
        }
        return students(name, text(bytes));
    }

    private static String text(byte[] bytes) {
        boolean marked =
                bytes.length > 2 && (bytes[0] & 0xFF) == 0xEF && (bytes[1] & 0xFF) == 0xBB && (bytes[2] & 0xFF) == 0xBF;
        int from = marked ? 3 : 0;
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, from, bytes.length - from, Charset.forName("windows-1252"));
        }
    }

    private static List<Student> students(String file, String text) throws Unusable, IOException {
        String first = text.lines().findFirst().orElse("");
        char separator = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<CSVRecord> records;
        try {
            records = format.parse(new StringReader(text)).getRecords();
        } catch (IllegalArgumentException | java.io.UncheckedIOException | IOException e) {
            throw new Unusable(file + " is no CSV that can be read: " + e.getMessage() + ".");
        }
        if (records.isEmpty()) {
            throw new Unusable(file
                    + " lists nobody. The first line names the columns number, name and group; a student stands on each"
                    + " line below it. Nothing was stored.");
        }
        Map<String, Long> numbers = new HashMap<>();
        List<Student> students = new ArrayList<>();
        for (CSVRecord r : records) {
            Map<String, String> values = new HashMap<>();
            for (String column : COLUMNS) {
                values.put(column, value(file, r, column));
            }
            Long before = numbers.putIfAbsent(values.get("number"), r.getRecordNumber());
            if (before != null) {
                throw new Unusable(at(file, r) + "the number " + values.get("number") + " stands in record " + before
                        + " already. Nothing was stored.");
            }
            students.add(new Student(0, values.get("number"), values.get("name"), values.get("group")));
        }
        return students;
    }

    private static String value(String file, CSVRecord r, String column) throws Unusable {
        if (!r.isSet(column) || r.get(column).isBlank()) {
            throw new Unusable(at(file, r) + "no " + column
                    + ". The first line must name the columns number, name and group. Nothing was stored.");
        }
        String value = r.get(column).strip();
        if (value.length() > LONGEST.get(column)) {
            throw new Unusable(at(file, r) + "the " + column + " has " + value.length() + " characters; "
                    + LONGEST.get(column) + " is most. Nothing was stored.");
        }
        return value;
    }

    private static String at(String file, CSVRecord r) {
        return file + ", record " + r.getRecordNumber() + ": ";
    }
}
