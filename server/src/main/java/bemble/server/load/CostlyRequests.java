package bemble.server.load;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Sends each request that says it is {@link CostlyRequest} through the {@link Gate} as soon as it is read, and lets it out again when
 * its answer is written: an answer on its way takes as much memory as one that is worked.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class CostlyRequests extends OncePerRequestFilter {
    private static final String PLACE = CostlyRequests.class.getName();

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } finally {
            if (request.getAttribute(PLACE) instanceof Gate.Place place) {
                place.close();
            }
        }
    }

    /** Asks what a request costs once its body is read. */
    @ControllerAdvice
    static class AtTheGate extends RequestBodyAdviceAdapter {
        private final Gate gate;

        AtTheGate(Gate gate) {
            this.gate = gate;
        }

        @Override
        public boolean supports(MethodParameter parameter, Type type,
                Class<? extends HttpMessageConverter<?>> converter) {
            return type instanceof Class<?> body && CostlyRequest.class.isAssignableFrom(body);
        }

        @Override
        public Object afterBodyRead(Object body, HttpInputMessage message, MethodParameter parameter, Type type,
                Class<? extends HttpMessageConverter<?>> converter) {
            int cost = body == null ? 0 : ((CostlyRequest) body).cost();
            if (cost > 0 && RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now) {
                now.getRequest().setAttribute(PLACE, gate.enter(cost));
            }
            return body;
        }
    }
}
