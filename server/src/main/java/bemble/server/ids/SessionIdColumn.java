package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class SessionIdColumn extends IdColumn<SessionId> {
    SessionIdColumn() {
        super(SessionId::new, SessionId::value);
    }
}
