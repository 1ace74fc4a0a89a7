abstract class Getraenk {
    protected abstract String zutat();

    protected abstract int grad();

    public String name() {
        return "Getraenk";
    }
}

class Kaffee extends Getraenk {
    protected String zutat() {
        return "Bohne";
    }

    protected int grad() {
        return 92;
    }

    String mache() {
        return zutat() + grad();
    }
}

class Grog extends Getraenk {
    protected String zutat() {
        return "Rum";
    }

    protected int grad() {
        return 70;
    }

    String mache() {
        return zutat() + grad();
    }
}
