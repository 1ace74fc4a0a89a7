public class HarbourMaster {
    private static HarbourMaster instance;
    private final String name;
    private int decisions;
    private HarbourMaster(String name) { this.name = name; }
    public static synchronized HarbourMaster getInstance(String name) {
        if (instance == null || !instance.name.equals(name)) {
            instance = new HarbourMaster(name);
        }
        return instance;
    }
    public String name() { return name; }
    public int decide() { return ++decisions; }
}
class Office {
    public static void main(String[] args) {
        HarbourMaster a = HarbourMaster.getInstance("Wiebke");
        a.decide();
        System.out.println(HarbourMaster.getInstance("Tjark").decide());
    }
}
