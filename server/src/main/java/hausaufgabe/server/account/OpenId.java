package hausaufgabe.server.account;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * A provider outside, such as the school's, that says who somebody is (OpenID Connect 1.0).
 *
 * @param issuer its address; what else is to be known of it is asked for there
 * @param clientId whom it knows this application by
 * @param clientSecret what it knows it by
 * @param name what it is called on the sign-in page
 * @param login the claim that holds somebody's sign-in here. Those who have an account there must not be able to choose it
 */
@ConfigurationProperties("hausaufgabe.open-id")
public record OpenId(
        String issuer,
        @Nullable String clientId,
        @Nullable String clientSecret,
        @DefaultValue("your school’s account") String name,
        @DefaultValue("preferred_username") String login) {

    /** Names the one provider in addresses. */
    static final String ID = "outside";

    /** Where a browser goes to be signed in by it. */
    static final String BEGIN = "/oauth2/authorization/" + ID;

    public OpenId {
        require("client-id", clientId);
        require("client-secret", clientSecret);
    }

    private static void require(String name, @Nullable String value) {
        if (value == null || value.isBlank()) {
            throw new IllegalArgumentException("hausaufgabe.open-id." + name
                    + " is missing. The provider outside gives it to you when you make this application known there.");
        }
    }
}
