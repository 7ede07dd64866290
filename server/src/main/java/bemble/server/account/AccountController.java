package bemble.server.account;

import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and the first account. */
@RestController
@RequestMapping("/api/account")
class AccountController {
    private final AccountService accounts;
    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;
    private final DemoTeacher demo;
    private final Attempts attempts;
    private final SessionAuthenticationStrategy freshToken;

    AccountController(AccountService accounts, AuthenticationManager authentication,
            SecurityContextRepository contexts, DemoTeacher demo, Attempts attempts,
            CsrfTokenRepository tokens) {
        this.accounts = accounts;
        this.authentication = authentication;
        this.contexts = contexts;
        this.demo = demo;
        this.attempts = attempts;
        this.freshToken = new CsrfAuthenticationStrategy(tokens);
    }

    /**
     * What the browser needs to know first.
     *
     * @param teacher the name of the teacher signed in, if any
     * @param id of the teacher signed in, left out where nobody is
     * @param first whether the first account is still to be created
     * @param demo the demo teacher's sign-in, in demo mode
     */
    record AccountState(@Nullable Long id, @Nullable String teacher, @NotNull boolean first,
            @Nullable Credentials demo) {}

    record Credentials(
            @NotNull @NotBlank(message = "Type your sign-in name.") String login,
            @NotNull @NotBlank(message = "Type your password.") String password) {}

    record FirstAccount(
            @NotNull @NotBlank(message = "Type the name the screens shall show, like Ms Tern.") @Size(max = Limits.TEACHER_LETTERS, message = "Type a name of {max} letters at most.") String name,
            @NotNull @NotBlank(message = "Choose a sign-in name, like tern.") @Size(max = Limits.LOGIN_LETTERS, message = "Choose a sign-in name of {max} letters at most.") String login,
            @NotNull @Password String password) {}

    /** Who is signed in. */
    @GetMapping
    AccountState state(@AuthenticationPrincipal @Nullable SignedIn teacher) {
        return new AccountState(teacher == null ? null : teacher.id().value(),
                teacher == null ? null : teacher.displayName(),
                !accounts.hasTeachers(),
                demo.credentials().map(c -> new Credentials(c.login(), c.password())).orElse(null));
    }

    /** Signs in. */
    @PostMapping("/sign-in")
    AccountState signIn(@Valid @RequestBody Credentials credentials, HttpServletRequest request,
            HttpServletResponse response) {
        String name = credentials.login().strip().toLowerCase(Locale.ROOT);
        Attempts.Try counted = attempts.signIn(name, request);
        Authentication result;
        try {
            result = authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(
                    credentials.login(), credentials.password()));
        } catch (InternalAuthenticationServiceException failure) {
            // The password was never looked at: the fault is the storage's, and is answered as such.
            counted.untold();
            throw failure.getCause() instanceof RuntimeException cause ? cause : failure;
        } catch (AuthenticationException wrong) {
            throw Refusal.of("password", "This name and password do not belong together. Check both and try again.");
        }
        counted.succeeded();
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        freshToken.onAuthentication(result, request, response);
        // Asked for, or it would only be sent with the next answer, too late for a save that comes first.
        ((CsrfToken) request.getAttribute(CsrfToken.class.getName())).getToken();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(result);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return state((SignedIn) result.getPrincipal());
    }

    /** Makes the first account of a new Bemble. */
    @PostMapping("/first")
    AccountState first(@Valid @RequestBody FirstAccount account, HttpServletRequest request,
            HttpServletResponse response) {
        accounts.createFirst(account.login(), account.name(), account.password());
        return signIn(new Credentials(account.login(), account.password()), request, response);
    }

    /** Signs out. */
    @PostMapping("/sign-out")
    AccountState signOut(HttpServletRequest request) {
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
        SecurityContextHolder.clearContext();
        return state(null);
    }
}
