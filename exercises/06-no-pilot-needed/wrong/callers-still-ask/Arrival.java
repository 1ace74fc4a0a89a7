package pilots;

public class Arrival {
    private final Roster roster;

    public Arrival(Roster roster) {
        this.roster = roster;
    }

    public int bring(String ship, String pier) {
        Pilot p = roster.at(pier);
        if (p instanceof NoPilot) {
            return 0;
        }
        p.guide(ship);
        return p.fee();
    }
}
