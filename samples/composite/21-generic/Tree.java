import java.util.*;

abstract class Node<T extends Number> {
    abstract double total();

    void print(String indent) {
        System.out.println(indent + total());
    }
}

class Value<T extends Number> extends Node<T> {
    private final T value;

    Value(T value) {
        this.value = value;
    }

    double total() {
        return value.doubleValue();
    }
}

class Branch<T extends Number> extends Node<T> {
    private final Deque<Node<T>> kids = new ArrayDeque<>();

    Branch<T> with(Node<T> kid) {
        kids.addLast(kid);
        return this;
    }

    double total() {
        double t = 0;
        for (Iterator<Node<T>> it = kids.iterator(); it.hasNext(); ) {
            t += it.next().total();
        }
        return t;
    }

    @Override
    void print(String indent) {
        super.print(indent);
        kids.forEach(k -> k.print(indent + " "));
    }
}
