package bemble.server.log.entry;

import bemble.server.ids.EntryId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Options.FlushCachePolicy;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The rows of the log; every query names its teacher. */
@Mapper
public interface LogMapper {
    /** What pupils write under a code that has not ended, have handed into a pile, or has been copied into one. */
    String IN_A_PILE =
            "(exists (select 1 from attempt a join screen_place p on p.run = a.run where a.entry_id = log_entry.id) "
                    + "or exists (select 1 from attempt a where a.entry_id = log_entry.id and a.marking_id is not null))";
    String COLUMNS = "id, reference, worked_at, operation, problem, method, choices, check_kind, answer, working, "
            + "check_statement, check_holds, label, note, kept, explanation, revision, written, deleted_at";
    String MATCHES = "teacher_id = #{teacherId} and deleted_at is null "
            + "<if test=\"pattern != '%%'\">and words like #{pattern} escape '!'</if> "
            + "<if test='pupils != null'> and <if test='!pupils'>not</if> exists (select 1 from attempt "
            + "where entry_id = log_entry.id and pupil_id is not null)</if>";

    // Ordered by the whole index, so that which are meant is read off it alone: nothing is sorted, no other row is looked at.
    @Select("<script>select " + COLUMNS
            + " from log_entry where id in (select id from log_entry use index (log_entry_words) where "
            + MATCHES + " order by teacher_id, deleted_at, worked_at desc, id desc offset #{offset} rows "
            + "fetch first #{most} rows only) order by worked_at desc, id desc</script>")
    List<LogEntry> search(TeacherId teacherId, String pattern, @Nullable Boolean pupils, int offset, int most);

    @Select("select " + COLUMNS
            + " from log_entry use index (log_entry_written) where teacher_id = #{teacherId} and written is null and deleted_at is null "
            + "order by teacher_id, written, worked_at desc, id desc fetch first row only")
    Optional<LogEntry> lastWorked(TeacherId teacherId);

    @Select("<script>select count(*) from log_entry use index (log_entry_words) where " + MATCHES + "</script>")
    int count(TeacherId teacherId, String pattern, Boolean pupils);

    @Select("select " + COLUMNS
            + " from log_entry where teacher_id = #{teacherId} and id = #{id} and deleted_at is null")
    Optional<LogEntry> find(TeacherId teacherId, EntryId id);

    /** An entry with its reference, deleted or not. */
    record Known(EntryId id, UUID reference) {}

    @Select("select id, reference from log_entry where teacher_id = #{teacherId}")
    List<Known> known(TeacherId teacherId);

    @Select(value = "select " + COLUMNS + " from final table (insert into log_entry (teacher_id, reference, worked_at, "
            + "operation, problem, method, choices, check_kind, answer, working, check_statement, check_holds, label, "
            + "note, kept, explanation, written) values (#{teacherId}, #{e.reference}, #{e.workedAt}, #{e.operation}, #{e.problem}, "
            + "#{e.method}, #{e.choices}, #{e.checkKind}, #{e.answer}, #{e.working}, #{e.checkStatement}, "
            + "#{e.checkHolds}, #{e.label}, #{e.note}, #{e.kept}, #{e.explanation}, #{e.written,jdbcType=VARCHAR}))", affectData = true)
    LogEntry add(@Param("teacherId") TeacherId teacherId, @Param("e") NewEntry entry);

    @Update("update log_entry set method = #{e.method}, choices = #{e.choices}, check_kind = #{e.checkKind}, "
            + "answer = #{e.answer}, working = #{e.working}, check_statement = #{e.checkStatement}, "
            + "check_holds = #{e.checkHolds} where teacher_id = #{teacherId} and id = #{id} "
            + "and problem = #{e.problem} and written is null and deleted_at is null")
    int rework(@Param("teacherId") TeacherId teacherId, @Param("id") EntryId id, @Param("e") NewEntry entry);

    @Update("update log_entry set written = #{state}, answer = #{answer}, working = #{found} "
            + "where teacher_id = #{teacherId} and id = #{id} and written is not null and deleted_at is null")
    int mark(TeacherId teacherId, EntryId id, String state, String answer, String found);

    @Update("update log_entry set label = #{r.label}, note = #{r.note}, kept = #{r.kept}, "
            + "explanation = coalesce(#{r.explanation,jdbcType=VARCHAR}, explanation), revision = revision + 1 "
            + "where teacher_id = #{teacherId} and id = #{id} and deleted_at is null "
            + "and revision = coalesce(#{r.revision,jdbcType=INTEGER}, revision)")
    int remark(@Param("teacherId") TeacherId teacherId, @Param("id") EntryId id, @Param("r") Remarks remarks);

    @Update("update log_entry set deleted_at = #{now} where teacher_id = #{teacherId} and id = #{id} "
            + "and deleted_at is null")
    int delete(TeacherId teacherId, EntryId id, OffsetDateTime now);

    /** Deletes what a search shows, but what is kept or stands in a pile. */
    @Select(value = "<script>select id from final table (update log_entry set deleted_at = #{now} where " + MATCHES
            + " and not kept and not " + IN_A_PILE + ")</script>", affectData = true)
    @Options(useCache = false, flushCache = FlushCachePolicy.TRUE)
    List<EntryId> deleteAllNotKept(TeacherId teacherId, String pattern, @Nullable Boolean pupils, OffsetDateTime now);

    /** How many a search shows that stand in a pile, and so are not tidied away. */
    @Select("<script>select count(*) from log_entry where " + MATCHES + " and not kept and " + IN_A_PILE + "</script>")
    int countInPiles(TeacherId teacherId, String pattern, @Nullable Boolean pupils);

    /** The code under which a pupil writes this paper at a screen just now. */
    @Select("select s.code from attempt a join screen_place p on p.run = a.run join live_session s on s.id = p.session_id "
            + "where a.entry_id = #{id} and s.ended_at is null")
    Optional<String> openAtScreens(EntryId id);

    /** What can be brought back, the latest deleted first. */
    @Select("select " + COLUMNS + " from log_entry where teacher_id = #{teacherId} and deleted_at is not null "
            + "order by deleted_at desc, worked_at desc, id desc offset #{offset} rows fetch first #{most} rows only")
    List<LogEntry> deleted(TeacherId teacherId, int offset, int most);

    @Select("select count(*) from log_entry where teacher_id = #{teacherId} and deleted_at is not null")
    int countDeleted(TeacherId teacherId);

    /** What was deleted together. */
    @Select("select id from log_entry where teacher_id = #{teacherId} and deleted_at = #{at}")
    List<EntryId> deletedAt(TeacherId teacherId, OffsetDateTime at);

    @Update("<script>update log_entry set deleted_at = null where teacher_id = #{teacherId} and id in "
            + "<foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}</foreach></script>")
    int restore(TeacherId teacherId, Collection<EntryId> ids);

    @Delete("delete from log_entry where deleted_at < #{before}")
    int purge(OffsetDateTime before);
}
