import java.util.*;

interface Orden {
    void ejecutar();

    void deshacer();
}

class Grua {
    private int altura;
    private final List<String> registro = new ArrayList<>();

    void subir(int m) {
        altura += m;
        registro.add("sube");
    }

    void bajar(int m) {
        altura -= m;
        registro.add("baja");
    }
}

class Subir implements Orden {
    private final Grua g;
    private final int m;

    Subir(Grua g, int m) {
        this.g = g;
        this.m = m;
    }

    public void ejecutar() {
        g.subir(m);
    }

    public void deshacer() {
        g.bajar(m);
    }
}

class Serie implements Orden {
    private final List<Orden> os = new ArrayList<>();

    Serie(Orden... o) {
        os.addAll(List.of(o));
    }

    public void ejecutar() {
        os.forEach(Orden::ejecutar);
    }

    public void deshacer() {
        for (int i = os.size() - 1; i >= 0; i--) os.get(i).deshacer();
    }
}

class Operador {
    private final LinkedList<Orden> hechas = new LinkedList<>();

    void hacer(Orden o) {
        o.ejecutar();
        hechas.addLast(o);
    }

    void atras() {
        if (hechas.isEmpty()) {
            return;
        }
        Orden o = hechas.removeLast();
        o.deshacer();
    }
}
