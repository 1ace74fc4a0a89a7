import java.util.*;

interface SchrankenBeobachter {
    void offen(boolean o);
}

class Schranke {
    private final List<SchrankenBeobachter> bs = new ArrayList<>();
    private boolean offen;

    void add(SchrankenBeobachter b) {
        bs.add(b);
    }

    void entferne(SchrankenBeobachter b) {
        bs.remove(b);
    }

    void oeffne() {
        offen = true;
    }

    void schliesse() {
        offen = false;
    }

    void sag() {
        for (SchrankenBeobachter b : bs) b.offen(offen);
    }
}

class Waerter implements SchrankenBeobachter {
    public void offen(boolean o) {
        System.out.println(o);
    }
}

class Zaehler implements SchrankenBeobachter {
    int n;

    public void offen(boolean o) {
        if (o) n++;
    }
}
