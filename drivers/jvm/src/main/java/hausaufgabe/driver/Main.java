package hausaufgabe.driver;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.FileDescriptor;
import java.io.FileInputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/**
 * Reads requests from standard input, one JSON object a line, and answers each with one line on standard output. The first
 * line sets the session's secret, which every answer carries. Ends when its input does.
 */
public final class Main {

    private static final long STACK = 64L << 20;

    private Main() {}

    public static void main(String[] arguments) throws IOException {
        BufferedReader in = new BufferedReader(
                new InputStreamReader(new FileInputStream(FileDescriptor.in), StandardCharsets.UTF_8));
        PrintStream out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        JsonObject opening = Json.parse(in.readLine()).asObject();
        String secret = opening.getString("secret", "");
        Printing printing = new Printing(opening.getInt("output", 1 << 20));
        System.setIn(new ByteArrayInputStream(new byte[0]));
        System.setOut(printing.stream());
        System.setErr(printing.stream());

        Thread performer = new Thread(null, () -> serve(in, out, secret, printing), "program", STACK);
        performer.start();
        try {
            performer.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        Runtime.getRuntime().halt(0);
    }

    private static void serve(BufferedReader in, PrintStream out, String secret, Printing printing) {
        Desk desk = new Desk(printing);
        try {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                JsonObject request = Json.parse(line).asObject();
                JsonObject answer = desk.answer(request);
                answer.add("secret", secret).add("id", request.getInt("id", -1));
                out.print(answer + "\n");
                out.flush();
            }
        } catch (IOException e) {
            // nobody listens any more: the process ends
        }
    }
}
