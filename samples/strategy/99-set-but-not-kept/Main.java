interface Route { int miles(int from, int to); }
class Direct implements Route { public int miles(int f, int t) { return Math.abs(t - f); } }
class RoundTheIsland implements Route { public int miles(int f, int t) { return Math.abs(t - f) + 14; } }
class Navigator {
    private Route route = new Direct();
    private int speed;
    Navigator(int speed) { this.speed = speed; }
    void setRoute(Route route) { route = route; }
    double hours(int from, int to) { return route.miles(from, to) / (double) speed; }
    public static void main(String[] args) {
        Navigator n = new Navigator(6);
        n.setRoute(new RoundTheIsland());
        System.out.println(n.hours(2, 20));
    }
}
