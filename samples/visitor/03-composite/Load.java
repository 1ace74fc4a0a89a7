import java.util.List;

sealed interface Load permits Parcel, Stack {
    void welcome(LoadVisitor v);
}

record Parcel(String to, int grams) implements Load {
    public void welcome(LoadVisitor v) {
        v.visitParcel(this);
    }
}

record Stack(List<Load> loads) implements Load {
    public void welcome(LoadVisitor v) {
        v.visitStack(this);
        loads.forEach(l -> l.welcome(v));
    }
}

interface LoadVisitor {
    void visitParcel(Parcel p);

    default void visitStack(Stack s) {}
}

class Weigher implements LoadVisitor {
    private int grams;

    @Override
    public void visitParcel(Parcel p) {
        grams += p.grams();
    }

    int grams() {
        return grams;
    }
}

class DepthMeter implements LoadVisitor {
    private int stacks;

    @Override
    public void visitParcel(Parcel p) {}

    @Override
    public void visitStack(Stack s) {
        stacks++;
    }
}
