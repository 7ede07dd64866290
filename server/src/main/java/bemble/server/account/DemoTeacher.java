package bemble.server.account;

import bemble.server.ids.TeacherId;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The teacher of the demo school, created where the server starts in demo mode on an empty data directory. */
@Component
@Order(1)
public class DemoTeacher implements ApplicationRunner {
    private static final String LOGIN = "demo";
    private static final String PASSWORD = "lantern-quay";

    private final boolean demo;
    private final AccountService accounts;
    private @Nullable TeacherId justCreated;

    DemoTeacher(@Value("${bemble.demo}") boolean demo, AccountService accounts) {
        this.demo = demo;
        this.accounts = accounts;
    }

    /** A sign-in shown to everybody. */
    public record Credentials(String login, String password) {}

    Optional<Credentials> credentials() {
        return demo ? Optional.of(new Credentials(LOGIN, PASSWORD)) : Optional.empty();
    }

    /** The demo teacher's id where this start has created it, and sample data are wanted. */
    public Optional<TeacherId> idIfJustCreated() {
        return Optional.ofNullable(justCreated);
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (demo && !accounts.hasTeachers()) {
            accounts.createFirst(LOGIN, "Ms Sandpiper", PASSWORD);
            justCreated = ((SignedIn) accounts.loadUserByUsername(LOGIN)).id();
        }
    }
}
