package hausaufgabe.server.submission;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class NewsTest {

    private final News news = new News();

    @AfterEach
    void close() {
        news.close();
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

    private static News.Progress step(long submission) {
        return new News.Progress(1, submission, HandedIn.State.RUNNING, "Reading");
    }

    @Test
    void whoTellsWaitsForNobody() {
        Page slow = new Page(false);
        news.listen(1, slow);

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
        news.listen(1, slow);

        for (int i = 0; i < 600; i++) {
            news.tell(step(i));
        }

        assertTrue(slow.ended.await(20, TimeUnit.SECONDS));
        slow.let.countDown();
    }

    @Test
    void aPageHearsOfEveryExercise() throws InterruptedException {
        Page page = new Page(true);
        news.listen(1, page);

        news.tell(new News.Progress(1, 7, HandedIn.State.CHECKED, null));
        news.tell(new News.Progress(2, 8, HandedIn.State.CHECKED, null));

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
            news.listen(1, pages.get(i));
        }

        assertEquals(2, pages.stream().filter(p -> p.ended.getCount() == 0).count());
    }
}
