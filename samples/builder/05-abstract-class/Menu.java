import java.util.ArrayList;
import java.util.List;

class Menu {
    final List<String> courses = new ArrayList<>();

    void add(String course) {
        courses.add(course);
    }
}

abstract class MenuBuilder {
    protected Menu menu = new Menu();

    abstract void starter();

    abstract void main();

    void dessert() {}

    Menu getMenu() {
        Menu ready = menu;
        menu = new Menu();
        return ready;
    }
}

class FishMenu extends MenuBuilder {
    void starter() {
        menu.add("soup");
    }

    void main() {
        menu.add("cod");
    }
}

class SweetMenu extends MenuBuilder {
    void starter() {
        menu.add("melon");
    }

    void main() {
        menu.add("pancakes");
    }

    @Override
    void dessert() {
        menu.add("ice");
    }
}

class Kitchen {
    Menu cook(MenuBuilder b, boolean sweet) {
        b.starter();
        b.main();
        if (sweet) {
            b.dessert();
        }
        return b.getMenu();
    }
}
