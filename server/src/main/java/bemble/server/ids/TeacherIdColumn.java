package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class TeacherIdColumn extends IdColumn<TeacherId> {
    TeacherIdColumn() {
        super(TeacherId::new, TeacherId::value);
    }
}
