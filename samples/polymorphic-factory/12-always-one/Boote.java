interface Boot {
    int plaetze(int decks);
}

class Faehre implements Boot {
    public int plaetze(int decks) {
        return decks * 120;
    }
}

class Barkasse implements Boot {
    public int plaetze(int decks) {
        return 30 + decks;
    }
}

class Werft {
    Boot baue(String art) {
        return new Faehre();
    }
}

class Reederei {
    private final Werft werft = new Werft();

    int kapazitaet(String art) {
        return werft.baue(art).plaetze(2);
    }
}
