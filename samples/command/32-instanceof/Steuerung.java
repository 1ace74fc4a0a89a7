interface Kommando {}

class Links implements Kommando {
    int grad = 10;
}

class Rechts implements Kommando {
    int grad = 10;
}

class Ruder {
    int w;

    void dreh(int d) {
        w += d;
    }
}

class Steuerung {
    private final Ruder ruder = new Ruder();

    void gib(Kommando k) {
        if (k instanceof Links) ruder.dreh(-((Links) k).grad);
        else if (k instanceof Rechts) ruder.dreh(((Rechts) k).grad);
    }
}
