package hausaufgabe.driver;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.FileDescriptor;
import java.io.FileInputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.json.JSONObject;

/**
 * Reads requests from standard input, one JSON object a line, and answers each with one line on standard output. The first
 * line sets the session's secret, which every answer carries. Ends when its input does.
 *
 * <p>Nothing here is kept in a static field, so that the program it holds finds no way to it.
 */
public final class Main {

    /** Twice what a thread has by itself, since listening takes room too. */
    private static final long STACK = 2L << 20;

    private Main() {}

    public static void main(String[] arguments) throws IOException {
        BufferedReader in = new BufferedReader(
                new InputStreamReader(new FileInputStream(FileDescriptor.in), StandardCharsets.UTF_8));
        PrintStream out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        Unsafety.remove();
        WarmUp.run();
        String first = in.readLine();
        if (first == null) {
            Runtime.getRuntime().halt(0);
        }
        JSONObject opening = new JSONObject(first);
        OutputCapture printing = new OutputCapture(opening.optInt("output", 1 << 20));
        System.setIn(new ByteArrayInputStream(new byte[0]));
        System.setOut(printing.stream(false));
        System.setErr(printing.stream(true));

        RequestLoop service = new RequestLoop(in, out, opening.getString("secret"), printing);
        Runtime.getRuntime().addShutdownHook(new Thread(null, service.atExit(), "end"));
        Thread performer = new Thread(null, service, "program", STACK);
        performer.start();
        while (performer.isAlive()) {
            try {
                performer.join();
            } catch (InterruptedException e) {
                // the program may interrupt whom it likes
            }
        }
        Runtime.getRuntime().halt(0);
    }
}
