import java.util.*;

interface Hoerer {
    void neu(String schiff);
}

class Funk implements Hoerer {
    public void neu(String s) {
        System.out.println("Funk: " + s);
    }
}

class Buch implements Hoerer {
    final List<String> zeilen = new ArrayList<>();

    public void neu(String s) {
        zeilen.add(s);
    }
}

class Ankunft {
    private List<Hoerer> hoerer = new ArrayList<>();

    void hoere(Hoerer h) {
        hoerer = new ArrayList<>();
        hoerer.add(h);
    }

    void gehe(Hoerer h) {
        hoerer.remove(h);
    }

    void laeuftEin(String schiff) {
        hoerer.forEach(h -> h.neu(schiff));
    }
}
