package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class SetIdColumn extends IdColumn<SetId> {
    SetIdColumn() {
        super(SetId::new, SetId::value);
    }
}
