public class Voyage {
    private final String from, to; private final int crew; private final boolean pilot;
    private Voyage(String from, String to, int crew, boolean pilot) {
        this.from = from; this.to = to; this.crew = crew; this.pilot = pilot;
    }
    public String from() { return from; }
    public String to() { return to; }
    public int crew() { return crew; }
    public boolean pilot() { return pilot; }
    public static class Builder {
        private String from = "", to = ""; private int crew = 1; private boolean pilot;
        public Builder from(String from) { this.from = from; return this; }
        public Builder to(String to) { this.to = to; return this; }
        public Builder crew(int crew) { this.crew = crew; return this; }
        public Builder pilot(boolean pilot) { this.pilot = pilot; return this; }
        public Voyage build() { return new Voyage(from, to, 1, pilot); }
    }
    public static void main(String[] args) {
        System.out.println(new Builder().from("Mole").to("Insel").crew(4).pilot(true).build().crew());
    }
}
