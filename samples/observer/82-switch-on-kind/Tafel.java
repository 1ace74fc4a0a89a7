import java.util.*;

interface Gast {
    String art();

    void info(String t);
}

class Stammgast implements Gast {
    public String art() {
        return "stamm";
    }

    public void info(String t) {
        System.out.println("! " + t);
    }
}

class Tagesgast implements Gast {
    public String art() {
        return "tag";
    }

    public void info(String t) {
        System.out.println(t);
    }
}

class Tafel {
    private String text;
    private final List<Gast> gaeste = new ArrayList<>();

    void rein(Gast g) {
        gaeste.add(g);
    }

    void raus(Gast g) {
        gaeste.remove(g);
    }

    void schreib(String t) {
        text = t;
        for (Gast g : gaeste) {
            if (g instanceof Stammgast) {
                g.info(text);
            }
        }
    }
}
