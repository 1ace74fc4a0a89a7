package pilots;

public interface Pilot {
    String name();

    void guide(String ship);

    int fee();
}
