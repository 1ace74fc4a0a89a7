import java.util.HashSet;
import java.util.Set;

public abstract class Area {
    private District parent;
    private final String name;

    protected Area(String name) {
        this.name = name;
    }

    void setParent(District parent) {
        this.parent = parent;
    }

    public String path() {
        return parent == null ? name : parent.path() + "/" + name;
    }

    public abstract int berths();

    public abstract boolean hasCrane();
}

class Quay extends Area {
    private final int length;

    Quay(String name, int length) {
        super(name);
        this.length = length;
    }

    @Override
    public int berths() {
        return length / 50;
    }

    @Override
    public boolean hasCrane() {
        return length > 200;
    }
}

class District extends Area {
    private final Set<Area> areas = new HashSet<>();

    District(String name) {
        super(name);
    }

    void include(Area a) {
        a.setParent(this);
        areas.add(a);
    }

    @Override
    public int berths() {
        int n = 0;
        for (Area a : areas) n += a.berths();
        return n;
    }

    @Override
    public boolean hasCrane() {
        return areas.stream().anyMatch(Area::hasCrane);
    }
}
