package bemble.server.account;

import bemble.server.ids.TeacherId;
import java.util.List;
import org.springframework.security.core.userdetails.User;

/** The teacher who is signed in; what is stored is stored under this id. */
public final class SignedIn extends User {
    private final TeacherId id;
    private final String displayName;

    SignedIn(Teacher teacher) {
        super(teacher.login(), teacher.passwordHash(), List.of());
        this.id = teacher.id();
        this.displayName = teacher.name();
    }

    public TeacherId id() {
        return id;
    }

    String displayName() {
        return displayName;
    }
}
