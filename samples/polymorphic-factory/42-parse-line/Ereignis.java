abstract class Ereignis {
    abstract String text();

    abstract int dringend();
}

class Ankunft extends Ereignis {
    final String s;

    Ankunft(String s) {
        this.s = s;
    }

    String text() {
        return s + " kommt";
    }

    int dringend() {
        return s.length() > 8 ? 2 : 1;
    }
}

class Abfahrt extends Ereignis {
    final String s;

    Abfahrt(String s) {
        this.s = s;
    }

    String text() {
        return s + " geht";
    }

    int dringend() {
        return 1;
    }
}

class Notfall extends Ereignis {
    final String s;

    Notfall(String s) {
        this.s = s;
    }

    String text() {
        return "SOS " + s;
    }

    int dringend() {
        return 9;
    }
}

class EreignisLeser {
    Ereignis lies(String zeile) {
        String[] t = zeile.split(":", 2);
        final Ereignis e;
        switch (t[0]) {
            case "AN" -> e = new Ankunft(t[1]);
            case "AB" -> e = new Abfahrt(t[1]);
            case "SOS" -> e = new Notfall(t[1]);
            default -> throw new IllegalArgumentException(zeile);
        }
        return e;
    }
}

class Leitstelle {
    private int max;

    void zeile(String z) {
        Ereignis e = new EreignisLeser().lies(z);
        max = Math.max(max, e.dringend());
        System.out.println(e.text());
    }
}
