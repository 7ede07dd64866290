package bemble.server.faults;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;

/** What is answered to a request that is refused before anything of ours sees it, such as one whose address is no address. */
public final class PlainFaults extends ErrorReportValve {
    private static final String FAULT =
            "{\"type\":\"about:blank\",\"title\":\"This cannot be done\",\"status\":%d,\"detail\":\"%s\","
                    + "\"errors\":[{\"field\":\"\",\"message\":\"%s\"}]}";

    @Override
    protected void report(Request request, Response response, Throwable throwable) {
        int status = response.getStatus();
        if (status < HttpServletResponse.SC_BAD_REQUEST || response.getContentWritten() > 0
                || !response.setErrorReported()) {
            return;
        }
        String message = "The server cannot read this request (" + status + ").";
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getReporter().write(FAULT.formatted(status, message, message));
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            // Whoever asked has left, and is told nothing.
        }
    }

    /** Puts these in the place of the pages that the servlet container has for them. */
    @Configuration
    static class InPlaceOfPages {
        @Bean
        WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainFaults() {
            return factory -> factory.addContextCustomizers(context -> ((StandardHost) context.getParent())
                    .setErrorReportValveClass(PlainFaults.class.getName()));
        }
    }
}
