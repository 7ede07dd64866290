package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class EntryIdColumn extends IdColumn<EntryId> {
    EntryIdColumn() {
        super(EntryId::new, EntryId::value);
    }
}
