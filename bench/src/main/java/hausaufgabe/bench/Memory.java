package hausaufgabe.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Looks now and then at how much memory this process and those it has started take. */
final class Memory implements AutoCloseable {

    private static final long EVERY_MILLISECONDS = 1_000;

    private final Thread looking = new Thread(this::look, "memory");
    private long own;
    private long checkers;
    private long driven;
    private long together;

    Memory() {
        looking.setDaemon(true);
        looking.start();
    }

    private void look() {
        try {
            while (true) {
                take();
                Thread.sleep(EVERY_MILLISECONDS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized void take() {
        long mine = resident(ProcessHandle.current().pid());
        long checking = 0;
        long running = 0;
        for (ProcessHandle p : ProcessHandle.current().descendants().toList()) {
            Optional<ProcessHandle> parent = p.parent();
            boolean direct = parent.isPresent()
                    && parent.get().pid() == ProcessHandle.current().pid();
            if (direct) {
                checking += resident(p.pid());
            } else {
                running += resident(p.pid());
            }
        }
        own = Math.max(own, mine);
        checkers = Math.max(checkers, checking);
        driven = Math.max(driven, running);
        together = Math.max(together, mine + checking + running);
    }

    /** Kilobytes in memory, as the machine's own books say; 0 for a process that is gone. */
    private static long resident(long pid) {
        try {
            for (String line : Files.readAllLines(Path.of("/proc", String.valueOf(pid), "status"))) {
                if (line.startsWith("VmRSS:")) {
                    return Long.parseLong(line.replaceAll("\\D", ""));
                }
            }
        } catch (IOException gone) {
            // between listing and reading it has ended
        }
        return 0;
    }

    /** Most megabytes so far, shared pages counted for each process. */
    synchronized long own() {
        return own >> 10;
    }

    synchronized long checkers() {
        return checkers >> 10;
    }

    synchronized long driven() {
        return driven >> 10;
    }

    synchronized long together() {
        return together >> 10;
    }

    @Override
    public void close() {
        looking.interrupt();
    }
}
