package bemble.server.load;

import bemble.server.faults.TooLarge;
import bemble.server.limits.Limits;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Reads no more of a request than its address has a use for, so that nobody can fill the memory. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class BodyLimit extends OncePerRequestFilter {
    private static final int KILOBYTE = 1024;
    private static final int FILES_IN_THE_HEAP = 14;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Limited(request, kilobytes(request.getRequestURI())), response);
    }

    private static int kilobytes(String path) {
        if (path.equals("/api/log/import") || path.equals("/api/classes/file")) {
            // What is read of a file takes some ten times its size; one that does not fit is refused before.
            return (int) Math.min(Limits.FILE_KILOBYTES,
                    Runtime.getRuntime().maxMemory() / KILOBYTE / FILES_IN_THE_HEAP);
        }
        boolean kept = path.startsWith("/api/sets") && !path.equals("/api/sets/draft") || path.startsWith("/api/log")
                || path.startsWith("/api/attempts") || path.startsWith("/api/in/papers") || path.equals("/api/mark")
                || path.equals("/api/nudge");
        return kept ? Limits.KEPT_KILOBYTES : Limits.REQUEST_KILOBYTES;
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final int kilobytes;

        Limited(HttpServletRequest request, int kilobytes) {
            super(request);
            this.kilobytes = kilobytes;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counted(super.getInputStream(), kilobytes);
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class Counted extends WatchedBody {
        private final int kilobytes;
        private long left;

        Counted(ServletInputStream body, int kilobytes) {
            super(body);
            this.kilobytes = kilobytes;
            this.left = (long) kilobytes * KILOBYTE;
        }

        @Override
        void seen(byte[] bytes, int from, int count) throws TooLarge {
            left -= count;
            if (left < 0) {
                throw new TooLarge(kilobytes);
            }
        }
    }
}
