import java.util.*;

interface Flag { String colours(); int hoist(); }
class National implements Flag { public String colours() { return "blue-white"; } public int hoist() { return 3; } }
class Quarantine implements Flag { public String colours() { return "yellow"; } public int hoist() { return 1; } }
class PilotFlag implements Flag { public String colours() { return "red-white"; } public int hoist() { return 2; } }
class FlagLocker {
    Flag take(char letter) { return switch (letter) { case 'N' -> new National(); case 'Q' -> new Quarantine(); default -> throw new IllegalArgumentException("no flag " + letter); }; }
}
class Signaller {
    private final FlagLocker locker = new FlagLocker();
    String signal(String word) {
        StringBuilder s = new StringBuilder();
        for (char c : word.toCharArray()) { Flag f = c == 'P' ? new PilotFlag() : locker.take(c); s.append(f.colours()).append(f.hoist()).append(' '); }
        return s.toString();
    }
    public static void main(String[] a) { System.out.println(new Signaller().signal("NQP")); }
}
