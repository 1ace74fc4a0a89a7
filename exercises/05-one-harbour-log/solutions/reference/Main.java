public class Main {
    public static void main(String[] args) {
        HarbourOffice.getInstance().enter();
        System.out.println(HarbourOffice.getInstance().getVisitors());
    }
}
