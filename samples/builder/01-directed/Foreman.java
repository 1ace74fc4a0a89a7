package build;

public class Foreman {
    private final HouseBuilder builder;

    public Foreman(HouseBuilder builder) {
        this.builder = builder;
    }

    public House construct() {
        builder.begin();
        builder.walls();
        builder.roof();
        return builder.finish();
    }
}
