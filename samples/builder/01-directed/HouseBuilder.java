package build;

public interface HouseBuilder {
    void begin();

    void walls();

    void roof();

    House finish();
}
