package bemble.server.style;

import bemble.server.ids.TeacherId;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Preferences as JSON, a row a teacher. */
@Mapper
interface PreferencesMapper {
    @Select("select content from teacher_preference where teacher_id = #{teacherId}")
    Optional<String> find(TeacherId teacherId);

    /** Makes a row where there is none, so that there is something to lock. */
    @Update("insert into teacher_preference (teacher_id, content) select #{teacherId}, #{content} "
            + "where not exists (select 1 from teacher_preference where teacher_id = #{teacherId})")
    void begin(TeacherId teacherId, String content);

    @Select("select content from teacher_preference where teacher_id = #{teacherId} for update")
    @Options(useCache = false, flushCache = Options.FlushCachePolicy.TRUE)
    String lock(TeacherId teacherId);

    @Update("update teacher_preference set content = #{content} where teacher_id = #{teacherId}")
    void save(TeacherId teacherId, String content);
}
