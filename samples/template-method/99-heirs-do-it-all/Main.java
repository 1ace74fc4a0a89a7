abstract class Mooring {
    abstract void moor(String ship);
    protected void throwLine(String s) { System.out.println("line to " + s); }
    protected void makeFast(String s) { System.out.println(s + " is fast"); }
}
class PierMooring extends Mooring {
    void moor(String s) { throwLine(s); System.out.println("step ashore"); makeFast(s); }
}
class BuoyMooring extends Mooring {
    void moor(String s) { throwLine(s); System.out.println("pick up the buoy"); makeFast(s); }
}
class Skipper {
    public static void main(String[] a) { new PierMooring().moor("Nixe"); new BuoyMooring().moor("Alma"); }
}
