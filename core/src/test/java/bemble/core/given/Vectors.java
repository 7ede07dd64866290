package bemble.core.given;

import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/** The worked cases that every version of the core must reproduce. */
public final class Vectors {
    public static final ObjectMapper JSON = JsonMapper.builder().build();

    private Vectors() {}

    public static Stream<JsonNode> of(String section) {
        return in("examples", section);
    }

    public static Stream<JsonNode> in(String file, String section) {
        JsonNode all = JSON.readTree(Vectors.class.getResourceAsStream("/vectors/" + file + ".json"));
        return StreamSupport.stream(all.get(section).spliterator(), false);
    }

    public static List<String> operands(JsonNode vector) {
        return StreamSupport.stream(vector.get("operands").spliterator(), false).map(JsonNode::asString).toList();
    }
}
