package hausaufgabe.server.account;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Everything under {@code /api} is for those who are signed in; the web application's files are for all. */
@Configuration
class Security {

    private static final String POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
            + " font-src 'self' data:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'";

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            ObjectMapper mapper,
            Accounts accounts,
            Sessions sessions,
            AccessTokens tokens,
            CourseRights course,
            ObjectProvider<OutsideSignIn> outside)
            throws Exception {
        CsrfTokenRequestAttributeHandler plain = new CsrfTokenRequestAttributeHandler();
        // no deferred loading: the first page already brings the cookie that the sign-in needs
        plain.setCsrfRequestAttributeName(null);
        http.authorizeHttpRequests(rules -> Doors.open(rules, course))
                .addFilterBefore(new CurrentSession(accounts, sessions), AuthorizationFilter.class)
                .addFilterBefore(
                        new TokenBearer(
                                tokens,
                                (request, response, status, why) -> refuse(mapper, request, response, status, why)),
                        CurrentSession.class)
                .csrf(csrf -> csrf.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(plain)
                        // a program has no session that could be misused, and a token no browser sends by itself
                        .ignoringRequestMatchers(TokenBearer::carries))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(permissions -> permissions.policy(
                                "camera=(), microphone=(), geolocation=(), payment=(), usb=(), interest-cohort=()"))
                        // only told where the request came over TLS, also through a proxy that says so
                        .httpStrictTransportSecurity(
                                tls -> tls.includeSubDomains(false).maxAgeInSeconds(31_536_000)))
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, why) ->
                                refuse(mapper, request, response, HttpStatus.UNAUTHORIZED, "Sign in first."))
                        .accessDeniedHandler((request, response, why) -> refuse(
                                mapper,
                                request,
                                response,
                                HttpStatus.FORBIDDEN,
                                why instanceof CsrfException
                                        ? "The page was open for too long. Load it again and repeat what you did."
                                        : "Your duty in this course does not include that. Ask the course lead.")));
        OutsideSignIn provider = outside.getIfAvailable();
        if (provider != null) {
            provider.allow(http);
        }
        return http.build();
    }

    private static void refuse(
            ObjectMapper mapper,
            HttpServletRequest request,
            HttpServletResponse response,
            HttpStatus status,
            String why)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(mapper.writeValueAsString(ProblemDetail.forStatusAndDetail(status, why)));
    }
}
