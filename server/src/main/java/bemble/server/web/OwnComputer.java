package bemble.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Tells whether a request was made at the computer that Bemble runs on. Whatever comes by way of a proxy was made elsewhere,
 * though the proxy may run here.
 */
@Component
public class OwnComputer {
    private static final List<String> OF_PROXIES =
            List.of("Forwarded", "Via", "X-Forwarded-For", "X-Forwarded-Host", "X-Forwarded-Proto",
                    "X-Forwarded-Server", "X-Real-IP", "True-Client-IP", "CF-Connecting-IP");
    private static final Set<String> LOOPBACK =
            Set.of("localhost", "127.0.0.1", "::1", "[::1]", "0:0:0:0:0:0:0:1", "[0:0:0:0:0:0:0:1]");

    private final String ownName;

    OwnComputer() {
        this.ownName = ownName();
    }

    private static String ownName() {
        try {
            return InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
        } catch (UnknownHostException nameless) {
            return "localhost";
        }
    }

    /** Whether somebody at this computer asks, without anything in between. */
    public boolean asks(HttpServletRequest request) {
        return OF_PROXIES.stream().allMatch(header -> request.getHeader(header) == null) && isHere(request);
    }

    private boolean isHere(HttpServletRequest request) {
        try {
            InetAddress from = InetAddress.getByName(request.getRemoteAddr());
            if (!from.isLoopbackAddress()) {
                return NetworkInterface.getByInetAddress(from) != null;
            }
            // A proxy on this computer asks from here too, but under the name by which it is known elsewhere.
            String name = String.valueOf(request.getServerName()).toLowerCase(Locale.ROOT);
            return LOOPBACK.contains(name) || name.equals(ownName) || name.equals(ownName + ".local");
        } catch (UnknownHostException | SocketException unknown) {
            return false;
        }
    }
}
