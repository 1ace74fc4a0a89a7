package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A code beside the password, for staff who want it: from a device that they have, or from a list that they keep for when the
 * device is lost.
 */
@Service
public class SecondFactors {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int RECOVERY_CODES = 10;
    private static final int RECOVERY_LENGTH = 12;
    /** Nothing that could be read as something else. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    interface Codes extends JpaRepository<RecoveryCode, Long> {
        int countByAccountIdAndUsedAtIsNull(Long account);

        void deleteByAccountId(Long account);

        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(
                "update RecoveryCode c set c.usedAt = ?3 where c.accountId = ?1 and c.codeHash = ?2 and c.usedAt is null")
        int use(Long account, String hash, Instant now);
    }

    interface Steps extends JpaRepository<Account, Long> {
        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query("update Account a set a.factorStep = ?2 where a.id = ?1 and a.factorStep < ?2")
        int use(Long account, long step);
    }

    private final Accounts accounts;
    private final Steps steps;
    private final Codes codes;
    private final Clock clock;

    SecondFactors(Accounts accounts, Steps steps, Codes codes, Clock clock) {
        this.accounts = accounts;
        this.steps = steps;
        this.codes = codes;
        this.clock = clock;
    }

    /**
     * How it stands with somebody's second factor.
     *
     * @param since null where there is none
     * @param codesLeft how many recovery codes can still be used
     */
    public record FactorState(@Nullable Instant since, int codesLeft) {}

    /**
     * A second factor that is offered: it counts once a code of it was given back.
     *
     * @param secret to be typed into a device that has no camera, in base 32
     * @param address the same for a device that reads addresses
     * @param picture the address for a camera, as a {@code data:} address
     */
    public record OfferedFactor(String secret, String address, String picture) {}

    @Transactional(readOnly = true)
    public FactorState state(Person person) {
        return new FactorState(
                accounts.get(person.id()).factorSince, codes.countByAccountIdAndUsedAtIsNull(person.id()));
    }

    /** Whether a password alone does not let this account in. */
    @Transactional(readOnly = true)
    public boolean isActive(Person person) {
        return accounts.get(person.id()).factorSince != null;
    }

    /**
     * Offers a new secret; what was offered before no longer counts.
     *
     * @throws Problem where the password is wrong, for a student, or where there is a second factor already
     */
    @Transactional
    public OfferedFactor offer(Person person, String password) {
        if (person.role() == Person.Role.STUDENT) {
            throw Problem.forbidden("A second factor is for the staff.");
        }
        accounts.requirePassword(person, password);
        Account a = accounts.get(person.id());
        if (a.factorSince != null) {
            throw Problem.conflict("You have a second factor already. End it first to begin with another device.");
        }
        a.factorSecret = OneTimeCodes.secret();
        a.factorStep = 0;
        String address = OneTimeCodes.address(a.login, a.factorSecret);
        return new OfferedFactor(a.factorSecret, address, OneTimeCodes.picture(address));
    }

    /**
     * Takes what was offered: from now on a code is asked for. Sessions elsewhere end.
     *
     * @return the recovery codes, told this once and kept nowhere
     * @throws Problem where nothing was offered or the code is not one of it
     */
    @Transactional
    public List<String> confirm(Person person, String code) {
        Account a = accounts.get(person.id());
        if (a.factorSecret == null || a.factorSince != null) {
            throw Problem.conflict("No second factor is waiting for its first code. Begin again.");
        }
        OptionalLong step = OneTimeCodes.step(a.factorSecret, plain(code), Instant.now(clock), a.factorStep);
        if (step.isEmpty()) {
            throw Problem.badRequest(
                    "This is not the code of the device. It changes every 30 seconds: give the one that"
                            + " is shown now, and see that the device’s clock is right. Nothing was changed.");
        }
        a.factorSince = Instant.now(clock);
        a.factorStep = step.getAsLong();
        accounts.endSessions(person);
        return newCodes(a.id);
    }

    private List<String> newCodes(long account) {
        codes.deleteByAccountId(account);
        codes.flush();
        List<String> made = Stream.generate(SecondFactors::recoveryCode)
                .distinct()
                .limit(RECOVERY_CODES)
                .toList();
        codes.saveAll(made.stream()
                .map(c -> new RecoveryCode(account, Accounts.hash(plain(c))))
                .toList());
        return made;
    }

    private static String recoveryCode() {
        return IntStream.range(0, RECOVERY_LENGTH)
                .mapToObj(i -> (i > 0 && i % 4 == 0 ? "-" : "") + LETTERS.charAt(RANDOM.nextInt(LETTERS.length())))
                .collect(Collectors.joining());
    }

    /** A code however it was typed. */
    private static String plain(String code) {
        return code.replaceAll("[\\s-]", "").toLowerCase(java.util.Locale.ROOT);
    }

    /** Uses a code up, if it is one of the device or of the list. */
    @Transactional
    public boolean accept(Person person, String code) {
        Account a = accounts.get(person.id());
        if (a.factorSince == null) {
            return false;
        }
        OptionalLong step = OneTimeCodes.step(a.factorSecret, plain(code), Instant.now(clock), a.factorStep);
        return step.isPresent()
                ? steps.use(a.id, step.getAsLong()) == 1
                : codes.use(a.id, Accounts.hash(plain(code)), Instant.now(clock)) == 1;
    }

    /**
     * New recovery codes in place of those that there are.
     *
     * @throws Problem where the code is wrong
     */
    @Transactional(noRollbackFor = Problem.class)
    public List<String> renewCodes(Person person, String code) {
        requireCode(person, code);
        return newCodes(person.id());
    }

    /**
     * Ends one's own second factor: the password alone lets in again.
     *
     * @throws Problem where the code is wrong
     */
    @Transactional(noRollbackFor = Problem.class)
    public void end(Person person, String code) {
        requireCode(person, code);
        remove(person.id());
    }

    private void requireCode(Person person, String code) {
        if (!accept(person, code)) {
            throw Problem.badRequest(WRONG_CODE + " Nothing was changed.");
        }
    }

    static final String WRONG_CODE =
            "This code does not count. Give the one that the device shows now, each only once, or one of your recovery"
                    + " codes that was not used.";

    /** Ends somebody's second factor, for whoever lost the device and the codes. */
    @Transactional
    public void remove(long account) {
        Account a = accounts.get(account);
        a.factorSecret = null;
        a.factorSince = null;
        codes.deleteByAccountId(account);
    }
}
