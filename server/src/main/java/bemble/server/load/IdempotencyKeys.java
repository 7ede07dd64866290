package bemble.server.load;

import bemble.server.faults.FaultAnswers;
import bemble.server.limits.Limits;
import com.github.benmanes.caffeine.cache.Cache;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.Principal;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Makes once what is asked for twice: a command that comes again under the key of one before is answered as that one was, be it
 * from a second press or because the first answer was lost. Keys are each teacher's own and are known for some minutes.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class IdempotencyKeys extends OncePerRequestFilter {
    /** The header with the key of a command, which its sender makes. */
    static final String KEY = "Command-Key";
    private static final int KILOBYTE = 1024;
    private static final int LONGEST_ANSWER = 200_000;
    private static final Duration KNOWN = Duration.ofMinutes(10);
    private static final long PATIENCE_SECONDS = 30;

    private record Command(String teacher, String path, String key) {}

    /** An answer as it was given, and what had been asked. */
    private record Answer(byte[] asked, int status, String type, byte[] body) {}

    /** Each command with its answer to come; nothing where it failed and may be tried again. */
    private final Cache<Command, CompletableFuture<Optional<Answer>>> answers =
            CacheRoom.COMMANDS.builder((Command command, CompletableFuture<Optional<Answer>> answer) -> weight(answer))
                    .expireAfterWrite(KNOWN).build();
    private final FaultAnswers faults;

    IdempotencyKeys(FaultAnswers faults) {
        this.faults = faults;
    }

    private static int weight(CompletableFuture<Optional<Answer>> answer) {
        return 1 + (answer.isDone() ? answer.join().map(each -> each.body().length / KILOBYTE).orElse(0) : 0);
    }

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
        CompletableFuture<Optional<Answer>> own = new CompletableFuture<>();
        HashedBody hashed = new HashedBody(request);
        // Who comes second waits for the first, and goes on in its place where that failed.
        for (CompletableFuture<Optional<Answer>> before =
                answers.asMap().putIfAbsent(command, own); before != null; before =
                        answers.asMap().putIfAbsent(command, own)) {
            Optional<Answer> given;
            try {
                given = given(before);
            } catch (TimeoutException stillUnderWay) {
                faults.answer(response, HttpStatus.CONFLICT,
                        "This is still being done. See in a moment what came of it.");
                return;
            }
            if (given.isPresent()) {
                repeat(hashed, given.get(), response);
                return;
            }
            answers.asMap().remove(command, before);
        }
        first(command, own, hashed, response, chain);
    }

    private void repeat(HashedBody asked, Answer given, HttpServletResponse response) throws IOException {
        if (!MessageDigest.isEqual(asked.digest(), given.asked())) {
            faults.answer(response, HttpStatus.UNPROCESSABLE_CONTENT,
                    "Something else was asked for under this key. Give each command a key of its own.");
            return;
        }
        response.setStatus(given.status());
        response.setContentType(given.type());
        response.getOutputStream().write(given.body());
    }

    private void first(Command command, CompletableFuture<Optional<Answer>> own, HashedBody request,
            HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        ContentCachingResponseWrapper kept = new ContentCachingResponseWrapper(response);
        Optional<Answer> answer = Optional.empty();
        try {
            chain.doFilter(request, kept);
            byte[] body = kept.getContentAsByteArray();
            // What failed, for whatever reason, may be tried again under the same key.
            if (HttpStatus.valueOf(kept.getStatus()).is2xxSuccessful() && body.length <= LONGEST_ANSWER
                    && !request.isAsyncStarted()) {
                answer = Optional.of(new Answer(request.digest(), kept.getStatus(), kept.getContentType(), body));
            }
        } finally {
            if (answer.isEmpty()) {
                answers.asMap().remove(command, own);
            }
            own.complete(answer);
            if (answer.isPresent()) {
                // Weighed anew, now that it is known how much it is.
                answers.put(command, own);
            }
            if (!request.isAsyncStarted()) {
                kept.copyBodyToResponse();
            }
        }
    }

    /**
     * What the first came to.
     *
     * @throws TimeoutException where it is still being done
     */
    private static Optional<Answer> given(CompletableFuture<Optional<Answer>> before) throws TimeoutException {
        try {
            return before.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new TimeoutException("interrupted");
        } catch (ExecutionException none) {
            return Optional.empty();
        }
    }

    /** A request that knows what was asked, by a digest of its body. */
    private static final class HashedBody extends HttpServletRequestWrapper {
        private final MessageDigest digest = sha256();
        private @Nullable ServletInputStream stream;

        HashedBody(HttpServletRequest request) {
            super(request);
        }

        private static MessageDigest sha256() {
            try {
                return MessageDigest.getInstance("SHA-256");
            } catch (NoSuchAlgorithmException impossible) {
                throw new IllegalStateException(impossible);
            }
        }

        /** Of all that was asked, to the end, also of what nobody has read yet. */
        byte[] digest() throws IOException {
            getInputStream().transferTo(OutputStream.nullOutputStream());
            digest.update(String.valueOf(getQueryString()).getBytes(StandardCharsets.UTF_8));
            return digest.digest();
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (stream == null) {
                stream = new WatchedBody(super.getInputStream()) {
                    @Override
                    void seen(byte[] bytes, int from, int count) {
                        digest.update(bytes, from, count);
                    }
                };
            }
            return stream;
        }
    }
}
