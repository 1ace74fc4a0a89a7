abstract class Ablauf {
    abstract void vorbereiten();

    abstract void ausfuehren();

    abstract void aufraeumen();
}

class Festmachen extends Ablauf {
    void vorbereiten() {
        System.out.println("Fender");
    }

    void ausfuehren() {
        System.out.println("Leine");
    }

    void aufraeumen() {
        System.out.println("Deck");
    }

    void alles() {
        vorbereiten();
        ausfuehren();
        aufraeumen();
    }
}

class Ablegen extends Ablauf {
    void vorbereiten() {
        System.out.println("Motor");
    }

    void ausfuehren() {
        System.out.println("los");
    }

    void aufraeumen() {
        System.out.println("Fender rein");
    }

    void alles() {
        vorbereiten();
        ausfuehren();
        aufraeumen();
    }
}
