import java.util.*;

class Menu { private final String title; private final List<String> dishes; private final boolean fish; Menu(String t, List<String> d, boolean f) { title = t; dishes = d; fish = f; } List<String> dishes() { return dishes; } public String toString() { return title + dishes + (fish ? " with fish" : ""); } }
class MenuBuilder {
    private String title = "Menu"; private final List<String> dishes = new ArrayList<>(); private boolean fish;
    MenuBuilder called(String t) { if (t.length() > 30) throw new IllegalArgumentException("too long"); title = t; return this; }
    MenuBuilder dish(String d) { dishes.add(d); return this; }
    MenuBuilder withFish() { fish = true; return this; }
    Menu print() { Menu m = new Menu(title, dishes, fish); fish = false; return m; }
}
class Galley { public static void main(String[] a) { MenuBuilder b = new MenuBuilder().called("Monday").dish("soup"); Menu monday = b.print(); Menu tuesday = b.called("Tuesday").dish("stew").withFish().print(); System.out.println(monday + " " + tuesday); } }
