package zoll;

public interface Kontrolle {
    void paket(Paket paket);

    void tier(Tier tier);

    default void palette(Palette palette) {}
}
