package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Somebody who can sign in: staff or student. */
@Entity
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

    protected Account() {}

    Account(String login, String name, String passwordHash, Person.Role role) {
        this.login = login;
        this.name = name;
        this.passwordHash = passwordHash;
        this.role = role;
    }

    boolean isUsable() {
        return disabledAt == null && passwordHash != null;
    }

    Person asPerson() {
        return new Person(id, login, name, role, epoch);
    }
}
