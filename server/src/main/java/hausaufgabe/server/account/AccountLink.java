package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;

/** A link by which somebody chooses a password, once. Only what the token hashes to is kept. */
@Entity
class AccountLink {

    @Id
    String tokenHash;

    Long accountId;

    /** Null for a link that the server made for itself. */
    Long madeBy;

    Instant madeAt;
    Instant expiresAt;
    Instant usedAt;

    protected AccountLink() {}

    AccountLink(String tokenHash, Long accountId, Long madeBy, Instant madeAt, Instant expiresAt) {
        this.tokenHash = tokenHash;
        this.accountId = accountId;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.expiresAt = expiresAt;
    }
}
