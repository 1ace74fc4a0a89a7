import java.util.*;

interface Tier {
    String ruf();
}

class Kueken implements Tier {
    public String ruf() {
        return "piep";
    }
}

class Moewe implements Tier {
    public String ruf() {
        return "kra";
    }
}

class Regeln {
    private final Map<String, Integer> grenze = new HashMap<>();

    Regeln() {
        grenze.put("alter", 4711);
    }

    int alter() {
        return grenze.get("alter");
    }
}

class Nest {
    private final Regeln r = new Regeln();

    Tier tier(int tage) {
        return tage < r.alter() ? new Kueken() : new Moewe();
    }
}
