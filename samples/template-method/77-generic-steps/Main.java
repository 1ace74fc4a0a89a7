import java.util.*;
abstract class Import<T> {
    private final List<String> fehler = new ArrayList<>();
    final List<T> lies(String text) {
        List<T> alle = new ArrayList<>();
        int nr = 0;
        for (String zeile : text.split("\n")) {
            nr++;
            if (zeile.isBlank() || istKommentar(zeile)) continue;
            Optional<T> t = zerlege(zeile.strip());
            if (t.isPresent()) alle.add(t.get());
            else fehler.add("Zeile " + nr);
        }
        return abschluss(alle);
    }
    protected boolean istKommentar(String zeile) { return zeile.startsWith("#"); }
    protected abstract Optional<T> zerlege(String zeile);
    protected List<T> abschluss(List<T> alle) { return alle; }
    List<String> fehler() { return fehler; }
}
class PegelImport extends Import<Integer> {
    @Override protected Optional<Integer> zerlege(String zeile) {
        try { return Optional.of(Integer.parseInt(zeile)); } catch (NumberFormatException e) { return Optional.empty(); }
    }
    @Override protected List<Integer> abschluss(List<Integer> alle) { Collections.sort(alle); return alle; }
}
class SchiffImport extends Import<String[]> {
    @Override protected Optional<String[]> zerlege(String zeile) {
        String[] teile = zeile.split(";");
        return teile.length == 2 ? Optional.of(teile) : Optional.empty();
    }
    @Override protected boolean istKommentar(String zeile) { return zeile.startsWith("//"); }
}
class Los {
    public static void main(String[] args) {
        System.out.println(new PegelImport().lies("3\n1\n# x\n2"));
        SchiffImport s = new SchiffImport();
        System.out.println(s.lies("Nixe;12\n// nichts\nkaputt").size() + " " + s.fehler());
    }
}
