import java.util.*;

abstract class Lesung {
    final StringBuilder gesagt = new StringBuilder();
    public void halten(String ort) { begruessen(ort); vorlesen(3); verabschieden(); }
    protected void begruessen(String ort) { gesagt.append("Moin ").append(ort).append(". "); }
    protected abstract void vorlesen(int seiten);
    protected void verabschieden() { gesagt.append("Tschüss."); }
}
class Krimiabend extends Lesung { protected void vorlesen(int s) { gesagt.append(s).append(" Seiten Mord. "); } protected void begruessen() { gesagt.append("Pst! "); } }
class Kinderstunde extends Lesung { protected void vorlesen(int s) { gesagt.append(s * 2).append(" Bilder. "); } protected void verabschieden(String kind) { gesagt.append("Bis bald ").append(kind); } }
class Buecherei { public static void main(String[] a) { Lesung l = new Krimiabend(); l.halten("Nordhafen"); System.out.println(l.gesagt); } }
