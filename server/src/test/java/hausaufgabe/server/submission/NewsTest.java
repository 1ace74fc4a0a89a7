package hausaufgabe.server.submission;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import hausaufgabe.server.account.Person;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class NewsTest {

    private static final Person MAIKE = new Person(1, "maike", "Maike Thiede", Person.Role.LEAD, 0);
    private static final Person JONTE = new Person(2, "jonte", "Jonte Wulf", Person.Role.TUTOR, 0);

    /** Exercise 9 is of a course that Jonte has nothing to do with. */
    private final Audience audience = mock();

    private final News news = new News(audience, new Readers(Clock.systemUTC()));

    @BeforeEach
    void open() {
        when(audience.includes(any(), any())).thenReturn(true);
        when(audience.includes(eq(JONTE), argThat(i -> i instanceof NewsItem.Progress p && p.exerciseId() == 9)))
                .thenReturn(false);
    }

    @AfterEach
    void close() {
        news.close();
    }

    @Test
    void newsOfOthersCoursesIsTheirs() throws Exception {
        Page own = new Page(true);
        Page others = new Page(true);
        news.listen(MAIKE, own);
        news.listen(JONTE, others);
        news.tell(new NewsItem.Progress(9, 70, 1, HandedIn.State.CHECKED, null));
        news.tell(new NewsItem.Progress(1, 71, 1, HandedIn.State.CHECKED, null));

        assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
            while (!own.all().contains("submissionId=71") || !others.all().contains("submissionId=71")) {
                Thread.sleep(10);
            }
        });
        assertTrue(own.all().contains("submissionId=70"), own.all());
        assertFalse(others.all().contains("submissionId=70"), others.all());
    }

    /** A page that takes what it is sent only once it is let. */
    private static class Page extends SseEmitter {

        private final CountDownLatch let;
        private final CountDownLatch ended = new CountDownLatch(1);
        private final List<String> got = new ArrayList<>();

        Page(boolean atOnce) {
            let = new CountDownLatch(atOnce ? 0 : 1);
        }

        @Override
        public void send(SseEventBuilder event) throws IOException {
            try {
                let.await();
            } catch (InterruptedException e) {
                throw new IOException(e);
            }
            synchronized (got) {
                event.build().forEach(d -> got.add(String.valueOf(d.getData())));
            }
        }

        @Override
        public void complete() {
            ended.countDown();
        }

        String all() {
            synchronized (got) {
                return String.join("", got);
            }
        }
    }

    private static NewsItem.Progress step(long submission) {
        return new NewsItem.Progress(1, submission, 1, HandedIn.State.RUNNING, "Reading");
    }

    @Test
    void whoTellsWaitsForNobody() {
        Page slow = new Page(false);
        news.listen(MAIKE, slow);

        // only guards against waiting for the page, which takes nothing
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> {
            for (int i = 0; i < 10_000; i++) {
                news.tell(step(i % 50));
            }
        });
        slow.let.countDown();
    }

    @Test
    void aPageThatFallsFarBehindIsLetGo() throws InterruptedException {
        Page slow = new Page(false);
        news.listen(MAIKE, slow);

        for (int i = 0; i < 600; i++) {
            news.tell(step(i));
        }

        assertTrue(slow.ended.await(20, TimeUnit.SECONDS));
        slow.let.countDown();
    }

    @Test
    void aPageHearsOfEveryExercise() throws InterruptedException {
        Page page = new Page(true);
        news.listen(MAIKE, page);

        news.tell(new NewsItem.Progress(1, 7, 1, HandedIn.State.CHECKED, null));
        news.tell(new NewsItem.Progress(2, 8, 1, HandedIn.State.CHECKED, null));

        for (int i = 0; i < 400 && !page.all().contains("submissionId=8"); i++) {
            Thread.sleep(50);
        }
        assertTrue(page.all().contains("submissionId=7"), page.all());
        assertTrue(page.all().contains("submissionId=8"), page.all());
    }

    @Test
    void ofOnePersonTheStreamsOpenedLastAreKept() {
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            pages.add(new Page(true));
            news.listen(MAIKE, pages.get(i));
        }

        assertEquals(2, pages.stream().filter(p -> p.ended.getCount() == 0).count());
    }
}
