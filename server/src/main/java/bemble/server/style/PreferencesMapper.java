package bemble.server.style;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface PreferencesMapper {
    @Select("select content from teacher_preference where teacher_id = #{teacherId}")
    Optional<String> find(long teacherId);

    @Update("merge into teacher_preference (teacher_id, content) key (teacher_id) values (#{teacherId}, #{content})")
    void save(long teacherId, String content);
}
