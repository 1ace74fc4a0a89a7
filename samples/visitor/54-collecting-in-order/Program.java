import java.util.*;

interface Item {
    void accept(ItemVisitor v);
}

interface ItemVisitor {
    void visit(Rope r);

    void visit(Anchor a);

    void visit(Chest c);
}

class Rope implements Item {
    private final int metres;

    Rope(int metres) {
        if (metres <= 0) throw new IllegalArgumentException("metres");
        this.metres = metres;
    }

    int metres() {
        return metres;
    }

    public void accept(ItemVisitor v) {
        v.visit(this);
    }
}

class Anchor implements Item {
    private final double kilos;

    Anchor(double kilos) {
        this.kilos = kilos;
    }

    double kilos() {
        return kilos;
    }

    public void accept(ItemVisitor v) {
        v.visit(this);
    }
}

class Chest implements Item {
    private final List<Item> inside = new ArrayList<>();

    Chest(Item... items) {
        inside.addAll(List.of(items));
    }

    public void accept(ItemVisitor v) {
        v.visit(this);
        inside.forEach(i -> i.accept(v));
    }
}

class Weight implements ItemVisitor {
    double kilos;

    public void visit(Rope r) {
        kilos += r.metres() * 0.2;
    }

    public void visit(Anchor a) {
        kilos += a.kilos();
    }

    public void visit(Chest c) {
        kilos += 12;
    }
}

class Inventory implements ItemVisitor {
    final List<String> lines = new ArrayList<>();

    public void visit(Rope r) {
        lines.add("rope " + r.metres());
    }

    public void visit(Anchor a) {
        lines.add("anchor");
    }

    public void visit(Chest c) {
        lines.add("chest");
    }
}
