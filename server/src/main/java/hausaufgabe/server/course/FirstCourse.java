package hausaufgabe.server.course;

import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

/** Sets up a course from a roster file. */
@Component
public class FirstCourse {

    private final Courses courses;

    FirstCourse(Courses courses) {
        this.courses = courses;
    }

    /** A roster that cannot be used; the message says what to mend. */
    public static final class RosterException extends Exception {
        private static final long serialVersionUID = 1L;

        RosterException(String message) {
            super(message);
        }
    }

    /**
     * Makes a course with the students of a roster: CSV in UTF-8 with the columns number, name and group.
     *
     * @throws RosterException where the file is no roster; nothing is stored then
     */
    public Courses.Heading create(String title, Path roster) throws RosterException, IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        List<CSVRecord> records;
        try (Reader in = Files.newBufferedReader(roster, StandardCharsets.UTF_8)) {
            records = format.parse(in).getRecords();
        } catch (java.nio.charset.CharacterCodingException e) {
            throw new RosterException(roster + " is not UTF-8. Save it as CSV in UTF-8.");
        }
        for (CSVRecord r : records) {
            for (String column : List.of("number", "name", "group")) {
                if (!r.isSet(column) || r.get(column).isBlank()) {
                    throw new RosterException(roster + ", record " + r.getRecordNumber() + ": no " + column
                            + ". The first line must name the columns number, name and group.");
                }
            }
        }
        return courses.create(
                title,
                records.stream()
                        .map(r -> new Student(0, r.get("number"), r.get("name"), r.get("group")))
                        .toList());
    }
}
