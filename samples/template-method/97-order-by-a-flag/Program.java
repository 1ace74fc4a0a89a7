abstract class Ausgabe {
    protected boolean kopfZuletzt;

    public final String schreibe() {
        StringBuilder b = new StringBuilder();
        if (!kopfZuletzt) b.append(kopf());
        b.append(rumpf());
        if (kopfZuletzt) b.append(kopf());
        return b.toString();
    }

    protected abstract String kopf();

    protected abstract String rumpf();
}

class Brief extends Ausgabe {
    protected String kopf() {
        return "Lieber Hafen";
    }

    protected String rumpf() {
        return "Text";
    }
}

class Zettel extends Ausgabe {
    Zettel() {
        kopfZuletzt = true;
    }

    protected String kopf() {
        return "Zettel";
    }

    protected String rumpf() {
        return "kurz";
    }
}
