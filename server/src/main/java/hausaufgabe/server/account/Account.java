package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.hibernate.annotations.DynamicUpdate;

/** Somebody who can sign in: staff or student. */
@Entity
@DynamicUpdate
class Account {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String login;
    String name;

    /** Null until a password was chosen. */
    String passwordHash;

    @Enumerated(EnumType.STRING)
    Person.Role role;

    /** Null while the account may be used. */
    Instant disabledAt;

    int epoch;

    /** What a device and the server work codes out of, in base 32; null for nothing. */
    String factorSecret;

    /** Since when a code is asked for; null while the password alone lets in. */
    Instant factorSince;

    /** The time step of the code that was used last. */
    long factorStep;

    /** The provider outside that signed this account in; null for none so far. */
    String outsideIssuer;

    /** Whom it knows the account by. */
    String outsideSubject;

    protected Account() {}

    Account(String login, String name, String passwordHash, Person.Role role) {
        this.login = login;
        this.name = name;
        this.passwordHash = passwordHash;
        this.role = role;
    }

    boolean isUsable() {
        return disabledAt == null;
    }

    Person asPerson() {
        return new Person(id, login, name, role, epoch);
    }
}
