package bemble.server.web;

import bemble.server.faults.FaultAnswers;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses in words what cannot be read as a request of this API, before anything looks into it: every address alike. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class ReadableRequests extends OncePerRequestFilter {
    private final FaultAnswers faults;

    ReadableRequests(FaultAnswers faults) {
        this.faults = faults;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isText(request.getQueryString())) {
            faults.answer(response, HttpStatus.BAD_REQUEST,
                    "What stands behind the ? of this address cannot be read. Write it in UTF-8, with % signs as an address has them.");
        } else if (!isOneKind(request.getContentType())) {
            faults.answer(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "This is sent as “" + request.getContentType()
                            + "”, which is not taken here. Send application/json, or a "
                            + "table as text/csv.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Whether what is sent is of one kind that there is; a form is none that is taken anywhere. */
    private static boolean isOneKind(@Nullable String type) {
        if (type == null) {
            return true;
        }
        try {
            MediaType kind = MediaType.parseMediaType(type);
            return kind.isConcrete() && !MediaType.APPLICATION_FORM_URLENCODED.includes(kind);
        } catch (InvalidMediaTypeException none) {
            return false;
        }
    }

    private static boolean isText(@Nullable String query) {
        if (query == null) {
            return true;
        }
        ByteBuffer bytes = ByteBuffer.allocate(query.length() * 3);
        for (int i = 0; i < query.length(); i++) {
            char sign = query.charAt(i);
            if (sign != '%') {
                bytes.put(Character.toString(sign).getBytes(StandardCharsets.UTF_8));
                continue;
            }
            int high = i + 2 < query.length() ? Character.digit(query.charAt(i + 1), 16) : -1;
            int low = i + 2 < query.length() ? Character.digit(query.charAt(i + 2), 16) : -1;
            if (high < 0 || low < 0) {
                return false;
            }
            bytes.put((byte) (high * 16 + low));
            i += 2;
        }
        try {
            StandardCharsets.UTF_8.newDecoder().decode(bytes.flip());
            return true;
        } catch (CharacterCodingException other) {
            return false;
        }
    }
}
