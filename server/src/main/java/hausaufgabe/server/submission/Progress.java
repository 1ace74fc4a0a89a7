package hausaufgabe.server.submission;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open pages how far checks are, as server-sent events. */
@Component
class Progress {

    private static final long OPEN_MILLISECONDS = 30 * 60_000L;

    private final List<Listener> listeners = new CopyOnWriteArrayList<>();

    private record Listener(long exercise, SseEmitter emitter) {}

    /** @param doing what is being done; null when nothing is */
    record Step(long exerciseId, long submissionId, HandedIn.State state, String doing) {}

    SseEmitter listen(long exercise) {
        SseEmitter emitter = new SseEmitter(OPEN_MILLISECONDS);
        Listener listener = new Listener(exercise, emitter);
        listeners.add(listener);
        emitter.onCompletion(() -> listeners.remove(listener));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> listeners.remove(listener));
        send(listener, SseEmitter.event().comment("listening"));
        return emitter;
    }

    void tell(Step step) {
        for (Listener l : listeners) {
            if (l.exercise() == step.exerciseId()) {
                send(l, SseEmitter.event().name("step").data(step));
            }
        }
    }

    private void send(Listener listener, SseEmitter.SseEventBuilder event) {
        try {
            listener.emitter().send(event);
        } catch (IOException | IllegalStateException e) {
            // the page is gone
            listeners.remove(listener);
        }
    }
}
