package bemble.server.start;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the server for a person at a terminal: a few sentences there, everything else into a log file. */
public final class Command {
    /** However long a request or a print goes on, the program has ended after so long. */
    private static final long LONGEST_STOP_MILLIS = 4_500;
    private static final String USUAL_PORT = "8417";
    private static final String USUAL_ADDRESS = "127.0.0.1";

    private static final Logger LOG = LoggerFactory.getLogger(Command.class);

    private final List<String> arguments;

    private Command(String[] arguments) {
        this.arguments = List.of(arguments);
    }

    /** Runs until it is stopped; ends the program with a sentence where it cannot start. */
    public static void run(Class<?> application, String[] arguments) {
        try {
            new Command(arguments).start(application);
        } catch (CannotStart reason) {
            System.err.println(reason.getMessage());
            System.exit(1);
        }
    }

    private void start(Class<?> application) {
        DataFolder folder = DataFolder.open(Path.of(option("bemble.data").orElse("data")));
        if (is("bemble.demo")) {
            folder.forDemo(is("bemble.demo-empty"));
        }
        // Given twice an option would count as a list of both.
        List<String> all =
                new ArrayList<>(arguments.stream().filter(each -> !each.startsWith("--bemble.data=")).toList());
        all.add("--bemble.data=" + folder.path());
        all.add("--bemble.database=" + folder.database());
        all.add("--logging.file.name=" + folder.path().resolve("bemble.log"));
        all.add("--logging.threshold.console=off");
        Runtime.getRuntime().addShutdownHook(new Thread(Command::endSoon));
        try {
            ConfigurableApplicationContext context = SpringApplication.run(application, all.toArray(String[]::new));
            folder.keepDatabaseToOwner();
            if (is("bemble.after-out-of-memory")) {
                LOG.warn("Bemble ran out of memory and was started anew. What was shown as saved is there.");
            }
            String port = context.getEnvironment().getProperty("local.server.port", USUAL_PORT);
            if (is("bemble.rebuild-records")) {
                System.exit(SpringApplication.exit(context));
            }
            if (is("bemble.only-first-requests")) {
                new FirstRequests(port).send();
                System.exit(SpringApplication.exit(context));
            }
            ready(port, folder);
        } catch (RuntimeException exception) {
            throw reason(exception, folder);
        }
    }

    private void ready(String port, DataFolder folder) {
        String address = option("server.address").orElse(USUAL_ADDRESS);
        boolean everywhere = address.equals("0.0.0.0") || address.equals("::");
        System.out.println("Bemble is ready: http://" + (everywhere ? USUAL_ADDRESS : address) + ":" + port
                + (everywhere ? " here, and under this computer's name or address on your network" : ""));
        System.out.println("Its data are in " + folder.path() + ", its log is bemble.log there. Ctrl+C stops it.");
    }

    private CannotStart reason(Throwable failure, DataFolder folder) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotStart reason) {
                return reason;
            }
            if (cause instanceof PortInUseException taken) {
                return new CannotStart("Port " + taken.getPort() + " is taken by another program. Choose another one: "
                        + "--port " + (taken.getPort() + 1));
            }
            if (cause instanceof java.net.UnknownHostException || cause instanceof java.net.BindException) {
                return new CannotStart("This computer has no address " + option("server.address").orElse(USUAL_ADDRESS)
                        + ". Leave --address out, or give 0.0.0.0 for every address it has.");
            }
        }
        return new CannotStart("Bemble could not start. What went wrong is in " + folder.path().resolve("bemble.log")
                + "; its last words: " + failure.getMessage());
    }

    private static void endSoon() {
        Thread end = new Thread(() -> {
            try {
                Thread.sleep(LONGEST_STOP_MILLIS);
            } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
            }
            Runtime.getRuntime().halt(0);
        });
        end.setDaemon(true);
        end.start();
    }

    private boolean is(String name) {
        return option(name).map(Boolean::parseBoolean).orElse(false);
    }

    private Optional<String> option(String name) {
        String before = "--" + name + "=";
        // The last one counts, as a person who says it twice would mean it.
        return arguments.stream().filter(argument -> argument.startsWith(before))
                .map(argument -> argument.substring(before.length())).reduce((first, last) -> last);
    }
}
