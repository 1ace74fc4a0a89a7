import java.util.*;
interface Store<K, V> { void put(K key, V value); Optional<V> get(K key); boolean remove(K key); int size(); }
class MapStore<K, V> implements Store<K, V> {
    private final Map<K, V> map = new HashMap<>();
    public void put(K key, V value) { map.put(key, value); }
    public Optional<V> get(K key) { return Optional.ofNullable(map.get(key)); }
    public boolean remove(K key) { return map.remove(key) != null; }
    public int size() { return map.size(); }
}
class CountingStore<K, V> implements Store<K, V> {
    private final Store<K, V> inner;
    private int reads, misses;
    CountingStore(Store<K, V> inner) { this.inner = inner; }
    public void put(K key, V value) { inner.put(key, value); }
    public Optional<V> get(K key) {
        reads++;
        Optional<V> v = inner.get(key);
        if (v.isEmpty()) misses++;
        return v;
    }
    public boolean remove(K key) { return inner.remove(key); }
    public int size() { return inner.size(); }
    double missRate() { return reads == 0 ? 0 : (double) misses / reads; }
}
class Register {
    public static void main(String[] a) {
        CountingStore<String, Integer> s = new CountingStore<>(new MapStore<>());
        s.put("Nixe", 3);
        System.out.println(s.get("Nixe").orElse(0) + s.get("Alma").orElse(-1) + " " + s.missRate() + s.size());
    }
}
