package hausaufgabe.core.marking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.report.Status;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PointSchemeTest {

    private static Finding finding(String id, Status status, double possible, double earned) {
        return new Finding(id, Sentence.NONE, status, false, possible, earned, Sentence.NONE, List.of(), List.of());
    }

    @Test
    void aPatternIsWorthWhatItsFirstFormCanBring() {
        PointScheme scheme = PointScheme.of(Patterns.parse("""
                pattern pier "Pier"
                  "Ships lie at it."
                  role Ship a class
                  require lies 2 "{Ship} lies."
                    Ship is final
                  require rests 3 "{Ship} rests."
                    Ship is final
                  form "at the quay"
                  form "in the roads" instead of rests
                    require rests 1 "{Ship} rests."
                      Ship is final
                  scenario "everywhere" 2
                    s := new Ship
                    expect no error
                  scenario "at the quay only" 1 in "at the quay"
                    s := new Ship
                    expect no error
                  scenario "in the roads only" 4 in "in the roads"
                    s := new Ship
                    expect no error
                  tests 2
                """));

        assertEquals(new PointScheme(5, 5), scheme);
    }

    @Test
    void whatDoesNotApplyLeavesItsPointsToTheRest() {
        List<Finding> shared = new PointScheme(10, 0)
                .sharedAmong(List.of(
                        finding("a", Status.MET, 4, 4),
                        finding("b", Status.NOT_APPLICABLE, 2, 0),
                        finding("c", Status.PARTLY, 4, 2)));

        assertEquals(
                List.of(5.0, 2.0, 5.0), shared.stream().map(Finding::possible).toList());
        assertEquals(
                List.of(5.0, 0.0, 2.5), shared.stream().map(Finding::earned).toList());
    }

    @Test
    void wholePointsStayWhole() {
        assertEquals(List.of(1.0, 2.0, 4.0), PointScheme.shares(List.of(1.0, 2.0, 3.0), 7));
        assertEquals(List.of(1.0, 2.0, 3.0), PointScheme.shares(List.of(1.0, 2.0, 3.0), 6));
        assertEquals(List.of(), PointScheme.shares(List.of(), 6));
    }

    /** Whatever applies, the sum is the same, nothing is below 0, and equal weights differ by one unit at most. */
    @Property
    void theSumIsAlwaysTheSame(
            @ForAll @Size(min = 1, max = 20) List<@IntRange(min = 0, max = 24) Integer> quarters,
            @ForAll @IntRange(min = 1, max = 400) int total) {
        List<Double> weights = quarters.stream().map(q -> q / 4.0).toList();

        List<Double> shares = PointScheme.shares(weights, total / 4.0);

        double sum = shares.stream().mapToDouble(Double::doubleValue).sum();
        boolean any = weights.stream().anyMatch(w -> w > 0);
        assertEquals(any ? total / 4.0 : 0, sum, 1e-9);
        assertTrue(shares.stream().allMatch(s -> s >= 0 && s * 4 == Math.rint(s * 4)));
        for (int i = 0; i < weights.size(); i++) {
            for (int k = 0; k < weights.size(); k++) {
                if (weights.get(i).equals(weights.get(k))) {
                    assertTrue(Math.abs(shares.get(i) - shares.get(k)) <= 1, shares.toString());
                }
            }
        }
    }

    @Test
    void everyFormOfTheCatalogueIsWorthTheSame() {
        for (String id : Catalogue.ids()) {
            var pattern = Catalogue.pattern(id).orElseThrow();
            PointScheme scheme = PointScheme.of(pattern);
            for (var form : pattern.forms()) {
                List<Finding> all = pattern.requirementsOf(form).stream()
                        .map(r -> finding(r.id(), Status.MET, r.points(), r.points()))
                        .toList();
                double sum = scheme.sharedAmong(all).stream()
                        .mapToDouble(Finding::earned)
                        .sum();
                assertEquals(scheme.there(), sum, id + ", " + form.name());
            }
        }
    }
}
