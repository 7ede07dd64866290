package bemble.server.marking.kept;

import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Options.FlushCachePolicy;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Markings, their papers and answers; every marking has a teacher. */
@Mapper
public interface MarkingMapper {
    String COLUMNS = "id, class_id, title, begun_at, worked_on, sheets";

    String MATCHES = "teacher_id = #{teacherId} <if test=\"pattern != '%%'\">and (words like #{pattern} escape '!' "
            + "or regexp_like(lower(sheets), #{code}))</if>";
    /** Papers on which anything is marked, or that are those of absent pupils. */
    String MARKED = "((select count(distinct a.pupil_id) from marked_answer a where a.marking_id = m.id) "
            + "+ (select count(*) from marked_paper p where p.marking_id = m.id and p.absent and not exists "
            + "(select 1 from marked_answer a where a.marking_id = m.id and a.pupil_id = p.pupil_id)))";
    String PUPILS = "(select count(*) from pupil u where u.class_id = m.class_id and u.deleted_at is null)";

    /** A pile in the list of them. */
    record Line(MarkingId id, String title, String className, OffsetDateTime begunAt, int pupils, int marked) {}

    /** @param code finds the code at the foot of a sheet in the sheets’ JSON */
    // Counted is only what is shown.
    @Select("<script>select id, title, class_name, begun_at, " + PUPILS + " as pupils, " + MARKED + " as marked from "
            + "(select id, title, class_name, class_id, begun_at from live_marking where " + MATCHES
            + " order by begun_at desc, id desc offset #{offset} rows fetch first #{most} rows only) m order by begun_at desc, id desc</script>")
    List<Line> search(TeacherId teacherId, String pattern, String code, int offset, int most);

    @Select("<script>select count(*) from live_marking where " + MATCHES + "</script>")
    int countMatching(TeacherId teacherId, String pattern, String code);

    /** Piles with papers that wait, the newest first; an old one that nobody went on with does not wait any more. */
    @Select("select id, title, class_name, begun_at, " + PUPILS + " as pupils, " + MARKED
            + " as marked from (select id, title, class_name, class_id, begun_at from live_marking "
            + "where teacher_id = #{teacherId} order by begun_at desc, id desc fetch first #{newest} rows only) m where exists "
            + "(select 1 from pupil u where u.class_id = m.class_id and u.deleted_at is null and not exists "
            + "(select 1 from marked_answer a where a.marking_id = m.id and a.pupil_id = u.id) and not exists "
            + "(select 1 from marked_paper p where p.marking_id = m.id and p.pupil_id = u.id and p.absent)) order by begun_at desc, id desc "
            + "fetch first #{most} rows only")
    List<Line> waiting(TeacherId teacherId, int newest, int most);

    @Select("select " + COLUMNS + " from live_marking where teacher_id = #{teacherId} and id = #{id}")
    Optional<StoredMarking> find(TeacherId teacherId, MarkingId id);

    /** The codes under which pupils write in a pile at screens just now. */
    @Select("select code from live_session where marking_id = #{id} and ended_at is null")
    List<String> openAtScreens(MarkingId id);

    @Select(value = "select " + COLUMNS
            + " from final table (insert into marking (teacher_id, class_id, title, begun_at, worked_on, "
            + "sheets) values (#{teacherId}, #{classId}, #{title}, #{at}, #{on}, #{sheets}))", affectData = true)
    StoredMarking add(@Param("teacherId") TeacherId teacherId, @Param("classId") ClassId classId,
            @Param("title") String title,
            @Param("at") OffsetDateTime at, @Param("on") LocalDate on, @Param("sheets") String sheets);

    @Update("update marking set sheets = #{sheets} where teacher_id = #{teacherId} and id = #{id}")
    void changeSheets(TeacherId teacherId, MarkingId id, String sheets);

    @Update("update marking set worked_on = #{on} where teacher_id = #{teacherId} and id = #{id}")
    void changeDay(TeacherId teacherId, MarkingId id, LocalDate on);

    @Update("update marking set deleted_at = #{at,jdbcType=TIMESTAMP_WITH_TIMEZONE} where teacher_id = #{teacherId} and id = #{id}")
    int delete(TeacherId teacherId, MarkingId id, @Nullable OffsetDateTime at);

    @Select("select pupil_id, sheet, absent from marked_paper where marking_id = #{markingId}")
    List<StoredPaper> papers(MarkingId markingId);

    @Update("merge into marked_paper key (marking_id, pupil_id) values (#{markingId}, #{p.pupilId}, #{p.sheet,jdbcType=VARCHAR}, "
            + "#{p.absent})")
    void keepPaper(@Param("markingId") MarkingId markingId, @Param("p") StoredPaper paper);

