package bemble.server.progress;

import bemble.core.problem.Operation;
import bemble.core.progress.Place;
import bemble.core.progress.Quiz;
import bemble.core.progress.State;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** What is kept of pupils, row by row. */
@Mapper
interface KeptMapper {
    String OF_THESE =
            "where pupil_id in <foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}</foreach>";

    /** Pupils of a teacher whose kept record is missing or old. */
    record Stale(PupilId pupilId, TeacherId teacherId, long changes) {}

    @Select("<script>select p.id as pupil_id, c.teacher_id, coalesce(a.changes, 0) as changes from pupil p join school_class c on c.id = p.class_id "
            + "left join answer_change a on a.pupil_id = p.id left join kept_pupil k on k.pupil_id = p.id "
            + "where (k.pupil_id is null or k.changes &lt;&gt; coalesce(a.changes, 0) or k.made_by &lt;&gt; #{madeBy} "
            + "or k.good_until &lt;= #{today}) "
            + "<if test='ids != null'>and p.id in <foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}</foreach></if> "
            + "order by p.id</script>")
    List<Stale> stale(@Param("ids") @Nullable Collection<PupilId> ids, @Param("madeBy") int madeBy,
            @Param("today") LocalDate today);

    /**
     * Which working out of a pupil's record this is; another one has another.
     *
     * @param due whether it is to be worked out again
     */
    record Version(PupilId pupilId, long changes, LocalDate goodUntil, boolean due) {}

    // The ids are joined: a long list of them would be gone through for each pupil.
    @Select("select p.id as pupil_id, coalesce(k.changes, 0) as changes, k.good_until, case when k.pupil_id is null "
            + "or k.changes <> coalesce(a.changes, 0) or k.made_by <> #{madeBy} or k.good_until <= #{today} then true else false end as due "
            + "from unnest(cast(#{ids,typeHandler=org.apache.ibatis.type.ArrayTypeHandler} as bigint array)) as wanted (id) "
            + "join pupil p on p.id = wanted.id left join answer_change a on a.pupil_id = p.id left join kept_pupil k on k.pupil_id = p.id")
    List<Version> versions(@Param("ids") Long[] ids, @Param("madeBy") int madeBy, @Param("today") LocalDate today);

    /** Takes the row of a pupil's record, so that nobody else writes it meanwhile. */
    @Update("merge into kept_pupil (pupil_id, changes, made_by, good_until) key (pupil_id) values (#{pupilId}, #{changes}, #{madeBy}, "
            + "#{goodUntil,jdbcType=DATE})")
    void take(@Param("pupilId") PupilId pupilId, @Param("changes") long changes, @Param("madeBy") int madeBy,
            @Param("goodUntil") @Nullable LocalDate goodUntil);

    @Delete("delete from kept_place where pupil_id = #{pupilId}")
    void clearPlaces(PupilId pupilId);

    @Delete("delete from kept_slip where pupil_id = #{pupilId}")
    void clearSlips(PupilId pupilId);

    @Delete("delete from kept_slip_week where pupil_id = #{pupilId}")
    void clearWeeks(PupilId pupilId);

    @Delete("delete from kept_fact where pupil_id = #{pupilId}")
    void clearFacts(PupilId pupilId);

    @Delete("delete from kept_pupil")
    void clear();

    /** A place as it is stored. */
    record PlaceRow(PupilId pupilId, String rung, String state, @Nullable LocalDate since, @Nullable LocalDate dueOn,
            @Nullable String shows,
            int right, int of,
            @Nullable LocalDate quizDay,
            @Nullable Integer quizRight, @Nullable Integer quizOf, @Nullable Integer quizPass,
            @Nullable String quizSlip, boolean due) {
        static PlaceRow of(PupilId pupilId, String rung, Place place) {
            Quiz quiz = place.quiz();
            return new PlaceRow(pupilId, rung, place.state().name(), place.since(), place.dueOn(), place.shows(),
                    place.right(),
                    place.of(),
                    quiz == null ? null : quiz.day(), quiz == null ? null : quiz.right(),
                    quiz == null ? null : quiz.of(),
                    quiz == null ? null : quiz.passMark(), quiz == null ? null : quiz.slip(), place.due());
        }

        private @Nullable Quiz quiz() {
            return quizDay == null || quizRight == null || quizOf == null || quizPass == null ? null
                    : new Quiz(quizDay, quizRight, quizOf, quizPass, quizSlip);
        }

        Place place() {
            return new Place(State.valueOf(state), since, dueOn, shows, right, of,
                    quiz(), due);
        }
    }

