package hausaufgabe.server;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Tables as RFC 4180 describes CSV, in UTF-8. */
public final class Csv {

    private Csv() {}

    /**
     * A table to be downloaded. A text that a spreadsheet would take for a formula is marked as text.
     *
     * @param name of the file
     */
    public static ResponseEntity<byte[]> file(String name, List<String> columns, List<List<Object>> rows) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(columns.toArray(String[]::new))
                .get();
        try (CSVPrinter out = new CSVPrinter(text, format)) {
            for (List<Object> row : rows) {
                out.printRecord(row.stream()
                        .map(c -> c instanceof String s ? safe(s) : c)
                        .toArray());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Downloads.named(name)
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static String safe(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
