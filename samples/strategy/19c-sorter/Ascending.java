public class Ascending implements Sorter.Order {
    public boolean before(int a, int b) {
        return a < b;
    }
}
