interface Stelle { String genehmigen(int tonnen); }
class Hafenmeister implements Stelle {
    private final Lotse naechste = new Lotse();
    public String genehmigen(int tonnen) { return tonnen < 50 ? "Hafenmeister" : naechste.genehmigen(tonnen); }
}
class Lotse implements Stelle {
    private final Behoerde naechste = new Behoerde();
    public String genehmigen(int tonnen) { return tonnen < 500 ? "Lotse" : naechste.genehmigen(tonnen); }
}
class Behoerde implements Stelle { public String genehmigen(int tonnen) { return "Behoerde"; } }
