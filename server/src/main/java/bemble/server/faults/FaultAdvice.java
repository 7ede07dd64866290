package bemble.server.faults;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import bemble.server.storage.ClosedByFullDisk;
import java.util.List;
import java.util.Objects;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
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
    ResponseEntity<Object> changed(ChangedElsewhere changed) {
        ProblemDetail detail = FaultResponse.detail(HttpStatus.CONFLICT, "Changed elsewhere",
                List.of(new Fault("", changed.getMessage())));
        detail.setProperty("current", changed.current());
        return FaultResponse.of(detail);
    }

    @ExceptionHandler
    ResponseEntity<Object> unclear(Unclear unclear) {
        ProblemDetail detail =
                FaultResponse.detail(HttpStatus.UNPROCESSABLE_CONTENT, "Say who is meant", unclear.faults());
        detail.setProperty("questions", unclear.questions());
        return FaultResponse.of(detail);
    }

    @ExceptionHandler
    ResponseEntity<Object> later(Busy busy) {
        ResponseEntity<Object> answer = FaultResponse.of(HttpStatus.TOO_MANY_REQUESTS, "Not now",
                List.of(new Fault("", busy.getMessage())));
        HttpHeaders headers = new HttpHeaders(answer.getHeaders());
        headers.set(HttpHeaders.RETRY_AFTER, Long.toString(busy.seconds()));
        return new ResponseEntity<>(answer.getBody(), headers, answer.getStatusCode());
    }

    /** A browser that has left the page meanwhile gets no answer, and is no fault. */
    @ExceptionHandler
    void left(ClientAbortException left) {
        LOG.debug("A client left before its answer", left);
    }

    /** Two changes of the same thing at the same moment, of which the database let one through: never a fault, never half a change. */
    @ExceptionHandler({DuplicateKeyException.class, PessimisticLockingFailureException.class})
    ResponseEntity<Object> atTheSameMoment(Exception other) {
        LOG.info("Two changes came at the same moment: {}", other.toString());
        return FaultResponse.of(HttpStatus.CONFLICT, "Changed elsewhere", List.of(new Fault("",
                "This was changed in another window at the same moment. Load it again and see what stands there now.")));
    }

    @ExceptionHandler
    ResponseEntity<Object> unforeseen(Exception exception) {
        if (ClosedByFullDisk.isCause(exception)) {
            LOG.error("The disk takes no more: {}", exception.toString());
            return FaultResponse.of(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full", List.of(new Fault("",
                    "The disk of this computer is full, so nothing was saved. Make room on it and try again; what you "
                            + "typed is still here, and reading goes on.")));
        }
        LOG.error("A request failed", exception);
        return FaultResponse.of(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here", List.of(new Fault("",
                "Bemble met a fault of its own. Nothing was changed; try again, or start Bemble anew.")));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(HttpMessageNotReadableException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = exception; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge tooLarge) {
                return FaultResponse.of(HttpStatus.CONTENT_TOO_LARGE, "This is too large", List.of(new Fault("",
                        "This is more than the " + tooLarge.kilobytes()
                                + " kB that can be taken here. Send less at once, "
                                + "or make two files of it.")));
            }
            if (cause instanceof Refusal refusal) {
                return refused(refusal);
            }
            if (cause instanceof TooMany tooMany) {
                return FaultResponse.of(HttpStatus.UNPROCESSABLE_CONTENT, "This is too much at once",
                        List.of(new Fault(FieldName.ofList(field(exception)), tooMany.getMessage())));
            }
        }
        String field = field(exception);
        String message = field.isEmpty() ? "This is not readable JSON. Send an object with named fields."
                : "“" + field + "” does not have the form it needs. Look it up in the description of the API.";
        return FaultResponse.of(HttpStatus.BAD_REQUEST, "This cannot be read", List.of(new Fault(field, message)));
    }

    /** The field at which reading a request ended, as far as it is known. */
    private static String field(HttpMessageNotReadableException exception) {
        return exception.getCause() instanceof JacksonException json ? FieldName.of(json) : "";
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(MethodArgumentNotValidException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Fault> faults = exception.getFieldErrors().stream()
                .map(error -> new Fault(error.getField(), said(error))).toList();
        return FaultResponse.of(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be saved", faults);
    }

    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(HandlerMethodValidationException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Fault> faults = exception.getParameterValidationResults().stream()
                .flatMap(result -> result.getResolvableErrors().stream().map(error -> new Fault(
                        String.valueOf(result.getMethodParameter().getParameterName()), said(error))))
                .toList();
        return FaultResponse.of(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be taken", faults);
    }

    /** Every rule of ours says what is wrong in its own words. */
    private static String said(MessageSourceResolvable error) {
        return Objects.requireNonNull(error.getDefaultMessage());
    }

    @ExceptionHandler
    ResponseEntity<Object> unreadable(MethodArgumentTypeMismatchException exception) {
        return FaultResponse.of(HttpStatus.BAD_REQUEST, "This cannot be read", List.of(new Fault(exception.getName(),
                "“" + exception.getName()
                        + "” does not have the form it needs. Look it up in the description of the API.")));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException exception, HttpHeaders headers, HttpStatusCode status,
            WebRequest request) {
        String name = exception.getParameterName();
        return FaultResponse.of(status, "This cannot be done", List.of(new Fault(name,
                "“" + name + "” is missing in the address. Look it up in the description of the API.")));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestPart(MissingServletRequestPartException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return FaultResponse.of(status, "This cannot be done", List.of(new Fault(exception.getRequestPartName(),
                "The file is missing. Choose one and bring it in again.")));
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(MaxUploadSizeExceededException exception,
            HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return FaultResponse.of(HttpStatus.CONTENT_TOO_LARGE, "This is too large", List.of(new Fault("file",
                "This file is larger than " + Limits.FILE_KILOBYTES / 1024
                        + " MB. Scan it with 200 dots an inch in grey, or make two files of it.")));
    }

    /** A file whose sending broke off, or that was sent as something else. */
    @ExceptionHandler
    ResponseEntity<Object> notWhole(MultipartException broken) {
        LOG.debug("A file did not arrive whole", broken);
        return FaultResponse.of(HttpStatus.BAD_REQUEST, "This cannot be read", List.of(new Fault("file",
                "This file did not arrive whole. Bring it in once more.")));
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(Exception exception, @Nullable Object body,
            HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        return FaultResponse.notTaken(status);
    }
}
