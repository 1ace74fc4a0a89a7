import java.util.*;

interface Node {
    boolean contains(String word);

    Optional<Node> find(String name);

    int depth();

    boolean allLocked();

    void lock();
}

class Box implements Node {
    private final String name;
    private boolean locked;

    Box(String name) {
        this.name = name;
    }

    public boolean contains(String w) {
        return name.contains(w);
    }

    public Optional<Node> find(String n) {
        return name.equals(n) ? Optional.of(this) : Optional.empty();
    }

    public int depth() {
        return 1;
    }

    public boolean allLocked() {
        return locked;
    }

    public void lock() {
        locked = true;
    }
}

class Hold implements Node {
    private final String name;
    private final List<Node> inside;

    Hold(String name, Node... inside) {
        this.name = name;
        this.inside = new ArrayList<>(Arrays.asList(inside));
    }

    public boolean contains(String w) {
        return name.contains(w) || inside.stream().anyMatch(n -> n.contains(w));
    }

    public Optional<Node> find(String n) {
        if (name.equals(n)) return Optional.of(this);
        return inside.stream()
                .map(i -> i.find(n))
                .filter(Optional::isPresent)
                .map(Optional::get)
                .findFirst();
    }

    public int depth() {
        return 1 + inside.stream().mapToInt(Node::depth).max().orElse(0);
    }

    public boolean allLocked() {
        for (Node n : inside) if (!n.allLocked()) return false;
        return true;
    }

    public void lock() {
        inside.forEach(Node::lock);
    }
}
