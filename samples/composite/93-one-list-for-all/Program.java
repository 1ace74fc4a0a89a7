import java.util.*;

interface Section {
    void print(String indent);
}

class Paragraph implements Section {
    private final String text;

    Paragraph(String text) {
        this.text = text;
    }

    public void print(String indent) {
        System.out.println(indent + text);
    }
}

class Chapter implements Section {
    private static final List<Section> parts = new ArrayList<>();
    private final String title;

    Chapter(String title) {
        this.title = title;
    }

    void add(Section s) {
        parts.add(s);
    }

    void remove(Section s) {
        parts.remove(s);
    }

    public void print(String indent) {
        System.out.println(indent + title);
        for (Section s : parts) s.print(indent + "  ");
    }
}
