package hausaufgabe.server.course;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A CSV file as a table, before anything is made of its columns.
 *
 * @param separator as a person says it, such as "semicolon"
 * @param encoding such as "UTF-8"
 * @param header a name for each column; such as "column 2" where the file names none
 */
record RosterTable(String separator, String encoding, List<String> header, List<Line> lines) {

    private static final int LARGEST = 5 << 20;
    static final int MOST_LINES = 20_000;
    private static final int MOST_COLUMNS = 60;
    private static final int TRIED = 30;

    private enum Separator {
        SEMICOLON(';'),
        COMMA(','),
        TAB('\t'),
        BAR('|');

        private final char character;

        Separator(char character) {
            this.character = character;
        }
    }

    /**
     * A line of the table.
     *
     * @param number where it begins in the file, from 1
     * @param cells one for each column
     */
    record Line(long number, List<String> cells) {}

    /**
     * @param name what whoever gave it calls it, for messages
     * @throws RosterUnusable where the file is no table, or is too large
     */
    static RosterTable read(String name, byte[] bytes) throws RosterUnusable {
        if (bytes.length > LARGEST) {
            throw new RosterUnusable(name + " is larger than " + (LARGEST >> 20) + " MB, which no roster is.");
        }
        boolean marked = startsWith(bytes, 0xEF, 0xBB, 0xBF);
        boolean wide = startsWith(bytes, 0xFF, 0xFE) || startsWith(bytes, 0xFE, 0xFF);
        String encoding = wide ? "UTF-16" : "UTF-8";
        String text;
        try {
            int from = marked ? 3 : 0;
            text = (wide ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8)
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException e) {
            encoding = "Windows-1252";
            text = new String(bytes, Charset.forName("windows-1252"));
        }
        if (text.indexOf('\0') >= 0) {
            throw new RosterUnusable(
                    name
                            + " is no text. If it is a spreadsheet, save it as CSV there and choose that file. Nothing was stored.");
        }
        Separator separator = separator(text);
        List<CSVRecord> records = records(name, text, separator);
        if (records.isEmpty()) {
            throw new RosterUnusable(name
                    + " lists nobody. A first line that names the columns and a student on each line below it is a roster."
                    + " Nothing was stored.");
        }
        int columns = Math.min(
                MOST_COLUMNS, records.stream().mapToInt(CSVRecord::size).max().orElse(0));
        boolean named = RosterField.namesColumns(records.get(0));
        List<String> header = IntStream.range(0, columns)
                .mapToObj(i -> named
                                && i < records.get(0).size()
                                && !records.get(0).get(i).isBlank()
                        ? records.get(0).get(i).strip()
                        : "column " + (i + 1))
                .toList();
        List<Line> lines = new ArrayList<>();
        for (CSVRecord r : records.subList(named ? 1 : 0, records.size())) {
            List<String> cells = IntStream.range(0, columns)
                    .mapToObj(i -> i < r.size() ? plain(r.get(i)) : "")
                    .toList();
            if (!cells.stream().allMatch(String::isEmpty)) {
                lines.add(new Line(r.getRecordNumber(), cells));
            }
        }
        if (lines.isEmpty()) {
            throw new RosterUnusable(name + " lists nobody below its first line. Nothing was stored.");
        }
        if (lines.size() > MOST_LINES) {
            throw new RosterUnusable(name + " lists " + lines.size() + " students; " + MOST_LINES
                    + " is most for one course. Nothing was stored.");
        }
        return new RosterTable(separator.name().toLowerCase(java.util.Locale.ROOT), encoding, header, lines);
    }

    private static boolean startsWith(byte[] bytes, int... start) {
        return bytes.length >= start.length
                && IntStream.range(0, start.length).allMatch(i -> (bytes[i] & 0xFF) == start[i]);
    }

    /** What a cell says, without the mark that keeps a spreadsheet from running it. */
    private static String plain(String cell) {
        String stripped = cell.replace('\u00A0', ' ').strip();
        boolean marked = stripped.length() > 1 && stripped.charAt(0) == '\'' && "=+-@".indexOf(stripped.charAt(1)) >= 0;
        return marked ? stripped.substring(1) : stripped;
    }

    /** The one by which most lines have the same number of cells, and more than one. */
    private static Separator separator(String text) {
        Separator best = Separator.COMMA;
        long most = 0;
        for (Separator s : Separator.values()) {
            try (CSVParser parser = format(s).parse(new StringReader(text))) {
                List<Integer> sizes =
                        parser.stream().limit(TRIED).map(CSVRecord::size).toList();
                int columns = sizes.isEmpty() ? 0 : sizes.get(0);
                long alike = columns < 2
                        ? 0
                        : sizes.stream().filter(n -> n == columns).count() * 100 / sizes.size() * columns;
                if (alike > most) {
                    most = alike;
                    best = s;
                }
            } catch (IOException | UncheckedIOException | IllegalStateException e) {
                // by this one it is no table
            }
        }
        return best;
    }

    private static CSVFormat format(Separator s) {
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(s.character)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
    }

    private static List<CSVRecord> records(String name, String text, Separator separator) throws RosterUnusable {
        List<CSVRecord> records = new ArrayList<>();
        try (CSVParser parser = format(separator).parse(new StringReader(text))) {
            for (CSVRecord r : parser) {
                records.add(r);
            }
            return records;
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw new RosterUnusable(name + " cannot be read from record " + (records.size() + 1)
                    + " on: a quotation mark there has no partner. Mend that line and choose the file again. Nothing was"
                    + " stored.");
        }
    }
}
