import java.util.*;

abstract class Leser<T> {
    public List<T> lies(String text) {
        List<T> l = new ArrayList<>();
        for (String z : zerlege(text)) {
            T t = wandle(z);
            if (gueltig(t)) l.add(t);
        }
        return sortiere(l);
    }

    protected String[] zerlege(String s) {
        return s.split("\n");
    }

    protected abstract T wandle(String z);

    protected boolean gueltig(T t) {
        return true;
    }

    protected List<T> sortiere(List<T> l) {
        return l;
    }
}

class ZahlenLeser extends Leser<Integer> {
    protected Integer wandle(String z) {
        return Integer.valueOf(z.trim());
    }

    @Override
    protected boolean gueltig(Integer i) {
        return i > 0;
    }
}

class NamenLeser extends Leser<String> {
    protected String wandle(String z) {
        return z.strip();
    }

    @Override
    protected List<String> sortiere(List<String> l) {
        Collections.sort(l);
        return l;
    }
}
