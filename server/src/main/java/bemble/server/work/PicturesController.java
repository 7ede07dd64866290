package bemble.server.work;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.picture.Frame;
import bemble.core.picture.Picture;
import bemble.core.picture.Pictures;
import bemble.core.picture.Shape;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Draws the pictures that go with a working. */
@RestController
@RequestMapping("/api/pictures")
class PicturesController {
    /**
     * A picture, in units of its own.
     *
     * @param whyNot why there is none to show; then there are no frames
     */
    record PictureView(@NotNull String id, @NotNull String label, @NotNull double width, @NotNull double height,
            @NotNull List<FrameView> frames, @Nullable String whyNot) {
        static PictureView of(Picture picture) {
            return new PictureView(picture.kind().id(), picture.kind().label(), picture.width(), picture.height(),
                    picture.frames().stream().map(FrameView::of).toList(), picture.whyNot());
        }
    }

    /** The picture from a step on, until the next frame's. */
    record FrameView(@NotNull int step, @NotNull String words, @NotNull List<ShapeView> shapes) {
        static FrameView of(Frame frame) {
            return new FrameView(frame.step(), frame.words(), frame.shapes().stream().map(ShapeView::of).toList());
        }
    }

    record ShapeView(@NotNull String key, @NotNull String kind, @NotNull double x, @NotNull double y,
            @NotNull double width, @NotNull double height, @NotNull double size, @NotNull String text,
            @NotNull String tone) {
        static ShapeView of(Shape shape) {
            return new ShapeView(shape.key(), shape.kind().id(), shape.x(), shape.y(), shape.width(), shape.height(),
                    shape.size(), shape.text(), shape.tone().id());
        }
    }

    /** The pictures that go with a problem, and why some do not suit it. */
    @PostMapping
    List<PictureView> pictures(@Valid @RequestBody WorkRequest request) {
        WorkOrder order = request.order();
        return Pictures.of(Worked.from(order), order.style()).stream().map(PictureView::of).toList();
    }
}
