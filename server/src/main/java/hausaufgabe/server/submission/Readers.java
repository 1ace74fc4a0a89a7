package hausaufgabe.server.submission;

import hausaufgabe.server.account.Person;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Who has which submission open just now. Kept in memory only: it is nothing that anybody has to answer for later. */
@Component
class Readers {

    /** Who has not said for so long that they are there is gone. */
    private static final Duration PATIENCE = Duration.ofSeconds(50);

    private final Clock clock;
    private final Map<Long, Open> open = new LinkedHashMap<>();

    Readers(Clock clock) {
        this.clock = clock;
    }

    private record Reader(String name, Instant seen) {}

    private record Open(long exercise, long student, Map<Long, Reader> readers) {

        private NewsItem.Reading news(long submission) {
            return new NewsItem.Reading(
                    exercise,
                    submission,
                    student,
                    readers.values().stream().map(Reader::name).toList());
        }
    }

    /** @param told what others are told, where something is new */
    synchronized void come(HandedIn s, Person person, Consumer<NewsItem.Reading> told) {
        Open o = open.computeIfAbsent(s.id(), k -> new Open(s.exerciseId(), s.studentId(), new LinkedHashMap<>()));
        boolean known = o.readers.containsKey(person.id());
        o.readers.put(person.id(), new Reader(person.name(), Instant.now(clock)));
        if (!known) {
            told.accept(o.news(s.id()));
        }
    }

    synchronized void go(long submission, Person person, Consumer<NewsItem.Reading> told) {
        Open o = open.get(submission);
        if (o != null && o.readers.remove(person.id()) != null) {
            told.accept(o.news(submission));
            if (o.readers.isEmpty()) {
                open.remove(submission);
            }
        }
    }

    /** Lets go of those who are gone without a word. */
    synchronized void tidy(Consumer<NewsItem.Reading> told) {
        Instant since = Instant.now(clock).minus(PATIENCE);
        open.entrySet().removeIf(e -> {
            if (e.getValue().readers.values().removeIf(r -> r.seen().isBefore(since))) {
                told.accept(e.getValue().news(e.getKey()));
            }
            return e.getValue().readers.isEmpty();
        });
    }

    /** For somebody who begins to listen. */
    synchronized List<NewsItem.Reading> now() {
        List<NewsItem.Reading> all = new ArrayList<>();
        open.forEach((submission, o) -> all.add(o.news(submission)));
        return all;
    }
}
