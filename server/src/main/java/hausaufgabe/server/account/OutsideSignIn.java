package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.oauth2.client.registration.ClientRegistration;
import org.springframework.security.oauth2.client.registration.ClientRegistrationRepository;
import org.springframework.security.oauth2.client.registration.ClientRegistrations;
import org.springframework.security.oauth2.client.registration.InMemoryClientRegistrationRepository;
import org.springframework.security.oauth2.client.registration.SupplierClientRegistrationRepository;
import org.springframework.security.oauth2.client.web.HttpSessionOAuth2AuthorizedClientRepository;
import org.springframework.security.oauth2.client.web.OAuth2AuthorizationRequestRedirectFilter;
import org.springframework.security.oauth2.core.OAuth2AuthenticationException;
import org.springframework.security.oauth2.core.oidc.user.OidcUser;
import org.springframework.stereotype.Component;

/** Signing in through a provider outside, where one is set. Whoever it names must have an account here already. */
@Component
@ConditionalOnProperty("hausaufgabe.open-id.issuer")
@EnableConfigurationProperties(OpenId.class)
class OutsideSignIn {

    private static final Logger LOG = LoggerFactory.getLogger(OutsideSignIn.class);
    private static final String EMAIL = "email";

    /** Why somebody comes back without being signed in; the sign-in page has a sentence for each. */
    private enum Refusal {
        UNKNOWN,
        DISABLED,
        OTHER,
        CANCELLED,
        FAILED
    }

    private final OpenId provider;
    private final Accounts accounts;
    private final Sessions sessions;

    OutsideSignIn(OpenId provider, Accounts accounts, Sessions sessions) {
        this.provider = provider;
        this.accounts = accounts;
        this.sessions = sessions;
    }

    void allow(HttpSecurity http) throws Exception {
        http.oauth2Login(login -> login.loginPage("/sign-in")
                .clientRegistrationRepository(registrations())
                // what the provider lets us ask it ends with the sign-in
                .authorizedClientRepository(new HttpSessionOAuth2AuthorizedClientRepository())
                .successHandler(this::signIn)
                .failureHandler(this::refuse)
                .withObjectPostProcessor(new ObjectPostProcessor<OAuth2AuthorizationRequestRedirectFilter>() {
                    @Override
                    public <F extends OAuth2AuthorizationRequestRedirectFilter> F postProcess(F filter) {
                        filter.setAuthenticationFailureHandler(OutsideSignIn.this::refuse);
                        return filter;
                    }
                }));
    }

    /** The provider is asked for its addresses when the first comes to be signed in, not when the server starts. */
    private ClientRegistrationRepository registrations() {
        return new SupplierClientRegistrationRepository(
                () -> new InMemoryClientRegistrationRepository(ClientRegistrations.fromIssuerLocation(provider.issuer())
                        .registrationId(OpenId.ID)
                        .clientId(provider.clientId())
                        .clientSecret(provider.clientSecret())
                        .scope("openid", "profile", EMAIL)
                        .clientSettings(ClientRegistration.ClientSettings.builder()
                                .requireProofKey(true)
                                .build())
                        .build()));
    }

    private void signIn(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws IOException {
        OidcUser user = (OidcUser) who.getPrincipal();
        try {
            Person person = accounts.fromOutside(user.getIssuer().toString(), user.getSubject(), login(user));
            sessions.begin(person, request, response);
            response.sendRedirect("/");
        } catch (Problem e) {
            sessions.end(request);
            back(
                    response,
                    switch (e.status()) {
                        case FORBIDDEN -> Refusal.DISABLED;
                        case CONFLICT -> Refusal.OTHER;
                        default -> Refusal.UNKNOWN;
                    });
        }
    }

    /** What the provider says somebody's sign-in is; null where it does not, or does not vouch for it. */
    private String login(OidcUser user) {
        boolean vouched = !provider.login().equals(EMAIL) || Boolean.TRUE.equals(user.getEmailVerified());
        return vouched ? user.getClaimAsString(provider.login()) : null;
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException {
        boolean cancelled = why instanceof OAuth2AuthenticationException e
                && e.getError().getErrorCode().equals("access_denied");
        if (!cancelled) {
            LOG.warn("Nobody was signed in through {}: {}", provider.issuer(), why.toString());
        }
        sessions.end(request);
        back(response, cancelled ? Refusal.CANCELLED : Refusal.FAILED);
    }

    private static void back(HttpServletResponse response, Refusal why) throws IOException {
        response.sendRedirect("/sign-in?outside=" + why.name().toLowerCase(Locale.ROOT));
    }
}
