package hausaufgabe.server.account;

import hausaufgabe.server.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own second factor. */
@RestController
@RequestMapping("/api/session/factor")
class SecondFactorController {

    private final SecondFactors factors;
    private final Accounts accounts;
    private final Throttle throttle;
    private final Sessions sessions;

    SecondFactorController(SecondFactors factors, Accounts accounts, Throttle throttle, Sessions sessions) {
        this.factors = factors;
        this.accounts = accounts;
        this.throttle = throttle;
        this.sessions = sessions;
    }

    record FactorWanted(
            @NotBlank(message = "Enter your password.") String password) {}

    record GivenCode(@NotBlank(message = "Enter a code.") String code) {}

    /** @param codes told in this answer and never again */
    record RecoveryCodes(List<String> codes) {}

    @GetMapping
    SecondFactors.FactorState state(@AuthenticationPrincipal Person person) {
        return factors.state(person);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SecondFactors.OfferedFactor offer(
            @Valid @RequestBody FactorWanted given,
            @AuthenticationPrincipal Person person,
            HttpServletRequest request) {
        return throttle.guarding(
                person.login(), request.getRemoteAddr(), () -> factors.offer(person, given.password()));
    }

    @PutMapping
    RecoveryCodes confirm(
            @Valid @RequestBody GivenCode given,
            @AuthenticationPrincipal Person person,
            HttpServletRequest request,
            HttpServletResponse response) {
        List<String> codes =
                throttle.guarding(person.login(), request.getRemoteAddr(), () -> factors.confirm(person, given.code()));
        sessions.begin(
                accounts.person(person.id()).orElseThrow(() -> Problem.unauthorized("Sign in first.")),
                request,
                response);
        return new RecoveryCodes(codes);
    }

    @PostMapping("/codes")
    RecoveryCodes renew(
            @Valid @RequestBody GivenCode given, @AuthenticationPrincipal Person person, HttpServletRequest request) {
        return new RecoveryCodes(throttle.guarding(
                person.login(), request.getRemoteAddr(), () -> factors.renewCodes(person, given.code())));
    }

    @PostMapping("/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@Valid @RequestBody GivenCode given, @AuthenticationPrincipal Person person, HttpServletRequest request) {
        throttle.guarding(person.login(), request.getRemoteAddr(), () -> {
            factors.end(person, given.code());
            return true;
        });
    }
}
