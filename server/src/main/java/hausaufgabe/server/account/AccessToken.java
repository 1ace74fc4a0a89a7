package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** A secret that a program signs in with in place of its owner's password. Only what it hashes to is kept. */
@Entity
class AccessToken {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long accountId;

    /** What its owner calls it. */
    String label;

    String secretHash;
    Instant madeAt;

    /** Null for never. */
    Instant usedAt;

    protected AccessToken() {}

    AccessToken(Long accountId, String label, String secretHash, Instant madeAt) {
        this.accountId = accountId;
        this.label = label;
        this.secretHash = secretHash;
        this.madeAt = madeAt;
    }
}
