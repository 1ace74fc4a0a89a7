interface Boot {
    int plaetze();
}

class Faehre implements Boot {
    public int plaetze() {
        return 200;
    }
}

class Jolle implements Boot {
    public int plaetze() {
        return 3;
    }
}

class Kutter implements Boot {
    public int plaetze() {
        return 12;
    }
}

class Werft {
    Boot baue(String art) {
        String a = art.toUpperCase();
        switch (a) {
            case "faehre":
                return new Faehre();
            case "kutter":
                return new Kutter();
            default:
                return new Jolle();
        }
    }
}
