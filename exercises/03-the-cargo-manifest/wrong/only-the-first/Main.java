package cargo;

public class Main {
    public static void main(String[] args) {
        Container outer = new Container("NH-1");
        Container inner = new Container("NH-2");
        inner.add(new Crate("tea", 40));
        outer.add(inner);
        outer.add(new Crate("rope", 80));
        System.out.println(outer.weight());
    }
}
