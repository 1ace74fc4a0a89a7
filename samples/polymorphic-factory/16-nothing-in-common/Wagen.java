class Kran {
    String heben(int t) {
        return "hebt " + t;
    }
}

class Stapler {
    String stapeln(int t) {
        return "stapelt " + t;
    }
}

class Geraetefabrik {
    static Object erzeuge(String was) {
        if (was.equals("kran")) {
            return new Kran();
        }
        return new Stapler();
    }
}

class Lager {
    String bewege(String was, int t) {
        Object o = Geraetefabrik.erzeuge(was);
        if (o instanceof Kran) {
            return ((Kran) o).heben(t);
        }
        return ((Stapler) o).stapeln(t);
    }
}
