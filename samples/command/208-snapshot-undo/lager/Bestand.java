package lager;

import java.util.Map;
import java.util.TreeMap;

public class Bestand {
    private final Map<String, Integer> mengen = new TreeMap<>();

    public Bestand(String... artikel) {
        for (String a : artikel) {
            if (!a.matches("[a-z]{3}\\d{2}")) {
                throw new IllegalArgumentException("Artikelnummer " + a);
            }
            mengen.put(a, 0);
        }
    }

    public void buche(String artikel, int menge) {
        Integer da = mengen.get(artikel);
        if (da == null) {
            throw new IllegalArgumentException("unbekannt: " + artikel);
        }
        if (da + menge < 0) {
            throw new IllegalStateException("nur noch " + da + " von " + artikel);
        }
        mengen.put(artikel, da + menge);
    }

    public int menge(String artikel) {
        return mengen.getOrDefault(artikel, 0);
    }

    public Map<String, Integer> abbild() {
        return Map.copyOf(mengen);
    }

    public void setze(Map<String, Integer> abbild) {
        mengen.clear();
        mengen.putAll(abbild);
    }
}
