import java.util.*;

interface Ort {
    void empfange(Gast g);
}

interface Gast {
    void insel(Insel i);

    void bucht(Bucht b);
}

class Insel implements Ort {
    final List<String> haeuser = new ArrayList<>(List.of("A", "B"));

    public void empfange(Gast g) {
        g.insel(this);
    }
}

class Bucht implements Ort {
    int tiefe = 7;

    public void empfange(Gast g) {
        g.bucht(this);
    }
}

class Zaehlung implements Gast {
    int n;

    public void insel(Insel i) {
        while (!i.haeuser.isEmpty()) {
            i.haeuser.remove(0);
            n++;
        }
    }

    public void bucht(Bucht b) {
        n += b.tiefe;
    }
}

class Namen implements Gast {
    String s = "";

    public void insel(Insel i) {
        s += i.haeuser;
    }

    public void bucht(Bucht b) {
        s += "Bucht";
    }
}
