import java.util.*;

abstract class Import {
    int run(List<String> rows) {
        before();
        int n = 0;
        for (String row : rows) {
            n += one(row);
        }
        return n;
    }

    private int one(String row) {
        String[] parts = split(row);
        if (!accepts(parts)) return 0;
        store(parts);
        return 1;
    }

    void before() {}

    abstract String[] split(String row);

    boolean accepts(String[] parts) {
        return true;
    }

    abstract void store(String[] parts);
}

class ManifestImport extends Import {
    final Map<String, Integer> tons = new TreeMap<>();

    String[] split(String row) {
        return row.split(";");
    }

    @Override
    boolean accepts(String[] parts) {
        return parts.length == 2;
    }

    void store(String[] parts) {
        tons.put(parts[0], Integer.parseInt(parts[1]));
    }
}

class CrewImport extends Import {
    final Set<String> names = new HashSet<>();

    String[] split(String row) {
        return row.split(",");
    }

    void store(String[] parts) {
        names.addAll(Arrays.asList(parts));
    }
}
