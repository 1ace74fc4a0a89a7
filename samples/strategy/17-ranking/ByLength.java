public class ByLength implements Ranking<Ship> {
    public double rank(Ship s) {
        return s.l;
    }
}
