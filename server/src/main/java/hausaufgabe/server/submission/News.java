package hausaufgabe.server.submission;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.CourseLog;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open pages how far checks are, what others have marked and what they read, as server-sent events: one stream for each page,
 * with the news of the courses that whoever looks at it has something to do in. Whoever has news only leaves it here; it is sent by
 * threads of its own, and a browser that takes it too slowly is let go, to come back by itself and look anew.
 */
@Component
class News {

    private static final long OPEN_MILLISECONDS = 30 * 60_000L;
    private static final int WAITING = 500;
    private static final int STREAMS_OF_ONE = 6;
    private static final int SENDERS = 64;
    private static final int HEARTBEAT_SECONDS = 15;

    private final Audience audience;
    private final Readers readers;
    private final List<Listener> listeners = new CopyOnWriteArrayList<>();
    private final ExecutorService senders = new ThreadPoolExecutor(
            0, SENDERS, 30, TimeUnit.SECONDS, new SynchronousQueue<>(), work -> daemon(work, "news"));
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(work -> daemon(work, "news-heartbeat"));

    News(Audience audience, Readers readers) {
        this.audience = audience;
        this.readers = readers;
        clock.scheduleWithFixedDelay(this::beat, HEARTBEAT_SECONDS, HEARTBEAT_SECONDS, TimeUnit.SECONDS);
    }

    private static Thread daemon(Runnable work, String name) {
        Thread t = new Thread(work, name);
        t.setDaemon(true);
        return t;
    }

    /** @param person whose page it is; of one person the streams opened last are kept */
    SseEmitter listen(Person person) {
        return listen(person, new SseEmitter(OPEN_MILLISECONDS));
    }

    SseEmitter listen(Person person, SseEmitter emitter) {
        Listener listener = new Listener(person, emitter);
        List<Listener> own =
                listeners.stream().filter(l -> l.person.id() == person.id()).toList();
        if (own.size() >= STREAMS_OF_ONE) {
            own.get(0).letGo();
        }
        listeners.add(listener);
        emitter.onCompletion(() -> listeners.remove(listener));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> listeners.remove(listener));
        listener.take(null);
        readers.now().forEach(listener::take);
        return emitter;
    }

    /** Returns at once, whoever listens. */
    void tell(NewsItem item) {
        listeners.forEach(l -> l.take(item));
    }

    @TransactionalEventListener(fallbackExecution = true)
    void marked(Marked m) {
        tell(new NewsItem.Marked(m.exercise(), m.submission(), m.student()));
    }

    @TransactionalEventListener(fallbackExecution = true)
    void decided(CourseLog.Decided d) {
        tell(new NewsItem.Decided(d.course()));
    }

    void reads(HandedIn submission, Person person) {
        readers.come(submission, person, this::tell);
    }

    void leaves(long submission, Person person) {
        readers.go(submission, person, this::tell);
    }

    /** A stream that says nothing for long is closed by what lies between; and who is gone is found out. */
    private void beat() {
        listeners.forEach(l -> l.take(null));
        readers.tidy(this::tell);
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
        senders.shutdownNow();
        listeners.forEach(Listener::letGo);
    }

    /** One page. */
    private final class Listener {

        private final Person person;
        private final SseEmitter emitter;
        private final Deque<Object> waiting = new ArrayDeque<>();
        private boolean sending;

        Listener(Person person, SseEmitter emitter) {
            this.person = person;
            this.emitter = emitter;
        }

        /** @param item null for a heartbeat */
        void take(NewsItem item) {
            synchronized (this) {
                if (item == null && !waiting.isEmpty()) {
                    return;
                }
                if (item != null) {
                    waiting.removeIf(w -> w instanceof NewsItem older && item.replaces(older));
                }
                waiting.add(item == null ? "listening" : item);
                if (waiting.size() > WAITING) {
                    letGo();
                    return;
                }
                if (sending) {
                    return;
                }
                sending = true;
            }
            try {
                senders.execute(this::send);
            } catch (RejectedExecutionException e) {
                letGo();
            }
        }

        private void send() {
            while (true) {
                Object next;
                synchronized (this) {
                    next = waiting.poll();
                    if (next == null) {
                        sending = false;
                        return;
                    }
                }
                if (next instanceof NewsItem item && !audience.includes(person, item)) {
                    continue;
                }
                try {
                    emitter.send(
                            next instanceof NewsItem item
                                    ? SseEmitter.event().name(item.kind()).data(item)
                                    : SseEmitter.event().comment(String.valueOf(next)));
                } catch (IOException | IllegalStateException e) {
                    // the page is gone
                    letGo();
                    return;
                }
            }
        }

        private void letGo() {
            listeners.remove(this);
            try {
                emitter.complete();
            } catch (IllegalStateException e) {
                // it is over already
            }
        }
    }
}
