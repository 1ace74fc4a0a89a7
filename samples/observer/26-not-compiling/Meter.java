import java.util.*;
class Meter {
    private List<Reader> readers = new ArrayList<>();
    private int kwh;
    void add(Reader r) { readers.add(r); }
    void remove(Reader r) { readers.remove(r); }
    void tick() {
        kwh++;
        for (Reader r : readers) {
            r.read(kwh);
        }
        undefinedMethod();
    }
}
interface Reader { void read(int kwh); }
class Office implements Reader {
    String last = 5;
    public void read(int kwh) { System.out.println(kwh); }
}
