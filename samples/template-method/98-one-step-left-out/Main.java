abstract class Docking {
    public void dock(String ship) {
        slowDown(ship);
        if (ship.length() > 40) {
            fender(ship);
        }
        System.out.println(ship + " is alongside");
    }
    protected abstract void slowDown(String ship);
    protected abstract void fender(String ship);
    protected abstract void moor(String ship);
}
class Bow extends Docking {
    protected void slowDown(String s) { System.out.println("half astern"); }
    protected void fender(String s) { System.out.println("fender at the bow"); }
    protected void moor(String s) { System.out.println("bow line"); }
}
class Stern extends Docking {
    protected void slowDown(String s) { System.out.println("stop"); }
    protected void fender(String s) { System.out.println("fender astern"); }
    protected void moor(String s) { System.out.println("stern line"); }
}
class Mole {
    public static void main(String[] args) { new Bow().dock("Nixe"); new Stern().dock("Alma"); }
}
