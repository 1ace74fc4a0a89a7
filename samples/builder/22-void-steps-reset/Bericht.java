import java.util.*;

interface Bericht {
    String text();
}

class TextBericht implements Bericht {
    final StringBuilder b = new StringBuilder();

    public String text() {
        return b.toString();
    }
}

class HtmlBericht implements Bericht {
    final List<String> tags = new ArrayList<>();

    public String text() {
        return String.join("", tags);
    }
}

abstract class BerichtBauer {
    abstract void neu();

    abstract void titel(String t);

    abstract void absatz(String t);

    abstract Bericht ergebnis();
}

class TextBauer extends BerichtBauer {
    private TextBericht r;

    void neu() {
        r = new TextBericht();
    }

    void titel(String t) {
        r.b.append(t.toUpperCase()).append('\n');
    }

    void absatz(String t) {
        r.b.append(t).append('\n');
    }

    Bericht ergebnis() {
        return r;
    }
}

class HtmlBauer extends BerichtBauer {
    private HtmlBericht r;

    void neu() {
        r = new HtmlBericht();
    }

    void titel(String t) {
        r.tags.add("<h1>" + t + "</h1>");
    }

    void absatz(String t) {
        r.tags.add("<p>" + t + "</p>");
    }

    Bericht ergebnis() {
        return r;
    }
}

class Redaktion {
    private BerichtBauer bauer;

    void setBauer(BerichtBauer b) {
        bauer = b;
    }

    Bericht schreibe(List<String> zeilen) {
        bauer.neu();
        bauer.titel("Hafen");
        zeilen.forEach(bauer::absatz);
        return bauer.ergebnis();
    }
}
