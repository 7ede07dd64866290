package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class MarkingIdColumn extends IdColumn<MarkingId> {
    MarkingIdColumn() {
        super(MarkingId::new, MarkingId::value);
    }
}
