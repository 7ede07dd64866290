package bemble.server.ids;

import org.springframework.stereotype.Component;

@Component
final class ClassIdColumn extends IdColumn<ClassId> {
    ClassIdColumn() {
        super(ClassId::new, ClassId::value);
    }
}
