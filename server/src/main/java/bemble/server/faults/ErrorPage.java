package bemble.server.faults;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is answered where a request went wrong before any controller saw it. */
@Hidden
@RestController
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<Object> error(HttpServletRequest request) {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.resolve(code) : HttpStatus.NOT_FOUND;
        HttpStatus known =
                status == null || status == HttpStatus.INTERNAL_SERVER_ERROR ? HttpStatus.BAD_REQUEST : status;
        return FaultResponse.notTaken(known);
    }
}
