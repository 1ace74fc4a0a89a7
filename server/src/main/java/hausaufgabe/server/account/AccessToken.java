package hausaufgabe.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

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

    /** What it is good for, one to a line; null where that was not asked, which is git. */
    @Column(name = "scopes")
    String scopeLines;

    Instant madeAt;

    /** Null for never. */
    Instant usedAt;

    Set<TokenScope> scopes() {
        return scopeLines == null
                ? EnumSet.of(TokenScope.GIT)
                : scopeLines
                        .lines()
                        .map(TokenScope::valueOf)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(TokenScope.class)));
    }

    protected AccessToken() {}

    AccessToken(Long accountId, String label, String secretHash, Set<TokenScope> scopes, Instant madeAt) {
        this.accountId = accountId;
        this.label = label;
        this.secretHash = secretHash;
        this.scopeLines = scopes.stream().map(Enum::name).sorted().collect(Collectors.joining("\n"));
        this.madeAt = madeAt;
    }
}
