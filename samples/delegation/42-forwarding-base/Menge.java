import java.util.*;

interface Korb {
    boolean rein(String s);

    int groesse();
}

class EinfacherKorb implements Korb {
    final Set<String> s = new HashSet<>();

    public boolean rein(String x) {
        return s.add(x);
    }

    public int groesse() {
        return s.size();
    }
}

class KorbHuelle implements Korb {
    private final Korb k;

    KorbHuelle(Korb k) {
        this.k = Objects.requireNonNull(k);
    }

    public boolean rein(String x) {
        return k.rein(x);
    }

    public int groesse() {
        return k.groesse();
    }
}

class ZaehlKorb extends KorbHuelle {
    int versuche;

    ZaehlKorb(Korb k) {
        super(k);
    }

    @Override
    public boolean rein(String x) {
        versuche++;
        return super.rein(x);
    }
}
