abstract class Lotse {
    abstract String gruss();

    abstract int kosten(int stunden);

    boolean istNull() {
        return false;
    }
}

class Revierlotse extends Lotse {
    private final String name;

    Revierlotse(String name) {
        this.name = name;
    }

    String gruss() {
        return "Moin, " + name;
    }

    int kosten(int stunden) {
        return 90 * stunden;
    }
}

class KeinLotse extends Lotse {
    String gruss() {
        return "kein Lotse an Bord";
    }

    int kosten(int stunden) {
        return 0;
    }

    @Override
    boolean istNull() {
        return true;
    }
}

class Buchung {
    private Lotse lotse = new KeinLotse();

    void lotse(Lotse l) {
        if (l == null) {
            this.lotse = new KeinLotse();
        } else {
            this.lotse = l;
        }
    }

    String zeile(int h) {
        return lotse.gruss() + " " + lotse.kosten(h);
    }
}
