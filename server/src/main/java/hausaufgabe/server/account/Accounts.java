package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may sign in. Passwords are chosen by those who use them, by way of a link that works once. */
@Service
public class Accounts {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final Duration LINK_WORKS = Duration.ofDays(7);
    private static final int SHORTEST_PASSWORD = 10;
    /** More than this the hash does not look at. */
    private static final int LONGEST_PASSWORD = 72;

    interface Repository extends JpaRepository<Account, Long> {
        Optional<Account> findByLogin(String login);

        Optional<Account> findByOutsideIssuerAndOutsideSubject(String issuer, String subject);

        List<Account> findByRoleNotOrderByName(Person.Role role);

        @Query("select a.id as id, a.name as name from Account a")
        List<Named> names();
    }

    interface LinkRepository extends JpaRepository<AccountLink, String> {
        List<AccountLink> findByAccountIdAndUsedAtIsNull(Long account);
    }

    /** An account’s name. */
    interface Named {
        Long getId();

        String getName();
    }

    private final Repository accounts;
    private final LinkRepository links;
    private final PasswordEncoder passwords;
    private final Clock clock;
    private final String nobodysHash;
    private final Map<Long, Integer> epochs = new ConcurrentHashMap<>();

    Accounts(Repository accounts, LinkRepository links, PasswordEncoder passwords, Clock clock) {
        this.accounts = accounts;
        this.links = links;
        this.passwords = passwords;
        this.clock = clock;
        this.nobodysHash = passwords.encode("nobody");
    }

    /** How far an account is. */
    public enum State {
        /** Nobody has chosen a password yet. */
        INVITED,
        ACTIVE,
        DISABLED
    }

    /**
     * An account in the list of all.
     *
     * @param secondFactor whether a code is asked for beside the password
     * @param outside whether it signed in through the provider outside
     */
    public record AccountLine(
            long id, String login, String name, Person.Role role, State state, boolean secondFactor, boolean outside) {}

    /**
     * A link that works once.
     *
     * @param token what stands in it
     */
    public record Link(String token, Instant expiresAt) {}

    /** Makes an account with a password, for the demonstration. */
    @Transactional
    public Person create(String login, String name, String password, Person.Role role) {
        return add(login, name, passwords.encode(password), role).asPerson();
    }

    private Account add(String login, String name, String hash, Person.Role role) {
        if (accounts.findByLogin(login).isPresent()) {
            throw Problem.conflict("There is already somebody with the sign-in " + login + ".");
        }
        return accounts.saveAndFlush(new Account(login, name, hash, role));
    }

    /** Makes an account that is used once a password was chosen for it. */
    @Transactional
    public AccountLine invite(String login, String name, Person.Role role) {
        String plain = login == null ? "" : login.strip();
        if (!plain.matches("[\\p{L}\\p{N}._@+-]{1,60}")) {
            throw Problem.badRequest(
                    "A sign-in has at most 60 letters, digits, dots or dashes, such as maike or j.harmsdeich.");
        }
        if (name == null || name.isBlank() || name.strip().length() > 120) {
            throw Problem.badRequest("Give the name as the others know it, with at most 120 characters.");
        }
        return line(add(plain, name.strip(), null, role));
    }

    /** The staff, by name. */
    @Transactional(readOnly = true)
    public List<AccountLine> all() {
        return accounts.findByRoleNotOrderByName(Person.Role.STUDENT).stream()
                .map(Accounts::line)
                .toList();
    }

    /** Those of these accounts that there are, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, AccountLine> byId(Collection<Long> ids) {
        return accounts.findAllById(ids).stream().collect(Collectors.toMap(a -> a.id, Accounts::line));
    }

    /**
     * The account of a student, who may be in other courses already.
     *
     * @param login what the school knows the student by
     * @throws Problem where it is the sign-in of somebody of the staff, or cannot be one
     */
    @Transactional(noRollbackFor = Problem.class)
    public AccountLine ofStudent(String login, String name) {
        Optional<Account> known = accounts.findByLogin(login);
        if (known.isPresent() && known.get().role != Person.Role.STUDENT) {
            throw Problem.conflict("Somebody of the staff has the sign-in " + login + ".");
        }
        return known.map(Accounts::line).orElseGet(() -> invite(login, name, Person.Role.STUDENT));
    }

    /** Whoever has a sign-in. */
    @Transactional(readOnly = true)
    public Optional<Person> named(String login) {
        return accounts.findByLogin(login).map(Account::asPerson);
    }

    private static AccountLine line(Account a) {
        State state = a.disabledAt != null ? State.DISABLED : a.passwordHash == null ? State.INVITED : State.ACTIVE;
        return new AccountLine(a.id, a.login, a.name, a.role, state, a.factorSince != null, a.outsideSubject != null);
    }

    /**
     * A link to choose a password with. Those that were made for the account before no longer work.
     *
     * @param by who makes it; null for the server itself
     */
    @Transactional(noRollbackFor = Problem.class)
    public Link link(long account, Person by) {
        Account a = get(account);
        if (a.disabledAt != null) {
            throw Problem.conflict("This account was taken away. Give it back first.");
        }
        Instant now = Instant.now(clock);
        links.findByAccountIdAndUsedAtIsNull(account).forEach(l -> l.usedAt = now);
        String token = secret();
        Instant expires = now.plus(LINK_WORKS);
        links.save(new AccountLink(hash(token), account, by == null ? null : by.id(), now, expires));
        return new Link(token, expires);
    }

    /** Whose password a link chooses. */
    @Transactional(readOnly = true)
    public AccountLine ofLink(String token) {
        return line(get(open(token).accountId));
    }

