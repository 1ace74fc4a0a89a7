package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Secrets that programs, such as git, sign in with in place of a password: each can be taken back by itself. */
@Service
public class AccessTokens {

    private static final int MOST = 20;
    private static final int LONGEST_LABEL = 120;
    /** What every one of them begins with, so that one that got lost is known for what it is. */
    private static final String BEGINNING = "hga_";
    /** Whose wrong tokens are counted as: a token alone names nobody. */
    private static final String NOBODY = "";
    /** How exactly it is kept when one was used last. */
    private static final Duration EXACTNESS = Duration.ofMinutes(5);

    interface Repository extends JpaRepository<AccessToken, Long> {
        List<AccessToken> findByAccountIdOrderById(Long account);

        Optional<AccessToken> findBySecretHash(String hash);
    }

    private final Repository tokens;
    private final Accounts accounts;
    private final SecondFactors factors;
    private final Throttle throttle;
    private final Clock clock;

    AccessTokens(Repository tokens, Accounts accounts, SecondFactors factors, Throttle throttle, Clock clock) {
        this.tokens = tokens;
        this.accounts = accounts;
        this.factors = factors;
        this.throttle = throttle;
        this.clock = clock;
    }

    /** @param usedAt null for never */
    public record TokenLine(
            long id,
            String label,
            Set<TokenScope> scopes,
            Instant madeAt,
            @Nullable Instant usedAt) {}

    /** @param secret told this once and kept nowhere */
    public record NewToken(TokenLine token, String secret) {}

    @Transactional(readOnly = true)
    public List<TokenLine> of(Person person) {
        return tokens.findByAccountIdOrderById(person.id()).stream()
                .map(AccessTokens::line)
                .toList();
    }

    private static TokenLine line(AccessToken t) {
        return new TokenLine(t.id, t.label, t.scopes(), t.madeAt, t.usedAt);
    }

    /** @throws Problem where it has no name, or there are many already */
    @Transactional
    public NewToken make(Person person, String label, Set<TokenScope> scopes) {
        String plain = label == null ? "" : label.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_LABEL) {
            throw Problem.badRequest("Say what the token is for, with at most " + LONGEST_LABEL
                    + " characters, such as “my laptop”. None was made.");
        }
        if (scopes.isEmpty()) {
            throw Problem.badRequest("Say what the token may do. None was made.");
        }
        if (tokens.findByAccountIdOrderById(person.id()).size() >= MOST) {
            throw Problem.conflict("You have " + MOST + " tokens already. Take one back first.");
        }
        String secret = BEGINNING + Accounts.secret();
        AccessToken made =
                tokens.save(new AccessToken(person.id(), plain, Accounts.hash(secret), scopes, Instant.now(clock)));
        return new NewToken(line(made), secret);
    }

    /** Takes one back: nobody signs in with it from now on. */
    @Transactional
    public void revoke(Person person, long id) {
        tokens.delete(tokens.findById(id)
                .filter(t -> t.accountId == person.id())
                .orElseThrow(() -> Problem.notFound("There is no such token; it may have been taken back already.")));
    }

    /**
     * Whoever a program signs in for.
     *
     * @param secret a token of theirs, or their password
     * @param address where the program is
     * @throws Problem where sign-in and secret do not go together, or the next try has to wait
     */
    @Transactional(noRollbackFor = Problem.class)
    public Person signIn(String login, String secret, String address) {
        throttle.admit(login, address);
        boolean token = secret.startsWith(BEGINNING);
        Optional<Person> person = token ? byToken(login, secret) : accounts.authenticate(login, secret);
        if (!token && person.filter(factors::isActive).isPresent()) {
            throw Problem.unauthorized(
                    "You sign in with a second factor, so that a password is not enough here: use a token.");
        }
        throttle.tried(login, address, person.isPresent());
        return person.orElseThrow(() -> Problem.unauthorized("Sign-in and password or token do not go together."));
    }

    private Optional<Person> byToken(String login, String secret) {
        Optional<AccessToken> token = tokens.findBySecretHash(Accounts.hash(secret))
                .filter(t -> t.scopes().contains(TokenScope.GIT));
        Optional<Person> owner = token.flatMap(t -> accounts.person(t.accountId))
                .filter(p -> p.login().equals(login.strip()));
        owner.ifPresent(p -> token.ifPresent(this::used));
        return owner;
    }

    private void used(AccessToken token) {
        Instant now = Instant.now(clock);
        if (token.usedAt == null || token.usedAt.isBefore(now.minus(EXACTNESS))) {
            token.usedAt = now;
        }
    }

    /** Whose token it is, and what it is good for. */
    record Bearer(long token, Person person, Set<TokenScope> scopes) {}

    /**
     * Whoever a program asks for with a token alone.
     *
     * @param address where the program is
     * @throws Problem where nobody has such a token, any more, or the next try has to wait
     */
    @Transactional(noRollbackFor = Problem.class)
    Bearer bearer(String secret, String address) {
        throttle.admit(NOBODY, address);
        Optional<Bearer> found = tokens.findBySecretHash(Accounts.hash(secret))
                .flatMap(t -> accounts.person(t.accountId).map(p -> {
                    used(t);
                    return new Bearer(t.id, p, t.scopes());
                }));
        return found.orElseThrow(() -> {
            throttle.tried(NOBODY, address, false);
            return Problem.unauthorized("Nobody has such a token, or it was taken back. Make one on the page of your"
                    + " password, and send it as “Authorization: Bearer …”.");
        });
    }
}
