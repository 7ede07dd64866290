package bemble.server.scan.folder;

import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.TeacherId;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What is known of a page by the code on it. */
@Mapper
interface PileOfPagesMapper {
    /** Who has printed the sheet of a code. */
    @Select("select teacher_id from set_print where code = #{code}")
    Optional<TeacherId> printedBy(String code);

    /** The class of a teacher's that a pupil is in. */
    @Select("select c.id from pupil p join school_class c on c.id = p.class_id where p.id = #{pupil} and c.teacher_id = #{teacherId} "
            + "and p.deleted_at is null and c.deleted_at is null")
    Optional<ClassId> classOf(TeacherId teacherId, long pupil);

    /** The newest pile with a sheet, of one class or of any where that is null. */
    @Select("select id from marking where teacher_id = #{teacherId} and deleted_at is null "
            + "and (#{classId,jdbcType=BIGINT} is null or class_id = #{classId,jdbcType=BIGINT}) "
            + "and locate('\"code\":\"' || #{code} || '\"', sheets) > 0 order by begun_at desc, id desc fetch first row only")
    Optional<MarkingId> newestPile(TeacherId teacherId, @Nullable ClassId classId, String code);
}
