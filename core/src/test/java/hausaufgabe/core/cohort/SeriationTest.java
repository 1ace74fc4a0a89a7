package hausaufgabe.core.cohort;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SeriationTest {

    @Test
    void likesLieTogether() {
        double[][] table = {
            {1, 0, 1, 0},
            {0, 1, 0, 1},
            {1, 0, 1, 0},
            {0, 1, 0, 1},
        };

        Seriation.Order order = Seriation.of(table);

        assertTrue(List.of(List.of(0, 2, 1, 3), List.of(1, 3, 0, 2)).contains(order.rows()), order.rows()::toString);
        assertEquals(1, Math.abs(order.columns().indexOf(0) - order.columns().indexOf(2)));
    }

    @Test
    void aBandThatWasShuffledIsFoundAgain() {
        int size = 24;
        List<Integer> shuffled = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            shuffled.add(i);
        }
        java.util.Collections.shuffle(shuffled, new Random(7));
        double[][] table = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                table[i][j] = Math.abs(shuffled.get(i) - j) <= 2 ? 1 : 0;
            }
        }

        List<Integer> found =
                Seriation.of(table).rows().stream().map(shuffled::get).toList();

        int breaks = 0;
        for (int i = 1; i < size; i++) {
            breaks += Math.abs(found.get(i) - found.get(i - 1)) > 1 ? 1 : 0;
        }
        assertEquals(0, breaks, found::toString);
    }

    @Test
    void emptyAndEvenTablesKeepTheirOrder() {
        assertEquals(List.of(), Seriation.of(new double[0][0]).rows());
        assertEquals(List.of(0, 1), Seriation.of(new double[][] {{}, {}}).rows());
        assertEquals(List.of(0, 1, 2), Seriation.of(new double[3][4]).rows());
        assertEquals(
                List.of(0, 1), Seriation.of(new double[][] {{1, 1}, {1, 1}}).rows());
    }

    @Test
    void everyRowIsThereOnce() {
        Random random = new Random(3);
        double[][] table = new double[60][9];
        for (double[] row : table) {
            for (int j = 0; j < row.length; j++) {
                row[j] = random.nextInt(3);
            }
        }

        Seriation.Order order = Seriation.of(table);

        assertEquals(60, new HashSet<>(order.rows()).size());
        assertEquals(9, new HashSet<>(order.columns()).size());
    }
}
