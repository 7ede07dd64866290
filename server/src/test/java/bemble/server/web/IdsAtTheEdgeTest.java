package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers outside, types inside: what is no number is refused in words, and no type of ours is named. */
@ExtendWith(DemoServer.class)
class IdsAtTheEdgeTest {
    @ParameterizedTest
    @ValueSource(strings = {"\"abc\"", "1.9", "[]", "{}", "true", "99999999999999999999", "null"})
    void whatIsNoNumberIsNoId(String id, RunningServer server) {
        Client teacher = Client.demo(server);
        refused(teacher.send("POST", "/api/markings", "{\"classId\":" + id + ",\"setId\":1}", "application/json"));
        refused(teacher.send("POST", "/api/classes/1/move", "{\"pupils\":[" + id + "],\"toClass\":2}",
                "application/json"));
        refused(teacher.send("PUT", "/api/classes/1",
                "{\"name\":\"Curlews\",\"revision\":0,\"pupils\":[{\"id\":" + (id.equals("null") ? "\"\"" : id)
                        + ",\"name\":\"Ida M\"}]}",
                "application/json"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/classes/abc", "/api/pupils/1.9/record", "/api/markings/99999999999999999999",
        "/api/markings/x/class"})
    void anAddressWithoutANumberLeadsNowhere(String address, RunningServer server) {
        refused(Client.demo(server).get(address));
    }

    private static void refused(Client.Reply reply) {
        assertThat(reply.status()).as(reply.text()).isIn(400, 422);
        assertThat(reply.type()).startsWith("application/problem+json");
        assertThat(reply.message()).isNotBlank().doesNotContain("Exception", "bemble.", "Id value", "PupilId",
                "ClassId", "MarkingId");
    }
}
