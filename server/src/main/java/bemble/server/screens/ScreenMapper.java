package bemble.server.screens;

import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Sessions and places; a session has a teacher, and pupils come to it by its code. */
@Mapper
interface ScreenMapper {
    String SESSION =
            "id, teacher_id, class_id, marking_id, code, title, problems, led, asks_digits, opened_at, ended_at, set_id";
    String PLACE =
            "session_id, pupil_id, digits, run, seen_at, at_question, begun, handed_in_at, device, other_device_at";

    String MATCHES =
            "teacher_id = #{teacherId} and class_id = coalesce(#{classId,jdbcType=BIGINT}, class_id) and words like #{pattern} escape '!'";

    /** A session in the list of them, with how many have come in, handed in, and places there are. */
    record Line(SessionId id, String title, String className, String code, OffsetDateTime openedAt,
            OffsetDateTime endedAt,
            int cameIn,
            int handedIn, int places) {}

    @Select("select id, title, class_name, code, opened_at, ended_at, "
            + "(select count(*) from screen_place p where p.session_id = live_session.id and p.run is not null) as came_in, "
            + "(select count(*) from screen_place p where p.session_id = live_session.id and p.handed_in_at is not null) as handed_in, "
            + "(select count(*) from screen_place p where p.session_id = live_session.id) as places "
            + "from live_session where " + MATCHES
            + " order by opened_at desc, id desc offset #{offset} rows fetch first #{most} rows only")
    List<Line> search(TeacherId teacherId, ClassId classId, String pattern, int offset, int most);

    @Select("select count(*) from live_session where " + MATCHES)
    int count(TeacherId teacherId, ClassId classId, String pattern);

    @Select("select count(*) from live_session where teacher_id = #{teacherId} and ended_at is null")
    int countOpen(TeacherId teacherId);

    @Select("select " + SESSION + " from live_session where teacher_id = #{teacherId} and id = #{id}")
    Optional<StoredSession> find(TeacherId teacherId, SessionId id);

    @Select("select " + SESSION + " from screen_session where id = #{id}")
    Optional<StoredSession> byId(SessionId id);

    @Select("select " + SESSION + " from live_session where code = #{code} and ended_at is null")
    Optional<StoredSession> open(String code);

    @Select(value = "select " + SESSION
            + " from final table (insert into screen_session (teacher_id, class_id, marking_id, code, title, "
            + "problems, led, asks_digits, opened_at, set_id) values (#{teacherId}, #{classId}, #{markingId}, #{code}, #{title}, #{problems}, "
            + "#{led}, #{asksDigits}, #{openedAt}, #{setId,jdbcType=BIGINT}))", affectData = true)
    StoredSession add(StoredSession session);

    @Update("update screen_session set ended_at = #{at,jdbcType=TIMESTAMP_WITH_TIMEZONE} where teacher_id = #{teacherId} and id = #{id}")
    int end(TeacherId teacherId, SessionId id, @Nullable OffsetDateTime at);

    @Select("select " + PLACE + " from screen_place where session_id = #{sessionId}")
    List<StoredPlace> places(SessionId sessionId);

    @Select("select " + PLACE + " from screen_place where session_id = #{sessionId} and pupil_id = #{pupilId}")
    Optional<StoredPlace> place(SessionId sessionId, PupilId pupilId);

    @Select("select " + PLACE
            + " from screen_place where session_id = #{sessionId} and pupil_id = #{pupilId} for update")
    Optional<StoredPlace> take(SessionId sessionId, PupilId pupilId);

    /** All places of a session, kept from others for the rest of the transaction, always in one order. */
    @Select("select " + PLACE + " from screen_place where session_id = #{sessionId} order by pupil_id for update")
    List<StoredPlace> takeAll(SessionId sessionId);

    /** What matters of a session to who writes in it. */
    record OpenTo(TeacherId teacherId, OffsetDateTime endedAt) {}

    @Select("select teacher_id, ended_at from live_session where id = #{sessionId}")
    Optional<OpenTo> openTo(SessionId sessionId);

    /** Another device tried to write under a name. */
    @Update("update screen_place set other_device_at = #{at} where session_id = #{sessionId} and pupil_id = #{pupilId}")
    void otherDevice(SessionId sessionId, PupilId pupilId, OffsetDateTime at);

    /** A place whose papers are handed in and not in their pile yet. */
    record Handed(SessionId sessionId, PupilId pupilId) {}

    @Select("select session_id, pupil_id from screen_place where handed_in_at is not null and taken_at is null")
    List<Handed> toTakeIn();

    @Select("select count(*) > 0 from screen_place where session_id = #{sessionId} and pupil_id = #{pupilId} and taken_at is not null")
    boolean isTaken(SessionId sessionId, PupilId pupilId);

    @Update("update screen_place set taken_at = #{at} where session_id = #{sessionId} and pupil_id = #{pupilId} and handed_in_at is not null")
    void taken(SessionId sessionId, PupilId pupilId, OffsetDateTime at);

    @Insert("insert into screen_place (session_id, pupil_id, digits, begun) values (#{sessionId}, #{pupilId}, #{digits}, '')")
    void addPlace(SessionId sessionId, PupilId pupilId, String digits);

    @Update("update screen_place set run = #{p.run,jdbcType=VARCHAR}, seen_at = #{p.seenAt,jdbcType=TIMESTAMP_WITH_TIMEZONE}, "
            + "at_question = #{p.atQuestion,jdbcType=INTEGER}, begun = #{p.begun}, "
            + "taken_at = case when handed_in_at = #{p.handedInAt,jdbcType=TIMESTAMP_WITH_TIMEZONE} then taken_at end, "
            + "handed_in_at = #{p.handedInAt,jdbcType=TIMESTAMP_WITH_TIMEZONE}, device = #{p.device,jdbcType=VARCHAR}, "
            + "other_device_at = #{p.otherDeviceAt,jdbcType=TIMESTAMP_WITH_TIMEZONE} "
            + "where session_id = #{p.sessionId} and pupil_id = #{p.pupilId}")
    void change(@Param("p") StoredPlace place);
}
