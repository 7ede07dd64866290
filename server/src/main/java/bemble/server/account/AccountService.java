package bemble.server.account;

import bemble.core.problem.Refusal;
import java.util.Locale;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Creates and finds teachers' accounts. */
@Service
public class AccountService implements UserDetailsService {
    private final TeacherMapper teachers;
    private final PasswordEncoder passwords;

    AccountService(TeacherMapper teachers, PasswordEncoder passwords) {
        this.teachers = teachers;
        this.passwords = passwords;
    }

    @Override
    public UserDetails loadUserByUsername(String login) {
        return teachers.find(plain(login)).map(SignedIn::new)
                .orElseThrow(() -> new UsernameNotFoundException("no such teacher"));
    }

    public boolean hasTeachers() {
        return teachers.count() > 0;
    }

    /**
     * Creates the account that a new data directory begins with.
     *
     * @throws Refusal when there is an account already
     */
    @Transactional
    public void createFirst(String login, String name, String password) {
        try {
            teachers.add(plain(login), name.strip(), passwords.encode(password));
            // Of several that come together the database lets one through.
            teachers.claimFirst(plain(login));
        } catch (DuplicateKeyException second) {
            throw Refusal.of("login", "The first account was created already. Sign in with it.");
        }
    }

    private static String plain(String login) {
        return login.strip().toLowerCase(Locale.ROOT);
    }
}
