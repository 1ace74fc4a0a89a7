public class Demo {
    public static void main(String[] x) {
        Sorter s = new Sorter().by(new Ascending());
        System.out.println(s.sort(3, 1).length);
        s.by((a, b) -> a > b);
        System.out.println(s.sort(3, 1).length);
    }
}
