package bemble.server.faults;

import bemble.core.problem.Fault;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

/** An answer that says what is wrong, as RFC 9457 has it. */
public final class FaultResponse {
    static final int MOST_FAULTS = 20;

    private FaultResponse() {}

    public static ProblemDetail detail(HttpStatusCode status, String title, List<Fault> faults) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, faults.get(0).message());
        detail.setTitle(title);
        detail.setProperty("errors", cut(faults));
        return detail;
    }

    /** Of a request that none of the API's addresses takes. */
    static ResponseEntity<Object> notTaken(HttpStatusCode status) {
        return of(status, "This cannot be done", List.of(new Fault("", status.isSameCodeAs(HttpStatus.NOT_FOUND)
                ? "There is nothing at this address. Go by the list that it belongs to; what was deleted can be brought back there."
                : "The server does not take this request (" + status.value() + ").")));
    }

    /** The first faults, and how many more there are. */
    private static List<Fault> cut(List<Fault> faults) {
        if (faults.size() <= MOST_FAULTS) {
            return faults;
        }
        List<Fault> first = new ArrayList<>(faults.subList(0, MOST_FAULTS));
        first.add(new Fault("", "… and " + (faults.size() - MOST_FAULTS) + " more like these."));
        return first;
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
