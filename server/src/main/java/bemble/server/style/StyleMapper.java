package bemble.server.style;

import bemble.server.ids.TeacherId;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** House styles as JSON, a row a teacher. */
@Mapper
interface StyleMapper {
    @Select("select choices from house_style where teacher_id = #{teacherId}")
    Optional<String> find(TeacherId teacherId);

    /** Makes a row where there is none, so that there is something to lock. */
    @Update("insert into house_style (teacher_id, choices) select #{teacherId}, #{choices} "
            + "where not exists (select 1 from house_style where teacher_id = #{teacherId})")
    void begin(TeacherId teacherId, String choices);

    @Select("select choices from house_style where teacher_id = #{teacherId} for update")
    @Options(useCache = false, flushCache = Options.FlushCachePolicy.TRUE)
    String lock(TeacherId teacherId);

    @Update("merge into house_style (teacher_id, choices) key (teacher_id) values (#{teacherId}, #{choices})")
    void save(TeacherId teacherId, String choices);
}
