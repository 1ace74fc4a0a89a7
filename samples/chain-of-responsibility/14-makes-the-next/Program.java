abstract class Expert {
    abstract String ask(String question);
}
class Fishmonger extends Expert {
    private final Expert next = new Sailmaker();
    String ask(String q) { return q.contains("cod") ? "fresh" : next.ask(q); }
}
class Sailmaker extends Expert {
    private final Expert next = new Cook();
    String ask(String q) { return q.contains("sail") ? "patched" : next.ask(q); }
}
class Cook extends Expert { String ask(String q) { return "soup"; } }
