import java.util.*;

class Kanal {
    private final List<Hoerer> hoerer = new ArrayList<>();
    private String sendung = "";

    void an(Hoerer h) {
        hoerer.add(h);
    }

    void ab(Hoerer h) {
        // TODO
    }

    void sende(String s) {
        sendung = s;
        for (Hoerer h : hoerer) h.hoere(sendung);
    }
}

interface Hoerer {
    void hoere(String s);
}

class Funker implements Hoerer {
    public void hoere(String s) {
        System.out.println(s);
    }
}

class Archiv implements Hoerer {
    List<String> l = new ArrayList<>();

    public void hoere(String s) {
        l.add(s);
    }
}
