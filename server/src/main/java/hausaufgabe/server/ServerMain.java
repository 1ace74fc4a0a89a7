package hausaufgabe.server;

import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.server.course.Roster;
import hausaufgabe.server.demo.FirstStart;
import hausaufgabe.server.keeping.Backup;
import hausaufgabe.server.keeping.Restore;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Starts the server: {@code serve} with records of one's own, {@code demo} with made-up ones. */
@Command(
        name = "hausaufgabe",
        subcommands = {
            ServerMain.Serve.class,
            ServerMain.Demo.class,
            ServerMain.Rehearse.class,
            Backup.class,
            Restore.class
        })
public final class ServerMain {

    public static void main(String[] arguments) {
        CommandLine line = new CommandLine(new ServerMain());
        line.setExecutionExceptionHandler((e, c, parsed) -> {
            c.getErr().println("Hausaufgabe could not start: " + cause(e));
            return 1;
        });
        int status = line.execute(arguments);
        if (status != 0) {
            System.exit(status);
        }
    }

    private static String cause(Throwable e) {
        Throwable deepest = e;
        while (deepest.getCause() != null && deepest.getCause() != deepest) {
            deepest = deepest.getCause();
        }
        String message = String.valueOf(deepest.getMessage());
        return message.contains("already in use") || message.contains("file is locked")
                ? "the records are open in another running Hausaufgabe. Stop that one, or use another --data folder."
                : message;
    }

    /** What both ways to start have in common. */
    abstract static class Start implements Callable<Integer> {

        @Option(
                names = "--port",
                paramLabel = "N",
                defaultValue = "8080",
                description = "Port (default: ${DEFAULT-VALUE}).")
        private int port;

        @Option(
                names = "--unsafe-isolation",
                description = "Run student code without a sandbox, where bubblewrap cannot be had. Not safe.")
        private boolean unsafe;

        @Option(
                names = "--behind-proxy",
                description = "Take address and TLS of a request from what the reverse proxy in front says.")
        private boolean proxied;

        @Option(
                names = "--settings",
                paramLabel = "FILE",
                description = "Further settings, in YAML or as properties, such as a sign-in through your school.")
        private Path settingsFile;

        @Option(
                names = "--checkers",
                paramLabel = "N",
                description = "How many checks this machine makes at a time (default: as many as it has cores);"
                        + " 0 leaves them to workers.")
        private int checkers = -1;

        @Option(
                names = "--workers-at",
                paramLabel = "[ADDRESS:]PORT",
                description = "Where workers on other machines come in, such as 0.0.0.0:61616 (default: nowhere).")
        private String workersAt;

        @Option(
                names = "--broker",
                paramLabel = "URL",
                description = "A broker outside, such as tcp://quay:61616, between this server and its workers"
                        + " (default: one in this process).")
        private String broker;

        @Option(
                names = "--log-as",
                paramLabel = "KIND",
                description = "Logs in a structure that other programs read: ecs, gelf or logstash (default: plain).")
        private LogKind logAs;

        /** Structures of a log, as Spring Boot calls them. */
        enum LogKind {
            ECS,
            GELF,
            LOGSTASH
        }

        abstract Path data();

        abstract boolean isDemo();

        /** Whether what was asked for can be done, before anything is stored. */
        void check() throws Exception {}

        /** Further settings of the application. */
        Map<String, Object> more() {
            return Map.of();
        }

        /** What is to be done once the server runs and before anybody is told. */
        void prepare(ConfigurableApplicationContext context) throws Exception {}

