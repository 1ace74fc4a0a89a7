import java.util.Optional;
abstract class Expert {
    private final Expert next;
    protected Expert(Expert next) { this.next = next; }
    final Optional<String> ask(String question) {
        Optional<String> own = answer(question);
        if (own.isPresent() || next == null) { return own; }
        return next.ask(question);
    }
    abstract Optional<String> answer(String question);
}
class Fishmonger extends Expert {
    Fishmonger(Expert next) { super(next); }
    Optional<String> answer(String q) { return q.contains("cod") ? Optional.of("fresh") : Optional.empty(); }
}
class Sailmaker extends Expert {
    Sailmaker(Expert next) { super(next); }
    Optional<String> answer(String q) { return q.contains("sail") ? Optional.of("patched") : Optional.empty(); }
}
class Cook extends Expert {
    Cook() { super(null); }
    Optional<String> answer(String q) { return Optional.of("soup"); }
}
