package hausaufgabe.dispatch;

import hausaufgabe.checking.ProgramVersion;
import hausaufgabe.checking.pool.CheckerPool;
import hausaufgabe.checking.sandbox.jvm.SelfTest;
import jakarta.jms.JMSException;
import jakarta.jms.JMSSecurityException;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** A worker in a process of its own, on this machine or another. */
@Command(
        name = "hausaufgabe worker",
        mixinStandardHelpOptions = true,
        description = {
            "Checks what a server puts into the queue of a broker, until it is stopped.",
            "It keeps nothing, needs no records, and can be stopped and started at any time."
        })
public final class WorkerMain implements Callable<Integer> {

    /** Where the password is looked for that is not in a file. */
    private static final String VARIABLE = "HAUSAUFGABE_BROKER_PASSWORD";

    private static final Duration LAST_CHECKS = Duration.ofSeconds(100);

    @Spec
    private CommandSpec spec;

    @Option(
            names = "--broker",
            required = true,
            paramLabel = "URL",
            description = "Address of the broker, such as tcp://pier:61616, or ssl://pier:61617 with TLS.")
    private String broker;

    @Option(
            names = "--user",
            paramLabel = "NAME",
            defaultValue = EmbeddedBroker.WORKER,
            description = "Sign-in there (default: ${DEFAULT-VALUE}).")
    private String user;

    @Option(
            names = "--password-file",
            paramLabel = "FILE",
            description = "File with the password there; without it, it is taken from " + VARIABLE + ".")
    private @Nullable Path passwordFile;

    @Option(
            names = "--checkers",
            paramLabel = "N",
            description = "How many checks are made at a time (default: as many as this machine has cores).")
    private int checkers = Runtime.getRuntime().availableProcessors();

    @Option(names = "--name", paramLabel = "NAME", description = "What people call it (default: the machine's name).")
    private @Nullable String name;

    public static void main(String[] arguments) {
        // before anything is logged
        System.setProperty("logback.configurationFile", "hausaufgabe/dispatch/worker-log.xml");
        CommandLine line = new CommandLine(new WorkerMain());
        line.setExecutionExceptionHandler((e, c, parsed) -> {
            c.getErr().println("The worker stopped: " + e);
            return 1;
        });
        System.exit(line.execute(arguments));
    }

    @Override
    public Integer call() throws Exception {
        if (checkers < 1 || checkers > 256) {
            return refuse("--checkers takes a number from 1 to 256, not " + checkers + ".");
        }
        String password = password();
        if (password == null) {
            return refuse("The broker asks for a password. Give it in a file with --password-file, or in " + VARIABLE
                    + "; a server with workers keeps it in the file worker-password of its data folder.");
        }
        String problem = SelfTest.run().problem();
        if (problem != null) {
            return refuse("Student code cannot be run here: " + problem + ". This machine is no use as a worker.");
        }
        BrokerAccess access = new BrokerAccess(broker, user, password);
        try {
            Worker.knock(access);
        } catch (JMSSecurityException e) {
            return refuse("The broker at " + broker + " does not know " + user + " with this password.");
        } catch (JMSException | IllegalArgumentException e) {
            return refuse("There is no broker at " + broker + ": " + reason(e)
                    + ". Is the server started with --workers-at, and can this machine reach it?");
        }
        work(access);
        return 0;
    }

    private void work(BrokerAccess access) throws InterruptedException {
        CountDownLatch stop = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            stop.countDown();
            try {
                stopped.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }));
        try (Worker worker = new Worker(access, CheckerPool.endedByOwner(checkers), called())) {
            say("Worker " + called() + " takes checks from " + broker + ", " + checkers + " at a time (version "
                    + ProgramVersion.current() + "). Stop it with Ctrl-C.");
            stop.await();
            say("Stopping after what is being checked ...");
            worker.finish(LAST_CHECKS);
            say("Made " + worker.made() + " checks.");
        } finally {
            stopped.countDown();
        }
    }

    private void say(String text) {
        spec.commandLine().getOut().println(text);
        spec.commandLine().getOut().flush();
    }

    private int refuse(String why) {
        spec.commandLine().getErr().println(why);
        return 2;
    }

    private @Nullable String password() throws IOException {
        return passwordFile == null
                ? System.getenv(VARIABLE)
                : Files.readString(passwordFile).strip();
    }

    private String called() {
        if (name != null) {
            return name;
        }
        try {
            return InetAddress.getLocalHost().getHostName();
        } catch (UnknownHostException e) {
            return "a worker";
        }
    }

    private static String reason(Exception e) {
        Throwable deepest = e;
        while (deepest.getCause() != null) {
            deepest = deepest.getCause();
        }
        return String.valueOf(deepest.getMessage());
    }
}
