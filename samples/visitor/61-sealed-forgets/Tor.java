sealed interface Form permits Kreis, Quadrat, Dreieck {}

record Kreis(double r) implements Form {}

record Quadrat(double a) implements Form {}

record Dreieck(double a, double h) implements Form {}

abstract class FormFall<T> {
    T von(Form f) {
        if (f instanceof Kreis k) return kreis(k);
        if (f instanceof Quadrat q) return quadrat(q);
        return null;
    }

    abstract T kreis(Kreis k);

    abstract T quadrat(Quadrat q);

    abstract T dreieck(Dreieck d);
}

class Flaeche extends FormFall<Double> {
    Double kreis(Kreis k) {
        return k.r() * k.r() * 3.14;
    }

    Double quadrat(Quadrat q) {
        return q.a() * q.a();
    }

    Double dreieck(Dreieck d) {
        return d.a() * d.h() / 2;
    }
}
