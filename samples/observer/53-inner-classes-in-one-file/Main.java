import java.util.*;

public class Main {
    interface Beobachter {
        void aktualisiere();
    }

    class Wetterstation {
        private ArrayList<Beobachter> liste = new ArrayList<Beobachter>();
        private int wind = 3;

        public void registriere(Beobachter b) {
            liste.add(b);
        }

        public void entferne(Beobachter b) {
            int i = liste.indexOf(b);
            if (i >= 0) {
                liste.remove(i);
            }
        }

        public void benachrichtige() {
            for (int i = 0; i < liste.size(); i++) {
                liste.get(i).aktualisiere();
            }
        }

        public int getWind() {
            return wind;
        }

        public void setWind(int w) {
            this.wind = w;
            benachrichtige();
        }
    }

    class Anzeige implements Beobachter {
        Wetterstation s;
        int gezeigt;

        Anzeige(Wetterstation s) {
            this.s = s;
            s.registriere(this);
        }

        public void aktualisiere() {
            gezeigt = s.getWind();
            System.out.println("Wind " + gezeigt);
        }
    }

    class Flagge implements Beobachter {
        Wetterstation s;
        boolean oben;

        Flagge(Wetterstation s) {
            this.s = s;
        }

        public void aktualisiere() {
            oben = s.getWind() < 8;
        }
    }

    public static void main(String[] args) {
        Main m = new Main();
        Wetterstation w = m.new Wetterstation();
        m.new Anzeige(w);
        w.setWind(9);
    }
}
