package hausaufgabe.core.marking;

import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.DesignPattern.Form;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import hausaufgabe.core.notation.Run;
import hausaufgabe.core.notation.Scenario;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What an exercise is worth, whichever form a submission takes: as many points as its first form can bring, those for what is
 * there and those for what it does each for itself. What applies to a submission shares them in the proportions of the
 * pattern, so that a form that asks for less, or that plays fewer scenarios, is worth the same.
 *
 * @param there points for requirements together
 * @param does points for scenarios, runs and tests together
 */
public record PointScheme(double there, double does) {

    private static final double[] UNITS = {1, 0.5, 0.25};

    public static PointScheme of(DesignPattern pattern) {
        Form first = pattern.forms().get(0);
        double there = pattern.requirementsOf(first).stream()
                .mapToDouble(Requirement::points)
                .sum();
        double played = pattern.scenarios().stream()
                .filter(s -> s.forms().isEmpty() || s.forms().contains(first.name()))
                .mapToDouble(Scenario::points)
                .sum();
        double runs = pattern.runs().stream().mapToDouble(Run::points).sum();
        return new PointScheme(there, played + runs + pattern.testPoints());
    }

    /** The findings with their share of the points; what does not apply has none. */
    public List<Finding> sharedAmong(List<Finding> findings) {
        List<Finding> counting = findings.stream()
                .filter(f -> f.status() != Status.NOT_APPLICABLE)
                .toList();
        List<Double> shares = shares(counting.stream().map(Finding::possible).toList(), there);
        List<Finding> shared = new ArrayList<>();
        int next = 0;
        for (Finding f : findings) {
            if (f.status() == Status.NOT_APPLICABLE) {
                shared.add(f);
            } else {
                double share = shares.get(next++);
                shared.add(f.worth(share, scaled(f.earned(), f.possible(), share)));
            }
        }
        return List.copyOf(shared);
    }

    /** The results with their share of the points. */
    public List<ScenarioResult> sharedBy(List<ScenarioResult> results) {
        List<Double> shares =
                shares(results.stream().map(ScenarioResult::possible).toList(), does);
        return IntStream.range(0, results.size())
                .mapToObj(i -> {
                    ScenarioResult r = results.get(i);
                    return r.worth(shares.get(i), scaled(r.earned(), r.possible(), shares.get(i)));
                })
                .toList();
    }

    private static double scaled(double earned, double possible, double share) {
        return possible == 0 ? 0 : Marking.quarter(earned / possible * share);
    }

    /**
     * Numbers in the same proportions that sum up to the total, in the largest unit in which all of them can be said: whole
     * points stay whole. What rounding leaves goes to those it took most from.
     */
    static List<Double> shares(List<Double> weights, double total) {
        double sum = weights.stream().mapToDouble(Double::doubleValue).sum();
        if (sum == 0 || sum == total) {
            return weights;
        }
        double unit = unit(weights, total);
        double[] exact =
                weights.stream().mapToDouble(w -> w * total / sum / unit).toArray();
        long[] whole = new long[exact.length];
        long left = Math.round(total / unit);
        for (int i = 0; i < exact.length; i++) {
            whole[i] = (long) Math.floor(exact[i]);
            left -= whole[i];
        }
        List<Integer> byRest = IntStream.range(0, exact.length)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> whole[i] - exact[i]))
                .toList();
        for (int i = 0; i < left; i++) {
            whole[byRest.get(i % byRest.size())]++;
        }
        return IntStream.range(0, exact.length).mapToObj(i -> whole[i] * unit).toList();
    }

    private static double unit(List<Double> weights, double total) {
        for (double unit : UNITS) {
            boolean fits = total % unit == 0 && weights.stream().allMatch(w -> w % unit == 0);
            if (fits) {
                return unit;
            }
        }
        return UNITS[UNITS.length - 1];
    }
}
