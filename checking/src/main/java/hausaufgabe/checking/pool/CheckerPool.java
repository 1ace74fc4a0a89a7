package hausaufgabe.checking.pool;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.BlockingDeque;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Several checker processes on this machine. A process that breaks costs its check a retry; a check that breaks three
 * processes fails, and the queue goes on.
 */
public final class CheckerPool implements CheckDispatcher {

    private static final Logger LOG = LoggerFactory.getLogger(CheckerPool.class);
    private static final int HEAP_MEGABYTES = 512;
    /** How often a check is made that breaks its process. */
    private static final int TRIES = 3;

    private static final Duration LIMIT = Duration.ofSeconds(90);

    private static final String CLOSED = "The checkers were stopped before this check was over. Have it checked again.";

    private final Set<CompletableFuture<?>> open = ConcurrentHashMap.newKeySet();
    private final BlockingDeque<Order> queue = new LinkedBlockingDeque<>();
    private final List<Thread> workers = new ArrayList<>();
    private final List<CheckerProcess> processes = new ArrayList<>();

    private volatile boolean closed;

    private record Order(CheckerOrder order, Consumer<String> progress, CompletableFuture<CheckerMessage> result) {}

    /**
     * Checkers that end at the latest with this process.
     *
     * @param size how many checks run at a time
     */
    public CheckerPool(int size) {
        this(size, true);
    }

    private CheckerPool(int size, boolean endsWithProcess) {
        for (int i = 0; i < size; i++) {
            CheckerProcess process = new CheckerProcess(HEAP_MEGABYTES, LIMIT);
            Thread worker = new Thread(() -> work(process), "checker-" + (i + 1));
            worker.setDaemon(true);
            processes.add(process);
            workers.add(worker);
            worker.start();
        }
        if (endsWithProcess) {
            Runtime.getRuntime().addShutdownHook(new Thread(this::close));
        }
    }

    /** Checkers whose owner ends them, also when the process is asked to end: until then they go on. */
    public static CheckerPool endedByOwner(int size) {
        return new CheckerPool(size, false);
    }

    @Override
    public CompletableFuture<CheckReport> submit(CheckRequest request, Consumer<String> progress) {
        CompletableFuture<CheckerMessage> result = new CompletableFuture<>();
        take(new Order(new CheckerOrder(request, null), step -> tell(progress, step), result), queue::addLast);
        return result.thenApply(CheckerMessage::report);
    }

    @Override
    public CompletableFuture<ProgramOutline> outline(List<SourceFile> sources) {
        CompletableFuture<CheckerMessage> result = new CompletableFuture<>();
        take(new Order(new CheckerOrder(null, sources), step -> {}, result), queue::addFirst);
        return result.thenApply(CheckerMessage::outline);
    }

    @Override
    public int capacity() {
        return workers.size();
    }

    private void take(Order order, Consumer<Order> queued) {
        open.add(order.result());
        order.result().whenComplete((answer, failure) -> open.remove(order.result()));
        if (closed) {
            order.result().completeExceptionally(CheckFailed.stopped(CLOSED));
            return;
        }
        queued.accept(order);
    }

    /** Whoever is told may fail over it; the check goes on. */
    private static void tell(Consumer<String> progress, String step) {
        try {
            progress.accept(step);
        } catch (RuntimeException e) {
            LOG.warn("a step of a check could not be told: {}", step, e);
        }
    }

    private void work(CheckerProcess process) {
        try {
            while (!closed) {
                serve(queue.take(), process);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void serve(Order order, CheckerProcess process) {
        try {
            order.result().complete(withRetry(order, process));
        } catch (RuntimeException | Error e) {
            // an error ends this check and not the worker, which has others to make
            order.result().completeExceptionally(e);
        }
    }

    private CheckerMessage withRetry(Order order, CheckerProcess process) {
        for (int tried = 0; tried < TRIES && !closed; tried++) {
            try {
                return process.ask(order.order(), order.progress());
            } catch (CheckerProcess.Lost e) {
                LOG.warn("a checker process was lost, for the {}. time with these sources", tried + 1);
            }
        }
        if (closed) {
            throw CheckFailed.stopped(CLOSED);
        }
        throw new CheckFailed("Reading or running these sources broke the checker " + TRIES
                + " times; it was set aside, and holds nothing else up.");
    }

    @Override
    public void close() {
        closed = true;
        workers.forEach(Thread::interrupt);
        processes.forEach(CheckerProcess::close);
        // nobody is to wait for what will not come
        List.copyOf(open).forEach(f -> f.completeExceptionally(CheckFailed.stopped(CLOSED)));
    }
}