    /** Uses a link up: from here on the account has this password, and who was signed in with another one no longer is. */
    @Transactional
    public void choose(String token, String password) {
        AccountLink link = open(token);
        Account a = get(link.accountId);
        link.usedAt = Instant.now(clock);
        setPassword(a, password);
    }

    private AccountLink open(String token) {
        return links.findById(hash(token))
                .filter(l -> l.usedAt == null && l.expiresAt.isAfter(Instant.now(clock)))
                .filter(l -> get(l.accountId).disabledAt == null)
                .orElseThrow(() -> Problem.notFound(
                        "This link was used already, or is too old. The lead can make you another one."));
    }

    /** Changes one's own password. */
    @Transactional
    public Person change(Person person, String before, String after) {
        requirePassword(person, before);
        Account a = get(person.id());
        setPassword(a, after);
        return a.asPerson();
    }

    void requirePassword(Person person, String password) {
        Account a = get(person.id());
        if (a.passwordHash == null) {
            throw Problem.badRequest(
                    "You have no password here yet. The lead can make you a link by which you choose one.");
        }
        if (!passwords.matches(password, a.passwordHash)) {
            throw Problem.badRequest("The password you have now is another one. Nothing was changed.");
        }
    }

    private void setPassword(Account a, String password) {
        int bytes = password == null ? 0 : password.getBytes(StandardCharsets.UTF_8).length;
        if (password == null || password.length() < SHORTEST_PASSWORD || bytes > LONGEST_PASSWORD) {
            throw Problem.badRequest("A password has at least " + SHORTEST_PASSWORD + " characters and at most "
                    + LONGEST_PASSWORD + ". A short sentence is easy to keep.");
        }
        if (password.equalsIgnoreCase(a.login) || password.equalsIgnoreCase(a.name)) {
            throw Problem.badRequest("Choose a password that is not your name.");
        }
        a.passwordHash = passwords.encode(password);
        endSessions(a);
    }

    /** Takes an account away, or gives it back. What it did stays. */
    @Transactional
    public AccountLine disable(long account, boolean disabled, Person by) {
        Account a = get(account);
        if (disabled && a.id == by.id()) {
            throw Problem.conflict("You cannot take your own account away; ask another lead.");
        }
        a.disabledAt = disabled ? Instant.now(clock) : null;
        endSessions(a);
        return line(a);
    }

    /** Ends every session of somebody. */
    @Transactional
    public void endSessions(Person person) {
        endSessions(get(person.id()));
    }

    private void endSessions(Account a) {
        a.epoch++;
        accounts.saveAndFlush(a);
        epochs.put(a.id, a.epoch);
    }

    /** Whether a session that began for this person still holds. */
    public boolean isCurrent(Person person) {
        Integer known = epochs.computeIfAbsent(
                person.id(), id -> accounts.findById(id).map(a -> a.epoch).orElse(-1));
        return known == person.epoch();
    }

    Account get(long id) {
        return accounts.findById(id).orElseThrow(() -> Problem.notFound("There is no such account."));
    }

    /** Whoever has this sign-in and password. An unknown sign-in takes as long to refuse as a wrong password. */
    @Transactional(readOnly = true)
    public Optional<Person> authenticate(String login, String password) {
        Optional<Account> found =
                accounts.findByLogin(login.strip()).filter(Account::isUsable).filter(a -> a.passwordHash != null);
        boolean right =
                passwords.matches(password, found.map(a -> a.passwordHash).orElse(nobodysHash));
        return right ? found.map(Account::asPerson) : Optional.empty();
    }

    /**
     * Whoever a provider outside says is there: who signed in through it before, or else the account with this sign-in, which
     * from then on belongs to that subject alone.
     *
     * @param issuer the provider
     * @param subject whom it knows them by; never given to another by it
     * @param login what it says their sign-in is; null where it does not say
     * @throws Problem where nobody here is meant, or the account belongs to another subject or was taken away
     */
    @Transactional
    public Person fromOutside(String issuer, String subject, @Nullable String login) {
        Account a = accounts.findByOutsideIssuerAndOutsideSubject(issuer, subject)
                .or(() -> Optional.ofNullable(login).flatMap(accounts::findByLogin))
                .orElseThrow(() -> Problem.notFound("There is no account with this sign-in."));
        if (!a.isUsable()) {
            throw Problem.forbidden("The account was taken away.");
        }
        if (a.outsideSubject == null) {
            a.outsideIssuer = issuer;
            a.outsideSubject = subject;
        } else if (!a.outsideSubject.equals(subject) || !a.outsideIssuer.equals(issuer)) {
            throw Problem.conflict("The account belongs to somebody else there.");
        }
        return a.asPerson();
    }

    /** Lets go of whom the provider outside knows an account by; the next who signs in under its name is taken for its owner. */
    @Transactional
    public AccountLine forgetOutside(long account) {
        Account a = get(account);
        a.outsideIssuer = null;
        a.outsideSubject = null;
        endSessions(a);
        return line(a);
    }

    /** Names by id. */
    @Transactional(readOnly = true)
    public Map<Long, String> names() {
        return accounts.names().stream().collect(Collectors.toMap(Named::getId, Named::getName));
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return accounts.count() == 0;
    }

    /** Something that nobody guesses. */
    static String secret() {
        byte[] random = new byte[24];
        RANDOM.nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** Whoever has an account that can be used. */
    @Transactional(readOnly = true)
    public Optional<Person> person(long account) {
        return accounts.findById(account).filter(Account::isUsable).map(Account::asPerson);
    }

    static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
