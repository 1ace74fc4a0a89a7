package hausaufgabe.server.account;

import hausaufgabe.server.Greeting;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * As long as no lead has a password, each start makes a link by which the first one chooses it, told at the terminal. It is
 * asked for once everything else has succeeded, so that a start that fails leaves nothing behind.
 */
@Component
@ConditionalOnProperty(name = "hausaufgabe.demo", havingValue = "false", matchIfMissing = true)
class FirstAccount implements Greeting {

    private final Accounts accounts;

    FirstAccount(Accounts accounts) {
        this.accounts = accounts;
    }

    @Override
    public List<String> lines(String address) {
        List<Accounts.AccountLine> leads = accounts.all().stream()
                .filter(a -> a.role() == Person.Role.LEAD)
                .toList();
        if (leads.stream().anyMatch(a -> a.state() == Accounts.State.ACTIVE)) {
            return List.of();
        }
        long lead = leads.stream()
                .filter(a -> a.state() == Accounts.State.INVITED)
                .findFirst()
                .orElseGet(() -> accounts.invite("lead", "Lead", Person.Role.LEAD))
                .id();
        return List.of(
                "  Nobody leads here yet. Open this link to choose the password for the sign-in  lead :",
                "  " + address + "/welcome#" + accounts.link(lead, null).token(),
                "  It works once, for seven days; the next start makes another one.");
    }
}