        @Override
        public Integer call() throws Exception {
            if (port < 1 || port > 65535) {
                System.err.println("--port takes a number from 1 to 65535, not " + port);
                return 2;
            }
            try (ServerSocket free = new ServerSocket(port, 1, InetAddress.getLoopbackAddress())) {
                free.setReuseAddress(true);
            } catch (java.io.IOException e) {
                System.err.println(
                        "Port " + port + " is taken. Stop what uses it, or start with --port and another number.");
                return 2;
            }
            if (workersAt != null && broker != null) {
                System.err.println("Give --workers-at or --broker, not both: with a broker outside, workers go there.");
                return 2;
            }
            if (workersAt != null) {
                CheckingMachines.Broker.listensAt(workersAt);
            }
            if (settingsFile != null && !Files.isReadable(settingsFile)) {
                System.err.println("There is no file " + settingsFile + " that can be read. Nothing was started.");
                return 2;
            }
            check();
            DataFolder.prepare(data());
            Map<String, Object> settings = new HashMap<>();
            settings.put("hausaufgabe.data", data().toAbsolutePath().toString());
            settings.put("server.port", port);
            settings.put("hausaufgabe.demo", isDemo());
            settings.put("server.forward-headers-strategy", proxied ? "native" : "none");
            settings.put(
                    "hausaufgabe.isolation",
                    unsafe ? CheckRequest.Isolation.PROCESS.name() : CheckRequest.Isolation.SANDBOX.name());
            settings.put("hausaufgabe.checkers", checkers);
            if (logAs != null) {
                settings.put("logging.structured.format.console", logAs.name().toLowerCase(java.util.Locale.ROOT));
            }
            if (workersAt != null) {
                settings.put("hausaufgabe.broker.workers-at", workersAt);
            }
            if (broker != null) {
                settings.put("hausaufgabe.broker.url", broker);
            }
            if (settingsFile != null) {
                settings.put("spring.config.additional-location", settingsFile.toUri());
            }
            settings.putAll(more());
            SpringApplication app = new SpringApplication(Application.class);
            // as arguments, since these come before what the application's own settings file says
            ConfigurableApplicationContext context = app.run(settings.entrySet().stream()
                    .map(e -> "--" + e.getKey() + "=" + e.getValue())
                    .toArray(String[]::new));
            prepare(context);
            DataFolder.close(data());
            System.out.println();
            System.out.println("Hausaufgabe is running at http://localhost:" + port);
            context.getBeansOfType(Greeting.class)
                    .values()
                    .forEach(g -> g.lines("http://localhost:" + port).forEach(System.out::println));
            if (unsafe) {
                System.out.println("  Student code runs WITHOUT a sandbox, as asked for.");
            } else {
                Sandbox.problem(new JvmRuntime())
                        .ifPresent(p -> System.out.println("  Scenarios are not run: " + p + "."));
            }
            System.out.println("Stop it with Ctrl-C.");
            return 0;
        }
    }

    /** A start on a free port that ends at once, to see which classes a start needs. */
    @Command(name = "rehearse", hidden = true)
    static final class Rehearse implements Callable<Integer> {

        @Option(names = "--data", required = true)
        private Path data;

        @Override
        public Integer call() {
            SpringApplication.run(Application.class, "--hausaufgabe.data=" + data.toAbsolutePath(), "--server.port=0")
                    .close();
            return 0;
        }
    }

    @Command(name = "serve", description = "Starts the server with records of your own.")
    static final class Serve extends Start {

        @Option(
                names = "--data",
                paramLabel = "DIR",
                defaultValue = "data",
                description = "Where the records are kept (default: ${DEFAULT-VALUE}).")
        private Path data;

        @Option(
                names = "--roster",
                paramLabel = "FILE",
                description = "On empty records: a CSV with the columns number, name and group, to make a course from.")
        private Path roster;

        @Option(
                names = "--course",
                paramLabel = "TITLE",
                defaultValue = "Software Design",
                description = "The title of that course (default: ${DEFAULT-VALUE}).")
        private String course;

        @Override
        Path data() {
            return data;
        }

        @Override
        boolean isDemo() {
            return false;
        }

        @Override
        void check() throws Exception {
            if (roster != null) {
                Roster.read(roster);
            }
        }

        @Override
        void prepare(ConfigurableApplicationContext context) throws Exception {
            if (roster != null) {
                context.getBean(FirstSetting.class).create(course, roster);
            }
        }
    }

    @Command(name = "demo", description = "Starts the server with the harbour school's course.")
    static final class Demo extends Start {

        @Option(
                names = "--data",
                paramLabel = "DIR",
                defaultValue = "demo-data",
                description = "Where the demo's records are kept (default: ${DEFAULT-VALUE}).")
        private Path data;

        @Option(
                names = "--attempts",
                paramLabel = "N",
                defaultValue = "300",
                description = "About how many attempts are handed in at the first start (default: ${DEFAULT-VALUE}).")
        private int attempts;

        @Override
        Path data() {
            return data;
        }

        @Override
        boolean isDemo() {
            return true;
        }

        @Override
        void check() throws Exception {
            FirstStart.startOver(data);
        }

        @Override
        Map<String, Object> more() {
            return Map.of("hausaufgabe.demo-attempts", attempts);
        }
    }
}
