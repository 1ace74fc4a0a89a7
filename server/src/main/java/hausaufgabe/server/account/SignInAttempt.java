package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Somebody tried to sign in. Only ever added, and forgotten after some weeks. */
@Entity
class SignInAttempt {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String login;
    String address;
    Instant triedAt;
    boolean success;

    protected SignInAttempt() {}

    SignInAttempt(String login, String address, Instant triedAt, boolean success) {
        this.login = login;
        this.address = address;
        this.triedAt = triedAt;
        this.success = success;
    }
}
