abstract class Tour {
    void start() {
        System.out.println("sammeln");
        weg();
        System.out.println("fertig");
    }

    abstract void weg();
}

class Hafentour extends Tour {
    @Override
    void start() {
        System.out.println("sammeln");
        System.out.println("Schwimmwesten");
        weg();
        System.out.println("fertig");
    }

    void weg() {
        System.out.println("Pier 1");
    }
}

class Nachttour extends Tour {
    @Override
    void start() {
        System.out.println("sammeln");
        System.out.println("Lampen");
        weg();
        System.out.println("fertig");
    }

    void weg() {
        System.out.println("Pier 2");
    }
}
