package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down whoever guesses passwords: after some wrong ones the next try has to wait, twice as long each time. Wrong tries
 * for one account from one address count most; many from one address for any account, and for one account from anywhere, count
 * as well. Being signed in rightly begins anew.
 */
@Component
class Throttle {

    private static final Duration REMEMBERED = Duration.ofDays(1);
    private static final Duration KEPT = Duration.ofDays(60);
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final int FREE = 5;
    private static final int FREE_FOR_ALL = 30;

    interface Repository extends JpaRepository<SignInAttempt, Long> {
        @Query("select a from SignInAttempt a where a.triedAt > ?3 and (a.login = ?1 or a.address = ?2)"
                + " order by a.id desc limit 2000")
        List<SignInAttempt> latest(String login, String address, Instant since);

        @Modifying
        @Transactional
        @Query("delete from SignInAttempt a where a.triedAt < ?1")
        void forgetBefore(Instant time);
    }

    private final Repository attempts;
    private final Clock clock;

    Throttle(Repository attempts, Clock clock) {
        this.attempts = attempts;
        this.clock = clock;
    }

    /** @throws Problem while the next try has to wait */
    @Transactional(readOnly = true)
    public void admit(String login, String address) {
        Instant now = Instant.now(clock);
        List<SignInAttempt> latest = attempts.latest(cut(login), cut(address), now.minus(REMEMBERED));
        Duration wait = Duration.ZERO;
        wait = longer(wait, wait(latest, cut(login), cut(address), FREE, now));
        wait = longer(wait, wait(latest, cut(login), null, FREE_FOR_ALL, now));
        wait = longer(wait, wait(latest, null, cut(address), FREE_FOR_ALL, now));
        if (wait.compareTo(Duration.ZERO) > 0) {
            throw Problem.tooMany("There were too many wrong passwords. Wait " + said(wait)
                    + ", then try again; the lead can make you a link to choose a new one.");
        }
    }

    private static Duration longer(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    /** @param login null for any, as is {@code address} */
    private static Duration wait(List<SignInAttempt> latest, String login, String address, int free, Instant now) {
        int wrong = 0;
        Instant last = null;
        for (SignInAttempt a : latest) {
            boolean counts = (login == null || login.equals(a.login)) && (address == null || address.equals(a.address));
            if (counts && a.success) {
                break;
            }
            if (counts) {
                wrong++;
                last = last == null ? a.triedAt : last;
            }
        }
        if (wrong < free) {
            return Duration.ZERO;
        }
        Duration delay = Duration.ofSeconds(1L << Math.min(20, wrong - free));
        Duration capped = delay.compareTo(LONGEST) > 0 ? LONGEST : delay;
        return Duration.between(now, last.plus(capped));
    }

    private static String said(Duration wait) {
        long seconds = Math.max(1, wait.plusMillis(999).toSeconds());
        return seconds == 1 ? "a second" : seconds < 90 ? seconds + " seconds" : (seconds + 59) / 60 + " minutes";
    }

    @Transactional
    public void tried(String login, String address, boolean success) {
        Instant now = Instant.now(clock);
        attempts.save(new SignInAttempt(cut(login), cut(address), now, success));
        if (success) {
            attempts.forgetBefore(now.minus(KEPT));
        }
    }

    /**
     * Does what a secret is given for; where that is refused, it counts as a wrong one.
     *
     * @throws Problem while the next try has to wait, or what doing it throws
     */
    <T> T guarding(String login, String address, Supplier<T> what) {
        admit(login, address);
        T done;
        try {
            done = what.get();
        } catch (Problem e) {
            tried(login, address, false);
            throw e;
        }
        tried(login, address, true);
        return done;
    }

    private static String cut(String text) {
        return text.length() <= 60 ? text : text.substring(0, 60);
    }
}
