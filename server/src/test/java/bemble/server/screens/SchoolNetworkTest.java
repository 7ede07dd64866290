package bemble.server.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.Environment;

/** Which address pupils are told to open. */
class SchoolNetworkTest {
    private static Optional<String> address(String listening) throws Exception {
        Environment settings = mock(Environment.class);
        when(settings.getProperty("local.server.port")).thenReturn("8417");
        return new SchoolNetwork(InetAddress.getByName(listening), settings).address();
    }

    @Test
    void nobodyIsSentToAnAddressThatOnlyThisComputerReaches() throws Exception {
        assertThat(address("127.0.0.1")).isEmpty();
        assertThat(address("192.0.2.7")).contains("http://192.0.2.7:8417/in");
    }

    @Test
    void whereEveryCardIsListenedOnPupilsAreToldAnAddressOfThisComputer() throws Exception {
        List<String> own = NetworkInterface.networkInterfaces().flatMap(NetworkInterface::inetAddresses)
                .filter(each -> !each.isLoopbackAddress()).map(each -> "http://" + each.getHostAddress() + ":8417/in")
                .toList();
        Optional<String> told = address("0.0.0.0");
        assertThat(
                told.map(own::contains).orElse(own.stream().noneMatch(each -> each.matches("http://[0-9.]+:8417/in"))))
                        .isTrue();
    }
}
