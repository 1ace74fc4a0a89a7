import java.util.*;

interface Fund { void zeige(Kurator k); }
class Anker implements Fund { public void zeige(Kurator k) { k.anker(this); } }
class Kanne implements Fund { public void zeige(Kurator k) { k.kanne(this); } }
class Tau extends Anker { private final int meter; Tau(int m) { meter = m; } int meter() { return meter; } }
interface Kurator { void anker(Anker a); void kanne(Kanne k); void tau(Tau t); }
class Inventar implements Kurator { int anker, kannen, tau; public void anker(Anker a) { anker++; } public void kanne(Kanne k) { kannen++; } public void tau(Tau t) { tau += t.meter(); } }
class Schild implements Kurator { String text = ""; public void anker(Anker a) { text = "Anker"; } public void kanne(Kanne k) { text = "Kanne"; } public void tau(Tau t) { text = "Tau, " + t.meter() + " m"; } }
class Museum { public static void main(String[] a) { Inventar i = new Inventar(); for (Fund f : List.of(new Anker(), new Kanne(), new Tau(12))) f.zeige(i); System.out.println(i.anker + " " + i.tau); } }
