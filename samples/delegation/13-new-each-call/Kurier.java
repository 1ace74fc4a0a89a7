interface Bote {
    void bringe(String paket);

    int anzahl();
}

class Radbote implements Bote {
    private int n;

    public void bringe(String paket) {
        n++;
        System.out.println("Rad: " + paket);
    }

    public int anzahl() {
        return n;
    }
}

class Kurierdienst implements Bote {
    public void bringe(String paket) {
        new Radbote().bringe(paket);
    }

    public int anzahl() {
        return new Radbote().anzahl();
    }
}
