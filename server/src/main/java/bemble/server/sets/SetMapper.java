package bemble.server.sets;

import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Sets with their revisions; every query names its teacher. */
@Mapper
interface SetMapper {
    String COLUMNS = "id, title, tag, content, changed_at, archived, revision";
    String MINE = " where teacher_id = #{teacherId} and deleted_at is null";

    @Select("select " + COLUMNS + " from practice_set" + MINE + " and archived = #{archived} "
            + "and words like #{pattern} escape '!' order by changed_at desc, id desc")
    List<StoredSet> search(TeacherId teacherId, String pattern, boolean archived);

    @Select("select " + COLUMNS + " from practice_set" + MINE + " and id = #{id}")
    Optional<StoredSet> find(TeacherId teacherId, SetId id);

    @Select(value = "select " + COLUMNS
            + " from final table (insert into practice_set (teacher_id, title, tag, content, "
            + "words, changed_at) values (#{teacherId}, #{title}, #{tag}, #{content}, #{words}, #{now}))", affectData = true)
    StoredSet add(TeacherId teacherId, String title, String tag, String content, String words, OffsetDateTime now);

    @Update("update practice_set set title = #{title}, tag = #{tag}, content = #{content}, words = #{words}, "
            + "changed_at = #{now}, revision = revision + 1" + MINE
            + " and id = #{id} and revision = coalesce(#{revision,jdbcType=INTEGER}, revision)")
    int change(TeacherId teacherId, SetId id, Integer revision, String title, String tag, String content, String words,
            OffsetDateTime now);

    @Update("update practice_set set archived = #{archived}" + MINE + " and id = #{id}")
    int archive(TeacherId teacherId, SetId id, boolean archived);

    /** The codes under which pupils write a set at screens just now. */
    @Select("select code from live_session where set_id = #{id} and ended_at is null")
    List<String> openAtScreens(SetId id);

    @Update("update practice_set set deleted_at = #{now}" + MINE + " and id = #{id}")
    int delete(TeacherId teacherId, SetId id, OffsetDateTime now);

    @Update("update practice_set set deleted_at = null where teacher_id = #{teacherId} and id = #{id}")
    int restore(TeacherId teacherId, SetId id);
}
