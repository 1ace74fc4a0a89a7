import java.util.*;

interface Sorter { List<String> sort(List<String> names); }
class ByName implements Sorter { public List<String> sort(List<String> n) { List<String> l = new ArrayList<>(n); Collections.sort(l); return l; } }
class ByLength implements Sorter { public List<String> sort(List<String> n) { List<String> l = new ArrayList<>(n); l.sort(Comparator.comparing(String::length)); return l; } }
class AsTheyCame implements Sorter { public List<String> sort(List<String> n) { return new ArrayList<>(n); } }
class BerthList {
    private final List<String> names = new ArrayList<>();
    private Sorter sorter = new AsTheyCame();
    void add(String n) { names.add(n); }
    void sortedBy(Sorter s) { Sorter sorter = s; if (sorter == null) throw new IllegalArgumentException(); }
    List<String> list() { return sorter.sort(names); }
    public static void main(String[] a) { BerthList b = new BerthList(); b.add("Zora"); b.add("Alma"); b.sortedBy(new ByName()); System.out.println(b.list()); }
}
