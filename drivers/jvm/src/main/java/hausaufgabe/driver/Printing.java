package hausaufgabe.driver;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** Keeps what the program prints, up to a limit, until it is taken. */
final class Printing extends OutputStream {

    private final int most;
    private final ByteArrayOutputStream kept = new ByteArrayOutputStream();
    private long written;

    /** @param most bytes that may be printed in all */
    Printing(int most) {
        this.most = most;
    }

    PrintStream stream() {
        return new PrintStream(this, true, StandardCharsets.UTF_8);
    }

    @Override
    public synchronized void write(int b) {
        if (written++ < most) {
            kept.write(b);
        }
    }

    @Override
    public synchronized void write(byte[] bytes, int from, int length) {
        int room = (int) Math.max(0, Math.min(length, most - written));
        kept.write(bytes, from, room);
        written += length;
    }

    synchronized boolean isFlooded() {
        return written > most;
    }

    /** What was printed since the last time; empty when nothing was. */
    synchronized String take() {
        String text = kept.toString(StandardCharsets.UTF_8);
        kept.reset();
        return text;
    }
}
