public class HarbourOffice {
    private static HarbourOffice instance;
    private int visitors;

    private HarbourOffice() {}

    public static HarbourOffice getInstance() {
        if (instance == null) {
            instance = new HarbourOffice();
        }
        return instance;
    }

    public void enter() {
        visitors++;
    }

    public int getVisitors() {
        return visitors;
    }
}
