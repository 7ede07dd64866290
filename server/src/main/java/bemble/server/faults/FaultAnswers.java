package bemble.server.faults;

import bemble.core.problem.Fault;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Refuses what no controller sees, in the form of every other refusal. */
@Component
public class FaultAnswers {
    private final ObjectMapper json;

    FaultAnswers(ObjectMapper json) {
        this.json = json;
    }

    /** Answers with one sentence that says what is wrong and what to do. */
    public void answer(HttpServletResponse response, HttpStatus status, String message) throws IOException {
        answer(response, status, "This cannot be done", message);
    }

    /** The same to who may not ask for it. */
    public void notAllowed(HttpServletResponse response, HttpStatus status, String message) throws IOException {
        answer(response, status, "Not allowed", message);
    }

    private void answer(HttpServletResponse response, HttpStatus status, String title, String message)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsBytes(
                FaultResponse.detail(status, title, List.of(new Fault("", message)))));
    }
}
