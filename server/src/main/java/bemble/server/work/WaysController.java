package bemble.server.work;

import bemble.core.picture.PictureKind;
import bemble.core.problem.Operation;
import bemble.core.style.CheckKind;
import bemble.core.style.MethodName;
import bemble.core.style.option.Option;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists the methods, checks and pictures of each operation. */
@RestController
@RequestMapping("/api/ways")
class WaysController {
    record Named(@NotNull String id, @NotNull String label) {}

    record Ways(@NotNull Operation operation, @NotNull List<Named> methods, @NotNull List<Named> checks,
            @NotNull List<Named> pictures) {}

    /** The methods of each operation and the checks that go with them. */
    @GetMapping
    List<Ways> ways() {
        return Stream.of(Operation.values()).map(operation -> new Ways(operation,
                views(MethodName.of(operation)), views(CheckKind.of(operation)),
                PictureKind.of(operation).stream().map(kind -> new Named(kind.id(), kind.label())).toList())).toList();
    }

    private static List<Named> views(List<? extends Option> options) {
        return options.stream().map(option -> new Named(option.id(), option.label())).toList();
    }
}
