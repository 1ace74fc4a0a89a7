import java.util.*;

interface Crew {
    List<String> names();

    void board(String who);
}

class RealCrew implements Crew {
    private final List<String> all = new ArrayList<>();

    public List<String> names() {
        return all;
    }

    public void board(String who) {
        all.add(who);
    }
}

class NobodyAboard implements Crew {
    private List<String> none;

    public List<String> names() {
        return none;
    }

    public void board(String who) {}
}

class Ship {
    private final Crew crew;

    Ship(Crew crew) {
        this.crew = crew;
    }

    int count() {
        return crew.names().size();
    }

    void take(String who) {
        crew.board(who);
    }
}
