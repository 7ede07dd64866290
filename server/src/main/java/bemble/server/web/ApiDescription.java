package bemble.server.web;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Completes the description of the API: who may call, which refusals come, and what belongs together. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    private static final String SESSION = "session";
    private static final String REFUSAL = "Refusal";
    /** Open to everybody at this computer; they store nothing. */
    private static final Set<String> OPEN =
            Set.of("/api/work", "/api/paper", "/api/mark", "/api/nudge", "/api/sets/draft", "/api/geometry");
    /** In their order, so that the description is the same each time it is written. */
    private static final Map<String, String> REFUSALS =
            new TreeMap<>(Map.of("400", "What was sent cannot be read.", "401", "Nobody is signed in.",
                    "403", "The request lacks the token that goes with the session.", "404",
                    "There is no such thing of this teacher’s.",
                    "409", "Another window has changed it meanwhile; what stands there now comes with the refusal.",
                    "422", "What was asked cannot be done; each fault names its field and says what to do."));
    private static final Map<String, String> TITLES = Map.of("in", "pupils at a screen", "markings", "marking",
            "attempts", "papers",
            "prints", "sets", "rules", "rules of pupils", "mark", "papers", "nudge", "papers", "paper", "papers");

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info().title("Bemble").version("1")
                        .description("Written sums, column by column. Ids are numbers; "
                                + "days are written as 2026-11-29; numbers in problems have a point.")
                        .license(new License().name("Apache 2.0").identifier("Apache-2.0")))
                .servers(List.of(new Server().url("/").description("this Bemble")))
                .components(new Components().addSecuritySchemes(SESSION,
                        new SecurityScheme().type(SecurityScheme.Type.APIKEY)
                                .in(SecurityScheme.In.COOKIE).name("JSESSIONID")
                                .description("Signed in as a teacher, or come in as a pupil.")));
    }

    @Bean
    OpenApiCustomizer refusalsAndTags() {
        return api -> {
            api.getComponents().addSchemas(REFUSAL, new ObjectSchema().addProperty("title", new StringSchema())
                    .addProperty("detail", new StringSchema().description("What to do, in a sentence.")));
            REFUSALS.forEach((status, says) -> api.getComponents().addResponses(REFUSAL + status, new ApiResponse()
                    .description(says)
                    .content(new Content().addMediaType("application/problem+json",
                            new MediaType().schema(new ObjectSchema().$ref("#/components/schemas/" + REFUSAL))))));
            api.setTags(null);
            api.getPaths().forEach((path, item) -> item.readOperationsMap()
                    .forEach((method, operation) -> complete(path, method.name(), operation)));
        };
    }

    private static void complete(String path, String method, Operation operation) {
        String first = path.split("/")[2];
        operation.setTags(List.of(TITLES.getOrDefault(first, first.replace('-', ' '))));
        boolean open = OPEN.contains(path) || path.startsWith("/api/diagnose") || path.startsWith("/api/account");
        operation.setSecurity(open ? List.of() : List.of(new SecurityRequirement().addList(SESSION)));
        Map<String, Boolean> refuses =
                Map.of("400", true, "401", !open, "403", !method.equals("GET"), "404", path.contains("{"),
                        "409", method.equals("PUT"), "422", true);
        REFUSALS.keySet().forEach(status -> {
            if (refuses.getOrDefault(status, false)) {
                operation.getResponses().computeIfAbsent(status,
                        any -> new ApiResponse().$ref("#/components/responses/" + REFUSAL + status));
            }
        });
    }
}
