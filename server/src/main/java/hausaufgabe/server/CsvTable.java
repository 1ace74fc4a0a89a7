package hausaufgabe.server;

import java.io.IOException;
import java.io.Serial;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table that somebody gave as CSV, whatever its separator and encoding.
 *
 * @param separator by which its cells are parted, in a word
 * @param encoding as it is usually called
 * @param lines that are not empty
 */
public record CsvTable(String separator, String encoding, List<Line> lines) {

    private static final int LARGEST = 5 << 20;
    private static final int TRIED = 30;

    /**
     * A line of the table.
     *
     * @param number its place among the lines of the file, from 1
     * @param cells without what keeps a spreadsheet from running them
     */
    public record Line(long number, List<String> cells) {

        /** What stands in a column, from 0; empty where the line is shorter. */
        public String cell(int column) {
            return column < cells.size() ? cells.get(column) : "";
        }
    }

    /** Why a file is no table; says what to do. */
    public static final class Unusable extends Exception {

        @Serial
        private static final long serialVersionUID = 1L;

        Unusable(String message) {
            super(message);
        }
    }

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
     * @param name what whoever gave it calls it, for messages
     * @throws Unusable where the file is no table, or is too large
     */
    public static CsvTable read(String name, byte[] bytes) throws Unusable {
        if (bytes.length > LARGEST) {
            throw new Unusable(name + " is larger than " + (LARGEST >> 20) + " MB, which no such table is."
                    + " Nothing was stored.");
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
            throw new Unusable(
                    name
                            + " is no text. If it is a spreadsheet, save it as CSV there and choose that file. Nothing was stored.");
        }
        Separator separator = separator(text);
        List<Line> lines = new ArrayList<>();
        for (CSVRecord r : records(name, text, separator)) {
            List<String> cells = r.stream().map(CsvTable::plain).toList();
            if (!cells.stream().allMatch(String::isEmpty)) {
                lines.add(new Line(r.getRecordNumber(), cells));
            }
        }
        return new CsvTable(separator.name().toLowerCase(Locale.ROOT), encoding, lines);
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

    private static List<CSVRecord> records(String name, String text, Separator separator) throws Unusable {
        List<CSVRecord> records = new ArrayList<>();
        try (CSVParser parser = format(separator).parse(new StringReader(text))) {
            for (CSVRecord r : parser) {
                records.add(r);
            }
            return records;
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw new Unusable(name + " cannot be read from record " + (records.size() + 1)
                    + " on: a quotation mark there has no partner. Mend that line and choose the file again. Nothing was"
                    + " stored.");
        }
    }
}
