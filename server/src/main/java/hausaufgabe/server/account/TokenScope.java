package hausaufgabe.server.account;

import java.util.EnumSet;
import java.util.Set;

/** What a token is good for. It never allows more than its owner may do. */
public enum TokenScope {
    /** Fetch from and push to the repositories of hand-ins. */
    GIT,
    /** What students do, for themselves. */
    STUDY,
    READ,
    HAND_IN,
    MARK,
    SET_EXERCISES,
    LEAD_COURSE,
    /** Read how the server is, for a monitoring system. */
    WATCH;

    /** The rights that it leaves of those its owner has; none where it is for git. */
    Set<Right> rights() {
        return this == GIT ? EnumSet.noneOf(Right.class) : EnumSet.of(Right.valueOf(name()));
    }
}
