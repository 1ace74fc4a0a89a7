import java.util.*;

interface Printer { void print(String line); int lines(); }
class PaperPrinter implements Printer { private final List<String> paper = new ArrayList<>(); public void print(String l) { paper.add(l); } public int lines() { return paper.size(); } }
class ScreenPrinter implements Printer { private int n; public void print(String l) { n++; System.out.println(l); } public int lines() { return n; } }
class Office implements Printer {
    private Printer printer;
    private final String head;
    Office(String head, Printer printer) { this.head = head; this.printer = printer; }
    public void print(String line) { printer.print(head + line); }
    public int lines() { return new PaperPrinter().lines(); }
}
class Day { public static void main(String[] a) { Office o = new Office("> ", new PaperPrinter()); o.print("one"); System.out.println(o.lines()); } }
