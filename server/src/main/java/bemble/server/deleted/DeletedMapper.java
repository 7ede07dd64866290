package bemble.server.deleted;

import bemble.server.ids.TeacherId;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What was deleted and can be brought back, the last first. */
@Mapper
interface DeletedMapper {
    /** How many are shown at most; whoever deletes more than that brings some of it back first. */
    int MOST = 50;

    /** @param name the title of a set or a pile, the name of a class */
    record DeletedLine(@NotNull long id, @NotNull String name, @NotNull OffsetDateTime deletedAt) {}

    String SINCE =
            " where teacher_id = #{teacherId} and deleted_at > #{since} order by deleted_at desc, id desc fetch first "
                    + MOST
                    + " rows only";

    @Select("select id, title as name, deleted_at from practice_set" + SINCE)
    List<DeletedLine> sets(TeacherId teacherId, OffsetDateTime since);

    @Select("select id, name, deleted_at from school_class" + SINCE)
    List<DeletedLine> classes(TeacherId teacherId, OffsetDateTime since);

    /** Piles of classes that are there; the others come back with their class. */
    @Select("select m.id, m.title || ', ' || c.name as name, m.deleted_at from marking m join school_class c on c.id = m.class_id "
            + "where m.teacher_id = #{teacherId} and m.deleted_at > #{since} and c.deleted_at is null "
            + "order by m.deleted_at desc, m.id desc fetch first " + MOST + " rows only")
    List<DeletedLine> piles(TeacherId teacherId, OffsetDateTime since);
}
