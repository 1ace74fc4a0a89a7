package pier;

public class Shift {

    public static void main(String[] args) {
        Depot depot = new Depot();
        Desk desk = new Desk(new Reader(depot));
        String[] lines = {
            "open A-07", "open A-08", "open A-07", "open 3", "put A-07 40", "put A-07 30", "put A-08 12", "back", "back",
            "back", "lift A-07", "put A-07", "back"
        };
        for (String line : lines) {
            System.out.println(line + " -> " + desk.typed(line) + " " + depot);
        }
    }
}
