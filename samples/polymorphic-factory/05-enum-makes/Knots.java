interface Knot {
    int turns(int rope);
}

class Bowline implements Knot {
    public int turns(int rope) {
        return rope / 3 + 1;
    }
}

class Hitch implements Knot {
    public int turns(int rope) {
        return rope > 10 ? 3 : 2;
    }
}

enum KnotKind {
    BOWLINE {
        @Override
        Knot make() {
            return new Bowline();
        }
    },
    HITCH {
        @Override
        Knot make() {
            return new Hitch();
        }
    };

    abstract Knot make();
}

class Rigger {
    int use(KnotKind kind, int rope) {
        return kind.make().turns(rope);
    }
}
