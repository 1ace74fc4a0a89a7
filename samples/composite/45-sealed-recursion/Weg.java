import java.util.List;

sealed interface Weg {
    double meilen();

    record Strecke(double meilen) implements Weg {}

    record Kette(List<? extends Weg> wege) implements Weg {
        public double meilen() {
            return rechne(0);
        }

        private double rechne(int i) {
            double m = 0;
            for (Weg w : wege) m = m + w.meilen();
            return m + i;
        }
    }
}