    String ANSWER = "pupil_id, question, state, given, typed, correction, how, cause";
    /** Of an answer that is not there any more; 0 where none was. */
    String LAST_REVISION = "coalesce((select t.revision from taken_out_answer t where t.marking_id = #{markingId} "
            + "and t.pupil_id = #{a.pupilId} and t.question = #{a.question}), 0)";
    String READ_ANSWER = ANSWER + ", revision, paper, marks_given, marks_of";

    // Told column by column, as below.
    @Results(id = "answer")
    @ConstructorArgs({
        @Arg(column = "pupil_id", javaType = PupilId.class),
        @Arg(column = "question", javaType = int.class),
        @Arg(column = "state", javaType = AnswerState.class),
        @Arg(column = "given", javaType = String.class),
        @Arg(column = "typed", javaType = String.class),
        @Arg(column = "correction", javaType = String.class),
        @Arg(column = "how", javaType = String.class),
        @Arg(column = "cause", javaType = String.class),
        @Arg(column = "revision", javaType = int.class),
        @Arg(column = "paper", javaType = String.class),
        @Arg(column = "marks_given", javaType = Integer.class),
        @Arg(column = "marks_of", javaType = Integer.class)
    })
    @Select("select " + READ_ANSWER + " from marked_answer where marking_id = #{markingId} order by pupil_id, question")
    List<MarkedAnswer> answers(MarkingId markingId);

    @ResultMap("answer")
    @Select("select " + READ_ANSWER
            + " from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} order by question")
    List<MarkedAnswer> answersOf(MarkingId markingId, PupilId pupilId);

    @Select("select " + READ_ANSWER + " from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} "
            + "and question = #{question}")
    Optional<MarkedAnswer> answer(MarkingId markingId, PupilId pupilId, int question);

    /**
     * Keeps an answer over what was there before; each change takes the next revision, which no answer to that question had before, and waits to be judged.
     *
     * @return the revision
     */
    @Select(value = "select revision from final table (merge into marked_answer a using (values (cast(#{markingId} as bigint), "
            + "cast(#{a.pupilId} as bigint), cast(#{a.question} as int))) as at (marking_id, pupil_id, question) on "
            + "a.marking_id = at.marking_id and a.pupil_id = at.pupil_id and a.question = at.question when matched then update set "
            + "state = #{a.state}, given = #{a.given}, typed = #{a.typed}, correction = #{a.correction}, how = #{a.how}, cause = #{a.cause,jdbcType=VARCHAR}, "
            + "verdict = #{verdict}, presumed = null, fact = null, paper = null, marks_given = null, marks_of = null, "
            + "unjudged = true, revision = a.revision + 1 when not matched then insert "
            + "(marking_id, " + ANSWER
            + ", verdict, unjudged, revision) values (#{markingId}, #{a.pupilId}, #{a.question}, #{a.state}, "
            + "#{a.given}, #{a.typed}, #{a.correction}, #{a.how}, #{a.cause,jdbcType=VARCHAR}, #{verdict}, true, 1 + "
            + LAST_REVISION + "))", affectData = true)
    @Options(useCache = false, flushCache = FlushCachePolicy.TRUE)
    int keepAnswer(@Param("markingId") MarkingId markingId, @Param("a") MarkedAnswer answer,
            @Param("verdict") AnswerVerdict verdict);

    /** Keeps what a teacher decided it is; how it was judged stays beside it. */
    @Update("update marked_answer set cause = #{cause,jdbcType=VARCHAR}, revision = revision + 1 "
            + "where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{question}")
    void decide(MarkingId markingId, PupilId pupilId, int question, @Nullable String cause);

    /** The papers on which something waits to be judged. */
    @Select("select distinct m.teacher_id, a.marking_id, a.pupil_id from marked_answer a join live_marking m on m.id = a.marking_id "
            + "where a.unjudged order by a.marking_id, a.pupil_id")
    List<UnjudgedPaper> unjudged();

    /** Papers of a pile on which something is wrong, and nothing of it has a cause, wait to be judged. */
    @Update("""
            update marked_answer a set unjudged = true where marking_id = #{markingId} and verdict = 'wrong' and not exists
            (select 1 from marked_answer b where b.marking_id = a.marking_id and b.pupil_id = a.pupil_id
            and (b.cause is not null or b.presumed is not null))""")
    void letThoseWithoutCauseWait(MarkingId markingId);

    /** Keeps the marks that a teacher gives for a working. */
    @Update("update marked_answer set marks_given = #{given}, marks_of = #{of}, revision = revision + 1 "
            + "where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{question}")
    void giveMarks(MarkingId markingId, PupilId pupilId, int question, int given, int of);

