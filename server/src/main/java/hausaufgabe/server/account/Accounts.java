package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may sign in. */
@Service
public class Accounts {

    interface Repository extends JpaRepository<Account, Long> {
        Optional<Account> findByLogin(String login);
    }

    private final Repository accounts;
    private final PasswordEncoder passwords;
    private final String nobodysHash;

    Accounts(Repository accounts, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.nobodysHash = passwords.encode("nobody");
    }

    /** Makes an account. */
    @Transactional
    public Staff create(String login, String name, String password, Staff.Role role) {
        if (accounts.findByLogin(login).isPresent()) {
            throw Problem.conflict("There is already somebody with the sign-in " + login + ".");
        }
        return accounts.save(new Account(login, name, passwords.encode(password), role))
                .asStaff();
    }

    /** Whoever has this sign-in and password. An unknown sign-in takes as long to refuse as a wrong password. */
    @Transactional(readOnly = true)
    public Optional<Staff> authenticate(String login, String password) {
        Optional<Account> found = accounts.findByLogin(login.strip());
        boolean right =
                passwords.matches(password, found.map(a -> a.passwordHash).orElse(nobodysHash));
        return right ? found.map(Account::asStaff) : Optional.empty();
    }

    /** Names by id. */
    @Transactional(readOnly = true)
    public Map<Long, String> names() {
        return accounts.findAll().stream().collect(Collectors.toMap(a -> a.id, a -> a.name));
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return accounts.count() == 0;
    }
}
