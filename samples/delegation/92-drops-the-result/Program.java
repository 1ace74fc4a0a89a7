interface Store {
    int put(String what, int count);

    int count(String what);
}

class Shed implements Store {
    private final java.util.Map<String, Integer> m = new java.util.HashMap<>();

    public int put(String w, int c) {
        return m.merge(w, c, Integer::sum);
    }

    public int count(String w) {
        return m.getOrDefault(w, 0);
    }
}

class Office implements Store {
    private final Store store;

    Office(Store store) {
        this.store = store;
    }

    public int put(String w, int c) {
        return store.put(w, c);
    }

    public int count(String w) {
        int n = store.count(w);
        n = 0;
        return n;
    }
}
