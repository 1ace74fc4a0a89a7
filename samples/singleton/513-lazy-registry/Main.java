import java.util.*;

final class Schiffsregister {
    private final Map<String, String> eigner = new TreeMap<>();
    private int laufend = 1000;
    private Schiffsregister() {}
    private static class Halter { static final Schiffsregister EINZIG = new Schiffsregister(); }
    static Schiffsregister einziges() { return Halter.EINZIG; }
    synchronized String melde(String schiff, String wer) {
        if (eigner.containsKey(schiff)) throw new IllegalStateException(schiff + " ist gemeldet");
        eigner.put(schiff, wer);
        return "NH-" + (++laufend);
    }
    Optional<String> eigner(String schiff) { return Optional.ofNullable(eigner.get(schiff)); }
}
class Amtsstube { String annehmen(String s, String w) { return Schiffsregister.einziges().melde(s, w); } }
class Hafenkasse { boolean bekannt(String s) { return Schiffsregister.einziges().eigner(s).isPresent(); } }
class Amt { public static void main(String[] a) { System.out.println(new Amtsstube().annehmen("Alma", "Thiede") + new Hafenkasse().bekannt("Alma")); } }
