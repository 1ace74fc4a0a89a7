package hausaufgabe.server.submission;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.sandbox.jvm.SelfTest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says to staff whether student code can be kept apart from this machine. Tested once, when the server has started. */
@RestController
class SandboxController {

    private final CheckRequest.Isolation isolation;
    private volatile SelfTest.Result test = new SelfTest.Result(null, List.of());

    SandboxController(@Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.isolation = isolation;
    }

    /**
     * @param problem why scenarios are not run; absent where they are
     * @param unsafe whether they are run without a sandbox, as was asked for at the start
     * @param found what was tried when the server started, and held
     */
    record SandboxState(@Nullable String problem, boolean unsafe, List<String> found) {}

    @EventListener(ApplicationReadyEvent.class)
    void look() {
        if (isolation == CheckRequest.Isolation.SANDBOX) {
            test = SelfTest.run();
        }
    }

    /** Whether student programs can be run here, and how they are kept apart. */
    @GetMapping("/api/sandbox")
    SandboxState state() {
        return new SandboxState(test.problem(), isolation == CheckRequest.Isolation.PROCESS, test.found());
    }
}
