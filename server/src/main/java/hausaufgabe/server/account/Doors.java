package hausaufgabe.server.account;

import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;

/** Which request needs which right. What is not named here is refused. */
final class Doors {

    private Doors() {}

    static void open(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry rules,
            CourseRights course) {
        // how the server is in a word, for what starts it again; the rest for those who look after it
        rules.requestMatchers(HttpMethod.GET, "/api/watch/health").permitAll();
        rules.requestMatchers("/api/watch/**").hasAuthority(Right.WATCH.name());
        rules.requestMatchers("/api/session", "/api/links", "/api/links/**").permitAll();
        rules.requestMatchers(
                        "/api/session/password",
                        "/api/session/everywhere",
                        "/api/session/tokens",
                        "/api/session/tokens/*",
                        "/api/session/factor",
                        "/api/session/factor/*",
                        "/api/news")
                .authenticated();
        rules.requestMatchers(HttpMethod.GET, "/api/mine").hasAuthority(Right.STUDY.name());
        rules.requestMatchers("/api/exercises/*/mine", "/api/exercises/*/mine/*")
                .access(course.needing(Right.STUDY));
        rules.requestMatchers(HttpMethod.GET, "/api/submissions/*/mine", "/api/submissions/*/mine/*")
                .access(course.needing(Right.STUDY));
        rules.requestMatchers(HttpMethod.POST, "/api/submissions/*/mine/questions")
                .access(course.needing(Right.STUDY));
        rules.requestMatchers("/api/accounts", "/api/accounts/**").hasAuthority(Right.MANAGE_ACCOUNTS.name());

        rules.requestMatchers(HttpMethod.POST, "/api/courses", "/api/courses/arriving", "/api/courses/arriving/plan")
                .hasAuthority(Right.MAKE_COURSES.name());
        rules.requestMatchers(HttpMethod.GET, "/api/courses/*/archive.zip").access(course.needing(Right.LEAD_COURSE));
        rules.requestMatchers(HttpMethod.GET, "/api/courses/*").access(course.needing(Right.READ));
        rules.requestMatchers(HttpMethod.GET, "/api/courses/*/colleagues").access(course.needing(Right.LEAD_COURSE));
        rules.requestMatchers(
                        HttpMethod.GET,
                        "/api/courses/*/grades",
                        "/api/courses/*/grades.csv",
                        "/api/courses/*/pace",
                        "/api/courses/*/scheme",
                        "/api/courses/*/history")
                .access(course.needing(Right.READ));
        rules.requestMatchers(HttpMethod.POST, "/api/courses/*/scheme/outlook")
                .access(course.needing(Right.LEAD_COURSE));
        rules.requestMatchers(HttpMethod.PUT, "/api/courses/*/scheme").access(course.needing(Right.LEAD_COURSE));
        rules.requestMatchers(HttpMethod.GET, "/api/courses/*/remarks").access(course.needing(Right.READ));
        rules.requestMatchers("/api/courses/*/remarks", "/api/courses/*/remarks/*")
                .access(course.needing(Right.MARK));
        rules.requestMatchers("/api/courses/*/exercises", "/api/courses/*/exercises/**")
                .access(course.needing(Right.SET_EXERCISES));
        rules.requestMatchers(HttpMethod.GET, "/api/courses/*/students", "/api/courses/*/students.csv")
                .access(course.needing(Right.READ));
        rules.requestMatchers(
                        "/api/courses/*",
                        "/api/courses/*/staff/**",
                        "/api/courses/*/roster",
                        "/api/courses/*/roster/*",
                        "/api/courses/*/students",
                        "/api/courses/*/students/**")
                .access(course.needing(Right.LEAD_COURSE));

        rules.requestMatchers(HttpMethod.POST, "/api/exercises/*/submissions").access(course.needing(Right.HAND_IN));
        rules.requestMatchers(HttpMethod.POST, "/api/exercises/*/submissions/check")
                .access(course.needing(Right.HAND_IN));
        rules.requestMatchers(HttpMethod.POST, "/api/exercises/*/readers/next").access(course.needing(Right.MARK));
        rules.requestMatchers(HttpMethod.PUT, "/api/exercises/*/readers/*").access(course.needing(Right.MARK));
        rules.requestMatchers(HttpMethod.POST, "/api/exercises/*/points", "/api/exercises/*/points/plan")
                .access(course.needing(Right.MARK));
        rules.requestMatchers("/api/exercises/*/answers", "/api/exercises/*/answers/*")
                .access(course.needing(Right.MARK));
        rules.requestMatchers("/api/exercises/*/piles", "/api/exercises/*/piles/**")
                .access(course.needing(Right.HAND_IN));
        rules.requestMatchers(HttpMethod.GET, "/api/exercises/*", "/api/exercises/*/**")
                .access(course.needing(Right.READ));
        rules.requestMatchers("/api/exercises/*", "/api/exercises/*/**").access(course.needing(Right.SET_EXERCISES));

        rules.requestMatchers(HttpMethod.POST, "/api/submissions/*/reading", "/api/submissions/*/reading/end")
                .access(course.needing(Right.READ));
        rules.requestMatchers(HttpMethod.POST, "/api/submissions/*/check").access(course.needing(Right.HAND_IN));
        rules.requestMatchers(HttpMethod.PUT, "/api/submissions/*/questions/*").access(course.needing(Right.MARK));
        rules.requestMatchers("/api/submissions/*/remarks", "/api/submissions/*/remarks/*")
                .access(course.needing(Right.MARK));
        rules.requestMatchers(HttpMethod.POST, "/api/submissions/*/binding/outlook")
                .access(course.needing(Right.MARK));
        rules.requestMatchers(HttpMethod.PUT, "/api/submissions/*/*").access(course.needing(Right.MARK));
        rules.requestMatchers(HttpMethod.DELETE, "/api/submissions/*/*").access(course.needing(Right.MARK));
        rules.requestMatchers(HttpMethod.GET, "/api/submissions/*", "/api/submissions/*/**")
                .access(course.needing(Right.READ));

        // reads a text and keeps nothing
        rules.requestMatchers(HttpMethod.POST, "/api/notation/*").hasAuthority(Right.READ.name());
        rules.requestMatchers(HttpMethod.GET, "/api/**").hasAuthority(Right.READ.name());
        rules.requestMatchers("/api/**").denyAll();
        // the web application's own files
        rules.anyRequest().permitAll();
    }
}
