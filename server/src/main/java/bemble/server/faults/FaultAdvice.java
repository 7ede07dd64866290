package bemble.server.faults;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Turns whatever goes wrong into an answer in a teacher's words; never a stack trace. */
@RestControllerAdvice
class FaultAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(FaultAdvice.class);

    @ExceptionHandler
    ResponseEntity<Object> refused(Refusal refusal) {
        ProblemDetail detail = FaultResponse.detail(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be worked",
                refusal.faults());
        refusal.offer().ifPresent(offer -> detail.setProperty("offer", offer));
        return FaultResponse.of(detail);
    }

    @ExceptionHandler
    ResponseEntity<Object> notTaken(FileFaults faults) {
        return FaultResponse.of(HttpStatus.UNPROCESSABLE_CONTENT, "This file was not taken in", faults.faults());
    }

    @ExceptionHandler
    ResponseEntity<Object> missing(Missing missing) {
        return FaultResponse.of(HttpStatus.NOT_FOUND, "Not found", List.of(new Fault("", missing.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<Object> unforeseen(Exception exception) {
        LOG.error("A request failed", exception);
        return FaultResponse.of(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here", List.of(new Fault("",
                "Bemble met a fault of its own. Nothing was changed; try again, or start Bemble anew.")));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(HttpMessageNotReadableException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String field = exception.getCause() instanceof JacksonException json
                ? json.getPath().stream().map(JacksonException.Reference::getPropertyName)
                        .filter(name -> name != null).collect(Collectors.joining("."))
                : "";
        String message = field.isEmpty() ? "This is not readable JSON. Send an object with named fields."
                : "“" + field + "” does not have the form it needs. Look it up in the description of the API.";
        return FaultResponse.of(HttpStatus.BAD_REQUEST, "This cannot be read", List.of(new Fault(field, message)));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(MethodArgumentNotValidException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Fault> faults = exception.getFieldErrors().stream()
                .map(error -> new Fault(error.getField(), error.getDefaultMessage())).toList();
        return FaultResponse.of(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be saved", faults);
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(Exception exception, Object body, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        return FaultResponse.of(status, "This cannot be done", List.of(new Fault("",
                status.value() == 404 ? "There is nothing at this address."
                        : "The server does not take this request (" + status.value() + ").")));
    }
}
