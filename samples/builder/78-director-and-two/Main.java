import java.util.*;
interface MenuBuilder {
    void starter(String dish);
    void main(String dish, int cents);
    void pudding(String dish);
}
class Galley {
    private final MenuBuilder b;
    Galley(MenuBuilder b) { this.b = b; }
    void sunday() { b.starter("broth"); b.main("plaice", 1450); b.pudding("red groats"); }
    void friday() { b.main("herring", 850); }
}
class Menu {
    private final List<String> lines = new ArrayList<>(); private int cents;
    void line(String l) { lines.add(l); }
    void costs(int c) { cents += c; }
    int cents() { return cents; }
    List<String> lines() { return lines; }
}
class CardBuilder implements MenuBuilder {
    private Menu menu = new Menu();
    public void starter(String d) { menu.line("First " + d); }
    public void main(String d, int c) { menu.line("Then " + d); menu.costs(c); }
    public void pudding(String d) { menu.line("Last " + d); }
    Menu take() { Menu m = menu; menu = new Menu(); return m; }
}
class HtmlBuilder implements MenuBuilder {
    private final StringBuilder html = new StringBuilder("<ul>");
    public void starter(String d) { item(d); }
    public void main(String d, int c) { item("<b>" + d + "</b> " + c / 100.0); }
    public void pudding(String d) { item("<i>" + d + "</i>"); }
    private void item(String s) { html.append("<li>").append(s).append("</li>"); }
    String page() { return html + "</ul>"; }
}
class Inn {
    public static void main(String[] args) {
        CardBuilder c = new CardBuilder(); new Galley(c).sunday();
        System.out.println(c.take().lines());
        HtmlBuilder h = new HtmlBuilder(); new Galley(h).friday();
        System.out.println(h.page());
    }
}
