interface Wind { int knots(); String from(); Wind gust(int by); }
class RealWind implements Wind {
    private final int k; private final String f;
    RealWind(int k, String f) { this.k = k; this.f = f; }
    public int knots() { return k; }
    public String from() { return f; }
    public Wind gust(int by) { return new RealWind(k + by, f); }
}
class Calm implements Wind {
    public int knots() { return 0; }
    public String from() { return null; }
    public Wind gust(int by) { return this; }
}
class Sailor {
    private Wind wind = new Calm();
    void feels(Wind w) { wind = w; }
    String says() { return wind.gust(2).knots() > 10 ? "reef, " + wind.from().toLowerCase() : "fine"; }
    public static void main(String[] a) {
        Sailor s = new Sailor(); System.out.println(s.says());
        s.feels(new RealWind(12, "NW")); System.out.println(s.says());
    }
}
