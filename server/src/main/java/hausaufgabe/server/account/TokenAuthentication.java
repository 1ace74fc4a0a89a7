package hausaufgabe.server.account;

import java.io.Serial;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;

/** A program that asks for somebody, with what its token leaves of their rights; for one request. */
final class TokenAuthentication extends AbstractAuthenticationToken {

    @Serial
    private static final long serialVersionUID = 1L;

    private final transient Person person;
    private final Set<Right> rights;

    TokenAuthentication(Person person, Set<TokenScope> scopes) {
        this(
                person,
                scopes.stream()
                        .flatMap(s -> s.rights().stream())
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Right.class))));
    }

    private TokenAuthentication(Person person, EnumSet<Right> rights) {
        super(rights.stream()
                .filter(Right.of(person.role())::contains)
                .map(r -> new SimpleGrantedAuthority(r.name()))
                .toList());
        this.person = person;
        this.rights = rights;
        setAuthenticated(true);
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public Object getPrincipal() {
        return person;
    }

    /** Whether whoever asks may use a right, if they have it: everybody but a program whose token is not for that. */
    static boolean leaves(Authentication who, Right right) {
        return !(who instanceof TokenAuthentication t) || t.rights.contains(right);
    }

    /** The same of whoever asks just now. */
    static boolean leaves(Right right) {
        return leaves(SecurityContextHolder.getContext().getAuthentication(), right);
    }

    @Override
    public boolean equals(Object other) {
        return super.equals(other) && other instanceof TokenAuthentication t && rights.equals(t.rights);
    }

    @Override
    public int hashCode() {
        return 31 * super.hashCode() + rights.hashCode();
    }
}
