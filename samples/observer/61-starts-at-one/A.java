import java.util.*;

class Funk {
    private List<Ohr> ohren = new ArrayList<>();
    private String letzte;

    void anmelden(Ohr o) {
        ohren.add(o);
    }

    void abmelden(Ohr o) {
        ohren.remove(o);
    }

    void funke(String s) {
        letzte = s;
        for (int i = 1; i < ohren.size(); i++) ohren.get(i).hoert(s);
    }
}

interface Ohr {
    void hoert(String s);
}

class Kapitaen implements Ohr {
    public void hoert(String s) {
        System.out.println(s);
    }
}

class Smutje implements Ohr {
    int n;

    public void hoert(String s) {
        n++;
    }
}
