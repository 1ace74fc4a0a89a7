public class Main {
    public static void main(String[] args) {
        HarbourLog.get().enter("Kormoran moors");
        HarbourLog.get().enter("Tordalk sails");
        System.out.println(HarbourLog.get().size());
    }
}
