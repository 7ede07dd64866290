package bemble.server.storage;

import bemble.server.ids.MarkingId;
import bemble.server.ids.TeacherId;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * One change after the other: whoever changes something takes the row that orders such changes first, checks under it, and writes. It
 * is let go with the transaction. Of two rows the teacher's is taken before a pile's.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class Turns {
    private final Rows rows;

    Turns(Rows rows) {
        this.rows = rows;
    }

    /** Waits until nobody else changes what this teacher has one of: a style, a week, a lesson, words on a page. */
    public void of(TeacherId teacherId) {
        rows.teacher(teacherId);
    }

    /** Waits until nobody else changes what stands on the papers of this pile. */
    public void of(MarkingId markingId) {
        rows.marking(markingId);
    }

    /** The rows that are taken. */
    @Mapper
    interface Rows {
        @Select("select id from teacher where id = #{id} for update")
        @Nullable
        Long teacher(TeacherId id);

        @Select("select id from marking where id = #{id} for update")
        @Nullable
        Long marking(MarkingId id);
    }
}
