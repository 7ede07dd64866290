package bemble.server.screens;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Sessions and places; a session has a teacher, and pupils come to it by its code. */
@Mapper
interface ScreenMapper {
    String SESSION = "id, teacher_id, class_id, marking_id, code, title, problems, led, asks_digits, opened_at, ended_at";
    String PLACE = "session_id, pupil_id, digits, run, seen_at, at_question, begun, handed_in_at";

    @Select("select " + SESSION + " from screen_session where teacher_id = #{teacherId} order by opened_at desc, id desc "
            + "fetch first 50 rows only")
    List<StoredSession> all(long teacherId);

    @Select("select " + SESSION + " from screen_session where teacher_id = #{teacherId} and id = #{id}")
    Optional<StoredSession> find(long teacherId, long id);

    @Select("select " + SESSION + " from screen_session where id = #{id}")
    Optional<StoredSession> byId(long id);

    @Select("select " + SESSION + " from screen_session where code = #{code} and ended_at is null")
    Optional<StoredSession> open(String code);

    @Select(value = "select " + SESSION + " from final table (insert into screen_session (teacher_id, class_id, marking_id, code, title, "
            + "problems, led, asks_digits, opened_at) values (#{teacherId}, #{classId}, #{markingId}, #{code}, #{title}, #{problems}, "
            + "#{led}, #{asksDigits}, #{openedAt}))", affectData = true)
    StoredSession add(StoredSession session);

    @Update("update screen_session set ended_at = #{at,jdbcType=TIMESTAMP_WITH_TIMEZONE} where teacher_id = #{teacherId} and id = #{id}")
    int end(long teacherId, long id, OffsetDateTime at);

    @Select("select " + PLACE + " from screen_place where session_id = #{sessionId}")
    List<StoredPlace> places(long sessionId);

    @Select("select " + PLACE + " from screen_place where session_id = #{sessionId} and pupil_id = #{pupilId}")
    Optional<StoredPlace> place(long sessionId, long pupilId);

    @Select("select " + PLACE + " from screen_place where session_id = #{sessionId} and pupil_id = #{pupilId} for update")
    Optional<StoredPlace> take(long sessionId, long pupilId);

    /** A pupil's place with what matters of its session. */
    record Seat(long teacherId, String run, String digits, String begun, OffsetDateTime handedInAt, OffsetDateTime endedAt) {}

    @Select("select s.teacher_id, p.run, p.digits, p.begun, p.handed_in_at, s.ended_at from screen_place p join screen_session s "
            + "on s.id = p.session_id where p.session_id = #{sessionId} and p.pupil_id = #{pupilId} and p.run is not null")
    Optional<Seat> seat(long sessionId, long pupilId);

    @Update("update screen_place set seen_at = #{seenAt}, at_question = #{question}, begun = #{begun} "
            + "where session_id = #{sessionId} and pupil_id = #{pupilId}")
    void wrote(@Param("sessionId") long sessionId, @Param("pupilId") long pupilId, @Param("seenAt") OffsetDateTime seenAt,
            @Param("question") int question, @Param("begun") String begun);

    @Insert("insert into screen_place (session_id, pupil_id, digits, begun) values (#{sessionId}, #{pupilId}, #{digits}, '')")
    void addPlace(long sessionId, long pupilId, String digits);

    @Update("update screen_place set run = #{p.run,jdbcType=VARCHAR}, seen_at = #{p.seenAt,jdbcType=TIMESTAMP_WITH_TIMEZONE}, "
            + "at_question = #{p.atQuestion,jdbcType=INTEGER}, begun = #{p.begun}, "
            + "handed_in_at = #{p.handedInAt,jdbcType=TIMESTAMP_WITH_TIMEZONE} "
            + "where session_id = #{p.sessionId} and pupil_id = #{p.pupilId}")
    void change(@Param("p") StoredPlace place);
}
