package bemble.server.work;

import bemble.core.sheet.MarkGeometry;
import bemble.core.working.Anchor;
import bemble.core.working.MarkKind;
import bemble.core.working.Size;
import jakarta.validation.constraints.NotNull;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How marks are drawn in their squares: the table that the printed page is drawn from, for the painter on screen. */
@RestController
class GeometryController {
    record TextPlaceView(@NotNull double x, @NotNull double y, @NotNull boolean begins) {}

    record StrokeView(@NotNull double fromX, @NotNull double fromY, @NotNull double toX, @NotNull double toY) {}

    /** All in squares; see {@link MarkGeometry}. */
    record GeometryView(@NotNull Map<String, TextPlaceView> anchors, @NotNull Map<String, Double> heights,
            @NotNull Map<String, StrokeView> strokes, @NotNull double foot, @NotNull double strikeReach,
            @NotNull double strikeShift, @NotNull double arcRise, @NotNull double arcLow, @NotNull double arcHigh,
            @NotNull double bracket, @NotNull double bracketBend, @NotNull double arrowHead,
            @NotNull double rulesApart, @NotNull double frameInset, @NotNull double ringRadius,
            @NotNull double labelIndent) {}

    /** The measures that a drawing of a sheet needs. */
    @GetMapping("/api/geometry")
    GeometryView geometry() {
        Map<String, TextPlaceView> anchors = byId(Anchor.values(), Anchor::id, anchor -> {
            MarkGeometry.TextPlace place = MarkGeometry.place(anchor);
            return new TextPlaceView(place.x(), place.y(), place.begins());
        });
        Map<String, StrokeView> strokes = byId(MarkKind.values(), MarkKind::id, kind -> {
            MarkGeometry.Stroke stroke = MarkGeometry.stroke(kind);
            return stroke == null ? null : new StrokeView(stroke.fromX(), stroke.fromY(), stroke.toX(), stroke.toY());
        });
        return new GeometryView(anchors, byId(Size.values(), Size::id, MarkGeometry::height), strokes,
                MarkGeometry.FOOT,
                MarkGeometry.STRIKE_REACH, MarkGeometry.STRIKE_SHIFT, MarkGeometry.ARC_RISE, MarkGeometry.ARC_LOW,
                MarkGeometry.ARC_HIGH, MarkGeometry.BRACKET, MarkGeometry.BRACKET_BEND, MarkGeometry.ARROW_HEAD,
                MarkGeometry.RULES_APART, MarkGeometry.FRAME_INSET, MarkGeometry.RING_RADIUS,
                MarkGeometry.LABEL_INDENT);
    }

    private static <E, V> Map<String, V> byId(E[] all, Function<E, String> id, Function<E, V> value) {
        Map<String, V> table = new LinkedHashMap<>();
        for (E each : all) {
            V found = value.apply(each);
            if (found != null) {
                table.put(id.apply(each), found);
            }
        }
        return table;
    }
}
