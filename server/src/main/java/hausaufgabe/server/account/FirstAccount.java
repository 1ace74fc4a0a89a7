package hausaufgabe.server.account;

import hausaufgabe.server.Greeting;
import java.security.SecureRandom;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** On empty records, makes the lead's account with a password that is told once, at the terminal. */
@Component
@ConditionalOnProperty(name = "hausaufgabe.demo", havingValue = "false", matchIfMissing = true)
class FirstAccount implements Greeting {

    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";

    private final Accounts accounts;
    private String password;

    FirstAccount(Accounts accounts) {
        this.accounts = accounts;
    }

    @EventListener(ApplicationReadyEvent.class)
    void create() {
        if (accounts.isEmpty()) {
            SecureRandom random = new SecureRandom();
            StringBuilder made = new StringBuilder();
            for (int i = 0; i < 14; i++) {
                made.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
            }
            password = made.toString();
            accounts.create("lead", "Course lead", password, Staff.Role.LEAD);
        }
    }

    @Override
    public List<String> lines() {
        return password == null
                ? List.of()
                : List.of("  sign in as  lead  password  " + password + "  (told this once)");
    }
}
