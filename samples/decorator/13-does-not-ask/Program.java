interface Scale { double weigh(String crate); }
class DockScale implements Scale { public double weigh(String crate) { return crate.length() * 1.5; } }
class CountingScale implements Scale {
    private final Scale scale;
    private int weighed;
    CountingScale(Scale scale) { this.scale = scale; }
    public double weigh(String crate) { weighed++; return crate.length() * 1.5; }
    Scale scale() { return scale; }
}
