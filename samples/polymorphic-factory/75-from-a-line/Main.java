import java.util.*;
abstract class Notice {
    protected final String text;
    protected Notice(String text) { this.text = text; }
    abstract String show();
    static Notice parse(String line) {
        String[] p = Objects.requireNonNull(line, "line").split(":", 2);
        String kind = p[0].trim();
        String text = p.length > 1 ? p[1].trim() : "";
        return switch (kind) {
            case "warning", "!" -> new Warning(text);
            case "sale" -> {
                if (text.isBlank()) throw new IllegalArgumentException("a sale of nothing");
                yield new Sale(text, 10);
            }
            default -> new Plain(line);
        };
    }
}
class Warning extends Notice { Warning(String t) { super(t); } String show() { return "!! " + text.toUpperCase() + " !!"; } }
class Sale extends Notice {
    private final int percent;
    Sale(String t, int percent) { super(t); this.percent = percent; }
    String show() { return text + " -" + percent + "%"; }
}
class Plain extends Notice { Plain(String t) { super(t); } String show() { return text; } }
class NoticeBoard {
    private final List<Notice> notices = new ArrayList<>();
    void pin(String line) { notices.add(Notice.parse(line)); }
    String all() { StringBuilder b = new StringBuilder(); for (Notice n : notices) b.append(n.show()).append('\n'); return b.toString(); }
    public static void main(String[] a) {
        NoticeBoard n = new NoticeBoard(); n.pin("warning: fog"); n.pin("sale: rope"); n.pin("moin");
        System.out.print(n.all());
    }
}
