package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class PupilIdColumn extends IdColumn<PupilId> {
    PupilIdColumn() {
        super(PupilId::new, PupilId::value);
    }
}
