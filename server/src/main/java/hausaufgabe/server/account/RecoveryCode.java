package hausaufgabe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** A code that stands in once for the device that tells codes. Only what it hashes to is kept. */
@Entity
class RecoveryCode {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long accountId;
    String codeHash;

    /** Null while it can be used. */
    Instant usedAt;

    protected RecoveryCode() {}

    RecoveryCode(Long accountId, String codeHash) {
        this.accountId = accountId;
        this.codeHash = codeHash;
    }
}
