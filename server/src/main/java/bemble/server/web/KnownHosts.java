package bemble.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only when asked for under a name of this computer, or one from the settings ({@code bemble.hosts}), so that
 * no page elsewhere can borrow a teacher's browser by giving this computer a name of its own.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class KnownHosts extends OncePerRequestFilter {
    private final Set<String> known = new HashSet<>(Set.of("localhost", "127.0.0.1", "::1", "[::1]", "0:0:0:0:0:0:0:1",
            "[0:0:0:0:0:0:0:1]"));

    KnownHosts(@Value("${bemble.hosts:}") List<String> more) {
        more.forEach(name -> known.add(name.strip().toLowerCase(Locale.ROOT)));
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            known.addAll(List.of(name, name + ".local"));
        } catch (UnknownHostException nameless) {
            logger.info("This computer has no name of its own; its addresses are known.");
        }
        try {
            for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                Collections.list(card.getInetAddresses()).forEach(address -> {
                    String plain = address.getHostAddress().replaceAll("%.*", "");
                    known.addAll(List.of(plain, "[" + plain + "]"));
                });
            }
        } catch (SocketException none) {
            logger.info("The addresses of this computer cannot be listed; its name is known.");
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (known.contains(String.valueOf(request.getServerName()).toLowerCase(Locale.ROOT))) {
            chain.doFilter(request, response);
        } else {
            response.setStatus(HttpServletResponse.SC_BAD_REQUEST);
            response.setContentType("text/plain;charset=UTF-8");
            response.getOutputStream().write(("Bemble is not known under this name. Use this computer's own name or "
                    + "address, or add the name to the setting bemble.hosts.").getBytes(StandardCharsets.UTF_8));
        }
    }
}
