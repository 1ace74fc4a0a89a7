import java.util.*;
import java.util.concurrent.*;

interface Auftrag extends Runnable {
    String name();
}

class Silo {
    int t;

    void fuelle(int x) {
        t += x;
    }

    void leere() {
        t = 0;
    }
}

class Fuellen implements Auftrag {
    final Silo s;
    final int x;

    Fuellen(Silo s, int x) {
        this.s = s;
        this.x = x;
    }

    public String name() {
        return "fuellen " + x;
    }

    public void run() {
        s.fuelle(x);
    }
}

class Leeren implements Auftrag {
    final Silo s;

    Leeren(Silo s) {
        this.s = s;
    }

    public String name() {
        return "leeren";
    }

    public void run() {
        s.leere();
    }
}

class Warteschlange {
    private final Queue<Auftrag> q = new ArrayDeque<>();
    private final List<String> log = new ArrayList<>();

    void stelle(Auftrag a) {
        q.offer(a);
    }

    void abarbeiten() {
        Auftrag a;
        while ((a = q.poll()) != null) {
            log.add(a.name());
            a.run();
        }
    }
}
