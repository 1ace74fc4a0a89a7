public final class Lamp implements Signal {
    private final String morse;

    public Lamp(String morse) {
        this.morse = morse;
    }

    public String morse() {
        return morse;
    }
}
