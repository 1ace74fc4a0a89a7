package hausaufgabe.server.review;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What people made of a submission.
 *
 * @param version to be sent back with a change; names the state it was read in
 * @param points the sum that stands now: decided where a person has decided, else proposed, less what being late costs
 * @param possible the most there is; 0 before there is a report
 * @param open points that wait for a person, since the check could not decide what they are for
 * @param late points taken off for being late, which {@code points} is without already
 * @param returnedAt from when on the student sees it; null while they do not
 * @param second null for those who do not read it a second time
 * @param settledBy name of who settled it; null when nobody has
 */
public record ReviewView(
        String version,
        double points,
        double possible,
        double open,
        double late,
        String feedback,
        @Nullable String settledBy,
        @Nullable Instant settledAt,
        @Nullable Instant returnedAt,
        List<Decision> decisions,
        List<Remarks.RemarkView> remarks,
        List<Change> history,
        @Nullable SecondLook second) {

    /**
     * Said to whoever reads it a second time.
     *
     * @param first name of who read it first; null where that is kept from them
     */
    public record SecondLook(boolean blind, @Nullable String first) {}

    /** Points given by a person for one item. */
    public record Decision(String item, double points, String reason, String by, Instant at) {}

    /**
     * A change, for the history.
     *
     * @param item what points were for; null for other changes
     */
    public record Change(
            String what,
            @Nullable String item,
            @Nullable String before,
            @Nullable String after,
            @Nullable String reason,
            String by,
            Instant at) {}
}
