package hausaufgabe.core.scenario.value;

import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.ThrownError;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Finds arguments that an operation takes, from some that it refuses: one after another is exchanged. What is refused at
 * another place than before went past a guard, and is kept.
 */
public final class ArgumentSearch {

    /** How many calls are made at most. */
    private static final int CALLS = 240;

    /** How many values are tried for one argument at one guard. */
    private static final int VALUES = 24;

    /** Makes the call that is searched for. */
    public interface Attempt {
        Answer with(List<Input> arguments) throws DriverLost;
    }

    private final List<List<Input>> candidates;
    private final Attempt attempt;
    private final Set<String> places = new HashSet<>();
    private final Set<String> telling = new HashSet<>();
    private int calls;

    /** @param candidates for each argument what it may be exchanged for; none where it has to stay */
    ArgumentSearch(List<List<Input>> candidates, Attempt attempt) {
        this.candidates = candidates;
        this.attempt = attempt;
    }

    /** The last answer: one that is no refusal, where such were found. */
    Answer from(List<Input> refused, Answer first) throws DriverLost {
        List<Input> current = new ArrayList<>(refused);
        Answer answer = first;
        isElsewhere(first, current);
        boolean further = true;
        while (further && isRefusal(answer)) {
            further = false;
            for (int i = 0; i < current.size() && !further; i++) {
                for (Input other : candidates.get(i)) {
                    if (calls >= CALLS) {
                        return answer;
                    }
                    Input before = current.set(i, other);
                    if (!before.equals(other)) {
                        calls++;
                        Answer came = attempt.with(List.copyOf(current));
                        if (!isRefusal(came)) {
                            return came;
                        }
                        if (isElsewhere(came, current)) {
                            answer = came;
                            further = true;
                            break;
                        }
                    }
                    current.set(i, before);
                }
            }
        }
        return answer;
    }

    static List<Input> few(List<Input> all) {
        return all.subList(0, Math.min(VALUES, all.size()));
    }

    static boolean isRefusal(Answer a) {
        return a.thrown() != null && a.thrown().isRefusal();
    }

    /**
     * Whether it was refused where none was before: at another line, or at a line that refuses for several reasons with
     * another message, unless messages from there tell the values.
     */
    private boolean isElsewhere(Answer refused, List<Input> arguments) {
        ThrownError thrown = refused.thrown();
        if (thrown == null) {
            return false;
        }
        String where = thrown.at() + " " + thrown.type();
        boolean newPlace = places.add(where);
        boolean newReason = places.add(where + " " + thrown.message());
        boolean tells = arguments.stream()
                .anyMatch(i -> i instanceof Input.Simple s
                        && !s.text().isEmpty()
                        && thrown.message().contains(s.text()));
        if (tells) {
            telling.add(where);
        }
        return newPlace || newReason && !telling.contains(where);
    }
}
