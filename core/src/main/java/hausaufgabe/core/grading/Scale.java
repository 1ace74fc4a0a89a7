package hausaufgabe.core.grading;

import java.math.BigDecimal;
import java.util.List;

/**
 * What is read off a percentage, from the best step down to the last, which begins at 0. A scale without steps gives no grades.
 *
 * @param steps each beginning lower than the one before
 */
public record Scale(List<GradeStep> steps) {

    /** No grades, just points and percent. */
    public static final Scale NONE = new Scale(List.of());

    private static final BigDecimal ALL = BigDecimal.valueOf(100);
    private static final int MOST = 40;
    private static final int LONGEST_GRADE = 20;

    /**
     * A grade, and where it begins.
     *
     * @param from percent of all points, from 0 to 100
     * @param grade a number, a letter, a word
     * @param passes whether the course is passed with it
     */
    public record GradeStep(BigDecimal from, String grade, boolean passes) {}

    /** @throws SchemeException where the steps are no scale */
    public Scale {
        steps = List.copyOf(steps);
        if (steps.size() > MOST) {
            throw new SchemeException("A scale has at most " + MOST + " steps; this one has " + steps.size() + ".");
        }
        for (int i = 0; i < steps.size(); i++) {
            GradeStep s = steps.get(i);
            if (s.grade().isBlank() || s.grade().length() > LONGEST_GRADE) {
                throw new SchemeException("Step " + (i + 1) + " of the scale needs a grade of at most " + LONGEST_GRADE
                        + " characters, such as 1.3, B or passed.");
            }
            if (s.from().signum() < 0 || s.from().compareTo(ALL) > 0) {
                throw new SchemeException("“" + s.grade() + "” begins at "
                        + s.from().toPlainString() + " %; it can begin from 0 to 100 %.");
            }
            if (i > 0 && s.from().compareTo(steps.get(i - 1).from()) >= 0) {
                throw new SchemeException(
                        "“" + s.grade() + "” begins at " + s.from().toPlainString() + " %, which is not below “"
                                + steps.get(i - 1).grade() + "”. Put the best grade first.");
            }
            if (i > 0 && s.passes() && !steps.get(i - 1).passes()) {
                throw new SchemeException("“" + s.grade() + "” passes, but “"
                        + steps.get(i - 1).grade() + "”, which is better, does not.");
            }
        }
        if (!steps.isEmpty() && steps.get(steps.size() - 1).from().signum() != 0) {
            throw new SchemeException("The last grade has to begin at 0 %, so that everybody gets one.");
        }
    }

    /** The step that a percentage, already rounded, reaches. */
    GradeStep at(BigDecimal percent) {
        return steps.stream()
                .filter(s -> percent.compareTo(s.from()) >= 0)
                .findFirst()
                .orElseThrow();
    }

    /** The best grade that does not pass; the last of all where every one does. */
    GradeStep failing() {
        return steps.stream().filter(s -> !s.passes()).findFirst().orElse(steps.get(steps.size() - 1));
    }
}
