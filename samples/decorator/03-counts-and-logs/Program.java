import java.util.ArrayList;
import java.util.List;
interface Scale { double weigh(String crate); }
class DockScale implements Scale {
    public double weigh(String crate) { return crate.length() * 1.5; }
}
class CountingScale implements Scale {
    private final Scale scale;
    private int weighed;
    CountingScale(Scale scale) { this.scale = scale; }
    public double weigh(String crate) { weighed++; return scale.weigh(crate); }
    int weighed() { return weighed; }
}
class LoggingScale implements Scale {
    private final Scale scale;
    private final List<String> lines = new ArrayList<>();
    LoggingScale(Scale s) { scale = java.util.Objects.requireNonNull(s); }
    public double weigh(String crate) {
        double w = scale.weigh(crate);
        lines.add(crate + ": " + w);
        return w;
    }
    List<String> lines() { return List.copyOf(lines); }
}
