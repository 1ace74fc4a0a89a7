interface Alarm { boolean handle(int level); void then(Alarm next); }
abstract class Linked implements Alarm {
    protected Alarm next;
    public void then(Alarm next) { this.next = next; }
    protected boolean passOn(int level) { return next != null && next.handle(level); }
}
class Bell extends Linked {
    private int rung;
    public boolean handle(int level) {
        if (level > 3) return passOn(level);
        rung++;
        return true;
    }
}
class Siren extends Linked {
    private int wailed;
    public boolean handle(int level) {
        if (level > 6) { return passOn(level); }
        wailed += level;
        return true;
    }
}
class Cannon extends Linked {
    private int shots;
    public boolean handle(int level) {
        if (level > 9) return passOn(level);
        shots++;
        return true;
    }
}
