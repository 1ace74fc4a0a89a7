package hausaufgabe.server.submission;

import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.report.HealthFact;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a submission came by git.
 *
 * @param commit null where it did not
 * @param steps the commits on the way, the oldest first; empty where they are not looked at
 */
public record PushView(@Nullable Commit commit, List<StepView> steps) {

    /**
     * A commit on the way, and what it changed.
     *
     * @param problem why nothing can be said of it; null where something can
     * @param checked whether it was looked at already
     * @param error the first thing that the compiler did not like; null where it compiled
     * @param met how many of the claims that are judged hold
     * @param green how many scenarios and given tests went well
     * @param red the names of those that did not
     * @param roles which types came to play a role with it, and which no longer do
     */
    public record StepView(
            Commit commit,
            @Nullable String problem,
            boolean checked,
            boolean compiled,
            @Nullable String error,
            int met,
            int judged,
            int green,
            List<String> red,
            List<RoleChange> roles,
            List<HealthFact> health) {

        private StepView shown(Shown shown) {
            boolean nothing = shown == Shown.NOTHING;
            boolean runs = shown == Shown.FINDINGS_AND_SCENARIOS;
            return new StepView(
                    commit,
                    problem,
                    checked,
                    compiled,
                    error,
                    nothing ? 0 : met,
                    nothing ? 0 : judged,
                    runs ? green : 0,
                    runs ? red : List.of(),
                    nothing ? List.of() : roles,
                    nothing ? List.of() : health);
        }
    }

    /** The types that came to play a role, and those that no longer do. */
    public record RoleChange(String role, List<String> came, List<String> went) {}

    /** The same, without what a student does not see yet. */
    public PushView shown(Shown shown) {
        return new PushView(commit, steps.stream().map(s -> s.shown(shown)).toList());
    }
}
