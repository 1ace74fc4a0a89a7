package hausaufgabe.server.submission;

import hausaufgabe.dispatch.Machines;
import hausaufgabe.dispatch.RemoteChecks;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says to staff which machines make the checks. */
@RestController
class WorkerController {

    private final ObjectProvider<Machines> machines;

    WorkerController(ObjectProvider<Machines> machines) {
        this.machines = machines;
    }

    /** The machines that check. */
    @GetMapping("/api/workers")
    List<RemoteChecks.WorkerLine> all() {
        return machines.getObject().workers();
    }
}
