import java.io.IOException;
import java.io.StringWriter;
import java.io.Writer;

class Grossschreiber extends Writer {
    private final Writer ziel;
    Grossschreiber(Writer ziel) {
        if (ziel == null) throw new IllegalArgumentException("ziel");
        this.ziel = ziel;
    }
    @Override public void write(char[] buf, int off, int len) throws IOException {
        ziel.write(new String(buf, off, len).toUpperCase().toCharArray(), 0, len);
    }
    @Override public void flush() throws IOException { ziel.flush(); }
    @Override public void close() throws IOException { ziel.close(); }
}

class Zaehlwerk extends Writer {
    private final Writer ziel;
    private long zeichen;
    Zaehlwerk(Writer ziel) { this.ziel = ziel; }
    @Override public void write(char[] buf, int off, int len) throws IOException {
        zeichen += len;
        ziel.write(buf, off, len);
    }
    @Override public void flush() throws IOException { ziel.flush(); }
    @Override public void close() throws IOException { ziel.close(); }
    long zeichen() { return zeichen; }
}

public class Protokoll {
    public static void main(String[] args) throws IOException {
        StringWriter unten = new StringWriter();
        Zaehlwerk z = new Zaehlwerk(unten);
        try (Writer w = new Grossschreiber(z)) {
            w.write("Tor offen\n");
            w.write("Tor zu");
        }
        System.out.println(unten + " " + z.zeichen());
    }
}
