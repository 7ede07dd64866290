package bemble.server.faults;

import bemble.core.problem.Fault;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

/** An answer that says what is wrong, as RFC 9457 has it. */
public final class FaultResponse {
    private FaultResponse() {}

    public static ProblemDetail detail(HttpStatusCode status, String title, List<Fault> faults) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, faults.get(0).message());
        detail.setTitle(title);
        detail.setProperty("errors", faults);
        return detail;
    }

    static ResponseEntity<Object> of(HttpStatusCode status, String title, List<Fault> faults) {
        return of(detail(status, title, faults));
    }

    static ResponseEntity<Object> of(ProblemDetail detail) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_PROBLEM_JSON);
        return new ResponseEntity<>(detail, headers, detail.getStatus());
    }
}
