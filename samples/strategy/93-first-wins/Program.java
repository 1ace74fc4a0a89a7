interface Sorting {
    void sort(java.util.List<String> l);
}

class ByName implements Sorting {
    public void sort(java.util.List<String> l) {
        java.util.Collections.sort(l);
    }
}

class ByLength implements Sorting {
    public void sort(java.util.List<String> l) {
        l.sort(java.util.Comparator.comparingInt(String::length));
    }
}

class Roster {
    private Sorting s;

    Roster(Sorting s) {
        this.s = s;
    }

    void use(Sorting other) {
        if (s == null) s = other;
    }

    java.util.List<String> list(java.util.List<String> names) {
        java.util.List<String> c = new java.util.ArrayList<>(names);
        s.sort(c);
        return c;
    }
}
