package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class ScanIdColumn extends IdColumn<ScanId> {
    ScanIdColumn() {
        super(ScanId::new, ScanId::value);
    }
}
