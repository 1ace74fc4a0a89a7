interface Anweisung {}

class Vor implements Anweisung {
    void fahreVor() {
        System.out.println("vor");
    }
}

class Dreh implements Anweisung {
    void dreheUm() {
        System.out.println("dreh");
    }
}

class Roboter {
    private final java.util.List<Anweisung> programm = new java.util.ArrayList<>();

    void lade(Anweisung a) {
        programm.add(a);
    }

    void start() {
        for (Anweisung a : programm) {
            switch (a.getClass().getSimpleName()) {
                case "Vor":
                    ((Vor) a).fahreVor();
                    break;
                case "Dreh":
                    ((Dreh) a).dreheUm();
                    break;
                default:
                    break;
            }
        }
    }
}
