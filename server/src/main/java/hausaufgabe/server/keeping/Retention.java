package hausaufgabe.server.keeping;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lets go of what nobody needs any more: tries to sign in, links that no longer open anything, and piles that were uploaded and
 * never confirmed, with what only they held. Work, points and history are never let go of by themselves.
 */
@Component
class Retention {

    private static final Logger LOG = LoggerFactory.getLogger(Retention.class);

    private final JdbcClient records;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Duration signIns;
    private final Duration piles;
    private final ScheduledExecutorService daily = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread t = new Thread(work, "retention");
        t.setDaemon(true);
        return t;
    });

    Retention(
            JdbcClient records,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${hausaufgabe.keep.sign-ins}") Duration signIns,
            @Value("${hausaufgabe.keep.piles}") Duration piles) {
        this.records = records;
        this.transaction = transaction;
        this.clock = clock;
        this.signIns = signIns;
        this.piles = piles;
    }

    @EventListener(ApplicationReadyEvent.class)
    void watch() {
        daily.scheduleWithFixedDelay(this::tidy, 1, TimeUnit.DAYS.toMinutes(1), TimeUnit.MINUTES);
    }

    @PreDestroy
    void close() {
        daily.shutdownNow();
    }

    /** What can be let go of now is. */
    void tidy() {
        try {
            Integer n = transaction.execute(status -> {
                OffsetDateTime now = OffsetDateTime.now(clock);
                int gone = run("delete from sign_in_attempt where tried_at < ?", now.minus(signIns))
                        + run("delete from account_link where expires_at < ?", now.minus(signIns));
                OffsetDateTime old = now.minus(piles);
                gone += run(
                        "delete from pile_piece where pile_id in (select p.id from pile p where p.uploaded_at < ?)",
                        old);
                gone += run("delete from pile where uploaded_at < ?", old);
                // what was stored at this moment may belong to a hand-in that is not written down yet
                return gone
                        + run(
                                "delete from content where stored_at < ? and hash <> 'removed'"
                                        + " and not exists (select 1 from submission s where s.source_hash = content.hash)"
                                        + " and not exists (select 1 from pile_piece p where p.source_hash = content.hash)"
                                        + " and not exists (select 1 from step t where t.source_hash = content.hash)",
                                old);
            });
            LOG.debug("{} records were let go of", n);
        } catch (RuntimeException e) {
            LOG.warn("what nobody needs any more could not be let go of; it is tried again tomorrow", e);
        }
    }

    private int run(String change, OffsetDateTime before) {
        return records.sql(change).param(before).update();
    }
}
