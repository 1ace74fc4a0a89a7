import java.util.*;

class Teil {
    double kg;

    Teil(double kg) {
        this.kg = kg;
    }

    double gewicht() {
        return kg;
    }
}

class Baugruppe {
    List<Teil> teile = new ArrayList<>();
    String name;

    void add(Teil t) {
        teile.add(t);
    }

    double gewicht() {
        double s = 0;
        for (Teil t : teile) s += t.gewicht();
        return s;
    }
}
