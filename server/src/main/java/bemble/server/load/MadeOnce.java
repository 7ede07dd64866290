package bemble.server.load;

import bemble.server.limits.Limits;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Makes once what is asked for twice: a command that comes again under the key of one before is answered as that one was, be it
 * from a second press or because the first answer was lost. Keys are each teacher's own and are known for some minutes.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class MadeOnce extends OncePerRequestFilter {
    /** The header with the key of a command, which its sender makes. */
    static final String KEY = "Command-Key";
    private static final int MOST_KEYS = 2000;
    private static final int LONGEST_ANSWER = 200_000;
    private static final int SERVER_FAULT = 500;
    private static final Duration KNOWN = Duration.ofMinutes(10);
    private static final long PATIENCE_SECONDS = 30;

    private record Command(String teacher, String path, String key) {}

    /** An answer as it was given; null in a future where there is none to give again. */
    private record Answer(int status, String type, byte[] body) {}

    private final Cache<Command, CompletableFuture<Answer>> answers =
            Caffeine.newBuilder().maximumSize(MOST_KEYS).expireAfterWrite(KNOWN).build();

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String key = request.getHeader(KEY);
        return key == null || key.isEmpty() || key.length() > Limits.COMMAND_KEY_LETTERS
                || !request.getMethod().equals("POST")
                || request.getUserPrincipal() == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Principal teacher = request.getUserPrincipal();
        Command command = new Command(teacher.getName(), request.getRequestURI(), request.getHeader(KEY));
        CompletableFuture<Answer> own = new CompletableFuture<>();
        CompletableFuture<Answer> before = answers.asMap().putIfAbsent(command, own);
        Answer given = before == null ? null : given(before);
        if (given != null) {
            response.setStatus(given.status());
            response.setContentType(given.type());
            response.getOutputStream().write(given.body());
            return;
        }
        ContentCachingResponseWrapper kept = new ContentCachingResponseWrapper(response);
        try {
            chain.doFilter(request, kept);
            byte[] body = kept.getContentAsByteArray();
            // What failed may be tried again under the same key.
            boolean again =
                    kept.getStatus() < SERVER_FAULT && body.length <= LONGEST_ANSWER && !request.isAsyncStarted();
            own.complete(again ? new Answer(kept.getStatus(), kept.getContentType(), body) : null);
        } finally {
            if (own.complete(null) || own.join() == null) {
                answers.asMap().remove(command, own);
            }
            if (!request.isAsyncStarted()) {
                kept.copyBodyToResponse();
            }
        }
    }

    private static @Nullable Answer given(CompletableFuture<Answer> before) {
        try {
            return before.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return null;
        } catch (ExecutionException | TimeoutException none) {
            return null;
        }
    }
}
