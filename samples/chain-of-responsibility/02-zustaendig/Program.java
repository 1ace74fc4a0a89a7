interface Stelle { String genehmigen(int tonnen); }
class Hafenmeister implements Stelle {
    private final Stelle naechste;
    Hafenmeister(Stelle naechste) { this.naechste = naechste; }
    public String genehmigen(int tonnen) {
        if (tonnen < 50) return "Hafenmeister";
        return naechste.genehmigen(tonnen);
    }
}
class Lotse implements Stelle {
    private final Stelle naechste;
    Lotse(Stelle naechste) { this.naechste = naechste; }
    public String genehmigen(int tonnen) {
        return tonnen < 500 ? "Lotse" : naechste.genehmigen(tonnen);
    }
}
class Behoerde implements Stelle {
    public String genehmigen(int tonnen) { return "Behoerde"; }
}
class Einfahrt {
    private final Stelle erste;
    Einfahrt(Stelle erste) { this.erste = erste; }
    String melden(int tonnen) { return erste.genehmigen(tonnen); }
    public static void main(String[] args) {
        System.out.println(new Einfahrt(new Hafenmeister(new Lotse(new Behoerde()))).melden(120));
    }
}
