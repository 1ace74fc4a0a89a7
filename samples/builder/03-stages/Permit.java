public class Permit {
    private final String ship;
    private final int berth;
    private final boolean night;

    Permit(String ship, int berth, boolean night) {
        this.ship = ship;
        this.berth = berth;
        this.night = night;
    }

    public static ShipStage forPermit() {
        return new Steps();
    }

    interface ShipStage {
        BerthStage ship(String name);
    }

    interface BerthStage {
        LastStage berth(int number);
    }

    interface LastStage {
        LastStage atNight();

        Permit issue();
    }

    private static class Steps implements ShipStage, BerthStage, LastStage {
        private String ship;
        private int berth;
        private boolean night;

        public BerthStage ship(String name) {
            ship = name;
            return this;
        }

        public LastStage berth(int number) {
            berth = number;
            return this;
        }

        public LastStage atNight() {
            night = true;
            return this;
        }

        public Permit issue() {
            return new Permit(ship, berth, night);
        }
    }
}
