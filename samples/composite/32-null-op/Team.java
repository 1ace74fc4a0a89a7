import java.util.*;

abstract class Unit {
    abstract int power();

    abstract void move();
}

class Scout extends Unit {
    int power() {
        return 2;
    }

    void move() {
        System.out.println("s");
    }
}

class Army extends Unit {
    List<Unit> units = new ArrayList<>();

    void addUnit(Unit u) {
        units.add(u);
    }

    int power() {
        return 0;
    }

    void move() {}
}
