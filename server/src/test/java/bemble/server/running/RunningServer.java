package bemble.server.running;

import bemble.server.App;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.scripting.defaults.DefaultParameterHandler;
import org.apache.ibatis.session.SqlSessionFactory;
import org.springframework.beans.factory.support.BeanDefinitionRegistry;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.util.FileSystemUtils;

/** The real application on a free port; it can be stopped and started again on the same data. */
public final class RunningServer implements AutoCloseable {
    private final Path data;
    private final List<String> arguments;
    private final Clock clock;
    private ConfigurableApplicationContext context;
    private List<Cookie> signedIn = List.of();
    private Consumer<GenericApplicationContext> instead = none -> {};

    private RunningServer(Path data, List<String> arguments, Clock clock) {
        this.data = data;
        this.arguments = arguments;
        this.clock = clock;
    }

    /** Starts on an empty data directory. */
    public static RunningServer start(String... more) {
        return start(Clock.systemDefaultZone(), more);
    }

    /** Starts on an empty data directory, by a clock of the test's own. */
    public static RunningServer start(Clock clock, String... more) {
        return startWith(clock, none -> {}, more);
    }

    /** Starts on an empty data directory, with some parts of the test's own in the place of the real ones. */
    public static RunningServer startWith(Consumer<GenericApplicationContext> parts, String... more) {
        return startWith(Clock.systemDefaultZone(), parts, more);
    }

    private static RunningServer startWith(Clock clock, Consumer<GenericApplicationContext> parts, String... more) {
        try {
            List<String> arguments = new ArrayList<>(
                    List.of("--server.port=0", "--spring.main.banner-mode=off", "--logging.level.root=error",
                            "--logging.level.com.zaxxer.hikari=off"));
            arguments.addAll(List.of(more));
            RunningServer server = new RunningServer(Files.createTempDirectory("bemble-test"), arguments, clock);
            server.instead = parts;
            boolean demo = List.of(more).contains("--bemble.demo=true") && clock.equals(Clock.systemDefaultZone());
            if (demo) {
                DemoSchool.into(server.data);
            }
            server.begin();
            if (demo && more.length == 1) {
                DemoSchool.keep(server);
            }
            return server;
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    private void begin() {
        signedIn = List.of();
        List<String> all = new ArrayList<>(arguments);
        all.add("--bemble.data=" + data);
        context = new SpringApplicationBuilder(App.class)
                .initializers(empty -> ofTheTest((GenericApplicationContext) empty))
                .run(all.toArray(String[]::new));
    }

    private void ofTheTest(GenericApplicationContext empty) {
        empty.registerBean("clockOfTheTest", Clock.class, () -> clock, bean -> bean.setPrimary(true));
        // Told from a guess, a password takes a third of a second on purpose; tests sign in some hundred times.
        empty.registerBean("passwordsOfTheTest", PasswordEncoder.class,
                () -> new DelegatingPasswordEncoder("bcrypt", Map.of("bcrypt", new BCryptPasswordEncoder(4))),
                bean -> bean.setPrimary(true));
        instead.accept(empty);
        // What one server of a process has warmed up is warm for the next.
        empty.addBeanFactoryPostProcessor(
                beans -> ((BeanDefinitionRegistry) beans).removeBeanDefinition("warmUp"));
    }

    /** Stops and starts again with some parts of the test's own in the place of the real ones. */
    public void restartWith(Consumer<GenericApplicationContext> parts) {
        instead = parts;
        restart();
    }

    /** Stops and starts again on the same data, with some more settings. */
    public void restart(String... more) {
        context.close();
        arguments.addAll(List.of(more));
        begin();
    }

    /** Closes the database as a write that failed for want of room does: at once, and without a word to anybody. */
    public void closeDatabase() {
        try (Connection connection = context.getBean(DataSource.class).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown immediately");
        } catch (SQLException closed) {
            // The statement has no database any more to report to.
        }
    }

    /** Has done what is done first after a start: what waited when Bemble stopped. */
    public void takeInWhatWaits() {
        context.publishEvent(
                new ApplicationReadyEvent(new SpringApplication(App.class), new String[0], context, Duration.ZERO));
    }

    /** What comes back to a request that is sent letter by letter as it stands here. */
    public String raw(String request) throws IOException {
        URI here = URI.create(address());
        try (Socket socket = new Socket(here.getHost(), here.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** Runs a statement on the database itself. */
    public void sql(String sql) {
        try (Connection connection = context.getBean(DataSource.class).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** What a query on the database itself counts. */
    public long count(String sql) {
        try (Connection connection = context.getBean(DataSource.class).getConnection();
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getLong(1);
        } catch (SQLException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** What a query on the database itself says in its one field. */
    public String text(String sql) {
        try (Connection connection = context.getBean(DataSource.class).getConnection();
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getString(1);
        } catch (SQLException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** How the database goes about a query of a mapper. */
    public String plan(Class<?> mapper, String query, Map<String, Object> parameters) {
        MappedStatement mapped = context.getBean(SqlSessionFactory.class).getConfiguration()
                .getMappedStatement(mapper.getName() + "." + query);
        BoundSql sql = mapped.getBoundSql(parameters);
        try (Connection connection = context.getBean(DataSource.class).getConnection();
                PreparedStatement explain = connection.prepareStatement("explain " + sql.getSql())) {
            new DefaultParameterHandler(mapped, parameters, sql).setParameters(explain);
            try (ResultSet rows = explain.executeQuery()) {
                rows.next();
                return rows.getString(1);
            }
        } catch (SQLException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** The cookies of who signed in at a screen since the start; none where nobody did. */
    List<Cookie> signedInBefore() {
        return signedIn;
    }

    void remember(List<Cookie> cookies) {
        signedIn = List.copyOf(cookies);
    }

    public String address() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    @Override
    public void close() {
        context.close();
        try {
            FileSystemUtils.deleteRecursively(data);
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }
}
