package bemble.server.guide;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The guide, for whoever is signed in. */
@RestController
class GuideController {
    private final Guide guide;

    GuideController(Guide guide) {
        this.guide = guide;
    }

    /** The pages of the guide. */
    @GetMapping("/api/guide")
    List<GuidePage> pages() {
        return guide.pages();
    }
}
