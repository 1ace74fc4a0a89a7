package hausaufgabe.server.account;

import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;

/** Which request needs which right. What is not named here is refused. */
final class Doors {

    private Doors() {}

    static void open(AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry rules) {
        rules.requestMatchers("/api/session", "/api/links", "/api/links/**").permitAll();
        rules.requestMatchers("/api/session/password").authenticated();
        rules.requestMatchers("/api/accounts", "/api/accounts/**").hasAuthority(Right.MANAGE_ACCOUNTS.name());
        rules.requestMatchers(HttpMethod.POST, "/api/exercises/*/submissions", "/api/submissions/*/check")
                .hasAuthority(Right.HAND_IN.name());
        rules.requestMatchers(HttpMethod.PUT, "/api/submissions/*/*").hasAuthority(Right.MARK.name());
        rules.requestMatchers(HttpMethod.DELETE, "/api/submissions/*/*").hasAuthority(Right.MARK.name());
        rules.requestMatchers(HttpMethod.GET, "/api/**").hasAuthority(Right.READ.name());
        rules.requestMatchers("/api/**").denyAll();
        // the web application's own files
        rules.anyRequest().permitAll();
    }
}
