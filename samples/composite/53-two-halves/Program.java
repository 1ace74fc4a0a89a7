sealed interface Ausdruck permits Zahl, Summe, Produkt {
    int wert();

    String text();
}

record Zahl(int wert) implements Ausdruck {
    public String text() {
        return "" + wert;
    }
}

record Summe(Ausdruck links, Ausdruck rechts) implements Ausdruck {
    public int wert() {
        return links.wert() + rechts.wert();
    }

    public String text() {
        return "(" + links.text() + "+" + rechts.text() + ")";
    }
}

record Produkt(Ausdruck links, Ausdruck rechts) implements Ausdruck {
    public int wert() {
        int l = links.wert();
        return l == 0 ? 0 : l * rechts.wert();
    }

    public String text() {
        return links.text() + "*" + rechts.text();
    }
}
