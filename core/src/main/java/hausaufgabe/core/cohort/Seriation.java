package hausaufgabe.core.cohort;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Puts the rows and columns of a table into such an order that likes lie together, by reciprocal averaging (M. O. Hill, 1973),
 * the first axis of correspondence analysis: rows get the mean of their columns' scores, columns that of their rows', again and
 * again, until nothing moves. Equal rows get equal scores and so lie side by side.
 */
public final class Seriation {

    private static final int MOST_ROUNDS = 200;
    private static final double STILL = 1e-9;

    private Seriation() {}

    /**
     * @param rows places of rows, first to last
     * @param columns places of columns, first to last
     */
    public record Order(List<Integer> rows, List<Integer> columns) {}

    /** @param table weights from 0, a row as long as every other; may have no rows or no columns */
    public static Order of(double[][] table) {
        int rows = table.length;
        int columns = rows == 0 ? 0 : table[0].length;
        double[] rowSums = new double[rows];
        double[] columnSums = new double[columns];
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                rowSums[i] += table[i][j];
                columnSums[j] += table[i][j];
            }
        }
        double[] row = new double[rows];
        double[] column = IntStream.range(0, columns).mapToDouble(j -> j).toArray();
        settle(column, columnSums);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            for (int i = 0; i < rows; i++) {
                row[i] = mean(table[i], column, rowSums[i]);
            }
            double[] next = new double[columns];
            for (int j = 0; j < columns; j++) {
                for (int i = 0; i < rows; i++) {
                    next[j] += columnSums[j] == 0 ? 0 : table[i][j] * row[i] / columnSums[j];
                }
            }
            settle(next, columnSums);
            double moved = 0;
            for (int j = 0; j < columns; j++) {
                moved = Math.max(moved, Math.abs(next[j] - column[j]));
            }
            column = next;
            if (moved < STILL) {
                break;
            }
        }
        return new Order(byScore(row), byScore(column));
    }

    private static double mean(double[] weights, double[] scores, double sum) {
        double mean = 0;
        for (int j = 0; j < weights.length; j++) {
            mean += sum == 0 ? 0 : weights[j] * scores[j] / sum;
        }
        return mean;
    }

    /** Takes away what all have in common, which says nothing, and makes the scores as large as they were. */
    private static void settle(double[] scores, double[] weights) {
        double total = Arrays.stream(weights).sum();
        if (total == 0) {
            return;
        }
        double mean = 0;
        for (int j = 0; j < scores.length; j++) {
            mean += scores[j] * weights[j] / total;
        }
        double square = 0;
        for (int j = 0; j < scores.length; j++) {
            scores[j] -= mean;
            square += scores[j] * scores[j] * weights[j] / total;
        }
        double size = Math.sqrt(square);
        for (int j = 0; j < scores.length && size > 0; j++) {
            scores[j] /= size;
        }
    }

    /** Places in the order of their scores; those that are as good as equal in the order they had. */
    private static List<Integer> byScore(double[] scores) {
        return IntStream.range(0, scores.length)
                .boxed()
                .sorted(Comparator.comparingLong(i -> Math.round(scores[i] * 1e6)))
                .toList();
    }
}
