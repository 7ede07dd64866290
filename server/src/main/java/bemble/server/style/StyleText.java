package bemble.server.style;

import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** House styles as the text that is stored: a JSON object of the choices made. */
@Component
public class StyleText {
    private static final TypeReference<Map<String, String>> CHOICES = new TypeReference<>() {};

    private final ObjectMapper json;

    StyleText(ObjectMapper json) {
        this.json = json;
    }

    public String write(HouseStyle style) {
        return json.writeValueAsString(style.ids());
    }

    /** A problem as it is written in a style that is stored. */
    public String written(Problem problem, String stored) {
        return HouseStyle.USUAL.with(read(stored)).problem(problem);
    }

    public Map<String, String> read(String stored) {
        return json.readValue(stored, CHOICES);
    }
}
