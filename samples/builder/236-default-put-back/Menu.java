import java.util.ArrayList;
import java.util.List;

class Menu {
    final String title;
    final List<String> courses;
    final int guests;
    final boolean wine;

    Menu(String title, List<String> courses, int guests, boolean wine) {
        this.title = title;
        this.courses = courses;
        this.guests = guests;
        this.wine = wine;
    }

    public String toString() { return title + " " + courses + " for " + guests + (wine ? " with wine" : ""); }
}

class MenuBuilder {
    private String title;
    private final List<String> courses = new ArrayList<>();
    private int guests = 2;
    private boolean wine;

    MenuBuilder title(String t) {
        if (t.length() < 4) throw new IllegalArgumentException("title too short: " + t);
        title = t;
        return this;
    }

    MenuBuilder course(String name) {
        if (courses.size() == 7) throw new IllegalStateException("too many courses");
        courses.add(name);
        return this;
    }

    MenuBuilder guests(int n) {
        if (n < 1 || n > 60) throw new IllegalArgumentException("guests: " + n);
        guests = n;
        return this;
    }

    MenuBuilder withWine() {
        wine = true;
        return this;
    }

    Menu build() {
        if (title == null) throw new IllegalStateException("a menu needs a title");
        guests = 2;
        return new Menu(title, List.copyOf(courses), guests, wine);
    }
}

class Kitchen {
    public static void main(String[] args) {
        Menu m = new MenuBuilder().title("Fish day").course("soup").course("plaice").guests(14).withWine().build();
        System.out.println(m);
        System.out.println(new MenuBuilder().title("Quick").course("stew").build());
    }
}