    /** Notes the marks of the paper on which an answer was worked, and what it fits where that is wrong; it waits to be judged by that too. */
    @Update("update marked_answer set paper = case when verdict = 'wrong' then cast(#{t.slip,jdbcType=VARCHAR} as varchar(60)) end, "
            + "marks_given = #{t.marksGiven,jdbcType=INTEGER}, marks_of = #{t.marksOf,jdbcType=INTEGER}, unjudged = true "
            + "where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{t.question} and typed = #{t.given}")
    void notePaper(@Param("markingId") MarkingId markingId, @Param("pupilId") PupilId pupilId,
            @Param("t") TakenAnswer taken);

    /** An answer with the sheets it may stand on. */
    record WorkRow(PupilId pupilId, MarkingId markingId, String sheet, int question, AnswerState state, String given,
            String typed, String correction,
            String how, @Nullable String cause, @Nullable AnswerVerdict verdict, @Nullable String presumed,
            @Nullable String fact) {
        /** What the answer means; as it was typed where that is no number. */
        public String said() {
            return MarkedAnswer.said(given, typed);
        }
    }

    // Told column by column: a class has thousands of rows, and finding each column by its name takes longer than reading it.
    @ConstructorArgs({
        @Arg(column = "pupil_id", javaType = PupilId.class),
        @Arg(column = "marking_id", javaType = MarkingId.class),
        @Arg(column = "sheet", javaType = String.class),
        @Arg(column = "question", javaType = int.class),
        @Arg(column = "state", javaType = AnswerState.class),
        @Arg(column = "given", javaType = String.class),
        @Arg(column = "typed", javaType = String.class),
        @Arg(column = "correction", javaType = String.class),
        @Arg(column = "how", javaType = String.class),
        @Arg(column = "cause", javaType = String.class),
        @Arg(column = "verdict", javaType = AnswerVerdict.class),
        @Arg(column = "presumed", javaType = String.class),
        @Arg(column = "fact", javaType = String.class)
    })
    @Select("<script>select a.pupil_id, a.marking_id, p.sheet, a.question, a.state, a.given, a.typed, a.correction, a.how, a.cause, a.verdict, "
            + "a.presumed, a.fact from marked_answer a join marking m on m.id = a.marking_id left join marked_paper p "
            + "on p.marking_id = a.marking_id and p.pupil_id = a.pupil_id where m.deleted_at is null and a.pupil_id in "
            + "<foreach collection='pupilIds' item='id' open='(' separator=',' close=')'>#{id}</foreach> "
            + "order by m.worked_on, m.id, a.question</script>")
    List<WorkRow> work(@Param("pupilIds") Collection<PupilId> pupilIds);

    @Select("select count(*) from marked_answer where pupil_id = #{pupilId}")
    int countOfPupil(PupilId pupilId);

    @Select("<script>select " + COLUMNS + " from marking where id in "
            + "<foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}</foreach></script>")
    List<StoredMarking> named(@Param("ids") Collection<MarkingId> ids);

    /** Puts answers that are judged already into a new marking. */
    @Insert("<script>insert into marked_answer (marking_id, pupil_id, question, state, given, typed, correction, how, cause, verdict, "
            + "presumed, fact) values <foreach collection='answers' item='a' separator=','>(#{markingId}, #{a.pupilId}, #{a.question}, "
            + "#{a.state}, #{a.given}, #{a.given}, #{a.correction}, #{a.how}, #{a.cause,jdbcType=VARCHAR}, #{a.verdict}, #{a.presumed,jdbcType=VARCHAR}, "
            + "#{a.fact,jdbcType=VARCHAR})</foreach></script>")
    void keepJudged(@Param("markingId") MarkingId markingId, @Param("answers") List<JudgedAnswer> answers);

    /** Notes the revision of an answer that is about to be taken out. */
    @Update("merge into taken_out_answer key (marking_id, pupil_id, question) select marking_id, pupil_id, question, revision "
            + "from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{question}")
    void noteRevision(MarkingId markingId, PupilId pupilId, int question);

    /** Takes an answer out; one that is typed there anew goes on from its revision. */
    default void takeOut(MarkingId markingId, PupilId pupilId, int question) {
        noteRevision(markingId, pupilId, question);
        removeAnswer(markingId, pupilId, question);
    }

    @Delete("delete from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{question}")
    void removeAnswer(MarkingId markingId, PupilId pupilId, int question);

    /** Removes an answer that stands there just as it was taken in. */
    @Delete("delete from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId} and question = #{question} "
            + "and typed = #{given} and correction = '' and cause is null and state <> 'right'")
    void removeTaken(MarkingId markingId, PupilId pupilId, int question, String given);
}
