package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.HandedIn;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Marks that a second reader gives beside those that count. While they read, what they give goes there, and what they see comes from there. */
public interface SecondMarks {

    /** How far the second reading of a submission is. */
    enum SecondState {
        /** Somebody is to read it, or reads it. */
        GOES_ON,
        /** Done, and the two differ somewhere. */
        DIFFERS,
        /** Done, and the two are one. */
        ALIKE
    }

    /** The marks as a second reader sees them; empty for whoever does not read this submission a second time just now. */
    Optional<ReviewView> view(HandedIn submission, Person person);

    /** Whether somebody reads a submission a second time just now. */
    boolean isRead(long submission, Person person);

    void decide(HandedIn submission, String item, double points, String reason, String version, Person by);

    /** Goes back to what the check proposes. */
    void withdraw(HandedIn submission, String item, String version, Person by);

    /** Says that everything was looked at; whoever reads sees what the first gave from then on. */
    void finish(HandedIn submission, String version, Person by);

    /** Submissions that somebody reads a second time just now, and is to see nothing of what the first gave. */
    Set<Long> hidden(Person person);

    /** Submissions of an exercise that somebody has still to read a second time. */
    List<Long> toRead(long exercise, Person person);

    /**
     * How far the submissions are that are read a second time.
     *
     * @param students of whom it is wanted; null for all
     */
    Map<Long, SecondState> states(Collection<Long> exercises, @Nullable Collection<Long> students);
}
