import java.util.*;
import java.util.function.*;

interface Signal {
    String zeige();
}

class Blink implements Signal {
    public String zeige() {
        return "*";
    }
}

class Dauer implements Signal {
    public String zeige() {
        return "-";
    }
}

class Aus implements Signal {
    public String zeige() {
        return "";
    }
}

class Signale {
    private static final Map<String, Supplier<Signal>> ARTEN = Map.of("blink", Blink::new, "dauer", Dauer::new);

    static Signal von(String art) {
        return ARTEN.getOrDefault(art == null ? "" : art.toLowerCase(Locale.ROOT), Aus::new)
                .get();
    }
}

class Turm {
    String nacht(List<String> arten) {
        StringBuilder b = new StringBuilder();
        for (String a : arten) b.append(Signale.von(a).zeige());
        return b.toString();
    }
}
