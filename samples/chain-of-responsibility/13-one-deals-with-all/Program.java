interface Alarm { boolean handle(int level); }
class Everything implements Alarm {
    private final Alarm next;
    private int shots;
    Everything(Alarm next) { this.next = next; }
    public boolean handle(int level) {
        if (level < 3) { shots += 1; return true; }
        if (level < 6) { shots += 2; return true; }
        return next != null && next.handle(level);
    }
}
