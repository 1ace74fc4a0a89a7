import java.util.*;

interface Fracht {
    List<String> papiere();

    int tonnen();
}

class Container implements Fracht {
    List<String> p = new ArrayList<>();

    public List<String> papiere() {
        return p;
    }

    public int tonnen() {
        return 20 + p.size();
    }
}

class LeereFracht implements Fracht {
    public List<String> papiere() {
        return null;
    }

    public int tonnen() {
        return 0;
    }
}

class Zoll {
    int pruefe(Fracht f) {
        return f.papiere().size() + f.tonnen();
    }
}
