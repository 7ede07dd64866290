package bemble.server.log.papers;

import bemble.core.problem.Problem;
import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The papers of the log's entries; who may see them is asked of the log. */
@Mapper
public interface AttemptMapper {
    String COLUMNS = "entry_id, settings, figures, run, set_id, question, marking_id, pupil_id";

    @Insert("insert into attempt (" + COLUMNS
            + ") values (#{entryId}, #{settings}, #{figures}, #{run,jdbcType=VARCHAR}, "
            + "#{setId,jdbcType=BIGINT}, #{question,jdbcType=INTEGER}, #{markingId,jdbcType=BIGINT}, #{pupilId,jdbcType=BIGINT})")
    void add(StoredAttempt attempt);

    @Select("select " + COLUMNS + " from attempt where entry_id = #{entryId}")
    Optional<StoredAttempt> find(EntryId entryId);

    /** The same, with the row kept from others until this is done. */
    @Select("select " + COLUMNS + " from attempt where entry_id = #{entryId} for update")
    Optional<StoredAttempt> take(EntryId entryId);

    /** A paper's number, its question, and the problem on it. */
    record PaperOfRun(EntryId id, int question, Problem problem) {}

    @Select("select e.id, a.question, e.problem from attempt a join log_entry e on e.id = a.entry_id where a.run = #{run} "
            + "and e.teacher_id = #{teacherId} and e.deleted_at is null order by a.question")
    List<PaperOfRun> papersOfRun(TeacherId teacherId, String run);

    /** The question that a paper is for, where it is one of these. */
    @Select("select question from attempt where entry_id = #{entryId} and run = #{run}")
    Optional<Integer> questionInRun(EntryId entryId, String run);

    @Update("update attempt set pupil_id = #{pupilId} where run = #{run}")
    void belongsTo(String run, PupilId pupilId);

    /** Takes everything that a pupil wrote at a screen out of the log, for good. */
    @Delete("delete from log_entry where id in (select entry_id from attempt where pupil_id = #{pupilId})")
    void deleteOfPupil(PupilId pupilId);

    /**
     * A paper that came out right.
     *
     * @param copiedOf the day on which it was written, where it was copied later; else null
     */
    record RightPaper(EntryId id, @Nullable LocalDate copiedOf) {}

    /** A pupil's papers that were right, the latest first; of those that were copied what a pupil did alone. */
    @Select("select e.id, m.worked_on copied_of from attempt a join log_entry e on e.id = a.entry_id "
            + "left join marking m on m.id = a.marking_id left join marked_answer r on r.marking_id = a.marking_id "
            + "and r.pupil_id = a.pupil_id and r.question = a.question where a.pupil_id = #{pupilId} and e.teacher_id = #{teacherId} "
            + "and e.deleted_at is null and e.written = 'right' and (a.marking_id is null or r.verdict = 'right' and r.how = '') "
            + "order by e.worked_at desc, e.id desc")
    List<RightPaper> rightOfPupil(TeacherId teacherId, PupilId pupilId);

    /** A paper that a teacher has begun and not handed in. */
    record OpenPaper(EntryId id, Problem problem, OffsetDateTime workedAt) {}

    @Select("select e.id, e.problem, e.worked_at from log_entry e use index (log_entry_written) join attempt a on a.entry_id = e.id where e.teacher_id = #{teacherId} "
            + "and e.written = 'open' and e.deleted_at is null and a.pupil_id is null order by e.worked_at desc, e.id desc "
            + "fetch first #{most} rows only")
    List<OpenPaper> open(TeacherId teacherId, int most);

    /** The copy of what a pupil wrote for a question of a pile; on another sheet it is another problem, and another copy. */
    @Select("select e.id from attempt a join log_entry e on e.id = a.entry_id where a.marking_id = #{markingId} "
            + "and a.pupil_id = #{pupilId} and a.question = #{question} and e.problem = #{problem} and e.teacher_id = #{teacherId} "
            + "and e.deleted_at is null order by e.id desc fetch first 1 rows only")
    Optional<EntryId> copy(TeacherId teacherId, MarkingId markingId, PupilId pupilId, int question, Problem problem);

    /** A paper that a pupil wrote at a screen or that was copied for them, with the question of the pile it was marked in. */
    record PaperInPile(EntryId id, MarkingId markingId, int question) {}

    @Select("select e.id, coalesce(a.marking_id, s.marking_id) marking_id, a.question from attempt a join log_entry e on e.id = a.entry_id "
            + "left join screen_place p on p.run = a.run left join screen_session s on s.id = p.session_id "
            + "where a.pupil_id = #{pupilId} and e.teacher_id = #{teacherId} and e.deleted_at is null "
            + "and coalesce(a.marking_id, s.marking_id) is not null order by e.worked_at desc, e.id desc fetch first #{most} rows only")
    List<PaperInPile> inPiles(TeacherId teacherId, PupilId pupilId, int most);

    @Select("select count(*) from attempt where pupil_id = #{pupilId}")
    int countOfPupil(PupilId pupilId);

    @Update("update attempt set settings = #{settings}, figures = #{figures} where entry_id = #{entryId}")
    void change(EntryId entryId, String settings, String figures);

    @Select("select a.entry_id from attempt a join log_entry e on e.id = a.entry_id where a.run = #{run} "
            + "and e.teacher_id = #{teacherId} and e.deleted_at is null order by a.question, a.entry_id")
    List<EntryId> ofRun(TeacherId teacherId, String run);
}
