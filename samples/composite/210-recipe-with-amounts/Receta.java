import java.util.LinkedHashMap;
import java.util.Map;

interface Ingrediente {
    String nombre();
    double gramos();
    int calorias();
}

abstract class Base implements Ingrediente {
    private final String nombre;

    Base(String nombre) {
        if (nombre == null || nombre.length() < 3 || !Character.isUpperCase(nombre.charAt(0))) {
            throw new IllegalArgumentException("nombre: " + nombre);
        }
        this.nombre = nombre;
    }

    @Override
    public String nombre() { return nombre; }
}

class Producto extends Base {
    private final double gramos;
    private final int porCien;

    Producto(String nombre, double gramos, int porCien) {
        super(nombre);
        if (gramos <= 0) throw new IllegalArgumentException("gramos");
        this.gramos = gramos;
        this.porCien = porCien;
    }

    @Override
    public double gramos() { return gramos; }

    @Override
    public int calorias() { return (int) (gramos * porCien / 100); }
}

class Plato extends Base {
    private final Map<Ingrediente, Integer> partes = new LinkedHashMap<>();

    Plato(String nombre) {
        super(nombre);
    }

    Plato poner(Ingrediente i, int veces) {
        if (veces < 1 || veces > 12) throw new IllegalArgumentException("veces: " + veces);
        if (i == this) throw new IllegalArgumentException("un plato no se contiene a si mismo");
        partes.merge(i, veces, Integer::sum);
        return this;
    }

    void quitar(Ingrediente i) {
        partes.remove(i);
    }

    @Override
    public double gramos() {
        double total = 0;
        for (Map.Entry<Ingrediente, Integer> e : partes.entrySet()) {
            total += e.getKey().gramos() * e.getValue();
        }
        return total;
    }

    @Override
    public int calorias() {
        return partes.entrySet().stream().mapToInt(e -> e.getKey().calorias() * e.getValue()).sum();
    }
}

public class Receta {
    public static void main(String[] args) {
        Plato salsa = new Plato("Salsa verde").poner(new Producto("Perejil", 20, 36), 2).poner(new Producto("Aceite", 15, 900), 1);
        Plato menu = new Plato("Menu del puerto").poner(salsa, 2).poner(new Producto("Merluza", 180, 86), 4);
        System.out.println(menu.gramos() + " g, " + menu.calorias() + " kcal");
        menu.quitar(salsa);
        System.out.println(menu.nombre() + " " + menu.calorias());
    }
}
