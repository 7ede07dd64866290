package bemble.server.marking;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Markings, their papers and answers; every marking has a teacher. */
@Mapper
interface MarkingMapper {
    String COLUMNS = "id, class_id, title, begun_at, sheets";

    @Select("select " + COLUMNS + " from marking where teacher_id = #{teacherId} and deleted_at is null "
            + "order by begun_at desc, id desc fetch first 200 rows only")
    List<StoredMarking> all(long teacherId);

    @Select("select " + COLUMNS + " from marking where teacher_id = #{teacherId} and id = #{id} and deleted_at is null")
    Optional<StoredMarking> find(long teacherId, long id);

    @Select(value = "select " + COLUMNS + " from final table (insert into marking (teacher_id, class_id, title, begun_at, sheets) "
            + "values (#{teacherId}, #{classId}, #{title}, #{at}, #{sheets}))", affectData = true)
    StoredMarking add(@Param("teacherId") long teacherId, @Param("classId") long classId, @Param("title") String title,
            @Param("at") OffsetDateTime at, @Param("sheets") String sheets);

    @Update("update marking set sheets = #{sheets} where teacher_id = #{teacherId} and id = #{id}")
    void changeSheets(long teacherId, long id, String sheets);

    @Update("update marking set deleted_at = #{at,jdbcType=TIMESTAMP_WITH_TIMEZONE} where teacher_id = #{teacherId} and id = #{id}")
    int delete(long teacherId, long id, OffsetDateTime at);

    @Select("select pupil_id, sheet, absent from marked_paper where marking_id = #{markingId}")
    List<StoredPaper> papers(long markingId);

    @Update("merge into marked_paper key (marking_id, pupil_id) values (#{markingId}, #{p.pupilId}, #{p.sheet,jdbcType=VARCHAR}, "
            + "#{p.absent})")
    void keepPaper(@Param("markingId") long markingId, @Param("p") StoredPaper paper);

    String ANSWER = "pupil_id, question, state, given, correction, how, cause";

    @Select("select " + ANSWER + " from marked_answer where marking_id = #{markingId} order by pupil_id, question")
    List<MarkedAnswer> answers(long markingId);

    @Select("select " + ANSWER + " from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} "
            + "and question = #{question}")
    Optional<MarkedAnswer> answer(long markingId, long pupilId, int question);

    /** How many papers of a pile have anything marked. */
    @Select("select count(distinct pupil_id) from marked_answer where marking_id = #{markingId}")
    int begun(long markingId);

    @Insert("merge into marked_answer (marking_id, " + ANSWER + ") key (marking_id, pupil_id, question) values (#{markingId}, "
            + "#{a.pupilId}, #{a.question}, #{a.state}, #{a.given}, #{a.correction}, #{a.how}, #{a.cause,jdbcType=VARCHAR})")
    void keepAnswer(@Param("markingId") long markingId, @Param("a") MarkedAnswer answer);

    @Delete("delete from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{question}")
    void removeAnswer(long markingId, long pupilId, int question);
}
