abstract class Desk {
    protected Desk next;
    void followedBy(Desk next) { this.next = next; }
    abstract String complain(String about);
}
class FeeDesk extends Desk { String complain(String about) { return about.contains("fee") ? "pay first" : "not mine"; } }
class NoiseDesk extends Desk { String complain(String about) { return about.contains("noise") ? "close the window" : "not mine"; } }
