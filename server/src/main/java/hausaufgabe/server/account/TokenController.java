package hausaufgabe.server.account;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own tokens. */
@RestController
@RequestMapping("/api/session/tokens")
class TokenController {

    private final AccessTokens tokens;

    TokenController(AccessTokens tokens) {
        this.tokens = tokens;
    }

    /** @param scopes what it is good for; git where left out */
    record TokenWanted(@NotNull String label, @Nullable Set<TokenScope> scopes) {}

    @GetMapping
    List<AccessTokens.TokenLine> all(@AuthenticationPrincipal Person person) {
        return tokens.of(person);
    }

    /** Makes one; its secret is told in this answer and never again. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AccessTokens.NewToken make(@RequestBody TokenWanted given, @AuthenticationPrincipal Person person) {
        return tokens.make(person, given.label(), given.scopes() == null ? Set.of(TokenScope.GIT) : given.scopes());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@PathVariable long id, @AuthenticationPrincipal Person person) {
        tokens.revoke(person, id);
    }
}
