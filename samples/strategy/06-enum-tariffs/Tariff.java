public enum Tariff {
    SUMMER {
        @Override
        double price(double metres, int nights) {
            return metres * 3.2 * nights;
        }
    },
    WINTER {
        @Override
        double price(double metres, int nights) {
            return metres * 1.1 * nights;
        }
    },
    CLUB {
        @Override
        double price(double metres, int nights) {
            return 5 * nights;
        }
    };

    abstract double price(double metres, int nights);
}
