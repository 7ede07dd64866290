package bemble.server.work;

import bemble.core.order.Worked;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Works one problem for anybody and stores nothing. */
@RestController
@RequestMapping("/api/work")
class WorkController {
    /** Works a problem step by step, with its check. */
    @PostMapping
    WorkResponse work(@Valid @RequestBody WorkRequest request) {
        WorkResponse worked = WorkResponse.of(Worked.from(request.order()));
        return request.sought().map(worked::saying).orElse(worked);
    }
}
