public class Lock {
    private static Toll toll;

    public Lock(Toll toll) {
        if (Lock.toll == null) {
            Lock.toll = toll;
        }
    }

    public int passage(int metres) {
        return toll.take(metres);
    }
}
