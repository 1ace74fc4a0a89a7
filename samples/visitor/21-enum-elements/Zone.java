import java.util.*;

interface Zone {
    void take(ZoneVisitor v);
}

enum Water implements Zone {
    INNER,
    OUTER;

    public void take(ZoneVisitor v) {
        v.water(this);
    }
}

class Land implements Zone {
    final String owner;

    Land(String o) {
        owner = o;
    }

    public void take(ZoneVisitor v) {
        v.land(this);
    }
}

interface ZoneVisitor {
    void water(Water w);

    void land(Land l);
}

class Survey implements ZoneVisitor {
    int n;

    public void water(Water w) {
        n += w.ordinal();
    }

    public void land(Land l) {
        n += l.owner.length();
    }
}

class Sketch implements ZoneVisitor {
    public void water(Water w) {
        System.out.print("~");
    }

    public void land(Land l) {
        System.out.print("#");
    }
}
