package zoll;

public interface Inspectable {
    void accept(Kontrolle kontrolle);
}
