abstract class Desk {
    private Desk next;

    Desk followedBy(Desk next) {
        this.next = next;
        return next;
    }

    String complain(String about) {
        if (isMine(about)) {
            return answer(about);
        }
        return next == null ? "nobody cares" : next.complain(about);
    }

    protected abstract boolean isMine(String about);

    protected abstract String answer(String about);
}
