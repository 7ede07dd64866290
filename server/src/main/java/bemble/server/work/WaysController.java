package bemble.server.work;

import bemble.core.check.CheckKind;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists the methods and checks of each operation that can be worked. */
@RestController
@RequestMapping("/api/ways")
class WaysController {
    record Way(@NotNull String id, @NotNull String label) {}

    record Ways(@NotNull String operation, @NotNull List<Way> methods, @NotNull List<Way> checks) {}

    @GetMapping
    List<Ways> ways() {
        return Stream.of(Operation.values()).filter(operation -> !Methods.of(operation).isEmpty())
                .map(operation -> new Ways(operation.id(),
                        Methods.of(operation).stream().map(method -> new Way(method.id(), method.label())).toList(),
                        CheckKind.of(operation).stream().map(check -> new Way(check.id(), check.label())).toList()))
                .toList();
    }
}
