package bemble.server.screens;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Comparator;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where pupils' devices find this computer on the school's network. */
@Component
class SchoolNetwork {
    private final InetAddress listening;
    private final Environment settings;

    /** @param listening the address that is listened on: this computer alone, one of its cards, or all of them */
    SchoolNetwork(@Value("${server.address}") InetAddress listening, Environment settings) {
        this.listening = listening;
        this.settings = settings;
    }

    /** The address to open on another device; nothing where no other device gets through. */
    Optional<String> address() {
        if (listening.isLoopbackAddress()) {
            return Optional.empty();
        }
        Optional<InetAddress> own = listening.isAnyLocalAddress() ? onTheNetwork() : Optional.of(listening);
        return own.map(
                each -> "http://" + each.getHostAddress() + ":" + settings.getProperty("local.server.port") + "/in");
    }

    /** An address of a card that is in use, one that is only known within the school before others. */
    private static Optional<InetAddress> onTheNetwork() {
        try {
            return NetworkInterface.networkInterfaces().filter(SchoolNetwork::isInUse)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(address -> address instanceof Inet4Address && !address.isLinkLocalAddress())
                    .min(Comparator.comparing(address -> !address.isSiteLocalAddress()));
        } catch (SocketException none) {
            return Optional.empty();
        }
    }

    private static boolean isInUse(NetworkInterface card) {
        try {
            return card.isUp() && !card.isLoopback() && !card.isVirtual();
        } catch (SocketException gone) {
            return false;
        }
    }
}
