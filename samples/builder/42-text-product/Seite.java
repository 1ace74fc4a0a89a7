interface SeitenBauer {
    void titel(String t);

    void absatz(String t);

    Seite seite();
}

record Seite(String text) {}

class HtmlSeite implements SeitenBauer {
    private final StringBuilder b = new StringBuilder();

    public void titel(String t) {
        b.append("<h1>").append(t).append("</h1>");
    }

    public void absatz(String t) {
        b.append("<p>").append(t).append("</p>");
    }

    public Seite seite() {
        return new Seite(b.toString());
    }
}

class KlarSeite implements SeitenBauer {
    private String s = "";

    public void titel(String t) {
        s += t.toUpperCase() + "\n";
    }

    public void absatz(String t) {
        s += t + "\n";
    }

    public Seite seite() {
        return new Seite(s);
    }
}

class Redakteur {
    Seite wetter(SeitenBauer b) {
        b.titel("Wetter");
        b.absatz("Nebel");
        b.absatz("Wind 4");
        return b.seite();
    }
}