    @Insert("<script>insert into kept_place (pupil_id, rung, state, since_day, due_on, shows, right_answers, answers, quiz_day, "
            + "quiz_right, quiz_of, quiz_pass, quiz_slip, due) values <foreach collection='rows' item='r' separator=','>(#{r.pupilId}, #{r.rung}, #{r.state}, "
            + "#{r.since,jdbcType=DATE}, #{r.dueOn,jdbcType=DATE}, #{r.shows,jdbcType=VARCHAR}, #{r.right}, #{r.of}, #{r.quizDay,jdbcType=DATE}, "
            + "#{r.quizRight,jdbcType=INTEGER}, #{r.quizOf,jdbcType=INTEGER}, #{r.quizPass,jdbcType=INTEGER}, "
            + "#{r.quizSlip,jdbcType=VARCHAR}, #{r.due})</foreach></script>")
    void keepPlaces(@Param("rows") List<PlaceRow> rows);

    // Told column by column: there are thousands of rows, and finding each column by its name takes longer than reading it.
    @ConstructorArgs({
        @Arg(column = "pupil_id", javaType = PupilId.class), @Arg(column = "rung", javaType = String.class),
        @Arg(column = "state", javaType = String.class), @Arg(column = "since_day", javaType = LocalDate.class),
        @Arg(column = "due_on", javaType = LocalDate.class),
        @Arg(column = "shows", javaType = String.class), @Arg(column = "right_answers", javaType = int.class),
        @Arg(column = "answers", javaType = int.class), @Arg(column = "quiz_day", javaType = LocalDate.class),
        @Arg(column = "quiz_right", javaType = Integer.class), @Arg(column = "quiz_of", javaType = Integer.class),
        @Arg(column = "quiz_pass", javaType = Integer.class), @Arg(column = "quiz_slip", javaType = String.class),
        @Arg(column = "due", javaType = boolean.class)
    })
    @Select("<script>select * from kept_place " + OF_THESE + "</script>")
    List<PlaceRow> places(@Param("ids") Collection<PupilId> ids);

    /** A slip as it is stored, without its weeks. */
    record SlipRow(PupilId pupilId, Operation operation, String slip, @Nullable LocalDate lastSeen, int since,
            boolean confirmed) {}

    @Insert("<script>insert into kept_slip values <foreach collection='rows' item='r' separator=','>(#{r.pupilId}, #{r.operation}, #{r.slip}, "
            + "#{r.lastSeen}, #{r.since}, #{r.confirmed})</foreach></script>")
    void keepSlips(@Param("rows") List<SlipRow> rows);

    @Select("<script>select pupil_id, operation, slip, last_seen, since, confirmed from kept_slip " + OF_THESE
            + "</script>")
    List<SlipRow> slips(@Param("ids") Collection<PupilId> ids);

    record WeekRow(PupilId pupilId, Operation operation, String slip, LocalDate monday, int seen, int answers) {}

    @Insert("<script>insert into kept_slip_week values <foreach collection='rows' item='r' separator=','>(#{r.pupilId}, #{r.operation}, "
            + "#{r.slip}, #{r.monday}, #{r.seen}, #{r.answers})</foreach></script>")
    void keepWeeks(@Param("rows") List<WeekRow> rows);

    @ConstructorArgs({
        @Arg(column = "pupil_id", javaType = PupilId.class), @Arg(column = "operation", javaType = Operation.class),
        @Arg(column = "slip", javaType = String.class), @Arg(column = "monday", javaType = LocalDate.class),
        @Arg(column = "seen", javaType = int.class), @Arg(column = "answers", javaType = int.class)
    })
    @Select("<script>select * from kept_slip_week " + OF_THESE + " order by monday</script>")
    List<WeekRow> weeks(@Param("ids") Collection<PupilId> ids);

    record FactRow(PupilId pupilId, String fact, int times) {}

    @Insert("<script>insert into kept_fact values <foreach collection='rows' item='r' separator=','>(#{r.pupilId}, #{r.fact}, #{r.times})"
            + "</foreach></script>")
    void keepFacts(@Param("rows") List<FactRow> rows);

    @Select("<script>select pupil_id, fact, times from kept_fact " + OF_THESE + "</script>")
    List<FactRow> facts(@Param("ids") Collection<PupilId> ids);
}
