package hausaufgabe.driver;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** Keeps what the program prints, up to a limit on both streams together, until it is taken. */
final class OutputCapture {

    private final int most;
    private final ByteArrayOutputStream plain = new ByteArrayOutputStream();
    private final ByteArrayOutputStream errors = new ByteArrayOutputStream();
    private long written;

    /** @param most bytes that may be printed in all */
    OutputCapture(int most) {
        this.most = most;
    }

    PrintStream stream(boolean error) {
        return new PrintStream(new Kept(error ? errors : plain), true, StandardCharsets.UTF_8);
    }

    synchronized boolean isFlooded() {
        return written > most;
    }

    /** What was printed since the last time; empty when nothing was. */
    synchronized String take(boolean error) {
        ByteArrayOutputStream kept = error ? errors : plain;
        if (kept.size() == 0) {
            return "";
        }
        String text = kept.toString(StandardCharsets.UTF_8);
        kept.reset();
        return text;
    }

    private final class Kept extends OutputStream {

        private final ByteArrayOutputStream to;

        Kept(ByteArrayOutputStream to) {
            this.to = to;
        }

        @Override
        public void write(int b) {
            write(new byte[] {(byte) b}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int from, int length) {
            synchronized (OutputCapture.this) {
                int room = (int) Math.max(0, Math.min(length, most - written));
                to.write(bytes, from, room);
                written += length;
            }
        }
    }
}
