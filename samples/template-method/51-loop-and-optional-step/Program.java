import java.util.*;

abstract class Import {
    private final List<String> done = new ArrayList<>();

    public final int run(List<String> lines) {
        open();
        int n = 0;
        for (String l : lines) {
            if (accepts(l)) {
                done.add(convert(l));
                n++;
            }
        }
        if (wantsSummary()) summary(n);
        close();
        return n;
    }

    protected void open() {}

    protected boolean accepts(String l) {
        return !l.isBlank();
    }

    protected abstract String convert(String l);

    protected boolean wantsSummary() {
        return false;
    }

    protected void summary(int n) {}

    protected void close() {}
}

class Upper extends Import {
    protected String convert(String l) {
        return l.toUpperCase();
    }
}

class Trimmed extends Import {
    protected String convert(String l) {
        return l.trim();
    }

    protected boolean wantsSummary() {
        return true;
    }

    protected void summary(int n) {
        System.out.println(n + " lines");
    }

    protected void close() {
        System.out.println("closed");
    }
}
