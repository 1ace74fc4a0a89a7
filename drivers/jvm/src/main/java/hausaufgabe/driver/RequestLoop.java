package hausaufgabe.driver;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintStream;
import org.json.JSONObject;

/** Serves requests until there are no more. */
final class RequestLoop implements Runnable {

    private final BufferedReader in;
    private final PrintStream out;
    private final String secret;
    private final RequestHandler handler;
    private volatile int serving = -1;

    RequestLoop(BufferedReader in, PrintStream out, String secret, OutputCapture printing) {
        this.in = in;
        this.out = out;
        this.secret = secret;
        this.handler = new RequestHandler(printing);
    }

    @Override
    public void run() {
        try {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                JSONObject request = new JSONObject(line);
                serving = request.optInt("id", -1);
                JSONObject answer = handler.answer(request);
                tell(answer);
            }
        } catch (IOException e) {
            // nobody listens any more: the process ends
        }
    }

    private synchronized void tell(JSONObject answer) {
        if (serving < 0) {
            return;
        }
        answer.put("secret", secret).put("id", serving);
        serving = -1;
        out.print(answer + "\n");
        out.flush();
    }

    /** A program that is run as a whole may end itself; what it has done until then is told. */
    Runnable atExit() {
        return new Runnable() {
            @Override
            public void run() {
                if (handler.isRunningWhole()) {
                    tell(handler.ended());
                }
            }
        };
    }
}
