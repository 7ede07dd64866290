package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(DemoServer.class)
class ScreenAddressesTest {
    /** Children's devices fetch nothing of the teacher's program. */
    @ParameterizedTest
    @CsvSource({
        "/in, /assets/in-, /assets/index-", "/in/5, /assets/in-, /assets/index-", "/, /assets/index-, /assets/in-",
        "/today, /assets/index-, /assets/in-", "/inside, /assets/index-, /assets/in-"
    })
    void eachAddressHasItsProgram(String address, String program, String other, RunningServer server) {
        Client.Reply reply = new Client(server).get(address);
        assertThat(reply.status()).isEqualTo(200);
        assertThat(reply.text()).contains(program).doesNotContain(other);
    }
}
