interface Tier {
    void accept(Pfleger p);
}

class Robbe implements Tier {
    int kg = 80;

    public void accept(Pfleger p) {
        p.pflegeRobbe(this);
    }
}

class Moewe implements Tier {
    int fluegel = 2;

    public void accept(Pfleger p) {
        p.pflegeRobbe(new Robbe());
    }
}

interface Pfleger {
    void pflegeRobbe(Robbe r);

    void pflegeMoewe(Moewe m);
}

class Fuettern implements Pfleger {
    int fisch;

    public void pflegeRobbe(Robbe r) {
        fisch += r.kg / 10;
    }

    public void pflegeMoewe(Moewe m) {
        fisch += 1;
    }
}
