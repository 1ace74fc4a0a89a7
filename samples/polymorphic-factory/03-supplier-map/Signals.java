import java.util.Map;
import java.util.function.Supplier;

interface Signal {
    String show();
}

class RedSignal implements Signal {
    public String show() {
        return "stop" + "!".repeat(3);
    }
}

class GreenSignal implements Signal {
    public String show() {
        return "go";
    }
}

class WhiteSignal implements Signal {
    private int blinks;

    public String show() {
        blinks++;
        return "careful " + blinks;
    }
}

class Signals {
    private static final Map<String, Supplier<Signal>> MAKERS =
            Map.of("red", RedSignal::new, "green", GreenSignal::new, "white", () -> new WhiteSignal());

    static Signal of(String colour) {
        Supplier<Signal> maker = MAKERS.get(colour);
        if (maker == null) {
            throw new IllegalArgumentException("no signal " + colour);
        }
        return maker.get();
    }
}
