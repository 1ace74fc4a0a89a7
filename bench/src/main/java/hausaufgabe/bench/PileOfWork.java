package hausaufgabe.bench;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Submissions of a whole course in one zip, no two alike, however often they are sent. */
final class PileOfWork {

    static final int STUDENTS = 300;
    private static final int WARMING = 100;
    private static final String BOUNDARY = "harbour-wall";

    private final List<Map<String, byte[]>> works;
    private int copies;

    PileOfWork(Path samples) throws IOException {
        this.works = BenchServer.works(samples);
    }

    /** What one student hands in. */
    Map<String, byte[]> next() {
        copies++;
        return BenchServer.unlike(works.get(copies % works.size()), String.valueOf(copies));
    }

    /** Has a part of a pile checked, by which those that check get warm. */
    void warm(BenchServer server, long exercise) throws IOException, InterruptedException {
        begin(server, exercise, form(zip(WARMING)));
        server.await(0);
    }

    /** Seconds from the upload of the pile until all of it is checked. */
    double send(BenchServer server, long exercise) throws IOException, InterruptedException {
        byte[] form = form(zip(STUDENTS));
        long start = System.nanoTime();
        begin(server, exercise, form);
        server.await(0);
        return (System.nanoTime() - start) / 1e9;
    }

    /** Uploads the pile and confirms it. */
    private static void begin(BenchServer server, long exercise, byte[] form) throws IOException, InterruptedException {
        String piles = "/api/exercises/" + exercise + "/piles";
        String pile = server.post(piles, "multipart/form-data; boundary=" + BOUNDARY, form);
        long id = new ObjectMapper().readTree(pile).get("id").asLong();
        server.post(piles + "/" + id + "/confirmation", "application/json", "{}".getBytes(StandardCharsets.UTF_8));
    }

    private byte[] zip(int students) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (int n = 1; n <= students; n++) {
                for (Map.Entry<String, byte[]> f : next().entrySet()) {
                    out.putNextEntry(new ZipEntry(20261000 + n + "/" + f.getKey()));
                    out.write(f.getValue());
                }
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] form(byte[] zip) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.write(
                ("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"files\"; filename=\"everybody.zip\"\r\n"
                                + "Content-Type: application/zip\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8));
        body.write(zip);
        body.write(("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return body.toByteArray();
    }
}
