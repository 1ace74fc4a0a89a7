package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** A member of staff who can sign in. */
@Entity
class Account {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String login;
    String name;
    String passwordHash;

    @Enumerated(EnumType.STRING)
    Staff.Role role;

    protected Account() {}

    Account(String login, String name, String passwordHash, Staff.Role role) {
        this.login = login;
        this.name = name;
        this.passwordHash = passwordHash;
        this.role = role;
    }

    Staff asStaff() {
        return new Staff(id, login, name, role);
    }
}
