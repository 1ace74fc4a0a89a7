interface Bau {
    <C, R> R nimm(BauBesuch<C, R> b, C kontext);
}

final class Dach implements Bau {
    final double m2;

    Dach(double m2) {
        this.m2 = m2;
    }

    public <C, R> R nimm(BauBesuch<C, R> b, C k) {
        return b.dach(this, k);
    }
}

final class Keller implements Bau {
    final int raeume;

    Keller(int r) {
        raeume = r;
    }

    public <C, R> R nimm(BauBesuch<C, R> b, C k) {
        return b.keller(this, k);
    }
}

interface BauBesuch<C, R> {
    R dach(Dach d, C c);

    R keller(Keller k, C c);
}

class Kosten implements BauBesuch<Integer, Double> {
    public Double dach(Dach d, Integer jahr) {
        return d.m2 * (90 + jahr - 2030);
    }

    public Double keller(Keller k, Integer jahr) {
        return k.raeume * 1000.0;
    }
}
