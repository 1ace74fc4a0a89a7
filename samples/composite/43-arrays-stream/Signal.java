import java.util.Arrays;

interface Klang {
    int dauer();

    void spiele(StringBuilder b);
}

class Ton implements Klang {
    char c;
    int d;

    Ton(char c, int d) {
        this.c = c;
        this.d = d;
    }

    public int dauer() {
        return d;
    }

    public void spiele(StringBuilder b) {
        b.append(c);
    }
}

class Pause implements Klang {
    public int dauer() {
        return 1;
    }

    public void spiele(StringBuilder b) {
        b.append(' ');
    }
}

class Melodie implements Klang {
    private final Klang[] k;

    Melodie(Klang... k) {
        this.k = k;
    }

    public int dauer() {
        return Arrays.stream(k).mapToInt(Klang::dauer).sum();
    }

    public void spiele(StringBuilder b) {
        Arrays.asList(k).forEach(x -> x.spiele(b));
    }
}
