package hausaufgabe.server.git;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.AccessTokens;
import hausaufgabe.server.account.Person;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** Git signs in with every request anew, by a password or a token, and begins no session. */
@Configuration
class GitSecurity {

    @Bean
    @Order(1)
    SecurityFilterChain git(HttpSecurity http, AccessTokens tokens) throws Exception {
        // just what the servlet gets: by its own path, not by a pattern that somebody else might read differently
        http.securityMatcher(request -> request.getServletPath().equals("/git")
                        || request.getRequestURI().startsWith(GitAddress.ROOT))
                .authorizeHttpRequests(rules -> rules.anyRequest().authenticated())
                .authenticationManager(manager(tokens))
                .httpBasic(basic -> basic.authenticationEntryPoint(GitSecurity::refuse))
                .exceptionHandling(e -> e.authenticationEntryPoint(GitSecurity::refuse))
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // nothing that a browser sends by itself signs in here
                .csrf(csrf -> csrf.disable())
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable());
        return http.build();
    }

    private static AuthenticationManager manager(AccessTokens tokens) {
        return given -> {
            String address = given.getDetails() instanceof WebAuthenticationDetails d ? d.getRemoteAddress() : "";
            try {
                Person person = tokens.signIn(given.getName(), String.valueOf(given.getCredentials()), address);
                return UsernamePasswordAuthenticationToken.authenticated(person, null, List.of());
            } catch (Problem e) {
                throw e.status().value() == HttpServletResponse.SC_UNAUTHORIZED
                        ? new BadCredentialsException(e.getMessage())
                        : new LockedException(e.getMessage());
            }
        };
    }

    /** @see AuthenticationEntryPoint#commence */
    private static void refuse(
            jakarta.servlet.http.HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws java.io.IOException {
        boolean waits = why instanceof LockedException;
        response.setStatus(waits ? 429 : HttpServletResponse.SC_UNAUTHORIZED);
        if (!waits) {
            response.setHeader("WWW-Authenticate", "Basic realm=\"Hausaufgabe\", charset=\"UTF-8\"");
        }
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter()
                .println(why instanceof BadCredentialsException || waits ? why.getMessage() : "Sign in first.");
    }
}
