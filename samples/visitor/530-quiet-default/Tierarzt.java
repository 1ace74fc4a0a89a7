package zoll;

import java.util.ArrayList;
import java.util.List;

public class Tierarzt implements Kontrolle {
    private final List<String> gesehen = new ArrayList<>();

    public List<String> gesehen() {
        return gesehen;
    }

    @Override
    public void paket(Paket paket) {}

    @Override
    public void tier(Tier tier) {
        gesehen.add(tier.art());
    }
}
