public class Depot {
    private static Depot depot;

    private Depot() {
        if (depot != null) throw new IllegalStateException("only one");
    }

    public static Depot getDepot() {
        synchronized (Depot.class) {
            if (null == depot) {
                depot = new Depot();
            }
        }
        return depot;
    }

    private Object readResolve() {
        return depot;
    }

    @Override
    protected Object clone() throws CloneNotSupportedException {
        throw new CloneNotSupportedException();
    }
}
