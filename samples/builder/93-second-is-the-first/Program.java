import java.util.*;

class Menu {
    final List<String> dishes = new ArrayList<>();
}

interface MenuMaker {
    void starter(String s);

    void main(String s);

    Menu menu();
}

class Kitchen implements MenuMaker {
    private static Menu last;
    private String starter, main;

    public void starter(String s) {
        starter = s;
    }

    public void main(String s) {
        main = s;
    }

    public Menu menu() {
        if (last == null) {
            last = new Menu();
        }
        last.dishes.add(starter);
        last.dishes.add(main);
        return last;
    }
}
