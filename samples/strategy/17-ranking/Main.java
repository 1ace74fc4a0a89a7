public class Main {
    public static void main(String[] a) {
        Ranker<Ship> r = new Ranker<>(new ByLength());
        r.put(new Ship(3));
        System.out.println(r.best());
        r.change(s -> -s.l);
        System.out.println(r.best());
    }
}
